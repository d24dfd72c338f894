-- Classes, the lessons they had and their courses are documents as forms and sessions are: every version stays. The kinds are
-- checked where they are read.
CREATE TABLE document_new (
  id       TEXT PRIMARY KEY,
  kind     TEXT NOT NULL,
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

-- How long a run was to take when it began (0: not known).
ALTER TABLE run ADD COLUMN planned_ms INTEGER NOT NULL DEFAULT 0;
ALTER TABLE run ADD COLUMN class_id TEXT NOT NULL DEFAULT '';
CREATE INDEX run_by_class ON run (class_id, began);

-- What was put into a calendar, so that a change updates it there and what falls away is cancelled: `sequence` counts the changes.
CREATE TABLE calendar_event (
  uid      TEXT PRIMARY KEY,
  course   TEXT NOT NULL,
  sequence INTEGER NOT NULL,
  body     TEXT NOT NULL,
  modified TEXT NOT NULL
) STRICT;
CREATE INDEX calendar_event_by_course ON calendar_event (course);
