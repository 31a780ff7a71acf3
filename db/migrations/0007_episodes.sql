CREATE TABLE `episode_changes` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`person` text NOT NULL,
	`episode` text NOT NULL,
	`kind` text NOT NULL,
	`content` text NOT NULL,
	`salt` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `episode_changes_episode` ON `episode_changes` (`episode`);--> statement-breakpoint
CREATE TABLE `episodes` (
	`episode` text NOT NULL,
	`person` text NOT NULL,
	`visits` integer NOT NULL,
	`first_at` integer NOT NULL,
	`last_at` integer NOT NULL,
	`last_exam` text NOT NULL,
	`open` integer NOT NULL,
	`due` text,
	PRIMARY KEY(`episode`, `person`)
);
--> statement-breakpoint
CREATE INDEX `episodes_person` ON `episodes` (`person`);--> statement-breakpoint
CREATE INDEX `episodes_due` ON `episodes` (`due`);--> statement-breakpoint
CREATE TABLE `performances` (
	`exam_id` text NOT NULL,
	`run` text NOT NULL,
	`n` integer NOT NULL,
	`test` text NOT NULL,
	`side` text NOT NULL,
	`variant` text NOT NULL,
	`moment` integer NOT NULL,
	`at` integer NOT NULL,
	`complete` integer NOT NULL,
	`result` text NOT NULL,
	`why` text NOT NULL,
	`measures` text NOT NULL,
	`symptom` text,
	`intensity` integer,
	PRIMARY KEY(`exam_id`, `run`),
	FOREIGN KEY (`exam_id`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `sign_changes` (
	`exam_id` text NOT NULL,
	`test` text NOT NULL,
	`side` text NOT NULL,
	`span` text NOT NULL,
	`verdict` text NOT NULL,
	`sentence` text NOT NULL,
	`alert` text,
	`before` text NOT NULL,
	`after` text NOT NULL,
	PRIMARY KEY(`exam_id`, `test`, `side`, `span`),
	FOREIGN KEY (`exam_id`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `overviews` ADD `episode` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `overviews` ADD `visit` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `overviews` ADD `changed` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `overviews` ADD `treatments` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
CREATE INDEX `overviews_episode` ON `overviews` (`episode`);
--> statement-breakpoint
-- An examination of before is the first visit of an episode of its own, until a later one goes on with it.
UPDATE `overviews` SET `episode` = `exam_id`, `covers` = -1;
--> statement-breakpoint
-- What is said of an episode stands under the chain, is never changed, and goes only with its person.
CREATE TRIGGER `episode_changes_sealed` AFTER INSERT ON `episode_changes`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'episode_changes', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'episode_changes', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`person`, NEW.`episode`, NEW.`kind`, NEW.`content`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `episode_changes_never_change` BEFORE UPDATE ON `episode_changes`
BEGIN
	SELECT RAISE(ABORT, 'what was said of an episode is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `episode_changes_never_removed` BEFORE DELETE ON `episode_changes`
WHEN NOT EXISTS (SELECT 1 FROM `erasures`, json_each(`erasures`.`content`, '$.changes') WHERE `value` = OLD.`id`)
BEGIN
	SELECT RAISE(ABORT, 'what was said of an episode is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `episode_changes_never_replaced` BEFORE INSERT ON `episode_changes`
WHEN EXISTS (SELECT 1 FROM `episode_changes` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
--> statement-breakpoint
-- The last link is found by its place. Before, it was sorted by a figure made from it, and every row that was added cost a hash of the whole chain.
DROP TRIGGER `clinic_sealed`;
--> statement-breakpoint
CREATE TRIGGER `clinic_sealed` AFTER INSERT ON `clinic`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'clinic', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'clinic', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`demo`, NEW.`made_at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `clinic_sealed_anew`;
--> statement-breakpoint
CREATE TRIGGER `clinic_sealed_anew` AFTER UPDATE ON `clinic`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'clinic', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'clinic', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`demo`, NEW.`made_at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `practitioners_sealed`;
--> statement-breakpoint
CREATE TRIGGER `practitioners_sealed` AFTER INSERT ON `practitioners`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'practitioners', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'practitioners', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`name`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `practitioners_sealed_anew`;
--> statement-breakpoint
CREATE TRIGGER `practitioners_sealed_anew` AFTER UPDATE ON `practitioners`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'practitioners', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'practitioners', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`name`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `people_sealed`;
--> statement-breakpoint
CREATE TRIGGER `people_sealed` AFTER INSERT ON `people`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'people', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'people', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`number`, NEW.`name`, NEW.`born`, NEW.`work`, NEW.`added_at`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `people_sealed_anew`;
--> statement-breakpoint
CREATE TRIGGER `people_sealed_anew` AFTER UPDATE ON `people`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'people', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'people', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`number`, NEW.`name`, NEW.`born`, NEW.`work`, NEW.`added_at`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `exams_sealed`;
--> statement-breakpoint
CREATE TRIGGER `exams_sealed` AFTER INSERT ON `exams`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exams', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exams', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`person_id`, NEW.`at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `exams_sealed_anew`;
--> statement-breakpoint
CREATE TRIGGER `exams_sealed_anew` AFTER UPDATE ON `exams`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exams', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exams', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`person_id`, NEW.`at`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `exam_events_sealed`;
--> statement-breakpoint
CREATE TRIGGER `exam_events_sealed` AFTER INSERT ON `exam_events`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'exam_events', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'exam_events', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`exam_id`, NEW.`seq`, NEW.`id`, NEW.`event`, NEW.`previous_hash`, NEW.`hash`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `evidence_overrides_sealed`;
--> statement-breakpoint
CREATE TRIGGER `evidence_overrides_sealed` AFTER INSERT ON `evidence_overrides`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'evidence_overrides', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'evidence_overrides', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`row`, NEW.`figures`, NEW.`source`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `own_priors_sealed`;
--> statement-breakpoint
CREATE TRIGGER `own_priors_sealed` AFTER INSERT ON `own_priors`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'own_priors', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'own_priors', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`line`, NEW.`setting`, NEW.`p`, NEW.`source`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `own_rules_sealed`;
--> statement-breakpoint
CREATE TRIGGER `own_rules_sealed` AFTER INSERT ON `own_rules`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'own_rules', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'own_rules', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`rule`, NEW.`withdrawn`, NEW.`content`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `settings_sealed`;
--> statement-breakpoint
CREATE TRIGGER `settings_sealed` AFTER INSERT ON `settings`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'settings', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'settings', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`key`, NEW.`value`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `person_changes_sealed`;
--> statement-breakpoint
CREATE TRIGGER `person_changes_sealed` AFTER INSERT ON `person_changes`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'person_changes', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'person_changes', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`kind`, NEW.`why`, NEW.`content`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `accounts_sealed`;
--> statement-breakpoint
CREATE TRIGGER `accounts_sealed` AFTER INSERT ON `accounts`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'accounts', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'accounts', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`login`, NEW.`role`, NEW.`password`, NEW.`open`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `accounts_sealed_anew`;
--> statement-breakpoint
CREATE TRIGGER `accounts_sealed_anew` AFTER UPDATE OF `login`, `role`, `password`, `open` ON `accounts`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'accounts', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'accounts', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`login`, NEW.`role`, NEW.`password`, NEW.`open`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `entrusted_sealed`;
--> statement-breakpoint
CREATE TRIGGER `entrusted_sealed` AFTER INSERT ON `entrusted`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'entrusted', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'entrusted', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`exam`, NEW.`student`, NEW.`ended`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `trail_sealed`;
--> statement-breakpoint
CREATE TRIGGER `trail_sealed` AFTER INSERT ON `trail`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'trail', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'trail', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, CAST(NEW.`n` AS TEXT) AS `row`, seal_content(json_array(NEW.`n`, NEW.`at`, NEW.`who`, NEW.`what`, NEW.`about`, NEW.`address`, NEW.`more`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `imports_sealed`;
--> statement-breakpoint
CREATE TRIGGER `imports_sealed` AFTER INSERT ON `imports`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'imports', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'imports', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`exam` AS `row`, seal_content(json_array(NEW.`exam`, NEW.`by`, NEW.`at`, NEW.`file`, NEW.`authors`, NEW.`entries`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
DROP TRIGGER `erasures_sealed`;
--> statement-breakpoint
CREATE TRIGGER `erasures_sealed` AFTER INSERT ON `erasures`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'erasures', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'erasures', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`person`, NEW.`why`, NEW.`content`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
