"""Fillers: what people say while speaking that describes no movement; dropped before reading.

"Um", "sort of", "there we go" and most words of manner ("gently", "slowly") can stand anywhere in an instruction. Without
them its words stand beside each other as in a written one. Which they are: common practice, no source.
"""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.tokens import Token

MOVED_OR_ON = lx.PLACE | lx.LIFT | {"onto", "on", "into"}


def _gerunds(verb: str) -> tuple[str, ...]:
    """ "Step": "stepping"; "move": "moving"; "swivel": "swiveling" and "swivelling"."""
    if verb.endswith("e") and not verb.endswith("ee"):
        return (f"{verb[:-1]}ing",)
    short = len(verb) > 2 and verb[-1] not in "aeiouwxy" and verb[-2] in "aeiou" and verb[-3] not in "aeiou"
    return (f"{verb}{verb[-1]}ing", f"{verb}ing") if short else (f"{verb}ing",)


WORDS = frozenset(
    "per um uh er erm hmm mm just gently slowly softly carefully lightly smoothly quietly gradually steadily simply really actually"
    " basically probably maybe obviously literally naturally calmly nicely delicately deliberately comfortably patiently"
    " gracefully easily loosely lovingly quickly please perhaps definitely honestly essentially immediately finally"
    " eventually simultaneously very quite everybody everyone folks guys yeah yep".split()
)
"""Single words left out wherever they stand."""

PHRASES = tuple(
    tuple(p.split())
    for p in (
        "you know|sort of|kind of|i mean|there we go|there you go|here we go|like this|like that|like so|just like that|just like this"
        "|nice and slow|nice and slowly|nice and easy|nice and gently|nice and soft|nice and gentle|that's it|that's good|that's lovely"
        "|isn't it|aren't you|aren't we|aren't they|doesn't it|don't you|won't it|haven't you"
        "|does that make sense|is that okay|is that alright|is that all right|are you okay|are you ready|is that clear|no more than|not more than|at least|at most|on the count of one|on the count of two|on the count of three|on the count of four|on three"
        "|if that makes sense|if you like|if you will|if you want|as it were|so to speak|at the same time|in one go|as well"
        "|okay good|okay great|very good|well done|all together|altogether now|one more time|once again|once more|take your time and|take your time|no rush|no hurry"
        "|what i do is|what we do is|what you do is|what i'm doing is|what happens is|what you should feel is|what you feel is|what you want to feel is|what you'll feel is|what's happening is|what i'm looking for is|what i want is|the thing is|as i said|what i'd like is for you to|what i want is for you to|i'd like for you to|coming out of that|out of that|out of this|notice here|with care|with great care|as before"
        "|what i want you to do is|what i'd like you to do is|all i'm doing is|all you do is|all we do is"
        "|don't forget to|don't forget that|make sure you|make sure to|make sure that you|making sure you|be sure to|remember to|try to|try and|allow yourself to|let yourself|see if you can"
        "|once you've got that|once you have that|once you've done that|once you're there|once that's done|in place|when you've got that|when you have that"
        "|when you're ready|when you're there|when you've done that|having done that|from there|from here|at this point|at that point|this time"
        "|notice that|notice how|you'll notice|you'll see|you can see|as you can see|you see|see how"
        "|in a straight line|with control|without rushing|without hurrying|without leaning|under control|in your own time|as you go|as we go|as i go"
        "|about the length of your hand|the length of your hand|in a moment|for a second|a bit more|a little bit more|little by little|bit by bit|step by step|one step at a time|a step at a time|kick off at|kicks off at|kick off with"
        "|playing up|plays up|look after yourself"
    ).split("|")
)
"""Several words left out together."""

BY_FIRST: dict[str, tuple[tuple[str, ...], ...]] = {
    first: tuple(sorted((p for p in PHRASES if p[0] == first), key=len, reverse=True))
    for first in {p[0] for p in PHRASES}
}

GERUNDS: dict[str, str] = {g: v for v in sorted(lx.ACTS) for g in _gerunds(v)}
""" "Stepping" and "step", for every verb of an action."""

DONE: dict[str, str] = {
    **{f"{v}d" if v.endswith("e") else f"{v}ed": v for v in sorted(lx.ACTS)},
    **dict(
        p.split("=")
        for p in "pivotted=pivot brought=bring sunk=sink sat=sit put=put set=set drawn=draw taken=take swung=swing let=let gone=go come=come".split()
    ),
}
""" "Having opened the left foot, …" tells that it opens."""

DOING = frozenset(
    "i'm we're you're they're he's she's am are be by start starts begin begins starting beginning continue began".split()
)
"""After these, "stepping" tells of a step as "step" does."""

PRAISE = frozenset(
    "good great lovely nice beautiful excellent perfect alright brilliant wonderful fantastic super".split()
)
"""Said between two instructions, these part them as a comma does."""

DESCRIBING = frozenset("a an the is are that's it's be very your more feel feels and".split())
"""After these, a word of praise describes something."""

POINTING = frozenset("this that these those our his her their its".split())
"""Before a side, as good as "the"."""


ABOUT_TO = {"going": 2, "gonna": 1, "want": 2, "wanna": 1, "need": 2, "have": 2, "start": 2, "begin": 2, "like": 2}
""" "Going to turn", "gonna turn": how many words are left out where an action follows."""

COUNTS = frozenset("one two three four five six seven eight".split())
THAT_ACTS = frozenset("goes comes steps moves swings slides".split())
DONE_ON_A_COUNT = lx.ACTS | {"weight", "inhale", "exhale", "breathe", "hold"}

NUMBERED = frozenset("movement movements part count position number section exercise posture".split())
""" "Movement three: …"."""

WORTH_A_LOOK = (
    {"feel", "feels", "able"}
    | NUMBERED
    | WORDS
    | set(BY_FIRST)
    | set(GERUNDS)
    | POINTING
    | PRAISE
    | set(ABOUT_TO)
    | {"hand", "one", "ball", "having", "same", "keep", "keeps", "on"}
    | COUNTS
)


def drop_fillers(tokens: Sequence[Token]) -> list[Token]:
    """The tokens that tell something: without the fillers, a stop or comma after one passed on to the word before it; and
    "this left foot" as "the left foot"."""
    out: list[Token] = []
    i = 0
    while i < len(tokens):
        t = tokens[i]
        if t.w not in WORTH_A_LOOK and not t.w.endswith("'s"):
            out.append(t)
            i += 1
            continue
        if t.w in ("keep", "keeps") and i + 1 < len(tokens) and tokens[i + 1].w in GERUNDS and not t.hard:
            out.append(tokens[i + 1]._replace(w=GERUNDS[tokens[i + 1].w]))
            i += 2
            continue
        n = _filler(tokens, i)
        if not n and t.w in PRAISE and _praised(tokens, i):
            n = 2
        if not n and _parts(tokens, i, out):
            n = 1
            if out:
                out[-1] = out[-1]._replace(comma=True)
        if not n:
            begins = not out or out[-1].hard or out[-1].w in DOING or (out[-1].w in lx.CONNECT and _opens(out))
            begins = begins or (t.w in lx.FOOT_ACTING and out[-1].w in lx.FOOT)
            begins = begins or (t.w in GERUNDS and _of_feet(tokens, i))
            if t.w == "having" and i + 1 < len(tokens) and tokens[i + 1].w in DONE and not t.hard:
                out.append(tokens[i + 1]._replace(w=DONE[tokens[i + 1].w]))
                i += 2
                continue
            if begins and t.w in GERUNDS:
                t = t._replace(w="doing" if _is_subject(tokens, i) else GERUNDS[t.w])
            elif t.w == "ball" and _is_held(tokens, i):
                t = t._replace(w="ball-of-air")
            elif (
                t.w == "that"
                and out
                and out[-1].w in ("and", "then")
                and i + 1 < len(tokens)
                and tokens[i + 1].w in THAT_ACTS
            ):
                t = t._replace(w="it")  # "then the left lifts and that goes behind"
            elif t.w == "same" and i + 1 < len(tokens) and (tokens[i + 1].side or tokens[i + 1].w in lx.FOOT):
                i += 1
                continue
            elif t.w == "one" and out and _of_a_foot(out):
                t = t._replace(w="foot")
            elif t.w in POINTING and i + 1 < len(tokens) and _pointed_at(tokens, i + 1):
                t = t._replace(w="the")
            out += _without_is(t)
            i += 1
            continue
        end = tokens[i + n - 1]
        if out and (end.hard or end.comma):
            out[-1] = out[-1]._replace(hard=out[-1].hard or end.hard, comma=out[-1].comma or end.comma)
        i += n
    return out


def _parts(tokens: Sequence[Token], i: int, out: Sequence[Token]) -> bool:
    """A word of praise, or a count that is called: it parts what stands on either side."""
    w = tokens[i].w
    if w in PRAISE:
        return not (out and out[-1].w in DESCRIBING and not out[-1].hard)
    if out and out[-1].w == "step":
        return False  # "step one is…"
    return w in COUNTS and not (w == "one" and out and _of_a_foot(out)) and _counted(tokens, i, out)


def _counted(tokens: Sequence[Token], i: int, out: Sequence[Token]) -> bool:
    """ "One sink, two left foot out": a count that is called, and what is done on it."""
    if i + 1 >= len(tokens) or tokens[i].hard:
        return False
    after, before = tokens[i + 1], out[-1] if out else None
    acts = after.w in DONE_ON_A_COUNT or after.side is not None
    free = before is None or before.hard or before.comma or before.side or before.w in FREE or before.w in lx.STEP_WAYS
    return bool(acts and free) and after.w not in ("steps", "step", "kicks", "turns", "winds")


FREE = (
    lx.FOOT | COUNTS | frozenset("middle even it push straighten arms hands out in up down percent forty five".split())
)
"""After these a count begins something new."""


def _is_held(tokens: Sequence[Token], i: int) -> bool:
    """ "Hold the ball", "ball on the right": no part of a foot."""
    after = tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""
    before = [t.w for t in tokens[max(0, i - 2) : i]]
    if i and tokens[i - 1].side and not (i > 1 and tokens[i - 2].w in lx.TURN and after == "on"):
        return False  # "the left ball"; but "turn right, ball on the right"
    return not (after in ("of", "first", "down", "touches", "and", "then") or {"on", "onto"} & set(before)) and (
        after in ("on", "in", "at", "to", "") or bool({"hold", "holding", "holds", "a"} & set(before))
    )


def _of_a_foot(out: Sequence[Token]) -> bool:
    """ "The left one", "the back one"; "put that one down"."""
    before = out[-1]
    if before.hard or before.comma or any(t.comma and t.w in lx.FOOT for t in out[-3:]):
        return False  # "the back leg, the left one"
    if before.side or before.w in ("other", "back", "front"):
        return True
    return before.w in ("that", "this") and len(out) > 1 and out[-2].w in MOVED_OR_ON


def _is_pinyin(tokens: Sequence[Token], i: int) -> bool:
    """ "Er qi jiao": two, and no filler."""
    return any(t.w in ("qi", "ti", "tan", "guan") for t in tokens[max(0, i - 1) : i + 2])


def _praised(tokens: Sequence[Token], i: int) -> bool:
    """ "Nice step": what was done."""
    if i + 1 >= len(tokens) or tokens[i].hard or tokens[i].comma:
        return False
    return tokens[i + 1].hard and tokens[i + 1].w in DONE_WELL


DONE_WELL = frozenset("step steps shift turn turns kick kicks turning stepping shifting work".split())
IS = frozenset("is isn't builds helps makes moves takes feels should means gives was".split())
""" "Stepping is the hardest part": the talk is of stepping, and nobody steps."""


def _is_subject(tokens: Sequence[Token], i: int) -> bool:
    for t in tokens[i : i + 8]:
        if t.hard or t.comma or t.w in lx.CONNECT:
            return False
        if t.w in IS:
            return tokens[i].end < t.start and not any(
                k.side or k.w in lx.FOOT for k in tokens[i : i + 8] if k.end < t.start
            )
    return False


def _pointed_at(tokens: Sequence[Token], i: int) -> bool:
    """ "This left foot", "that weight", "that same left foot"."""
    return tokens[i].side is not None or tokens[i].w in ("weight", "same")


def _of_feet(tokens: Sequence[Token], i: int) -> bool:
    """ "…, drawing the left foot in", "…, taking the weight": a foot or the weight is what is moved."""
    i += tokens[i + 1 : i + 2] != [] and tokens[i + 1].w in lx.IN_OR_OUT and not tokens[i].hard
    if tokens[i].hard or i + 3 >= len(tokens) or tokens[i + 1].w not in ("the", "your", "my"):
        return False
    side = tokens[i + 2].side is not None or tokens[i + 2].w in ("back", "front", "rear")
    return tokens[i + 2].w == "weight" or (side and tokens[i + 3].w in lx.FOOT)


def _without_is(t: Token) -> tuple[Token, ...]:
    """ "Foot's" as "foot is"."""
    noun = t.w.removesuffix("'s")
    if noun == t.w or noun not in lx.FOOT_OR_TRUNK:
        return (t,)
    return (
        t._replace(w=noun, end=t.end - 2, hard=False, comma=False),
        t._replace(w="is", start=t.end - 2, side=None),
    )


def _opens(out: Sequence[Token]) -> bool:
    """Whether the sentence has only begun: "and now …"."""
    for t in reversed(out):
        if t.hard:
            return True
        if t.w not in lx.CONNECT:
            return False
    return True


AS_ONE_GOES = (("as", "you", "go"), ("as", "we", "go"), ("as", "i", "go"))
""" "As you go", but "as you go forward" tells a shift."""

ASKING = frozenset("did do can could".split())
SURE = frozenset("make making makes be".split())
WEIGHT_NEAR = 6
"""Within how many words after "make sure" the weight may be named."""


def _feels_act(tokens: Sequence[Token], i: int) -> bool:
    """ "Feel your weight drop into the right", "feel the left heel lift": it does so; not "can you feel"."""
    k = i + 1 + (i + 1 < len(tokens) and tokens[i + 1].w in ("the", "your", "my", "all"))
    k += tokens[k : k + 1] != [] and tokens[k].w in ("the", "your", "of")
    if k + 1 >= len(tokens) or (i and tokens[i - 1].w in FEELS_ONLY):
        return False
    if tokens[k].w == "weight":
        return not tokens[k].hard and tokens[k + 1].w in WEIGHT_ACTS
    foot = tokens[k].side is not None and tokens[k + 1].w in lx.FOOT and not tokens[k + 1].hard and k + 2 < len(tokens)
    return foot and (tokens[k + 2].w in lx.LIFT or tokens[k + 2].w in ACTS_AS_FOOT)


FEELS_ONLY = frozenset("you can to if just we i only just".split())
WEIGHT_ACTS = lx.WEIGHT_GOES | frozenset(
    "go return arrive run fall settle move shift come roll drop sink transfer pour flow travel follow dropping sinking".split()
)
ACTS_AS_FOOT = frozenset(
    "turn pivot come step lifting turning pivoting coming stepping turns pivots comes steps".split()
)
CANNOT_OR_ONLY = lx.NEGATION | frozenset("until till so that if when is".split())


def _can(tokens: Sequence[Token], i: int) -> bool:
    """ "You'll be able to lift": you do; "until you're able to" only tells how far."""
    after = tokens[i + 2].w if i + 2 < len(tokens) else ""
    return after in lx.ACTS and not any(t.w in CANNOT_OR_ONLY for t in tokens[max(0, i - 4) : i])


def _sure_of_weight(tokens: Sequence[Token], i: int) -> bool:
    """ "Make sure that all your weight is on the right": it is to be there."""
    near = tokens[i : i + 2 + WEIGHT_NEAR]
    if len(near) < 4 or near[1].w != "sure":
        return False
    end = next((k for k, t in enumerate(near) if t.hard), len(near))
    return any(t.w == "weight" for t in near[:end]) and not any(t.w in lx.NEGATION for t in near[:end])


def _filler(tokens: Sequence[Token], i: int) -> int:
    """How many tokens from i on are a filler."""
    w = tokens[i].w
    if w in WORDS:
        return 0 if w == "er" and _is_pinyin(tokens, i) else 1
    opens = (i == 0 or tokens[i - 1].hard) and i + 2 < len(tokens)
    numbered = opens and (w in NUMBERED or w == "on") and tokens[i + 1].w in lx.NUMBERS and not tokens[i + 1].hard
    if numbered and tokens[i + 2].w in lx.ACTS:
        return 2  # "on one shift…"
    if w in NUMBERED and (i == 0 or tokens[i - 1].hard) and i + 1 < len(tokens) and tokens[i + 1].comma:
        return 2 if tokens[i + 1].w in lx.NUMBERS or tokens[i + 1].w.isdigit() else 0
    n = 0 if i and tokens[i - 1].w in lx.NEGATION else ABOUT_TO.get(w, 0)
    if w in ("feel", "feels") and _feels_act(tokens, i):
        return 1
    if w == "able" and tokens[i + 1 : i + 2] and tokens[i + 1].w == "to" and _can(tokens, i):
        return 2
    if w in SURE and _sure_of_weight(tokens, i):
        return 2 + (tokens[i + 2].w == "that")
    if (
        w == "hand"
        and 0 < i < len(tokens) - 1
        and tokens[i - 1].side
        and tokens[i + 1].w in ("corner", "side", "diagonal")
    ):
        return 1
    if (
        n
        and i + n < len(tokens)
        and (n == 1 or tokens[i + 1].w == "to")
        and (tokens[i + n].w in lx.ACTS or tokens[i + n].w == "let")
    ):
        return n
    if w == "you" and i and tokens[i - 1].w in ASKING:
        return 0  # "did you see which foot moved?"
    if w == "see" and i > 1 and tokens[i - 1].w == "you" and tokens[i - 2].w in ASKING:
        return 0
    for p in BY_FIRST.get(w, ()):
        if len(p) <= len(tokens) - i and all(tokens[i + k].w == p[k] for k in range(1, len(p))):
            inner = tokens[i : i + len(p) - 1]
            after = tokens[i + len(p)] if i + len(p) < len(tokens) and not tokens[i + len(p) - 1].hard else None
            goes = p in AS_ONE_GOES and after is not None and after.w in lx.STEP_WAYS
            places = goes or (
                p == ("in", "place") and after is not None and (after.side or after.w in ("the", "your", "my"))
            )
            sided = any(t.side for t in tokens[i : i + len(p)])  # "is that all | right foot's…"
            if not any(t.hard or t.comma for t in inner) and not places and not sided:
                return len(p)
    return 0
