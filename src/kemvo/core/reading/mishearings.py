"""Misheard and mistyped words: what was meant, judged by the surrounding words.

Which are taken for which: common practice, no source; from how captions of spoken lessons read.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import NamedTuple

from kemvo.core.language import lexicon as lx

SIDE_HEARD = frozenset("left right write rite wright lift".split())
""" "The write knee": beside these a foot is heard wrong."""

FOOT_HEARD: dict[str, str] = {
    "need": "knee", "toad": "toe", "told": "toes", "totes": "toes", "fort": "foot", "log": "leg", "eel": "heel",
    "lock": "leg",
}  # fmt: skip
"""What is heard for a part of the leg right after a side: "the right need"."""

FEET_HEARD = frozenset("feed feat fete fee fate".split())
TOGETHER = frozenset("together apart parallel shoulder".split())

NUMBER_HEARD: dict[str, str] = {"for": "four", "to": "two", "too": "two", "ate": "eight", "won": "one", "sex": "six"}
"""What is heard for a number before what is counted: "hold for for seconds"."""

COUNTED = frozenset("seconds counts count breaths beats percent".split())
LEADS_NUMBER = frozenset("for over of about hold take with on only just another it".split())

TURN_HEARD = frozenset("torn term tern".split())
SIDES_HEARD = {"write": "right", "rite": "right", "wright": "right", "ride": "right", "life": "left"}
GOES_RIGHT = lx.STEP | lx.SHIFT | lx.TURN | lx.SIT_BACK | {"weight", "wait", "go", "goes", "face"}
GOES_ON = frozenset("and as so now then while with until".split())
BEGINS = frozenset(" and then now so okay next to gently".split(" "))

LEGS = frozenset("middle centre center left right both".split())
""" "Wait in the middle", "wait on the left": the weight."""

WAITS_TO = frozenset("left right forward forwards back over across".split())
""" "Wait left": the weight, unless "wait right there"."""

WEIGHS = frozenset("onto into even evenly goes follows shifts moves transfers".split())
BEFORE_WEIGHT = frozenset("the your all more of body same equal change".split())


class Around(NamedTuple):
    """A word among the others of its text. `joined`: whether the word at an index goes on into the next without a stop."""

    raw: Sequence[str]
    i: int
    joined: Callable[[int], bool]

    def at(self, step: int) -> str:
        """The word so many steps on, or nothing."""
        return self.raw[self.i + step] if 0 <= self.i + step < len(self.raw) else ""

    def near(self) -> set[str]:
        """The two words before and the two after."""
        return {self.at(k) for k in (-2, -1, 1, 2)}

    def ends(self) -> bool:
        """Whether the text stops after it, or a new action is joined to it."""
        return not self.at(1) or not self.joined(self.i) or self.at(1) in lx.CONNECT


def put_right(raw: list[str], joined: Callable[[int], bool]) -> list[str]:
    """The words as they are meant. `joined`: whether the word at an index goes on into the next without a stop."""
    words = list(raw)
    for i, w in enumerate(raw):
        if w in MAYBE_MISHEARD:
            a = Around(raw, i, joined)
            words[i] = next((m for rule in RULES.get(w, ALIKE_ONLY) if (m := rule(a))), w)
    return words


def _alike(a: Around) -> str | None:
    """A word of the table of what sounds alike; where it is a word of its own, only in company."""
    w = a.at(0)
    meant = lx.ALIKE.get(w)
    return meant if meant and (w not in lx.NEEDS_COMPANY or _in_company(w, meant, a)) else None


def _weight(a: Around) -> str | None:
    """ "Shift your wait", "wait on the left"; not "wait here"."""
    after, then = a.at(1), a.at(2)
    meant = (
        a.at(-1) in BEFORE_WEIGHT
        or (after == "back" and then in ("on", "in", "into", "onto", "to"))
        or (after == "is" and then in ("on", "in", "all", "even"))
        or (after in ("in", "on", "to") and not LEGS.isdisjoint((then, a.at(3), a.at(4))))
        or (
            after in WAITS_TO
            and bool(then or a.at(0) == "wait")
            and then not in ("there", "here", "for", "until", "now")
        )
        or after in WEIGHS
    )
    return "weight" if meant else None


def _white(a: Around) -> str | None:
    """ "All the white on the left", "the wheat goes"; not "white crane"."""
    led = a.at(-1) in ("all", "the", "your", "of") and a.at(1) in ("on", "in", "into", "onto", "goes", "is")
    return "weight" if led and not LEGS.isdisjoint(a.at(k) for k in range(2, 5)) else None


FOOT_DOES = frozenset("steps comes goes moves turns slides pivots draws swings follows lands lifts".split())


def _let(a: Around) -> str | None:
    """ "The let foot", "lift let knee", "your lefty toe"; not "let the foot", "let heels drop"."""
    named = a.at(1) in lx.FOOT and (a.at(-1) in ("the", "your", "my") or a.at(-1) in lx.ACTS)
    return "left" if named or (a.at(1) in ("foot", "leg", "heel", "toe", "knee") and a.at(2) in FOOT_DOES) else None


def _of_name(a: Around) -> str | None:
    """ "Brush me", "cloud ants": a word of a posture's name."""
    return NAME_HEARD.get(f"{a.at(-1)} {a.at(0)}")


NAME_HEARD = {
    "brush me": "knee", "brush need": "knee", "brush any": "knee", "cloud ants": "hands", "cloud hens": "hands",
    "cloud hence": "hands", "cloud heads": "hands", "crowd hands": "hands", "single web": "whip", "single wipe": "whip",
}  # fmt: skip


def _counts(a: Around) -> str | None:
    """ "For three cows"."""
    return "counts" if (a.at(-1) in lx.NUMBERS or a.at(-1).isdigit()) and a.ends() else None


def _empty(a: Around) -> str | None:
    """ "The leg is and tea"."""
    return "empty" if a.at(-1) == "and" and a.at(-2) in ("is", "becomes", "feels", "leg", "foot") else None


def _left(a: Around) -> str | None:
    """ "The lift foot", "step with the lift", "lift foot steps out"."""
    if a.at(1) in ("foot", "leg", "heel", "toes") and a.at(2) in FOOT_DOES and a.joined(a.i):
        return "left"
    named = a.at(1) in lx.FOOT or (a.at(-2) in lx.INTO | {"with"} and a.ends())
    return "left" if a.at(-1) in ("the", "your") and named else None


def _lift(a: Around) -> str | None:
    """ "Left your right foot": lift it."""
    to_side = a.at(-1) == "to" and a.at(-2) in ("over", "across", "back", "weight", "it")
    foot = a.at(1) in ("your", "the") and a.at(2) in ("left", "right") and a.at(3) in lx.FOOT
    return "lift" if foot and a.at(-1) in BEGINS and not to_side and a.joined(a.i) else None


def _shoulder(a: Around) -> str | None:
    """ "Shoulder width" is a measure, and no shoulder."""
    return "shoulder-width" if a.at(1) in ("width", "widths") else None


def _breath(a: Around) -> str | None:
    """ "In hail", "x hail"."""
    if a.at(-1) in ("x", "ex"):
        return "exhale"
    alone = a.at(-1) == "in" and (a.at(0) != "hell" or a.i == 1)
    return "inhale" if alone or (a.at(-1) in ("and", "an") and a.at(0) != "hell") else None


def _foot_heard(a: Around) -> str | None:
    return FOOT_HEARD[a.at(0)] if a.at(-1) in SIDE_HEARD and a.at(1) not in ("to", "your", "the", "it") else None


def _feet(a: Around) -> str | None:
    return "feet" if a.at(1) in TOGETHER or (a.at(-1) == "both" and a.ends()) else None


def _number(a: Around) -> str | None:
    return NUMBER_HEARD[a.at(0)] if a.at(1) in COUNTED and a.at(-1) in LEADS_NUMBER else None


def _to(a: Around) -> str | None:
    """ "Shift two the left"."""
    return "to" if a.at(1) in ("the", "your") and a.at(2) in ("left", "right", "front", "middle", "corner") else None


def _turn(a: Around) -> str | None:
    return "turn" if a.at(-1) in BEGINS and a.at(1) in ("to", "your", "the", "left", "right") else None


def _side(a: Around) -> str | None:
    """ "Shift write", "turn to the ride", "step to the life"."""
    told = a.at(-1) in GOES_RIGHT or (a.at(-1) == "the" and a.at(-2) in lx.INTO)
    told = told and (a.at(0) != "life" or a.at(-1) == "the")
    return SIDES_HEARD[a.at(0)] if told and (a.ends() or a.at(1) in GOES_ON or a.at(1) == "with") else None


def _pivot(a: Around) -> str | None:
    return "pivot" if a.at(1) == "on" and a.at(2) in ("the", "your", "both") else None


def _kick(a: Around) -> str | None:
    return "kick" if a.at(1) in ("with", "out") and a.at(2) in ("the", "your", "with", "to") else None


def _oclock(a: Around) -> str | None:
    """ "Nine a clock"."""
    return "o'clock" if a.at(1) == "clock" and (a.at(-1) in lx.NUMBERS or a.at(-1).isdigit()) else None


def _exhale(a: Around) -> str | None:
    if a.at(0) == "excel":
        return (
            "exhale" if a.at(-1) in BEGINS and a.at(1) in ("", "and", "as", "while", "the", "your", "fully") else None
        )
    return "exhale" if a.at(1) == "sale" else None


def _fifty(a: Around) -> str | None:
    """ "Fifty fifteen": evenly."""
    return "fifty" if a.at(-1) == "fifty" else None


def _sit(a: Around) -> str | None:
    """ "Set back into the left leg"."""
    into = a.at(2) in ("into", "onto", "on", "in") or (a.at(-1) in BEGINS and not a.at(2))
    return "sit" if a.at(1) == "back" and a.at(-1) not in lx.FOOT and into else None


def _in_company(w: str, meant: str, a: Around) -> bool:
    """Whether the words around a word of its own show that it was heard wrong."""
    before, after, near = a.at(-1), a.at(1), a.near()
    if meant in ("left", "right"):
        if before == "the" and w in ("write", "rite") and not after:
            return True
        return after in lx.FOOT | lx.HAND | {"side"} or lx.ALIKE.get(after) in lx.FOOT
    if meant == "percent":
        return before in ("per", "pour")
    if w == "food":
        return before in ("left", "right", "back", "front", "other", "write") or "your" in near
    if meant in lx.FOOT:
        return bool({"left", "right", "write", "laughed"} & near) or (
            before in ("the", "your") and after in ("first", "down", "in", "out", "up", "together")
        )
    if meant == "shift":
        return bool({"weight", "wait"} & near)
    if meant == "breathe":
        return after in ("in", "out")
    if meant == "sink":
        return after in ("into", "down", "onto")
    if meant == "pivot":
        return bool({"on", "the", "your"} & near) and bool((lx.FOOT | {"heal", "left", "right", "ball"}) & near)
    if meant == "step":
        return after in lx.STEP_WAYS or "foot" in near
    if meant == "waist":
        return "turn" in near or "turning" in near
    return bool(lx.FOOT & near)


Meant = Callable[[Around], str | None]

ALIKE_ONLY: tuple[Meant, ...] = (_alike,)

BY_WORDS: tuple[tuple[Meant, str], ...] = (
    (_weight, "wait waits"),
    (_white, "white wheat weigh"),
    (_left, "lift"),
    (_lift, "left"),
    (_shoulder, "shoulder shoulders"),
    (_breath, "hail hale hell"),
    (_foot_heard, " ".join(FOOT_HEARD)),
    (_feet, " ".join(FEET_HEARD)),
    (_number, " ".join(NUMBER_HEARD)),
    (_to, "two too"),
    (_turn, " ".join(TURN_HEARD)),
    (_side, " ".join(SIDES_HEARD)),
    (_pivot, "private pirate"),
    (_kick, "cake kit keck clique click"),
    (_let, "let lef lefty laugh"),
    (_of_name, " ".join({pair.split()[1] for pair in NAME_HEARD})),
    (_counts, "cows cans coats account accounts"),
    (_empty, "tea tee"),
    (_oclock, "a oh"),
    (_exhale, "egg excel"),
    (_fifty, "fifteen"),
    (_sit, "set"),
)

RULES: dict[str, tuple[Meant, ...]] = {
    w: (_alike, *(rule for rule, words in BY_WORDS if w in words.split())) for _, ws in BY_WORDS for w in ws.split()
}
"""By the word: what is asked for what it means, in this order."""

MAYBE_MISHEARD = frozenset(lx.ALIKE) | frozenset(RULES)
