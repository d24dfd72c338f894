"""The pieces of a text and how they stand to each other: entries, headings and indents, lines that run on, times."""
