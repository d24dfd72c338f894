"""A lesson laid out from a pattern, and fitted to the hour with every change explained."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import takewhile

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.floor.one_leg import one_leg_times
from kemvo.core.lesson.fit_solver import FitBlock, Fitted, fit
from kemvo.core.model.form import Form
from kemvo.core.model.session import PRINCIPLES, Bounds, Calls, Forms, Part, Pass, Session, with_pass_ids
from kemvo.core.review.context import seen
from kemvo.core.tables.block_kinds import BLOCK_KINDS, Goes, PatternBlock, PatternRow
from kemvo.core.timing.opening_pause import with_pauses
from kemvo.core.timing.pass_breath import tempo_range
from kemvo.core.timing.pass_postures import pass_title
from kemvo.core.timing.timeline import plan
from kemvo.core.types import DEFAULT_TEMPO, Value, in_minutes

USUAL_TEMPO = 0.15
"""How far fitting may go from a tempo whose bounds nobody has set, as a share of it (own choice)."""
USUAL_REPEATS = 3
USUAL_REST_MS = (5000, 60_000)


def laid_out(
    pattern: PatternRow,
    form_id: str,
    form: Form,
    new: Sequence[str],
    before: Sequence[str] | None,
    title: str,
    minutes: float | None,
    recaps: Sequence[Sequence[str]] = (),
    whole: Sequence[str] | None = None,
) -> Session:
    """A lesson after a pattern. `new`, `before`: ids of the postures that are new today and that were taught before (None:
    those that stand before the new ones in the form); blocks that would go over nothing are left out. `recaps`: stretches of what was
    taught before that are each gone over by themselves; `whole`: what the class has of the form (None: all of it)."""
    ids = [p.id for p in form.postures()]
    if before is None:
        before = list(takewhile(lambda id_: id_ not in new, ids)) if new else []
    parts = {
        "new": _part(form_id, ids, new),
        "before": _part(form_id, ids, before),
        "all": _part(form_id, ids, ids if whole is None else whole),
    }
    stretches = [_part(form_id, ids, stretch) for stretch in recaps]
    passes = []
    for laid in pattern.blocks:
        if laid.goes == "before" and stretches:
            passes += [_block(laid, part) for part in stretches if part]
            continue
        kind = BLOCK_KINDS[laid.kind]
        part = parts.get(laid.goes)
        if kind.moves and part is None:
            continue
        passes.append(_block(laid, part or Part(form_id="")))
    wished = round(minutes * 60_000) if minutes else None
    calls = Calls(reminders=PRINCIPLES)
    return with_pass_ids(Session(title=title, wished_ms=wished, calls=calls, passes=tuple(passes)))


def as_pattern(session: Session, title: str) -> PatternRow:
    """A lesson as a pattern to be laid out again: what went over the whole form goes over the whole, what began where a
    form begins goes over what was taught before, and the rest over what is new."""

    def goes(p: Pass) -> Goes:
        if not BLOCK_KINDS[p.kind].moves:
            return "none"
        if not p.part.first and not p.part.last:
            return "all"
        return "before" if p.kind == "recap" else "new"

    blocks = tuple(
        PatternBlock(p.kind, goes(p), p.facing, p.repeats, p.bounds.matters) for p in session.passes if not p.off
    )
    return PatternRow("", title, blocks)


def _part(form_id: str, ids: Sequence[str], chosen: Sequence[str]) -> Part | None:
    at = sorted(ids.index(i) for i in chosen if i in ids)
    if not at:
        return None
    first, last = at[0], at[-1]
    whole = first == 0 and last == len(ids) - 1
    return Part(form_id=form_id, first="" if whole else ids[first], last="" if whole else ids[last])


def _block(laid: PatternBlock, part: Part) -> Pass:
    kind = BLOCK_KINDS[laid.kind]
    return Pass(
        kind=laid.kind,
        part=part,
        facing=laid.facing or kind.facing,
        voice=kind.voice,
        repeats=laid.repeats or kind.repeats,
        alternate=kind.drills,
        still_ms=kind.still_ms,
        pause_before_ms=None if kind.moves else 0,
        pause_after_ms=5000 if kind.moves else 0,
        bounds=Bounds(drop=not kind.kept, matters=laid.matters),
    )


class Change(Value):
    """What fitting did to a block: its pass, in words, and whether it was left out."""

    pass_id: str
    title: str
    says: str
    dropped: bool


class Fitting(Value):
    """A lesson fitted to its wish: the session, what was changed block by block, and the whole in one sentence. `met`:
    the wish is met; else this is the nearest total. `loss` and `bound`: how much is lost, and below what no answer can
    lose."""

    session: Session
    changes: tuple[Change, ...]
    total_ms: int
    met: bool
    loss: float
    bound: float
    says: str


def fitted(session: Session, forms: Forms) -> Fitting:
    """Fit a session to its wished length. Raises KemvoError when it has none."""
    if session.wished_ms is None:
        raise KemvoError(Problem(what="There is no wished length yet.", mend="Type the minutes you have."))
    live = [p for p in session.passes if not p.off]
    rows = [_as_block(p, session, forms) for p in with_pauses(session, forms).passes if not p.off]
    answer = fit([b for b, _ in rows], float(session.wished_ms))
    passes = {p.id: p for p in session.passes}
    changes: list[Change] = []
    for p, (b, tempo), chosen in zip(live, rows, answer.blocks, strict=True):
        new = _applied(p, b, tempo, chosen.repeats, chosen.pace, chosen.rest_ms)
        passes[p.id] = new
        says = _difference(p, new, tempo)
        if says:
            changes.append(Change(pass_id=p.id, title=pass_title(p, forms), says=says, dropped=new.off))
    made = session.model_copy(update={"passes": tuple(passes[p.id] for p in session.passes)})
    made, total = _to_the_millisecond(made, forms, session.wished_ms if answer.met else None)
    return Fitting(
        session=made, changes=tuple(changes), total_ms=total, met=answer.met, loss=round(answer.loss, 6),
        bound=round(answer.bound, 6), says=_sentence(answer, total, session.wished_ms),
    )  # fmt: skip


def _sentence(answer: Fitted, total: int, wished: int) -> str:
    clock = in_minutes(total)
    if not answer.met:
        short = total < wished
        return f"The wish cannot be met; the nearest is {clock}. {'Add a block or wider bounds' if short else 'Let more be left out, or allow quicker tempos'}."
    near = answer.loss - answer.bound
    exact = (
        "No other choice loses less."
        if near < 1e-6
        else f"No other choice loses more than {100 * near / max(answer.loss, 1e-9):.1f} % less."
    )
    return f"It takes {clock}. {exact}"


def _as_block(p: Pass, session: Session, forms: Forms) -> tuple[FitBlock, float]:
    """A pass as fitting sees it, with its tempo."""
    kind, b = BLOCK_KINDS[p.kind], p.bounds
    rest = p.pause_after_ms
    rest_least: float = b.rest_least_ms if b.rest_least_ms is not None else min(rest, USUAL_REST_MS[0])
    rest_most: float = b.rest_most_ms if b.rest_most_ms is not None else max(rest, min(2 * rest, USUAL_REST_MS[1]))
    drop = b.drop and not kind.kept
    if not kind.moves:
        still = p.still_ms
        shortest: float = b.rest_least_ms if b.rest_least_ms is not None else still // 2
        longest: float = b.rest_most_ms if b.rest_most_ms is not None else still * 1.5
        fixed = (p.pause_before_ms or 0) + p.pause_after_ms
        return FitBlock(
            p.id,
            0.0,
            fixed_ms=fixed,
            rest_ms=still,
            rest_least=shortest,
            rest_most=longest,
            matters=b.matters,
            drop=drop,
        ), 0.0
    form = forms.get(p.part.form_id)
    tempo = p.tempo or (form.tempo if form else DEFAULT_TEMPO)
    once = session.model_copy(update={"passes": (p.model_copy(update={"repeats": 2, "pause_before_ms": 0, "pause_after_ms": 0, "off": False}),)})  # fmt: skip
    spans = plan(once, forms).spans
    share = 2
    moving = sum(s.end_ms - s.start_ms for s in spans if s.kind == "movement") / share
    held = sum(s.end_ms - s.start_ms for s in spans if s.kind == "hold") / share
    again = next((s.end_ms - s.start_ms for s in spans if s.kind == "pause"), 0)
    held += (sum(s.end_ms - s.start_ms for s in spans if s.kind == "pause") + again) / share
    if any(x.ms or x.breaths for x in p.paces):
        # What has a length of its own does not follow the tempo: at twice the tempo, only the rest is half as long.
        quick = sum(s.end_ms - s.start_ms for s in plan(once, forms, 2.0).spans if s.kind == "movement") / share
        held += moving - 2 * (moving - quick)
        moving = 2 * (moving - quick)
    least, most = _tempos(p, tempo, form)
    block = FitBlock(
        p.id, moving, held, float((p.pause_before_ms or 0) - again), p.repeats,
        b.repeats_least or max(1, p.repeats - USUAL_REPEATS), b.repeats_most or (p.repeats + USUAL_REPEATS if kind.drills else p.repeats),
        tempo / most, tempo / least, rest, rest_least, rest_most, b.matters, drop,
    )  # fmt: skip
    return block, tempo


def _tempos(p: Pass, tempo: float, form: Form | None) -> tuple[float, float]:
    """The slowest and quickest tempo for a pass: its bounds, kept to what is comfortable to breathe and to stand on one
    leg, where that leaves anything. The tempo as it is counts as possible."""
    least = p.bounds.tempo_least or tempo * (1 - USUAL_TEMPO)
    most = p.bounds.tempo_most or tempo * (1 + USUAL_TEMPO)
    if form is not None and p.bounds.tempo_least is None and p.bounds.tempo_most is None:
        breath = tempo_range(form)
        if breath:
            least, most = max(least, min(breath[0], tempo)), min(most, max(breath[1], tempo))
        limit = form.who.limits().one_leg_ms
        look = seen(form)
        longest = max((t.ms for t in one_leg_times(look.spans, look.trace.steps)), default=0)
        if longest:
            least = max(least, min(tempo, form.tempo * longest / limit))
    return max(4.0, min(least, tempo)), min(240.0, max(most, tempo))


def _applied(p: Pass, b: FitBlock, tempo: float, repeats: int, pace: float, rest: float) -> Pass:
    if repeats == 0:
        return p.model_copy(update={"off": True})
    if not BLOCK_KINDS[p.kind].moves:
        return p.model_copy(update={"still_ms": round(rest)})
    change: dict[str, object] = {"repeats": repeats, "pause_after_ms": round(rest)}
    if abs(pace - 1) > 1e-9:
        change["tempo"] = tempo / pace
        change["paces"] = tuple(x.model_copy(update={"tempo": x.tempo and min(240.0, x.tempo / pace), "to": x.to and min(240.0, x.to / pace)}) for x in p.paces)  # fmt: skip
    return p.model_copy(update=change)


def _difference(old: Pass, new: Pass, tempo: float) -> str:
    if new.off and not old.off:
        return "left out"
    told = []
    if new.repeats != old.repeats:
        told.append(f"{old.repeats} → {new.repeats} times")
    if new.tempo is not None and abs(new.tempo - tempo) > 0.005:
        told.append(f"{tempo:.4g} → {new.tempo:.4g} counts a minute")
    if abs(new.pause_after_ms - old.pause_after_ms) >= 500:
        told.append(f"rest {old.pause_after_ms / 1000:.0f} → {new.pause_after_ms / 1000:.0f} s")
    if abs(new.still_ms - old.still_ms) >= 500:
        told.append(f"{old.still_ms / 60_000:.1f} → {new.still_ms / 60_000:.1f} minutes")
    return "; ".join(told)


LEFT_OVER_MS = 5000
"""The most milliseconds put into a still time where repeats in a row do not take exactly as long as each by itself."""


def _to_the_millisecond(session: Session, forms: Forms, wished: int | None) -> tuple[Session, int]:
    """What is left over, put into the last still time that has room for it."""
    total = plan(session, forms).total_ms
    if wished is None or total == wished:
        return session, total
    missing = wished - total
    passes = list(session.passes)
    for i in range(len(passes) - 1, -1, -1):
        p = passes[i]
        field = "pause_after_ms" if BLOCK_KINDS[p.kind].moves else "still_ms"
        least, most = p.bounds.rest_least_ms or 0, p.bounds.rest_most_ms
        now = getattr(p, field) + missing
        if p.off or now < least or (most is not None and now > most) or abs(missing) > LEFT_OVER_MS:
            continue
        passes[i] = p.model_copy(update={field: getattr(p, field) + missing})
        made = session.model_copy(update={"passes": tuple(passes)})
        return made, plan(made, forms).total_ms
    return session, total
