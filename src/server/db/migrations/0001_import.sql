CREATE TABLE `files` (
	`hash` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`type` text NOT NULL,
	`bytes` integer NOT NULL,
	`created_at` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `source_edits` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`source_id` text NOT NULL,
	`edit` text NOT NULL,
	`undone` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`source_id`) REFERENCES `sources`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `source_edits_by_source` ON `source_edits` (`source_id`,`id`);--> statement-breakpoint
ALTER TABLE `sources` ADD `prepared` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `choice` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `file_hash` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `media_hash` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `view_hash` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `url` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `fetched_at` integer;--> statement-breakpoint
ALTER TABLE `sources` ADD `byline` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `published` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `pages` integer;--> statement-breakpoint
ALTER TABLE `sources` ADD `slides` integer;--> statement-breakpoint
ALTER TABLE `sources` ADD `duration_ms` integer;--> statement-breakpoint
ALTER TABLE `sources` ADD `warnings` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `folder` text;--> statement-breakpoint
ALTER TABLE `sources` ADD `archived_at` integer;--> statement-breakpoint
ALTER TABLE `sources` ADD `deleted_at` integer;