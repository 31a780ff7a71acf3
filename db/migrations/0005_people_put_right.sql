CREATE TABLE `person_changes` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`kind` text NOT NULL,
	`why` text NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
-- What was put right stays on record as it was entered.
CREATE TRIGGER `person_changes_never_change` BEFORE UPDATE ON `person_changes`
BEGIN
	SELECT RAISE(ABORT, 'what was put right is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `person_changes_never_removed` BEFORE DELETE ON `person_changes`
BEGIN
	SELECT RAISE(ABORT, 'what was put right is never removed');
END;
