"""The ordinary uses of "left" and "right" ("right in front of you", "what is left"): a row each, with an example that is tested.

Whatever no row matches is a side.
"""

from __future__ import annotations

import re
from typing import NamedTuple

MARK = "\u2060"
"""Word joiner: invisible, of no width, never a line break. It says that the word before it is a side."""

SIDE_NOUN = (
    r"(?:foot|feet|leg|heel|toes?|knee|hip|thigh|ankle|sole|ball|hand|palm|fist|arm|wrist|elbow|fingers?"
    r"|fingertips?|shoulder|side|corner|ear|eye|bow|empty|cheek|waist|front|back|rear|half|step|edge)\b"
)
END = r"\s*(?:$|[.,;:!?)\]\u2014\u2013-]|\n)"
START = r"(?:^|[.,;:!?(\[\u2014\u2013\n]|\b(?:and|then|with|or|the|your|my|our|his|her|their|a|to|of|from|on|for))\s*$"
TURNING = r"\b(?:turn|turns|turning|look|looks|looking|face|faces|facing|go|goes|going)\s*$"
ASIDE = r"(?:so|now|let|let's|lets|ok|okay|we|everyone|everybody|class|folks|from the top|good|here|that's)\b"
PRONOUN = r"(?:you|me|us|it|them|him|her|your|my|our|its|the (?!left|right))"
COUNTED = r"(?:times?|minutes?|seconds?|hours?|breaths?|counts?|weeks?|days?|rounds?|lessons?|(?:two|three|four|five|six|few|more|\d+)\s+goes)"

MOVING_A_LITTLE = (
    r"\b(?:turn|step|shift|go|look|mov|fac|lean|reach|slid|com|point|open|twist|rotat|swivel|pivot|walk|sway|bend)\w*"
    r"\s+(?:\w+\s+){0,3}(?:little|more|enough|few|much)\s+(?:degrees\s+)?$"
)
""" "Turn a little left", "step more left": a side."""


class Row(NamedTuple):
    """An ordinary use: the word, what stands before and after it, and what may not stand before."""

    word: str
    before: str
    after: str
    unless_before: str
    example: str


def _row(word: str, example: str, before: str = "", after: str = "", unless: str = "(?!)") -> Row:
    return Row(word, before, after, unless, example)


ALL_OF_IT = (
    r"\b(?:weight|shift\w*|transfer\w*|sink\w*|load\w*|pour\w*|put\s+it|percent)\b[^.;]*\ball\s*$"
    r"|\ball\s+(?:left|right)\b[,;]?\s+(?:(?:and|then|now)\s+)*all\s*$"
)
""" "Weight all right", "all left, then all right": a side."""

NOT_NOW = r"\b(?:(?:the|your|my|our)|(?:turn|step|shift|pivot|look|swivel|rotate)\w*|fac(?:e|es|ing))\s*$"
""" "Turn right now", "step right at the end": a side."""

STAYING = r"\b(?:sits?|stands?|stays?|rests?|hangs?|lands?|ends?|lies|keeps?|kept|floats?)"
"""What stays where it is: "right" after it only says how near."""

ORDINARY: tuple[Row, ...] = (
    _row("right", "all right, begin", before=r"\ball\s*$", after=rf"(?!\s+{SIDE_NOUN})", unless=ALL_OF_IT),
    _row("right", "the right one of the two", after=r"\s+ones?\s+of\b"),
    _row("right", "go right ahead", after=r"\s+ahead\b"),
    _row(
        "right",
        "turn right round to the back",
        after=r"\s+(?:round|around|over)\s+to\s+the\s+(?:left|right|back|front|window|door|other)\b",
    ),
    _row(
        "right",
        "the ball sits right under the palm",
        before=rf"{STAYING}\s*$",
        after=r"\s+(?:beside|behind|above|below|beneath|under|over|by|against|between|next)\b",
    ),
    _row(
        "right",
        "sink right into the hips",
        before=r"\w\s*$",
        after=r"\s+(?:into|by|against)\b",
        unless=rf"{START}|\b(?:turn|look|fac|step|shift|lean|swivel|pivot|weight)\w*\s*$",
    ),
    _row("right", "a right angle at the knee", after=r"[\s-]+angle[sd]?\b"),
    _row(
        "right",
        "find the right height",
        after=r"\s+(?:way|time|place(?!\s+(?:the|your|my)\b)|moment|amount|height|length|width|distance|spot|answer|idea|order|words?"
        r"|things?|reasons?|feeling|kind|sort|pace|speed|tempo|size|balance|direction|number|depth|shape)\b",
    ),
    _row(
        "right",
        "the hands are right in front of you",
        after=r"\s+in\s+(?:front|the\s+(?:middle|centre|center|way)|between|line)\b",
        unless=rf"{START}|{TURNING}",
    ),
    _row(
        "right",
        "right in front of you",
        before=r"^\s*$",
        after=r"\s+in\s+(?:front\s+of|the\s+(?:middle|centre|center))\b",
    ),
    _row(
        "right",
        "it is right behind you",
        after=rf"\s+(?:behind|beside|above|below|under|over)\s+{PRONOUN}",
        unless=rf"{START}|{TURNING}",
    ),
    _row(
        "right",
        "sink right next to the wall",
        after=r"\s+(?:next\s+to|on\s+top|underneath)\b",
        unless=rf"{START}|{TURNING}",
    ),
    _row(
        "right",
        "begin right now",
        after=r"\s+(?:now|away|here|there|this\s+(?:moment|second)|at\s+the|on\s+the\s+(?:mark|spot|beat|line))\b",
        unless=NOT_NOW,
    ),
    _row(
        "right",
        "stretch right to the fingertips",
        after=r"\s+(?:in)?to\s+the\s+(?:very\s+)?(?:ends?|edges?|top|tips?|fingertips?|fingers|last|floor|ground|bottom|wall|crown)\b",
        unless=rf"{START}|{TURNING}",
    ),
    _row(
        "right",
        "from right at the start",
        after=r"\s+(?:from|at)\s+the\s+(?:start|beginning|end|last)\b",
        unless=NOT_NOW,
    ),
    _row(
        "right",
        "hold it right until the end",
        after=r"\s+(?:until|till|before|after|along|past|through|across|up\s+to|down\s+to)\b",
        unless=rf"{START}|{TURNING}",
    ),
    _row(
        "right",
        "sink right down",
        before=r"\w\s*$",
        after=rf"\s+(?:up|down|out|back|round|around|off)\b(?!\s+{SIDE_NOUN})",
        unless=rf"{START}|{TURNING}|\b(?:step|steps|stepping|shift|foot|hand|leg)\s*$",
    ),
    _row(
        "right",
        "when it feels right, go on",
        before=r"\b(?:feels?|looks?|seems?|sounds?|is|are|be|quite|just|exactly|perfectly|about|almost|get\s+it|got\s+it|get\s+this"
        r"|that's|it's|isn't|do\s+it|put\s+it|made\s+it|set\s+it|comes?)\s*$",
        after=rf"(?={END}|\s+(?:for|with|when|if|because|and\s+(?:wrong|now)|or\s+wrong|but)\b)",
    ),
    _row("right", "right or wrong", after=r"\s+(?:or|and)\s+wrong\b"),
    _row("right", "by right", before=r"\b(?:by|own)\s*$", after=rf"(?={END})"),
    _row("right", "Right, let's begin", before=r"(?:^|[.!?\n])\s*$", after=rf"[,.!\u2014\u2013-]*\s+{ASIDE}"),
    _row("right", "and you breathe out, right?", before=r",\s*$", after=r"\s*\?"),
    _row("right", "right yourself", after=r"\s+(?:yourself|itself|ourselves)\b"),
    _row(
        "left",
        "what is left goes into the heel",
        before=r"\b(?:what|whatever|whatever's|what's|all(?=\s+(?:that|there|is|you|we))|nothing|nothing's|anything|something|none|little|much|lots?|enough|any|few|more)"
        r"(?:(?:\s+that|\s+that's)?\s+(?:is|are|was|were|you\s+have|you've|we\s+have|we've|there\s+is))?\s*$",
        after=rf"(?!\s+{SIDE_NOUN})",
        unless=MOVING_A_LITTLE,
    ),
    _row(
        "left",
        "no weight is left in the front foot",
        before=r"\b(?:no|any|little|more|much|only|still|enough)\s+(?:(?!(?:to|the|your|my|his|her|our|towards?|bit|further)\b)\w+\s+){1,3}?(?:is\s+|are\s+|was\s+)?$",
        after=rf"(?={END}|\s+(?:in|on|to\s+(?:do|go|give|learn))\b)",
        unless=MOVING_A_LITTLE,
    ),
    _row(
        "left",
        "the weight left over goes back",
        before=r"\b(?:weight|energy|force|rest|amount|bit|whatever)\s*$",
        after=r"\s+over\b(?!\s+(?:the|your|my|our|a)\b)",
    ),
    _row("left", "shift the weight that is left", before=r"\b(?:that|which)\s+(?:is|are)\s*$", after=rf"(?={END})"),
    _row("left", "two minutes left", before=rf"\b{COUNTED}\s+(?:is\s+|are\s+)?$", after=rf"(?!\s+{SIDE_NOUN})"),
    _row(
        "left",
        "the arms are left to hang",
        before=r"\b(?:is|are|was|were|be|been|being|has|have|had|gets?|got|'s)\s*$",
        after=r"\s+(?:over|out|alone|off|behind|hanging|untouched|free|open|empty|soft|relaxed|unsaid|it|them"
        r"|in\s+(?:it|you|there|the)|to\s+(?:do|go|chance|learn|say|rest|hang|you|itself|fall)|for|where|as|till|until|the|its|your)\b"
        rf"(?!\s+{SIDE_NOUN})",
    ),
    _row(
        "left",
        "where we left off",
        before=r"\b(?:I|you|we|they|he|she|it|who)\s+(?:just\s+|have\s+)?$",
        after=r"\s+(?:off|the|your|its|it|them|us|this|that|behind|for|home)\b",
    ),
    _row(
        "left",
        "once the weight left the foot",
        before=r"\b(?:when|as|once|after|until|before|moment|since)\s+(?:\w+\s+){1,3}$",
        after=r"\s+(?:the|your|its|it|that)\b",
        unless=r"\b(?:turn|step|shift|go|look|move|face)\w*\s+(?:\w+\s+)?$|\b(?:the|your|my|our|to|into|onto|on|in)\s*$",
    ),
)
"""Every ordinary use of the words, one row each. To add one, add a row with an example."""

_COMPILED: dict[str, list[tuple[re.Pattern[str] | None, re.Pattern[str] | None, re.Pattern[str]]]] = {
    word: [
        (
            re.compile(row.before + r"\Z" if row.before and not row.before.endswith("$") else row.before, re.IGNORECASE)
            if row.before
            else None,
            re.compile(row.after, re.IGNORECASE) if row.after else None,
            re.compile(row.unless_before, re.IGNORECASE),
        )
        for row in ORDINARY
        if row.word == word
    ]
    for word in ("left", "right")
}

_NOT_A_SIDE_LETTER = re.compile(r"[\s-]*shaped?\b|['’.]\w|-\w")
_REACH = 240
"""How many letters before and after a word can decide what it means."""


def spoken(text: str) -> str:
    """The text as a voice or a caption gives it: without the invisible marks."""
    return text.replace(MARK, "")


def is_ordinary(word: str, text: str, start: int, end: int) -> bool:
    """Whether `word`, standing at text[start:end], is the ordinary word and not a side."""
    if word in ("L", "R"):
        return bool(_NOT_A_SIDE_LETTER.match(text, end)) or text[max(0, start - 1) : start] in ("'", "’", "-")
    word = word.lower()
    if word not in ("left", "right"):
        return False
    before, after = spoken(text[max(0, start - _REACH) : start]), spoken(text[end : end + _REACH])
    for need_before, need_after, unless in _COMPILED[word]:
        if need_after and not need_after.match(after):
            continue
        if need_before and not need_before.search(before):
            continue
        if unless.search(before):
            continue
        return True
    return False
