"""What is said in a practice as files: captions, chapters and metadata (WebVTT), SubRip, CSV, a plain sheet, label lists;
and the ones that can be read back."""

from __future__ import annotations

import csv
import html
import io
import json
import re
from collections.abc import Callable, Iterable, Iterator, Sequence
from typing import NamedTuple

import pysubs2

from kemvo.core.cue_sheet import CueRow, Mark, cue_rows, marks
from kemvo.core.practice import Practice
from kemvo.core.problem import KemvoError, Problem
from kemvo.core.sound import Sound
from kemvo.core.taking import FileCue
from kemvo.core.timeline import chapters
from kemvo.formats.captions import write_captions


class CueFile(NamedTuple):
    """A kind of file: how it is called, its ending, and how it is written."""

    id: str
    title: str
    ending: str
    media_type: str
    write: Callable[[Practice], str]


def _stamp(ms: int, mark: str = ".") -> str:
    return f"{ms // 3_600_000:02d}:{ms // 60_000 % 60:02d}:{ms // 1000 % 60:02d}{mark}{ms % 1000:03d}"


def _vtt(blocks: Iterable[tuple[str, int, int, str]]) -> str:
    """A WebVTT file of blocks: identifier, times, payload."""
    out = ["WEBVTT"]
    for id_, start, end, payload in blocks:
        out.append("\n".join(x for x in (id_, f"{_stamp(start)} --> {_stamp(end)}", payload) if x))
    return "\n\n".join(out) + "\n"


def _safe(text: str) -> str:
    """A text as WebVTT takes it (4.2.2 of the standard: no "-->", "&" and "<" written out)."""
    return html.escape(" ".join(text.split()), quote=False)


def said(practice: Practice) -> list[CueRow]:
    """The utterances of a practice."""
    return [r for r in cue_rows(practice) if r.start_ms is not None]


def _captions(practice: Practice) -> str:
    return _vtt(
        (r.id.replace("-->", "→").replace("\n", " "), r.start_ms or 0, r.end_ms or 0, _safe(r.text))
        for r in said(practice)
    )


def _chapters(practice: Practice) -> str:
    found = chapters(practice.timeline)
    ends = [*(at for at, _ in found[1:]), practice.timeline.total_ms]
    return _vtt(("", at, end, _safe(title)) for (at, title), end in zip(found, ends, strict=False) if end > at)


def _metadata(practice: Practice) -> str:
    def payload(m: Mark) -> str:
        plain = {k: v for k, v in m._asdict().items() if k not in ("start_ms", "end_ms") and v != ""}
        return json.dumps(plain, ensure_ascii=False).replace("-->", "→").replace("&", "\\u0026").replace("<", "\\u003c")

    return _vtt(("", m.start_ms, m.end_ms, payload(m)) for m in marks(practice) if m.end_ms > m.start_ms)


def _srt(practice: Practice) -> str:
    return write_captions(
        [Sound(r.start_ms or 0, (r.end_ms or 0) - (r.start_ms or 0), "speech", r.text) for r in said(practice)], "srt"
    )


COLUMNS = ("start_ms", "end_ms", "text", "state", "kind", "pass", "posture", "you_do", "for_ms", "reason", "id")


def _csv(practice: Practice) -> str:
    file = io.StringIO()
    out = csv.writer(file)
    out.writerow(COLUMNS)
    for r in cue_rows(practice):
        out.writerow(
            ["" if r.start_ms is None else r.start_ms, "" if r.end_ms is None else r.end_ms, r.text, r.state, r.kind,
             r.pass_title, r.posture, r.does, r.target_ms, r.reason, r.id]
        )  # fmt: skip
    return file.getvalue()


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


# Read back


def read_cues(text: str, name: str) -> list[FileCue]:
    """The lines of a cue file, by its ending, in order of time. Raises KemvoError where there are none."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else ""
    reader = READERS.get(ending)
    if reader is None:
        raise KemvoError(
            Problem(
                what=f"Kemvo takes no cues from “.{ending}” files.",
                where=name,
                mend=f"Choose one of {', '.join(f'.{e}' for e in READERS)}.",
            )
        )
    found = sorted((c for c in reader(text.removeprefix("\ufeff"), name) if c.text.strip()), key=lambda c: c.start_ms)
    if not found:
        raise KemvoError(
            Problem(
                what="There are no cues with times in this file.",
                where=name,
                mend="Choose another file; docs/formats.md shows what is read.",
            )
        )
    return found


_TIMING = re.compile(r"^\s*((?:\d+:)?\d{1,2}:\d{2}[.,]\d{1,3})\s*-->")


def _read_vtt(text: str, name: str) -> Iterator[FileCue]:
    for block in re.split(r"\r?\n\s*\r?\n", text):
        rows = block.strip().splitlines()
        at = next((i for i, row in enumerate(rows) if _TIMING.match(row)), None)
        if at is None:
            continue
        timing = _TIMING.match(rows[at])
        assert timing
        words = html.unescape(re.sub(r"<[^>]*>", "", " ".join(rows[at + 1 :])))
        yield FileCue(_ms(timing[1]), " ".join(words.split()), rows[at - 1].strip() if at else "")


def _read_srt(text: str, name: str) -> Iterator[FileCue]:
    try:
        events = list(pysubs2.SSAFile.from_string(text, "srt"))
    except Exception as error:
        raise KemvoError(
            Problem(
                what=f"These captions cannot be read ({error or type(error).__name__}).",
                where=name,
                mend="Save them again as SubRip.",
            )
        ) from None
    for e in events:
        yield FileCue(max(0, e.start), " ".join(e.plaintext.split()))


def _read_csv(text: str, name: str) -> Iterator[FileCue]:
    reader = csv.DictReader(io.StringIO(text, newline=""))
    heads = {h.strip().lower(): h for h in reader.fieldnames or () if h}
    start = next((heads[h] for h in ("start_ms", "start", "time") if h in heads), None)
    words = next((heads[h] for h in ("text", "words", "cue", "line") if h in heads), None)
    if start is None or words is None:
        raise KemvoError(
            Problem(
                what="This table has no columns for times and words.",
                where=name,
                mend="Name them “start_ms” (or “start”) and “text” in its first row.",
            )
        )
    for no, row in enumerate(reader, 2):
        cell, said_ = (row.get(start) or "").strip(), " ".join((row.get(words) or "").split())
        if not cell or not said_:
            continue
        ms = _cell_ms(cell, start.strip().lower())
        if ms is None:
            raise KemvoError(
                Problem(
                    what=f"“{cell}” is no time.",
                    where=f"{name}, row {no}",
                    mend="Write milliseconds, seconds, or minutes:seconds.",
                )
            )
        yield FileCue(ms, said_, (row.get(heads.get("id", "id")) or "").strip())


def _read_labels(text: str, name: str) -> Iterator[FileCue]:
    for no, row in enumerate(text.splitlines(), 1):
        if not row.strip():
            continue
        cells = row.split("\t")
        try:
            start = float(cells[0].replace(",", "."))
        except ValueError:
            raise KemvoError(
                Problem(
                    what=f"“{cells[0][:40]}” is no time.",
                    where=f"{name}, line {no}",
                    mend="Every line has start and end in seconds and the words, with tabs between them.",
                )
            ) from None
        if 0 <= start < 86_400 and len(cells) > 2:
            yield FileCue(round(start * 1000), " ".join(" ".join(cells[2:]).split()))


def _cell_ms(cell: str, head: str) -> int | None:
    if re.fullmatch(r"(?:\d+:)?\d{1,3}:\d{2}(?:[.,]\d{1,3})?", cell):
        return _ms(cell if re.search(r"[.,]", cell) else f"{cell}.0")
    try:
        number = float(cell)
    except ValueError:
        return None
    ms = number if head.endswith("_ms") else number * 1000
    return round(ms) if 0 <= ms < 86_400_000 else None


def _ms(stamp: str) -> int:
    whole, part = re.split(r"[.,]", stamp)
    units = [int(x) for x in whole.split(":")]
    seconds = 0
    for unit in units:
        seconds = 60 * seconds + unit
    return seconds * 1000 + int(part.ljust(3, "0")[:3])


READERS: dict[str, Callable[[str, str], Iterator[FileCue]]] = {
    "vtt": _read_vtt,
    "srt": _read_srt,
    "csv": _read_csv,
    "txt": _read_labels,
}
"""How each ending is read back."""


def endings() -> Sequence[str]:
    """The endings that can be read back."""
    return tuple(READERS)
