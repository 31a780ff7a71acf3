CREATE TABLE `overviews` (
	`n` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`exam_id` text NOT NULL,
	`head` integer NOT NULL,
	`covers` integer NOT NULL,
	`age` integer,
	`complaint` text NOT NULL,
	`symptoms` text NOT NULL,
	`state` text NOT NULL,
	`progress` text NOT NULL,
	`go_on` text NOT NULL,
	`conclusion` text NOT NULL,
	FOREIGN KEY (`exam_id`) REFERENCES `exams`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `overviews_exam_id_unique` ON `overviews` (`exam_id`);--> statement-breakpoint
CREATE INDEX `overviews_behind` ON `overviews` (`n`) WHERE covers < head;
--> statement-breakpoint
-- Words by which an examination is found: name, number, complaint, conclusion. The row is that of the overview.
CREATE VIRTUAL TABLE `search` USING fts5(`words`, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3 4');
--> statement-breakpoint
-- What was recorded before overviews existed is read when somebody looks at it, or when nobody waits.
INSERT INTO `overviews` (`exam_id`, `head`, `covers`, `age`, `complaint`, `symptoms`, `state`, `progress`, `go_on`, `conclusion`)
SELECT `exams`.`id`, (SELECT count(*) FROM `exam_events` WHERE `exam_events`.`exam_id` = `exams`.`id`), -1, NULL, '', '[]', 'not-begun', '', 'story', ''
FROM `exams` ORDER BY `exams`.`at`;
