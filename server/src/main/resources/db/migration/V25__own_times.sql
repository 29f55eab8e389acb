-- How long drills take a club, as a share of our times, where it chose to use that.
CREATE TABLE own_time (
    club_id uuid NOT NULL REFERENCES club,
    drill   text NOT NULL,
    factor  double precision NOT NULL,
    PRIMARY KEY (club_id, drill)
);
