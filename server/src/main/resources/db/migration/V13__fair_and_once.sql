-- Work that whichever server lives picks up; laid out as db-scheduler wants it for PostgreSQL.
CREATE TABLE scheduled_tasks (
    task_name            text NOT NULL,
    task_instance        text NOT NULL,
    task_data            bytea,
    execution_time       timestamptz NOT NULL,
    picked               boolean NOT NULL,
    picked_by            text,
    last_success         timestamptz,
    last_failure         timestamptz,
    consecutive_failures integer,
    last_heartbeat       timestamptz,
    version              bigint NOT NULL,
    priority             smallint,
    PRIMARY KEY (task_name, task_instance)
);
CREATE INDEX scheduled_tasks_execution_time ON scheduled_tasks (execution_time);
CREATE INDEX scheduled_tasks_last_heartbeat ON scheduled_tasks (last_heartbeat);

-- Runs that were under way go on under the new scheduler.
INSERT INTO scheduled_tasks (task_name, task_instance, execution_time, picked, version)
  SELECT 'prescribe-block', club_id || ' ' || block_id || ' ' || run || ' 0 1', now(), false, 1
  FROM block_run WHERE state = 'RUNNING';

-- Nobody is in two blocks at once, whoever presses first.
CREATE EXTENSION IF NOT EXISTS btree_gist;
CREATE TABLE training_block_member (
    block_id   uuid NOT NULL REFERENCES training_block,
    athlete_id uuid NOT NULL REFERENCES athlete,
    club_id    uuid NOT NULL REFERENCES club,
    days       daterange NOT NULL,
    PRIMARY KEY (block_id, athlete_id),
    CONSTRAINT one_block_at_a_time EXCLUDE USING gist (athlete_id WITH =, days WITH &&)
);
INSERT INTO training_block_member
  SELECT b.id, a.id::uuid, b.club_id,
         daterange((r.definition ->> 'start')::date, (r.definition ->> 'race')::date, '[]')
  FROM training_block b
  JOIN training_block_revision r ON r.block_id = b.id AND r.number = b.current_revision
  CROSS JOIN LATERAL jsonb_array_elements(r.definition -> 'groups') g
  CROSS JOIN LATERAL jsonb_array_elements_text(g -> 'athleteIds') a (id)
  ON CONFLICT DO NOTHING;

-- What a form has made already, so that sending it again makes nothing more.
CREATE TABLE made_once (
    club_id uuid NOT NULL REFERENCES club,
    key     uuid NOT NULL,
    made_id uuid NOT NULL,
    made_at timestamptz NOT NULL,
    PRIMARY KEY (club_id, key)
);
CREATE INDEX made_once_made_at ON made_once (made_at);
