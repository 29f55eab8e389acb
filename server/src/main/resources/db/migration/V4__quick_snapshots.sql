-- An edit writes two snapshots; lz4 packs them several times faster than the default.
ALTER TABLE prescription_revision ALTER COLUMN inputs SET COMPRESSION lz4;
ALTER TABLE prescription_revision ALTER COLUMN outcome SET COMPRESSION lz4;
-- Redo looks for what was made from a revision.
CREATE INDEX prescription_revision_parent ON prescription_revision (prescription_id, parent);
