"""What a page or a paper shows of a form, a session, a practice."""
