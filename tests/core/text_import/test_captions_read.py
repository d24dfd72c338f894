"""Running text as captions give it: cut anywhere, without punctuation."""

from __future__ import annotations

import pytest
from bench.captions import spoken
from bench.reading import cases
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.reading.reader import read_line
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.line_joining import cut_at_sentences
from kemvo.core.text_import.whole_text.script import read_script

SAID = (
    "okay step out with the left foot",
    "then shift your weight onto the right leg",
    "turn your left toes in",
    "bring the right foot in beside the left",
    "now lift your left knee",
    "and breathe in as the arms rise",
    "sit back on the right leg",
    "the weight comes back to the middle",
    "hold that for three seconds",
    "turn to the left corner",
    "kick with the right heel",
)
scripts = st.lists(st.sampled_from(SAID), min_size=2, max_size=6, unique=True).map(" ".join)


def captions(text: str, words: int) -> list[ScriptEntry]:
    """The text cut after so many words, each piece a caption of a second."""
    said = text.split()
    blocks = [" ".join(said[i : i + words]) for i in range(0, len(said), words)]
    return [ScriptEntry(i * 1000, i + 1, block, True) for i, block in enumerate(blocks)]


@given(scripts, st.integers(2, 9))
def test_where_captions_are_cut_changes_nothing_of_what_is_read(text: str, words: int) -> None:
    entries = captions(text, words)
    if cut_at_sentences(entries):
        return  # cut as a person cuts: then their ends count
    found = [(f.kind, f.side, f.to) for e in read_script(entries) for f in e.facts]
    assert found == [(f.kind, f.side, f.to) for f in read_line(text)]


@given(scripts, st.integers(2, 9))
def test_every_caption_is_kept_in_order_with_its_own_words_and_time(text: str, words: int) -> None:
    entries = captions(text, words)
    read = read_script(entries)
    assert [r.entry for r in read] == entries
    for r in read:
        for f in r.facts:
            assert 0 <= f.start < f.end <= len(r.entry.text)


@pytest.mark.parametrize("words", [4, 7, 12])
@pytest.mark.parametrize("name", spoken())
def test_a_speakers_lines_run_together_are_read_nearly_as_apart(name: str, words: int) -> None:
    """Of all kinds of facts together, at least three quarters are found again when no line's end is known; how many
    exactly, and whether rightly, `make bench` prints."""
    lines = [text for text, _ in cases(name)]
    apart = sum(len(read_line(text)) for text in lines)
    together = sum(len(r.facts) for r in read_script(captions(" ".join(lines), words)))
    assert 0.75 * apart <= together <= 1.25 * apart


@pytest.mark.parametrize("first", SAID[:6])
def test_a_fact_belongs_to_the_caption_in_which_it_begins(first: str) -> None:
    entries = [ScriptEntry(0, 1, "so now we are going to", True), ScriptEntry(2000, 2, first, True)]
    read = read_script(entries)
    assert not read[0].facts
    assert [f.kind for f in read[1].facts] == [f.kind for f in read_line(first)]
