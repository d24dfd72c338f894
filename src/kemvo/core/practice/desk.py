"""What the cue desk shows: every cue with what became of it, and for every pass how much of it is spent talking."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from kemvo.core.cues.decisions import Decision
from kemvo.core.cues.kinds import CUE_KINDS
from kemvo.core.language.sides import first_side
from kemvo.core.model.session import Session, SpeechChoice
from kemvo.core.movement.interpretation import foot_side
from kemvo.core.practice.pipeline import Practice
from kemvo.core.practice.problems import CueCounts, counts_of, loss_of
from kemvo.core.timing.score import place_name
from kemvo.core.timing.timeline import Span, by_pass
from kemvo.core.timing.weight_curve import full_side
from kemvo.core.types import Side, Value


class CueLine(Value):
    """What became of one cue. Times in milliseconds from the session's beginning. `said` is what is heard, `wish` the
    longest wording, `others` the shorter ones. `leg`: the leg it speaks of. `place`: where in the session it belongs, for
    words of one's own beside it. `chosen`: something was decided about it by hand; `pinned`: when it begins. `wished`: there
    is room for more of it, but less talk is wished. `loss`: how much the class misses by it. `guessed_ms`: in a recording, how near the moment is guessed; 0 where it
    is marked or planned."""

    id: str
    pass_no: int
    kind: str
    title: str
    target_ms: int
    opens_ms: int
    due_ms: int
    state: str
    wish: str
    said: str
    others: tuple[str, ...]
    start_ms: int | None
    end_ms: int | None
    needs_ms: int
    free_ms: int
    reason: str
    together: tuple[str, ...]
    leg: Side | None
    place: str
    movement_id: str
    posture: str
    must: bool
    pinned: bool
    chosen: bool
    wished: bool
    loss: float
    guessed_ms: int = 0


class PassTalk(Value):
    """How much of a pass is spent talking: words, spoken time, its share of the pass in percent, words a minute (of the
    whole pass); the ceiling on the share, whether it is kept, and the price on a second of speech that keeps it."""

    id: str
    title: str
    start_ms: int
    end_ms: int
    words: int
    spoken_ms: int
    share_pct: float
    words_a_minute: float
    ceiling_pct: int | None
    kept: bool
    price: float


class Desk(Value):
    """Everything said in a session, and with which voice."""

    cues: tuple[CueLine, ...]
    counts: CueCounts
    passes: tuple[PassTalk, ...]
    words_a_minute: float
    share_pct: float
    missed: int
    estimated: int
    speech: SpeechChoice


def desk(practice: Practice, session: Session, estimated: int = 0, guessed_ms: Mapping[str, int] | None = None) -> Desk:
    """The desk of a practice. `estimated`: how many lengths are only estimated so far. `guessed_ms`: of a recording, how near
    each place is guessed."""
    lines = tuple(cue_lines(practice, session))
    if guessed_ms:
        lines = tuple(x.model_copy(update={"guessed_ms": guessed_ms.get(x.place, 0)}) for x in lines)
    talks = tuple(pass_talk(practice, session))
    total = practice.heard.total_ms or 1
    return Desk.model_construct(
        cues=lines,
        counts=counts_of(practice.decisions),
        passes=talks,
        words_a_minute=_a_minute(sum(t.words for t in talks), total),
        share_pct=round(100 * sum(t.spoken_ms for t in talks) / total, 1),
        missed=len(practice.decided.answer.missed),
        estimated=estimated,
        speech=session.speech,
    )


def cue_lines(practice: Practice, session: Session) -> list[CueLine]:
    """Every decision as a line."""
    chosen = {c.cue for c in session.cue_choices}
    spans = practice.heard.spans
    return [_line(d, spans[d.cue.span], d.cue.id in chosen) for d in practice.decisions]


def _line(d: Decision, s: Span, chosen: bool) -> CueLine:
    c = d.cue
    leg = _leg(d.text or c.wordings[0].text, s) if CUE_KINDS[c.kind].drawn == "leg" else None
    return CueLine.model_construct(
        id=c.id,
        pass_no=s.round.no,
        kind=c.kind,
        title=CUE_KINDS[c.kind].title,
        target_ms=c.target_ms,
        opens_ms=c.opens_ms,
        due_ms=c.due_ms,
        state=d.state,
        wish=c.wordings[0].text,
        said=d.text,
        others=tuple(w.text for w in c.wordings[1:]),
        start_ms=d.start_ms,
        end_ms=d.end_ms,
        needs_ms=d.needs_ms,
        free_ms=d.free_ms,
        reason=d.reason,
        together=d.together,
        leg=leg,
        place=place_name(s),
        movement_id=s.movement.id if s.movement else "",
        posture=s.performance.posture.title() if s.performance else "",
        must=c.must,
        pinned=c.pin_ms is not None,
        chosen=chosen or c.kind == "text",
        wished=d.wished,
        loss=loss_of(d),
    )


def _leg(text: str, s: Span) -> Side | None:
    """The leg that words speak of: the first one they name, else the one that acts or is full."""
    if s.movement is None:
        return None
    return first_side(text) or foot_side(s.movement) or full_side(s.left_to)


def pass_talk(practice: Practice, session: Session) -> list[PassTalk]:
    """How much of every pass is spent talking."""
    said: dict[int, list[Decision]] = {}
    for d in practice.decisions:
        if d.speaks():
            said.setdefault(practice.heard.spans[d.cue.span].round.no, []).append(d)
    prices = {c.from_ms: p for c, p in zip(practice.decided.talk.ceilings, practice.decided.answer.prices, strict=True)}
    out = []
    for no, spans in by_pass(practice.heard.spans).items():
        p = session.passes[no]
        start, end = spans[0].start_ms, spans[-1].end_ms
        spoken, words = _spoken(said.get(no, ()))
        ceiling = p.talk_pct or session.talk_pct
        share = 100 * spoken / ((end - start) or 1)
        out.append(
            PassTalk(
                id=p.id,
                title=spans[0].round.title,
                start_ms=start,
                end_ms=end,
                words=words,
                spoken_ms=spoken,
                share_pct=round(share, 1),
                words_a_minute=_a_minute(words, end - start),
                ceiling_pct=ceiling,
                kept=ceiling is None or share <= ceiling + 1e-9,
                price=round(prices.get(start, 0.0), 3),
            )
        )
    return out


def _spoken(said: Sequence[Decision]) -> tuple[int, int]:
    return sum((d.end_ms or 0) - (d.start_ms or 0) for d in said), sum(len(d.text.split()) for d in said)


def _a_minute(words: int, ms: int) -> float:
    return round(60_000 * words / ms, 1) if ms else 0.0
