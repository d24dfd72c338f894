"""The reader: a text of instruction → facts.

Every clause is asked, in turn, for what it can say: time, weight, kick, feet, turn. What a clause only warns of
or supposes says nothing. A side that nobody named stays empty; one named earlier in the sentence goes on only
where the same foot is plainly meant.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from functools import lru_cache
from typing import NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.breath import and_out, breaths
from kemvo.core.reading.actions.feet import feet
from kemvo.core.reading.actions.foot_way import farther, touch_of
from kemvo.core.reading.actions.foot_words import PASSING
from kemvo.core.reading.actions.kicks import kick
from kemvo.core.reading.actions.time import time
from kemvo.core.reading.actions.turn import faced, part_turn, turn, turned_on
from kemvo.core.reading.actions.weight import shift
from kemvo.core.reading.actions.weight_onward import takes_weight
from kemvo.core.reading.actions.weight_shared import WE_ARE
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.reading.learned.reconcile import reconcile
from kemvo.core.reading.normalize.ellipsis import repeat_foot, with_subjects, with_verbs
from kemvo.core.reading.normalize.fillers import drop_fillers
from kemvo.core.reading.normalize.implied_foot import add_implied_foot
from kemvo.core.reading.normalize.punctuation import with_pauses
from kemvo.core.reading.normalize.self_corrections import apply_self_corrections
from kemvo.core.reading.not_feet import without_hands
from kemvo.core.reading.posture_names import NameIndex, NameMatch
from kemvo.core.reading.quantities import number_at, share
from kemvo.core.reading.segment.boundary import COVERED
from kemvo.core.reading.segment.segmenter import SUBORDINATE, Clause, clauses
from kemvo.core.reading.tokens import Token, tokens_of

READER = 6
"""The reader's version: raised whenever a line is read otherwise than before (`tests/core/reading/test_version.py`)."""

ABOUT = frozenset(
    "people beginners students care called named feel feels feeling check imagine sure mistake mistakes schools styles"
    " others week weeks yesterday tomorrow lesson lessons saw seen noticed asked tempted tempting reason purpose someone somebody anyone anybody nobody".split()
)
"""Clauses with these speak about the movement; they tell none."""


OTHERS = frozenset("people beginners students styles schools".split())
""" "A lot of people do this: they step and shift at once"."""

ABOUT_LEADS = (
    ["those", "with"],
    ["those", "who"],
    ["that", "was"],
    ["it", "was"],
    ["this", "was"],
    ["for", "those"],
    ["i", "see"],
)
SHARE_WORDS = frozenset("percent of the your weight about around say roughly or so maybe".split())
""" "Onto the right, | about seventy percent": how much it is."""
ENERGY = frozenset("energy qi chi force power strength".split())
""" "Energy goes down through the feet": no foot moves."""


class Reading(NamedTuple):
    """What the rules read: facts in the order of their words; the words as they were taken, their clauses, and the
    clauses (by index) that tell nothing: warnings, supposings, talk."""

    facts: list[Fact]
    tokens: Sequence[Token]
    clauses: list[Clause]
    silent: set[int]


def read_line(text: str, names: NameIndex | None = None) -> list[Fact]:
    """The facts of a line or a longer text, in the order of its words. `names`: posture names to know."""
    return read_with_clauses(text, names)[0]


def read_with_clauses(text: str, names: NameIndex | None = None) -> tuple[list[Fact], list[int]]:
    """The facts of a text, and where its clauses begin."""
    facts, begins = _read_once(text, names)
    return list(facts), list(begins)


@lru_cache(maxsize=8192)
def _read_once(text: str, names: NameIndex | None) -> tuple[tuple[Fact, ...], tuple[int, ...]]:
    """Read a text; forms say much of theirs again and again."""
    read = read_by_rules(text, names)
    facts = without_hands(_told_once(reconcile(*read), text), text)
    return tuple(facts), tuple(read.tokens[c.first].start for c in read.clauses)


def forget_lines() -> None:
    """Read everything anew from here on (to measure)."""
    _read_once.cache_clear()


def read_by_rules(text: str, names: NameIndex | None = None) -> Reading:
    """A text as the rules alone read it."""
    tokens = _plainly_told(text)
    matches = names.find(tokens) if names else []
    facts = [_posture(m, tokens) for m in matches]
    covered = {i for m in matches for i in range(m.first, m.last) if m.consumes}
    if covered:
        tokens = [t._replace(w=COVERED, side=None) if i in covered else t for i, t in enumerate(tokens)]
    memory = Memory()
    about = others = False
    cut = clauses(tokens)
    silent = {k for k, clause in enumerate(cut) if clause.unreal}
    for k, clause in enumerate(cut):
        if clause.first and tokens[clause.first - 1].hard:
            memory, about, others = Memory(), False, False
        breathed = list(breaths(tokens, clause)) or list(and_out(tokens, clause, memory))
        memory.breath = breathed[-1].direction if breathed else memory.breath
        memory.breathed = bool(breathed)
        facts += breathed
        piece = Piece(tokens, clause.first, clause.last, clause.verb)
        if clause.unreal:
            _remember(piece, memory)
            memory.weight = "weight" in piece.words()
            continue
        words = [t.w for t in tokens[clause.first : clause.last]]
        named = about and words[0] == "and" and len(words) == 2  # "this is called step back | and roll"
        about = not ABOUT.isdisjoint(words) or (about and words[0] in SUBORDINATE) or named
        about = about or (others and ("they" in words[:3] or words[0] in ("and", "or")))
        others = not OTHERS.isdisjoint(words) or (others and about)
        about = about or not ENERGY.isdisjoint(words[:2]) or words[:2] in ABOUT_LEADS
        about = about or _defines(words)
        about = about or (words[0] == "what" and "wrong" in words) or {"my", "teacher"} <= set(words)
        if about:
            silent.add(k)
            _remember(piece, memory)
        elif memory.weighed and SHARE_WORDS.issuperset(w for w in words if w not in lx.NUMBERS and not w.isdigit()):
            facts = _with_share(facts, piece)
        elif memory.stepped and (more := farther(piece)):
            facts = _with_more_of_step(facts, piece, more)
        else:
            facts += _read_clause(piece, memory)
    return Reading(_told_once(sorted(facts, key=lambda f: (f.start, f.end)), text), tokens, cut, silent)


def _with_share(facts: list[Fact], p: Piece) -> list[Fact]:
    """The facts with the share that a clause of its own adds to the last shift: "onto the right leg, 100 %"."""
    at = next((k for k in range(len(facts) - 1, -1, -1) if facts[k].kind == "shift"), None)
    said = share(p.tokens, p.first, p.last)
    if at is None or said is None or facts[at].share is not None:
        return facts
    whole = facts[at].model_copy(update={"share": said, "end": p.tokens[p.last - 1].end})
    return [*facts[:at], whole, *facts[at + 1 :]]


def _with_more_of_step(facts: list[Fact], p: Piece, ahead_cm: int) -> list[Fact]:
    """The facts with what a clause of its own adds to the last step: "step out to the side, | a fist's width back, ball first"."""
    at = next(k for k in range(len(facts) - 1, -1, -1) if facts[k].kind == "step")
    touch = facts[at].touch or touch_of(p, None)
    whole = facts[at].model_copy(update={"ahead_cm": ahead_cm, "touch": touch, "end": p.tokens[p.last - 1].end})
    return [*facts[:at], whole, *facts[at + 1 :]]


def _defines(words: Sequence[str]) -> bool:
    """ "A bow stance has seventy percent on the front leg": what it is, and nobody moves."""
    at = words.index("stance", 0, 5) if "stance" in words[:5] else len(words)
    return words[0] in ("a", "an", "the", "so", "this", "in") and words[at + 1 : at + 2] in (["is"], ["has"], ["means"])


def _plainly_told(text: str) -> Sequence[Token]:
    """The words of a text as a manual would have them: what is taken back, and what only accompanies, left out; sides,
    pauses, subjects, objects and verbs put in where they are meant."""
    tokens = add_implied_foot(drop_fillers(apply_self_corrections(tokens_of(text))))
    return with_verbs(repeat_foot(with_subjects(with_pauses(tokens, text))))


def _told_once(facts: list[Fact], text: str) -> list[Fact]:
    """Without what is only begun and told whole right after it: "step again, right foot forward", "take your left foot,
    step to the left", "sit back, put the weight onto the right leg"."""
    if len(facts) < 2:
        return facts
    text = _plain(text)
    out: list[Fact] = []
    for f in facts:
        last = out[-1] if out else None
        keep: Fact | None = f
        if last and (last.kind == f.kind or f.kind == "kick"):
            last, keep = _both_or_one(last, f, text)
            out[-1:] = [last] if last else []
        out += [keep] if keep else []
    return out


def _plain(text: str) -> str:
    """A text in lower case and with usual blanks, every letter in its place."""
    low = re.sub(r"\s", " ", text.lower())
    return low if len(low) == len(text) else text


def _both_or_one(last: Fact, f: Fact, text: str) -> tuple[Fact | None, Fact | None]:
    """Two facts as they stand together: the one that says the other again, or less, falls away."""
    between = text[last.end : f.start]
    kept = {"side": f.side or last.side, "on": f.on or last.on}
    gone = (None, f.model_copy(update=kept))
    if f.kind != last.kind:
        begun = INTO_A_KICK.fullmatch(between) or (
            between.split() == ["and"] and text[last.start :].startswith("extend")
        )
        return gone if last.kind == "step" and begun else (last, f)
    since = set(between.split()) | set(text[f.start : f.start + 3].split())
    said_more = f.share is not None or f.side is not None
    so = "so" in since and "if" not in since and "." not in between
    if f.kind == "shift" and last.side is None and said_more and so:
        return None, f
    comes_up = last.direction == "up" and text[last.start : last.end].split()[-2:] in (
        ["comes", "up"],
        ["come", "up"],
    )
    if comes_up and f.kind == "step" and f.side in (last.side, None) and between.split() in AND_THEN:
        return last.model_copy(update={"kind": "lift", "direction": None}), f  # "comes up and steps out"
    if f.kind == "turn" and f.to is None and "." not in between:
        return last, None  # "turn to the right, taking a quarter turn"
    if f.kind == last.kind == "pivot" and so and " it" in text[f.start : f.end] and f.toes is None:
        return last, None  # "the foot needs to straighten, so turn it on the heel"
    if "." not in between and UNTIL & since:
        if f.kind == "turn":
            return last, None
        return (None, f) if f.kind == "shift" and last.side is None else (last, f)
    if f.kind == "step" and last.side == "both" and "by" in between.split() and "." not in between:
        return None, f  # "close the feet by bringing in the left"
    if f.kind == "shift" and "by" in between.split() and "." not in between:
        return last, None  # "unload the front leg by sitting back"
    if f.kind == "shift" and "as" in between.split() and text[f.start : f.end] == text[last.start : last.end]:
        return last, None  # "go forward, and as you go forward…"
    if f.kind == "shift" and "then" in since:
        return last, f
    going = set(between.split()) <= AND_GOING and " it" in text[f.start : f.end + 3]
    if f.kind == "step" and going and _only_begun(last, text) and f.side in (last.side, None):
        return gone  # "take the right foot and I'm going to step it back"
    if len(between) >= (BARE_REACH if f.kind == "step" else SHIFT_REACH):
        return last, f
    if f.kind == "shift" and f.side == last.side == "both" and "." not in between:
        return last, None
    if f.kind == "shift" and f.side is not None and f.side == last.side:
        off = " off " in text[last.start : last.end] and len(between) < SHIFT_REACH and "." not in between
        if between.split() in JUST_ONTO or off:
            return last, None
    if f.kind == "hold":
        longer = f.ms is not None or f.counts is not None
        return (last, None) if not longer else (None, f) if last.ms is None and last.counts is None else (last, f)
    if _only_begun(last, text) and f.side in (last.side, None):
        return gone
    barely = f.kind in ("step", "shift") and last.side is None and f.side in ("L", "R") and _bare(last)
    return (None, f) if barely else (last, f)


def _only_begun(f: Fact, text: str) -> bool:
    """A step that has no way yet ("step again, …", "comes through and …"), a pivot without a way or an angle."""
    if f.kind == "step":
        return f.touch is None and (f.direction is None or text[f.start : f.end].lower().endswith("through"))
    return f.kind == "pivot" and f.toes is None and f.angle is None


def _bare(f: Fact) -> bool:
    """A step without a way ("a follow step" names none either), or a shift without a share."""
    return f.direction in (None, "half") if f.kind == "step" else f.share is None


INTO_A_KICK = re.compile(r"\s(?:in|into|for|with)\s+(?:a|your|the)\s+(?:\w+\s+)?")
""" "Extend the left heel in a gentle kick": a kick."""

AND_THEN = (["and"], ["and", "then"])
AND_GOING = frozenset("and then just i i'm we we're you you're going gonna to".split())
JUST_ONTO = (
    [",", "onto", "the"],
    [",", "into", "the"],
    [",", "to", "the"],
    ["onto", "the"],
    ["into", "the"],
    ["foot,", "onto", "the"],
    ["leg,", "onto", "the"],
    ["leg", "onto", "the"],
    ["foot", "onto", "the"],
    ["and", "onto", "the"],
)
""" "Off the left foot, onto the right": one shift."""

THEY = frozenset({"it", "it's", "they", "they're"})
""" "Pivot the foot so that it's facing forward": the foot faces there, not the body."""

UNTIL = frozenset({"until", "till"})
""" "Turn right until you face the door": one turn."""

SHIFT_REACH = 28
"""The most letters between a shift without a leg and the leg that is told after it."""

BARE_REACH = 12
"""Letters between a bare "step" and the foot that is told after it."""


def _read_clause(p: Piece, memory: Memory) -> Iterator[Fact]:
    before = (memory.moved, memory.named)
    timed = time(p)
    shifted = list(shift(p, memory))
    kicked = list(kick(p, memory))
    yield from (*timed, *shifted, *kicked)
    weight_was_all = shifted and (
        p.verb_in(lx.SHIFT, lx.SINK, lx.STAND, lx.EMPTY, lx.FILL)
        or takes_weight(p)
        or p.w(p.verb + 1) in ("it", "yourself")
        or p.words() & {"centre", "center"}
        or (p.verb < 0 and not p.words().isdisjoint(WE_ARE))
    )
    moved: list[Fact] = []
    if not weight_was_all and not kicked and not any(f.kind == "hold" for f in timed):
        turned = list(part_turn(p))
        moved = [] if turned else list(feet(p, memory))
        toes = memory.pivoted and p.w(p.first) in ("so", "until", "till") and not p.words().isdisjoint(THEY)
        turned = turned or (list(turn(p)) if not moved and not toes else [])
        if memory.turned and not moved and not turned:
            turned = list(turned_on(p))
        yield from turned or moved
        if any(f.kind == "pivot" for f in moved):
            yield from faced(p)
        memory.turned = bool(turned)
    memory.weight = "weight" in p.words()
    memory.weighed = bool(shifted)
    memory.stepped = any(f.kind == "step" for f in moved)
    memory.way = next((f.direction for f in moved if f.kind == "step"), None)
    memory.lifted = any(f.kind == "lift" for f in moved)
    memory.raised = any(f.kind == "lift" and f.side != "both" for f in moved) or (
        memory.raised and not memory.stepped and not kicked
    )
    memory.pivoted = any(f.kind == "pivot" for f in moved)
    if (memory.moved, memory.named) == before and not moved:
        _remember(p, memory)


def _remember(p: Piece, memory: Memory) -> None:
    """Keep in mind a foot or hip that was named though nothing was read of it: "release the right foot, let it…"."""
    said = p.in_order()
    if p.last - p.first == 3 and said[0] == "with" and p.side(p.last - 1):
        memory.moved = memory.named = p.side(p.last - 1)  # "with the left, take a step"
    if p.verb_in(lx.EMPTY) and p.where(lx.FOOT):
        memory.noun = "foot"
    for i in p.where(lx.FOOT, ("hip",)):
        if p.before(i, 3) & (PASSING | {"close"}):
            continue
        side = p.side_of(i)
        if side:
            memory.named = side
            if p.w(i) != "hip":
                memory.moved, memory.noun = side, p.w(i)
        elif p.w(i - 1) in ("front", "back", "rear", "other"):
            memory.moved, memory.noun = None, p.w(i)


def _posture(m: NameMatch, tokens: Sequence[Token]) -> Fact:
    """A posture's name with its side and its "two of three"."""
    last = m.last
    nth = of = None
    for i in range(last, min(last + 3, len(tokens))):
        one = number_at(tokens, i, len(tokens))
        if one and one[1] < len(tokens) and tokens[one[1]].w == "of":
            whole = number_at(tokens, one[1] + 1, len(tokens))
            if whole:
                nth, of, last = int(one[0]), int(whole[0]), whole[1]
                break
    return Fact(
        kind="posture", start=tokens[m.first].start, end=tokens[last - 1].end, id=m.id, side=m.side, nth=nth, of=of
    )
