"""Captions cut anywhere become rows of a form: sentences, or pieces that tell something of their own."""

from __future__ import annotations

import pytest
from bench.reading import NAMES, cases
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.caption_rows import LONG, SHORT, in_rows
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.script import ReadEntry, read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

SENTENCES = (
    "Shift your weight to the right, and step out with the left foot.",
    "Breathe in as the arms rise.",
    "Now turn the left toes in a little!",
    "Let the weight come to the middle.",
    "Sit back, lift the left foot and place it to the side, heel first.",
)
SPOKEN = [
    t for name in ("spoken_b.txt", "spoken_fi.txt") for t, _ in cases(name) if t.islower() and not set(t) & set(".!?:;")
]
SECOND = 1000


def captions(text: str, words: int) -> list[ScriptEntry]:
    """The text cut after so many words, each word a second long; pieces flow unless a sentence ends with them."""
    said = text.split()
    pieces = [(i, said[i : i + words]) for i in range(0, len(said), words)]
    return [ScriptEntry(i * SECOND, i + 1, " ".join(p), p[-1][-1] not in ".!?") for i, p in pieces]


def rows(text: str, words: int) -> list[ReadEntry]:
    return in_rows(read_script(captions(text, words), NAMES))


@given(st.lists(st.sampled_from(SENTENCES), min_size=1, max_size=5), st.integers(2, 9))
def test_written_sentences_are_rows_wherever_they_were_cut(sentences: list[str], words: int) -> None:
    assert [r.entry.text for r in rows(" ".join(sentences), words)] == sentences


@given(st.lists(st.sampled_from(SENTENCES), min_size=2, max_size=5), st.integers(2, 9))
def test_a_row_begins_at_the_time_of_its_first_word(sentences: list[str], words: int) -> None:
    found = rows(" ".join(sentences), words)
    begins = [SECOND * sum(len(s.split()) for s in sentences[:n]) for n in range(len(sentences))]
    for r, wanted in zip(found, begins, strict=True):
        assert r.entry.t_ms is not None
        assert abs(r.entry.t_ms - wanted) <= words * SECOND / 2


spoken = st.lists(st.sampled_from(SPOKEN), min_size=2, max_size=6).map(" ".join)


@given(spoken, st.integers(3, 9))
def test_no_word_no_fact_and_no_order_is_lost(text: str, words: int) -> None:
    read = read_script(captions(text, words), NAMES)
    found = in_rows(read)
    assert " ".join(r.entry.text for r in found).split() == text.split()
    kinds = [(f.kind, f.side, f.to) for r in read for f in r.facts]
    assert [(f.kind, f.side, f.to) for r in found for f in r.facts] == kinds
    times = [r.entry.t_ms or 0 for r in found]
    assert times == sorted(times)
    for r in found:
        assert not r.entry.flows
        assert all(0 <= f.start <= f.end <= len(r.entry.text) + 1 for f in r.facts)


@given(spoken, st.integers(3, 9))
def test_rows_without_punctuation_are_neither_long_nor_scraps(text: str, words: int) -> None:
    found = [len(r.entry.text.split()) for r in rows(text, words)]
    assert max(found) <= 2 * LONG + words
    assert all(n >= SHORT for n in found[:-1])


def test_entries_that_do_not_flow_stay_as_they_are() -> None:
    read = read_script([ScriptEntry(None, 1, "Step left"), ScriptEntry(None, 2, "and sit back on it")], NAMES)
    assert in_rows(read) == read


NARRATED = """\
0:00
Okay everybody, welcome back.
0:08
So we start with our feet together, weight even.
0:12
Sink a little into the right leg and let
0:15
the left heel peel off the floor. Now the second one is Heron Wades. We
0:29
sit back on the right leg, turn the left toes out about 45
0:34
degrees, and then we pour the weight into the left.
0:54
And then the same thing on the other side. Sit back on the left, turn the right toes out,
1:00
weight into the right.
1:11
The last one is Tide Turns. Big turn to the right on the right heel.
"""


def test_a_narrated_script_becomes_named_postures_with_whole_rows() -> None:
    found = draft(read_script(script_entries(NARRATED.encode(), "x.txt"), NAMES), shipped_catalogue(), "").form
    assert found.notes == "Okay everybody, welcome back."
    assert found.manner.opening == "together"
    assert [p.name for p in found.postures()] == ["", "Heron Wades", "Heron Wades", "Tide Turns"]
    _, first, second, last = found.postures()
    assert [m.line for m in first.movements][:2] == [
        "We sit back on the right leg,",
        "turn the left toes out about 45 degrees,",
    ]
    assert [m.left_pct for m in first.movements] == [0, 0, 100]
    assert [m.left_pct for m in second.movements] == [100, 0]  # its own words, not the other side's once more
    assert [m.line for m in last.movements] == ["Big turn to the right on the right heel."]


@pytest.mark.parametrize(
    ("line", "name"),
    [
        ("Now the second one is Heron Wades.", "Heron Wades"),
        ("this is called Willow Bends", "Willow Bends"),
        ("The next posture is Tide Turns, left.", "Tide Turns"),
        ("We call this Stone On The Shore!", "Stone On The Shore"),
        ("this one is easy", ""),
        ("The important one is your left foot.", ""),
    ],
)
def test_a_name_of_the_instructors_own_is_introduced(line: str, name: str) -> None:
    read = read_script(script_entries(f"{line}\nsit back\n".encode(), "x.txt"), NAMES)
    assert [p.name for p in draft(read, shipped_catalogue(), "").form.postures()][:1] == [name]


RUN_ON = (
    "okay so from the opening we go into brush knee left shift the weight to the right turn the waist and step out with the left heel"
    " shift forward into it and then brush knee on the right so sit back turn the left toes out shift onto the left bring the right"
    " foot through heel down and forward and that's brush knee now single whip weight back on the left turn the right toes in weight"
    " onto the right gather the left foot in and step out to the left and sit into it and then cloud hands we do three of those"
)


@pytest.mark.parametrize("words", [5, 6, 7, 9])
def test_a_lesson_without_punctuation_begins_its_postures_where_they_are_named(words: int) -> None:
    form = draft(read_script(captions(RUN_ON, words), NAMES), shipped_catalogue(), "").form
    assert [(p.name, p.side) for p in form.postures() if p.name] == [
        ("Brush knee and push", "L"),
        ("Brush knee and push", "R"),
        ("Single whip", None),
        ("Cloud hands", None),
    ]
    whip = next(p for p in form.postures() if p.name == "Single whip")
    assert whip.movements[0].line == "now single whip weight back on the left"
    assert [m.left_pct for m in whip.movements][-1] == 100
