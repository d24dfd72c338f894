-- How long a voice takes to say a text, measured once. `voice` names engine, voice and speed.
CREATE TABLE speech_length (
  voice TEXT NOT NULL,
  text  TEXT NOT NULL,
  ms    INTEGER NOT NULL,
  PRIMARY KEY (voice, text)
) STRICT, WITHOUT ROWID;
