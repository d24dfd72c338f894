"""A problem of what to say when, and its answer, as JSON. Described in docs/formats.md."""

from __future__ import annotations

import json
from typing import Annotated, Any

from pydantic import Field, ValidationError

from kemvo.core.errors import KemvoError, Problem, from_validation
from kemvo.core.scheduling.model import Answer, Ceiling, Join, Said, Saying, Talk, spoken_ms
from kemvo.core.scheduling.reasons import outcomes
from kemvo.core.types import LONGEST_MS, Value
from kemvo.formats.json_text import parsed_json

Ms = Annotated[int, Field(ge=0, le=LONGEST_MS)]
Amount = Annotated[float, Field(ge=-1e6, le=1e6, allow_inf_nan=False)]
Price = Annotated[float, Field(ge=0, le=1e6, allow_inf_nan=False)]
Name = Annotated[str, Field(min_length=1, max_length=200)]
FORMAT = "kemvo-schedule"


class WordingIn(Value):
    """A way to say a cue: its length in milliseconds and its worth."""

    text: str = ""
    ms: Annotated[int, Field(ge=1, le=3_600_000)]
    worth: Amount = 1.0


class CueIn(Value):
    """Something to say, or not; see docs/formats.md."""

    id: Name
    target_ms: Ms
    opens_ms: Ms = 0
    due_ms: Ms | None = None
    ideal_ms: Ms | None = None
    early_per_s: Price = 0.0
    late_per_s: Price = 0.0
    must: bool = False
    pin_ms: Ms | None = None
    rank: Annotated[int, Field(ge=-(10**6), le=10**6)] = 0
    wordings: Annotated[tuple[WordingIn, ...], Field(min_length=1, max_length=50)]


class JoinIn(Value):
    """Neighbouring cues that can be said as one utterance."""

    cues: Annotated[tuple[Name, ...], Field(min_length=2, max_length=8)]
    wordings: Annotated[tuple[WordingIn, ...], Field(min_length=1, max_length=50)]


class CeilingIn(Value):
    """Of the time from-to at most this share is spent talking."""

    from_ms: Ms
    to_ms: Ms
    share: Annotated[float, Field(ge=0, le=1)]


class ProblemIn(Value):
    """A whole problem."""

    format: str = FORMAT
    version: Annotated[int, Field(ge=1, le=1)] = 1
    gap_ms: Annotated[int, Field(ge=0, le=600_000)] = 0
    price_per_s: Price = 0.0
    blocked: Annotated[tuple[tuple[Ms, Ms], ...], Field(max_length=100_000)] = ()
    cues: Annotated[tuple[CueIn, ...], Field(max_length=100_000)]
    joins: Annotated[tuple[JoinIn, ...], Field(max_length=100_000)] = ()
    ceilings: Annotated[tuple[CeilingIn, ...], Field(max_length=1000)] = ()


class OutcomeOut(Value):
    """What became of a cue. `wording`: its place among the cue's wordings (of the join's, where `together` names more
    than one cue). `wished`: there is room for more, but the price on talk is against it."""

    id: str
    state: str
    wording: int | None
    text: str
    start_ms: int | None
    end_ms: int | None
    together: tuple[str, ...]
    needs_ms: int
    free_ms: int
    reason: str
    wished: bool


class AnswerOut(Value):
    """A whole answer. `value`: worth less prices; `bound`: what no schedule can exceed; `missed`: what must be said and
    is not; `kept`, `prices`, `spoken_ms`: of the ceilings."""

    format: str = "kemvo-schedule-answer"
    version: int = 1
    value: float
    bound: float
    missed: tuple[str, ...]
    kept: bool
    prices: tuple[float, ...]
    spoken_ms: tuple[int, ...]
    cues: tuple[OutcomeOut, ...]


MOST_PARTS = 500_000
"""The most objects in a problem: wordings above all."""


def read_talk(text: str | bytes, name: str = "") -> Talk:
    """A problem from the text of its file. Raises KemvoError with a sentence for every place that cannot be used."""
    data = parsed_json(text, name, MOST_PARTS)
    if not isinstance(data, dict) or "cues" not in data:
        raise KemvoError(
            Problem(what="This is no problem of what to say when.", where=name, mend="It needs a list “cues”.")
        )
    try:
        return talk_of(ProblemIn.model_validate(data), name)
    except ValidationError as error:
        raise from_validation(error, data, name) from None


def talk_of(p: ProblemIn, name: str = "") -> Talk:
    """A problem as the scheduler takes it. Raises KemvoError where ids are used twice or name nothing."""
    problems = []
    ids: set[str] = set()
    for i, c in enumerate(p.cues):
        if c.id in ids:
            problems.append(Problem(what=f"There are two cues “{c.id}”.", where=name, mend="Name one of them otherwise.", pointer=f"/cues/{i}/id"))  # fmt: skip
        ids.add(c.id)
    for i, j in enumerate(p.joins):
        gone = [x for x in j.cues if x not in ids]
        if gone:
            problems.append(Problem(what=f"A join names “{gone[0]}”, which is no cue.", where=name, mend="Check its spelling or take the join out.", pointer=f"/joins/{i}"))  # fmt: skip
    for i, (a, b) in enumerate(p.blocked):
        if b < a:
            problems.append(Problem(what=f"A blocked time ends before it begins ({a} to {b}).", where=name, mend="Exchange the two.", pointer=f"/blocked/{i}"))  # fmt: skip
    if problems:
        raise KemvoError(*problems)
    return Talk(
        tuple(
            Saying(
                c.id, c.target_ms, c.opens_ms, c.target_ms if c.due_ms is None else c.due_ms, _said(c.wordings),
                c.ideal_ms, c.early_per_s, c.late_per_s, c.must, c.pin_ms, c.rank,
            )
            for c in p.cues
        ),
        tuple((a, b) for a, b in p.blocked), p.gap_ms, tuple(Join(j.cues, _said(j.wordings)) for j in p.joins),
        tuple(Ceiling(c.from_ms, c.to_ms, c.share) for c in p.ceilings), p.price_per_s,
    )  # fmt: skip


def _said(wordings: tuple[WordingIn, ...]) -> tuple[Said, ...]:
    return tuple(Said(w.text, w.ms, w.worth) for w in wordings)


def write_talk(talk: Talk) -> str:
    """A problem as the text of its file."""

    def said(row: tuple[Said, ...]) -> tuple[WordingIn, ...]:
        return tuple(WordingIn(text=w.text, ms=max(1, w.ms), worth=w.worth) for w in row)

    made = ProblemIn(
        gap_ms=talk.gap_ms,
        price_per_s=talk.price_per_s,
        blocked=talk.blocked,
        cues=tuple(
            CueIn(
                id=s.id, target_ms=s.target_ms, opens_ms=s.opens_ms, due_ms=s.due_ms, ideal_ms=s.ideal_ms,
                early_per_s=s.early, late_per_s=s.late, must=s.must, pin_ms=s.pin_ms, rank=s.rank, wordings=said(s.wordings),
            )
            for s in talk.sayings
        ),
        joins=tuple(JoinIn(cues=j.ids, wordings=said(j.wordings)) for j in talk.joins),
        ceilings=tuple(CeilingIn(from_ms=c.from_ms, to_ms=c.to_ms, share=c.share) for c in talk.ceilings),
    )  # fmt: skip
    return _text(made.model_dump(mode="json", exclude_defaults=True) | {"format": FORMAT, "version": 1})


def write_answer(talk: Talk, answer: Answer) -> str:
    """An answer as the text of its file, a cue a row, in the order in which they are said."""
    wording = {i: u.wording for u in answer.utterances for i in u.ids}
    made = AnswerOut(
        value=answer.value,
        bound=answer.bound,
        missed=answer.missed,
        kept=answer.kept,
        prices=answer.prices,
        spoken_ms=tuple(spoken_ms(talk, answer.utterances)),
        cues=tuple(
            OutcomeOut(**(o._asdict() | {"together": o.together, "wording": wording.get(o.id)}))
            for o in outcomes(talk, answer)
        ),
    )
    return _text(made.model_dump(mode="json"))


def _text(data: dict[str, Any]) -> str:
    return json.dumps(data, ensure_ascii=False, indent=1) + "\n"
