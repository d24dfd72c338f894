"""What word processors, recorders and habits put around lines: made plain before they are read, and line for line. All texts are our own."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.language.sides import mirror_text
from kemvo.core.model.catalogue import name_index
from kemvo.core.model.form import Form
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries
from kemvo.formats.texts.tidy import tidied

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def form_of(text: str, name: str = "x.txt") -> Form:
    return draft(read_script(script_entries(text.encode(), name), NAMES), CATALOGUE, "").form


def told(form: Form) -> list[tuple[str, str, list[str]]]:
    return [(p.number, p.name, [m.line for m in p.movements]) for p in form.postures()]


@given(st.lists(st.text(st.characters(exclude_categories=["Cs", "Cc", "Zl", "Zp"]), max_size=30), max_size=12))
def test_lines_stay_where_they_are(lines: list[str]) -> None:
    assert tidied("\n".join(lines)).count("\n") == max(0, len("\n".join(lines).splitlines()) - 1)


PLAIN = st.lists(
    st.sampled_from(
        [
            "Sink into the left leg.",
            "- Turn right",
            "1. Push",
            "# Part",
            "",
            "| a | b |",
            "|---|---|",
            "0:10 Sink",
            "a) Step out",
        ]
    ),
    max_size=10,
)


@given(PLAIN)
def test_plain_lines_are_left_alone_and_twice_is_once(lines: list[str]) -> None:
    text = "\n".join(lines)
    assert tidied(text) == "\n".join(text.splitlines())
    assert tidied(tidied(text)).rstrip() == tidied(text).rstrip()


def test_bullets_of_several_shapes_are_levels() -> None:
    form = form_of(
        "\t•\tCommencing\n\to\tsink R\n\to\tLF out, 50/50\n\t•\tWild horse L\n\to\thold ball R, wt R\n\to\tstep LF corner, heel\n"
        "\to\t70L, open\n\t•\tWild horse R\n\to\tsame, other side\n\t•\tClose\n"
    )
    assert told(form)[:3] == [
        ("", "Commencing", ["sink R", "LF out, 50/50"]),
        ("", "Wild horse L", ["hold ball R, wt R", "step LF corner, heel", "70L, open"]),
        ("", "Wild horse R", ["hold ball L, wt L", "step RF corner, heel", "70R, open"]),
    ]
    assert [p.side for p in form.postures()] == [None, "L", "R", None]
    assert [p.movements[-1].left_pct for p in form.postures()[1:3]] == [70, 30]


@pytest.mark.parametrize("shapes", ["▪◦", "●○", "‣·", "\uf0b7§"])
def test_any_two_shapes_are_two_levels(shapes: str) -> None:
    over, under = shapes
    form = form_of(
        f"{over} Wade out\n{under} Weight right\n{under} Left heel steps out\n{over} Turn home\n{under} Turn left\n"
    )
    assert told(form) == [("", "Wade out", ["Weight right", "Left heel steps out"]), ("", "Turn home", ["Turn left"])]


def test_a_line_with_a_rule_under_it_is_a_heading_and_a_rule_by_itself_nothing() -> None:
    form = form_of(
        "The heron set\n=============\n\nOpening\n-------\nStand still. Raise the arms.\n\n*****\n\nHeron Wades\n-----------\n"
        "Step out with the left foot, heel first.\n\nClosing\n-------\nFeet together.\n"
    )
    assert form.title == "The heron set"
    assert told(form) == [
        ("", "Opening", ["Stand still.", "Raise the arms."]),
        ("", "Heron Wades", ["Step out with the left foot, heel first."]),
        ("", "Closing", ["Feet together."]),
    ]


def test_decimal_numbers_are_movements_of_the_posture_of_their_number() -> None:
    form = form_of(
        "1 Opening\n1.1 Stand quietly\n1.2 Left foot steps out\n2 Wade the ford\n2.1 Weight right\n2.2 Left heel steps to the corner\n"
        "3 Wade the ford, right\n3.1 As 2, other side\n"
    )
    assert told(form) == [
        ("1", "Opening", ["Stand quietly", "Left foot steps out"]),
        ("2", "Wade the ford", ["Weight right", "Left heel steps to the corner"]),
        ("3", "Wade the ford", ["Weight left", "Right heel steps to the corner"]),
    ]


def test_steps_are_movements_without_their_labels() -> None:
    form = form_of(
        "Step 1: Feet parallel.\nStep 2: Inhale and raise both arms.\nStep 3 - Shift your weight onto your left leg.\n"
    )
    assert [m.line for p in form.postures() for m in p.movements] == [
        "Feet parallel.", "Inhale and raise both arms.", "Shift your weight onto your left leg.",
    ]  # fmt: skip


def test_the_name_of_the_one_who_speaks_is_not_spoken() -> None:
    form = form_of(
        "[0:05] Teacher: Good morning everyone.\n[0:09] Teacher: Let's start with Commencing. Sink into the right leg.\n"
        "[0:15] Teacher: Left foot out.\n[0:21] Teacher: And now, White Crane. Weight right.\n[0:29]\n"
    )
    assert form.lead_ms == 9000
    assert told(form) == [
        ("", "Commencing", ["Sink into the right leg.", "Left foot out."]),
        ("", "White Crane", ["Weight right."]),
    ]


def test_what_is_breathed_is_no_speaker() -> None:
    text = "Inhale: the arms rise\nInhale: turn left\nInhale: the palms open\nExhale: sink\n"
    assert tidied(text) == text.rstrip("\n")


def test_the_head_of_a_file_says_its_title() -> None:
    form = form_of(
        '---\ntitle: "Reed Form"\ntempo: 28\n---\n\n## Opening\n\n- [ ] L heel to corner\n- [x] 70 % L\n\n## Close\n\n- sink\n',
        "x.md",
    )
    assert (form.title, form.notes) == ("Reed Form", "tempo: 28")
    assert [m.line for m in form.postures()[0].movements] == ["L heel to corner", "70 % L"]


@given(
    st.sampled_from([50, 60, 65, 70, 80, 90]),
    st.sampled_from("LR"),
    st.sampled_from(["{n}{s}", "wt {n}{s}", "sink, {n}{s}", "{n}{s}, open"]),
)
def test_a_share_with_its_leg_in_one_word_has_a_mirror_image(n: int, side: str, how: str) -> None:
    line, other = how.format(n=n, s=side), how.format(n=n, s="R" if side == "L" else "L")
    assert mirror_text(line) == other
    assert mirror_text(other) == line
    (movement,) = form_of(f"# Reeds\n\n- {line}\n\n# Close\n\n- feet together\n", "x.md").postures()[0].movements
    assert movement.left_pct == (n if side == "L" else 100 - n)


def test_boxes_and_numbers_in_brackets_are_labels() -> None:
    form = form_of(
        "[ ] Lay the brick\n    weight R, L foot out\n    sit R, L toe in\n[x] Mortar (3x)\n    back: palms in\n    forward: palms out\n☐ Finish\n    feet together\n"
    )
    assert [(p.name, p.repeats, len(p.movements)) for p in form.postures()] == [
        ("Lay the brick", 1, 2), ("Mortar", 3, 2), ("Finish", 1, 1),
    ]  # fmt: skip
    listed = form_of(
        "(1) Stand at the hedge — heels together, arms relaxed\n(2) Part the leaves, L — RL bears the weight; LF out to the side; weight 60% LL\n"
        "(3) Part the leaves, R — opposite\n(4) Peep through — turn waist left\n"
    )
    assert [(p.number, p.name) for p in listed.postures()] == [
        ("1", "Stand at the hedge"), ("2", "Part the leaves, L"), ("3", "Part the leaves, R"), ("4", "Peep through"),
    ]  # fmt: skip
    left, right = listed.postures()[1:3]
    assert [m.left_pct for m in right.movements] == [100 - m.left_pct for m in left.movements]


def test_those_who_speak_in_turn_are_no_words() -> None:
    talk = (
        "ANNA: First comes Walk onto the Pier.\nANNA: Put the feet together.\nBEN: Weight in the middle?\nANNA: Shift onto the left leg.\n"
        "BEN: And the other?\nANNA: The right foot slides out.\nCLARA: Ouch.\n"
    )
    spoken = tidied(talk)
    assert not any(name in spoken for name in ("ANNA", "BEN", "CLARA"))
    mixed = "Brush knee: step out\nPush: shift forward\nClose: feet together\n"
    assert tidied(mixed) == mixed.rstrip("\n")
