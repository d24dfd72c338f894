"""What all routes have in common: the house, documents and their versions, long work, single sounds."""
