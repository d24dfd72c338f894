"""A whole text into a form: what each line is, and the form that comes of it."""
