-- How long changeovers take a club, as a share of our times, where it chose to use that.
CREATE TABLE own_changeover (
    club_id uuid PRIMARY KEY REFERENCES club,
    factor  double precision NOT NULL
);
