"""The kemvo command: serve the pages, run the demo, or do the main job without pages."""

from __future__ import annotations

import typer

from kemvo.cli import descriptions, practice, serving
from kemvo.cli.recording import recording

app = typer.Typer(
    name="kemvo",
    no_args_is_help=True,
    add_completion=False,
    pretty_exceptions_enable=False,
    rich_markup_mode=None,
    help="Timed, spoken follow-along tai chi practice. Tempo is in counts a minute, times in files are in milliseconds.",
)
for part in (serving.commands, practice.commands, recording, descriptions.commands):
    app.add_typer(part)
