"""The commands of the main job: a text to a form, a form to a session, its cues, its sound; a line read, a form checked."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated, Literal

import typer

from kemvo.cli.shared import FormFile, SessionFile, print_json, progress, refuse, sentences

commands = typer.Typer()


@commands.command()
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
    kinds: Annotated[
        Path | None,
        typer.Option(
            metavar="KINDS.json", help='What lines are, where you know better: {"the words of a line": "caution"}.'
        ),
    ] = None,
    as_json: Annotated[
        bool, typer.Option("--json", help="Print what became of every line, how sure that is, and the questions.")
    ] = False,
) -> None:
    """Make a form of a text, as the page “Bring in a text” does. What was not understood, and questions, are told on the error output."""
    from kemvo.cli.form_job import form_of_text, kinds_said
    from kemvo.formats.documents.kemvo_json import write_form

    with sentences():
        if names not in ("", "before", "after"):
            refuse(what=f"“{names}” is no place of a name.", where="--names", mend="Say before or after.")
        if items not in ("", "postures", "movements"):
            refuse(what=f"“{items}” is no kind of item.", where="--items", mend="Say postures or movements.")
        made, lines, remarks = form_of_text(text, title, items, names, kinds_said(kinds) if kinds else None)  # type: ignore[arg-type]
        path = out or Path(f"{text.stem}.form.json")
        path.write_text(write_form(made), encoding="utf-8")
        for line in remarks:
            typer.echo(line, err=True)
        if as_json:
            print_json({"lines": [x.model_dump(mode="json") for x in lines], "questions": sum(x.asks for x in lines)})
        postures = made.postures()
        typer.echo(f"{path}: {len(postures)} postures, {sum(len(p.movements) for p in postures)} movements.", err=True)


@commands.command()
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
    from kemvo.cli.form_job import one_form
    from kemvo.core.lesson.one_pass import one_pass
    from kemvo.formats.documents.kemvo_json import write_session

    with sentences():
        body = one_form(form)
        made = one_pass(body, tempo, minutes, facing)
        path = out or Path(f"{form.name.split('.')[0]}.session.json")
        path.write_text(write_session(made, {"form": body}), encoding="utf-8")
        typer.echo(f"{path}: {made.title}, {made.passes[0].tempo or body.tempo:g} counts a minute.", err=True)


@commands.command()
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
    from kemvo.cli.main_job import prepared

    with sentences():
        job = prepared(session, speed)
        content = job.as_file(out.name if out else ".vtt")
        if out:
            out.write_bytes(content)
        else:
            typer.echo(content.decode())
        for line in job.remarks():
            typer.echo(line, err=True)


@commands.command()
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


@commands.command()
def render(
    session: SessionFile,
    out: Annotated[Path, typer.Option("-o", "--out", help="Sound file to write: .wav, .flac, .mp3 or .ogg.")] = Path(
        "practice.wav"
    ),
    speed: Annotated[float, typer.Option(help="Multiplies every tempo.", min=0.25, max=4)] = 1.0,
) -> None:
    """Render a session to a sound file: voice, breath tones and chimes."""
    from kemvo.audio.render import render as render_sounds
    from kemvo.cli.main_job import prepared
    from kemvo.core.types import in_minutes

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


@commands.command()
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
    from kemvo.core.text_import.whole_text.script import as_plain_entry, read_script
    from kemvo.formats.documents.catalogue import shipped_catalogue
    from kemvo.formats.texts.scripts import script_entries

    with sentences():
        entries = [
            as_plain_entry(e)
            for e in read_script(script_entries(file.read_bytes(), file.name), name_index(shipped_catalogue()))
        ]
        if as_json:
            print_json(entries)
            return
        for entry in entries:
            typer.echo(f"{entry['line']:>5}  {entry['text']}")
            for fact in entry["facts"]:
                told = ", ".join(f"{k} {v}" for k, v in fact.items() if v is not None and k not in ("kind", "span"))
                typer.echo(f"         {fact['kind']}{': ' if told else ''}{told}")


AsJson = Annotated[bool, typer.Option("--json", help="Print JSON: lengths in metres, angles in degrees.")]


@commands.command()
def check(form: FormFile, as_json: AsJson = False) -> None:
    """Read a form through: feet, weight, knees, breath, sides, room. Says what it noticed, and how it can be mended."""
    from kemvo.cli.form_job import one_form
    from kemvo.core.review.checks import read_through
    from kemvo.core.review.context import seen
    from kemvo.core.review.mends import mends

    with sentences():
        body = one_form(form)
        found = read_through(seen(body))
        mended = {f.id: [m.says for m in mends(body, f.id)] for f in found}
        if as_json:
            print_json([{**f.model_dump(), "mends": mended[f.id]} for f in found])
            return
        if not found:
            typer.echo("Nothing was noticed.")
        for f in found:
            typer.echo(f"{f.level:<6} {f.id}\n       {f.says}")
            for says in mended[f.id]:
                typer.echo(f"       – {says}")


@commands.command()
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
    from kemvo.cli.form_job import one_form
    from kemvo.core.floor.footprint import space
    from kemvo.core.floor.start_position import standing
    from kemvo.core.review.context import seen
    from kemvo.core.views.form_sheet import floor_of
    from kemvo.formats.documents.kemvo_json import read_room

    with sentences():
        if facings not in ("front", "four", "all"):
            refuse(what=f"Facings can be front, four or all, not {facings!r}.", mend="Choose one of those.")
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
            print_json({**plain, "space": discs, "standing": where.model_dump() if where else None})
            return
        typer.echo(told.sentence)
        typer.echo(told.mark_sentence)
        if where:
            typer.echo(where.says)
