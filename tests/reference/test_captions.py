"""Captions against the WebVTT standard and independent readers.

Rules: W3C, WebVTT: The Web Video Text Tracks Format, sections 4.1 (file structure), 4.2.2 (cue timings: the
end after the start) and 4.2.3 (no "-->" in cue text).
Readers: webvtt-py and the browser's kind of parser for WebVTT; srt and pysubs2 for SubRip.
"""

import io
import re

import pysubs2
import pytest
import srt
import webvtt
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.practice import work_out
from kemvo.core.sound import Sound
from kemvo.formats.captions import write_captions
from kemvo.formats.cue_files import CUE_FILES
from strategies import practices, talk

TIMING = re.compile(r"^(\d{2,}:)?[0-5]\d:[0-5]\d\.\d{3} --> (\d{2,}:)?[0-5]\d:[0-5]\d\.\d{3}$")

texts = st.text(st.characters(categories=["L", "N", "P", "Zs"]), min_size=1, max_size=40).filter(lambda t: t.strip())


@st.composite
def utterances(draw: st.DrawFn) -> list[Sound]:
    at, out = 0, []
    for text in draw(st.lists(texts, max_size=8)):
        at += draw(st.integers(200, 4_000_000))
        ms = draw(st.integers(100, 9000))
        out.append(Sound(at, ms, "speech", text))
        at += ms
    return out


@given(utterances())
def test_every_timing_line_keeps_the_standard(sounds: list[Sound]) -> None:
    lines = write_captions(sounds, "vtt").splitlines()
    assert lines[0] == "WEBVTT"
    timings = [line for line in lines if "-->" in line]
    assert len(timings) == len(sounds)
    assert all(TIMING.match(line) for line in timings)


def to_ms(cue: webvtt.Caption) -> tuple[int, int]:
    return tuple(
        ((t.hours * 60 + t.minutes) * 60 + t.seconds) * 1000 + t.milliseconds for t in (cue.start_time, cue.end_time)
    )


@given(utterances())
def test_webvtt_is_read_alike_by_two_readers(sounds: list[Sound]) -> None:
    text = write_captions(sounds, "vtt")
    wanted = [(s.at_ms, s.at_ms + s.ms) for s in sounds]
    assert [to_ms(c) for c in webvtt.from_buffer(io.StringIO(text))] == wanted
    assert [(e.start, e.end) for e in pysubs2.SSAFile.from_string(text, "vtt")] == wanted


@given(utterances())
def test_subrip_is_read_alike_by_two_readers(sounds: list[Sound]) -> None:
    text = write_captions(sounds, "srt")
    wanted = [(s.at_ms, s.at_ms + s.ms) for s in sounds]
    found = list(srt.parse(text))
    assert [(round(c.start.total_seconds() * 1000), round(c.end.total_seconds() * 1000)) for c in found] == wanted
    assert [(e.start, e.end) for e in pysubs2.SSAFile.from_string(text, "srt")] == wanted


@pytest.mark.parametrize(
    "text", ["Sink & settle", "weight < 10 % --> right", "<b>loud</b>", "{soft} palms", "back\\slash"]
)
def test_signs_with_a_meaning_are_written_as_text(text: str) -> None:
    """WebVTT 4.2.3: "&" and "<" are escaped, "-->" does not occur in a cue."""
    written = write_captions([Sound(0, 1000, "speech", text)], "vtt").split("\n\n", 1)[1]
    assert written.count("-->") == 1
    assert "<" not in written.split("\n", 1)[-1].split("\n", 1)[-1]


def test_no_speech_is_still_a_file() -> None:
    assert write_captions([Sound(0, 900, "chime")], "vtt").startswith("WEBVTT")
    assert list(srt.parse(write_captions([], "srt"))) == []


@given(practices(), st.sampled_from(["captions", "chapters", "metadata"]))
@settings(max_examples=40, deadline=None)
def test_every_track_keeps_the_standard_and_is_read_alike_by_two_readers(practice: tuple, kind: str) -> None:
    """The tracks of a practice: identifiers and payloads too (WebVTT, 4.1 and 4.2.3)."""
    made, forms = practice
    text = CUE_FILES[kind].write(work_out(made, forms, talk))
    blocks = [b.splitlines() for b in text.strip().split("\n\n")]
    assert blocks[0] == ["WEBVTT"]
    for block in blocks[1:]:
        at = next(i for i, row in enumerate(block) if "-->" in row)
        assert at <= 1
        assert TIMING.match(block[at])
        assert not any("-->" in row or "<" in row for row in block[at + 1 :])
    one = [to_ms(c) for c in webvtt.from_buffer(io.StringIO(text))]
    two = [(e.start, e.end) for e in pysubs2.SSAFile.from_string(text, "vtt")]
    assert one == two
    assert len(one) == len(blocks) - 1
