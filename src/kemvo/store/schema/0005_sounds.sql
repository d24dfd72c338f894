-- Sounds the instructor brings or records. The files lie beside the database, named by the hash of their content.
CREATE TABLE brought_sound (
  id     TEXT PRIMARY KEY,
  name   TEXT NOT NULL,
  saved  TEXT NOT NULL
) STRICT;

-- Lines the instructor has spoken. `line` is the text without case and marks, `file` the take made ready, `raw` as it was
-- recorded. Every take stays; the newest one that was not put away counts.
CREATE TABLE take (
  number  INTEGER PRIMARY KEY,
  line    TEXT NOT NULL,
  text    TEXT NOT NULL,
  file    TEXT NOT NULL,
  raw     TEXT NOT NULL,
  ms      INTEGER NOT NULL,
  saved   TEXT NOT NULL,
  removed TEXT
) STRICT;

CREATE INDEX take_by_line ON take (line, number);
