-- The warm-up that an athlete does before races in a sport, as it was done on a day.
CREATE TABLE race_routine (
    club_id         uuid NOT NULL REFERENCES club,
    athlete_id      uuid NOT NULL REFERENCES athlete,
    sport           text NOT NULL,
    name            text NOT NULL,
    prescription_id uuid NOT NULL REFERENCES prescription,
    frozen_on       date NOT NULL,
    PRIMARY KEY (club_id, athlete_id, sport)
);
