"""What shortening keeps: which foot or leg, what it does, which way. Lines come from a grammar of steps, shifts, pivots, lifts, kicks
and turns with hands, manner and reasons around them."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.cues.essential import ESSENTIAL, phrases
from kemvo.core.cues.wording import wordings_of
from kemvo.core.facts import Fact
from kemvo.core.language.sides import mirror_text, side_words
from kemvo.core.model.form import Movement
from kemvo.core.model.mirror import mirror_movement
from kemvo.core.model.session import Part, Pass, Session
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import said
from kemvo.core.movement.line_parts import portions
from kemvo.core.movement.readings import read
from kemvo.core.practice.pipeline import work_out
from kemvo.core.reading.reader import read_line
from strategies import one_posture, talk

SIDES = st.sampled_from(["left", "right"])
FEET = st.sampled_from(
    [
        "step forward with the {s} foot, heel first",
        "{s} heel to the corner",
        "step back with the {s} foot",
        "{s} foot steps to the north-east, heel first",
        "step to three o'clock with the {s} foot",
        "step back to the west with the {s} foot",
        "the {s} foot steps out to shoulder width",
        "bring the {s} foot in",
        "shift seventy percent into the {s} leg",
        "sit back into the {s} leg",
        "shift all the weight to the {s}",
        "turn the {s} toes in 45 degrees",
        "pivot on the {s} heel",
        "turn the {s} toes out",
        "lift the {s} knee",
        "the {s} foot lifts",
        "kick with the {s} heel",
        "turn the waist to the {s}",
        "turn {s}",
    ]
)
HANDS = st.sampled_from(
    ["the hands rise", "both palms press forward", "{s} hand pushes past the ear", "arms soft", "the {s} palm turns up"]
)
MANNER = st.sampled_from(["", "slowly ", "gently ", "and then ", "quietly and without hurry, "])
JOINS = st.sampled_from([", ", " and ", ", then ", " while ", "; "])


@st.composite
def lines(draw: st.DrawFn) -> str:
    parts = draw(st.lists(st.one_of(FEET, FEET, HANDS), min_size=1, max_size=4))
    line = draw(MANNER) + parts[0].format(s=draw(SIDES))
    for p in parts[1:]:
        line += draw(JOINS) + p.format(s=draw(SIDES))
    return line[:1].upper() + line[1:]


def told(text: str) -> set[tuple[str, str | None]]:
    """What a text says by itself, read anew clause by clause and as a whole: kinds and sides of its essentials."""
    read_anew = [f for words in (text, *text.split(", ")) for f in read_line(words)]
    return {(f.kind, f.side) for f in read_anew if f.kind in ESSENTIAL and f.side in ("L", "R")}


@given(line=lines(), turned=st.booleans())
@settings(max_examples=300, deadline=None)
def test_every_wording_of_a_movement_says_which_foot_and_what_it_does(line: str, turned: bool) -> None:
    m = read(Movement(line=line))
    m = mirror_movement(m) if turned else m
    facts = {(x.fact.kind, x.fact.side) for x in said(m) if x.fact.kind in ESSENTIAL and x.fact.side in ("L", "R")}
    for w in wordings_of(m, 50)[1:]:
        sides = {x.side for x in side_words(w.text)}
        assert {side for _, side in facts} <= sides, w
        assert facts <= told(w.text), (w, facts - told(w.text))


@given(
    line=lines(),
    facing=st.sampled_from(["behind", "mirror", "watch"]),
    other=st.booleans(),
    voice=st.sampled_from(["full", "short"]),
)
@settings(max_examples=150, deadline=None)
def test_what_is_said_of_a_movement_holds_its_feet_in_every_pass(
    line: str, facing: str, other: bool, voice: str
) -> None:
    form = one_posture(read(Movement(line=line, counts=4)))
    session = Session(passes=(Pass(part=Part(form_id="f"), facing=facing, other_side=other, voice=voice),))
    done = work_out(session, {"f": form}, talk)
    for d in done.decisions:
        s = done.heard.spans[d.cue.span]
        if d.cue.kind not in ("foot", "turn") or not s.movement:
            continue
        parts = portions(s.movement)
        p = parts[d.cue.part] if d.cue.part < len(parts) else None
        facts = p.facts if p else tuple(x.fact for x in said(s.movement))
        needed = {f.side for f in facts if f.kind in ESSENTIAL and f.side in ("L", "R")}
        for w in d.cue.wordings:
            assert needed <= {x.side for x in side_words(w.text)}, (w, needed)


TOWARDS = [
    ("Left foot steps to the north-east, heel first", "Left heel to the north-east", "Left heel, north-east"),
    ("Right foot steps to three o'clock", "Right foot to three o’clock", "Right foot, three o’clock"),
    ("Step back to the west with the right foot, toes first", "Right foot back to the west, toes first",
     "Right foot back, west, toes"),
    ("Left foot steps out heel first to nine o'clock", "Left heel to nine o’clock", "Left heel, nine o’clock"),
    ("Circle step to the east with the left foot", "Left foot to the east", "Left foot, east"),
    ("Step south with the right foot", "Right foot to the south", "Right foot, south"),
    ("Right foot steps to twelve o'clock", "Right foot to twelve o’clock", "Right foot, twelve o’clock"),
]  # fmt: skip


@pytest.mark.parametrize(("line", "short", "call"), TOWARDS)
def test_where_a_step_goes_is_never_lost(line: str, short: str, call: str) -> None:
    (fact,) = (f for f in read_line(line) if f.kind == "step")
    assert phrases(line, fact) == (short, call)


@pytest.mark.parametrize(("line", "short", "call"), TOWARDS)
@pytest.mark.parametrize("front", ["north", "east"])
def test_mirrored_it_is_what_the_mirrored_line_says(line: str, short: str, call: str, front: str) -> None:
    other = mirror_text(line, front)
    (fact,) = (f for f in read_line(other) if f.kind == "step")
    assert phrases(other, fact) == (mirror_text(short, front), mirror_text(call, front))


def test_a_fist_s_width_more_is_only_said_in_ones_own_words() -> None:
    line = "Step out to the left and a fist's width back"
    (fact,) = (f for f in read_line(line) if f.kind == "step")
    assert phrases(line, fact) == ("", "")


@pytest.mark.parametrize("to", ["north", "southeast", "northwest", "west", "1", "7", "12"])
@pytest.mark.parametrize("direction", [None, "back", "out"])
def test_a_step_in_words_is_read_as_it_was(to: str, direction: str | None) -> None:
    fact = Fact(kind="step", start=0, end=1, side="L", direction=direction, to=to, ahead_cm=None, touch="heel")
    (again,) = read_line(in_words(fact))
    assert (again.side, again.direction, again.to, again.touch) == ("L", direction, to, "heel")
