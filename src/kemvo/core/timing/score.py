"""The score of a session: what is done in which order. Rounds and sides are resolved, positions are in counts; nothing has a
time yet. A planned tempo or the clock of a recording turns it into a timeline.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from itertools import groupby
from typing import Literal, NamedTuple, Protocol

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.form import Form, Movement, Posture
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.model.session import TURN_MS, Forms, Pass, Session
from kemvo.core.model.variants import in_usual_ways
from kemvo.core.tables.block_kinds import BLOCK_KINDS, BlockKind, Facing, VoiceLevel, thinned
from kemvo.core.timing.opening_pause import says_of, with_pauses
from kemvo.core.timing.paces import swayed
from kemvo.core.timing.pass_postures import form_of, pass_title, postures_of
from kemvo.core.timing.rounds import PlacedPosture, only_part, rounds_of, turned
from kemvo.core.types import EVEN, Breath, Front

SpanKind = Literal["movement", "hold", "pause", "turn"]
"""What is done at a place: a movement, the still time after it, a pause before or after a pass, or the instructor's turning
to another facing (it is still, too)."""

STILL: frozenset[SpanKind] = frozenset({"pause", "turn"})


class Performance(NamedTuple):
    """A posture being done: `nth` time of `of` in a row, `no` within its pass, counted from 0; the `time`-th time that
    very posture is done.

    `posture` is already mirrored if this time is on the other side.
    """

    posture: Posture
    section_id: str
    section_title: str
    nth: int
    of: int
    no: int
    time: int = 1


class Round(NamedTuple):
    """One pass being done for the `nth` time of `of`. `no` counts the passes of the session, from 0; `front`: its form's on the compass."""

    no: int
    id: str
    title: str
    form_id: str
    nth: int
    of: int
    facing: Facing
    voice: VoiceLevel
    say: str
    kind: BlockKind = "follow"
    front: Front = "north"


class Place(NamedTuple):
    """One thing of a score. Movements last `counts`, everything else `still_ms` milliseconds, whatever the tempo.
    `left_to`: the weight on the left leg at its end, 0 to 100; `movement_no` counts within the performance, from 0."""

    kind: SpanKind
    round: Round
    performance: Performance | None
    movement: Movement | None
    movement_no: int
    counts: float
    still_ms: int
    left_to: int
    breath: Breath


class Score(NamedTuple):
    """Places in the order in which they are done, and the weight on the left leg before the first."""

    places: tuple[Place, ...]
    left_pct: int


def score_of(session: Session, forms: Forms) -> Score:
    """The score of a session. What is left out, and passes over forms that are missing, have no places."""
    session = with_pauses(session, forms)
    places: list[Place] = []
    times: dict[object, int] = {}
    facing: Facing | None = None
    for no, p in enumerate(session.passes):
        if p.off:
            continue
        turning = facing is not None and facing != p.facing
        made = list(_places_of_pass(no, p, session, forms, times, turning))
        if BLOCK_KINDS[p.kind].moves and made:
            facing = p.facing
        places += made
    start = next((entry_weight(p, forms) for p in session.passes if not p.off), EVEN)
    return Score(tuple(places), start)


MOST_PLACES = 5000
"""How many movements and pauses a session may go through: more than ten hours at the usual pace (own choice). To work out twice as
many would keep its page waiting for seconds."""


def require_bounded(session: Session, forms: Forms, before: Session | None = None) -> None:
    """Raises KemvoError where a session goes through far too much; one that goes through no more than `before` is let pass, so
    that it can be made smaller step by step."""
    size = len(score_of(session, forms).places)
    if size > MOST_PLACES and (before is None or size > len(score_of(before, forms).places)):
        most = max(session.passes, key=lambda p: p.repeats if not p.off else 0)
        raise KemvoError(
            Problem(
                what=f"This session would go through {size:,} movements and pauses; Kemvo works out up to {MOST_PLACES:,}.",
                where=f"“{pass_title(most, forms)}”, {most.repeats} times",
                mend="Repeat it fewer times, or make two sessions of it.",
            )
        )


def score_of_form(form: Form) -> Score:
    """The score of one form by itself, once through."""
    once = Round(0, "", form.title, "", 1, 1, "behind", "full", "", front=form.front)
    placed = [(p, s.id, s.title) for s in in_usual_ways(form).sections for p in s.postures]
    lead = [_still(form.lead_ms, once, form.opening_left_pct)] if form.lead_ms and placed else []
    return Score((*lead, *_places(once, placed)), form.opening_left_pct)


def _places_of_pass(
    no: int, p: Pass, session: Session, forms: Forms, times: dict[object, int], turning: bool
) -> Iterator[Place]:
    """The places of one pass. `times`: how often each material was gone over before, for the words to thin out;
    `turning`: the instructor stood another way before."""
    row = BLOCK_KINDS[p.kind]
    before = p.pause_before_ms or 0

    def round_no(nth: int, of: int, voice: VoiceLevel) -> Round:
        return Round(no, p.id, pass_title(p, forms), p.part.form_id, nth, of, p.facing, voice, says, p.kind, front)

    says = says_of(p, forms)
    front = forms[p.part.form_id].front if p.part.form_id in forms else "north"

    if not row.moves:
        whole = before + p.still_ms + p.pause_after_ms
        if whole:
            yield _still(whole, round_no(1, 1, "full" if p.voice == "thin" else p.voice), EVEN)
        return
    if p.part.form_id not in forms:
        return
    entry = entry_weight(p, forms)
    rounds = rounds_of(swayed(placed_of(p, forms), p, 100 - entry if turned(p) else entry), p, entry, front)
    material = (p.part, p.only)
    left = entry
    again = between_ms(p, rounds)
    done = counted_over(rounds)
    for n, placed in enumerate(rounds, 1):
        voice = thinned(session.thinning, times.get(material, 0)) if p.voice == "thin" else p.voice
        times[material] = times.get(material, 0) + 1
        here = round_no(n, len(rounds), voice)
        turn = min(TURN_MS, before) if turning and n == 1 else 0
        if turn:
            yield _still(turn, here, entry, "turn")
        if n == 1 and before > turn:
            yield _still(before - turn, here, entry)
        if n > 1 and again:
            yield _still(again, here, entry)
        for place in _places(here, placed, (sum(done[: n - 1]), sum(done)) if done else None):
            left = place.left_to
            yield place
    if p.pause_after_ms:
        last = round_no(len(rounds), len(rounds), here.voice) if rounds else round_no(1, 1, "full")
        yield _still(p.pause_after_ms, last, left)


def between_ms(p: Pass, rounds: Sequence[Sequence[PlacedPosture]]) -> int:
    """How long it is still before a pass starts over: as typed; else a chain, and a drill of more than one posture, start over
    after a pause; the drill of one posture, and a form done twice, go on."""
    if p.between_ms is not None:
        return p.between_ms
    one = {posture.name.casefold().strip() for placed in rounds for posture, _, _ in placed}
    return BETWEEN_MS if p.kind == "chain" or (p.kind == "drill" and len(one) > 1) else 0


BETWEEN_MS = 6000
"""Milliseconds it takes to come back to where a pass began (own choice)."""


def counted_over(rounds: Sequence[Sequence[PlacedPosture]]) -> list[int]:
    """How often each round does the one posture that a drill repeats, so that they count together; empty where it goes over
    more than one."""
    names = {posture.name.casefold().strip() or posture.id for placed in rounds for posture, _, _ in placed}
    if len(names) != 1 or len(rounds) == 1:
        return []
    return [sum(len(done_times(posture)) for posture, _, _ in placed) for placed in rounds]


def _places(here: Round, placed: Iterable[PlacedPosture], counted: tuple[int, int] | None = None) -> Iterator[Place]:
    """The places of one round. `counted`: how often its posture was done in the rounds before, and is in all of them."""
    for performance in performances(placed, here.front):
        if counted:
            performance = performance._replace(nth=performance.nth + counted[0], of=counted[1])
        for no, m in enumerate(performance.posture.movements):
            yield Place("movement", here, performance, m, no, m.counts, 0, m.left_pct, m.breath)
            if m.hold_ms:
                yield Place("hold", here, performance, m, no, 0, m.hold_ms, m.left_pct, "free")


def _still(ms: int, here: Round, left: int, kind: SpanKind = "pause") -> Place:
    return Place(kind, here, None, None, 0, 0, ms, left, "free")


def placed_of(p: Pass, forms: Forms) -> list[PlacedPosture]:
    """The postures of a pass with their sections, cut to the movements it begins and ends with. Of a posture that has only a name so far
    the name has a time, where others of the pass are done."""
    form = form_of(p, forms)
    chosen = {posture.id for posture in postures_of(p, forms)}
    sections = form.sections if form else ()
    placed = only_part([(q, s.id, s.title) for s in sections for q in s.postures if q.id in chosen], p)
    return _named(placed, form.opening_left_pct if form else EVEN)


NAMED_COUNTS = 4
"""How long a posture lasts that has only a name so far, in counts (own choice)."""


def _named(placed: Sequence[PlacedPosture], left: int) -> list[PlacedPosture]:
    """Postures without movements with one that has no words, in which the weight stays as it is; `left`: the weight before the first."""
    if not any(posture.movements for posture, _, _ in placed):
        return list(placed)
    out: list[PlacedPosture] = []
    for posture, section, title in placed:
        if not posture.movements:
            waits = Movement(id=f"{posture.id}-named"[:64], counts=NAMED_COUNTS, left_pct=left)
            posture = posture.model_copy(update={"movements": (waits,)})
        left = posture.movements[-1].left_pct
        out.append((posture, section, title))
    return out


def entry_weight(p: Pass, forms: Forms) -> int:
    """The weight with which a pass begins: the opening's, or that at the end of what comes before its part."""
    form = form_of(p, forms)
    if form is None or not BLOCK_KINDS[p.kind].moves:
        return EVEN
    wanted = postures_of(p, forms)
    left = form.opening_left_pct
    for posture in form.postures():
        if wanted and posture.id == wanted[0].id:
            break
        times = done_times(posture, form.front)
        if times[-1].movements:
            left = times[-1].movements[-1].left_pct
    return 100 - left if turned(p) else left


def done_times(p: Posture, front: Front = "north") -> list[Posture]:
    """The posture once for every time it is done, the other side where it alternates."""
    if p.repeats == 1:
        return [p]
    back = mirror_posture(p, front) if p.alternate else p
    return [back if n % 2 else p for n in range(p.repeats)]


def performances(placed: Iterable[tuple[Posture, str, str]], front: Front = "north") -> list[Performance]:
    """Every posture as often as it is done, with its "two of three"."""
    done = [(one, section, title) for p, section, title in placed for one in done_times(p, front)]
    times: Counter[str] = Counter()
    out: list[Performance] = []
    for no, ((posture, section, title), (nth, of)) in enumerate(
        zip(done, counted_together([p for p, _, _ in done]), strict=True)
    ):
        times[posture.id] += 1
        out.append(Performance(posture, section, title, nth, of, no, times[posture.id]))
    return out


def counted_together(done: Sequence[Posture]) -> list[tuple[int, int]]:
    """Of postures in the order in which they are done: which of how many each is ("two of three"). A posture that repeats counts
    its own times; postures of one name that follow each other count together."""
    names = [p.name.casefold().strip() for p in done]
    out: list[tuple[int, int]] = []
    for _, group in groupby(range(len(done)), lambda i: names[i] or i):
        of = len(list(group))
        out += [(nth, of) for nth in range(1, of + 1)]
    return out


class Named(Protocol):
    """What has a place in a score: a place, or a span of a timeline."""

    @property
    def kind(self) -> SpanKind: ...
    @property
    def round(self) -> Round: ...
    @property
    def performance(self) -> Performance | None: ...
    @property
    def movement(self) -> Movement | None: ...
    @property
    def movement_no(self) -> int: ...


def round_name(round_: Round) -> str:
    """What names a round whatever else changes: its pass and the time through it."""
    return f"{round_.id or round_.no}.{round_.nth}"


def place_name(at: Named) -> str:
    """What names a place whatever else changes: its round, the posture and which time it is done, the movement and which of
    its like it is."""
    if at.performance is None or at.movement is None:
        return f"{round_name(at.round)}.{at.kind}"
    posture, m = at.performance.posture, at.movement
    again = sum(x.id == m.id for x in posture.movements[: at.movement_no])
    name = f"{round_name(at.round)}.{posture.id}.{at.performance.time}.{m.id}"
    return f"{name}.{again}" if again else name
