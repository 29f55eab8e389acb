-- Whoever left is no longer offered, and stays where they were.
ALTER TABLE athlete ADD COLUMN archived_at timestamptz;
