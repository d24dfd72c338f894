"""Routes of the cue desk: what is said when, and what would cure a cue that is not said as it should be."""

from __future__ import annotations

from concurrent.futures import ThreadPoolExecutor
from typing import Annotated

from fastapi import APIRouter, Query, Response
from pydantic import Field

from kemvo.api.documents import Version, answer, download
from kemvo.api.house import Here, House
from kemvo.api.sessions import SessionView, view
from kemvo.api.work import JobView, job_view
from kemvo.core.cures import Cure, cures
from kemvo.core.desk import Desk, desk
from kemvo.core.keeping import Scope, kept
from kemvo.core.problem import KemvoError, Problem
from kemvo.formats.schedule_json import write_talk
from kemvo.jobs import Job

router = APIRouter(prefix="/api/sessions", tags=["desk"])

CueId = Annotated[str, Field(max_length=200)]


@router.get("/{id_}/cues")
def session_cues(house: Here, id_: str) -> Desk:
    """What became of every cue: said in full, shorter, moved or left out, and why; and how much is spent talking."""
    session, practice = house.practice_of(id_)
    return desk(practice, session, len(house.clips(session.speech).unmeasured(practice.voiced())))


@router.post("/{id_}/measure", status_code=202)
def measure(house: Here, id_: str) -> JobView:
    """Begin to measure what a slow voice has not spoken yet, on both cores; the answer is the job to follow."""
    session, practice = house.practice_of(id_)
    clips = house.clips(session.speech)
    texts = clips.unmeasured(practice.voiced())

    def work(job: Job) -> None:
        with ThreadPoolExecutor(2, thread_name_prefix="kemvo-voice") as pool:
            for n, _ in enumerate(pool.map(clips.measure_now, texts)):
                job.report((n + 1) / len(texts))

    return job_view(house.jobs.start(f"Measuring {session.title}", "", "", work))


@router.get("/{id_}/cures")
def cures_of(house: Here, id_: str, cue: Annotated[str, Query(max_length=200)]) -> list[str]:
    """What would let a cue be said (better), in words, the smallest change first."""
    return [c.says for c in _cures(house, id_, cue)]


def _cures(house: House, id_: str, cue: str) -> list[Cure]:
    session = house.sessions.get(id_).body
    return cures(session, house.forms_of(session), house.clips(session.speech).measure, cue)


class Curing(Version):
    """Which cure of which cue to apply."""

    cue: CueId
    no: Annotated[int, Field(ge=0, le=20)] = 0


@router.post("/{id_}/cures", response_model=SessionView)
def cure_cue(house: Here, id_: str, curing: Curing) -> Response:
    """Apply a cure: the session is saved with it. 409 when somebody else wrote since `version`."""
    found = _cures(house, id_, curing.cue)
    if curing.no >= len(found):
        raise KemvoError(
            Problem(
                what="There is no such cure for this cue any more.",
                mend="Look at the desk again; the session has changed.",
            )
        )
    return answer(view(house, house.sessions.save(id_, curing.version, found[curing.no].session)))


class Keeping(Version):
    """Words to keep in the form: those of which cue, for its movement or wherever its words come."""

    cue: CueId
    text: Annotated[str, Field(min_length=1, max_length=2000)]
    scope: Scope


@router.post("/{id_}/words", response_model=SessionView)
def keep_words(house: Here, id_: str, keeping: Keeping) -> Response:
    """Keep words of a cue in its form, and let go what was decided about them in the session."""
    stored = house.sessions.get(id_)
    session = stored.body
    plain = session.model_copy(update={"cue_choices": tuple(c for c in session.cue_choices if c.cue != keeping.cue)})
    practice = house.practice(plain)
    cue = next((c for c in practice.found.cues if c.id == keeping.cue), None)
    if cue is None:
        raise KemvoError(
            Problem(what="This cue is not there any more.", mend="Look at the desk again; the session has changed.")
        )
    span = practice.planned.spans[cue.span]
    form = house.forms.get(span.leg.form_id)
    saved = house.sessions.save(id_, keeping.version, plain)
    house.forms.save(form.id, form.version, kept(form.body, cue, span, keeping.text, keeping.scope))
    return answer(view(house, saved))


@router.get("/{id_}/schedule.json", response_class=Response)
def schedule_problem(house: Here, id_: str) -> Response:
    """What could be said in a session, as a problem for "kemvo schedule" or any other solver."""
    session, practice = house.practice_of(id_)
    return download(write_talk(practice.decided.talk), session.title, "schedule.json", "application/json")
