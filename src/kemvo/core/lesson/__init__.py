"""The hour: a pattern laid out over a form, and fitted to the time there is."""
