"""Handouts as classes get them: a title and cautions on top, numbers with and without points, tables under a title, the end said by a
time that stands alone, names after some of the movements. All texts are our own."""

import pytest

from kemvo.core.model.catalogue import name_index
from kemvo.core.model.form import Form
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.whole_text.entries import Given, ScriptEntry
from kemvo.core.text_import.whole_text.script import ReadEntry, read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def made(text: str, name: str = "x.txt") -> Draft:
    return draft(read_script(script_entries(text.encode(), name), NAMES), CATALOGUE, "")


def seconds(form: Form) -> list[float]:
    return [round(sum(m.counts * 60 / form.tempo for m in p.movements), 1) for p in form.postures()]


HANDOUT = """Tai Chi for Balance - Week 3 handout

Please warm up first. Stop if anything hurts.

Posture 1: Opening
   Feet hip width. Arms rise and fall x 3.

Posture 2: Brush knee, left
   Shift to right leg.
   Step left heel.
   Shift to left leg (70%).

Posture 3: Brush knee, right
   (as Posture 2, mirror)

Posture 4: Standing on one leg
   Shift right, lift left knee. Hold 3 breaths.
   Other side.

Posture 5: Closing
   Stand quietly for 10 seconds.
"""


def test_what_stands_over_the_first_posture_is_title_and_notes() -> None:
    form = made(HANDOUT).form
    assert form.title == "Tai Chi for Balance - Week 3 handout"
    assert form.notes == "Please warm up first.\nStop if anything hurts."
    assert [(p.number, p.title(), len(p.movements)) for p in form.postures()] == [
        ("1", "Opening", 4), ("2", "Brush knee, left", 3), ("3", "Brush knee, right", 3), ("4", "Standing on one leg", 2),
        ("", "Standing on one leg", 2), ("5", "Closing", 1),
    ]  # fmt: skip
    assert form.postures()[2].movements[0].line == "Shift to left leg."
    assert form.postures()[4].movements[0].line == "Shift left, lift right knee."


def test_numbers_without_a_point_count_postures_where_they_go_on() -> None:
    form = made("Set 1\n 1 Wu Ji\n 2 Opening\n 3 Ward off L\n 4 Press\nSet 2\n 5 Lift hands\n 6 Shoulder stroke\n").form
    assert [(s.title, [(p.number, p.name) for p in s.postures]) for s in form.sections] == [
        ("Set 1", [("1", "Wu Ji"), ("2", "Opening"), ("3", "Ward off L"), ("4", "Press")]),
        ("Set 2", [("5", "Lift hands"), ("6", "Shoulder stroke")]),
    ]
    assert form.postures()[2].side == "L"


@pytest.mark.parametrize(
    "text", ["2 counts in\n3 counts out\n4 counts in\n", "3 Push\n7 Press\n9 Close\n", "1 Sink\n2 Rise\n"]
)
def test_other_numbers_are_words(text: str) -> None:
    assert not any(p.number for p in made(text).form.postures())


def test_a_table_may_stand_under_its_title() -> None:
    form = made(
        "Form,Willow Ten,,,\n#,Name,Action,Beats,Breath\n1,Begin,Arms rise,4,I\n,,Arms fall,4,E\n2,Sweep,\"Step left, heel\",2,I\n"
        ",,\"70% left, sweep RH\",4,exh.\n3,Sweep (R),same other side,,\n", "x.csv",
    ).form  # fmt: skip
    assert form.title == "Willow Ten"
    assert [(p.number, p.title()) for p in form.postures()] == [("1", "Begin"), ("2", "Sweep"), ("3", "Sweep, right")]
    assert [(m.line, m.counts, m.breath) for m in form.postures()[2].movements] == [
        ("Step right, heel", 2, "in"), ("70% right, sweep LH", 4, "out"),
    ]  # fmt: skip


@pytest.mark.parametrize(
    ("text", "name", "lasts"),
    [
        ("time,posture,text\n0:00,Opening,Stand quietly\n0:10,,Arms rise\n0:22,Close,Feet together\n0:40,,\n", "x.csv", [22, 18]),
        ("start,end,posture,text\n0:00,0:10,Opening,Stand quietly\n0:10,0:22,,Arms rise\n0:22,0:40,Close,Feet together\n", "x.csv", [22, 18]),
        ("seconds,posture,text\n10,Opening,Stand quietly\n12,,Arms rise\n18,Close,Feet together\n", "x.csv", [22, 18]),
        ("| Time | Posture | Words |\n|---|---|---|\n| 0:00 | Opening | Stand quietly |\n| 0:22 | Close | Feet together |\n| 0:40 | | |\n", "x.md", [22, 18]),
    ],
)  # fmt: skip
def test_a_table_ends_when_it_says(text: str, name: str, lasts: list[float]) -> None:
    assert seconds(made(text, name).form) == lasts


def test_where_one_name_was_said_after_its_movements_a_bare_one_is_too() -> None:
    form = made(
        "Shift your weight to the right foot.\nStep out with the left foot.\nThis is Part the Wild Horse's Mane.\n"
        "Sit back, turn the left toes out.\nStep out with the right foot. Part the Horse's Mane on the right.\n"
        "Bring the left foot up half a step, sit back on it.\nThis is White Crane Spreads Wings.\nTo finish, step the feet together.\n"
    ).form
    assert [(p.name, p.side, p.movements[0].line) for p in form.postures()] == [
        ("Part the Wild Horse's Mane", None, "Shift your weight to the right foot."),
        ("Part the Horse's Mane", "R", "Sit back, turn the left toes out."),
        ("White Crane Spreads Wings", None, "Bring the left foot up half a step, sit back on it."),
        ("", None, "To finish, step the feet together."),
    ]


def test_sections_by_letter_and_numbers_that_go_with_them() -> None:
    form = made(
        "Section A. The shore\nA1. Commencing (8)\nA2. Ward off left (6)\nA3. Ward off right (8)\n\nSection B. The field\n"
        "B1. Single whip (10)\nB2. Lift hands (6)\n"
    ).form
    assert [(s.title, [(p.number, p.title()) for p in s.postures]) for s in form.sections] == [
        ("Section A. The shore", [("A1", "Commencing"), ("A2", "Ward off, left"), ("A3", "Ward off, right")]),
        ("Section B. The field", [("B1", "Single whip"), ("B2", "Lift hands")]),
    ]
    assert [sum(m.counts for m in p.movements) for p in form.postures()] == [8, 6, 8, 10, 6]


def test_numbered_names_with_their_movements_after_a_dash() -> None:
    form = made(
        "**Saltmarsh short set**\n\n1. **Opening** – feet together; left foot out; arms up (inhale)\n"
        "2. **Ward off, left** – weight R; step L forward heel first; 70% L\n3. **Ward off, right** – mirror of 2\n"
        "4. **Push hands forward** – sit back R; 70% L, both palms push\n"
    ).form
    assert form.title == "Saltmarsh short set"
    assert [(p.number, p.title(), [m.line for m in p.movements]) for p in form.postures()] == [
        ("1", "Opening", ["feet together", "left foot out", "arms up"]),
        ("2", "Ward off, left", ["weight R", "step L forward heel first", "70% L"]),
        ("3", "Ward off, right", ["weight L", "step R forward heel first", "70% R"]),
        ("4", "Push hands forward", ["sit back R", "70% L, both palms push"]),
    ]


def test_names_with_counts_and_holds() -> None:
    form = made(
        "Commencing 8 counts\nPart the horse's mane L 6 counts\nPart the horse's mane R 6 counts\nWhite crane 4 counts, hold 5 s\nClose 8 counts\n"
    ).form
    assert [(p.title(), sum(m.counts for m in p.movements)) for p in form.postures()] == [
        ("Commencing", 8), ("Part the horse's mane L", 6), ("Part the horse's mane R", 6), ("White crane", 4), ("Close", 8),
    ]  # fmt: skip
    assert [p.movements[-1].hold_ms for p in form.postures()] == [0, 0, 0, 5000, 0]


def test_fields_line_by_line_are_rows() -> None:
    form = made(
        "Posture: Heron wades\nBreath: in\nFeet: left heel steps to the corner\nHands: open like wings\nWeight: stays right\nCount: 4\n\n"
        "Posture: Heron wades\nBreath: out\nFeet: roll flat\nHands: press\nWeight: 70 L\nCount: 3\n"
    ).form
    assert [(m.line, m.counts, m.left_pct, m.breath) for p in form.postures() for m in p.movements] == [
        ("left heel steps to the corner; hands open like wings", 4, 0, "in"),
        ("roll flat; hands press", 3, 70, "out"),
    ]
    assert [p.name for p in form.postures()] == ["Heron wades"]


def test_captions_without_who_speaks_and_what_sounds() -> None:
    form = made(
        "1\n00:00:01,000 --> 00:00:04,000\nTEACHER: Welcome to class.\n\n2\n00:00:04,000 --> 00:00:09,000\n>> TEACHER: Commencing. Stand with the feet apart.\n\n"
        "3\n00:00:09,000 --> 00:00:14,000\nTEACHER: Arms rise, and breathe in.\n[gentle music]\n\n4\n00:00:14,000 --> 00:00:19,000\nTEACHER: Sink down, breathe out.\n",
        "x.srt",
    ).form
    assert form.lead_ms == 4000
    assert [(p.name, [m.line for m in p.movements]) for p in form.postures()] == [
        ("Commencing", ["Stand with the feet apart.", "Arms rise, and breathe in.", "Sink down, breathe out."]),
    ]


@pytest.mark.parametrize(
    ("cell", "left"),
    [
        ("stays on the right leg", 0),
        ("into the left", 100),
        ("70 on the left leg", 70),
        ("60/40 to the right", 40),
        ("remains even", 50),
    ],
)
def test_a_weight_may_be_told_in_words_in_its_column(cell: str, left: int) -> None:
    (movement,) = made(f"Posture;Feet;Weight\nWade;left foot steps out;{cell}\n", "x.csv").form.postures()[0].movements
    assert (movement.left_pct, movement.line) == (left, "left foot steps out")


def test_names_with_their_movements_after_a_colon() -> None:
    form = made(
        "Nine Breezes (beginners)\n\nGate opens: stand, feet together, knees soft. Raise the arms.\n\n"
        "Breeze left: shift the weight to the right leg, step the left foot out to the corner.\n\nBreeze right: same on the right.\n\n"
        "Heron: lift the right knee, hold for 5 seconds.\n\nGate closes: feet together, breathe out.\n"
    ).form
    assert form.title == "Nine Breezes (beginners)"
    assert [(p.title(), len(p.movements)) for p in form.postures()] == [
        ("Gate opens", 2), ("Breeze, left", 1), ("Breeze, right", 1), ("Heron", 1), ("Gate closes", 1),
    ]  # fmt: skip
    assert form.postures()[2].movements[0].line.startswith("shift the weight to the left leg, step the right foot")
    assert form.postures()[3].movements[0].hold_ms == 5000


def test_short_notes_with_names_before_colons() -> None:
    form = made(
        "Sat am - notes\n- commencing: sink R, L out\n- ward off L: turn R, wt L, R toes out, wt R, step L fwd, 70L\n"
        "- ward off R: turn, wt L, step R, 70R\n- press: 70R\n- single whip: turn L, wt L, hook RH, wt R, step L, 70L\n"
    ).form
    assert form.title == "Sat am - notes"
    assert [(p.name, p.side, p.movements[-1].left_pct) for p in form.postures()] == [
        ("Commencing", None, 0), ("Ward off L", "L", 70), ("Ward off R", "R", 30), ("Press", None, 30), ("Single whip", None, 70),
    ]  # fmt: skip


def test_what_is_breathed_or_moved_before_a_colon_names_nothing() -> None:
    form = made(
        "Inhale: lift the right knee\nExhale: step the right foot out\nLeft hand: push past the ear\nWeight: into the left\n"
    ).form
    assert not any(p.name for p in form.postures())


def test_remarks_beside_names_are_notes_and_not_movements() -> None:
    form = made(
        "Posture;Side;Reps;Notes\nCommencing;;;slow\nPart the wild horse's mane;L/R/L;3;\nBrush knee;L/R/L;3;keep low\n",
        "x.csv",
    ).form
    assert form.notes == "Commencing: slow\nBrush knee: keep low"
    assert [(p.side, p.repeats, len(p.movements) > 2) for p in form.postures()] == [
        (None, 1, True), ("L", 3, True), ("L", 3, True),
    ]  # fmt: skip
    told = made("Posture;Notes\nWade out;step out with the left foot\nTurn home;turn left\n", "x.csv").form
    assert [[m.line for m in p.movements] for p in told.postures()] == [["step out with the left foot"], ["turn left"]]


def test_counts_of_movements_go_before_those_of_their_posture() -> None:
    form = made(
        "1. Raise the boat – 6 counts\n   Weight even. Palms up (in, 3). Palms down (out, 3).\n2. Turn the boat L – 8 counts\n"
        "   Weight R. L foot steps fwd, heel.\n3. Turn the boat R – 8 counts\n   Mirror of 2.\n"
    ).form
    assert [[(m.counts, m.breath) for m in p.movements] for p in form.postures()] == [
        [(4, "free"), (3, "in"), (3, "out")], [(4, "free"), (4, "free")], [(4, "free"), (4, "free")],
    ]  # fmt: skip
    assert form.postures()[2].movements[1].line == "R foot steps fwd, heel."


def test_sections_and_sides_of_other_kinds() -> None:
    form = made(
        "Phrase one\nStep L, push\nTurn L 90\n\nPhrase two\nRepulse monkey, 2 each side\nBrush knee (left side)\n"
    ).form
    assert [(s.title, [(p.name, p.side, p.repeats) for p in s.postures]) for s in form.sections] == [
        ("Phrase one", [("", None, 1)]),
        ("Phrase two", [("Repulse monkey", "L", 4), ("Brush knee", "L", 1)]),
    ]


def test_a_title_may_be_quoted_and_one_line_of_several_need_not_tell_a_movement() -> None:
    form = made(
        '"Willow Form" by the Thursday class\n(as taught in October)\n\n1. Lift willow — arms up on the in-breath\n'
        "2. Bend willow — turn to the left, weight to the right\n3. Plant willow — both hands to the ground\n4. Close.\n"
    ).form
    assert (form.title, form.notes) == ('"Willow Form" by the Thursday class', "(as taught in October)")
    assert [p.name for p in form.postures()] == ["Lift willow", "Bend willow", "Plant willow", "Close"]
    assert form.postures()[2].movements[0].line == "both hands to the ground"


def test_a_movement_of_a_track_stays_one_whatever_its_words_sound_like() -> None:
    """Kemvo's own tracks say what each entry is: "mirror image" there repeats nothing."""
    read = [
        ReadEntry(ScriptEntry(1000 * n, n, words, given=given), [])
        for n, (words, given) in enumerate(
            [("Heron wades", Given("posture")), ("Sink", Given("movement", 4)), ("mirror image", Given("movement", 4))]
        )
    ]
    form = draft(read, CATALOGUE, "x").form
    assert [(p.name, [m.line for m in p.movements]) for p in form.postures()] == [
        ("Heron wades", ["Sink", "mirror image"])
    ]
