-- Revisions of several documents that were made in one step carry the same number, so that they are undone in one.
ALTER TABLE revision ADD COLUMN step INTEGER;
CREATE INDEX revision_step ON revision (step) WHERE step IS NOT NULL;
