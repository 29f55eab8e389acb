-- What made a session is said by columns; until now it was told by how its key begins:
-- "block <id> <key>" or "import <id> <key>".
DROP INDEX training_session_source;
ALTER TABLE training_session ADD COLUMN source_made text;
ALTER TABLE training_session ADD COLUMN source_block_id uuid;

UPDATE training_session SET
    source_made = CASE split_part(source_key, ' ', 1)
        WHEN 'block' THEN 'PATTERN' WHEN 'import' THEN 'IMPORT' END,
    source_block_id = split_part(source_key, ' ', 2)::uuid,
    source_key = substr(source_key,
        length(split_part(source_key, ' ', 1)) + length(split_part(source_key, ' ', 2)) + 3)
WHERE source_key IS NOT NULL;

CREATE UNIQUE INDEX training_session_source
    ON training_session (club_id, source_made, source_block_id, source_key);

-- Words for one idea: a run prescribes a block; what an athlete's part was computed in is a run.
ALTER TABLE compilation RENAME TO block_run;
ALTER TABLE training_block_athlete RENAME COLUMN revision TO run;
