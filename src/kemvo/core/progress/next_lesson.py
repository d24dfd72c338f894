"""The next lesson of a class, laid out from what it should have next and fitted to its hour."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date
from math import ceil

from kemvo.core.lesson.lesson import fitted, laid_out
from kemvo.core.model.form import Form
from kemvo.core.model.session import Forms, Pass, Session
from kemvo.core.model.to_fill import is_to_fill
from kemvo.core.progress.account import ClassAccount
from kemvo.core.progress.for_class import for_class, session_for
from kemvo.core.progress.lessons import day_words
from kemvo.core.progress.model import ClassGroup
from kemvo.core.progress.what_next import WhatNext
from kemvo.core.tables.block_kinds import PatternRow
from kemvo.core.timing.timeline import plan, plan_form
from kemvo.core.timing.totals import totals_by

RECAP_SHARE = 0.25
"""The share of a lesson that goes into what is brought back (own choice)."""

MOST_STRETCHES = 3
"""What is brought back is gone over in so many stretches at most; what lies between the nearest is done as well."""


def once_ms(form: Form) -> dict[str, int]:
    """How long every posture of a form takes once, at the form's own tempo."""
    (found,) = totals_by(plan_form(form).spans, lambda s: s.performance.posture.id if s.performance else "")
    return {str(id_): t.ms for id_, t in found.items() if id_}


def chosen_recap(next_: WhatNext, form: Form, minutes: float) -> list[str]:
    """What is brought back in a lesson of so many minutes: what is due, what wants it most first, as far as the time goes; at least
    one posture where any is due."""
    times = once_ms(form)
    left = RECAP_SHARE * minutes * 60_000
    chosen: list[str] = []
    for r in next_.recap:
        ms = times.get(r.posture_id, 0)
        if r.due and (ms <= left or not chosen):
            chosen.append(r.posture_id)
            left -= ms
    return chosen


def stretches(ids: Sequence[str], chosen: Sequence[str], had: Sequence[str]) -> list[list[str]]:
    """The chosen postures as stretches of the form, in its order; stretches with nothing but what the class has had between them are
    joined, the nearest first, until there are few enough. What was never taught is never in one."""
    at = sorted(ids.index(c) for c in set(chosen) if c in ids)
    known = {ids.index(c) for c in had if c in ids} | set(at)
    runs: list[list[int]] = []
    for i in at:
        if runs and all(j in known for j in range(runs[-1][1], i + 1)) and i - runs[-1][1] <= 2:
            runs[-1][1] = i
        else:
            runs.append([i, i])
    while len(runs) > MOST_STRETCHES:
        gaps = [
            (runs[n + 1][0] - runs[n][1], n)
            for n in range(len(runs) - 1)
            if all(j in known for j in range(runs[n][1], runs[n + 1][0]))
        ]
        if not gaps:
            break
        _, n = min(gaps)
        runs[n : n + 2] = [[runs[n][0], runs[n + 1][1]]]
    return [list(ids[a : b + 1]) for a, b in runs]


def next_lesson(
    pattern: PatternRow,
    group: ClassGroup,
    class_id: str,
    form_id: str,
    form: Form,
    made: ClassAccount,
    next_: WhatNext,
    new: Sequence[str],
) -> Session:
    """The lesson of a day: what is brought back, what is new, and all that the class then has of the form, fitted to its hour. A
    posture that has only a name so far is neither."""
    ids = [p.id for p in form.postures()]
    empty = {p.id for p in form.postures() if is_to_fill(p)}
    had = [a.posture_id for a in made.postures if a.taught()]
    new = [n for n in new if n not in empty]
    recap = [c for c in chosen_recap(next_, form, group.minutes) if c not in new and c not in empty]
    whole = _unbroken(ids, [*had, *new], new)
    session = laid_out(
        pattern,
        form_id,
        form,
        new,
        recap,
        lesson_title(group, next_.day),
        group.minutes,
        stretches(ids, recap, had),
        whole,
    )
    session = session_for(session, group, class_id).model_copy(update={"day": next_.day, "notes": _notes(next_)})
    return _fitted(session, {form_id: for_class(form, group)})


GROWS = frozenset({"hands", "feet", "together", "follow", "drill", "other-side", "whole"})
"""What is done more often where little is new: all of it alike, as far as the hour goes."""

MOST_TIMES = 8


def _fitted(session: Session, forms: Forms) -> Session:
    """A session fitted to its hour. Where little is new the same is done more often: as often as the hour allows."""
    first = fitted(session, forms)
    if first.met or not session.wished_ms or not 0 < first.total_ms < session.wished_ms:
        return first.session
    # Each time more takes as long as the second one.
    once, twice = (plan(_times(session, n), forms).total_ms for n in (1, 2))
    times = 1 + (session.wished_ms - once) // (twice - once) if twice > once else 1
    fuller = _times(session, max(1, min(MOST_TIMES, times)))
    found = fitted(fuller, forms)
    if not found.met and found.total_ms < session.wished_ms:
        often = ceil(session.wished_ms / found.total_ms)
        found = fitted(fuller.model_copy(update={"passes": tuple(_wider(p, often) for p in fuller.passes)}), forms)
    kept = zip(found.session.passes, session.passes, strict=True)
    return found.session.model_copy(
        update={"passes": tuple(p.model_copy(update={"bounds": old.bounds}) for p, old in kept)}
    )


def _times(session: Session, times: int) -> Session:
    """The session with what can grow done so many times as often."""
    return session.model_copy(
        update={
            "passes": tuple(
                p.model_copy(update={"repeats": min(99, p.repeats * times)}) if p.kind in GROWS else p
                for p in session.passes
            )
        }
    )


def _wider(p: Pass, often: int) -> Pass:
    """A pass that may be done more often still."""
    if p.kind not in GROWS:
        return p
    most = min(99, p.repeats * often * 2 + 2)
    return p.model_copy(update={"bounds": p.bounds.model_copy(update={"repeats_most": most})})


def _unbroken(ids: Sequence[str], had: Sequence[str], new: Sequence[str]) -> list[str]:
    """What the class can do without a gap, ending with what is new; where nothing is, from the first posture it has."""
    known = set(had)
    end = max((ids.index(n) for n in new if n in ids), default=None)
    if end is None:
        end = next((i for i, id_ in enumerate(ids) if id_ in known), 0)
        while end + 1 < len(ids) and ids[end + 1] in known:
            end += 1
    first = end
    while first > 0 and ids[first - 1] in known:
        first -= 1
    return [id_ for id_ in ids[first : end + 1] if id_ in known]


def lesson_title(group: ClassGroup, day: date) -> str:
    """What the lesson of a day is called."""
    return f"{group.title or 'Class'}, {day_words(day)}"[:200]


def _notes(next_: WhatNext) -> str:
    """The open points, to be looked at."""
    lines = [f"{r.title}: {text}" for r in sorted(next_.recap, key=lambda r: r.place) for text in r.points]
    return "To look at:\n" + "\n".join(lines) if lines else ""
