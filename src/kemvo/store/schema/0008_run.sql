-- What ran on the stage: a run of a session, and its parts in the order in which they ran.
CREATE TABLE run (
  id      TEXT PRIMARY KEY,
  session TEXT NOT NULL,
  version INTEGER NOT NULL,
  title   TEXT NOT NULL,
  began   TEXT NOT NULL,
  ended   TEXT NOT NULL,
  removed TEXT
) STRICT;
CREATE INDEX run_by_session ON run (session, began);

CREATE TABLE run_part (
  run        TEXT NOT NULL REFERENCES run (id) ON DELETE CASCADE,
  no         INTEGER NOT NULL,
  began      TEXT NOT NULL,
  place      TEXT NOT NULL,
  pass_id    TEXT NOT NULL,
  pass_title TEXT NOT NULL,
  kind       TEXT NOT NULL,
  facing     TEXT NOT NULL,
  voice      TEXT NOT NULL,
  form_id    TEXT NOT NULL,
  posture_id TEXT NOT NULL,
  posture    TEXT NOT NULL,
  side       TEXT CHECK (side IN ('L', 'R')),
  tempo      REAL NOT NULL,
  ms         INTEGER NOT NULL,
  share      REAL NOT NULL,
  PRIMARY KEY (run, no)
) STRICT, WITHOUT ROWID;
