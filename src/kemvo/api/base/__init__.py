"""What all routes have in common: the workspace, documents and their versions, long work, single sounds."""
