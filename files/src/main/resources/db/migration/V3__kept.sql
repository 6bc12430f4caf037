-- A revision may be kept as what differs from the one before it; every one carries a checksum of its whole text.
ALTER TABLE revision ADD COLUMN base INTEGER;
ALTER TABLE revision ADD COLUMN checksum TEXT;
-- Jobs that were put away are not among those one works at; they are found again with all they hold.
ALTER TABLE document ADD COLUMN away INTEGER NOT NULL DEFAULT 0;
