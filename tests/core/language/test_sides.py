"""Left and right in texts. Every sentence here is our own; what is ordinary English needs no source."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.language.ordinary_words import MARK, ORDINARY, spoken
from kemvo.core.language.sides import mirror_text, side_words
from kemvo.core.model.mirror import mirror_form, mirror_movement, mirror_posture
from strategies import forms, movements, postures

SAME = [
    "there is not much left",
    "a little weight is left in it",
    "The hands are right in front of you",
    "All right, and again",
    "What is left goes into the heel",
    "A right angle at the knee",
    "Make right angles with both knees",
    "Right, let's go on",
    "That is just right.",
    "Nothing is left in the shoulders",
    "Two minutes left",
    "The arms are left hanging",
    "Do it the right way",
    "Begin right now",
    "We go on where we left off",
    "Stretch right to the fingertips",
    "There is little tension left, right?",
    "Sink right down",
    "It's right behind you",
    "Take what is left over",
    "An L-shaped step",
]

SWAPPED = [
    ("turn a little to the left", "turn a little to the right"),
    ("turn the waist a little left", "turn the waist a little right"),
    ("step a little further left", "step a little further right"),
    ("much more to the left", "much more to the right"),
    ("turn a few more degrees left", "turn a few more degrees right"),
    ("as the weight goes into the left the right foot turns", "as the weight goes into the right the left foot turns"),
    ("the waist turns to the right at the same time", "the waist turns to the left at the same time"),
    ("turn to the right now", "turn to the left now"),
    ("shift to the right place your left foot out", "shift to the left place your right foot out"),
    ("the weight goes left right foot closes", "the weight goes right left foot closes"),
    ("Turn left again", "Turn right again"),
    ("Left foot, right hand", "Right foot, left hand"),
    ("Turn to the right.", "Turn to the left."),
    ("STEP LEFT", "STEP RIGHT"),
    ("the right back heel", "the left back heel"),
    ("Left. Right. Left.", "Right. Left. Right."),
    ("L toes to 3 o'clock", "R toes to 9 o'clock"),
    ("face one o’clock", "face eleven o’clock"),
    ("at twelve o'clock", "at twelve o'clock"),
    ("north-east, then West", "north-west, then East"),
    ("cross the right foot behind the left", "cross the left foot behind the right"),
    ("left over right", "right over left"),
    ("your right is free", "your left is free"),
    ("shift the weight left", "shift the weight right"),
    ("the right hand is right at the ear", "the left hand is right at the ear"),
    ("what is left goes into the left heel", "what is left goes into the right heel"),
    ("once the weight has left the right foot", "once the weight has left the left foot"),
    ("all right, now the right foot", "all right, now the left foot"),
    ("right in front of you the right palm", "right in front of you the left palm"),
    ("70% L", "70% R"),
    ("left-hand side", "right-hand side"),
    ("turn anticlockwise", "turn clockwise"),
]


@pytest.mark.parametrize("text", SAME)
def test_ordinary_words_stay(text: str) -> None:
    assert mirror_text(text) == text


@pytest.mark.parametrize("row", ORDINARY, ids=lambda row: row.example)
def test_every_row_of_the_table_has_an_example_that_it_keeps(row: object) -> None:
    assert mirror_text(row.example) == row.example
    assert not side_words(row.example)


@pytest.mark.parametrize(("text", "other"), SWAPPED)
def test_sides_and_directions_change(text: str, other: str) -> None:
    assert spoken(mirror_text(text)) == other
    assert mirror_text(mirror_text(text)) == text


WORDS = (
    "left right Left RIGHT L R LF foot heel hand side the your a turn step look in front of you behind all what is are"
    " was has nothing minutes angle way now away to over out alone off back up down so let's we middle again and then"
    " weight , . ? ! - one three 9 o'clock clockwise anticlockwise counterclockwise anti-clockwise east north-west"
    " rights leftwards"
).split()


@given(st.lists(st.sampled_from(WORDS), max_size=14).map(" ".join))
def test_twice_is_nothing_for_any_row_of_such_words(text: str) -> None:
    assert mirror_text(mirror_text(text)) == text


@given(st.text().filter(lambda t: MARK not in t))
def test_twice_is_nothing_for_any_text(text: str) -> None:
    assert mirror_text(mirror_text(text)) == text


@given(st.lists(st.sampled_from(WORDS), max_size=14).map(" ".join))
def test_the_side_words_of_a_mirrored_text_are_the_same_with_sides_exchanged(text: str) -> None:
    there = [w.side for w in side_words(mirror_text(text))]
    assert there == ["R" if w.side == "L" else "L" for w in side_words(text)]


def test_a_mirrored_word_that_would_read_as_ordinary_keeps_its_meaning() -> None:
    turned = mirror_text("stand left in front of the chair")
    assert spoken(turned) == "stand right in front of the chair"
    assert [w.side for w in side_words(turned)] == ["R"]


@given(forms)
def test_a_form_mirrored_twice_is_the_form(form: object) -> None:
    assert mirror_form(mirror_form(form)) == form


@given(movements)
def test_a_mirrored_movement_has_the_other_weight_and_the_same_time(m: object) -> None:
    other = mirror_movement(m)
    assert (other.left_pct, other.counts, other.breath) == (100 - m.left_pct, m.counts, m.breath)
    assert {m.side, other.side} in ({None}, {"L", "R"})


@given(postures)
def test_a_mirrored_posture_keeps_its_number_and_repeats(p: object) -> None:
    other = mirror_posture(p)
    assert (other.number, other.repeats, len(other.movements)) == (p.number, p.repeats, len(p.movements))


def test_a_turn_to_what_only_looks_like_an_hour_is_left_as_it_is() -> None:
    from kemvo.core.facts import Fact
    from kemvo.core.model.mirror import mirror_fact

    assert mirror_fact(Fact(kind="turn", start=0, end=1, to="³")).to == "³"
    assert mirror_fact(Fact(kind="turn", start=0, end=1, to="3")).to == "9"


@pytest.mark.parametrize(
    ("text", "sides"),
    [
        ("weight all left", "L"),
        ("shift all left, then all right", "LR"),
        ("the weight goes all right", "R"),
        ("all right, shift left", "L"),
        ("turn right now", "R"),
        ("turn right here", "R"),
        ("pivot right at the end", "R"),
        ("turn right away from the wall", "R"),
        ("step right there", "R"),
        ("step left there", "L"),
        ("put the foot right there", ""),
        ("the foot lands right beside the other", ""),
        ("turn right round to the left", "L"),
        ("the hand passes right under the elbow", ""),
        ("the knee comes right over the toes", ""),
        ("sink right into the hips", ""),
        ("stand right by the left wall", "L"),
        ("the ball sits right under the left palm", "L"),
        ("go right ahead", ""),
        ("the weight left over goes back", ""),
        ("shift the weight that is left", ""),
        ("the right one of the two", ""),
        ("step over the right one", "R"),
        ("left hand by the hip, right over the head", "LR"),
    ],
)
def test_left_and_right_by_example(text: str, sides: str) -> None:
    assert "".join(w.side for w in side_words(text)) == sides
    assert mirror_text(mirror_text(text)) == text
