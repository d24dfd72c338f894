"""The plan on paper as Markdown, as CSV, and as a page that prints. Written only."""

from __future__ import annotations

import html

from kemvo.core.views.printed_plan import Paper
from kemvo.formats.csv_text import csv_text


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
    out: list[list[object]] = [
        ["clock", "block", "kind", "minutes", "how", "says", "number", "posture", "words", "cautions"]
    ]
    for b in sheet.blocks:
        block: list[object] = [b.clock, b.title, b.kind, b.minutes, b.how, b.says]
        for line in b.lines:
            out.append([*block, line.number, line.title, " / ".join(line.words), " / ".join(line.cautions)])
        if not b.lines:
            out.append([*block, "", "", "", ""])
    return csv_text(out)


STYLE = (
    "body{font:11pt/1.4 Georgia,serif;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#1b2a2f}"
    "h1{margin:0}h2{font-size:12.5pt;margin:1.1rem 0 .1rem;border-top:1px solid #bbb;padding-top:.4rem;break-after:avoid}"
    "p{margin:.1rem 0}ul{margin:.2rem 0 .2rem 1.2rem;padding:0}.q{color:#55606a}section{break-inside:avoid}"
    "svg{float:right;margin:.4rem 0 .4rem 1rem}@page{margin:16mm}"
)


def write_html(sheet: Paper) -> str:
    """A sheet as a page of its own that prints well, the floor of every block drawn beside it."""
    e = html.escape
    out = [f"<!doctype html><html lang=en><meta charset=utf-8><title>{e(sheet.title)}</title><style>{STYLE}</style>"]
    out.append(f"<h1>{e(sheet.title)}</h1><p class=q>{e(sheet.subtitle)}</p>")
    for b in sheet.blocks:
        out.append(f"<section><h2>{e(b.clock)} {e(b.title)} <span class=q>{b.minutes:g} min</span></h2>")
        if b.way:
            out.append(_drawn(b.way))
        told = " · ".join(x for x in (b.kind, b.how) if x)
        out.append(f"<p class=q>{e(told)}</p>" if told else "")
        out.append(f"<p>“{e(b.says)}”</p>" if b.says else "")
        for line in b.lines:
            words = "".join(f"<li>{e(w)}</li>" for w in line.words)
            words += "".join(f"<li class=q><i>{e(c)}</i></li>" for c in line.cautions)
            name = " ".join(x for x in (line.number, line.title) if x)
            out.append(f"<p><b>{e(name)}</b></p>" + (f"<ul>{words}</ul>" if words else ""))
        out.append("</section>")
    out += [f"<p class=q><i>{e(n)}</i></p>" for n in sheet.notes]
    return "\n".join(out)


def _drawn(way: tuple[tuple[float, float], ...]) -> str:
    """The way of the body over the floor, front up, with a cross where it begins."""
    xs, ys = [x for x, _ in way], [-y for _, y in way]
    left, top = min(xs) - 0.3, min(ys) - 0.3
    width, height = max(xs) + 0.3 - left, max(ys) + 0.3 - top
    points = " ".join(f"{x:.2f},{-y:.2f}" for x, y in way)
    return (
        f'<svg width="110" height="{min(150, round(110 * height / width))}" viewBox="{left:.2f} {top:.2f} {width:.2f} {height:.2f}">'
        f'<polyline points="{points}" fill="none" stroke="#2b4f7d" stroke-width="{width / 60:.3f}"/>'
        f'<path d="M{way[0][0] - 0.12:.2f} {-way[0][1]:.2f}h.24m-.12 -.12v.24" stroke="#8f3f5a" stroke-width="{width / 60:.3f}"/></svg>'
    )
