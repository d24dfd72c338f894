-- Postures the instructor keeps, and those that go before the catalogue's own of the same id. Every version stays: the
-- newest row of an id counts, and one without a body means that it was put away.
CREATE TABLE own_posture (
  number INTEGER PRIMARY KEY,
  id     TEXT NOT NULL,
  body   TEXT,
  saved  TEXT NOT NULL
) STRICT;

CREATE INDEX own_posture_by_id ON own_posture (id, number);
