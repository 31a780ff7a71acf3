CREATE TABLE `audit_facts` (
	`exam_id` text PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	`by` text NOT NULL,
	`region` text NOT NULL,
	`episode` text NOT NULL,
	`facts` text NOT NULL,
	FOREIGN KEY (`exam_id`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `audit_facts_at` ON `audit_facts` (`at`);--> statement-breakpoint
CREATE TABLE `reliability_series` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`series` text NOT NULL,
	`kind` text NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `reliability_series_series` ON `reliability_series` (`series`);
--> statement-breakpoint
-- Everything is read once more, for what it adds to an audit.
UPDATE `overviews` SET `covers` = -1;
--> statement-breakpoint
CREATE TRIGGER `reliability_series_sealed` AFTER INSERT ON `reliability_series`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'reliability_series', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'reliability_series', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`by`, NEW.`at`, NEW.`series`, NEW.`kind`, NEW.`content`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `reliability_series_never_change` BEFORE UPDATE ON `reliability_series`
BEGIN
	SELECT RAISE(ABORT, 'what was measured is never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `reliability_series_never_removed` BEFORE DELETE ON `reliability_series`
BEGIN
	SELECT RAISE(ABORT, 'what was measured is never removed');
END;
--> statement-breakpoint
CREATE TRIGGER `reliability_series_never_replaced` BEFORE INSERT ON `reliability_series`
WHEN EXISTS (SELECT 1 FROM `reliability_series` WHERE `id` = NEW.`id`)
BEGIN
	SELECT RAISE(IGNORE);
END;
