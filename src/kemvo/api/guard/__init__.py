"""Who may come in, and how errors are told."""
