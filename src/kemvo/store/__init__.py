"""SQLite through plain SQL: documents with every earlier version, and measured speech lengths."""
