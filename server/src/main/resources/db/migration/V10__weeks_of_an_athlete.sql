-- What an athlete's weeks look like has the name that it has everywhere else.
ALTER TABLE training_block_athlete RENAME COLUMN stands TO athlete_weeks;
