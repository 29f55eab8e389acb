-- How a coach likes warm-ups; the usual approach when absent.
ALTER TABLE coach ADD COLUMN approach jsonb;

-- A club's own drills, in the form of the library's files. Archived ones stay for plans that hold them.
CREATE TABLE club_drill (
    id       uuid PRIMARY KEY,
    club_id  uuid NOT NULL REFERENCES club,
    drill_id text NOT NULL,
    entry    jsonb NOT NULL,
    archived boolean NOT NULL,
    version  bigint NOT NULL,
    UNIQUE (club_id, drill_id)
);

-- Warm-ups under a name, to be given to other athletes.
CREATE TABLE routine (
    id         uuid PRIMARY KEY,
    club_id    uuid NOT NULL REFERENCES club,
    name       text NOT NULL,
    entries    jsonb NOT NULL,
    UNIQUE (club_id, name)
);
