"""Files that Kemvo writes from a timeline, read as forms again: the metadata track (WebVTT), chapters (WebVTT), MIDI.

Each entry says what it is, so that nothing is guessed: passes become sections, with every posture as often as it was done.
"""

from __future__ import annotations

import io
from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

import mido
from pydantic import BaseModel, ValidationError

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.text_import.whole_text.entries import Given, ScriptEntry
from kemvo.core.types import DEFAULT_TEMPO, MOST_STILL_MS, Breath, Counts, LeftPct, Line, Title
from kemvo.formats.tracks.midi import BREATHS, CHARSET, MOVEMENT_TEXT, PAN, STILL_TEXTS, left_of_pan
from kemvo.formats.webvtt import as_text, read_vtt


def is_metadata(text: str) -> bool:
    """Whether a WebVTT text is a metadata track of Kemvo's and no captions."""
    first = next(read_vtt(text), None)
    return first is not None and first.payload.lstrip().startswith("{") and '"left_to"' in first.payload


def metadata_entries(text: str, name: str) -> list[ScriptEntry]:
    """The movements of a metadata track, with their passes and postures. Raises KemvoError for a damaged block."""
    out: list[ScriptEntry] = []
    place: tuple[object, object] | None = None
    posture = ""
    for b in read_vtt(text):
        try:
            mark = _Mark.model_validate_json(b.payload)
        except ValidationError:
            raise KemvoError(
                Problem(
                    what="This block of the metadata track cannot be read.",
                    where=f"{name}, line {b.line}",
                    mend="Save the track again from the cue desk.",
                )
            ) from None
        if mark.kind == "hold":
            _add_hold(out, b.end_ms - b.start_ms)
        if mark.kind != "movement":
            continue
        here = (mark.pass_no, mark.time)
        if here != place:
            out.append(ScriptEntry(b.start_ms, b.line, mark.pass_title, given=Given("section")))
        if here != place or mark.part == 1 or mark.posture != posture:
            out.append(ScriptEntry(b.start_ms, b.line, mark.posture, given=Given("posture")))
        place, posture = here, mark.posture
        counts = mark.counts or _counts(b.end_ms - b.start_ms)
        given = Given("movement", counts, 0, mark.left_to, mark.breath)
        out.append(ScriptEntry(b.start_ms, b.line, mark.line, given=given))
    return out


class _Mark(BaseModel):
    """What a block of the metadata track says; what else it says is passed over."""

    kind: str
    left_to: LeftPct
    breath: Breath = "free"
    posture: Title = ""
    line: Line = ""
    pass_title: Title = ""
    pass_no: int = 1
    time: int = 1
    part: int = 0
    counts: Counts | None = None


def chapter_entries(text: str, name: str) -> list[ScriptEntry]:
    """Every chapter as a posture of its length."""
    return [
        ScriptEntry(b.start_ms, b.line, title, given=Given("posture", _counts(b.end_ms - b.start_ms)))
        for b in read_vtt(text)
        if (title := as_text(b.payload))
    ]


def midi_entries(data: bytes, name: str) -> list[ScriptEntry]:
    """The movements of a MIDI file: lyrics are their words, markers passes and postures. Raises KemvoError for what is no
    MIDI file, or has neither lyrics nor markers."""
    try:
        file = mido.MidiFile(file=io.BytesIO(data), charset=CHARSET, clip=True)
    except UnicodeDecodeError:
        file = mido.MidiFile(file=io.BytesIO(data), charset="latin-1", clip=True)
    except Exception as error:
        raise KemvoError(
            Problem(
                what=f"This MIDI file cannot be read ({error or type(error).__name__}).",
                where=name,
                mend="Save it again as a Standard MIDI File.",
            )
        ) from None
    moments = _moments(file) if file.ticks_per_beat > 0 else []
    if not any(m.marks or m.words for m in moments):
        raise KemvoError(
            Problem(
                what="There are neither words nor markers in this MIDI file.",
                where=name,
                mend="Choose a file with lyrics or markers.",
            )
        )
    return _told(moments, file.ticks_per_beat)


class _Moment(NamedTuple):
    """What begins at a tick: its time, what it is (a movement, still time, or only a marker), and what is said of it."""

    tick: int
    ms: float
    kind: str
    words: str
    marks: tuple[str, ...]
    left_pct: int | None
    breath: Breath | None


def _moments(file: mido.MidiFile) -> list[_Moment]:
    """What begins when, in order; an "end" last."""
    tick, ms, tempo = 0, 0.0, 500_000
    out: list[_Moment] = []
    here: list[mido.Message] = []

    def close() -> None:
        kinds = [e.text for e in here if e.type == "text" and e.text in (*STILL_TEXTS, MOVEMENT_TEXT)]
        words = " ".join(e.text for e in here if e.type == "lyrics").strip()
        marks = tuple(e.text for e in here if e.type == "marker")
        if not (kinds or words or marks):
            return
        kind = MOVEMENT_TEXT if words else kinds[0] if kinds else "marker"
        pan = [e.value for e in here if e.type == "control_change" and e.control == PAN]
        breath = next((b for e in here if e.type == "text" and (b := BREATHS.get(e.text))), None)
        out.append(_Moment(tick, ms, kind, words, marks, left_of_pan(pan[-1]) if pan else None, breath))

    for e in mido.merge_tracks(file.tracks):
        if e.time:
            close()
            here.clear()
            tick += e.time
            ms += mido.tick2second(e.time, file.ticks_per_beat, tempo) * 1000
        if e.type == "set_tempo":
            tempo = e.tempo
        here.append(e)
    close()
    return [*out, _Moment(tick, ms, "end", "", (), None, None)]


def _told(moments: Sequence[_Moment], beat: int) -> list[ScriptEntry]:
    out: list[ScriptEntry] = []
    for m, after in pairwise(moments):
        at, lasts = round(m.ms), after.tick - m.tick
        sections = m.marks if m.kind in STILL_TEXTS else m.marks[:-1]
        out += [ScriptEntry(at, 1, title, given=Given("section")) for title in sections]
        if m.marks and m.kind not in STILL_TEXTS:
            alone = m.kind == "marker" and (after.kind == "end" or bool(after.marks))
            out.append(ScriptEntry(at, 1, m.marks[-1], given=Given("posture", lasts / beat if alone else None)))
        if m.kind == "hold":
            _add_hold(out, round(after.ms - m.ms))
        elif m.kind == MOVEMENT_TEXT:
            given = Given("movement", round(lasts / beat, 3), 0, m.left_pct, m.breath)
            out.append(ScriptEntry(at, 1, m.words, given=given))
    return out


def _add_hold(out: list[ScriptEntry], ms: int) -> None:
    """The still time after the last movement, if there is one."""
    if out and out[-1].given and out[-1].given.kind == "movement":
        given = out[-1].given
        out[-1] = out[-1]._replace(given=given._replace(hold_ms=min(MOST_STILL_MS, given.hold_ms + ms)))


def _counts(ms: int) -> float:
    return round(ms * DEFAULT_TEMPO / 60_000, 2)
