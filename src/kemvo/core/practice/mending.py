"""All problems of the cue desk mended together: which postures to slow and by how much, which small cues to let go.

Every posture before whose cues there is too little time is tried at several tempos, all of them in one working out for each
tempo, since what a posture gains is nearly its own affair. Which tempo each gets is then a choice of one out of several for
every posture (a multiple-choice knapsack, solved exactly over whole seconds), within the time there is. What is offered has
been worked out whole: its numbers are those of the schedule itself.
"""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Callable, Iterable, Mapping, Sequence
from typing import NamedTuple

from kemvo.core.cues.decisions import Decision
from kemvo.core.cues.kinds import CUE_KINDS
from kemvo.core.cues.overrides import with_choice
from kemvo.core.model.session import CueChoice, Forms, Pass, Session
from kemvo.core.practice.pipeline import LaidOut, Measure, Practice, work_out
from kemvo.core.practice.problems import SLOWEST_TEMPO, at_tempos, loss_of, problems_of, tempo_of
from kemvo.core.tables.block_kinds import BLOCK_KINDS

SLOWER = (0.9, 0.8, 0.7, 0.6, 0.5)
"""The shares of its tempo that a posture is tried at; half at the least, as for the cure of a single cue."""

SMALL = frozenset({"reminder", "late", "hands", "breath", "time-left"})
"""Kinds that may be let go together: nobody steps wrongly for want of them."""

ROOM_MS = (0, 30_000, 120_000, 600_000)
"""Limits on added session time that are tried, smallest first; the last is as good as none."""

WORTH_A_SECOND = 0.15
"""A second more has to gain at least this much (a shortened wording loses 1, an essential cue that is left out 7 or more)."""

MOST_PACES = 100
"""The most paces of a pass."""

NAMED = 4
"""How many postures are named in what is offered."""


class Mending(NamedTuple):
    """A way to mend many problems at once. `says`: what it changes; `before`, `after`: how many problems there are, without and
    with it; `essential`: how many cues are still left out that the body needs; `longer_ms`: how much longer the session gets."""

    says: tuple[str, ...]
    before: int
    after: int
    essential: int
    longer_ms: int
    session: Session


class _Place(NamedTuple):
    """A posture of a pass that could be slower."""

    pass_id: str
    posture_id: str


def mendings(
    session: Session,
    forms: Forms,
    measure: Measure,
    laid: LaidOut | None = None,
    report: Callable[[float], None] | None = None,
) -> list[Mending]:
    """What would mend many problems at once, the shortest first; none where nothing helps. `laid`: the session in time, if that is
    at hand; on a recording's clock nothing can be slowed."""
    now = work_out(session, forms, measure, laid=laid)
    if not problems_of(now.decisions):
        return []
    planned = laid is None or laid.planned
    tell = report or (lambda _: None)
    tried = _tried(session, forms, measure, now, tell) if planned else {}
    offered: list[Mending] = []
    for n, room in enumerate(ROOM_MS if planned else ROOM_MS[:1]):
        chosen = _best(tried, room // 1000)
        if not chosen and room and offered:
            continue
        made = _made(session, forms, measure, laid, now, chosen)
        tell((len(SLOWER) + n + 1) / (len(SLOWER) + len(ROOM_MS)))
        better = not offered or (made.after, made.essential) < (offered[-1].after, offered[-1].essential)
        if made.after < made.before and better:
            offered.append(made)
    return offered


def _passes(session: Session) -> Mapping[str, Pass]:
    return {p.id: p for p in session.passes if not p.off and BLOCK_KINDS[p.kind].moves}


def _gain_places(session: Session, practice: Practice) -> dict[_Place, float]:
    """The postures during which there is too little time, with what is lost for it."""
    spans = practice.heard.spans
    passes = _passes(session)
    lost: defaultdict[_Place, float] = defaultdict(float)
    for d in problems_of(practice.decisions):
        i = d.cue.span
        before = spans[i - 1] if i and spans[i].start_ms >= d.cue.target_ms else spans[i]
        p = passes.get(before.round.id)
        if before.performance is None or p is None:
            continue
        lost[_Place(p.id, before.performance.posture.id)] += loss_of(d)
    return dict(lost)


def _fixed(p: Pass, posture: str) -> bool:
    """Whether the instructor gave this posture a length in another way than by a tempo of its own."""
    own = [x for x in p.paces if not (x.first == x.last == posture and x.tempo)]
    return any(x.ms or x.counts_a_shift or x.breaths or x.tempo or x.to for x in own)


def _slowed(session: Session, forms: Forms, shares: Mapping[_Place, float]) -> Session:
    """The session with postures at a share of their tempo."""
    passes = []
    for p in session.passes:
        mine = {place.posture_id: share for place, share in shares.items() if place.pass_id == p.id and share < 1}
        form = forms.get(p.part.form_id)
        if mine and form is not None:
            usual = form.tempo
            p = at_tempos(p, {i: round(tempo_of(p, i, usual) * share, 1) for i, share in mine.items()})
        passes.append(p)
    return session.model_copy(update={"passes": tuple(passes)})


class _Choice(NamedTuple):
    """A posture at a share of its tempo: what that gains, and how many seconds it takes."""

    share: float
    gains: float
    seconds: int


def _lengths(session: Session, practice: Practice) -> dict[_Place, int]:
    out: defaultdict[_Place, int] = defaultdict(int)
    for s in practice.heard.spans:
        if s.performance is not None:
            out[_Place(s.round.id, s.performance.posture.id)] += s.end_ms - s.start_ms
    return dict(out)


def _tried(
    session: Session, forms: Forms, measure: Measure, now: Practice, tell: Callable[[float], None]
) -> dict[_Place, list[_Choice]]:
    """What each posture gains at each tempo."""
    passes = _passes(session)
    before = _gain_places(session, now)
    places: list[_Place] = []
    room = Counter({i: MOST_PACES - len(p.paces) for i, p in passes.items()})
    for x in sorted(before, key=lambda x: -before[x]):
        if room[x.pass_id] > 0 and not _fixed(passes[x.pass_id], x.posture_id):
            room[x.pass_id] -= 1
            places.append(x)
    lengths = _lengths(session, now)
    out: dict[_Place, list[_Choice]] = {x: [] for x in places}
    if not places:
        return out
    for n, share in enumerate(SLOWER):
        then = work_out(_slowed(session, forms, dict.fromkeys(places, share)), forms, measure)
        lost, longer = _gain_places(session, then), _lengths(session, then)
        for x in places:
            seconds = -(-(longer.get(x, 0) - lengths.get(x, 0)) // 1000)
            out[x].append(_Choice(share, before[x] - lost.get(x, 0.0), max(0, seconds)))
        tell((n + 1) / (len(SLOWER) + len(ROOM_MS)))
    return out


def _best(tried: Mapping[_Place, Sequence[_Choice]], room_s: int) -> dict[_Place, float]:
    """One choice for each posture, or none, that gains most within the room; a second has to be worth its price."""
    places = list(tried)
    room_s = min(room_s, sum(max((c.seconds for c in tried[x]), default=0) for x in places))
    best: list[float] = [0.0] * (room_s + 1)
    taken: list[list[int]] = []
    for x in places:
        row = list(best)
        pick = [-1] * (room_s + 1)
        for k, c in enumerate(tried[x]):
            value = c.gains - WORTH_A_SECOND * c.seconds
            if value <= 0:
                continue
            for s in range(room_s, c.seconds - 1, -1):
                if best[s - c.seconds] + value > row[s] + 1e-9:
                    row[s], pick[s] = best[s - c.seconds] + value, k
        taken.append(pick)
        best = row
    chosen: dict[_Place, float] = {}
    s = max(range(room_s + 1), key=lambda s: (best[s], -s))
    for x, pick in zip(reversed(places), reversed(taken), strict=True):
        if pick[s] >= 0:
            c = tried[x][pick[s]]
            chosen[x] = c.share
            s -= c.seconds
    return dict(reversed(chosen.items()))


def _made(
    session: Session,
    forms: Forms,
    measure: Measure,
    laid: LaidOut | None,
    now: Practice,
    chosen: Mapping[_Place, float],
) -> Mending:
    """A way worked out: the postures slowed, then what is small and still finds no room let go."""
    slowed = _slowed(session, forms, chosen) if chosen else session
    then = work_out(slowed, forms, measure) if chosen else now
    small = [d for d in problems_of(then.decisions) if d.state == "left out" and d.cue.kind in SMALL and not d.cue.must]
    made = slowed
    for d in small:
        made = with_choice(made, CueChoice(cue=d.cue.id, said=False))
    done = work_out(made, forms, measure, laid=None if chosen else laid)
    left = problems_of(done.decisions)
    return Mending(
        says=tuple(_says(session, forms, chosen, small)),
        before=len(problems_of(now.decisions)),
        after=len(left),
        essential=sum(d.state == "left out" and d.cue.kind not in SMALL for d in left),
        longer_ms=done.heard.total_ms - now.heard.total_ms,
        session=made,
    )


def _says(session: Session, forms: Forms, chosen: Mapping[_Place, float], small: Sequence[Decision]) -> Iterable[str]:
    """What a way changes, in sentences."""
    if chosen:
        passes = _passes(session)
        names = []
        for x, share in chosen.items():
            p = passes[x.pass_id]
            form = forms[p.part.form_id]
            title = next((q.title() for q in form.postures() if q.id == x.posture_id), "a posture")
            tempo = tempo_of(p, x.posture_id, form.tempo)
            names.append(
                f"{title} (pass {session.passes.index(p) + 1}) from {tempo:g} to {max(SLOWEST_TEMPO, round(tempo * share, 1)):g}"
            )
        more = f" and {len(names) - NAMED} more" if len(names) > NAMED else ""
        one = "posture" if len(names) == 1 else "postures"
        yield f"Slow {len(names)} {one}: {'; '.join(names[:NAMED])}{more} (counts a minute)."
    if small:
        kinds: dict[str, int] = {}
        for d in small:
            kinds[CUE_KINDS[d.cue.kind].title.lower()] = kinds.get(CUE_KINDS[d.cue.kind].title.lower(), 0) + 1
        yield "Let go what finds no room: " + ", ".join(f"{n} × {kind}" for kind, n in kinds.items()) + "."
