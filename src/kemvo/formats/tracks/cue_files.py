"""Cue files written: captions, chapters and metadata (WebVTT), SubRip, CSV, a plain sheet, label lists."""

from __future__ import annotations

import json
from collections.abc import Callable
from typing import NamedTuple

from kemvo.core.practice.cue_rows import CueRow, TimelineMark, cue_rows, marks
from kemvo.core.practice.pipeline import Practice
from kemvo.core.practice.soundtrack import Sound
from kemvo.core.timing.timeline import chapters
from kemvo.formats.csv_text import csv_text
from kemvo.formats.tracks.captions import write_captions
from kemvo.formats.webvtt import VttCue, as_payload, write_vtt


class CueFile(NamedTuple):
    """A kind of file: how it is called, its ending, and how it is written."""

    id: str
    title: str
    ending: str
    media_type: str
    write: Callable[[Practice], str]


def said(practice: Practice) -> list[CueRow]:
    """The utterances of a practice."""
    return [r for r in cue_rows(practice) if r.start_ms is not None]


def _captions(practice: Practice) -> str:
    return write_vtt(
        VttCue(r.id.replace("-->", "→").replace("\n", " "), r.start_ms or 0, r.end_ms or 0, as_payload(r.text))
        for r in said(practice)
    )


def _chapters(practice: Practice) -> str:
    found = chapters(practice.heard)
    ends = [*(at for at, _ in found[1:]), practice.heard.total_ms]
    return write_vtt(
        VttCue("", at, end, as_payload(title)) for (at, title), end in zip(found, ends, strict=False) if end > at
    )


def _metadata(practice: Practice) -> str:
    def payload(m: TimelineMark) -> str:
        plain = {k: v for k, v in m._asdict().items() if k not in ("start_ms", "end_ms") and v not in ("", 0)}
        plain = {"left_from": m.left_from, "left_to": m.left_to, **plain}
        return json.dumps(plain, ensure_ascii=False).replace("-->", "→").replace("&", "\\u0026").replace("<", "\\u003c")

    return write_vtt(VttCue("", m.start_ms, m.end_ms, payload(m)) for m in marks(practice) if m.end_ms > m.start_ms)


def _srt(practice: Practice) -> str:
    return write_captions(
        [Sound(r.start_ms or 0, (r.end_ms or 0) - (r.start_ms or 0), "speech", r.text) for r in said(practice)], "srt"
    )


COLUMNS = ("start_ms", "end_ms", "text", "state", "kind", "pass", "posture", "you_do", "for_ms", "reason", "id")


def _csv(practice: Practice) -> str:
    rows = (
        ["" if r.start_ms is None else r.start_ms, "" if r.end_ms is None else r.end_ms, r.text, r.state, r.kind,
         r.pass_title, r.posture, r.does, r.target_ms, r.reason, r.id]
        for r in cue_rows(practice)
    )  # fmt: skip
    return csv_text([COLUMNS, *rows])


def _labels(practice: Practice) -> str:
    return "".join(
        f"{(r.start_ms or 0) / 1000:.3f}\t{(r.end_ms or 0) / 1000:.3f}\t{' '.join(r.text.split())}\n"
        for r in said(practice)
    )


def _sheet(practice: Practice) -> str:
    """A sheet to read from: the passes, the postures, and what is said with its time."""
    out: list[str] = []
    place = ("", "")
    for r in cue_rows(practice):
        if r.pass_title != place[0]:
            out += [*([""] if out else []), r.pass_title.upper()]
        if r.posture and (r.pass_title, r.posture) != place:
            out.append(f"  {r.posture}")
        place = (r.pass_title, r.posture)
        at = _short(r.target_ms if r.start_ms is None else r.start_ms)
        out.append(f"    {at:>8}  {r.text}" + ("" if r.start_ms is not None else "  (left out)"))
    return "\n".join(out) + "\n"


def _short(ms: int) -> str:
    tenths = round(ms / 100)
    return f"{tenths // 600}:{tenths // 10 % 60:02d}.{tenths % 10}"


CUE_FILES: dict[str, CueFile] = {
    row.id: row
    for row in (
        CueFile("captions", "Captions (WebVTT)", "vtt", "text/vtt", _captions),
        CueFile("subrip", "Captions (SubRip)", "srt", "application/x-subrip", _srt),
        CueFile("chapters", "Chapters (WebVTT)", "chapters.vtt", "text/vtt", _chapters),
        CueFile("metadata", "Weight and breath (WebVTT)", "metadata.vtt", "text/vtt", _metadata),
        CueFile("table", "Table (CSV)", "csv", "text/csv", _csv),
        CueFile("sheet", "Sheet (text)", "txt", "text/plain", _sheet),
        CueFile("labels", "Labels (tab-separated)", "labels.txt", "text/tab-separated-values", _labels),
    )
}
"""The files of what is said. To write another kind, add a row."""
