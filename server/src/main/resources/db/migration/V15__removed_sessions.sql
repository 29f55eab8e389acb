-- A session that was taken off the calendar can be put back, with its warm-ups.
ALTER TABLE training_session ADD COLUMN removed_at timestamptz;
