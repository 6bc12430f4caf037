-- What was practised: one line an exercise, only ever added to.
CREATE TABLE practice (
    number INTEGER PRIMARY KEY,
    at     TEXT NOT NULL,
    what   TEXT NOT NULL,
    seed   INTEGER NOT NULL,
    points INTEGER NOT NULL
);

-- What the lines of all logs say, to be searched.
CREATE VIRTUAL TABLE said USING fts5 (words, document UNINDEXED, number UNINDEXED, tokenize = 'unicode61 remove_diacritics 2');
