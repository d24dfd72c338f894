"""WebVTT, written and read: blocks of an identifier, two times and a payload."""

from __future__ import annotations

import html
import re
from collections.abc import Iterable, Iterator
from typing import NamedTuple

from kemvo.formats.text import stamp_ms

_STAMP = r"(?:\d+:)?\d{1,2}:\d{2}[.,]\d{1,3}"
_TAG = re.compile(r"</?[A-Za-z][^<>]*>|</?>|<[\d:.]+>")
_TIMING = re.compile(rf"^\s*({_STAMP})\s*-->\s*({_STAMP})")


class VttCue(NamedTuple):
    """A cue of a track: in which line of the file its times stand (0: it was not read from one)."""

    id: str
    start_ms: int
    end_ms: int
    payload: str
    line: int = 0


def _stamp(ms: int) -> str:
    return f"{ms // 3_600_000:02d}:{ms // 60_000 % 60:02d}:{ms // 1000 % 60:02d}.{ms % 1000:03d}"


def write_vtt(blocks: Iterable[VttCue]) -> str:
    """A WebVTT file of blocks whose payloads are safe."""
    out = ["WEBVTT"]
    for b in blocks:
        times = f"{_stamp(b.start_ms)} --> {_stamp(b.end_ms)}"
        out.append("\n".join(x for x in (b.id, times, b.payload) if x))
    return "\n\n".join(out) + "\n"


def as_payload(text: str) -> str:
    """A text as WebVTT takes it (section 4.2.2, caption text: no "-->", "&" and "<" written out)."""
    return html.escape(" ".join(text.split()), quote=False)


def as_text(payload: str) -> str:
    """The words of a payload, without tags and the times inside."""
    return " ".join(html.unescape(without_tags(payload)).split())


def without_tags(text: str) -> str:
    """A text without tags and without times inside it."""
    return _TAG.sub("", text)


def read_vtt(text: str) -> Iterator[VttCue]:
    """The blocks of a WebVTT file that have times; notes, styles and the head are passed over."""
    rows = [*text.splitlines(), ""]
    begins = 0
    for at, row in enumerate(rows):
        if row.strip():
            continue
        part = rows[begins:at]
        timed = next((i for i, r in enumerate(part) if _TIMING.match(r)), None)
        if timed is not None and (found := _TIMING.match(part[timed])):
            id_ = part[timed - 1].strip() if timed else ""
            payload = "\n".join(part[timed + 1 :])
            yield VttCue(id_, stamp_ms(found[1]), stamp_ms(found[2]), payload, begins + timed + 1)
        begins = at + 1
