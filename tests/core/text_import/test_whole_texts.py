"""Whole texts → forms: opened in every kind of file, read across the blocks of captions, and no line lost."""

import re
from collections.abc import Iterable

import pytest
from bench.reading import LINES, cases
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.catalogue import name_index
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.one_line.labels import unlabelled
from kemvo.core.text_import.one_line.line_notes import noted
from kemvo.core.text_import.one_line.posture_lines import LEADING
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)
ALL_LINES = [text for f in sorted(LINES.glob("*.txt")) for text, _ in cases(f.name)]


def test_captions_are_read_across_their_blocks() -> None:
    srt = b"1\n00:00:01,000 --> 00:00:03,000\nnow shift your weight onto\n\n2\n00:00:03,000 --> 00:00:05,000\nthe left leg and\n\n3\n00:00:05,000 --> 00:00:07,000\nlift the right foot\n"
    read = read_script(script_entries(srt, "x.srt"), NAMES)
    assert [(r.entry.t_ms, r.entry.line) for r in read] == [(1000, 3), (3000, 7), (5000, 11)]
    assert [[(f.kind, f.side) for f in r.facts] for r in read] == [[("shift", "L")], [], [("lift", "R")]]


TEXT = """Opening:
1. Commencing
2. Part the wild horse's mane, left
[0:10] Sit into the right leg. Hold the ball.
[0:14] Left heel steps to the corner.
3. Heron wades
The palm turns over last.
4. Cloud hands x3
"""


def test_a_text_becomes_a_form_and_no_line_is_lost() -> None:
    made = draft(read_script(script_entries(TEXT.encode(), "x.txt"), NAMES), CATALOGUE, "Tide")
    (section,) = made.form.sections
    assert section.title == "Opening"
    assert [(p.number, p.title(), p.repeats) for p in section.postures] == [
        ("1", "Commencing", 1),
        ("2", "Part the wild horse's mane, left", 1),
        ("3", "Heron wades", 1),
        ("4", "Cloud hands", 3),
    ]
    mane, heron = section.postures[1], section.postures[2]
    assert [(m.line, m.left_pct, m.counts) for m in mane.movements] == [
        ("Sit into the right leg.", 0, 1),
        ("Hold the ball.", 0, 1),
        ("Left heel steps to the corner.", 0, 4),
    ]
    assert [m.line for m in heron.movements] == ["The palm turns over last."]
    assert len(section.postures[3].movements) == 4
    assert [(x.state, x.became) for x in made.lines][-3:] == [
        ("guessed", "posture"),
        ("not understood", "movement"),
        ("understood", "posture"),
    ]
    kept = " ".join(x.text for x in made.lines)
    assert all(word in kept for word in TEXT.replace("[0:10]", "").replace("[0:14]", "").split())


def words_of(texts: Iterable[str]) -> list[str]:
    """All words of texts but those that only join: between the names of a row they fall away."""
    return [w for w in re.findall(r"\w+", " ".join(texts).lower()) if w not in ("and", "then", "now", "so", "next")]


OTHER_LINES = (
    "1. Push", "Opening:", "", "# Part", "12. A name of mine", "II. Heron wades", "2.1 Sink", "• Turn", "o\tRise", "Heron: lift the knee",
    "Commencing → Push → Close", "Push, press, single whip and close", "Same as 2", "as above, other side", "Push [8 counts]", "Cloud hands (3)",
    "Quiet (step out, then turn)", "Teacher: sink down", "That's White Crane.", "3 Heron", "Step 4: sink", "Reeds\n-----", "Repeat 3 times",
    "Feet: step out", "Weight: 70 L", "70L, open", "White crane 4 counts, hold 5 s", "Brush knee L R L", "0:10 Sink", "2. Reeds – step out",
)  # fmt: skip


@given(st.lists(st.sampled_from([*ALL_LINES, *OTHER_LINES, *OTHER_LINES]), max_size=12))
def test_every_line_of_any_text_is_in_the_form(lines: list[str]) -> None:
    entries = script_entries("\n".join(lines).encode(), "x.txt")
    made = draft(read_script(entries, NAMES), CATALOGUE, "")
    assert words_of(x.text for x in made.lines) == words_of(e.text for e in entries)
    # A sentence may tell several movements; its words stay in their order. Notes at its end go into fields.
    words = " ".join(m.line for p in made.form.postures() for m in p.movements)
    names = set(re.findall(r"\w+", " ".join(p.title() for p in made.form.postures()).lower()))
    at = 0
    for text in (" ".join(noted(unlabelled(x.text)).text.split()) for x in made.lines if x.became == "movement"):
        if (
            text not in words[at:]
        ):  # "And now push. Step out" begins a posture of that name, and what leads up to it is not told
            name, text = re.split(r"[.:!]\s+|\s[–—-]\s+", text, maxsplit=1)
            assert set(re.findall(r"\w+", name.lower())) <= names | LEADING
        at = words.index(text, at) + len(text)


FILES = {
    "x.md": (
        b"# Shore\n\n- Sink into the *left*\n- **Step out**\n",
        [(None, 1, "Shore"), (None, 3, "Sink into the left"), (None, 4, "Step out")],
    ),
    "x.csv": (
        b"time,text\n0:05,Sink into the left\n1:00,Step out\n",
        [(5000, 2, "Sink into the left"), (60000, 3, "Step out")],
    ),
    "y.csv": (b"1;Sink into the left leg\n2;Step out\n", [(None, 1, "Sink into the left leg"), (None, 2, "Step out")]),
    "x.vtt": (b"WEBVTT\n\n00:01.000 --> 00:02.000\nSink in.\n", [(1000, 4, "Sink in.")]),
    "x.txt": (b"Sink. Step out! 1. Push\n\n", [(None, 1, "Sink."), (None, 1, "Step out!"), (None, 1, "1. Push")]),
    "z.txt": (b"", []),
}


@pytest.mark.parametrize(("name", "case"), FILES.items())
def test_texts_of_every_kind_are_opened(name: str, case: tuple) -> None:
    data, wanted = case
    assert [(e.t_ms, e.line, e.text) for e in script_entries(data, name)] == wanted


def test_entries_without_flow_are_read_apart() -> None:
    read = read_script([ScriptEntry(None, 1, "Lift the left foot"), ScriptEntry(None, 2, "and step forward")])
    assert [f.side for r in read for f in r.facts] == ["L", None]
