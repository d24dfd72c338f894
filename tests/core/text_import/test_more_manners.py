"""Further manners in which instructors write: tables with a column for each part of the body, lists in one line, Roman numbers,
names with their movements in brackets or after a colon, references back, names with times. All texts are our own."""

from itertools import pairwise

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.catalogue import name_index
from kemvo.core.model.form import Form
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.one_line.as_before import Reference, reference
from kemvo.core.text_import.one_line.labels import number_of, numbered_as
from kemvo.core.text_import.one_line.line_notes import noted
from kemvo.core.text_import.one_line.posture_lines import name_line
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def made(text: str, name: str = "x.txt") -> Draft:
    return draft(read_script(script_entries(text.encode(), name), NAMES), CATALOGUE, "")


def form_of(text: str, name: str = "x.txt") -> Form:
    return made(text, name).form


def names(form: Form) -> list[tuple[str, str | None, int]]:
    return [(p.name, p.side, p.repeats) for p in form.postures()]


# References back


@pytest.mark.parametrize(
    ("line", "means"),
    [
        ("same again", Reference()),
        ("As above, other side", Reference(other=True)),
        ("(other side)", Reference(other=True)),
        ("mirror image", Reference(other=True)),
        ("ditto, left", Reference(to="L")),
        ("and again on the right", Reference(to="R")),
        ("Same as 2", Reference("2", "2")),
        ("Same as 9, on the other side", Reference("9", "9", other=True)),
        ("as in posture 4", Reference("4", "4")),
        ("Like no. 7 but on the left", Reference("7", "7", to="L")),
        ("Repeat 3 to 5", Reference("3", "5")),
        ("repeat postures 2-4 (opposite side)", Reference("2", "4", other=True)),
        ("as III, other side", Reference("III", "III", other=True)),
        ("Same as Heron wades", Reference(name="Heron wades")),
    ],
)
def test_what_a_line_refers_back_to(line: str, means: Reference) -> None:
    assert reference(line) == means


@pytest.mark.parametrize(
    "line",
    ["Repeat three times", "Repeat x3", "Step back as before you turn, then sink", "like water", "Sink and press"],
)
def test_other_lines_refer_to_nothing(line: str) -> None:
    assert reference(line) is None or reference(line) == Reference()
    assert reference(line) is None or not line.startswith(("Repeat", "like", "Sink", "Step"))


TOLD = "1. Lift the lantern\n- Sink into the left leg\n2. Wade out\n- Right foot steps forward\n- Weight right\n3. Turn home\n- Turn left\n"


def test_a_number_means_the_posture_of_that_number_and_a_range_all_of_them() -> None:
    form = form_of(TOLD + "4. Same as 2, other side\n5. Repeat 1-3\n6. Close\n- Stand quietly\n")
    assert [p.name for p in form.postures()] == [
        "Lift the lantern", "Wade out", "Turn home", "Wade out", "Lift the lantern", "Wade out", "Turn home", "Close",
    ]  # fmt: skip
    assert [m.line for m in form.postures()[3].movements] == ["Left foot steps forward", "Weight left"]
    assert [m.line for m in form.postures()[5].movements] == ["Right foot steps forward", "Weight right"]


def test_a_reference_to_a_posture_that_is_not_there_is_shown_and_repeats_none() -> None:
    told = made(TOLD + "4. Same as 12\n- Sink\n")
    assert [p.name for p in told.form.postures()] == ["Lift the lantern", "Wade out", "Turn home", "Same as 12"]


def test_both_sides_in_a_name_and_as_above_in_its_list_are_one_thing() -> None:
    form = form_of(
        "# Breezes\n\n## Heron stands (L, then R)\n- All weight R\n- L knee up\n- as above, other side\n\n## Close\n- Sink\n",
        "x.md",
    )
    assert names(form) == [("Heron stands", "L", 2), ("Close", None, 1)]
    assert [m.line for m in form.postures()[0].movements] == ["All weight R", "L knee up"]


def test_a_name_for_both_sides_of_which_both_are_told_is_not_turned_again() -> None:
    form = form_of("## Willows (L & R, x2)\n- Turn waist L\n- Turn waist R\n\n## Close\n- Sink\n", "x.md")
    assert [(p.name, p.repeats, p.alternate) for p in form.postures()] == [("Willows", 2, False), ("Close", 1, False)]


def test_so_often_inside_a_posture_is_how_often_it_is_done() -> None:
    form = form_of(
        "1. Pull the rope\na) step forward with the left foot\nb) sit back\nc) repeat 3 times\n2. Close\na) Sink\n"
    )
    assert [(p.repeats, len(p.movements)) for p in form.postures()] == [(3, 2), (1, 1)]


# Names with what stands beside them


@pytest.mark.parametrize(
    ("line", "name", "side", "times", "alternate"),
    [
        ("Heron stands (L, then R)", "Heron stands", "L", 2, True),
        ("Willows (L & R, x2)", "Willows", "L", 4, True),
        ("Willows (x3, alternating)", "Willows", None, 3, True),
        ("Look for the boat - left, then right", "Look for the boat", "L", 2, True),
        ("Wade right + left", "Wade", "R", 2, True),
        ("Wade L & R", "Wade", "L", 2, True),
        ("Wade R/L", "Wade", "R", 2, True),
        ("Wade [both sides]", "Wade", None, 2, True),
        ("Brush Knee L R L", "Brush Knee", "L", 3, True),
        ("Wade, left and then right", "Wade", "L", 2, True),
        ("Wade (R)", "Wade", "R", 1, False),
        ("Step to the left", "Step to the left", None, 1, False),
    ],
)
def test_sides_and_times_after_a_name(line: str, name: str, side: str | None, times: int, alternate: bool) -> None:
    said = name_line(line)
    assert (said.name, said.side, said.times, said.alternate) == (name, side, times, alternate)


@pytest.mark.parametrize(
    ("line", "words", "breath", "counts"),
    [
        ("Push forward — exhale", "Push forward", "out", None),
        ("Raise the hands – breathe in", "Raise the hands", "in", None),
        ("Raise the hands - in, 4 counts", "Raise the hands", "in", 4),
        ("Sink (count 6)", "Sink", None, 6),
        ("Sink (counts of 3, exhale)", "Sink", "out", 3),
        ("Push forward, exhale", "Push forward, exhale", None, None),
        ("Turn - not too far", "Turn - not too far", None, None),
    ],
)
def test_what_stands_after_a_dash_is_a_note(line: str, words: str, breath: str | None, counts: float | None) -> None:
    said = noted(line)
    assert (said.text, said.breath, said.counts) == (words, breath, counts)


@given(st.integers(1, 89))
def test_roman_numbers_count_as_they_should(n: int) -> None:
    """Written by taking the largest sign that fits, again and again."""
    signs = ((50, "L"), (40, "XL"), (10, "X"), (9, "IX"), (5, "V"), (4, "IV"), (1, "I"))
    roman, rest = "", n
    for value, sign in signs:
        while rest >= value:
            roman, rest = roman + sign, rest - value
    if len(roman) <= 6:
        assert number_of(roman) == n == numbered_as(f"{roman}. Heron wades") == numbered_as(f"{n}. Heron wades")


def test_roman_numbers_are_postures_and_letters_below_them_movements() -> None:
    form = form_of(
        "I. Lift the lantern\n   Stand shoulder width\n   Inhale: the lantern rises (count 4)\nII. Look for the boat - left, then right\n"
        "   Turn the waist left 45 degrees\nIII. Pull the rope\n   a) step forward L, heel first\n   b) sit back, all R\n"
        "IV. as III, other side\nV. Row home\n   Weight L/R/L/R\n"
    )
    assert [(p.number, p.name, len(p.movements)) for p in form.postures()] == [
        ("I", "Lift the lantern", 2), ("II", "Look for the boat", 1), ("III", "Pull the rope", 2), ("IV", "Pull the rope", 2),
        ("V", "Row home", 1),
    ]  # fmt: skip
    assert form.postures()[3].movements[0].line == "step forward R, heel first"


# Names in a row


@pytest.mark.parametrize(
    "row",
    [
        "Commencing, White Crane, Brush Knee L R L, Play the Lute, Single Whip, Cloud Hands (3) and Close.",
        "Commencing → White Crane → Brush Knee L R L → Play the Lute → Single Whip → Cloud Hands (3) → Close",
        "Commencing -> White Crane -> Brush Knee L, R, L -> Play the Lute -> Single Whip -> Cloud Hands x3 -> Close",
        "Commencing; White Crane; Brush Knee (L/R/L); Play the Lute; Single Whip; Cloud Hands, three times; Close",
    ],
)
def test_names_in_a_row_are_postures(row: str) -> None:
    assert names(form_of(row)) == [
        ("Commencing", None, 1), ("White Crane", None, 1), ("Brush Knee", "L", 3), ("Play the Lute", None, 1),
        ("Single Whip", None, 1), ("Cloud Hands", None, 3), ("Close", None, 1),
    ]  # fmt: skip


def test_words_before_a_row_of_names_stand_over_it() -> None:
    form = form_of("Warm-up walk: Commencing, White Crane, Play the Lute, Single Whip and Close.")
    assert [(s.title, len(s.postures)) for s in form.sections] == [("Warm-up walk", 5)]


def test_a_row_of_instructions_is_none() -> None:
    form = form_of("Sink into the left leg, turn right, step out with the right foot, push and press down.")
    assert all(not p.name for p in form.postures())


def test_pinyin_in_a_row_keeps_its_sides() -> None:
    form = form_of(
        "Qi Shi → Zuo You Ye Ma Fen Zong (L, R, L) → Zhuan Shen Zuo Deng Jiao → You Deng Jiao → Zuo You Chuan Suo → Shou Shi"
    )
    assert names(form) == [
        ("Qi Shi", None, 1), ("Zuo You Ye Ma Fen Zong", "L", 3), ("Zhuan Shen Zuo Deng Jiao", "L", 1), ("You Deng Jiao", "R", 1),
        ("Zuo You Chuan Suo", "L", 2), ("Shou Shi", None, 1),
    ]  # fmt: skip
    assert all(p.movements for p in form.postures())


def test_movements_in_brackets_after_a_name_are_its_movements() -> None:
    form = form_of(
        "* Single Whip\n  - weight R\n  - step L to the west\n* High Pat on Horse (bring R foot up, weight R, L toe touches)\n"
    )
    assert [(p.name, [m.line for m in p.movements]) for p in form.postures()] == [
        ("Single Whip", ["weight R", "step L to the west"]),
        ("High Pat on Horse", ["bring R foot up, weight R, L toe touches"]),
    ]


@pytest.mark.parametrize("joined", [": ", ". ", " – "])
def test_a_name_before_its_movement_stays_as_written_and_is_no_part_of_the_words(joined: str) -> None:
    form = form_of(
        f"Brush Knee Left{joined}weight right, left foot steps forward. Shift forward.\nPlay the Lute{joined}right foot follows half a step.\n"
    )
    assert [(p.name, p.side) for p in form.postures()] == [("Brush Knee", "L"), ("Play the Lute", None)]
    assert form.postures()[0].movements[0].line.startswith("weight right")
    assert form.postures()[1].movements[0].line == "right foot follows half a step."


def test_a_name_said_after_its_movements_beside_one_said_before() -> None:
    form = form_of(
        "Sink into the right leg. Step out left to the corner and shift into it. That's Parting the Mane on the left. "
        "Next one is White Crane: bring the right foot up half a step. Sit into it.\n"
    )
    assert [(p.name, p.side, len(p.movements)) for p in form.postures()] == [
        ("Parting the Mane", "L", 2), ("White Crane", None, 2),
    ]  # fmt: skip


def test_numbers_in_brackets_are_counts_where_one_says_so() -> None:
    form = form_of(
        "1) Quiet Harbour [8 counts]\n2) Left Ward Off [12]\n3) Roll Back, Press & Push [16]\n4) Closing [6]\n"
    )
    assert [p.name for p in form.postures()] == [
        "Quiet Harbour",
        "Left Ward Off",
        "Roll Back, Press & Push",
        "Closing",
    ]
    assert [sum(m.counts for m in p.movements) for p in form.postures()] == [8, 12, 16, 6]
    assert names(form_of("Opening (8)\nHeron wades\nQuiet Harbour\nCloud hands (3)\n"))[::3] == [
        ("Opening (8)", None, 1),
        ("Cloud hands", None, 3),
    ]


# Tables

TABLE = """Practice card: Rowing by the shore

| # | Posture | What the feet do | Hands | Wt | Counts | Br |
|---|---------|------------------|-------|----|--------|----|
| 1 | Lifting the oar | feet parallel | both palms rise to the chest | 50 | 6 | in |
|   |         | –                | palms press down | 50 | 6 | out |
| 2 | Rowing, left | left foot steps forward, heel first | hands circle back | R | 4 | in |
|   |         | roll onto left foot | hands push forward | 70L | 4 | out |
"""


def test_columns_for_parts_of_the_body_tell_one_movement() -> None:
    form = form_of(TABLE)
    assert form.title == "Practice card: Rowing by the shore"
    assert [(p.number, p.title(), p.side) for p in form.postures()] == [
        ("1", "Lifting the oar", None),
        ("2", "Rowing, left", "L"),
    ]
    assert [(m.line, m.counts, m.left_pct, m.breath) for p in form.postures() for m in p.movements] == [
        ("feet parallel; both palms rise to the chest", 6, 50, "in"),
        ("palms press down", 6, 50, "out"),
        ("left foot steps forward, heel first; hands circle back", 4, 0, "in"),
        ("roll onto left foot; hands push forward", 4, 70, "out"),
    ]


@pytest.mark.parametrize(
    ("head", "cell", "field"),
    [
        ("Weight on left (%)", "70", ("left_pct", 70)), ("Weight right %", "70", ("left_pct", 30)), ("Wt.", "R", ("left_pct", 0)),
        ("Weight distribution", "60/40 L", ("left_pct", 60)), ("Breathing pattern", "exhale", ("breath", "out")), ("Br.", "in", ("breath", "in")),
        ("Inhale/exhale", "inhale", ("breath", "in")), ("Beats", "6", ("counts", 6)), ("Count", "2,5", ("counts", 2.5)),
        ("Cts", "3", ("counts", 3)), ("Number of counts", "5", ("counts", 5)), ("Load", "even", ("left_pct", 50)),
    ],
)  # fmt: skip
def test_what_headings_say(head: str, cell: str, field: tuple[str, object]) -> None:
    form = form_of(f"Posture name;Footwork;{head}\nHeron wades;right foot steps out;{cell}\n", "x.csv")
    (movement,) = form.postures()[0].movements
    assert movement.line == "right foot steps out"
    assert getattr(movement, field[0]) == field[1]


def test_a_column_for_each_foot_says_which_foot_it_is() -> None:
    form = form_of(
        "Posture;Left foot;Right foot;Arms\nWade;steps forward, heel first;;open\nWade;;toes turn in;push\n", "x.csv"
    )
    assert [m.line for m in form.postures()[0].movements] == [
        "left foot steps forward, heel first; arms open",
        "right toes turn in; arms push",
    ]


def test_rows_without_headings_are_no_table_of_the_body() -> None:
    form = form_of("1;Sink into the left leg\n2;Step out\n", "x.csv")
    assert [m.line for p in form.postures() for m in p.movements] == ["Sink into the left leg", "Step out"]


# Times


@given(
    st.lists(
        st.sampled_from(
            ["Commencing", "Brush Knee Left", "White Crane", "Cloud Hands x3", "Single Whip", "Push", "Heron wades"]
        ),
        min_size=3,
        max_size=8,
    ),
    st.lists(st.integers(15, 90), min_size=9, max_size=9),
    st.integers(0, 40),
)
def test_a_list_of_names_with_times_lasts_as_long_as_its_times_say(
    listed: list[str], lengths: list[int], lead: int
) -> None:
    """Law: the still time, then every name from its time to the next, to a tenth of a second each."""
    times = [lead]
    for n in lengths[: len(listed)]:
        times.append(times[-1] + n)
    stamp = [f"{t // 60}:{t % 60:02d}" for t in times]
    form = form_of("".join(f"{t} {name}\n" for t, name in zip(stamp, listed, strict=False)) + f"{stamp[-1]}\n")
    assert form.lead_ms == 1000 * lead
    assert len(form.postures()) == len(listed)
    for p, (a, b) in zip(form.postures(), pairwise(times), strict=True):
        seconds = p.repeats * sum(m.counts * 60 / form.tempo + m.hold_ms / 1000 for m in p.movements)
        assert abs(seconds - (b - a)) < 0.1 * p.repeats, p.name


def test_talk_before_the_first_movement_is_time_before_it() -> None:
    form = form_of(
        "0:00 Welcome and breathe\n0:12 Commencing: float the arms up\n0:18 lower the arms\n0:24 Close\n0:36\n"
    )
    assert form.lead_ms == 12_000
    assert sum(m.counts * 60 / form.tempo for p in form.postures() for m in p.movements) == pytest.approx(24, abs=0.1)
    assert form.postures()[0].movements[0].line == "float the arms up"


def test_a_long_title_is_a_title() -> None:
    form = form_of(
        "Evening class – first section of the short form (postures 1–6 of 37)\n\nPOSTURE 1 – PREPARATION\nStand. Sink into the right leg.\n\nPOSTURE 2 – BEGINNING\n(a) Arms float up [inhale]\n"
    )
    assert form.title.startswith("Evening class")
    assert form.within is not None
    assert (form.within.first, form.within.last, form.within.of) == (1, 6, 37)
    assert [p.name for p in form.postures()] == ["PREPARATION", "BEGINNING"]


def test_a_number_with_a_dash_before_a_name_is_its_number() -> None:
    form = form_of(
        "POSTURE 1 – PREPARATION\nStand, heels touching.\n\nPOSTURE 2 – WARD OFF LEFT\n(a) Weight 100% right; hold the ball.\n"
        "(b) Left heel steps forward.\n\nPOSTURE 3 – WARD OFF RIGHT\n(a) All the weight into the left.\n\nPOSTURE 4 – PRESS\n(a) Sit back.\n"
    )
    assert [(p.number, p.name, p.side, len(p.movements)) for p in form.postures()] == [
        ("1", "PREPARATION", None, 1), ("2", "WARD OFF", "L", 2), ("3", "WARD OFF", "R", 1), ("4", "PRESS", None, 1),
    ]  # fmt: skip


def test_a_side_after_a_dash_is_no_movement() -> None:
    form = form_of("1. Wade – left\n2. Wade – right\n3. Turn home – both sides\n4. Heron looks back – x3\n")
    assert [(p.number, p.name, p.side, p.repeats) for p in form.postures()] == [
        ("1", "Wade", "L", 1), ("2", "Wade", "R", 1), ("3", "Turn home", None, 2), ("4", "Heron looks back", None, 3),
    ]  # fmt: skip
