"""A practice as a Standard MIDI File (through mido): its tempo map, markers at passes and postures, words as lyrics.

A count is a quarter note. Where a tempo changes gradually every movement has the tempo that makes it as long as it is.
Still times are counted in seconds. Written only.
"""

from __future__ import annotations

import io

import mido

from kemvo.core.timeline import Timeline

TICKS = 960
"""Ticks a count."""
SECOND_US = 1_000_000


def write_midi(timeline: Timeline) -> bytes:
    """The file of a timeline."""
    file = mido.MidiFile(type=0, ticks_per_beat=TICKS)
    track = mido.MidiTrack()
    file.tracks.append(track)
    tempo, waiting, leg = 0, 0, None
    for s in timeline.spans:
        ms = s.end_ms - s.start_ms
        moving = s.kind == "movement" and s.movement is not None
        counts = s.movement.counts if moving and s.movement else ms / 1000
        ticks = max(1, round(counts * TICKS))
        new = min(16_777_215, max(1, round(ms * 1000 * TICKS / ticks)))
        texts = []
        if (s.leg.no, s.leg.round) != leg:
            leg = (s.leg.no, s.leg.round)
            texts.append(("marker", s.leg.title))
        if s.performance and s.movement_no == 0 and s.kind == "movement":
            texts.append(("marker", s.performance.posture.title()))
        if moving and s.movement and s.movement.line:
            texts.append(("lyrics", s.movement.line))
        if new != tempo:
            tempo = new
            track.append(mido.MetaMessage("set_tempo", tempo=new, time=waiting))
            waiting = 0
        for kind, text in texts:
            track.append(mido.MetaMessage(kind, text=_latin(text), time=waiting))
            waiting = 0
        waiting += ticks
    track.append(mido.MetaMessage("end_of_track", time=waiting))
    out = io.BytesIO()
    file.save(file=out)
    return out.getvalue()


def _latin(text: str) -> str:
    return text.replace("’", "'").replace("–", "-").encode("latin-1", "replace").decode("latin-1")
