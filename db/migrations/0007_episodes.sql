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
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`person`, NEW.`episode`, NEW.`kind`, NEW.`content`, NEW.`salt`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `n` DESC LIMIT 1);
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
