-- Customers' pictures, each once, by a name made of what it is; jobs name them.
CREATE TABLE picture (
    name  TEXT PRIMARY KEY,
    bytes BLOB NOT NULL
);
