"""Names of postures within what is said; sides that stand for a foot; words that are taken back."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.catalogue import name_index
from kemvo.core.reading.reader import read_line
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def postures(text: str) -> list[tuple[str, str | None]]:
    return [(f.id or "", f.side) for f in read_line(text, NAMES) if f.kind == "posture"]


SAID = [
    ("and that's single whip", [("single-whip", None)]),
    ("single whip weight left seventy", [("single-whip", None)]),
    ("brush knee left again step left push", [("brush-knee", "L")]),
    ("so that's right ward off or grasping the sparrow's tail", [("ward-off", "R"), ("grasp-tail", None)]),
    ("play guitar they call this or play the lute", [("play-lute", None)]),
    ("the first posture is called jin gang dao dui or the warrior pounds the mortar", [("pounding-mortar", None)]),
    ("then golden roaster stands on one leg", [("golden-rooster", None)]),
    ("six ceilings and four closings comes next", [("six-sealings", None)]),
    ("high pad on horse is a follow step", [("high-pat", None)]),
    ("play the flute so half step up", [("play-lute", None)]),
    ("cloud hence next", [("cloud-hands", None)]),
    ("white crane spreads it's wings", [("white-crane", None)]),
    ("you deng jiao stand on the left", [("heel-kick", "R")]),
    ("zuo xia shi", [("snake-creeps", "L")]),
    ("ward off, roll back, press and push", [("ward-off", None), ("roll-back", None), ("press", None), ("push", None)]),
    ("press I turn to face the front", [("press", None)]),
    ("weight onto the right brush knee left step", [("brush-knee", "L")]),
    ("step left brush knee again", [("brush-knee", None)]),
]


@pytest.mark.parametrize(("text", "wanted"), SAID, ids=[t for t, _ in SAID])
def test_names_are_found_in_what_is_said(text: str, wanted: list[tuple[str, str | None]]) -> None:
    assert postures(text) == wanted


NONE = [
    "inhale as you open exhale as you step",
    "bring the weight back to the middle nice and even",
    "cross your right foot behind your left and bend both knees",
    "part one we shift the weight to the right leg",
    "weight to the right foot step left close",
    "and the right hand brushes the knee and stops beside the thigh",
    "kick with the right heel so cross the hands first",
    "raise hands turn the waist a bit to the left",
    "don't look down at the hand look where the palm is pushing",
    "shift forward, push, and let the heel come down",
    "tip your weight slightly towards the right until the left heel gets light",
    "gather the foot, straighten the legs and return to stillness",
]


@pytest.mark.parametrize("text", NONE)
def test_plain_instruction_names_no_posture(text: str) -> None:
    assert postures(text) == []


@given(
    st.sampled_from(CATALOGUE), st.sampled_from(["this is called {}", "{}.", "number three, {}.", "and now {}, slowly"])
)
def test_every_posture_is_known_by_its_name(entry, form: str) -> None:
    """Under its first name, introduced or by itself; a name of plain words only ("push") not in the middle."""
    name = entry.names()[0]
    found = [id_ for id_, _ in postures(form.format(name))]
    plain = form.endswith("slowly") and all(
        w in "push press roll back lift hands both with".split() for w in name.lower().split()
    )
    assert plain or entry.id in found or (not found and form.endswith("slowly"))


def test_a_kick_told_among_movements_is_no_name() -> None:
    told = ["Shift to the left.", "Kick with the right heel.", "Step back with the right foot."]
    listed = ["Single whip", "Kick with the right heel", "Play the lute"]

    def kinds(lines: list[str]) -> list[str]:
        return [f.kind for r in read_script([ScriptEntry(None, 1, t) for t in lines], NAMES) for f in r.facts]

    assert kinds(told) == ["shift", "kick", "step"]
    assert kinds(listed).count("posture") == 3


FEET = [
    ("the left steps forward", [("step", "L")]),
    ("right turns out left comes in right steps", [("pivot", "R"), ("step", "L"), ("step", "R")]),
    ("bring the right up half a step", [("step", "R")]),
    ("the left lifts and steps out to the side", [("lift", "L"), ("step", "L")]),
    ("slide the right back a little", [("step", "R")]),
    ("let the right swivel in", [("pivot", "R")]),
    ("turn the left in forty five", [("pivot", "L")]),
    ("bring the right up to the ear", []),
    ("turn to the right", [("turn", None)]),
]


@pytest.mark.parametrize(("text", "wanted"), FEET, ids=[t for t, _ in FEET])
def test_a_side_can_stand_for_its_foot(text: str, wanted: list[tuple[str, str | None]]) -> None:
    assert [(f.kind, f.side) for f in read_line(text)] == wanted


@pytest.mark.parametrize("sorry", ["no sorry", "sorry", "I mean", "no I mean", "oops sorry", "or rather"])
@pytest.mark.parametrize(("said", "meant"), [("left", "R"), ("right", "L")])
def test_what_is_taken_back_does_not_count(sorry: str, said: str, meant: str) -> None:
    other = {"left": "right", "right": "left"}[said]
    for text in (
        f"weight on the {said} {sorry} on the {other}",
        f"step out with the {said} {sorry} the {other} foot",
        f"the {said} foot {sorry} the {other} foot steps back",
    ):
        (fact,) = read_line(text)
        assert fact.side == meant, text
