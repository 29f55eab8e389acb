-- Whether a club says 17:30 or 5:30 pm.
ALTER TABLE club ADD COLUMN hour_cycle text NOT NULL DEFAULT 'H24'
  CHECK (hour_cycle IN ('H24', 'H12'));
