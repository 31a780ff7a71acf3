-- What the clinic knows is only ever added to: an examination signed earlier is read with what stood then.
CREATE TRIGGER `evidence_overrides_never_change` BEFORE UPDATE ON `evidence_overrides`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `evidence_overrides_never_removed` BEFORE DELETE ON `evidence_overrides`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `own_priors_never_change` BEFORE UPDATE ON `own_priors`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `own_priors_never_removed` BEFORE DELETE ON `own_priors`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `own_rules_never_change` BEFORE UPDATE ON `own_rules`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `own_rules_never_removed` BEFORE DELETE ON `own_rules`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `settings_never_change` BEFORE UPDATE ON `settings`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `settings_never_removed` BEFORE DELETE ON `settings`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never removed');
END;
