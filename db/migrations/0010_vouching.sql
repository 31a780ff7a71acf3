-- A check code is looked up by the hash of its signature.
CREATE INDEX `exam_events_signatures` ON `exam_events` (`hash`) WHERE instr(`event`, '"type":"exam-signed"') > 0;
--> statement-breakpoint
-- Sessions made before they were sealed end: whoever was signed in signs in again.
DELETE FROM `sessions`;
--> statement-breakpoint
CREATE TRIGGER `sessions_sealed` AFTER INSERT ON `sessions`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'sessions', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'sessions', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`account`, NEW.`made_at`, NEW.`address`, NEW.`device`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `credentials_sealed` AFTER INSERT ON `accounts`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'credentials', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'credentials', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`pin`, NEW.`totp`, NEW.`recovery`, NEW.`invitation`, NEW.`invited_until`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
CREATE TRIGGER `credentials_sealed_anew` AFTER UPDATE OF `pin`, `totp`, `recovery`, `invitation`, `invited_until` ON `accounts`
BEGIN
	INSERT INTO `seals` (`n`, `at`, `kind`, `row`, `content`, `previous_hash`, `hash`)
	SELECT `n`, `at`, 'credentials', `row`, `content`, `previous_hash`, seal_link(`previous_hash`, json_array(`n`, `at`, 'credentials', `row`, `content`))
	FROM (SELECT `n` + 1 AS `n`, CAST(unixepoch('now', 'subsec') * 1000 AS INTEGER) AS `at`, NEW.`id` AS `row`, seal_content(json_array(NEW.`id`, NEW.`pin`, NEW.`totp`, NEW.`recovery`, NEW.`invitation`, NEW.`invited_until`)) AS `content`, `hash` AS `previous_hash` FROM `seals` ORDER BY `seals`.`n` DESC LIMIT 1);
END;
--> statement-breakpoint
-- What was there before is sealed as it stands now.
UPDATE `accounts` SET `pin` = `pin`;
