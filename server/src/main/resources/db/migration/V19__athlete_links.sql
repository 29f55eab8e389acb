-- One link an athlete, to their next warm-ups; its secret is known here by its hash alone.
CREATE TABLE athlete_link (
    id         uuid PRIMARY KEY,
    club_id    uuid NOT NULL REFERENCES club,
    athlete_id uuid NOT NULL REFERENCES athlete,
    token_hash text NOT NULL UNIQUE,
    created_at timestamptz NOT NULL,
    revoked_at timestamptz
);
CREATE UNIQUE INDEX athlete_link_live ON athlete_link (athlete_id) WHERE revoked_at IS NULL;
