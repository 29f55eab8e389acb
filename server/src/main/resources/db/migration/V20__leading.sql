-- A session's warm-ups as one device leads them: what is done together, and where the clock stands.
CREATE TABLE lead (
    session_id uuid PRIMARY KEY REFERENCES training_session,
    club_id    uuid NOT NULL REFERENCES club,
    lead_id    uuid NOT NULL,
    number     integer NOT NULL,
    sheet      jsonb NOT NULL,
    state      jsonb NOT NULL,
    changed_at timestamptz NOT NULL
);
