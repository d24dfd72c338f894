"""Short forms of notes: read, said and mirrored as the words they stand for (common practice, no source)."""

import re

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.cues.wording import sayable
from kemvo.core.language.abbreviations import CORNERS, SHORT_FORMS, SHORT_SIDES, written_out
from kemvo.core.language.ordinary_words import spoken
from kemvo.core.language.sides import mirror_text, side_words
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.movement.readings import finished
from kemvo.core.reading.reader import read_line
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import seen
from kemvo.core.tables.stances import stance_in

NOTES = [
    ("wt R", "weight R"),
    ("Wt. on R. LF steps out.", "Weight on R. left foot steps out."),
    ("wt L 100%, RF fwd", "weight L 100%, right foot forward"),
    ("LF out to NW, heel first", "left foot out to north-west, heel first"),
    ("RF back to SE, toe first", "right foot back to south-east, toe first"),
    ("turn to NE", "turn to north-east"),
    ("70/30 L", "70 30 L"),
    ("Rt. ft. steps bk", "Right foot steps back"),
    ("feet tog", "feet together"),
    ("inh, arms up", "inhale, arms up"),
    ("exh. arms down", "exhale arms down"),
    ("turn 45 deg R", "turn 45 degrees R"),
    ("hold 5 secs", "hold 5 seconds"),
    ("step up w/ LF", "step up with left foot"),
    ("wt → R", "weight to R"),
    ("LH over RH", "left hand over right hand"),
    ("turn to face E", "turn to face east"),
    ("facing W, then towards N", "facing west, then towards north"),
]


def facts(line: str) -> list[tuple[object, ...]]:
    """What a line tells, without the places of its words."""
    return [
        (f.kind, f.side, f.direction, f.touch, f.toes, f.share, f.to, f.angle, f.degrees, f.ms) for f in read_line(line)
    ]


@pytest.mark.parametrize(("short", "long"), NOTES)
def test_a_note_is_written_out(short: str, long: str) -> None:
    assert written_out(short) == long


@pytest.mark.parametrize(("short", "long"), NOTES)
def test_a_note_is_read_as_what_it_stands_for(short: str, long: str) -> None:
    assert facts(short) == facts(long)


@pytest.mark.parametrize(
    ("line", "told"),
    [
        ("arms up - in; arms down - out", [("in",), ("out",)]),
        ("in: arms up / out: arms down", [("in",), ("out",)]),
        ("in two three four", [("in",)]),
        ("out two three", [("out",)]),
        ("left foot steps in", []),
        ("heels down - in we go", []),
    ],
)
def test_a_breath_beside_the_hands_is_one(line: str, told: list[tuple[str]]) -> None:
    assert [(f.direction,) for f in read_line(line) if f.kind == "breath"] == told


@pytest.mark.parametrize(
    ("line", "kept"), [("hold 3", None), ("hold 2 breaths", None), ("hold 5s", 5000), ("hold for 5 secs", 5000)]
)
def test_a_hold_with_a_number_is_one(line: str, kept: int | None) -> None:
    (held,) = read_line(line)
    assert (held.kind, held.ms) == ("hold", kept)


@pytest.mark.parametrize(
    "text", ["face the east wall", "we win 3/4 of the time", "24/7", "a sect", "NEVER", "Rfoot", "SEt"]
)
def test_what_is_no_short_form_stays(text: str) -> None:
    assert written_out(text) == text


def exchanged(m: re.Match[str]) -> str:
    """The other side, or the other point, in the same case."""
    other = {"left": "right", "right": "left", "east": "west", "west": "east"}[m[0].lower()]
    return other.capitalize() if m[0][0].isupper() else other


SHORT = [*SHORT_FORMS, *SHORT_SIDES, *CORNERS, "Lt", "Rt.", "L", "R", "out", "heel", "70/30", "and", "the weight"]
notes = st.lists(st.sampled_from(SHORT), min_size=1, max_size=7).map(" ".join)


@pytest.mark.parametrize(
    ("text", "mirrored"),
    [
        ("turn to NW, then face E", "turn to NE, then face W"),
        ("facing W", "facing E"),
        ("plan E is best", "plan E is best"),
    ],
)
def test_points_of_the_compass_in_capitals_are_exchanged(text: str, mirrored: str) -> None:
    assert mirror_text(text) == mirrored
    assert mirror_text(mirrored) == text


@given(notes)
def test_writing_out_once_is_enough(note: str) -> None:
    assert written_out(written_out(note)) == written_out(note)


@given(notes)
def test_a_mirrored_note_is_said_with_every_side_exchanged(note: str) -> None:
    assert spoken(sayable(mirror_text(note))) == re.sub(r"(?i)left|right|east|west", exchanged, sayable(note))
    assert mirror_text(mirror_text(note)) == note


@given(notes)
def test_writing_out_never_changes_a_side(note: str) -> None:
    said = re.findall(r"(?i)\b(l|r|left|right)\b", written_out(note))
    assert [w[0].upper() for w in said] == [w.side for w in side_words(note)]


@pytest.mark.parametrize(
    ("text", "stance", "side"),
    [
        ("feet tog, wt even", "together", None),
        ("L bow stance", "bow", "L"),
        ("bow stance, Rt. side", "bow", "R"),
        ("Lt bow stance", "bow", "L"),
    ],
)
def test_a_stance_is_named_in_short_forms(text: str, stance: str, side: str | None) -> None:
    assert stance_in(text) == (stance, side)


def test_a_form_of_notes_walks_as_its_words_do() -> None:
    """The feet, the weights and the findings of notes are those of the same notes written out."""

    def seen_of(lines: list[str]) -> tuple[object, ...]:
        movements = tuple(Movement(line=line) for line in lines)
        form = with_typed_read(finished(Form(sections=(Section(postures=(Posture(movements=movements),)),))))
        look = seen(form)
        steps = [(s.after, s.facing, s.span.left_to) for s in look.trace.steps]
        return steps, [(f.kind, f.side) for f in read_through(look)]

    notes = ["wt R, LF out", "wt 50/50", "turn R, wt R, LF to R ankle", "LF fwd w/ heel", "70% L", "sit bk", "RF tog"]
    assert seen_of(notes) == seen_of([written_out(n) for n in notes])


def test_for_a_sec_is_said_as_it_is_written() -> None:
    assert sayable("hold for a sec") == "hold for a sec"
    assert [f.ms for f in read_line("hold for 3 sec")] == [3000]
