"""Ten texts in ten manners, each brought in whole: postures, movements, counts, sides and names counted by hand.

The texts are our own, written as instructors write; none is of an existing school.
"""

from typing import NamedTuple

import pytest

from kemvo.core.model.catalogue import name_index
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


class Text(NamedTuple):
    """A text and what it must give: the form's title, its sections, and of every posture the title, the side and how many movements."""

    name: str
    text: str
    title: str
    sections: list[str]
    postures: list[tuple[str, str | None, int]]
    lines: list[str]
    """Some of its movements, word for word."""


NUMBERED = Text(
    "numbered.txt",
    """The Ferry

1. Wait at the landing
a) Stand with the feet together, arms hanging.
b) Sink a little, breathe in.

2. Push off, left
a) Shift onto the right leg. The left foot steps forward, heel first.
b) Roll forward, 70 % left; both palms press.

3. Push off, right
a) Sit back, the left toes turn out.
b) Shift onto the left leg. The right foot steps forward, heel first.
c) Roll forward, 70 % right; both palms press.

4. Tie the rope
a) Bring the left foot beside the right.
b) Weight even, lower the hands, breathe out.
""",
    "The Ferry",
    [""],
    [
        ("Wait at the landing", None, 2),
        ("Push off, left", "L", 2),
        ("Push off, right", "R", 3),
        ("Tie the rope", None, 2),
    ],
    ["Sink a little, breathe in.", "Bring the left foot beside the right."],
)

OUTLINE = Text(
    "outline.md",
    """# Orchard walk

## Gate

### Open the gate
- Feet parallel, weight even.
- Turn the waist to the right. Shift onto the right leg.

### Carry the basket
- Left foot steps out to the side.
- Weight into the left.

## Under the trees

### Reach for the plum
- The right heel lifts and the right hand rises.
- Right foot steps back, toes first.
- Sit back into the right leg.

### Rest
- Bring the feet together.
""",
    "Orchard walk",
    ["Gate", "Under the trees"],
    [("Open the gate", None, 2), ("Carry the basket", None, 2), ("Reach for the plum", None, 3), ("Rest", None, 1)],
    ["Turn the waist to the right. Shift onto the right leg.", "Sit back into the right leg."],
)

TABLE = Text(
    "table.csv",
    """section,number,posture,side,text,counts,weight,breath
Arriving,1,Still water,,Stand with the feet parallel,4,even,in
Arriving,1,Still water,,Sink into the left leg,2,all left,out
Crossing,2,Stepping stone,R,Right foot steps forward on the heel,4,all left,in
Crossing,2,Stepping stone,R,Roll onto the right foot,4,70 r,out
Crossing,3,Stepping stone,L,Left foot steps forward on the heel,4,R,in
Crossing,3,Stepping stone,L,Roll onto the left foot,4,70/30 L,out
""",
    "",
    ["Arriving", "Crossing"],
    [("Still water", None, 2), ("Stepping stone, right", "R", 2), ("Stepping stone, left", "L", 2)],
    ["Sink into the left leg", "Roll onto the left foot"],
)

TERSE = Text(
    "notes.txt",
    """MARSH FORM

1) Opening
feet tog, wt even
LF out, wt even (4 counts)

2) Reeds part L
wt R, LF in
LF fwd heel first
wt 70 L

3) Reeds part R
wt back R
wt L, RF in
RF fwd heel first
wt 70 R

4) Close
LF up, wt even, x2
""",
    "MARSH FORM",
    [""],
    [("Opening", None, 2), ("Reeds part L", "L", 3), ("Reeds part R", "R", 4), ("Close", None, 2)],
    ["LF fwd heel first"],
)

CAPTIONS = Text(
    "lesson.srt",
    """1
00:00:04,000 --> 00:00:08,000
Stand with your feet together,
arms relaxed.

2
00:00:08,000 --> 00:00:12,000
Shift the weight onto the right leg.

3
00:00:12,000 --> 00:00:16,000
The left foot steps out
to the side.

4
00:00:16,000 --> 00:00:22,000
Bring the weight to the middle and breathe out.
""",
    "",
    [""],
    [("Unnamed posture", None, 4)],
    [
        "Stand with your feet together, arms relaxed.",
        "The left foot steps out to the side.",
        "Bring the weight to the middle and breathe out.",
    ],
)

NAMES_ONLY = Text(
    "names.txt",
    """Long reach
Opening
Ward off, left
Push
Single whip
Cloud hands (3 times)
Repulse monkey left, right
Heel kick, right
Closing
""",
    "",
    [""],
    [],
    [],
)

CLOCK = Text(
    "stamped.txt",
    """Tidal steps

1. Tide comes in
0:00 Left foot steps forward, heel first.
0:06 Weight into the left leg.
2. Tide goes out
0:12 Sit back into the right leg.
0:18 Bring the left foot beside the right.
0:24
""",
    "Tidal steps",
    [""],
    [("Tide comes in", None, 2), ("Tide goes out", None, 2)],
    ["Weight into the left leg.", "Bring the left foot beside the right."],
)

MARKED_TABLE = Text(
    "table.md",
    """# Lantern round

| posture | movement | counts |
|---|---|---|
| Lift the lantern | Weight into the right leg | 4 |
| Lift the lantern | Left knee lifts | 2 |
| Walk on | Left foot steps forward, heel first | 3 |
| Walk on | Weight into the left leg | 3 |
""",
    "Lantern round",
    [""],
    [("Lift the lantern", None, 2), ("Walk on", None, 2)],
    ["Left knee lifts", "Weight into the left leg"],
)

COLONS = Text(
    "colons.txt",
    """Harbour wall

Posture 1: Look out
Turn the waist to the left.
Weight into the left leg.

Posture 2: Haul in
The right foot steps back, toes first.
Sit back into the right leg, breathe in.
Both hands pull to the hips.

Posture 3: Make fast
Step back with the left foot beside the right.
""",
    "Harbour wall",
    [""],
    [("Look out", None, 2), ("Haul in", None, 3), ("Make fast", None, 1)],
    ["Both hands pull to the hips."],
)

SPOKEN = Text(
    "spoken.txt",
    """Okay everybody, welcome, let's begin.
So we stand with the feet together.
Now shift the weight onto your right leg, and the left foot steps out to the side.
And the weight comes back to the middle.
The next one is called Heron Waits.
Shift onto the left leg.
Then the right knee comes up, and breathe in.
Put the right foot down beside the left, and breathe out.
""",
    "",
    [""],
    [("Unnamed posture", None, 3), ("Heron Waits", None, 3)],
    [],
)

OWN_SIDES = (
    ("1. Part the reeds L\n2. Part the reeds R", ["L", "R"]),
    ("1. Left wave\n2. Right wave", ["L", "R"]),
    ("1. Heron waits (left)\n2. Heron waits (right)", ["L", "R"]),
    ("1. Lean on the left oar and wait\n2. Look right, then on", [None, None]),
)

ALL = (NUMBERED, OUTLINE, TABLE, TERSE, CAPTIONS, CLOCK, MARKED_TABLE, COLONS, SPOKEN)


def drafted(t: Text) -> Draft:
    return draft(read_script(script_entries(t.text.encode(), t.name), NAMES), CATALOGUE, "", "")


@pytest.mark.parametrize("t", ALL, ids=lambda t: t.name)
def test_the_structure_is_the_authors(t: Text) -> None:
    form = drafted(t).form
    assert form.title == t.title
    assert [s.title for s in form.sections] == t.sections
    assert [(p.title(), p.side, len(p.movements)) for p in form.postures()] == t.postures


@pytest.mark.parametrize("t", ALL, ids=lambda t: t.name)
def test_words_stay_as_they_are_written(t: Text) -> None:
    lines = [m.line for p in drafted(t).form.postures() for m in p.movements]
    for line in t.lines:
        assert line in lines


@pytest.mark.parametrize("t", [*ALL, NAMES_ONLY], ids=lambda t: t.name)
def test_every_line_has_its_account(t: Text) -> None:
    told = " ".join(x.text for x in drafted(t).lines)
    for word in set(t.text.replace("|", " ").split()):
        if word.isalpha() and len(word) > 3 and t.name.endswith((".txt", ".srt")):
            assert word in told, word


def test_names_alone_keep_sides_and_times() -> None:
    postures = drafted(NAMES_ONLY).form.postures()
    assert [p.title() for p in postures] == [
        "Long reach", "Opening", "Ward off, left", "Push", "Single whip", "Cloud hands", "Repulse monkey, left", "Heel kick, right",
        "Closing",
    ]  # fmt: skip
    by_name = {p.title(): p for p in postures}
    assert by_name["Ward off, left"].side == "L"
    assert by_name["Heel kick, right"].side == "R"
    (clouds,) = (p for p in postures if p.name.startswith("Cloud hands"))
    assert clouds.repeats == 3
    (monkey,) = (p for p in postures if p.name.startswith("Repulse monkey"))
    assert (monkey.repeats, monkey.alternate) == (2, True)


@pytest.mark.parametrize(("text", "sides"), OWN_SIDES)
def test_the_side_beside_a_name_of_ones_own_is_its_side(text: str, sides: list[str | None]) -> None:
    read = read_script(script_entries(f"Reed form\n\n{text}\n".encode(), "x.txt"), NAMES)
    assert [p.side for p in draft(read, CATALOGUE, "", "").form.postures()] == sides


def test_counts_of_a_table_and_of_notes_are_kept() -> None:
    assert [m.counts for p in drafted(TABLE).form.postures() for m in p.movements] == [4, 2, 4, 4, 4, 4]
    assert [m.counts for p in drafted(MARKED_TABLE).form.postures() for m in p.movements] == [4, 2, 3, 3]
    opening = drafted(TERSE).form.postures()[0]
    assert opening.movements[1].counts == 4


def test_weights_are_where_the_words_put_them() -> None:
    left = {t.name: [m.left_pct for p in drafted(t).form.postures() for m in p.movements] for t in ALL}
    assert left["numbered.txt"] == [50, 50, 0, 70, 0, 100, 30, 30, 50]
    assert left["table.csv"] == [50, 100, 100, 30, 0, 70]
    assert left["outline.md"] == [50, 0, 0, 100, 100, 100, 0, 0]
    assert left["notes.txt"] == [50, 50, 0, 0, 70, 0, 100, 100, 30, 50, 50]
    assert left["stamped.txt"] == [0, 100, 0, 0]  # a foot that steps carries nothing
    assert left["table.md"] == [0, 0, 0, 100]
    assert left["lesson.srt"] == [50, 0, 0, 50]


def test_times_are_kept() -> None:
    form = drafted(CLOCK).form
    assert [m.counts * 60 / form.tempo for p in form.postures() for m in p.movements] == pytest.approx([6, 6, 6, 6])
    form = drafted(CAPTIONS).form
    assert form.lead_ms == 4000
    assert [m.counts * 60 / form.tempo for m in form.postures()[0].movements] == pytest.approx([4, 4, 4, 6])
