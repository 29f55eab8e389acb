-- A training block is a pointer into its revisions, as a prescription is.
CREATE TABLE training_block (
    id               uuid PRIMARY KEY,
    club_id          uuid NOT NULL REFERENCES club,
    current_revision integer NOT NULL,
    last_revision    integer NOT NULL,
    version          bigint NOT NULL
);
CREATE INDEX training_block_club ON training_block (club_id);

CREATE TABLE training_block_revision (
    id         uuid PRIMARY KEY,
    club_id    uuid NOT NULL REFERENCES club,
    block_id   uuid NOT NULL REFERENCES training_block,
    number     integer NOT NULL,
    parent     integer,
    edit       text NOT NULL,
    definition jsonb NOT NULL,
    coach_id   uuid NOT NULL REFERENCES coach,
    created_at timestamptz NOT NULL,
    UNIQUE (block_id, number)
);

-- What a block means for one athlete, computed for a revision of it.
CREATE TABLE training_block_athlete (
    block_id   uuid NOT NULL REFERENCES training_block,
    athlete_id uuid NOT NULL REFERENCES athlete,
    club_id    uuid NOT NULL REFERENCES club,
    revision   integer NOT NULL,
    stands     jsonb NOT NULL,
    warm_ups   jsonb NOT NULL,
    PRIMARY KEY (block_id, athlete_id)
);

-- Work that goes on in the background and after a restart.
CREATE TABLE compilation (
    block_id   uuid PRIMARY KEY REFERENCES training_block,
    club_id    uuid NOT NULL REFERENCES club,
    revision   integer NOT NULL,
    run        integer NOT NULL,
    coach_id   uuid NOT NULL REFERENCES coach,
    state      text NOT NULL,
    done       integer NOT NULL,
    total      integer NOT NULL,
    message    text NOT NULL,
    started_at timestamptz NOT NULL,
    ended_at   timestamptz
);

-- Sessions that a block or an import made know where they come from, and how they were made:
-- what a coach changed since is told by the difference.
ALTER TABLE training_session ADD COLUMN source_key text;
ALTER TABLE training_session ADD COLUMN source_details jsonb;
CREATE UNIQUE INDEX training_session_source ON training_session (club_id, source_key);
