CREATE TABLE `edits` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`set_id` text NOT NULL,
	`edit` text NOT NULL,
	`undone` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `edits_by_set` ON `edits` (`set_id`,`id`);--> statement-breakpoint
CREATE TABLE `runs` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`seed` integer NOT NULL,
	`plan` text NOT NULL,
	`engine` text NOT NULL,
	`status` text NOT NULL,
	`produced` text NOT NULL,
	`report` text,
	`started_at` integer NOT NULL,
	`ended_at` integer,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `runs_by_set` ON `runs` (`set_id`,`started_at`);--> statement-breakpoint
CREATE TABLE `set_sources` (
	`set_id` text NOT NULL,
	`source_id` text NOT NULL,
	`position` integer NOT NULL,
	PRIMARY KEY(`set_id`, `source_id`),
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`source_id`) REFERENCES `sources`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `sets` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text NOT NULL,
	`plan` text NOT NULL,
	`paper` text NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `slips` (
	`set_id` text NOT NULL,
	`question_id` text NOT NULL,
	`position` integer NOT NULL,
	`status` text NOT NULL,
	`look_again` integer NOT NULL,
	`answered` text NOT NULL,
	`question` text NOT NULL,
	`origin` text,
	PRIMARY KEY(`set_id`, `question_id`),
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `slips_by_position` ON `slips` (`set_id`,`position`);--> statement-breakpoint
CREATE TABLE `sources` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text NOT NULL,
	`kind` text NOT NULL,
	`language` text NOT NULL,
	`original` text NOT NULL,
	`blocks` text NOT NULL,
	`description` text NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL
);
