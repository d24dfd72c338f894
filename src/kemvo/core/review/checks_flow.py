"""Checks of what goes on over several movements: time on one leg, breaths, sides, gentler versions, words."""

from __future__ import annotations

import re
from collections.abc import Iterator
from itertools import groupby, pairwise

from kemvo.core.floor.one_leg import one_leg_times
from kemvo.core.language import lexicon as lx
from kemvo.core.model.form import Posture
from kemvo.core.movement.interpretation import said, stance_of, words_in
from kemvo.core.review.context import Seen, at_step, found, of_span
from kemvo.core.review.findings import CARE_WORDS, Finding
from kemvo.core.timing.breath_curve import runs
from kemvo.core.types import OTHER_SIDE, SIDE_WORD, Side


def one_leg(look: Seen) -> Iterator[Finding]:
    """Times on one leg alone that are long for the group."""
    limit = look.form.who.limits().one_leg_ms
    for alone in one_leg_times(look.spans, look.trace.steps):
        if alone.ms > limit:
            yield at_step(
                alone.first,
                "one-leg-long",
                f"{alone.ms / 1000:.0f} s on the {SIDE_WORD[alone.stands]} leg alone; {limit / 1000:.0f} s is enough for this group."
                " Shorten it, or let the toes touch down.",
                alone.stands,
            )


def breath_findings(look: Seen) -> Iterator[Finding]:
    """Breaths that follow one of the same way, and breaths too long or too short at this tempo."""
    spans = look.spans
    shortest, longest = look.form.who.limits().breath_ms
    all_runs = runs([(s.breath, s.kind, s.end_ms - s.start_ms, s.round.no) for s in spans])
    for (a, _), (b, _) in pairwise(all_runs):
        if spans[a].breath == spans[b].breath:
            way = "in" if spans[b].breath == "in" else "out"
            yield of_span(
                spans[b], "breath-twice", f"Breath {way} follows breath {way}. Let one {_opposite(way)} between them."
            )
    for a, b in all_runs:
        ms = spans[b - 1].end_ms - spans[a].start_ms
        way = f"{spans[a].breath}-breath"
        if ms > longest:
            quicker = look.form.tempo * ms / longest
            yield of_span(
                spans[a],
                "breath-long",
                f"This {way} takes {ms / 1000:.1f} s; up to {longest / 1000:.1f} s is comfortable for this group. A breath"
                f" more in between, or {quicker:.0f} counts a minute.",
            )
        elif ms < shortest:
            slower = look.form.tempo * ms / shortest
            yield of_span(
                spans[a],
                "breath-short",
                f"This {way} takes {ms / 1000:.1f} s; from {shortest / 1000:.1f} s on it is comfortable. Leave it free, or"
                f" take {slower:.0f} counts a minute.",
            )


def _opposite(way: str) -> str:
    return "out" if way == "in" else "in"


def postures(look: Seen) -> Iterator[Finding]:
    """Left and right versions that last differently, and repeats that stay on one side."""
    postures = look.form.postures()
    counts: dict[str, dict[Side, Posture]] = {}
    for p in postures:
        if p.side and p.name.strip() and p.movements:
            sides = counts.setdefault(p.name.casefold().strip(), {})
            other = sides.get(OTHER_SIDE[p.side])
            sides.setdefault(p.side, p)
            if other and _counts(other) != _counts(p):
                yield found(
                    "sides-unequal",
                    f"“{p.title()}” has {_counts(p):g} counts, “{other.title()}” {_counts(other):g}.",
                    p.id,
                )
        if p.side and p.repeats > 1 and not p.alternate:
            yield found(
                "not-alternating",
                f"“{p.title()}” is done {p.repeats} times on the same side. Should it alternate?",
                p.id,
            )
    for name, same in groupby(postures, lambda p: p.name.casefold().strip()):
        for one, other in pairwise(same):
            if name and one.side and one.side == other.side and one.repeats == other.repeats == 1:
                yield found("not-alternating", f"“{other.title()}” follows itself on the same side.", other.id)


def _counts(p: Posture) -> float:
    return sum(m.counts for m in p.movements)


def gentler(look: Seen) -> Iterator[Finding]:
    group = look.form.who.limits()
    offered = {v.variant_of for v in look.form.all_postures() if v.variant == "gentler"}
    for p in look.form.postures():
        wants = [c for c in look.cares[p.id] if c in group.spared]
        if wants and not p.gentler.strip() and p.variant != "gentler" and p.id not in offered:
            yield found(
                "no-gentler",
                f"There is {' and '.join(CARE_WORDS[c] for c in wants)} in it, and no gentler version for “{group.title}”.",
                p.id,
            )


SPOKEN_OF = lx.HAND | lx.TRUNK | lx.FOOT | lx.STAND | lx.SINK | frozenset("weight ball breath stand hold".split())


def words(look: Seen) -> Iterator[Finding]:
    """Lines of which nothing was understood, not even that they speak of the hands or the body, or name a posture."""
    names = {" ".join(n.lower().split()) for p in look.form.postures() for n in (p.name, *p.aliases) if n.strip()}
    for p in look.form.postures():
        for m in p.movements:
            if not m.line.strip() or said(m) or stance_of(m) or m.cues.full:
                continue
            line = " " + re.sub(r"[^\w’]+", " ", m.line.lower()) + " "
            if not words_in(m.line) & SPOKEN_OF and not any(f" {n} " in line for n in names):
                yield found("not-understood", f"Nothing was understood of “{m.line.strip()[:60]}”.", p.id, m.id)
