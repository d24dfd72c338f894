"""A text brought in keeps its author's structure: names, numbering, levels, counts."""

import pytest

from kemvo.core.model.catalogue import name_index
from kemvo.core.model.form import Form
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.one_line.line_notes import noted, weight_in
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def form_of(text: str, name: str = "x.txt", items: str = "") -> Form:
    return draft(read_script(script_entries(text.encode(), name), NAMES), CATALOGUE, "", "x", items).form  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("line", "title", "side"),
    [
        ("Preparation", "Preparation", None),
        ("Opening", "Opening", None),
        ("Grasp the sparrow's tail, right", "Grasp the sparrow's tail, right", "R"),
        ("Left brush knee and twist step", "Left brush knee and twist step", "L"),
        ("Right brush knee and twist step", "Right brush knee and twist step", "R"),
        ("Kick with the right heel", "Kick with the right heel", "R"),
        ("Heel kick, right", "Heel kick, right", "R"),
        ("You Deng Jiao", "You Deng Jiao, right", "R"),
        ("Single whip", "Single whip", None),
        ("Cloud hands", "Cloud hands", None),
        ("High pat on horse", "High pat on horse", None),
        ("Turn body and kick with the left heel", "Turn body and kick with the left heel", None),
        ("Quiet Harbour", "Quiet Harbour", None),
    ],
)
def test_a_name_stays_as_it_is_written_and_no_side_is_made_up(line: str, title: str, side: str | None) -> None:
    names = ["Push", "Single whip", line, "Cloud hands", "Closing"]
    postures = form_of("\n".join(f"{n}. {x}" for n, x in enumerate(names, 1))).postures()
    assert [p.number for p in postures] == ["1", "2", "3", "4", "5"]
    assert (postures[2].title(), postures[2].side) == (title, side)


def test_what_travels_alternates_when_it_is_done_again_and_what_stays_does_not() -> None:
    knee, clouds = form_of("1. Brush knee, three times\n2. Cloud hands, three times\n3. Push\n").postures()[:2]
    assert (knee.repeats, knee.alternate, clouds.repeats, clouds.alternate) == (3, True, 3, False)


@pytest.mark.parametrize(
    ("line", "text", "said"),
    [
        ("Raise the hands (4 counts)", "Raise the hands", {"counts": 4}),
        ("Raise the hands (4 counts, breathe in)", "Raise the hands", {"counts": 4, "breath": "in"}),
        ("Sit into the right leg, 70 % right", "Sit into the right leg", {"left_pct": 30}),
        ("Open the hands x3", "Open the hands", {"times": 3}),
        ("Left heel out, hold 3 s", "Left heel out", {"hold_ms": 3000}),
        ("Sink [all left]", "Sink", {"left_pct": 100}),
        ("Press, 2 beats, 60 % L", "Press", {"counts": 2, "left_pct": 60}),
        ("Press down - four counts", "Press down", {"counts": 4}),
        ("Step out, weight even", "Step out, weight even", {}),
        ("Step, breathe in", "Step, breathe in", {}),
        ("(4 counts)", "(4 counts)", {}),
        ("Turn to 3 o'clock", "Turn to 3 o'clock", {}),
    ],
)
def test_notes_go_into_fields_and_are_not_spoken(line: str, text: str, said: dict) -> None:
    found = noted(line)
    assert found.text == text
    assert {k: v for k, v in found._asdict().items() if k != "text" and v not in (None, 1)} == said


@pytest.mark.parametrize(
    ("cell", "left"),
    [
        ("all left", 100),
        ("R", 0),
        ("70 l", 70),
        ("even", 50),
        ("70/30 L", 70),
        ("30 R", 70),
        ("100 R", 0),
        ("soft", None),
    ],
)
def test_a_table_takes_weight_in_all_ways_of_the_sheet(cell: str, left: int | None) -> None:
    assert weight_in(cell) == left


def test_cells_are_not_spoken() -> None:
    text = "posture,movement,counts,weight,breath\nHeron,Left heel forward,2,all right,in\nHeron,Shift,3,70 l,out\n"
    rows = [(m.line, m.counts, m.left_pct, m.breath) for p in form_of(text, "x.csv").postures() for m in p.movements]
    assert rows == [("Left heel forward", 2, 0, "in"), ("Shift", 3, 70, "out")]


def test_an_item_is_one_movement_however_many_sentences_it_has_and_begins_no_posture() -> None:
    text = (
        "Quiet Harbour\n\n1. Stand and breathe\n   - Feet together. Breathe in slowly. Open the hands.\n"
        "2. Raise the lantern\n   - Raise the right hand, left hand under it\n   - Open the hands (2 counts)\n   - Push\n"
    )
    form = form_of(text)
    assert form.title == "Quiet Harbour"
    assert [(p.title(), [m.line for m in p.movements]) for p in form.postures()] == [
        ("Stand and breathe", ["Feet together. Breathe in slowly. Open the hands."]),
        ("Raise the lantern", ["Raise the right hand, left hand under it", "Open the hands", "Push"]),
    ]
    assert form.postures()[1].movements[1].counts == 2


def test_a_flat_list_can_be_either() -> None:
    text = "Harbour form\n- Feet together\n- Left foot out\n- Raise the hands\n- Sink and press\n- Push\n"
    as_it_seems = form_of(text)
    assert as_it_seems.title == "Harbour form"
    assert [len(p.movements) for p in as_it_seems.postures()] == [5]
    assert [p.name for p in form_of(text, items="postures").postures()][:3] == [
        "Feet together",
        "Left foot out",
        "Raise the hands",
    ]
    names = "- Quiet Harbour\n- Heron wades\n- Tide turns\n- Cloud hands\n"
    assert [p.name for p in form_of(names).postures()] == ["Quiet Harbour", "Heron wades", "Tide turns", "Cloud hands"]
    assert [len(p.movements) for p in form_of(names, items="movements").postures()] == [4]


def test_sentences_between_two_times_share_them() -> None:
    text = (
        "[00:10] Stand with the feet together. Raise the hands slowly. Sink into the right leg. Left foot steps out.\n"
        "[00:30] Weight to the left. Press down.\n[00:43] Turn to the front.\n"
    )
    form = form_of(text)
    (posture,) = form.postures()
    seconds = [m.counts * 60 / form.tempo for m in posture.movements]
    assert [round(s, 1) for s in seconds[:6]] == [5, 5, 5, 5, 6.5, 6.5]


def test_same_as_before_and_so_many_times_do_what_they_say() -> None:
    text = (
        "9. Heron wades, left\nLeft heel forward\nShift into the left leg\n10. Cross the ford\nStep right with the right foot\n"
        "11. Heron wades, right\nSame as 9, on the other side\n12. Cross the ford\nSame as 10\nWe do this four times\n"
    )
    left, _, right, ford = form_of(text).postures()
    assert [m.line for m in right.movements] == ["Right heel forward", "Shift into the right leg"]
    assert right.movements[-1].left_pct == 100 - left.movements[-1].left_pct
    assert (ford.repeats, [m.line for m in ford.movements]) == (4, ["Step right with the right foot"])


def test_headings_that_read_like_movements_are_postures() -> None:
    text = "# Harbour\n\n### 14. Opening\nRaise the hands. Lower the hands.\n\n### 15. Turn body and kick with the left heel\nLift the left knee. Kick with the left heel.\n"
    postures = form_of(text, "x.md").postures()
    assert [(p.title(), len(p.movements)) for p in postures] == [
        ("Opening", 2),
        ("Turn body and kick with the left heel", 2),
    ]
