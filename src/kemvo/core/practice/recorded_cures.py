"""The cures of a cue in a recording: those of words as in a session, and the kept talk lowered where it stands in the way."""

from __future__ import annotations

from collections.abc import Iterator
from math import ceil
from typing import NamedTuple

from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.cures import BETTER, cures, outcome_of
from kemvo.core.practice.pipeline import Measure, prepare
from kemvo.core.practice.recorded import lay_out_recording, session_of
from kemvo.core.recording.model import KeptTalk, Recording, SecondTake
from kemvo.core.scheduling.reasons import seconds
from kemvo.core.timing.score import place_name
from kemvo.core.types import in_minutes


class RecordedCure(NamedTuple):
    """A change that lets a cue be said: in words, and the recording with it."""

    says: str
    recording: Recording


def recorded_cures(
    recording: Recording, session: Session, forms: Forms, measure: Measure, cue_id: str
) -> list[RecordedCure]:
    """The cures of a cue, the smallest change first. Raises KemvoError when there is no such cue."""
    own = session_of(recording, session)
    laid = lay_out_recording(recording, own, forms)[1]
    of_words = [
        RecordedCure(c.says, recording.model_copy(update={"cue_choices": c.session.cue_choices}))
        for c in cures(own, forms, measure, cue_id, laid)
    ]
    return [
        *_without_talk(recording, own, forms, measure, cue_id),
        *of_words,
        *_in_second_take(recording, own, forms, measure, cue_id),
    ]


def _in_second_take(
    recording: Recording, own: Session, forms: Forms, measure: Measure, cue_id: str
) -> Iterator[RecordedCure]:
    """A note of how much more time the cue needs, for filming it again."""
    ready = prepare(own, forms, measure, laid=lay_out_recording(recording, own, forms)[1])
    cue = next(c for c in ready.found.cues if c.id == cue_id)
    now = outcome_of(ready, own, cue)
    if now.state == "full":
        return
    place = place_name(ready.heard.spans[cue.span])
    lacks = ceil(max(100, ready.lengths[cue.wordings[0].text] - now.free_ms) / 100) * 100
    words = f"leave {seconds(lacks)} more before “{cue.wordings[0].text}”"
    if any(n.place == place for n in recording.second_take):
        return
    note = SecondTake(place=place, says=f"{words[:1].upper()}{words[1:]}.")
    yield RecordedCure(
        f"Note it for the second take: {words}.",
        recording.model_copy(update={"second_take": (*recording.second_take, note)}),
    )


def _without_talk(
    recording: Recording, own: Session, forms: Forms, measure: Measure, cue_id: str
) -> Iterator[RecordedCure]:
    """Kept talk lowered where the cue would be said, if that lets it be said better."""
    ready = prepare(own, forms, measure, laid=lay_out_recording(recording, own, forms)[1])
    cue = next((c for c in ready.found.cues if c.id == cue_id), None)
    if cue is None:
        return
    now = outcome_of(ready, own, cue)
    for talk in recording.talk:
        if talk.how != "keep" or talk.from_ms >= cue.due_ms or talk.to_ms <= cue.opens_ms:
            continue
        lowered = tuple(
            KeptTalk(from_ms=t.from_ms, to_ms=t.to_ms, how="lower") if t is talk else t for t in recording.talk
        )
        changed = recording.model_copy(update={"talk": lowered})
        then = outcome_of(prepare(own, forms, measure, laid=lay_out_recording(changed, own, forms)[1]), own, cue)
        if BETTER[then.state] > BETTER[now.state]:
            yield RecordedCure(f"Lower the talk that is kept at {in_minutes(talk.from_ms)}.", changed)
