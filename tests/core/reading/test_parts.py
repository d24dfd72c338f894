"""The parts of the reader by themselves: words, clauses, quantities, whose foot, which way. All lines are our own."""

import pytest

from kemvo.core.facts import Direction, Fact, StepSize, Touch, as_plain
from kemvo.core.movement.fact_words import in_words
from kemvo.core.reading.quantities import angle, duration, number_at, share
from kemvo.core.reading.reader import read_line
from kemvo.core.reading.segment.segmenter import clauses
from kemvo.core.reading.tokens import tokens_of


def facts(text: str) -> list[tuple]:
    """Kind, and what is said of it, in the order of the fields."""
    return [tuple(v for k, v in as_plain(f).items() if v is not None and k != "span") for f in read_line(text)]


HEARD = {
    "the write foot": "right foot",
    "your laughed foot": "left foot",
    "shift the wait onto it": "shift weight onto it",
    "left heal down": "left heel down",
    "the right tow": "right toe",
    "breeze in": "breathe in",
    "sync into it": "sink into it",
    "turn the waste left": "turn waist left",
    "pivet on the heel": "pivot on heel",
    "70 per-cent": "70 percent",
    "Up the hill": "up hill",
    "a private lesson": "private lesson",
    "wait for me": "wait for me",
    "write it down": "write it down",
}


@pytest.mark.parametrize(("text", "meant"), HEARD.items())
def test_misheard_words_are_put_right_only_beside_feet_weight_or_breath(text: str, meant: str) -> None:
    words = [t.w for t in tokens_of(text) if t.w not in ("the", "your", "a")]
    assert " ".join(words) == meant


CLAUSES = {
    "Sit back, lift the toes, turn them out.": ["sit back", "lift the toes", "turn them out"],
    "Left foot, step forward": ["left foot step forward"],
    "shift left then step right": ["shift left", "then step right"],
    "bring the foot in to touch": ["bring the foot in to touch"],
    "left foot in right foot out": ["left foot in", "right foot out"],
    "we're going to turn and then sink": ["we're going to turn", "and then sink"],
    "One. Two.": ["one", "two"],
}


@pytest.mark.parametrize(("text", "pieces"), CLAUSES.items())
def test_texts_are_cut_where_one_action_ends(text: str, pieces: list[str]) -> None:
    tokens = tokens_of(text)
    assert [" ".join(t.w for t in tokens[c.first : c.last]) for c in clauses(tokens)] == pieces


@pytest.mark.parametrize("text", ["", "a", "left left left", "turn turn turn turn", ", , ,", "and and then and"])
def test_every_word_belongs_to_one_clause(text: str) -> None:
    tokens = tokens_of(text)
    found = clauses(tokens)
    assert [i for c in found for i in range(c.first, c.last)] == list(range(len(tokens)))


NUMBERS = {
    "45": 45,
    "forty five": 45,
    "forty-five": 45,
    "ninety": 90,
    "one hundred": 100,
    "seven": 7,
    "2.5": 2.5,
    "left": None,
}


@pytest.mark.parametrize(("text", "number"), NUMBERS.items())
def test_numbers_in_figures_and_words(text: str, number: float | None) -> None:
    tokens = tokens_of(text)
    found = number_at(tokens, 0, len(tokens))
    assert (found[0] if found else None) == number


SHARES = {
    "70 percent": 70,
    "70% of the weight": 70,
    "seventy per cent of it": None,
    "two thirds": 67,
    "a third of your weight": 33,
    "three quarters": 75,
    "half the weight": 50,
    "all the weight": 100,
    "nearly all of your weight": 90,
    "most of the weight": 90,
    "seventy thirty": 70,
    "30/70": 70,
    "all right": None,
    "turn all the way": None,
}


@pytest.mark.parametrize(("text", "percent"), SHARES.items())
def test_shares_of_the_weight(text: str, percent: int | None) -> None:
    tokens = tokens_of(text)
    assert share(tokens, 0, len(tokens)) == percent


ANGLES = {
    "45 degrees": 45,
    "turn ninety": 90,
    "a quarter turn": 90,
    "a half turn": 180,
    "3 steps": None,
    "two counts": None,
    "70 percent": None,
}


@pytest.mark.parametrize(("text", "degrees"), ANGLES.items())
def test_angles(text: str, degrees: int | None) -> None:
    tokens = tokens_of(text)
    assert angle(tokens, 0, len(tokens)) == degrees


TIMES = {
    "three seconds": (3000, None),
    "2.5 secs": (2500, None),
    "a few seconds": (4000, None),
    "four counts": (None, 4),
    "a count of six": (None, 6),
    "soon": None,
}


@pytest.mark.parametrize(("text", "time"), TIMES.items())
def test_lengths_of_time(text: str, time: tuple | None) -> None:
    tokens = tokens_of(text)
    found = duration(tokens, 0, len(tokens))
    assert (found[:2] if found else None) == time


STEPS = {
    "step forward with the left foot": [("step", "L", "forward")],
    "step back with the right, toes first": [("step", "R", "back", "toe")],
    "the left foot steps behind the right": [("step", "L", "behind")],
    "slide the right foot out to the side": [("step", "R", "out")],
    "step to the left": [("step", "L", "side")],
    "bring the left foot in beside the right": [("step", "L", "in")],
    "left foot steps up half a step": [("step", "L", "half")],
    "put the left heel down": [("step", "L", "down", "heel")],
    "right heel to the corner": [("step", "R", "corner", "heel")],
    "cross the left leg behind": [("step", "L", "behind")],
    "let the right foot come in": [("step", "R", "in")],
    "the back foot follows in": [("step", "in")],
    "the next step is easy": [],
    "step by step": [],
}


@pytest.mark.parametrize(("text", "wanted"), STEPS.items())
def test_steps(text: str, wanted: list[tuple]) -> None:
    assert facts(text) == wanted


PIVOTS = {
    "turn the left foot out forty five degrees": [("pivot", "L", "out", 45)],
    "right toes in": [("pivot", "R", "in")],
    "pivot on the ball of the left foot": [("pivot", "L", "ball")],
    "the left toes open to the corner": [("pivot", "L", "out")],
    "lift the right toes and turn them out": [("lift", "R"), ("pivot", "R", "out")],
    "the palm turns in": [],
    "turn the left hand over": [],
}


@pytest.mark.parametrize(("text", "wanted"), PIVOTS.items())
def test_pivots(text: str, wanted: list[tuple]) -> None:
    assert facts(text) == wanted


LOADS = {
    "the weight goes to the right leg": [("shift", "R")],
    "take the weight off the left foot": [("shift", "R")],
    "the left leg is empty": [("shift", "R")],
    "the right leg is full": [("shift", "R")],
    "stand on the left leg": [("shift", "L")],
    "weight sixty percent on the left": [("shift", "L", 60)],
    "fifty fifty": [("shift", "both", 50)],
    "weight fifty fifty": [("shift", "both", 50)],
    "keep the weight on the left": [],
    "shift forward": [("shift",)],
    "the weight into your back leg": [("shift",)],
    "lean the pole on the right wall": [],
    "sink the elbows": [],
}


@pytest.mark.parametrize(("text", "wanted"), LOADS.items())
def test_where_the_weight_goes(text: str, wanted: list[tuple]) -> None:
    assert facts(text) == wanted


TURNS = {
    "turn to the right": [("turn", "right")],
    "turn your waist left a little": [("turn", "left")],
    "turn about": [("turn", "around")],
    "face the window": [("turn", "window")],
    "turn to nine o'clock": [("turn", "9")],
    "a quarter turn to the left": [("turn", "left", 90)],
    "turn your head to the left": [],
    "look right": [],
    "turn the page": [],
}


@pytest.mark.parametrize(("text", "wanted"), TURNS.items())
def test_turns_of_the_body(text: str, wanted: list[tuple]) -> None:
    assert facts(text) == wanted


BREATHS = {
    "inhale": [("breath", "in")],
    "breathe slowly out": [("breath", "out")],
    "on an in breath": [("breath", "in")],
    "with an out-breath": [("breath", "out")],
    "the breath goes in": [("breath", "in")],
    "don't breathe in yet": [],
    "hold the ball": [],
    "hold still": [("hold",)],
    "hold it there": [("hold",)],
    "stay for ten seconds": [("hold", 10_000)],
}


@pytest.mark.parametrize(("text", "wanted"), BREATHS.items())
def test_breath_and_holds(text: str, wanted: list[tuple]) -> None:
    assert facts(text) == wanted


MOOT = [
    "don't step yet",
    "never lift the left heel",
    "without turning the right toes",
    "if you lift the left foot you fall",
    "you could step wider",
    "this is called step up",
    "feel the left heel on the floor",
    "make sure the right toes point forward",
]


@pytest.mark.parametrize("text", MOOT)
def test_what_is_warned_of_or_supposed_says_nothing(text: str) -> None:
    assert facts(text) == []


def test_a_warning_does_not_silence_what_comes_after_it() -> None:
    assert facts("Don't lean, and step out with the left foot.") == [("step", "L", "out")]
    assert facts("Don't lift the heel. Lift the right toes.") == [("lift", "R")]


def test_a_fact_stands_where_its_words_are() -> None:
    """In captions it belongs to the one in which it is said, not where its sentence begins."""
    text = "so today we begin with the weight in the middle and toes in a little hold that for three seconds"
    even = next(f for f in read_line(text) if f.kind == "shift")
    assert text[even.start : even.end] == "weight in the middle"
    assert "hold" in [f.kind for f in read_line(text)]


@pytest.mark.parametrize("way", ["out", "forward", "back", "in", "corner", "behind", "circle", "down"])
@pytest.mark.parametrize(("size", "cm"), [(None, None), ("small", None), ("long", None), (None, 5), (None, 20)])
@pytest.mark.parametrize("touch", [None, "heel", "toe"])
def test_every_step_written_out_in_words_is_read_back(
    way: Direction, size: StepSize | None, cm: int | None, touch: Touch | None
) -> None:
    step = Fact(kind="step", start=0, end=1, side="L", direction=way, touch=touch, size=size, cm=cm)
    assert [f.model_copy(update={"start": 0, "end": 1}) for f in read_line(in_words(step))] == [step]
