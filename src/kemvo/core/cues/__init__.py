"""What could be said of a practice: kinds of cues, their words, their moments."""
