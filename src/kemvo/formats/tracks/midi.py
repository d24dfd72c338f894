"""A practice as a Standard MIDI File (through mido): its tempo map, markers at passes and postures, words as lyrics.

A count is a quarter note. Where a tempo changes gradually every movement has the tempo that makes it as long as it is.
Still times are counted in seconds. Where the weight arrives is the pan (controller 10), breaths and still times are text
events, so that `formats/tracks/timed.py` reads a form from it again. Texts are UTF-8.
"""

from __future__ import annotations

import io

import mido

from kemvo.core.timing.timeline import Timeline
from kemvo.core.types import Breath

TICKS = 960
"""Ticks a count."""
CHARSET = "utf-8"
PAN = 10
"""Controller 10: 0 is all the weight on the left leg, 127 all on the right."""
MOVEMENT_TEXT = "movement"
"""A movement without words."""
STILL_TEXTS = ("hold", "pause", "turn")
BREATHS: dict[str, Breath] = {"breath in": "in", "breath out": "out"}


def left_of_pan(value: int) -> int:
    """The share on the left leg, in percent, of a value of the pan."""
    return 100 - round(value * 100 / 127)


def pan_of_left(left_pct: int) -> int:
    """The value of the pan for a share on the left leg, in percent."""
    return round((100 - left_pct) * 127 / 100)


def write_midi(timeline: Timeline) -> bytes:
    """The file of a timeline."""
    file = mido.MidiFile(type=0, ticks_per_beat=TICKS, charset=CHARSET)
    track = mido.MidiTrack()
    file.tracks.append(track)
    tempo, waiting, leg = 0, 0, None
    for s in timeline.spans:
        ms = s.end_ms - s.start_ms
        moving = s.kind == "movement" and s.movement is not None
        counts = s.movement.counts if moving and s.movement else ms / 1000
        ticks = max(1, round(counts * TICKS))
        new = min(16_777_215, max(1, round(ms * 1000 * TICKS / ticks)))
        texts: list[tuple[str, str]] = []
        if (s.round.no, s.round.nth) != leg:
            leg = (s.round.no, s.round.nth)
            texts.append(("marker", s.round.title))
        if s.performance and s.movement_no == 0 and s.kind == "movement":
            texts.append(("marker", s.performance.posture.title()))
        if moving and s.movement:
            texts += [("text", text) for text, breath in BREATHS.items() if breath == s.movement.breath]
            texts.append(("lyrics", s.movement.line) if s.movement.line.strip() else ("text", MOVEMENT_TEXT))
        elif not moving:
            texts.append(("text", s.kind))
        if new != tempo:
            tempo = new
            track.append(mido.MetaMessage("set_tempo", tempo=new, time=waiting))
            waiting = 0
        if moving:
            track.append(mido.Message("control_change", control=PAN, value=pan_of_left(s.left_to), time=waiting))
            waiting = 0
        for kind, text in texts:
            track.append(mido.MetaMessage(kind, text=text, time=waiting))
            waiting = 0
        waiting += ticks
    track.append(mido.MetaMessage("end_of_track", time=waiting))
    out = io.BytesIO()
    file.save(file=out)
    return out.getvalue()
