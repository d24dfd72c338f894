"""Routes of the take-away: a practice as one HTML file, its size told before it is made."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

from fastapi import APIRouter, Query
from pydantic import BaseModel, Field

from kemvo.api.base.documents import file_name
from kemvo.api.base.practices import Source
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.recordings.files import with_voice
from kemvo.audio.render import Order, render, under_of
from kemvo.core.timing.timeline import chapters
from kemvo.core.views.at_home import has_gentler_ways, in_gentler_ways, room_words
from kemvo.core.views.stage import stage
from kemvo.film.give_back import ending_for
from kemvo.formats.paper.takeaway import Tempo, estimated_bytes, write_takeaway
from kemvo.jobs import Job

router = APIRouter(prefix="/api/{kind}/{id_}/takeaway", tags=["take-away"])

Speed = Annotated[float, Field(ge=0.5, le=2)]


class TakeawaySize(BaseModel):
    """About how large the file becomes, in bytes."""

    bytes: int


@router.get("")
def takeaway_size(workspace: Here, kind: Source, id_: str, tempo: Annotated[list[Speed], Query()]) -> TakeawaySize:
    """How large the take-away becomes with these tempos (1 is as planned)."""
    _, practice = workspace.practices.practice_of(id_, wait=False, kind=kind)
    return TakeawaySize(bytes=estimated_bytes(practice.heard.total_ms, tempo, kind == "recordings"))


class TakeawayOptions(BaseModel):
    """Which tempos are in it (1 is as planned), one to three. `film`: of a recording, the name of the video that will lie beside
    it; as it is given back, if not told. `gentler`: who practises alone does the gentler ways where there are some, unless a pass names
    its ways itself."""

    tempos: Annotated[list[Speed], Field(min_length=1, max_length=3)] = [1.0]
    film: Annotated[str, Field(max_length=200)] = ""
    gentler: bool = True


@router.post("", status_code=202)
def make_takeaway(workspace: Here, kind: Source, id_: str, wish: TakeawayOptions) -> JobView:
    """Begin to make the take-away; the answer is the job to follow."""
    found = workspace.practices.worked_from(id_, kind)
    title = found.session.title
    tempos = sorted(set(wish.tempos)) if kind == "sessions" else [1.0]

    def work(job: Job) -> Path:
        made: list[Tempo] = []
        sounds: list[Path] = []
        try:
            for n, speed in enumerate(tempos):
                done = lambda share, n=n: job.report((n + share) / (len(tempos) + 0.1))  # noqa: E731
                made.append(_tempo(workspace, kind, id_, speed, job, sounds, done, wish.gentler))
            path = workspace.renders / f"{job.id}.html"
            usual = min(range(len(tempos)), key=lambda i: abs(tempos[i] - 1))
            film = wish.film or _film_of(workspace, id_) if kind == "recordings" else ""
            write_takeaway(path, title, made, usual, film)
        finally:
            for sound in sounds:
                sound.unlink(missing_ok=True)
        beside = f" Lay it beside “{film}”." if film else ""
        size = path.stat().st_size
        told = f"{size / 1_000_000:.1f} MB" if size >= 1_000_000 else f"{size / 1000:.0f} kB"
        job.note = f"{told}. It plays in any browser, without a network.{beside}"
        return path

    version = workspace.sessions.get(id_).version if kind == "sessions" else workspace.recordings.get(id_).version
    name = f"{file_name(title)}.html"
    page = f"/sessions/{id_}/files" if kind == "sessions" else f"/recordings/{id_}"
    return job_view(workspace.jobs.start(f"{title} to take away", name, "text/html", work, (id_, version), page))


def _film_of(workspace: Workspace, id_: str) -> str:
    """What the film of a recording is called when it is given back."""
    recording = workspace.recordings.get(id_).body
    return f"{file_name(with_voice(recording))}.{ending_for(recording.media)}"


def _tempo(
    workspace: Workspace,
    kind: Source,
    id_: str,
    speed: float,
    job: Job,
    sounds: list[Path],
    done: object,
    gentler: bool,
) -> Tempo:
    """The practice at one tempo; its sound, where it is not a film's, is added to `sounds`."""
    session, practice = workspace.practices.practice_of(id_, speed, kind=kind)
    if gentler and kind == "sessions" and has_gentler_ways(session, workspace.forms_of(session)):
        session = in_gentler_ways(session)
        practice = workspace.practices.practice(session, speed)
    name = "as planned" if speed == 1 else f"{100 * speed:.0f} %"
    shown = stage(practice, session.title, "class", speed)
    room = room_words(practice)
    if kind == "recordings":
        return Tempo(name, shown, None, room)
    path = workspace.renders / f"{job.id}.{speed}.mp3"
    sounds.append(path)
    order = Order(session.sound, under_of(session.sound, workspace.round_of), session.title, chapters(practice.heard))
    total = practice.heard.total_ms
    render(practice.sounds, total, workspace.clips(session.speech), path, "small", done, order)  # type: ignore[arg-type]
    return Tempo(name, shown, path, room)
