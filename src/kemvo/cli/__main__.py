"""`python -m kemvo.cli` is the kemvo command."""

from kemvo.cli import app

app()
