CREATE TABLE `day_events` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`occasion` text NOT NULL,
	`id` text NOT NULL,
	`device` text NOT NULL,
	`at_min` real NOT NULL,
	`what` text NOT NULL,
	FOREIGN KEY (`occasion`) REFERENCES `days`(`occasion`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `day_events_once` ON `day_events` (`occasion`,`id`);--> statement-breakpoint
CREATE TABLE `days` (
	`occasion` text PRIMARY KEY NOT NULL,
	`mode` text NOT NULL,
	`version` integer NOT NULL,
	`document` text NOT NULL,
	`plan` text NOT NULL,
	`mends` text NOT NULL,
	`ended` integer NOT NULL,
	`speed` real NOT NULL,
	`clock_min` real NOT NULL,
	`clock_at` integer NOT NULL,
	FOREIGN KEY (`occasion`) REFERENCES `occasions`(`id`) ON UPDATE no action ON DELETE cascade
);
