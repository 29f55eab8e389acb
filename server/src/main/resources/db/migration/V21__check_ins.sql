-- What athletes tell before a session, and what became of it. None is ever changed but for that.
CREATE TABLE check_in (
    id              uuid PRIMARY KEY,
    club_id         uuid NOT NULL REFERENCES club,
    prescription_id uuid NOT NULL REFERENCES prescription,
    told_at         timestamptz NOT NULL,
    received_at     timestamptz NOT NULL,
    answers         jsonb NOT NULL,
    coach_first     boolean NOT NULL,
    state           text NOT NULL,
    decided_by      uuid REFERENCES coach,
    decided_at      timestamptz,
    taken           jsonb
);

CREATE INDEX check_in_prescription ON check_in (club_id, prescription_id, received_at);

-- Whose warm-up waits until the coach has spoken with them: telling anew lets nobody go.
CREATE VIEW held_warm_up AS
SELECT DISTINCT c.club_id, c.prescription_id
FROM check_in c
WHERE c.coach_first
  AND c.state IN ('OPEN', 'SUPERSEDED', 'REFUSED')
  AND NOT EXISTS (
      SELECT 1 FROM check_in r
      WHERE r.club_id = c.club_id AND r.prescription_id = c.prescription_id
        AND r.state = 'RELEASED' AND r.received_at >= c.received_at);
