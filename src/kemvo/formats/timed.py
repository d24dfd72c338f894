"""Files that Kemvo writes from a timeline, read as forms again: the metadata track (WebVTT), chapters (WebVTT), MIDI.

Each entry says what it is, so that nothing is guessed: passes become sections, with every posture as often as it was done.
"""

from __future__ import annotations

import io
import json
import re
from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

import mido

from kemvo.core.problem import KemvoError, Problem
from kemvo.core.reading.script import Given, ScriptEntry
from kemvo.core.values import DEFAULT_TEMPO, MOST_STILL_MS, Breath
from kemvo.formats.midi import BREATHS, CHARSET, MOVEMENT_TEXT, PAN, STILL_TEXTS, left_of_pan
from kemvo.formats.text import stamp_ms

_BLOCK = re.compile(r"((?:\d+:)?\d{2}:\d{2}[.,]\d{3})\s*-->\s*((?:\d+:)?\d{2}:\d{2}[.,]\d{3})[^\n]*\n(.*)", re.DOTALL)


def is_metadata(text: str) -> bool:
    """Whether a WebVTT text is a metadata track of Kemvo's and no captions."""
    first = next((m[3] for m in map(_BLOCK.search, _blocks(text)) if m), "")
    return first.lstrip().startswith("{") and '"left_to"' in first


def metadata_entries(text: str, name: str) -> list[ScriptEntry]:
    """The movements of a metadata track, with their passes and postures. Raises KemvoError for a damaged block."""
    out: list[ScriptEntry] = []
    place: tuple[object, object] | None = None
    posture = ""
    line = 1
    for block in _blocks(text):
        found = _BLOCK.search(block)
        at, line = line, line + block.count("\n") + 2
        if not found:
            continue
        start, end = stamp_ms(found[1]), stamp_ms(found[2])
        try:
            mark = json.loads(found[3])
            kind, left_to = str(mark["kind"]), int(mark["left_to"])
        except (ValueError, KeyError, TypeError):
            raise KemvoError(
                Problem(
                    what="This block of the metadata track cannot be read.",
                    where=f"{name}, line {at}",
                    mend="Save the track again from the cue desk.",
                )
            ) from None
        if kind == "hold":
            _add_hold(out, end - start)
        if kind != "movement":
            continue
        here = (mark.get("pass_no", 1), mark.get("time", 1))
        if here != place:
            out.append(ScriptEntry(start, at, str(mark.get("pass_title", "")), given=Given("section")))
        title = str(mark.get("posture", ""))
        if here != place or mark.get("part") == 1 or title != posture:
            out.append(ScriptEntry(start, at, title, given=Given("posture")))
        place, posture = here, title
        breath = _breath(mark.get("breath"))
        counts = float(mark.get("counts") or _counts(end - start))
        given = Given("movement", counts, 0, min(100, max(0, left_to)), breath)
        out.append(ScriptEntry(start, at, str(mark.get("line", "")), given=given))
    return out


def chapter_entries(text: str, name: str) -> list[ScriptEntry]:
    """Every chapter as a posture of its length. Raises KemvoError where there is none."""
    out: list[ScriptEntry] = []
    line = 1
    for block in _blocks(text):
        found = _BLOCK.search(block)
        if found and found[3].strip():
            start, end = stamp_ms(found[1]), stamp_ms(found[2])
            title = " ".join(re.sub(r"<[^>]*>", "", found[3]).split())
            for mark, meant in (("&lt;", "<"), ("&gt;", ">"), ("&amp;", "&")):
                title = title.replace(mark, meant)
            out.append(ScriptEntry(start, line, title, given=Given("posture", _counts(end - start))))
        line += block.count("\n") + 2
    return out


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


def _breath(value: object) -> Breath:
    return "in" if value == "in" else "out" if value == "out" else "free"


def _blocks(text: str) -> list[str]:
    return re.split(r"\n[ \t]*\n", text.replace("\r\n", "\n"))
