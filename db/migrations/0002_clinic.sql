CREATE TABLE `evidence_overrides` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`row` text NOT NULL,
	`figures` text,
	`source` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `own_priors` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`line` text NOT NULL,
	`setting` text NOT NULL,
	`p` real,
	`source` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `own_rules` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`rule` text NOT NULL,
	`withdrawn` integer NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `settings` (
	`id` text PRIMARY KEY NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	`key` text NOT NULL,
	`value` text NOT NULL
);
