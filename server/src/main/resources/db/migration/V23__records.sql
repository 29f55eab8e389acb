-- What was done of each warm-up, one row each: made from what devices told and what a coach says.
CREATE TABLE warm_up_record (
    prescription_id uuid PRIMARY KEY REFERENCES prescription,
    club_id         uuid NOT NULL REFERENCES club,
    athlete_id      uuid NOT NULL REFERENCES athlete,
    session_id      uuid NOT NULL REFERENCES training_session,
    starts_at       timestamp NOT NULL,
    sport           text NOT NULL,
    kind            text NOT NULL,
    figures         jsonb NOT NULL,
    by_hand         jsonb,
    changed_at      timestamptz NOT NULL
);

CREATE INDEX warm_up_record_athlete ON warm_up_record (club_id, athlete_id, starts_at);
CREATE INDEX warm_up_record_club ON warm_up_record (club_id, starts_at);

-- What an athlete's warm-ups have shown of their body; found anew with each record.
ALTER TABLE athlete ADD COLUMN physique jsonb;

-- A question that a coach tries properly with one athlete: two ways in pairs, in an order that
-- chance decides and nobody sees before the day.
CREATE TABLE question (
    id             uuid PRIMARY KEY,
    club_id        uuid NOT NULL REFERENCES club,
    athlete_id     uuid NOT NULL REFERENCES athlete,
    sport          text NOT NULL,
    kind           text NOT NULL,
    first_efforts  integer NOT NULL,
    second_efforts integer NOT NULL,
    measure        text NOT NULL,
    pairs          integer NOT NULL,
    seed           bigint NOT NULL,
    asked_on       date NOT NULL,
    asked_by       uuid NOT NULL REFERENCES coach,
    given_up_at    timestamptz
);

CREATE INDEX question_athlete ON question (club_id, athlete_id);

CREATE TABLE question_turn (
    question_id     uuid NOT NULL REFERENCES question,
    number          integer NOT NULL,
    club_id         uuid NOT NULL REFERENCES club,
    prescription_id uuid NOT NULL REFERENCES prescription,
    efforts         integer NOT NULL,
    PRIMARY KEY (question_id, number),
    UNIQUE (prescription_id)
);
