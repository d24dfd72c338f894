"""Lines of instruction → facts. All lines are our own."""

import pytest
from bench.reading import LINES, cases, score
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.facts import Fact, as_plain
from kemvo.core.language.ordinary_words import MARK
from kemvo.core.language.sides import mirror_text
from kemvo.core.model.catalogue import name_index, suggestions
from kemvo.core.model.form import Movement
from kemvo.core.model.mirror import mirror_fact
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.fields import filled
from kemvo.core.reading.reader import read_line
from kemvo.formats.documents.catalogue import shipped_catalogue
from told_facts import stands_in

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def said(text: str) -> list[dict]:
    """The facts of a text as plain data, without places and what is not said."""
    return [{k: v for k, v in as_plain(f).items() if v is not None and k != "span"} for f in read_line(text, NAMES)]


EXAMPLES = {
    "Step out with the left foot, heel first": [{"kind": "step", "side": "L", "direction": "out", "touch": "heel"}],
    "seventy percent of the weight into the left": [{"kind": "shift", "side": "L", "share": 70}],
    "two thirds of your weight onto the right leg": [{"kind": "shift", "side": "R", "share": 67}],
    "all the weight goes to the left": [{"kind": "shift", "side": "L", "share": 100}],
    "the weight is even": [{"kind": "shift", "side": "both", "share": 50}],
    "sit back": [{"kind": "shift"}],
    "rock back onto the right": [{"kind": "shift", "side": "R"}],
    "sink into the left": [{"kind": "shift", "side": "L"}],
    "empty the left leg": [{"kind": "shift", "side": "R"}],
    "come onto the right": [{"kind": "shift", "side": "R"}],
    "pick up the knee on the left": [{"kind": "lift", "side": "L"}],
    "turn the right toes in a little": [{"kind": "pivot", "side": "R", "toes": "in"}],
    "left toes turn in 45": [{"kind": "pivot", "side": "L", "toes": "in", "angle": 45}],
    "turn on the heel of the left": [{"kind": "pivot", "side": "L", "on": "heel"}],
    "half step up with the right foot": [{"kind": "step", "side": "R", "direction": "half"}],
    "bring the feet together": [{"kind": "step", "side": "both", "direction": "in"}],
    "left foot in a small arc to the corner": [{"kind": "step", "side": "L", "direction": "corner"}],
    "kick with the sole of the left foot": [{"kind": "kick", "side": "L", "part": "sole"}],
    "breathe in, then breathe out": [{"kind": "breath", "direction": "in"}, {"kind": "breath", "direction": "out"}],
    "hold for three seconds": [{"kind": "hold", "ms": 3000}],
    "over four counts": [{"kind": "counts", "counts": 4.0}],
    "turn to three o'clock": [{"kind": "turn", "to": "3"}],
    "turn left ninety degrees": [{"kind": "turn", "to": "left", "degrees": 90}],
    "face north-east": [{"kind": "turn", "to": "northeast"}],
    "brush knee and push, right, two of three": [
        {"kind": "posture", "id": "brush-knee", "side": "R", "nth": 2, "of": 3}
    ],
    "dao juan gong": [{"kind": "posture", "id": "repulse-monkey"}],
    "shift the wait onto the write leg": [{"kind": "shift", "side": "R"}],
    "Sit back into the left leg, draw down and back": [{"kind": "shift", "side": "L"}],
    "Right foot half steps up": [{"kind": "step", "side": "R", "direction": "half"}],
    "Left foot in, heels together, stand quietly": [{"kind": "step", "side": "L", "direction": "in"}],
    "Left toes turn out, rise into the left leg": [
        {"kind": "pivot", "side": "L", "toes": "out"},
        {"kind": "shift", "side": "L"},
    ],
    "Weight into the right, right hand passes the face, turn right": [
        {"kind": "shift", "side": "R"},
        {"kind": "turn", "to": "right"},
    ],
    "as the weight goes into the left the right foot turns in": [
        {"kind": "shift", "side": "L"},
        {"kind": "pivot", "side": "R", "toes": "in"},
    ],
    "now your front foot's empty so pick it up": [{"kind": "lift"}],
    "go onto the right leg and bring the left one in": [
        {"kind": "shift", "side": "R"},
        {"kind": "step", "side": "L", "direction": "in"},
    ],
    "the weight goes left right foot closes": [
        {"kind": "shift", "side": "L"},
        {"kind": "step", "side": "R"},
    ],
    "shift into a bow stance so seventy percent of your weight goes into the right leg": [
        {"kind": "shift", "side": "R", "share": 70}
    ],
    "heel first, lift your right knee": [{"kind": "lift", "side": "R"}],
    "wait in the middle of both feet": [{"kind": "shift", "side": "both", "share": 50}],
}

SILENT = [
    "don't lift the back heel",
    "never turn a foot that carries weight",
    "the right hand turns over",
    "press down with the palm",
    "step the pressure up",
    "you should be able to lift the left foot",
    "the ball is right in front of you",
    "all right, and what is left is easy",
    "other side",
    "same again",
    "breathe naturally",
    "",
    "…",
]


@pytest.mark.parametrize(("text", "facts"), EXAMPLES.items())
def test_examples(text: str, facts: list[dict]) -> None:
    assert said(text) == facts


@pytest.mark.parametrize("text", SILENT)
def test_warnings_hands_and_ordinary_words_are_no_facts(text: str) -> None:
    assert said(text) == []


def test_no_side_is_invented() -> None:
    assert said("shift into the right leg and step forward")[1] == {"kind": "step", "direction": "forward"}
    assert said("the foot steps out")[0].get("side") is None


def test_a_side_goes_on_in_its_sentence_and_not_beyond() -> None:
    assert [f.get("side") for f in said("Lift the left foot and step forward")] == ["L", "L"]
    assert [f.get("side") for f in said("Lift the left foot. Step forward.")] == ["L", None]


NOT_ALL = ("heard", "ways")
"""What is misheard does not mirror; what is put together is tested elsewhere."""
FILES_OF_LINES = sorted(f.name for f in LINES.glob("*.txt") if not f.name.startswith(NOT_ALL))
"""Of lines as they are said; what is heard for a side ("step with the lift") has no mirror."""
ALL_LINES = [text for name in FILES_OF_LINES for text, _ in cases(name)]


@pytest.mark.parametrize("name", sorted(f.name for n in ("tuned*.txt", "heard*.txt") for f in LINES.glob(n)))
def test_the_lines_it_was_written_with_stay_read(name: str) -> None:
    wanted, read, right, wrong = score(name)
    assert right >= 0.97 * wanted, wrong
    assert right >= 0.97 * read, wrong


@pytest.mark.parametrize("name", sorted(f.name for f in LINES.glob("spoken*.txt")))
def test_the_spoken_lines_stay_read(name: str) -> None:
    wanted, read, right, wrong = score(name)
    assert right >= 0.9 * wanted, wrong
    assert right >= 0.89 * read, wrong


@pytest.mark.parametrize("name", FILES_OF_LINES)
def test_the_mirrored_line_has_the_same_facts_with_sides_exchanged(name: str) -> None:
    """Lines with misheard side words mirror as written, so they are left out."""

    def told(f: Fact) -> tuple:
        return f.kind, f.side, f.direction, f.toes, f.share, f.to

    for text, _ in cases(name):
        if any(w in text for w in ("write", "rite ", "laughed", "leftwards")) or MARK in mirror_text(text):
            continue
        here = [told(mirror_fact(f)) for f in read_line(text)]
        assert here == [told(f) for f in read_line(mirror_text(text))], text


@pytest.mark.parametrize("name", FILES_OF_LINES)
def test_facts_stand_in_the_text_and_keep_to_their_fields(name: str) -> None:
    for text, _ in cases(name):
        assert all(stands_in(text, f) for f in read_line(text, NAMES)), text


sides = st.sampled_from(["L", "R"])
written = st.one_of(
    st.builds(
        lambda s, d, t, far: Fact(kind="step", start=0, end=1, side=s, direction=d, touch=t, size=far[0], cm=far[1]),
        sides,
        st.sampled_from(["out", "forward", "back", "in", "corner", "behind", "circle", "down"]),
        st.sampled_from([None, "heel", "toe"]),
        st.sampled_from([(None, None), ("small", None), ("long", None), (None, 5), (None, 20)]),
    ),
    st.builds(
        lambda s, t: Fact(kind="step", start=0, end=1, side=s, direction="half", touch=t),
        sides,
        st.sampled_from([None, "heel", "toe"]),
    ),
    st.builds(lambda s: Fact(kind="lift", start=0, end=1, side=s), sides),
    st.builds(
        lambda s, t, a: Fact(kind="pivot", start=0, end=1, side=s, toes=t, angle=a),
        sides,
        st.sampled_from(["in", "out"]),
        st.sampled_from([None, 10, 45, 90]),
    ),
    st.builds(
        lambda s, p: Fact(kind="shift", start=0, end=1, side=s, share=p), sides, st.sampled_from([None, 60, 70, 100])
    ),
    st.just(Fact(kind="shift", start=0, end=1, side="both", share=50)),
    st.builds(
        lambda t, d: Fact(kind="turn", start=0, end=1, to=t, degrees=d),
        st.sampled_from(["left", "right", "corner", "front", "north"]),
        st.sampled_from([None, 45, 90]),
    ),
    st.builds(
        lambda s, p: Fact(kind="kick", start=0, end=1, side=s, part=p), sides, st.sampled_from([None, "heel", "toe"])
    ),
    st.builds(lambda d: Fact(kind="breath", start=0, end=1, direction=d), st.sampled_from(["in", "out"])),
    st.builds(lambda ms: Fact(kind="hold", start=0, end=1, ms=ms), st.sampled_from([1000, 3000, 12_000])),
    st.builds(lambda n: Fact(kind="counts", start=0, end=1, counts=n), st.integers(1, 12).map(float)),
)


@given(st.lists(written, max_size=5))
def test_facts_written_out_in_words_and_read_again_are_the_same(facts: list[Fact]) -> None:
    text = ". ".join(in_words(f) for f in facts)
    again = [f.model_copy(update={"start": 0, "end": 1}) for f in read_line(text)]
    assert again == facts


@given(st.text(max_size=200))
def test_any_text_can_be_read(text: str) -> None:
    assert all(0 <= f.start < f.end <= len(text) for f in read_line(text, NAMES))


@given(st.lists(st.sampled_from(" ".join(ALL_LINES).split()), max_size=40).map(" ".join))
def test_any_row_of_such_words_can_be_read(text: str) -> None:
    assert all(0 <= f.start < f.end <= len(text) for f in read_line(text, NAMES))


@pytest.mark.parametrize(
    ("text", "size", "cm"),
    [
        ("Take a small step to the left with the left foot", "small", None),
        ("Left foot steps forward a little", "small", None),
        ("A long step back with the right foot", "long", None),
        ("step the left foot back by a fist's width", None, 10),
        ("move the right foot out two fists wide", None, 20),
        ("Right foot steps back 15 centimetres", None, 15),
        ("step forward four inches with the left foot", None, 10),
        ("Step forward with the left foot", None, None),
    ],
)
def test_how_far_a_step_goes(text: str, size: str | None, cm: int | None) -> None:
    (step,) = [f for f in read_line(text) if f.kind == "step"]
    assert (step.size, step.cm) == (size, cm)


def test_what_a_line_says_is_filled_in_and_what_it_does_not_say_stays() -> None:
    line = "Breathe out and shift seventy percent into the left over six counts"
    done = filled(Movement(line=line, counts=2, hold_ms=500), over=True)
    assert (done.left_pct, done.breath, done.counts, done.hold_ms, done.line) == (70, "out", 6, 500, line)
    assert filled(Movement(left_pct=30, line="Arms rise"), over=True) == Movement(left_pct=30, line="Arms rise")


# The catalogue


@pytest.mark.parametrize("entry", CATALOGUE, ids=lambda e: e.id)
def test_every_posture_of_the_catalogue_is_whole_on_both_sides(entry: object) -> None:
    here, there = entry.on("L"), entry.on("R")
    assert here.movements
    assert all(m.line for m in here.movements)
    assert there.movements[0].left_pct == (
        100 - here.movements[0].left_pct if entry.posture.side else here.movements[0].left_pct
    )
    assert entry.styles
    assert entry.pinyin
    if entry.posture.kinds:
        assert here.gentler
        assert len(here.cautions) == len(entry.posture.kinds)
    for name in entry.names():
        assert NAMES.resolve(name) == entry.id


@pytest.mark.parametrize("entry", CATALOGUE, ids=lambda e: e.id)
def test_the_words_of_the_catalogue_agree_with_its_weights(entry: object) -> None:
    """A line that names the leg that receives all or most of the weight ends with it there."""
    for m in entry.posture.movements:
        for f in read_line(m.line):
            if f.kind == "shift" and f.side in ("L", "R"):
                assert (m.left_pct >= 50) if f.side == "L" else (m.left_pct <= 50), m.line


def test_the_catalogue_has_at_least_seventy_postures_and_no_id_twice() -> None:
    assert len(CATALOGUE) >= 70
    assert len({e.id for e in CATALOGUE}) == len(CATALOGUE)


@pytest.mark.parametrize(
    ("letters", "first"),
    [
        ("br kn", "brush-knee"),
        ("repu", "repulse-monkey"),
        ("mane", "parting-mane"),
        ("yun", "cloud-hands"),
        ("golden r", "golden-rooster"),
    ],
)
def test_a_few_letters_find_a_posture(letters: str, first: str) -> None:
    assert suggestions(CATALOGUE, letters)[0].id == first


@pytest.mark.parametrize(
    ("line", "share"),
    [
        ("Shift to the right leg 100%", 100),
        ("Shift onto the left leg, 100 percent", 100),
        ("go onto the left, about seventy percent of your weight, then turn", 70),
        ("weight 70 R", 70),
        ("shift onto the right leg, both feet flat", None),
        ("sit back onto the right leg. 80 percent.", None),
    ],
)
def test_a_share_after_its_leg(line: str, share: int | None) -> None:
    assert next(f.share for f in read_line(line) if f.kind == "shift") == share
