CREATE TABLE `joined_devices` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`occasion` text NOT NULL,
	`token_digest` text NOT NULL,
	`joined_at` text NOT NULL,
	FOREIGN KEY (`occasion`) REFERENCES `occasions`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `joined_devices_token_digest_unique` ON `joined_devices` (`token_digest`);--> statement-breakpoint
CREATE TABLE `settings` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
