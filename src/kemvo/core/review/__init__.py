"""What Kemvo notices in a form, and how to mend it."""
