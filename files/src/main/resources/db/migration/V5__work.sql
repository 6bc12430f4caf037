-- What was done at the bench: lines of each job's log, only ever added to.
CREATE TABLE work (
    document TEXT NOT NULL REFERENCES document (id),
    number   INTEGER NOT NULL,
    at       TEXT NOT NULL,
    body     TEXT NOT NULL,
    PRIMARY KEY (document, number)
) WITHOUT ROWID;
