"""Posture names in a row of words: by any alias, in English or pinyin, misspelt or misheard."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Mapping, Sequence
from itertools import chain
from typing import NamedTuple

from jellyfish import metaphone
from rapidfuzz import fuzz, process

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.tokens import Token
from kemvo.core.types import Side

SMALL = frozenset("the a and to of with on in at its it's his her your for into".split())
"""Words that names are compared without."""

ALIKE_FROM = 88.0
"""From this likeness (0 to 100) on, two names of three or more words count as the same (own choice, tried on misheard
names); of two words both must sound like the name's."""

WORD_ALIKE_FROM = 78
"""From this likeness (0 to 100) on, two single words count as the same."""

TOO_COMMON = 60
"""A word in so many names does not help to find one."""

LONGEST = 9

PLAIN = (
    lx.STEP | lx.PLACE | lx.LIFT | lx.TURN | lx.AIM | lx.SHIFT | lx.SINK | lx.STAND | lx.HAND | lx.FOOT | lx.HOLD
    | lx.KICK | frozenset(lx.STEP_WAYS) | frozenset(lx.NUMBERS)
    | frozenset("with push pushes press presses both still standing ready beginning begin opening closing finish posture"
                " posture stance form retreat again pull stroke punch catch hit strike up door arms body low twice stillness".split())
)  # fmt: skip
"""Words of plain instruction. A name made of nothing else ("push", "step up") is one only where it stands by itself."""

NEVER_MISHEARD = (
    PLAIN | SMALL | lx.CONNECT | lx.UNENDING | lx.STAYING
    | frozenset("nice over one you they he she some any here there good great maybe more less much very quite even".split())
)  # fmt: skip
"""Words that stand for themselves: no misheard word of a name."""

INTRODUCING = frozenset(
    "called named is that's it's was posture for into do does doing from name after before with".split()
)
"""A name may come after these: "this is called push"."""

PUSHES = frozenset({"push", "press", "roll back"})
""" "Press is just the opposite"."""

WHO = frozenset({"i", "we", "you", "i'm", "we're", "you're"})
""" "Press, I turn to the front"."""

BEFORE_SIDE = frozenset("to on the with your again same going side style this time".split())
"""Words between a name and its side: "brush knee again, to the left"."""

PLACES = lx.INTO | {"from", "off", "weight"}
"""After these, a side before a name is a place: "weight onto the right, brush knee"."""

BETWEEN_NAMES = frozenset("and then the or a called also they you it call this named known as into finally".split())
"""Words between two names in a row: "press and push", "play guitar, also called play the lute"."""

PINYIN_SIDES = frozenset({"zuo", "you"})
"""Left and right in pinyin: in a whole name they say the side ("zuo xia shi")."""

PINYIN = re.compile(r"(?:[zcs]h|[bpmfdtnlgkhjqxrzcsyw])?(?:[aeiou]{1,3})(?:ng|n|r)?")
"""How a word of pinyin looks."""

AROUND_NAMES = PINYIN_SIDES | {"style", "posture", "form", "both", "sides", "side"}
"""Words that stand around a name without being of it."""


ENDS = lx.CONNECT | {"side", ""}


class NameMatch(NamedTuple):
    """A posture named by tokens [first, last). `consumes`: the words say nothing else (a kick may be both)."""

    id: str
    side: Side | None
    first: int
    last: int
    consumes: bool


class _Known(NamedTuple):
    """What a word can be in a name: its stem (nothing if it does not count), whether it can begin one, and whether it
    tells one from plain instruction."""

    stem: str
    begins: bool
    tells: bool


class NameIndex:
    """All names of all postures, ready to be found in texts."""

    def __init__(self, names: Mapping[str, Iterable[str]]) -> None:
        """`names`: posture id → its names and aliases."""
        self._whole: dict[str, str] = {}
        self._exact: dict[str, str] = {}
        self._plain: set[str] = set()
        self._by_word: dict[str, set[str]] = {}
        for id_, aliases in names.items():
            for alias in aliases:
                words = _words(alias)
                key = _key(words)
                self._whole.setdefault(" ".join(words), id_)
                if key:
                    self._exact.setdefault(key, id_)
                    if all(w in PLAIN or w in SMALL for w in words) or key in SHORT_NAMES:
                        self._plain.add(key)
        for key in self._exact:
            for w in key.split():
                self._by_word.setdefault(w, set()).add(key)
        self._vocabulary = sorted(self._by_word)
        self._by_sound = {metaphone(w): w for w in reversed(self._vocabulary) if len(metaphone(w)) > 2}
        self._begun = {" ".join(words[:n]) for words in map(str.split, self._exact) for n in range(1, len(words))}
        self._words: dict[str, _Known] = {}
        self._meant: dict[str, str] = {}
        self._likely: dict[tuple[str, ...], str | None] = {}

    def find(self, tokens: Sequence[Token]) -> list[NameMatch]:
        """The names in a row of words, longest first, none overlapping, in order."""
        found: list[NameMatch] = []
        i = 0
        while i < len(tokens):
            first = tokens[i]
            if first.side or not self._known(first.w).begins:
                i += 1
                continue
            last = found[-1] if found else None
            in_row = bool(last) and _in_row(tokens, found[-1].last, i)
            match = self._at(tokens, i, in_row)
            match = match and _with_side(match, tokens)
            if match and last and in_row and last.id == match.id:
                i = match.last  # the same posture under another of its names
            elif match:
                found.append(match)
                i = match.last
            else:
                i += 1
        return found

    def resolve(self, name: str) -> str | None:
        """The posture a whole name stands for, or None: exactly, else the likeliest one."""
        words = _words(name)
        if " ".join(words) in self._whole:
            return self._whole[" ".join(words)]
        for dropped in (frozenset[str](), PINYIN_SIDES, AROUND_NAMES):
            key = _key([w for w in words if w not in dropped])
            if key in self._exact:
                return self._exact[key]
        found = self._likeliest(tuple(key.split()))
        return self._exact[found] if found else None

    def _at(self, tokens: Sequence[Token], i: int, in_row: bool) -> NameMatch | None:
        """The name that begins at a word. `in_row`: right after another name."""
        first = tokens[i]
        if i and first.w in lx.STEP and tokens[i - 1].w in lx.FOOT:
            return None  # "right foot step, parry and punch"
        end = next(
            (k + 1 for k in range(i, min(i + LONGEST, len(tokens))) if tokens[k].hard), min(i + LONGEST, len(tokens))
        )
        exact = self._exact_from(tokens, i, end)
        alike: Iterable[tuple[int, str | None]] = ()
        if any(self._known(tokens[k].w).tells for k in range(i, end)):
            # A name that is only alike has no side in its middle ("brush with the right, push").
            sided = next((k for k in range(i + 1, end) if tokens[k].side), end)
            alike = self._alike_from(tokens, i, min(end, sided + 1))
        for last, key in chain(exact, alike):
            if key and self._may_stand(tokens, i, last, key, in_row):
                side = next((t.side for t in tokens[i:last] if t.side), None) or _pinyin_side(tokens, i, last, key)
                return NameMatch(self._exact[key], side, i, last, "kick" not in key)
        return None

    def _exact_from(self, tokens: Sequence[Token], i: int, end: int) -> list[tuple[int, str]]:
        """The names that stand word for word from i on, the longest first: where each ends, and its key."""
        said, found = "", []
        for last in range(i + 1, end + 1):
            part = self._part(tokens[last - 1])
            if part:
                said = f"{said} {part}" if said else part
                if said in self._exact:
                    found.append((last, said))
                elif said not in self._begun:
                    break
        return found[::-1]

    def _alike_from(self, tokens: Sequence[Token], i: int, end: int) -> Iterator[tuple[int, str | None]]:
        """The names that are like the words from i on, the longest first: where each ends, and its key."""
        parts: list[str] = []
        windows: list[tuple[int, int]] = []
        for last in range(i + 1, end + 1):
            part = self._part(tokens[last - 1])
            if part:
                parts.append(part)
                windows.append((last, len(parts)))
        return ((last, self._likeliest(tuple(parts[:n]))) for last, n in reversed(windows))

    def _part(self, t: Token) -> str:
        """A word as names are compared by it; nothing, if it does not count."""
        return "" if t.side else self._known(t.w).stem

    def _known(self, w: str) -> _Known:
        """What a word can be in a name."""
        known = self._words.get(w)
        if known is None:
            parts = [_stem(p) for p in w.split("-") if p not in SMALL and not p.isdigit()]
            near = self._nearest(" ".join(parts)) if parts else ""
            begins = near in self._by_word or (len(parts) > 1 and parts[0] in self._by_word)
            known = _Known(" ".join(parts), begins, near in self._by_word and near not in PLAIN_STEMS)
            self._words[w] = known
        return known

    def _may_stand(self, tokens: Sequence[Token], first: int, last: int, key: str, in_row: bool) -> bool:
        """A name of plain words is a name only where it stands by itself or is introduced as one."""
        free = last == len(tokens) or tokens[last - 1].hard or tokens[last - 1].comma
        begun = first == 0 or tokens[first - 1].hard
        if key == "cross hand" and (free or begun) and last == first + 2:
            return True
        led = _stem(tokens[first].w) in VERB_LED and tokens[first + 1 : last] and tokens[first + 1].w in ("the", "your")
        if key not in self._plain and not led:
            return True
        kicks = not frozenset(key.split()).isdisjoint(lx.KICK) and last < len(tokens) and not tokens[last - 1].hard
        if kicks:
            return False  # "kick with the right heel so …" tells a kick
        begins = first == 0 or tokens[first - 1].hard or tokens[first - 1].w[0].isdigit() or in_row
        introduced = begins or _introduced(tokens, first, last)
        opens = first == 1 or (first > 1 and (tokens[first - 2].hard or tokens[first - 2].w in ("number", "posture")))
        numbered = opens and (tokens[first - 1].w in lx.NUMBERS or tokens[first - 1].side is not None)
        if last == len(tokens) or tokens[last - 1].hard:
            return introduced or numbered
        after = tokens[last]
        if not (introduced or numbered) or (led and not tokens[last - 1].comma):
            return False
        own_side = after.side is not None and (after.hard or after.comma)
        in_list = in_row and after.w == "and"
        acts = after.w in lx.ACTS and after.w not in lx.STEP_WAYS
        runs_on = in_list or acts or after.w in WHO or after.w in ("again", "weight", "on")
        runs_on = runs_on or (first == 0 and key in PUSHES and after.w in ("is", "by"))
        if (key.endswith("hand") and acts) or tokens[first].w in ("begin", "open", "close", "finish"):
            return False  # "raise hands, turn the waist", "begin, facing the front"
        return tokens[last - 1].comma or own_side or runs_on

    def _likeliest(self, parts: tuple[str, ...]) -> str | None:
        """The key of the name most like these words, if it is like enough and shares words (or what sounds so)."""
        if parts not in self._likely:
            self._likely[parts] = self._most_like(parts)
        return self._likely[parts]

    def _most_like(self, parts: tuple[str, ...]) -> str | None:
        if len(parts) < 2 or parts[0] in PINYIN_SIDES:
            return None
        meant = [self._nearest(w) for w in parts]
        known = {w for w in meant if w in self._by_word}
        own = {w for w in known if w not in PLAIN_STEMS}
        if not own or len(known) * 2 < len(parts):
            return None
        near: set[str] = set().union(*(self._by_word[w] for w in own if len(self._by_word[w]) < TOO_COMMON))
        near = {k for k in near if k not in self._plain and _could_be(k.split(), meant, parts)}
        near = {k for k in near if known & self._rarest(k)}
        best = process.extractOne(" ".join(meant), near, scorer=fuzz.ratio, score_cutoff=ALIKE_FROM) if near else None
        return best[0] if best else None

    def _rarest(self, key: str) -> set[str]:
        """The words of a name that the fewest other names have: one of them must be there."""
        counts = {w: len(self._by_word[w]) for w in key.split()}
        return {w for w, n in counts.items() if n == min(counts.values())}

    def _nearest(self, w: str) -> str:
        """The word of some name that a misspelt or misheard one stands for, or the word itself."""
        w = MISHEARD.get(w, w)
        if w in self._by_word or len(w) < 3 or w in NEVER_MISHEARD_STEMS:
            return w
        if w not in self._meant:
            best = process.extractOne(w, self._vocabulary, scorer=fuzz.ratio, score_cutoff=WORD_ALIKE_FROM)
            by_sound = self._by_sound.get(metaphone(w))
            self._meant[w] = best[0] if best and len(w) > 3 else by_sound or w
        return self._meant[w]


def _with_side(m: NameMatch, tokens: Sequence[Token]) -> NameMatch:
    """The name with the side that stands with it: "brush knee left", "single whip on the right", "left brush knee"."""
    if m.side is not None:
        return m
    at = m.last
    while at < len(tokens) and at < m.last + 3 and tokens[at].w in BEFORE_SIDE and not tokens[at - 1].hard:
        at += 1
    if at < len(tokens) and tokens[at].side and not tokens[at - 1].hard:
        followed = tokens[at + 1].w if at + 1 < len(tokens) and not tokens[at].hard else ""
        free = (
            at == m.last or tokens[at - 2].w in ("on", "to") or tokens[at].hard or tokens[at].comma or followed in ENDS
        )
        if free and followed not in lx.FOOT_OR_HAND and not (at > m.last and tokens[m.last - 1].comma):
            return m._replace(side=tokens[at].side, last=at + 1)
    before = tokens[m.first - 1] if m.first else None
    if before is None or before.side is None or before.hard or before.comma:
        return m
    led = [t.w for t in tokens[max(0, m.first - 3) : m.first - 1] if not t.hard]
    acts = bool(led) and (led[-1] in lx.ACTS or led[-1] in lx.STEP_WAYS)  # "step left, brush knee"
    return m if acts or PLACES & set(led) else m._replace(side=before.side, first=m.first - 1)


def _pinyin_side(tokens: Sequence[Token], first: int, last: int, key: str) -> Side | None:
    """ "You deng jiao", "zuo xia shi": right and left. "You" is a word of English too; it counts where pinyin follows."""
    said = {t.w for t in tokens[max(0, first - 1) : last]}
    if " " not in key or not all(PINYIN.fullmatch(w) for w in key.split()) or said >= PINYIN_SIDES:
        return None
    return "L" if "zuo" in said else "R" if "you" in said else None


def _could_be(name: list[str], meant: list[str], parts: tuple[str, ...]) -> bool:
    """Whether words can be a name's: they begin and end with words of it, plain words are its own, and of two words
    none is missing."""
    if abs(len(name) - len(meant)) > (0 if len(meant) == 2 else 1):
        return False
    if meant[0] not in name or meant[-1] not in name or (len(meant) == 2 and meant != name):
        return False
    return all(m in name or w not in NEVER_MISHEARD_STEMS for m, w in zip(meant, parts, strict=True))


def _in_row(tokens: Sequence[Token], last: int, first: int) -> bool:
    """Whether only small words stand between a name's end and the next one's beginning."""
    return not any(t.hard for t in tokens[last - 1 : first]) and all(t.w in BETWEEN_NAMES for t in tokens[last:first])


def _introduced(tokens: Sequence[Token], first: int, last: int) -> bool:
    """Whether the words before say that a name comes: "this is the opening"; "is open" says none."""
    at = first - 1
    while at > 0 and tokens[at].w in ("the", "a", "our", "with") and not tokens[at].hard:
        at -= 1
    alone = last == first + 1 and tokens[first].w in ("open", "close", "finish", "beginning", "begin")
    alone = alone or (at == first - 1 and last == first + 1 and tokens[first].w.endswith(("ing", "ed")))
    return not alone and not tokens[at].hard and tokens[at].w in INTRODUCING


def _words(name: str) -> list[str]:
    return list("".join(c if c.isalnum() else " " for c in name.lower().replace("'", "").replace("’", "")).split())


def _key(words: Iterable[str]) -> str:
    return " ".join(_stem(w) for w in words if w not in SMALL and w not in ("left", "right") and not w.isdigit())


def _stem(w: str) -> str:
    """A word without its ending: "closing", "closes", "closed" and "close" are one."""
    w = w.replace("'", "")
    for ending, put in (("ies", "y"), ("sses", "ss"), ("ing", ""), ("ed", ""), ("s", "")):
        if w.endswith(ending) and len(w) - len(ending) >= 3 and not w.endswith("ss"):
            w = w[: -len(ending)] + put
            if ending in ("ing", "ed") and w[-1] == w[-2] and w[-1] not in "ls":
                w = w[:-1]  # "stepping"
            break
    return w[:-1] if len(w) > 4 and w.endswith("e") else w


MISHEARD = {_stem(heard): _stem(meant) for heard, meant in lx.MISHEARD_NAMES.items()}
SHORT_NAMES = frozenset(
    _key(n.split()) for n in "crane,stork,snake,monkey,rooster,needle,shuttles,fan,horses mane".split(",")
)
"""Names cut short that are words of their own ("like a snake"): they count as plain ones do."""
VERB_LED = frozenset(map(_stem, "cross slap draw bend brush shut thrust chop parry rub wipe".split()))
"""Names that begin with these are plain instruction too, if an article follows: "cross the hands", not "cross hands"."""
PLAIN_STEMS = PLAIN | frozenset(map(_stem, PLAIN))
NEVER_MISHEARD_STEMS = NEVER_MISHEARD | frozenset(map(_stem, NEVER_MISHEARD))
