"""What is said before and after an instruction, and what stands for its foot, does not hide it."""

from __future__ import annotations

import itertools

import pytest
from bench.reading import NAMES, key

from kemvo.core.reading.reader import read_line

Key = tuple[str, str]

SHIFTS: dict[str, Key] = {
    "shift to the left": ("shift", "L"),
    "shift your weight onto the right leg": ("shift", "R"),
    "sit back": ("shift", "-"),
    "sink into the left leg": ("shift", "L"),
    "shift forward": ("shift", "-"),
}
COMMANDS: dict[str, Key] = {
    **SHIFTS,
    "step out with the left foot": ("step", "L"),
    "step forward with the right": ("step", "R"),
    "bring the left foot in": ("step", "L"),
    "put the left heel down in front": ("step", "L"),
    "lift the right heel": ("lift", "R"),
    "lift the left knee": ("lift", "L"),
    "pick up the left foot": ("lift", "L"),
    "turn the right toes in": ("pivot", "R"),
    "pivot on the left heel": ("pivot", "L"),
    "turn to the right": ("turn", "right"),
    "turn your waist left": ("turn", "left"),
    "kick with the right foot": ("kick", "R"),
    "breathe in": ("breath", "in"),
}
STATEMENTS: dict[str, Key] = {
    "left foot comes in": ("step", "L"),
    "the left foot turns out": ("pivot", "L"),
    "the weight goes to the left": ("shift", "L"),
    "weight on the right": ("shift", "R"),
    "right foot out to the side": ("step", "R"),
    "right foot half step up": ("step", "R"),
}

AFTER = (
    "for me|if you can|if you can manage it|as well|there|please|okay|all right|slowly|very slowly|like this|"
    "in this direction|as much as you can|as far as is comfortable|without lifting your shoulders|"
    "without leaning|with control|nice and slow|one more time|again|as you breathe out|as you inhale|"
    "on an exhale|and hold|and wait|and pause|and relax|and feel that|and check your knee|and breathe|"
    "but not too far|but keep the knees soft|but don't lock the knee|so the knee is over the toes|"
    "so that you're stable|so you feel grounded|until you feel stable|until it's comfortable|"
    "because that protects the knee|which opens the hip|which is important|that's it|that's lovely|there we go|"
    "got it|everybody|everyone|folks|my friends|keeping the back straight|keeping your head up|staying low|"
    "staying at the same height|with your back straight|with soft knees|relaxing the shoulders|"
    "letting the hip open|at the same time|at your own pace|when you're ready|when you feel ready|"
    "in your own time|on the next breath|a little bit|just a little|just a bit|a tiny bit more|"
    "as if you were stepping on ice|as though pushing a wall|like you're walking on ice|like a cat|"
    "just like before|same as before|the way we did earlier|as we did last time|as before|for this one|"
    "in this style|in our school|this time|next|now|then|first|to begin with|to start|to finish|"
    "before anything else|before you do anything with the arms|while the arms come up|as the hands separate|"
    "as the right hand pushes|while the left palm turns over|and the hands follow|and the right arm comes up|"
    "and the left hand goes down|and your hands cross|and look forward|and look to the front|and face front|"
    "with the arms coming up|with your palms facing each other|arms rising|hands pushing|palms down|"
    "shoulders down|elbows down|eyes forward|knees bent|back straight"
).split("|")
"""Said after an instruction. Some tell a fact of their own (`TELLS`)."""

BEFORE = (
    "the first thing is|the next thing is|what comes next is|the idea is|the trick is|the point is|my advice is|"
    "here's the thing|here's what happens|here it comes|watch|look|listen|see|so see here|notice here|on one|"
    "on two|on the count of three|one|two|three and|number one|step one|step two|part two|first of all|"
    "first off|second|secondly|third|last|lastly|finally|and finally|in the end|at the end|at the start|"
    "to begin|from the beginning|from standing|from the bow stance|from the last posture|out of that|"
    "coming out of that|after that|once that's done|once you've turned|once you're settled|when that's done|"
    "when you get there|when you've got your balance|if you're ready|as soon as you can|as slowly as you can|"
    "as smoothly as possible|very gently|with care|carefully now|softly|slowly slowly|relax and|breathe and|"
    "smile and|soften and|sink and|bend your knees and|drop your shoulders and|keep your back straight and|"
    "keep the shoulders relaxed and|look left and|look ahead and|eyes forward and|raise your arms and|"
    "lower your arms and|open your arms and|let the arms come down and|the hands come up and|"
    "as the hands come up|while the arms drop|with your arms in front of you|holding the ball|hold the ball and|"
    "keeping the ball|without moving the hands|without hurrying|without tension|not too fast now|don't rush|"
    "no rush|no hurry|okay good|very good|well done|lovely|that's better|right so|right then|now then|"
    "okay so from here|all right so from there|and from this position|in this position|in that position|"
    "from that position|here|here we|there we|now we|we just|we simply|we only|you just|you simply|i just|"
    "i simply|all we do is|all i do is|what we're going to do is|what you need to do is|"
    "what i'd like is for you to|i'd like you to|i want you to|i need you to|can you|could you|would you|"
    "will you|you will|you'll|you can|you can now|you should|you must|you need to|you have to|you've got to|"
    "you get to|you're about to|you're going to|we're about to|let me see you|let's see you|let's all|everybody|"
    "everyone|ladies and gentlemen|my friends|folks|guys"
).split("|")
"""Said before one."""

TELLS: dict[str, Key] = {
    "as you breathe out": ("breath", "out"),
    "as you inhale": ("breath", "in"),
    "on an exhale": ("breath", "out"),
    "and hold": ("hold", "-"),
    "and pause": ("hold", "-"),
    "and face front": ("turn", "front"),
}

MOST_WRONG = 2
"""Of all instructions with the same words around them, so many at most may be read otherwise."""


def read_otherwise(text: str, told: list[Key]) -> str | None:
    """The text with what is read of it, where that is not what it tells."""
    found = sorted(key(f) for f in read_line(text, NAMES))
    return None if found == sorted(told) else f"{text} → {found}"


@pytest.mark.parametrize("tail", AFTER)
def test_what_is_said_after_an_instruction_does_not_hide_it(tail: str) -> None:
    own = [TELLS[tail]] if tail in TELLS else []
    bad = [read_otherwise(f"{t} {tail}", [told, *own]) for t, told in (COMMANDS | STATEMENTS).items()]
    assert sum(b is not None for b in bad) <= MOST_WRONG, [b for b in bad if b]


@pytest.mark.parametrize("lead", BEFORE)
def test_what_is_said_before_an_instruction_does_not_hide_it(lead: str) -> None:
    bad = [read_otherwise(f"{lead} {t}", [told]) for t, told in COMMANDS.items()]
    assert sum(b is not None for b in bad) <= MOST_WRONG, [b for b in bad if b]


NAMED = (
    "left foot empties|the left foot is free|once the left foot is empty|when that left leg is light"
    "|there's no weight in the left foot|when the left foot has nothing in it|take a look at the left foot|right so left foot"
    "|now the left foot|once it's off the left foot"
).split("|")
"""A foot that is spoken of; that it is empty may be told, too."""

JOINED = (" and you ", " so you ", " so I can ", " you can just ", " and we ", " and then ", " now ")

DONE_WITH_IT = {
    "pick it up": "lift",
    "lift it": "lift",
    "put it down": "step",
    "step it out": "step",
    "bring it in": "step",
    "draw it in to the right ankle": "step",
    "carry it up to the right": "step",
    "bring it next to the right foot": "step",
    "swing it round to the corner": "step",
    "turn it out": "pivot",
    "spin it on the heel": "pivot",
    "pivot it in": "pivot",
    "place it on the heel": "step",
    "set it down heel first": "step",
    "reach behind with it": "step",
    "kick with it": "kick",
    "step back with it": "step",
    "pick it up and put it down": "lift step",
    "pick it up and place it beside the right": "lift step",
}


@pytest.mark.parametrize("named", NAMED)
def test_it_is_the_foot_that_was_spoken_of(named: str) -> None:
    texts = [(f"{named}{j}{d}", kinds.split()) for j, (d, kinds) in itertools.product(JOINED, DONE_WITH_IT.items())]
    bad = [[read_otherwise(t, [(k, "L") for k in kinds] + own) for own in ([], [("shift", "R")])] for t, kinds in texts]
    assert not [b for b in bad if all(b)]
