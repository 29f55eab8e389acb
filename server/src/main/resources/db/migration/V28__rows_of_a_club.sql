-- What is searched is a column.
ALTER TABLE training_session ADD COLUMN kind text;
UPDATE training_session SET kind = details ->> 'kind';
ALTER TABLE training_session ALTER COLUMN kind SET NOT NULL;
ALTER TABLE followed_event ADD COLUMN kind text;
UPDATE followed_event SET kind = event ->> 'kind';
ALTER TABLE followed_event ALTER COLUMN kind SET NOT NULL;

-- A block's days as two dates, which Hibernate knows; both are days of the block.
ALTER TABLE training_block_member ADD COLUMN first_day date, ADD COLUMN last_day date;
UPDATE training_block_member SET first_day = lower(days), last_day = upper(days) - 1;
ALTER TABLE training_block_member
    ALTER COLUMN first_day SET NOT NULL,
    ALTER COLUMN last_day SET NOT NULL,
    DROP CONSTRAINT one_block_at_a_time,
    DROP COLUMN days,
    ADD CONSTRAINT one_block_at_a_time EXCLUDE USING gist
        (athlete_id WITH =, daterange(first_day, last_day, '[]') WITH &&);

-- A view would look past the policies below.
DROP VIEW held_warm_up;

-- The second lock: rows of a club are there for connections that say they are about that club.
-- '*' is for what comes before the club is known: signing in, following a link, migrations.
DO $$
DECLARE
    club_table text;
BEGIN
    FOR club_table IN
        SELECT c.table_name
        FROM information_schema.columns c
        JOIN information_schema.tables t USING (table_schema, table_name)
        WHERE c.table_schema = current_schema() AND c.column_name = 'club_id'
          AND t.table_type = 'BASE TABLE'
    LOOP
        EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', club_table);
        EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', club_table);
        EXECUTE format(
            'CREATE POLICY of_the_club ON %I'
            ' USING (current_setting(''jubilee.club'', true) IN (club_id::text, ''*''))', club_table);
    END LOOP;
END $$;
