-- Every row belongs to a club, so that every query can be scoped by it.
CREATE TABLE club (
    id         uuid PRIMARY KEY,
    name       text NOT NULL,
    time_zone  text NOT NULL
);

CREATE TABLE coach (
    id            uuid PRIMARY KEY,
    club_id       uuid NOT NULL REFERENCES club,
    email         text NOT NULL,
    name          text NOT NULL,
    password_hash text NOT NULL,
    CONSTRAINT coach_email_is_folded CHECK (email = lower(email))
);
CREATE UNIQUE INDEX coach_email ON coach (email);

-- Failed sign-ins, counted across all instances of the server.
CREATE TABLE sign_in_attempt (
    id    bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    email text NOT NULL,
    at    timestamptz NOT NULL
);
CREATE INDEX sign_in_attempt_email_at ON sign_in_attempt (email, at);

CREATE TABLE athlete (
    id       uuid PRIMARY KEY,
    club_id  uuid NOT NULL REFERENCES club,
    name     text NOT NULL,
    sport    text NOT NULL,
    profile  jsonb NOT NULL,
    version  bigint NOT NULL
);
CREATE INDEX athlete_club_name ON athlete (club_id, name);

CREATE TABLE training_session (
    id            uuid PRIMARY KEY,
    club_id       uuid NOT NULL REFERENCES club,
    starts_at     timestamp NOT NULL,
    sport         text NOT NULL,
    details       jsonb NOT NULL,
    version       bigint NOT NULL
);
CREATE INDEX training_session_club_start ON training_session (club_id, starts_at);

CREATE TABLE training_session_athlete (
    session_id uuid NOT NULL REFERENCES training_session ON DELETE CASCADE,
    athlete_id uuid NOT NULL REFERENCES athlete,
    club_id    uuid NOT NULL REFERENCES club,
    PRIMARY KEY (session_id, athlete_id)
);
CREATE INDEX training_session_athlete_athlete ON training_session_athlete (athlete_id);

CREATE TABLE prescription (
    id               uuid PRIMARY KEY,
    club_id          uuid NOT NULL REFERENCES club,
    session_id       uuid NOT NULL REFERENCES training_session,
    athlete_id       uuid NOT NULL REFERENCES athlete,
    current_revision integer NOT NULL,
    last_revision    integer NOT NULL,
    version          bigint NOT NULL,
    UNIQUE (session_id, athlete_id)
);
CREATE INDEX prescription_club ON prescription (club_id);

-- Immutable snapshots; an edit adds one, undo only moves the pointer.
CREATE TABLE prescription_revision (
    id              uuid PRIMARY KEY,
    club_id         uuid NOT NULL REFERENCES club,
    prescription_id uuid NOT NULL REFERENCES prescription,
    number          integer NOT NULL,
    parent          integer,
    edit            text NOT NULL,
    engine_version  text NOT NULL,
    inputs          jsonb NOT NULL,
    outcome         jsonb NOT NULL,
    coach_id        uuid NOT NULL REFERENCES coach,
    created_at      timestamptz NOT NULL,
    UNIQUE (prescription_id, number)
);

CREATE TABLE hand_over (
    id              uuid PRIMARY KEY,
    club_id         uuid NOT NULL REFERENCES club,
    prescription_id uuid NOT NULL REFERENCES prescription,
    token           text NOT NULL,
    created_at      timestamptz NOT NULL,
    revoked_at      timestamptz
);
CREATE UNIQUE INDEX hand_over_token ON hand_over (token);
CREATE INDEX hand_over_prescription ON hand_over (prescription_id);

-- Sign-in sessions, as Spring Session lays them out for PostgreSQL.
CREATE TABLE spring_session (
    primary_id            char(36) NOT NULL,
    session_id            char(36) NOT NULL,
    creation_time         bigint NOT NULL,
    last_access_time      bigint NOT NULL,
    max_inactive_interval int NOT NULL,
    expiry_time           bigint NOT NULL,
    principal_name        varchar(100),
    CONSTRAINT spring_session_pk PRIMARY KEY (primary_id)
);
CREATE UNIQUE INDEX spring_session_ix1 ON spring_session (session_id);
CREATE INDEX spring_session_ix2 ON spring_session (expiry_time);
CREATE INDEX spring_session_ix3 ON spring_session (principal_name);

CREATE TABLE spring_session_attributes (
    session_primary_id char(36) NOT NULL,
    attribute_name     varchar(200) NOT NULL,
    attribute_bytes    bytea NOT NULL,
    CONSTRAINT spring_session_attributes_pk PRIMARY KEY (session_primary_id, attribute_name),
    CONSTRAINT spring_session_attributes_fk FOREIGN KEY (session_primary_id)
        REFERENCES spring_session (primary_id) ON DELETE CASCADE
);
