-- More coaches of a club; those of until now each own theirs.
ALTER TABLE coach ADD COLUMN owner boolean NOT NULL DEFAULT false;
UPDATE coach SET owner = true;
-- A sign-in is good as long as it has the coach's present stamp.
ALTER TABLE coach ADD COLUMN sign_in_stamp integer NOT NULL DEFAULT 0;
-- Coaches who left stay named in what they made; their address may come back.
ALTER TABLE coach ADD COLUMN removed_at timestamptz;
DROP INDEX coach_email;
CREATE UNIQUE INDEX coach_email ON coach (email) WHERE removed_at IS NULL;

-- How a club measures and from which day it counts its weeks.
ALTER TABLE club ADD COLUMN measures text NOT NULL DEFAULT 'METRIC'
  CHECK (measures IN ('METRIC', 'MILES'));
ALTER TABLE club ADD COLUMN week_start text NOT NULL DEFAULT 'MONDAY'
  CHECK (week_start IN ('MONDAY', 'SATURDAY', 'SUNDAY'));

-- Links that work once, to join a club or to choose a new password. Known by their hash alone.
CREATE TABLE one_time_link (
    id         uuid PRIMARY KEY,
    club_id    uuid NOT NULL REFERENCES club,
    purpose    text NOT NULL CHECK (purpose IN ('INVITATION', 'PASSWORD')),
    coach_id   uuid REFERENCES coach,
    token_hash text NOT NULL UNIQUE,
    made_at    timestamptz NOT NULL,
    expires_at timestamptz NOT NULL,
    used_at    timestamptz,
    CONSTRAINT a_password_is_someones CHECK ((purpose = 'PASSWORD') = (coach_id IS NOT NULL))
);
CREATE INDEX one_time_link_club ON one_time_link (club_id);

-- Attempts to sign in, by address and account together, so that nobody can lock another out.
DROP TABLE sign_in_attempt;
CREATE TABLE sign_in_attempt (
    whence        text PRIMARY KEY,
    attempts      integer NOT NULL,
    last_at       timestamptz NOT NULL,
    blocked_until timestamptz NOT NULL
);
CREATE INDEX sign_in_attempt_last_at ON sign_in_attempt (last_at);

-- Links to warm-ups are known by their hash too, and at most one of a warm-up is live.
ALTER TABLE hand_over ADD COLUMN token_hash text;
UPDATE hand_over SET token_hash = encode(sha256(convert_to(token, 'UTF8')), 'hex');
ALTER TABLE hand_over ALTER COLUMN token_hash SET NOT NULL;
DROP INDEX hand_over_token;
ALTER TABLE hand_over DROP COLUMN token;
CREATE UNIQUE INDEX hand_over_token_hash ON hand_over (token_hash);
ALTER TABLE hand_over ADD COLUMN kept boolean NOT NULL DEFAULT false;
UPDATE hand_over h SET revoked_at = now()
  WHERE revoked_at IS NULL AND EXISTS (
    SELECT 1 FROM hand_over later
    WHERE later.prescription_id = h.prescription_id AND later.revoked_at IS NULL
      AND (later.created_at, later.id) > (h.created_at, h.id));
CREATE UNIQUE INDEX hand_over_live ON hand_over (prescription_id) WHERE revoked_at IS NULL;
