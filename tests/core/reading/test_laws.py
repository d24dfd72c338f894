"""What is said around an instruction changes nothing of what is read from it."""

from __future__ import annotations

from itertools import product

import pytest
from bench.reading import LINES as FILES
from bench.reading import NAMES, cases
from bench.reading import key as compared
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.facts import Fact
from kemvo.core.reading.reader import read_line

LINES = """
step the left foot out to the side
shift your weight to the right leg
turn the left toes in forty five degrees
lift your right knee
sit back onto the left leg
bring the right foot in beside the left
step forward with your right foot heel first
transfer seventy percent of your weight to the left leg
pivot the right foot out on the heel
turn your waist to the left
kick with the right heel
place the left heel down in front
pick up the left foot and put it down behind you
draw the left foot back half a step
shift the weight onto the right leg and bring the left foot in
turn to the right and step out with the left heel
""".strip().splitlines()
"""Invented lines that begin with a verb."""

FILLERS = "um uh just gently slowly softly carefully really actually simply".split()
LEADS = (
    "so|and|okay so|and then|now|alright|from here|and now we|you're going to|we're going to|I'm going to|I'd like you to"
    "|I want you to|let's|go ahead and|now you're gonna|make sure you|we need to|you want to|what you do is you"
).split("|")
TAILS = (
    "okay|like this|there we go|nice and slow|keeping your back straight|as your arms rise|with the left palm up|without leaning"
    "|and your hands follow|while the hands circle|and don't lean forward|if you can manage it|and look at your front hand"
    "|bringing the hands to your chest|and let the shoulders drop|to protect your knees|with control"
).split("|")
HANDS_FIRST = (
    "with your hands at your chest|as your arms rise|keeping the back straight|while the hands circle|without leaning"
    "|as the left hand drops|with the right palm up|looking straight ahead"
).split("|")
JOINS = (", ", ", and ", " and then ", ". ", " then ", " and ")


def told(text: str) -> list[tuple[str, str | None, str | None, str | None, int | None]]:
    """The facts as they are compared."""

    def key(f: Fact) -> tuple[str, str | None, str | None, str | None, int | None]:
        return f.kind, f.side, f.to, f.toes, f.angle

    return sorted(map(key, read_line(text)), key=str)


@pytest.mark.parametrize("text", LINES)
def test_every_line_tells_something(text: str) -> None:
    assert told(text)


@given(st.sampled_from(LINES), st.sampled_from(FILLERS), st.data())
def test_a_filler_may_stand_anywhere(text: str, filler: str, data: st.DataObject) -> None:
    words = text.split()
    at = data.draw(st.integers(1, len(words)))
    assert told(" ".join([*words[:at], filler, *words[at:]])) == told(text)


@pytest.mark.parametrize(("text", "lead"), product(LINES, LEADS))
def test_how_it_is_asked_for_is_the_same(text: str, lead: str) -> None:
    assert told(f"{lead} {text}") == told(text)


@pytest.mark.parametrize(("text", "tail"), product(LINES, TAILS))
def test_manner_and_hands_after_it_add_nothing(text: str, tail: str) -> None:
    assert told(f"{text} {tail}") == told(text)
    assert told(f"{text}, {tail}") == told(text)


@pytest.mark.parametrize(("text", "hands"), product(LINES, HANDS_FIRST))
def test_hands_before_it_add_nothing(text: str, hands: str) -> None:
    assert told(f"{hands} {text}") == told(text)
    assert told(f"{hands}, {text}") == told(text)


@pytest.mark.parametrize("lead", ["", "I'm ", "we're ", "so you're ", "now start ", "by "])
@pytest.mark.parametrize("text", LINES)
def test_a_gerund_tells_the_same(text: str, lead: str) -> None:
    verb, rest = text.split(" ", 1)
    doubled = {"step": "stepping", "sit": "sitting", "shift": "shifting"}
    gerund = doubled.get(verb) or (verb[:-1] if verb.endswith("e") else verb) + "ing"
    assert told(f"{lead}{gerund} {rest}") == told(text)


WHOLE = [t for t in LINES if all(side or to for kind, side, to, *_ in told(t) if kind not in ("hold", "counts"))]
"""Lines in which every side is named, so that nothing is filled in from the line before."""


@given(st.sampled_from(WHOLE), st.sampled_from(WHOLE), st.sampled_from(JOINS))
def test_two_instructions_in_one_sentence_tell_what_each_tells(a: str, b: str, join: str) -> None:
    if told(a) != told(b):
        assert told(a + join + b) == sorted(told(a) + told(b), key=str)


@pytest.mark.parametrize("text", ["your front foot's", "left foot's", "the right heel's"])
def test_a_shortened_is_does_not_hide_the_foot(text: str) -> None:
    assert told(f"{text} empty so pick it up")


@pytest.mark.parametrize(
    "text",
    [
        "most people step too far here",
        "my teacher used to walk like a cat",
        "make sure that you're not leaning",
        "this is called step back and roll",
        "now comes the kick",
        "step by step we get there",
    ],
)
def test_talk_about_it_is_no_instruction(text: str) -> None:
    assert not told(text)


SPOKEN = [text for f in sorted(FILES.glob("spoken*.txt")) for text, _ in cases(f.name)][::5]

WRITTEN_AS = {
    "in capitals": str.upper,
    "with a capital": lambda t: t[:1].upper() + t[1:],
    "with curly apostrophes": lambda t: t.replace("'", "’"),
    "with blanks that hold together": lambda t: t.replace(" ", "\u00a0"),
    "in a list": lambda t: f"- {t}",
    "by a speaker": lambda t: f">> {t}",
    "in quotes": lambda t: f"“{t}”",
    "in brackets": lambda t: f"({t})",
    "with three dots": lambda t: t.rstrip(".") + "…",
}


@pytest.mark.parametrize("how", WRITTEN_AS)
def test_how_a_line_is_written_changes_nothing(how: str) -> None:
    """One in two hundred may differ: a stop says where a sentence ends, and a capital where a name begins."""
    written = WRITTEN_AS[how]

    def read(text: str) -> list[tuple[str, str]]:
        return sorted(compared(f) for f in read_line(text, NAMES))

    wrong = [t for t in SPOKEN if read(written(t)) != read(t)]
    assert len(wrong) <= len(SPOKEN) / 200, wrong


WORDS = [w for t in SPOKEN for w in t.split()] + [
    "(",
    "—",
    "1.",
    "70/30",
    "L",
    "R",
    "LF",
    "½",
    "→",
    "''",
    "-->",
    "x3",
    "(8)",
    "é",
]


@given(st.lists(st.sampled_from(WORDS), max_size=25), st.sampled_from([" ", ", ", ". ", "\n", ""]))
def test_any_row_of_words_can_be_read_and_every_fact_stands_in_it(words: list[str], between: str) -> None:
    text = between.join(words)
    for f in read_line(text, NAMES):
        assert 0 <= f.start < f.end <= len(text)
    assert read_line(text, NAMES) == read_line(text, NAMES)
