-- What devices recorded of a warm-up and its session, as one; files are known by what is in them.
CREATE TABLE recording (
    prescription_id uuid PRIMARY KEY REFERENCES prescription,
    club_id         uuid NOT NULL REFERENCES club,
    files           jsonb NOT NULL,
    series          jsonb NOT NULL,
    step_of         jsonb,
    recorded_at     timestamptz NOT NULL
);

CREATE TABLE recording_file (
    club_id         uuid NOT NULL REFERENCES club,
    fingerprint     text NOT NULL,
    prescription_id uuid NOT NULL REFERENCES recording ON DELETE CASCADE,
    PRIMARY KEY (club_id, fingerprint)
);

-- Which columns of a club's tables hold what, by their head line.
CREATE TABLE csv_mapping (
    club_id uuid NOT NULL REFERENCES club,
    head    text NOT NULL,
    mapping jsonb NOT NULL,
    PRIMARY KEY (club_id, head)
);
