-- Lessons kept as patterns, to be laid out again over other forms and postures. Put away, never deleted.
CREATE TABLE own_pattern (
  id      INTEGER PRIMARY KEY,
  title   TEXT NOT NULL,
  blocks  TEXT NOT NULL,
  saved   TEXT NOT NULL,
  removed TEXT
) STRICT;
