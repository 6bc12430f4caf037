-- A shop in one file: every job and the shop itself is a document, and every edit of one is a revision.
CREATE TABLE document (
    id       TEXT    PRIMARY KEY,
    kind     TEXT    NOT NULL CHECK (kind IN ('job', 'shop')),
    place    INTEGER NOT NULL,
    -- What a list shows, so that listing thousands of jobs reads none of them.
    title    TEXT    NOT NULL,
    for_whom TEXT    NOT NULL,
    revision INTEGER NOT NULL
);

CREATE TABLE revision (
    document TEXT    NOT NULL REFERENCES document (id) ON DELETE CASCADE,
    number   INTEGER NOT NULL,
    made_at  TEXT    NOT NULL,
    words    TEXT    NOT NULL,
    body     TEXT    NOT NULL,
    PRIMARY KEY (document, number)
) WITHOUT ROWID;

CREATE TABLE setting (
    name  TEXT PRIMARY KEY,
    value TEXT NOT NULL
) WITHOUT ROWID;
