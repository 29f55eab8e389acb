-- A lighter week is what coaches call a recovery week.
UPDATE training_block_revision
SET definition = replace(definition::text, '"LIGHTER"', '"RECOVERY"')::jsonb
WHERE definition::text LIKE '%"LIGHTER"%';

UPDATE training_block_athlete
SET stands = replace(stands::text, '"LIGHTER"', '"RECOVERY"')::jsonb
WHERE stands::text LIKE '%"LIGHTER"%';
