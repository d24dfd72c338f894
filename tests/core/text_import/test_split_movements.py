"""A sentence that tells several movements is cut where one ends."""

from __future__ import annotations

import pytest
from bench.reading import NAMES, cases
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.language.sides import mirror_text
from kemvo.core.reading.reader import read_line
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.one_line.split_movements import told_apart
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

LINES = [text for name in ("tuned.txt", "spoken_b.txt", "idioms.txt") for text, _ in cases(name)]
sentences = st.lists(st.sampled_from(LINES), min_size=1, max_size=4).map(", then ".join)


@given(sentences)
def test_every_word_and_every_fact_stays_in_its_order(text: str) -> None:
    facts = read_line(text)
    told = told_apart(text, facts)
    assert " ".join(t.text for t in told).split() == text.split()
    assert [f for t in told for f in t.facts] == facts


@given(sentences)
def test_a_movement_has_one_breath(text: str) -> None:
    for t in told_apart(text, read_line(text)):
        assert len({f.direction for f in t.facts if f.kind == "breath"}) <= 1


@given(sentences)
def test_the_other_side_is_cut_at_the_same_words(text: str) -> None:
    other = mirror_text(text)
    cut, turned = told_apart(text, read_line(text)), told_apart(other, read_line(other))
    assert [mirror_text(t.text) for t in cut] == [t.text for t in turned]


@pytest.mark.parametrize(
    ("text", "pieces"),
    [
        ("Shift to the right and step out with the left foot, then let the weight come to the middle.",
         ["Shift to the right and step out with the left foot,", "then let the weight come to the middle."]),
        ("Breathe in as the arms rise and breathe out as they sink.",
         ["Breathe in as the arms rise", "and breathe out as they sink."]),
        ("step forward left, shift forward, step forward right, shift forward",
         ["step forward left, shift forward,", "step forward right, shift forward"]),
        ("weight left weight right", ["weight left", "weight right"]),
        ("shift into the right leg and step out with the left foot", None),
        ("turn the left toes in, sit back on the right leg and breathe in", None),
        ("sink into the left leg, all the weight in the left leg", None),
        ("", []),
    ],
)  # fmt: skip
def test_where_a_movement_ends(text: str, pieces: list[str] | None) -> None:
    assert [t.text for t in told_apart(text, read_line(text))] == ([text] if pieces is None else pieces)


def made(text: str, name: str = "x.txt") -> Draft:
    return draft(read_script(script_entries(text.encode(), name), NAMES), shipped_catalogue(), "x")


def test_the_time_of_a_sentence_is_shared_by_its_movements() -> None:
    text = "0:00 Breathe in and shift to the left, breathe out and shift to the right.\n0:16 Rest."
    rows = [(m.counts, m.breath, m.left_pct) for m in made(text).form.postures()[0].movements]
    assert rows[:2] == [(4, "in", 100), (4, "out", 0)]
    (alone,) = read_script([ScriptEntry(None, 1, "Shift left, then shift right.")])
    told = draft([alone], (), "").form.postures()[0].movements
    assert [m.counts for m in told] == [4, 4]


@pytest.mark.parametrize(
    ("text", "opening"),
    [
        ("Begin with your feet together.\nSink.", "together"),
        ("Stand with the feet parallel, shoulder width apart. Breathe in.", "parallel"),
        ("Feet together, hands by the sides.\nSink.", "together"),
        ("Sink.\nStand with the feet together.", "v"),
        ("Step out with the left, feet parallel.", "v"),
        ("Sit in a horse stance.", "v"),
        ("", "v"),
    ],
)
def test_a_form_opens_in_the_stance_that_its_first_words_name(text: str, opening: str) -> None:
    found = made(text)
    assert found.form.manner.opening == opening
    if "together" in text:
        assert all(line.state == "understood" for line in found.lines if "together" in line.text)
