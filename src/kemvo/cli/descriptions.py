"""The commands that print descriptions: the schemas of files, and the web API."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from kemvo.cli.shared import print_json, refuse, sentences

commands = typer.Typer()


@commands.command()
def schema(
    kind: Annotated[str, typer.Argument(help="form, session, room, schedule-problem or schedule-answer.")],
) -> None:
    """Print the JSON Schema of a kind of file (as in docs/schema)."""
    from kemvo.formats.documents.schemas import SCHEMAS, schema_of

    with sentences():
        if kind not in SCHEMAS:
            refuse(what=f"There is no schema called “{kind}”.", mend=f"Choose one of {', '.join(SCHEMAS)}.")
        print_json(schema_of(kind))


@commands.command(hidden=True)
def openapi() -> None:
    """Print the description of the web API, from which the front end's types are made."""
    import json
    import tempfile

    from kemvo.api.app import create_app

    with tempfile.TemporaryDirectory() as folder:
        typer.echo(json.dumps(create_app(Path(folder)).openapi(), indent=1))


@commands.command(hidden=True)
def blanks() -> None:
    """Print what new rows begin with, and the bounds of numbers, which the front end takes."""
    import tempfile

    from kemvo.api.app import create_app
    from kemvo.api.base.bounds import bounds_of
    from kemvo.core.views.blanks import blanks as made

    with tempfile.TemporaryDirectory() as folder:
        described = create_app(Path(folder)).openapi()
    print_json({**made(), "bounds": bounds_of(described["components"]["schemas"])})
