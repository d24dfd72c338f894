"""Whole narrated texts made into forms: which lines begin a posture, and that none is lost."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.floor.walker import trace
from kemvo.core.language import lexicon as lx
from kemvo.core.model.catalogue import name_index
from kemvo.core.model.form import Form
from kemvo.core.movement.readings import finished
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)
BY_NAME = {e.posture.name: e for e in CATALOGUE}
TOLD = "bring the right foot in"


def made(text: str) -> Draft:
    return draft(read_script(script_entries(text.encode(), "x.txt"), NAMES), CATALOGUE, "")


def outline(form: Form) -> list[tuple[str, list[str]]]:
    """Each posture's name with its movements' words."""
    return [(p.name, [m.line for m in p.movements]) for p in form.postures()]


def begun(line: str) -> list[str]:
    """The names of the postures of a form told by a line and another, beside the unnamed one."""
    return [p.name for p in made(f"{line}\n{TOLD}\n").form.postures() if p.name]


@pytest.mark.parametrize(
    "line",
    [
        "single whip so weight back on the right",
        "okay so single whip the weight goes back",
        "now we go into single whip turn the left toes in",
        "next is single whip sit into the right leg",
        "and then single whip on the left side turn right",
        "right this is single whip shift to the right",
        "from cloud hands back to single whip step left",
        "okay so from the opening we go into single whip and step left",
    ],
)
def test_a_line_that_names_a_posture_and_tells_a_movement_begins_the_posture(line: str) -> None:
    form = made(f"{line}\n{TOLD}\n").form
    assert outline(form) == [("Single whip", [line, TOLD])]
    assert [x.begins for x in made(f"{line}\n{TOLD}\n").lines] == [
        ("Single whip, left" if "left side" in line else "Single whip",),
        (),
    ]


@pytest.mark.parametrize(
    "line",
    [
        "from single whip we sit back",
        "after single whip turn the right toes in",
        "people get muddled in single whip when they shift left",
        "sit back as you did in single whip",
        "like in single whip the left foot steps out",
        "so that was single whip and we step up",
    ],
)
def test_a_name_that_is_only_spoken_of_begins_none(line: str) -> None:
    assert begun(line) == []


def test_a_posture_that_is_named_again_while_it_is_told_is_not_begun_again() -> None:
    text = "single whip so weight right\nsingle whip is done slowly so step out left\n"
    assert outline(made(text).form) == [("Single whip", text.splitlines())]


def test_the_same_posture_on_its_other_side_begins_again() -> None:
    text = "brush knee left so step out left\nbrush knee right so step out right\n"
    assert [p.side for p in made(text).form.postures()] == ["L", "R"]


def test_names_in_a_row_are_postures_from_the_catalogue() -> None:
    form = made("ward off, roll back, press, push\n").form
    assert [p.name for p in form.postures()] == ["Ward off", "Roll back", "Press", "Push"]
    for p in form.postures():
        assert [m.line for m in p.movements] == [m.line for m in BY_NAME[p.name].on(p.side).movements]


def test_a_name_behind_words_that_lead_up_to_it_is_filled_from_the_catalogue() -> None:
    (posture,) = made("okay so now we come to cloud hands\n").form.postures()
    assert posture.name == "Cloud hands"
    assert posture.movements


LEADS = ["", "so ", "okay now ", "next we go into ", "and then ", "from ", "people like ", "that was "]
TAILS = ["", " so step out left", " the weight goes right", ", my favourite", " and then push", " on the right side"]
SPOKEN = st.builds(
    lambda lead, name, tail: f"{lead}{name}{tail}",
    st.sampled_from(LEADS),
    st.sampled_from([e.posture.name.lower() for e in CATALOGUE]),
    st.sampled_from(TAILS),
).filter(lambda line: line.split()[0] not in lx.HAND)
"""(None begins with a hand: "…so step out left | fist under elbow" is a left fist, cut in two.)"""


@given(st.lists(SPOKEN | st.just(TOLD), min_size=1, max_size=8))
def test_whatever_is_told_every_movement_and_every_name_is_kept(lines: list[str]) -> None:
    drafted = made("\n".join(lines))
    assert [x.text for x in drafted.lines] == lines
    words = [m.line for p in drafted.form.postures() for m in p.movements]
    assert all(x.text in words for x in drafted.lines if x.became == "movement")
    begun = sum(x.became == "posture" for x in drafted.lines)
    assert len(drafted.form.postures()) >= min(1, begun)


def test_what_only_sounds_like_an_action_is_shown_as_guessed() -> None:
    lines = made("Pigeon toe the right foot.\nLift the right foot.\n").lines
    assert [ln.state for ln in lines] == ["guessed", "understood"]


def test_a_weight_that_is_not_told_goes_on_from_one_posture_to_the_next() -> None:
    form = made("Cloud hands\nweight into the right leg\nturn to the left\n\nSingle whip\nturn to the right\n").form
    assert [[m.left_pct for m in p.movements] for p in form.postures()] == [[0, 0], [0]]


def test_a_name_with_an_instruction_behind_it_keeps_the_instruction() -> None:
    (posture,) = made("Golden rooster, lift the right").form.postures()
    assert [m.line for m in posture.movements] == ["Golden rooster, lift the right"]


def test_a_list_of_names_says_sides_and_how_often() -> None:
    form = made(
        "1. Cloud hands (3 times)\n2. Golden rooster left and right\n3. Heron wades, right x2\n4. Push x2\n"
    ).form
    told = [(p.number, p.name, p.side, p.repeats, p.alternate) for p in form.postures()]
    assert told == [
        ("1", "Cloud hands", None, 3, False),
        ("2", "Golden rooster", "L", 2, True),
        ("3", "Heron wades", "R", 2, False),
        ("4", "Push", None, 2, False),
    ]
    assert all(p.movements for p in form.postures() if p.name != "Heron wades")


NOTES = """HERON MARSH - notes for Thursday

1. Opening (8)
feet tog, wt even; wt R, LF out; wt 50/50
arms up - in, arms down - out

2. Part the Reeds L/R/L
- turn R, wt R, LF to R ankle
- LF out to NW heel, 70% L, R heel adjusts
(other side)
- RF out to NE heel, 70% R, L heel adjusts

3. Heron looks back
wt bk R. turn waist L to 9 o'clock. hold 2 breaths.
"""


def test_notes_in_short_forms_become_a_form_with_names_sides_and_weights() -> None:
    form = made(NOTES).form
    assert form.title == "HERON MARSH - notes for Thursday"
    told = [(p.name, p.side, p.repeats, p.alternate) for p in form.postures()]
    assert told == [
        ("Opening (8)", None, 1, False),
        ("Part the Reeds", "L", 3, True),
        ("Part the Reeds", "R", 1, False),
        ("Heron looks back", None, 1, False),
    ]
    opening, reeds, other, last = ([(m.left_pct, m.breath) for m in p.movements] for p in form.postures())
    assert opening == [(50, "free"), (0, "free"), (50, "free"), (50, "in"), (50, "out")]
    assert (reeds[-1], other[-1], last[-1]) == ((70, "free"), (30, "free"), (0, "free"))


def test_once_more_without_a_posture_before_is_kept_as_it_is_written() -> None:
    """Nothing of the text is thrown away: where there is no posture to repeat, the words stay a movement."""
    form = made("wt R, LF out\nrepeat R, L\nturn to the left").form
    assert [m.line for p in form.postures() for m in p.movements] == [
        "wt R, LF out", "repeat R, L", "turn to the left",
    ]  # fmt: skip


def test_a_long_name_whose_number_goes_on_is_a_name() -> None:
    """ "3. Heron wades through the very long and very cold evening marsh": too long for a name by itself."""
    long = "Heron wades through the very long and very cold evening marsh"
    told = "Sit back into the right leg\nShift into the left leg"
    form = made(f"1. Push\n{told}\n2. {long}\n{told}\n3. Brush knee\n{told}").form
    assert [(p.number, p.name, len(p.movements)) for p in form.postures()] == [
        ("1", "Push", 2), ("2", long, 2), ("3", "Brush knee", 2),
    ]  # fmt: skip
    # Numbered movements stay movements, however they count on.
    lines = made(
        "1. Sit back into the right leg\n2. Shift into the left leg\n3. Push with everything you have got there"
    ).form
    assert sum(len(p.movements) for p in lines.postures()) == 3


def test_a_text_that_begins_facing_south_has_its_front_there() -> None:
    text = "1. Opening\n- Stand facing south, feet together\n- Raise the hands\n2. Turn away\n- Turn to the east\n"
    form = finished(made(text).form)
    assert form.front == "south"
    steps = trace(form).steps
    assert [round(s.facing) for s in steps] == [0, 0, -90]
