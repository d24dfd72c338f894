"""A practice as one HTML file that plays in any browser without a network: its sound at one to three tempos, words, sway scroll."""

from __future__ import annotations

import base64
import html
import json
import re
from collections.abc import Sequence
from importlib.resources import files
from pathlib import Path
from typing import NamedTuple

from kemvo.core.tables.groups import ADVICE
from kemvo.core.views.stage import Stage

STEP = 2
"""Every so-manieth sample of the stage's curves is kept."""


class Tempo(NamedTuple):
    """A practice at one tempo: what it is called, how it is seen, and its sound (MP3); no sound where a film has it. `room`: how much
    room it needs, in a sentence."""

    name: str
    stage: Stage
    sound: Path | None
    room: str = ""


def _seen(stage: Stage) -> dict[str, object]:
    passes = sorted(stage.passes, key=lambda p: p.start_ms)
    spans = []
    for s in stage.spans:
        here = next((p for p in reversed(passes) if p.start_ms <= s.start_ms), None)
        spans.append(
            {
                "a": s.start_ms,
                "b": s.end_ms,
                "title": s.posture_title,
                "number": " · ".join(x for x in (s.number and f"no. {s.number}", s.times) if x),
                "pass": f"{here.title} · {here.facing}" if here else "",
                "line": "Hold still" if s.kind == "hold" else s.line,
                "counts": s.counts if s.kind == "movement" else 0,
                "full": s.full,
                "breath": s.breath,
                "next": s.next_posture,
                "care": s.care,
                "first": s.kind == "movement" and s.movement_no == 0,
            }
        )
    return {
        "total_ms": stage.total_ms,
        "spans": spans,
        "step": stage.curve.step_ms * STEP,
        "left": [round(x) for x in stage.curve.left[::STEP]],
        "fill": [round(x) for x in stage.curve.fill[::STEP]],
        "said": [{"a": s.at_ms, "b": s.at_ms + s.ms, "t": s.text} for s in stage.sounds if s.kind == "speech"],
    }


def write_takeaway(path: Path, title: str, tempos: Sequence[Tempo], usual: int, film: str = "") -> None:
    """Write the file. `usual`: which of the tempos it begins with. `film`: the name of a video that lies beside the file; then the
    sound is the video's. The sounds are read one after the other: only one of them is in memory."""
    page = (files("kemvo.formats.paper") / "takeaway.html").read_text("utf-8")
    care = " ".join(x for x in (tempos[usual].room, ADVICE) if x)
    before, after = (_filled(half, title=title or "Practice", care=care) for half in page.split("{{data}}"))
    with path.open("w", encoding="utf-8") as out:
        out.write(f'{before}{{"usual":{usual},"film":{_script(film)},"tempos":[')
        for n, t in enumerate(tempos):
            sound = base64.b64encode(t.sound.read_bytes()).decode() if t.sound else ""
            out.write(
                f'{"," if n else ""}{{"name":{_script(t.name)},"stage":{_script(_seen(t.stage))},"sound":"{sound}"}}'
            )
        out.write(f"]}}{after}")


def _filled(page: str, **texts: str) -> str:
    """A page with texts in their places, all at once: what a text itself holds is never taken for a place."""
    return re.sub(r"\{\{(\w+)\}\}", lambda m: html.escape(texts[m[1]]), page)


def _script(value: object) -> str:
    """JSON that may stand in a page: no end of a script nor a comment can be in it (HTML Standard, 4.12.1.3)."""
    return json.dumps(value, separators=(",", ":"), ensure_ascii=False).replace("<", "\\u003c")


BYTES_A_SECOND = 5300
"""What a second of sound takes in the file: the small MP3 of a voice with tones and silences (5.0 kB in the demo), as
text a third more."""


def estimated_bytes(total_ms: int, tempos: Sequence[float], film: bool = False) -> int:
    """About how large the file becomes."""
    seconds = sum(total_ms / 1000 / t for t in tempos)
    return round(seconds * (400 + (0 if film else BYTES_A_SECOND * 4 / 3)) + 12_000)
