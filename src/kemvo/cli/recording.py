"""The commands of recordings: film one with the stand-in studio, mark it, give it back with its voice."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated, Literal

import typer

from kemvo.cli.shared import SessionFile, progress, sentences

recording = typer.Typer(
    name="recording",
    no_args_is_help=True,
    help="Whole forms, recorded: film a stand-in, mark it, give it back with its voice.",
)

Film = Annotated[
    Path,
    typer.Argument(
        metavar="TAKE.mp4", help="The recording: MP4, MOV, WebM, MKV, or a sound (WAV, FLAC, MP3, Ogg, Opus, M4A)."
    ),
]


@recording.command("demo")
def record_demo(
    session: SessionFile,
    out: Annotated[
        Path, typer.Option("-o", "--out", help="Film to write (.mp4, .mov, .webm, .mkv), or a sound alone.")
    ] = Path("take.mp4"),
    seed: Annotated[int, typer.Option(help="Another number: another wavering tempo, other stops.", min=0)] = 1,
    truth: Annotated[Path | None, typer.Option(help="Where each movement truly begins: marks.json to write.")] = None,
    narrated: Annotated[
        bool, typer.Option("--narrated/--silent", help="Somebody tells what comes while doing it.")
    ] = False,
    music: Annotated[bool, typer.Option("--music/--no-music", help="A pad of music under it.")] = False,
    turned_over: Annotated[
        bool, typer.Option("--turned-over/--as-seen", help="The picture shows left as right.")
    ] = False,
    slips: Annotated[Path | None, typer.Option(help="slips.json: postures left out, done again, stops.")] = None,
) -> None:
    """Film a session with a moving figure: wavering tempo, unplanned stops, steps and breath to be heard."""
    from kemvo.cli.main_job import opened_session
    from kemvo.cli.recording_job import shoot
    from kemvo.film.studio import Studio

    with sentences():
        how = Studio(seed, narrated, music, turned_over)
        typer.echo("\r" + shoot(opened_session(session), out, how, slips, truth, progress), err=True)


@recording.command("mark")
def record_mark(
    session: SessionFile,
    take: Film,
    out: Annotated[Path, typer.Option("-o", "--out", metavar="marks.json", help="Marks to write.")] = Path(
        "marks.json"
    ),
    captions: Annotated[Path | None, typer.Option(help="Captions of the recording, with times (.vtt, .srt).")] = None,
    taps: Annotated[
        Path | None,
        typer.Option(
            help="taps.csv: a time in seconds a line, one for each posture; second column: movement, stopped, on."
        ),
    ] = None,
    hand_ms: Annotated[
        int | None,
        typer.Option(help="How late the hand taps, in milliseconds. Default: as hands usually are.", min=0, max=1000),
    ] = None,
) -> None:
    """Mark where each posture is in a recording, by taps, by captions, and by the plan between them."""
    from kemvo.cli.main_job import opened_session
    from kemvo.cli.recording_job import mark

    with sentences():
        made = mark(opened_session(session), take, captions, taps, hand_ms)
        out.write_text(made.text, encoding="utf-8")
        for line in made.remarks:
            typer.echo(line, err=True)
        typer.echo(f"{out}: {len(made.recording.marks)} marks.", err=True)


@recording.command("voice")
def record_voice(
    session: SessionFile,
    take: Film,
    marks: Annotated[Path, typer.Option(metavar="marks.json", help="Where each posture is (“kemvo recording mark”).")],
    out: Annotated[
        Path | None,
        typer.Option(
            "-o",
            "--out",
            help="The recording with its voice (.mp4, .mkv, .webm), or its sound (.wav, .flac, .mp3, .m4a, .ogg).",
        ),
    ] = None,
    captions_only: Annotated[Path | None, typer.Option(help="Write only the captions (.vtt, .srt).")] = None,
    filmed: Annotated[
        Literal["away", "facing", "mirrored", "side"] | None,
        typer.Option(
            help="How you stood: back to the camera, facing it with your own sides, mirroring, from the side. Default: as in the session."
        ),
    ] = None,
    turned_over: Annotated[
        bool,
        typer.Option(
            "--turned-over/--as-seen", help="The picture shows left as right, as cameras on the front of a phone do."
        ),
    ] = False,
    voice_only: Annotated[
        bool, typer.Option("--voice-only/--mix", help="The voice track alone, without the recording's sound.")
    ] = False,
) -> None:
    """Lay the spoken cues over a recording, and give it back: picture as it was, new sound, captions, chapters.

    What had to be shortened or left out is told on the error output, with the reason.
    """
    from kemvo.cli.main_job import not_in_full, opened_session
    from kemvo.cli.recording_job import caption_text, voiced, write_voiced
    from kemvo.core.errors import KemvoError, Problem

    with sentences():
        if out is None and captions_only is None:
            raise KemvoError(
                Problem(what="There is nothing to write.", mend="Give -o out.mp4, or --captions-only c.vtt.")
            )
        opened = opened_session(session)
        job = voiced(opened, take, marks, filmed, turned_over)
        for line in (*job.remarks, *not_in_full(job.made.practice.decisions)):
            typer.echo(line, err=True)
        if captions_only:
            captions_only.write_text(caption_text(job, captions_only), encoding="utf-8")
        if out:
            for path in write_voiced(job, opened, take, out, voice_only, progress):
                typer.echo(f"\r{path}", err=True)
