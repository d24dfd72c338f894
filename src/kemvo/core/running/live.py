"""A practice changed while it runs: the rest of it worked out anew from where one is.

Whatever is changed (the tempo, how much is said, where one goes on), what is left is a timeline like any other, and the same stages
follow. Three rules keep it whole: what was said is not said again; nothing is said before the place where one is, nor over words
that are still being said; what could only be late is left out.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Sequence
from typing import Annotated, NamedTuple

from pydantic import Field

from kemvo.core.cues.candidates import Candidates, candidates
from kemvo.core.cues.directions import directed
from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.pipeline import LaidOut, Measure, Practice, work_out
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.score import STILL, score_of
from kemvo.core.timing.timeline import Span, Timeline, timed
from kemvo.core.types import Value

LEAD_MS = 250
"""Nothing is begun sooner after a change than this: the sound has to be had first."""

OPENING = frozenset({"pass", "facing", "section"})
"""What is said where a pass or a section begins; not where one only goes back to a posture."""

ONCE = frozenset({"caution", "gentler"})
"""What is told once, however often one goes back."""

COUNT_IN = "count-in"
"""The key of the still time before one begins in the middle."""

Key = Annotated[str, Field(max_length=120)]


class Live(Value):
    """How a practice goes on.

    `speed` multiplies every tempo. `fullness`, `breath_tones`: other than the session has them (None: as it has). `place`: the span
    one is in, by its key, and `share`, how far in it; empty: from the beginning. `until`: the last span that is done (empty: all).
    `count_in_ms`: still time before `place`, where one begins in the middle. `said`: the cues that were said, or are being said, since
    one came here; `heard`: all cues that were said before that, of which care is not said again; `busy_ms`: so long is still spoken. `without`: passes that are left out.
    """

    speed: Annotated[float, Field(ge=0.25, le=4)] = 1.0
    fullness: Annotated[int, Field(ge=0, le=100)] | None = None
    breath_tones: bool | None = None
    ground: bool = True
    place: Key = ""
    share: Annotated[float, Field(ge=0, le=1)] = 0.0
    until: Key = ""
    count_in_ms: Annotated[int, Field(ge=0, le=60_000)] = 0
    said: Annotated[tuple[Annotated[str, Field(max_length=200)], ...], Field(max_length=5000)] = ()
    heard: Annotated[tuple[Annotated[str, Field(max_length=200)], ...], Field(max_length=5000)] = ()
    busy_ms: Annotated[int, Field(ge=0, le=60_000)] = 0
    without: Annotated[tuple[Key, ...], Field(max_length=200)] = ()


class LivePractice(NamedTuple):
    """What a practice goes on with: the session as it is now, the practice, the key of every span, and where one goes on (ms).
    `next_until`: where it would end with one posture more, where it ends before the session does."""

    session: Session
    practice: Practice
    keys: tuple[str, ...]
    begin_ms: int
    next_until: str = ""


def span_keys(spans: Iterable[Span]) -> tuple[str, ...]:
    """What names every span at whatever tempo: its pass, and which span of it it is."""
    seen: Counter[str] = Counter()
    out = []
    for s in spans:
        name = s.round.id or str(s.round.no)
        out.append(f"{name}.{seen[name]}")
        seen[name] += 1
    return tuple(out)


def live_session(session: Session, live: Live) -> Session:
    """The session as it is while it runs so."""
    sound = session.sound
    if live.breath_tones is not None:
        sound = sound.model_copy(update={"breath_tones": live.breath_tones})
    if not live.ground:
        sound = sound.model_copy(update={"background": "none"})
    passes = tuple(p.model_copy(update={"off": True}) if p.id in live.without else p for p in session.passes)
    fullness = session.fullness if live.fullness is None else live.fullness
    return session.model_copy(update={"sound": sound, "passes": passes, "fullness": fullness})


def work_out_live(session: Session, forms: Forms, measure: Measure, live: Live) -> LivePractice:
    """The rest of a practice from where one is; what lies before is there to be seen and makes no sound."""
    now = live_session(session, live)
    score = score_of(now, forms)
    timeline = timed(score, now, forms, live.speed)
    keys = span_keys(timeline.spans)
    i = _index(session, keys, live.place)
    next_until = _one_more(timeline, keys, live.until)
    timeline, keys = _cut(timeline, keys, live.until, i)
    timeline, keys, counted = _counted_in(timeline, keys, i, live)
    begin = 0
    if i is not None and i < len(timeline.spans):
        s = timeline.spans[i]
        begin = s.start_ms if counted else s.start_ms + round((s.end_ms - s.start_ms) * live.share)
    breaths = breaths_of(timeline, now, forms)
    heard = timeline._replace(spans=tuple(directed(timeline.spans, forms, now.directions, "class")))
    found = candidates(heard, breaths, now, forms)
    free = begin + max(live.busy_ms, LEAD_MS if live.place else 0)
    found = _left(found, live, free, i + 1 if counted and i is not None else None)
    blocked = ((0, free),) if free else ()
    laid = LaidOut(score, timeline, breaths, heard, found, blocked)
    return LivePractice(now, work_out(now, forms, measure, laid=laid), keys, begin, next_until)


def _index(session: Session, keys: Sequence[str], place: str) -> int | None:
    """Where a span is now; of a pass that is left out, the first span of what comes after it."""
    if not place:
        return None
    if place in keys:
        return keys.index(place)
    ids = [p.id or str(no) for no, p in enumerate(session.passes)]
    gone = place.rsplit(".", 1)[0]
    after = ids[ids.index(gone) + 1 :] if gone in ids else []
    return next((keys.index(f"{p}.0") for p in after if f"{p}.0" in keys), 0)


def _cut(timeline: Timeline, keys: tuple[str, ...], until: str, i: int | None) -> tuple[Timeline, tuple[str, ...]]:
    """The timeline up to the end of a span, where that comes after the place one is at."""
    if until not in keys or keys.index(until) < (i or 0):
        return timeline, keys
    n = keys.index(until) + 1
    spans = timeline.spans[:n]
    return Timeline(spans, spans[-1].end_ms), keys[:n]


def _one_more(timeline: Timeline, keys: Sequence[str], until: str) -> str:
    """The last span of the posture that comes after a span's own; "" where none does."""
    if until not in keys:
        return ""
    postures = [(s.round, s.performance and s.performance.no) for s in timeline.spans]
    end = keys.index(until)
    later = [i for i, p in enumerate(postures) if i > end and p[1] is not None and p != postures[end]]
    return keys[max(i for i in later if postures[i] == postures[later[0]])] if later else ""


def _counted_in(
    timeline: Timeline, keys: tuple[str, ...], i: int | None, live: Live
) -> tuple[Timeline, tuple[str, ...], bool]:
    """Still time before a span that does not begin after still time as it is."""
    if i is None or not live.count_in_ms or live.share or i >= len(timeline.spans):
        return timeline, keys, False
    here = timeline.spans[i]
    if here.kind in STILL:
        return timeline, keys, False
    still = here._replace(
        end_ms=here.start_ms + live.count_in_ms,
        kind="pause",
        performance=None,
        movement=None,
        movement_no=0,
        left_to=here.left_from,
        breath="free",
        fill_to=here.fill_from,
    )
    later = tuple(
        s._replace(start_ms=s.start_ms + live.count_in_ms, end_ms=s.end_ms + live.count_in_ms)
        for s in timeline.spans[i:]
    )
    spans = (*timeline.spans[:i], still, *later)
    return Timeline(spans, timeline.total_ms + live.count_in_ms), (*keys[:i], COUNT_IN, *keys[i:]), True


def _left(found: Candidates, live: Live, free: int, first: int | None) -> Candidates:
    """What can still be said: not what was said, nor what could only be late; before a place in the middle of a pass nothing of
    the pass's beginning."""
    said, heard = set(live.said), set(live.heard)
    cues = [
        c
        for c in found.cues
        if c.id not in said
        and not (c.kind in ONCE and c.id in heard)
        and (not free or c.due_ms > free)
        and not (c.span == first and c.kind in OPENING)
    ]
    ids = {c.id for c in cues}
    return Candidates(cues, [t for t in found.joins if set(t.ids) <= ids])


class TimeOffer(Value):
    """A pass that could be left out: how much sooner the practice then ends (ms)."""

    pass_id: str
    title: str
    saves_ms: int


KEPT_KINDS = frozenset({"settle", "warm-up", "close"})
"""Nobody leaves these out to save time."""

OFFERED = 3


def time_offers(session: Session, forms: Forms, live: Live, over_ms: int) -> list[TimeOffer]:
    """What could be left out of what is still to come to end so much sooner: the passes that matter least first, those that save
    just enough before those that save more; none that is not enough where one is."""
    now = live_session(session, live)
    timeline = timed(score_of(now, forms), now, forms, live.speed)
    keys = span_keys(timeline.spans)
    i = _index(session, keys, live.place) or 0
    here = timeline.spans[i].round.no if timeline.spans else 0
    offers = []
    for no, p in enumerate(now.passes):
        if p.off or no <= here or p.kind in KEPT_KINDS or not any(s.round.no == no for s in timeline.spans):
            continue
        without = live_session(session, live.model_copy(update={"without": (*live.without, p.id)}))
        saves = timeline.total_ms - timed(score_of(without, forms), without, forms, live.speed).total_ms
        title = p.title or next(s.round.title for s in timeline.spans if s.round.no == no)
        enough = saves >= over_ms
        rank = (not enough, p.bounds.matters, saves if enough else -saves)
        offers.append((rank, TimeOffer(pass_id=p.id, title=title or BLOCK_KINDS[p.kind].title, saves_ms=saves)))
    offers.sort(key=lambda x: x[0])
    return [offer for _, offer in offers[:OFFERED]]
