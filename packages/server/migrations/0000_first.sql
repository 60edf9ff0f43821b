CREATE TABLE `occasion_revisions` (
	`occasion` text NOT NULL,
	`revision` integer NOT NULL,
	`document` text NOT NULL,
	`changed_at` text NOT NULL,
	PRIMARY KEY(`occasion`, `revision`),
	FOREIGN KEY (`occasion`) REFERENCES `occasions`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `occasions` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`document` text NOT NULL,
	`changed_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `plans` (
	`occasion` text PRIMARY KEY NOT NULL,
	`basis` text NOT NULL,
	`document` text NOT NULL,
	`kept_at` text NOT NULL,
	FOREIGN KEY (`occasion`) REFERENCES `occasions`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `recipes` (
	`id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `ticks` (
	`occasion` text NOT NULL,
	`basis` text NOT NULL,
	`task` text NOT NULL,
	`done_at` text NOT NULL,
	PRIMARY KEY(`occasion`, `basis`, `task`),
	FOREIGN KEY (`occasion`) REFERENCES `occasions`(`id`) ON UPDATE no action ON DELETE cascade
);
