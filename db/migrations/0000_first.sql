CREATE TABLE `exam_events` (
	`exam_id` text NOT NULL,
	`seq` integer NOT NULL,
	`id` text NOT NULL,
	`event` text NOT NULL,
	`previous_hash` text NOT NULL,
	`hash` text NOT NULL,
	PRIMARY KEY(`exam_id`, `seq`),
	FOREIGN KEY (`exam_id`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `exam_events_id_unique` ON `exam_events` (`id`);--> statement-breakpoint
CREATE TABLE `exams` (
	`id` text PRIMARY KEY NOT NULL,
	`person_id` text NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `exams_at` ON `exams` (`at`);--> statement-breakpoint
CREATE INDEX `exams_person` ON `exams` (`person_id`);--> statement-breakpoint
CREATE TABLE `people` (
	`id` text PRIMARY KEY NOT NULL,
	`number` integer NOT NULL,
	`name` text NOT NULL,
	`born` text,
	`work` text NOT NULL,
	`added_at` integer NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `people_number_unique` ON `people` (`number`);--> statement-breakpoint
CREATE TABLE `practitioners` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL
);
--> statement-breakpoint
CREATE TRIGGER `exam_events_never_change` BEFORE UPDATE ON `exam_events`
BEGIN
	SELECT RAISE(ABORT, 'events are never changed');
END;
--> statement-breakpoint
CREATE TRIGGER `exam_events_never_removed` BEFORE DELETE ON `exam_events`
WHEN EXISTS (SELECT 1 FROM `exams` WHERE `id` = OLD.`exam_id`)
BEGIN
	SELECT RAISE(ABORT, 'events are never removed');
END;
