"""The whole line from a session to its sounds, and working on it: the desk, the booth, cue files."""
