"""The kemvo command: serve the pages, run the demo, or do the main job without pages."""

from __future__ import annotations

import sys
from pathlib import Path
from typing import Annotated, Literal

import typer

from kemvo.audio.speech.neural import neural_voices
from kemvo.cli_parts import FormFile, SessionFile, end, progress, sentences
from kemvo.cli_recording import recording
from kemvo.core.errors import Problem

app = typer.Typer(
    name="kemvo",
    no_args_is_help=True,
    add_completion=False,
    pretty_exceptions_enable=False,
    help="Timed, spoken follow-along tai chi practice. Tempo is in counts a minute, times in files are in milliseconds.",
)

app.add_typer(recording)

Host = Annotated[
    str,
    typer.Option(help="Address to listen on. Other than 127.0.0.1 lets other machines in, with the passphrase."),
]
Names = Annotated[list[str], typer.Option("--name", help="With --host: a name that other machines know this one by.")]
Folder = Annotated[Path | None, typer.Option(help="The data folder. Default: your own data.")]
Port = Annotated[int, typer.Option(help="Port to listen on; 0 takes a free one.", min=0, max=65535)]
Browser = Annotated[bool, typer.Option("--browser/--no-browser", help="Open a browser when there is a desktop.")]


@app.command()
def serve(host: Host = "127.0.0.1", port: Port = 8137, browser: Browser = False, name: Names = []) -> None:  # noqa: B006
    """Serve the pages on your own data (in KEMVO_HOME, or the usual place on this system)."""
    from kemvo.serve import alone, serve_folder
    from kemvo.store.database import home

    with sentences(), alone(home()):
        serve_folder(home(), host, port, browser, name)


@app.command()
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


@app.command()
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
        typer.echo("The passphrase is set. Start Kemvo again for it to count.")


@app.command()
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


@app.command()
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


@app.command()
def form(
    text: Annotated[
        Path,
        typer.Argument(
            metavar="TEXT", help="Names, an outline, a script or captions: .txt, .md, .csv, .srt, .vtt or .mid."
        ),
    ],
    out: Annotated[
        Path | None,
        typer.Option("-o", "--out", metavar="NAME.form.json", help="Form to write. Default: NAME.form.json here."),
    ] = None,
    title: Annotated[str, typer.Option(help="The form's title. Default: the text's own, else the file's name.")] = "",
    names: Annotated[
        str,
        typer.Option(help="Where the names of postures stand: before or after their movements. Default: as it seems."),
    ] = "",
    items: Annotated[
        str, typer.Option(help="What the items of a flat list are: postures or movements. Default: as it seems.")
    ] = "",
) -> None:
    """Make a form of a text, as the page “Bring in a text” does. What was not understood is told on the error output."""
    from kemvo.formats.documents.kemvo_json import write_form
    from kemvo.main_job import form_of_text

    with sentences():
        if names not in ("", "before", "after"):
            end(Problem(what=f"“{names}” is no place of a name.", where="--names", mend="Say before or after."))
        if items not in ("", "postures", "movements"):
            end(Problem(what=f"“{items}” is no kind of item.", where="--items", mend="Say postures or movements."))
        made, remarks = form_of_text(text, title, items, names)  # type: ignore[arg-type]
        path = out or Path(f"{text.stem}.form.json")
        path.write_text(write_form(made), encoding="utf-8")
        for line in remarks:
            typer.echo(line, err=True)
        postures = made.postures()
        typer.echo(f"{path}: {len(postures)} postures, {sum(len(p.movements) for p in postures)} movements.", err=True)


@app.command()
def session(
    form: FormFile,
    out: Annotated[
        Path | None,
        typer.Option(
            "-o", "--out", metavar="S.session.json", help="Session to write. Default: NAME.session.json here."
        ),
    ] = None,
    tempo: Annotated[
        float | None, typer.Option(help="Counts a minute. Default: the form's own.", min=4, max=240)
    ] = None,
    minutes: Annotated[float | None, typer.Option(help="How long it lasts: sets the tempo.", min=0.1, max=360)] = None,
    facing: Annotated[
        Literal["behind", "mirror", "watch", "side"], typer.Option(help="How the instructor stands.")
    ] = "behind",
) -> None:
    """Make a session of one pass over a form."""
    from kemvo.core.lesson.one_pass import one_pass
    from kemvo.formats.documents.kemvo_json import write_session
    from kemvo.main_job import one_form

    with sentences():
        body = one_form(form)
        made = one_pass(body, tempo, minutes, facing)
        path = out or Path(f"{form.name.split('.')[0]}.session.json")
        path.write_text(write_session(made, {"form": body}), encoding="utf-8")
        typer.echo(f"{path}: {made.title}, {made.passes[0].tempo or body.tempo:g} counts a minute.", err=True)


@app.command()
def cues(
    session: SessionFile,
    out: Annotated[
        Path | None,
        typer.Option(
            "-o",
            "--out",
            help="File to write: captions (.vtt, .srt), a table (.csv), a sheet (.txt), .labels.txt, .chapters.vtt, .metadata.vtt, the tempo map (.mid) or the instructor's cue sheet (.pdf). Default: WebVTT to the terminal.",
        ),
    ] = None,
    speed: Annotated[float, typer.Option(help="Multiplies every tempo.", min=0.25, max=4)] = 1.0,
) -> None:
    """Schedule every spoken cue of a session and write the captions.

    What had to be shortened or left out is told on the error output, with the reason.
    """
    from kemvo.main_job import prepared

    with sentences():
        job = prepared(session, speed)
        content = job.as_file(out.name if out else ".vtt")
        if out:
            out.write_bytes(content)
        else:
            typer.echo(content.decode())
        for line in job.remarks():
            typer.echo(line, err=True)


@app.command()
def schedule(
    problem: Annotated[
        Path,
        typer.Argument(
            metavar="PROBLEM.json", help="What could be said, with lengths, worths and windows (docs/formats.md)."
        ),
    ],
    out: Annotated[
        Path | None, typer.Option("-o", "--out", metavar="ANSWER.json", help="Answer to write. Default: the terminal.")
    ] = None,
) -> None:
    """Decide what is said, in which words, starting when: the exact optimum of a problem of your own."""
    from kemvo.core.scheduling.solver import solve
    from kemvo.formats.documents.schedule_json import read_talk, write_answer

    with sentences():
        talk = read_talk(problem.read_bytes(), problem.name)
        text = write_answer(talk, solve(talk))
        if out:
            out.write_text(text, encoding="utf-8")
        else:
            typer.echo(text)


@app.command()
def render(
    session: SessionFile,
    out: Annotated[Path, typer.Option("-o", "--out", help="Sound file to write: .wav, .flac, .mp3 or .ogg.")] = Path(
        "practice.wav"
    ),
    speed: Annotated[float, typer.Option(help="Multiplies every tempo.", min=0.25, max=4)] = 1.0,
) -> None:
    """Render a session to a sound file: voice, breath tones and chimes."""
    from kemvo.audio.render import render as render_sounds
    from kemvo.core.types import in_minutes
    from kemvo.main_job import prepared

    with sentences():
        job = prepared(session, speed)
        heard = render_sounds(
            job.practice.sounds,
            job.practice.heard.total_ms,
            job.clips,
            out,
            out.suffix.removeprefix(".").lower(),
            progress,
            job.order(),
        )
        told = f"{in_minutes(job.practice.heard.total_ms)}, {job.spoken()} cues spoken. {heard.says()}"
        typer.echo(f"\r{out}: {told}", err=True)


@app.command()
def read(
    file: Annotated[
        Path, typer.Argument(metavar="FILE", help="A text of instruction: .txt, .md, .csv, .srt, .vtt or .mid.")
    ],
    as_json: Annotated[
        bool, typer.Option("--json", help="Print JSON: [{t_ms, line, text, facts}], times in milliseconds.")
    ] = False,
) -> None:
    """Read a text of instruction: which foot moves, where the weight goes, which way the body turns."""
    from kemvo.core.model.catalogue import name_index
    from kemvo.core.text_import.script import as_plain_entry, read_script
    from kemvo.formats.documents.catalogue import shipped_catalogue
    from kemvo.formats.texts.scripts import script_entries

    with sentences():
        entries = [
            as_plain_entry(e)
            for e in read_script(script_entries(file.read_bytes(), file.name), name_index(shipped_catalogue()))
        ]
        if as_json:
            _print_json(entries)
            return
        for entry in entries:
            typer.echo(f"{entry['line']:>5}  {entry['text']}")
            for fact in entry["facts"]:
                told = ", ".join(f"{k} {v}" for k, v in fact.items() if v is not None and k not in ("kind", "span"))
                typer.echo(f"         {fact['kind']}{': ' if told else ''}{told}")


AsJson = Annotated[bool, typer.Option("--json", help="Print JSON: lengths in metres, angles in degrees.")]


@app.command()
def check(form: FormFile, as_json: AsJson = False) -> None:
    """Read a form through: feet, weight, knees, breath, sides, room. Says what it noticed, and how it can be mended."""
    from kemvo.core.review.checks import read_through
    from kemvo.core.review.context import seen
    from kemvo.core.review.mends import mends
    from kemvo.main_job import one_form

    with sentences():
        body = one_form(form)
        found = read_through(seen(body))
        mended = {f.id: [m.says for m in mends(body, f.id)] for f in found}
        if as_json:
            _print_json([{**f.model_dump(), "mends": mended[f.id]} for f in found])
            return
        if not found:
            typer.echo("Nothing was noticed.")
        for f in found:
            typer.echo(f"{f.level:<6} {f.id}\n       {f.says}")
            for says in mended[f.id]:
                typer.echo(f"       – {says}")


@app.command()
def floor(
    form: FormFile,
    room: Annotated[
        Path | None, typer.Option(help="A room as JSON (docs/formats.md). Default: the form's own room.")
    ] = None,
    facings: Annotated[str, typer.Option(help="Which facings to try: front, four or all.")] = "four",
    step: Annotated[int | None, typer.Option(help="Size of step in percent.", min=10, max=200)] = None,
    as_json: AsJson = False,
) -> None:
    """The form's feet on the floor, the room it needs, its mark, and where to begin it in a room so that it fits."""
    from kemvo.core.floor.footprint import space
    from kemvo.core.floor.start_position import standing
    from kemvo.core.review.context import seen
    from kemvo.core.views.form_sheet import floor_of
    from kemvo.formats.documents.kemvo_json import read_room
    from kemvo.main_job import one_form

    with sentences():
        if facings not in ("front", "four", "all"):
            end(Problem(what=f"Facings can be front, four or all, not {facings!r}.", mend="Choose one of those."))
        body = one_form(form)
        if room:
            body = body.model_copy(update={"room": read_room(room.read_bytes(), room.name)})
        if step:
            body = body.model_copy(update={"who": body.who.model_copy(update={"step_pct": step})})
        look = seen(body)
        told = floor_of(look)
        where = standing(body, facings) if body.room else None  # type: ignore[arg-type]
        if as_json:
            discs = [list(d) for d in space(look.trace)]
            plain = told.model_dump(mode="json")
            _print_json({**plain, "space": discs, "standing": where.model_dump() if where else None})
            return
        typer.echo(told.sentence)
        typer.echo(told.mark_sentence)
        if where:
            typer.echo(where.says)


def _print_json(value: object) -> None:
    import json

    typer.echo(json.dumps(value, ensure_ascii=False, indent=1))


@app.command()
def schema(
    kind: Annotated[str, typer.Argument(help="form, session, room, schedule-problem or schedule-answer.")],
) -> None:
    """Print the JSON Schema of a kind of file (as in docs/schema)."""
    from kemvo.formats.documents.schemas import SCHEMAS, schema_of

    with sentences():
        if kind not in SCHEMAS:
            end(Problem(what=f"There is no schema called “{kind}”.", mend=f"Choose one of {', '.join(SCHEMAS)}."))
        _print_json(schema_of(kind))


@app.command(hidden=True)
def openapi() -> None:
    """Print the description of the web API, from which the front end's types are made."""
    import json
    import tempfile

    from kemvo.api.app import create_app

    with tempfile.TemporaryDirectory() as folder:
        typer.echo(json.dumps(create_app(Path(folder)).openapi(), indent=1))


if __name__ == "__main__":
    app()
