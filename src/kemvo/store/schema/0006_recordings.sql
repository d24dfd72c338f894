-- Recordings are documents as forms and sessions are. A check cannot be changed in place: both tables are made anew.
CREATE TABLE document_new (
  id       TEXT PRIMARY KEY,
  kind     TEXT NOT NULL CHECK (kind IN ('form', 'session', 'recording')),
  version  INTEGER NOT NULL,
  revision INTEGER NOT NULL,
  body     TEXT NOT NULL,
  created  TEXT NOT NULL,
  saved    TEXT NOT NULL,
  removed  TEXT
) STRICT;
INSERT INTO document_new (rowid, id, kind, version, revision, body, created, saved, removed)
  SELECT rowid, id, kind, version, revision, body, created, saved, removed FROM document;

CREATE TABLE revision_new (
  document TEXT NOT NULL REFERENCES document_new (id) ON DELETE CASCADE,
  number   INTEGER NOT NULL,
  parent   INTEGER,
  body     BLOB NOT NULL,
  saved    TEXT NOT NULL,
  PRIMARY KEY (document, number)
) STRICT, WITHOUT ROWID;
INSERT INTO revision_new SELECT document, number, parent, body, saved FROM revision;

DROP TABLE revision;
DROP TABLE document;
ALTER TABLE document_new RENAME TO document;
ALTER TABLE revision_new RENAME TO revision;
CREATE INDEX document_by_kind ON document (kind, saved);
CREATE INDEX revision_by_parent ON revision (document, parent, number);
