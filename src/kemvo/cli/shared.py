"""What the commands share: the files they are given, progress, and errors as sentences."""

from __future__ import annotations

import json
import sys
from pathlib import Path
from typing import TYPE_CHECKING, Annotated, NoReturn

import typer

if TYPE_CHECKING:
    from kemvo.core.errors import Problem

SessionFile = Annotated[
    Path,
    typer.Argument(
        metavar="SESSION.json",
        help="A session file saved by Kemvo, or a ZIP with its sounds (or a form file: one pass to watch, one to follow).",
    ),
]
FormFile = Annotated[Path, typer.Argument(metavar="FORM.json", help="A form file saved by Kemvo.")]


def progress(share: float) -> None:
    """Show the share that is done, where somebody looks."""
    if sys.stderr.isatty():
        typer.echo(f"\r{share:4.0%}", nl=False, err=True)


class sentences:  # noqa: N801 - reads as a statement
    """Within it, an error a user can mend ends the command with its sentence and exit code 2."""

    def __enter__(self) -> None: ...

    def __exit__(self, kind: object, error: BaseException | None, _: object) -> None:
        if error is None:
            return
        from kemvo.core.errors import KemvoError

        if isinstance(error, KemvoError):
            end(*error.problems)
        if isinstance(error, OSError) and not isinstance(error, BrokenPipeError):
            refuse(f"{error.filename or 'The file'}: {error.strerror or error}.", "Check the name and try again.")


def refuse(what: str, mend: str, where: str = "") -> NoReturn:
    """End the command with one sentence: what it cannot do, where, and how to mend it."""
    from kemvo.core.errors import Problem

    end(Problem(what=what, where=where, mend=mend))


def end(*problems: Problem) -> NoReturn:
    """End the command with these sentences."""
    for problem in problems:
        typer.echo(problem.sentence(), err=True)
    raise typer.Exit(2)


def print_json(value: object) -> None:
    """Print a value as JSON, as people read it."""
    typer.echo(json.dumps(value, ensure_ascii=False, indent=1))
