"""What is handed out: paper, tables, the calendar, the take-away page."""
