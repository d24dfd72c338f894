"""The commands that serve the pages, and what is done with the data folder: the passphrase, copies."""

from __future__ import annotations

import sys
from pathlib import Path
from typing import Annotated

import typer

from kemvo.cli.shared import progress, sentences

commands = typer.Typer()

Host = Annotated[
    str,
    typer.Option(help="Address to listen on. Other than 127.0.0.1 lets other machines in, with the passphrase."),
]
Names = Annotated[list[str], typer.Option("--name", help="With --host: a name that other machines know this one by.")]
Folder = Annotated[Path | None, typer.Option(help="The data folder. Default: your own data.")]
Port = Annotated[int, typer.Option(help="Port to listen on; 0 takes a free one.", min=0, max=65535)]
Browser = Annotated[bool, typer.Option("--browser/--no-browser", help="Open a browser when there is a desktop.")]


@commands.command()
def serve(host: Host = "127.0.0.1", port: Port = 8137, browser: Browser = False, name: Names = []) -> None:  # noqa: B006
    """Serve the pages on your own data (in KEMVO_HOME, or the usual place on this system)."""
    from kemvo.serve import alone, serve_folder
    from kemvo.store.database import home

    with sentences(), alone(home()):
        serve_folder(home(), host, port, browser, name)


@commands.command()
def demo(
    folder: Annotated[Path, typer.Option(help="Folder for the demo's data.")] = Path(".demo"),
    host: Host = "127.0.0.1",
    port: Port = 8137,
    browser: Browser = True,
    fresh: Annotated[bool, typer.Option(help="Begin with unchanged demo data again.")] = False,
    films: Annotated[
        bool, typer.Option("--films/--no-films", help="Have the stand-in studio film two recordings.")
    ] = True,
    neural: Annotated[
        bool,
        typer.Option("--neural/--no-neural", help="Let the evening class speak with the neural voice, if it is here."),
    ] = True,
    name: Names = [],  # noqa: B006
) -> None:
    """Serve the pages on the demo: Saltmarsh Hall with its two forms, and two classes with eight weeks of lessons."""
    import threading

    from kemvo.audio.speech.neural import neural_voices
    from kemvo.demo.films import film_demo
    from kemvo.demo.load import fill
    from kemvo.serve import alone, serve_folder

    with sentences():
        folder.mkdir(parents=True, exist_ok=True)
        with alone(folder):
            voices_here = neural_voices(folder) if neural else []
            fill(folder, fresh, voices_here[0].id if voices_here else "")
            if films:
                threading.Thread(target=film_demo, args=(folder,), name="kemvo-films", daemon=True).start()
            serve_folder(folder, host, port, browser, name)


@commands.command()
def passphrase(folder: Folder = None) -> None:
    """Set the passphrase that other machines enter when Kemvo is started with --host. It is asked for twice, or read from
    the standard input where that is no terminal."""
    from kemvo.api.guard.entry import set_passphrase
    from kemvo.store.database import home

    with sentences():
        if sys.stdin.isatty():
            said = typer.prompt("Passphrase", hide_input=True, confirmation_prompt=True)
        else:
            said = sys.stdin.readline().rstrip("\n")
        set_passphrase(folder or home(), said)
        typer.echo("The passphrase is set. Whoever was let in with another one must enter again.")


@commands.command()
def backup(
    file: Annotated[
        Path | None, typer.Argument(metavar="[FILE]", help="File to write. Default: kemvo-DATE.zip here.")
    ] = None,
    large: Annotated[bool, typer.Option("--large/--no-large", help="With the sounds that were brought in.")] = True,
    folder: Folder = None,
) -> None:
    """Write everything (forms, sessions, takes, sounds, own postures and patterns) into one file, and check it."""
    from datetime import datetime

    from kemvo.store.copies import back_up
    from kemvo.store.database import Database, home

    with sentences():
        out = file or Path(f"kemvo-{datetime.now():%Y-%m-%d}.zip")
        made = back_up(Database((folder or home()) / "kemvo.sqlite"), out, large, progress)
        typer.echo(f"{out}: {made.says()}")


@commands.command()
def restore(
    file: Annotated[
        Path, typer.Argument(metavar="FILE", help="A file that “kemvo backup” made, or one in the folder “copies”.")
    ],
    folder: Folder = None,
) -> None:
    """Put a copy in the place of your data. What is there now is copied first, into the folder “copies”."""
    from kemvo.serve import alone
    from kemvo.store.copies import restore as put_back
    from kemvo.store.database import Database, home

    with sentences():
        file.stat()
        where = folder or home()
        where.mkdir(parents=True, exist_ok=True)
        with alone(where):
            found = put_back(Database(where / "kemvo.sqlite"), file, progress)
        typer.echo(
            f"{found.forms} forms and {found.sessions} sessions are in {where} now, as they were in {file.name}."
        )
