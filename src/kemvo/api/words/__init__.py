"""Routes of the words of a session or recording: desk, problems mended, booth, take-away."""
