CREATE TABLE `accounts` (
	`id` text PRIMARY KEY NOT NULL,
	`login` text NOT NULL,
	`role` text NOT NULL,
	`password` text,
	`pin` text,
	`totp` text,
	`totp_used` integer DEFAULT 0 NOT NULL,
	`recovery` text DEFAULT '[]' NOT NULL,
	`invitation` text,
	`invited_until` integer,
	`open` integer DEFAULT true NOT NULL,
	`made_at` integer NOT NULL,
	FOREIGN KEY (`id`) REFERENCES `practitioners`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `accounts_login_unique` ON `accounts` (`login`);--> statement-breakpoint
CREATE TABLE `clinic` (
	`id` text PRIMARY KEY NOT NULL,
	`demo` integer NOT NULL,
	`made_at` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `entrusted` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`exam` text NOT NULL,
	`student` text NOT NULL,
	`ended` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `imports` (
	`exam` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`file` text NOT NULL,
	`authors` text NOT NULL,
	`entries` integer NOT NULL,
	FOREIGN KEY (`exam`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`account` text NOT NULL,
	`made_at` integer NOT NULL,
	`seen_at` integer NOT NULL,
	`locked` integer DEFAULT false NOT NULL,
	`half` integer NOT NULL,
	`tries` integer DEFAULT 0 NOT NULL,
	`address` text NOT NULL,
	`device` text NOT NULL,
	FOREIGN KEY (`account`) REFERENCES `accounts`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `sessions_account` ON `sessions` (`account`);--> statement-breakpoint
CREATE TABLE `trail` (
	`n` integer PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	`who` text NOT NULL,
	`what` text NOT NULL,
	`about` text NOT NULL,
	`address` text NOT NULL,
	`more` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `trail_about` ON `trail` (`about`);--> statement-breakpoint
CREATE TABLE `erasures` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`person` text NOT NULL,
	`why` text NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `seals` (
	`n` integer PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	`kind` text NOT NULL,
	`row` text NOT NULL,
	`content` text NOT NULL,
	`previous_hash` text NOT NULL,
	`hash` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `seals_row` ON `seals` (`kind`,`row`);--> statement-breakpoint
ALTER TABLE `people` ADD `salt` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `person_changes` ADD `salt` text DEFAULT '' NOT NULL;
--> statement-breakpoint
-- The first link names nothing; every later one is written by a trigger, so that no program and no other hand adds a row beside the chain.
INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
SELECT 0, `at`, 'seals', '', '', '', seal_link('', json_array(0, `at`, 'seals', '', '')) FROM (SELECT CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`);
--> statement-breakpoint
CREATE TRIGGER `clinic_sealed` AFTER INSERT ON `clinic`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'clinic', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'clinic', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`demo`, NEW.`made_at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `clinic_sealed_anew` AFTER UPDATE ON `clinic`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'clinic', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'clinic', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`demo`, NEW.`made_at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `practitioners_sealed` AFTER INSERT ON `practitioners`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'practitioners', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'practitioners', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`name`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `practitioners_sealed_anew` AFTER UPDATE ON `practitioners`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'practitioners', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'practitioners', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`name`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `people_sealed` AFTER INSERT ON `people`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'people', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'people', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`number`, NEW.`name`, NEW.`born`, NEW.`work`, NEW.`added_at`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `people_sealed_anew` AFTER UPDATE ON `people`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'people', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'people', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`number`, NEW.`name`, NEW.`born`, NEW.`work`, NEW.`added_at`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `exams_sealed` AFTER INSERT ON `exams`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exams', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exams', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`person_id`, NEW.`at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `exams_sealed_anew` AFTER UPDATE ON `exams`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exams', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exams', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`person_id`, NEW.`at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `exam_events_sealed` AFTER INSERT ON `exam_events`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exam_events', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exam_events', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`exam_id`, NEW.`seq`, NEW.`id`, NEW.`event`, NEW.`previous_hash`, NEW.`hash`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `evidence_overrides_sealed` AFTER INSERT ON `evidence_overrides`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'evidence_overrides', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'evidence_overrides', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`row`, NEW.`figures`, NEW.`source`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `own_priors_sealed` AFTER INSERT ON `own_priors`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'own_priors', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'own_priors', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`line`, NEW.`setting`, NEW.`p`, NEW.`source`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `own_rules_sealed` AFTER INSERT ON `own_rules`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'own_rules', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'own_rules', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`rule`, NEW.`withdrawn`, NEW.`content`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `settings_sealed` AFTER INSERT ON `settings`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'settings', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'settings', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`key`, NEW.`value`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `person_changes_sealed` AFTER INSERT ON `person_changes`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'person_changes', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'person_changes', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`kind`, NEW.`why`, NEW.`content`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `accounts_sealed` AFTER INSERT ON `accounts`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'accounts', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'accounts', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`login`, NEW.`role`, NEW.`password`, NEW.`open`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `accounts_sealed_anew` AFTER UPDATE OF `login`, `role`, `password`, `open` ON `accounts`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'accounts', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'accounts', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`login`, NEW.`role`, NEW.`password`, NEW.`open`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `entrusted_sealed` AFTER INSERT ON `entrusted`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'entrusted', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'entrusted', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`exam`, NEW.`student`, NEW.`ended`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `trail_sealed` AFTER INSERT ON `trail`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'trail', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'trail', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, CAST(NEW.`n` AS TEXT) AS `row`, seal_content(json_array(NEW.`n`, NEW.`at`, NEW.`who`, NEW.`what`, NEW.`about`, NEW.`address`, NEW.`more`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `imports_sealed` AFTER INSERT ON `imports`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'imports', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'imports', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`exam` AS `row`, seal_content(json_array(NEW.`exam`, NEW.`by`, NEW.`at`, NEW.`file`, NEW.`authors`, NEW.`entries`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `erasures_sealed` AFTER INSERT ON `erasures`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'erasures', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'erasures', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`person`, NEW.`why`, NEW.`content`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
-- What was recorded before the chain: each row is put under it as it stands.
INSERT INTO `clinic` (`id`, `demo`, `made_at`) SELECT seal_new_id(), EXISTS (SELECT 1 FROM `practitioners` WHERE `id` = 'maren-oake'), CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER);
--> statement-breakpoint
UPDATE `practitioners` SET `name` = `name`;
--> statement-breakpoint
UPDATE `people` SET `salt` = lower(hex(randomblob(16)));
--> statement-breakpoint
UPDATE `exams` SET `at` = `at`;
--> statement-breakpoint
DROP TRIGGER `exam_events_never_change`;
--> statement-breakpoint
CREATE TRIGGER `exam_events_sealed_once` AFTER UPDATE ON `exam_events`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exam_events', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exam_events', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`exam_id`, NEW.`seq`, NEW.`id`, NEW.`event`, NEW.`previous_hash`, NEW.`hash`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
UPDATE `exam_events` SET `seq` = `seq`;
--> statement-breakpoint
DROP TRIGGER `exam_events_sealed_once`;
--> statement-breakpoint
DROP TRIGGER `evidence_overrides_never_change`;
--> statement-breakpoint
CREATE TRIGGER `evidence_overrides_sealed_once` AFTER UPDATE ON `evidence_overrides`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'evidence_overrides', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'evidence_overrides', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`row`, NEW.`figures`, NEW.`source`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
UPDATE `evidence_overrides` SET `at` = `at`;
--> statement-breakpoint
DROP TRIGGER `evidence_overrides_sealed_once`;
--> statement-breakpoint
DROP TRIGGER `own_priors_never_change`;
--> statement-breakpoint
CREATE TRIGGER `own_priors_sealed_once` AFTER UPDATE ON `own_priors`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'own_priors', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'own_priors', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`line`, NEW.`setting`, NEW.`p`, NEW.`source`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
UPDATE `own_priors` SET `at` = `at`;
--> statement-breakpoint
DROP TRIGGER `own_priors_sealed_once`;
--> statement-breakpoint
DROP TRIGGER `own_rules_never_change`;
--> statement-breakpoint
CREATE TRIGGER `own_rules_sealed_once` AFTER UPDATE ON `own_rules`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'own_rules', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'own_rules', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`rule`, NEW.`withdrawn`, NEW.`content`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
UPDATE `own_rules` SET `at` = `at`;
--> statement-breakpoint
DROP TRIGGER `own_rules_sealed_once`;
--> statement-breakpoint
DROP TRIGGER `settings_never_change`;
--> statement-breakpoint
CREATE TRIGGER `settings_sealed_once` AFTER UPDATE ON `settings`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'settings', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'settings', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`key`, NEW.`value`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
UPDATE `settings` SET `at` = `at`;
--> statement-breakpoint
DROP TRIGGER `settings_sealed_once`;
--> statement-breakpoint
DROP TRIGGER `person_changes_never_change`;
--> statement-breakpoint
CREATE TRIGGER `person_changes_sealed_once` AFTER UPDATE ON `person_changes`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'person_changes', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'person_changes', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`kind`, NEW.`why`, NEW.`content`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
END;
--> statement-breakpoint
UPDATE `person_changes` SET `salt` = lower(hex(randomblob(16)));
--> statement-breakpoint
DROP TRIGGER `person_changes_sealed_once`;
--> statement-breakpoint
CREATE TRIGGER `exam_events_never_change` BEFORE UPDATE ON `exam_events`
BEGIN
	SELECT RAISE(ABORT, 'events are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `evidence_overrides_never_change` BEFORE UPDATE ON `evidence_overrides`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `own_priors_never_change` BEFORE UPDATE ON `own_priors`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `own_rules_never_change` BEFORE UPDATE ON `own_rules`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `settings_never_change` BEFORE UPDATE ON `settings`
BEGIN
	SELECT RAISE(ABORT, 'entries of the clinic are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `person_changes_never_change` BEFORE UPDATE ON `person_changes`
BEGIN
	SELECT RAISE(ABORT, 'what was put right is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `entrusted_never_change` BEFORE UPDATE ON `entrusted`
BEGIN
	SELECT RAISE(ABORT, 'what was entrusted is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `trail_never_change` BEFORE UPDATE ON `trail`
BEGIN
	SELECT RAISE(ABORT, 'the trail is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `imports_never_change` BEFORE UPDATE ON `imports`
BEGIN
	SELECT RAISE(ABORT, 'an import is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `erasures_never_change` BEFORE UPDATE ON `erasures`
BEGIN
	SELECT RAISE(ABORT, 'an erasure is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `seals_never_change` BEFORE UPDATE ON `seals`
BEGIN
	SELECT RAISE(ABORT, 'the chain is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `entrusted_never_removed` BEFORE DELETE ON `entrusted`
BEGIN
	SELECT RAISE(ABORT, 'what was entrusted is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `trail_never_removed` BEFORE DELETE ON `trail`
BEGIN
	SELECT RAISE(ABORT, 'the trail is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `erasures_never_removed` BEFORE DELETE ON `erasures`
BEGIN
	SELECT RAISE(ABORT, 'an erasure is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `seals_never_removed` BEFORE DELETE ON `seals`
BEGIN
	SELECT RAISE(ABORT, 'the chain is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `practitioners_never_removed` BEFORE DELETE ON `practitioners`
BEGIN
	SELECT RAISE(ABORT, 'practitioners are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `accounts_never_removed` BEFORE DELETE ON `accounts`
BEGIN
	SELECT RAISE(ABORT, 'accounts are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `clinic_never_removed` BEFORE DELETE ON `clinic`
BEGIN
	SELECT RAISE(ABORT, 'the clinic is never removed');
END;
--> statement-breakpoint
-- Only what an erasure on record names can be removed.
DROP TRIGGER `exam_events_never_removed`;
--> statement-breakpoint
DROP TRIGGER `person_changes_never_removed`;
--> statement-breakpoint
CREATE TRIGGER `people_never_removed` BEFORE DELETE ON `people`
WHEN NOT EXISTS (SELECT 1 FROM `erasures` WHERE `person` = OLD.`id`)
BEGIN
	SELECT RAISE(ABORT, 'people are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `exams_never_removed` BEFORE DELETE ON `exams`
WHEN NOT EXISTS (SELECT 1 FROM `erasures` WHERE `person` = OLD.`person_id`)
BEGIN
	SELECT RAISE(ABORT, 'examinations are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `exam_events_never_removed` BEFORE DELETE ON `exam_events`
WHEN NOT EXISTS (SELECT 1 FROM `erasures` WHERE `person` = (SELECT `person_id` FROM `exams` WHERE `id` = OLD.`exam_id`))
BEGIN
	SELECT RAISE(ABORT, 'events are never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `imports_never_removed` BEFORE DELETE ON `imports`
WHEN NOT EXISTS (SELECT 1 FROM `erasures` WHERE `person` = (SELECT `person_id` FROM `exams` WHERE `id` = OLD.`exam`))
BEGIN
	SELECT RAISE(ABORT, 'an import is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `person_changes_never_removed` BEFORE DELETE ON `person_changes`
WHEN NOT EXISTS (SELECT 1 FROM `erasures`, json_each(`erasures`.`content`, '$.changes') WHERE `value` = OLD.`id`)
BEGIN
	SELECT RAISE(ABORT, 'what was put right is never removed');
END;
--> statement-breakpoint
-- REPLACE removes without asking the triggers above. A row that is there stays as it is, whatever is sent under its number.
CREATE TRIGGER `people_never_replaced` BEFORE INSERT ON `people`
WHEN EXISTS (SELECT 1 FROM `people` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `exams_never_replaced` BEFORE INSERT ON `exams`
WHEN EXISTS (SELECT 1 FROM `exams` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `evidence_overrides_never_replaced` BEFORE INSERT ON `evidence_overrides`
WHEN EXISTS (SELECT 1 FROM `evidence_overrides` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `own_priors_never_replaced` BEFORE INSERT ON `own_priors`
WHEN EXISTS (SELECT 1 FROM `own_priors` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `own_rules_never_replaced` BEFORE INSERT ON `own_rules`
WHEN EXISTS (SELECT 1 FROM `own_rules` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `settings_never_replaced` BEFORE INSERT ON `settings`
WHEN EXISTS (SELECT 1 FROM `settings` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `person_changes_never_replaced` BEFORE INSERT ON `person_changes`
WHEN EXISTS (SELECT 1 FROM `person_changes` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `practitioners_never_replaced` BEFORE INSERT ON `practitioners`
WHEN EXISTS (SELECT 1 FROM `practitioners` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `accounts_never_replaced` BEFORE INSERT ON `accounts`
WHEN EXISTS (SELECT 1 FROM `accounts` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `entrusted_never_replaced` BEFORE INSERT ON `entrusted`
WHEN EXISTS (SELECT 1 FROM `entrusted` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `erasures_never_replaced` BEFORE INSERT ON `erasures`
WHEN EXISTS (SELECT 1 FROM `erasures` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `clinic_never_replaced` BEFORE INSERT ON `clinic`
WHEN EXISTS (SELECT 1 FROM `clinic` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `imports_never_replaced` BEFORE INSERT ON `imports`
WHEN EXISTS (SELECT 1 FROM `imports` WHERE `exam` = NEW.`exam`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
CREATE TRIGGER `exam_events_never_replaced` BEFORE INSERT ON `exam_events`
WHEN EXISTS (SELECT 1 FROM `exam_events` WHERE `id` = NEW.`id` OR (`exam_id` = NEW.`exam_id` AND `seq` = NEW.`seq`))
BEGIN
	SELECT RAISE(ABORT, 'there is a row of this number');
END;
--> statement-breakpoint
CREATE TRIGGER `trail_never_replaced` BEFORE INSERT ON `trail`
WHEN EXISTS (SELECT 1 FROM `trail` WHERE `n` = NEW.`n`)
BEGIN
	SELECT RAISE(ABORT, 'there is a row of this number');
END;
--> statement-breakpoint
CREATE TRIGGER `seals_never_replaced` BEFORE INSERT ON `seals`
WHEN EXISTS (SELECT 1 FROM `seals` WHERE `n` = NEW.`n`)
BEGIN
	SELECT RAISE(ABORT, 'there is a row of this number');
END;
--> statement-breakpoint
CREATE TRIGGER `people_number_never_replaced` BEFORE INSERT ON `people`
WHEN EXISTS (SELECT 1 FROM `people` WHERE `number` = NEW.`number` AND `id` <> NEW.`id`)
BEGIN
	SELECT RAISE(ABORT, 'there is somebody of this number');
END;
--> statement-breakpoint
CREATE TRIGGER `accounts_login_never_replaced` BEFORE INSERT ON `accounts`
WHEN EXISTS (SELECT 1 FROM `accounts` WHERE `login` = NEW.`login` AND `id` <> NEW.`id`)
BEGIN
	SELECT RAISE(ABORT, 'there is somebody who signs in by this name');
END;
