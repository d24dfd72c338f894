-- Forms and sessions are edited whole: one row with the JSON document, and every version it ever had.
-- `version` counts writes and is what a stale write is noticed by; `revision` names the content shown,
-- and moves back and forth with undo and redo.
CREATE TABLE document (
  id       TEXT PRIMARY KEY,
  kind     TEXT NOT NULL CHECK (kind IN ('form', 'session')),
  version  INTEGER NOT NULL,
  revision INTEGER NOT NULL,
  body     TEXT NOT NULL,
  created  TEXT NOT NULL,
  saved    TEXT NOT NULL,
  removed  TEXT
) STRICT;

CREATE INDEX document_by_kind ON document (kind, saved);

-- `body` is the JSON document, deflated. `parent` is the revision it was made from, so that undo and redo
-- are steps along a tree and a branch that was left is still there.
CREATE TABLE revision (
  document TEXT NOT NULL REFERENCES document (id) ON DELETE CASCADE,
  number   INTEGER NOT NULL,
  parent   INTEGER,
  body     BLOB NOT NULL,
  saved    TEXT NOT NULL,
  PRIMARY KEY (document, number)
) STRICT, WITHOUT ROWID;

CREATE INDEX revision_by_parent ON revision (document, parent, number);
