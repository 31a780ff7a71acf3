CREATE TABLE `drill_answers` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`drill` text NOT NULL,
	`topic` text NOT NULL,
	`level` integer NOT NULL,
	`seed` text NOT NULL,
	`right` integer NOT NULL,
	`share` real NOT NULL,
	`error` real
);
--> statement-breakpoint
CREATE INDEX `drill_answers_by` ON `drill_answers` (`by`);--> statement-breakpoint
CREATE TABLE `practice_cases` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`case` text NOT NULL,
	`withdrawn` integer NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `practice_classes` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`class` text NOT NULL,
	`closed` integer NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `practice_entries` (
	`n` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`run` text NOT NULL,
	`kind` text NOT NULL,
	`at` integer NOT NULL,
	`content` text NOT NULL,
	FOREIGN KEY (`run`) REFERENCES `practice_runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `practice_entries_id_unique` ON `practice_entries` (`id`);--> statement-breakpoint
CREATE INDEX `practice_entries_run` ON `practice_entries` (`run`);--> statement-breakpoint
CREATE TABLE `practice_judgements` (
	`run` text PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	`judgement` text NOT NULL,
	`content` text NOT NULL,
	`par` text NOT NULL,
	FOREIGN KEY (`run`) REFERENCES `practice_runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `practice_runs` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`case` text NOT NULL,
	`file` text,
	`patient` text NOT NULL,
	`class` text
);
--> statement-breakpoint
CREATE INDEX `practice_runs_by` ON `practice_runs` (`by`);--> statement-breakpoint
CREATE INDEX `practice_runs_class` ON `practice_runs` (`class`);--> statement-breakpoint
CREATE TRIGGER `practice_runs_never_change` BEFORE UPDATE ON `practice_runs`
BEGIN
	SELECT RAISE(ABORT, 'practice is never changed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_runs_never_removed` BEFORE DELETE ON `practice_runs`
BEGIN
	SELECT RAISE(ABORT, 'practice is never removed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_entries_never_change` BEFORE UPDATE ON `practice_entries`
BEGIN
	SELECT RAISE(ABORT, 'practice is never changed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_entries_never_removed` BEFORE DELETE ON `practice_entries`
BEGIN
	SELECT RAISE(ABORT, 'practice is never removed');
END;--> statement-breakpoint
CREATE TRIGGER `drill_answers_never_change` BEFORE UPDATE ON `drill_answers`
BEGIN
	SELECT RAISE(ABORT, 'practice is never changed');
END;--> statement-breakpoint
CREATE TRIGGER `drill_answers_never_removed` BEFORE DELETE ON `drill_answers`
BEGIN
	SELECT RAISE(ABORT, 'practice is never removed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_cases_never_change` BEFORE UPDATE ON `practice_cases`
BEGIN
	SELECT RAISE(ABORT, 'practice is never changed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_cases_never_removed` BEFORE DELETE ON `practice_cases`
BEGIN
	SELECT RAISE(ABORT, 'practice is never removed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_classes_never_change` BEFORE UPDATE ON `practice_classes`
BEGIN
	SELECT RAISE(ABORT, 'practice is never changed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_classes_never_removed` BEFORE DELETE ON `practice_classes`
BEGIN
	SELECT RAISE(ABORT, 'practice is never removed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_judgements_never_change` BEFORE UPDATE ON `practice_judgements`
BEGIN
	SELECT RAISE(ABORT, 'practice is never changed');
END;--> statement-breakpoint
CREATE TRIGGER `practice_judgements_never_removed` BEFORE DELETE ON `practice_judgements`
BEGIN
	SELECT RAISE(ABORT, 'practice is never removed');
END;
