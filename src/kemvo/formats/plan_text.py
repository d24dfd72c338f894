"""The plan on paper as Markdown and as CSV. Written only."""

from __future__ import annotations

import csv
import io

from kemvo.core.paper import Paper


def write_markdown(sheet: Paper) -> str:
    """A sheet as Markdown."""
    out = [f"# {sheet.title}", "", sheet.subtitle, ""]
    for b in sheet.blocks:
        out += [f"## {b.clock} {b.title} ({b.minutes:g} min)", ""]
        told = " · ".join(x for x in (b.kind, b.how) if x)
        out += [told, ""] if told else []
        out += [f"> {b.says}", ""] if b.says else []
        for line in b.lines:
            out.append(f"- **{' '.join(x for x in (line.number, line.title) if x)}**")
            out += [f"  - {w}" for w in line.words]
            out += [f"  - *{c}*" for c in line.cautions]
        out += [""] if b.lines else []
    out += ["---", "", *(f"*{n}*\n" for n in sheet.notes)]
    return "\n".join(out)


def write_csv(sheet: Paper) -> str:
    """A sheet as CSV: a row for every posture of a block, and one for a block without any."""
    file = io.StringIO()
    out = csv.writer(file)
    out.writerow(["clock", "block", "kind", "minutes", "how", "says", "number", "posture", "words", "cautions"])
    for b in sheet.blocks:
        block = [b.clock, b.title, b.kind, b.minutes, b.how, b.says]
        for line in b.lines:
            out.writerow([*block, line.number, line.title, " / ".join(line.words), " / ".join(line.cautions)])
        if not b.lines:
            out.writerow([*block, "", "", "", ""])
    return file.getvalue()
