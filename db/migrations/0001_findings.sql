CREATE TABLE `findings` (
	`exam_id` text NOT NULL,
	`test` text NOT NULL,
	`side` text NOT NULL,
	`about` text NOT NULL,
	`variant` text NOT NULL,
	`result` text NOT NULL,
	`why` text NOT NULL,
	`symptom` text,
	`onset` integer,
	`end` integer,
	PRIMARY KEY(`exam_id`, `test`, `side`, `about`),
	FOREIGN KEY (`exam_id`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `findings_test` ON `findings` (`test`,`result`);