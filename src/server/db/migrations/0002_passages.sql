CREATE VIRTUAL TABLE `passages` USING fts5(`source_id` UNINDEXED, `block_id` UNINDEXED, `text`, tokenize = 'porter unicode61 remove_diacritics 2');
--> statement-breakpoint
INSERT INTO `passages` (`source_id`, `block_id`, `text`) SELECT `sources`.`id`, json_extract(block.value, '$.id'), json_extract(block.value, '$.text') FROM `sources`, json_each(`sources`.`blocks`) AS block;
