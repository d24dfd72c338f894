"""Captions against the WebVTT standard and independent readers.

Rules: W3C, WebVTT: The Web Video Text Tracks Format (Candidate Recommendation of 2019; section numbers from memory):
4.1 (file structure, identifiers, timings: the end after the start), 4.2.2 (caption text: no "-->", "&" and "<" escaped).
Readers: the W3C's own validating parser in strict mode (webvtt-parser, through Node.js) and webvtt-py for WebVTT; srt and
FFmpeg (PyAV) for SubRip. What Chromium shows of a track: tests/browser/test_tracks.py.
"""

import io
import json
import re
import subprocess
from pathlib import Path

import av
import pytest
import srt
import webvtt
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.practice.pipeline import work_out
from kemvo.core.practice.soundtrack import Sound
from kemvo.formats.tracks.captions import write_captions
from kemvo.formats.tracks.cue_files import CUE_FILES
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


STRICT = """
const {WebVTTParser} = require('webvtt-parser')
const {TextDecoder} = require('util')
let text = ''
process.stdin.on('data', d => text += d).on('end', () => {
  const plain = node => node.type === 'text' ? node.value : (node.children || []).map(plain).join('')
  console.log(JSON.stringify(JSON.parse(text).map(([track, kind]) => {
    const {cues, errors} = new WebVTTParser().parse(track, kind)
    return {errors, cues: cues.map(c => [Math.round(c.startTime * 1000), Math.round(c.endTime * 1000), plain(c.tree), c.id])}
  })))
})
"""


def strictly(tracks: list[tuple[str, str]]) -> list[dict]:
    """What the W3C's parser says of tracks, each with its kind: the errors it finds, and the cues it reads."""
    web = Path(__file__).parents[2] / "web"
    run = subprocess.run(
        ["node", "-e", STRICT], input=json.dumps(tracks), capture_output=True, text=True, cwd=web, check=True
    )
    return json.loads(run.stdout)


@given(st.lists(utterances(), min_size=12, max_size=30))
@settings(max_examples=8)
def test_webvtt_is_read_without_an_error_by_the_strict_parser_and_alike_by_another(many: list[list[Sound]]) -> None:
    texts = [write_captions(sounds, "vtt") for sounds in many]
    for sounds, text, read in zip(
        many, texts, strictly([(t, "subtitles/captions/descriptions") for t in texts]), strict=True
    ):
        assert read["errors"] == []
        wanted = [(s.at_ms, s.at_ms + s.ms) for s in sounds]
        assert [(a, b) for a, b, _, _ in read["cues"]] == wanted
        # This parser leaves the semicolon of an escaped sign ("&amp;" as "&;"); the words are checked in Chromium.
        assert [words.replace("&;", "&").replace("<;", "<").replace(">;", ">") for _, _, words, _ in read["cues"]] == [
            " ".join(s.text.split()) for s in sounds
        ]
        assert [to_ms(c) for c in webvtt.from_buffer(io.StringIO(text))] == wanted


@given(utterances())
def test_subrip_is_read_alike_by_two_readers(sounds: list[Sound]) -> None:
    text = write_captions(sounds, "srt")
    wanted = [(s.at_ms, s.at_ms + s.ms) for s in sounds]
    found = list(srt.parse(text))
    assert [(round(c.start.total_seconds() * 1000), round(c.end.total_seconds() * 1000)) for c in found] == wanted
    assert by_ffmpeg(text) == wanted


def by_ffmpeg(text: str) -> list[tuple[int, int]]:
    """Times of a SubRip text as FFmpeg reads them."""
    if not text.strip():
        return []
    with av.open(io.BytesIO(text.encode()), format="srt") as file:
        stream = file.streams.subtitles[0]
        base = 1000 * stream.time_base
        return [(round(p.pts * base), round((p.pts + p.duration) * base)) for p in file.demux(stream) if p.size]


@pytest.mark.parametrize(
    "text", ["Sink & settle", "weight < 10 % --> right", "<b>loud</b>", "{soft} palms", "back\\slash"]
)
def test_signs_with_a_meaning_are_written_as_text(text: str) -> None:
    """WebVTT 4.2.2: "&" and "<" are escaped, "-->" does not occur in a cue."""
    written = write_captions([Sound(0, 1000, "speech", text)], "vtt").split("\n\n", 1)[1]
    assert written.count("-->") == 1
    assert "<" not in written.split("\n", 1)[-1].split("\n", 1)[-1]


def test_no_speech_is_still_a_file() -> None:
    assert write_captions([Sound(0, 900, "chime")], "vtt").startswith("WEBVTT")
    assert list(srt.parse(write_captions([], "srt"))) == []


KINDS = {"captions": "subtitles/captions/descriptions", "chapters": "chapters", "metadata": "metadata"}


@given(practices(), st.sampled_from(["captions", "chapters", "metadata"]))
@settings(max_examples=20, deadline=None)
def test_every_track_keeps_the_standard_and_is_read_alike_by_two_readers(practice: tuple, kind: str) -> None:
    """The tracks of a practice: identifiers and payloads too (WebVTT, 4.1 and 4.2.2)."""
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
    (read,) = strictly([(text, KINDS[kind])])
    assert read["errors"] == []
    assert one == [(a, b) for a, b, _, _ in read["cues"]]
    assert len(one) == len(blocks) - 1
