CREATE TABLE `kept` (
	`kind` text NOT NULL,
	`id` text NOT NULL,
	`revision` integer NOT NULL,
	`document` text NOT NULL,
	`changed_at` text NOT NULL,
	PRIMARY KEY(`kind`, `id`)
);
