INSERT INTO `kept` (`kind`, `id`, `revision`, `document`, `changed_at`)
SELECT 'recipe', `id`, 1, `document`, strftime('%Y-%m-%dT%H:%M:%fZ', 'now') FROM `recipes` WHERE true
ON CONFLICT DO NOTHING;
--> statement-breakpoint
DROP TABLE `recipes`;
