"""What is saved: forms, sessions, the catalogue's entries; and the other side of a form."""
