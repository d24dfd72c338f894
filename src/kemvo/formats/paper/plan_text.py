"""The plan on paper as Markdown, as CSV, and as a page that prints. Written only."""

from __future__ import annotations

import html

from kemvo.core.views.printed_plan import Paper, PaperRow, lane_x
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
            out += [f"  - as at {line.above}"] if line.above else []
            out += [f"  - {r.told()}" for r in line.rows]
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
            out.append(
                [
                    *block,
                    line.number,
                    line.title,
                    f"as at {line.above}" if line.above else " / ".join(r.told() for r in line.rows),
                    " / ".join(line.cautions),
                ]
            )
        if not b.lines:
            out.append([*block, "", "", "", ""])
    return csv_text(out)


STYLE = (
    "body{font:11pt/1.4 Georgia,serif;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#1b2a2f}"
    "h1{margin:0}h2{font-size:12.5pt;margin:1.1rem 0 .1rem;border-top:1px solid #bbb;padding-top:.4rem;break-after:avoid}"
    "p{margin:.1rem 0}ul{margin:.2rem 0 .2rem 1.2rem;padding:0}.q{color:#55606a}section{break-inside:avoid}"
    "section>svg{float:right;margin:.4rem 0 .4rem 1rem}table{border-collapse:collapse;width:100%;max-width:38rem}"
    "td{padding:.05rem .5rem .05rem 0;vertical-align:middle}td.s{width:40px;padding:0}"
    "td.s svg{display:block;width:36px;height:1.5em}td.n{white-space:nowrap;text-align:right;width:4.5rem}@page{margin:16mm}"
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
            name = " ".join(x for x in (line.number, line.title) if x)
            above = f" <span class=q>as at {e(line.above)}</span>" if line.above else ""
            out.append(f"<p><b>{e(name)}</b>{above}</p>")
            if line.rows:
                out.append("<table>" + "".join(_row(r) for r in line.rows) + "</table>")
            cautions = "".join(f"<li class=q><i>{e(c)}</i></li>" for c in line.cautions)
            out.append(f"<ul>{cautions}</ul>" if cautions else "")
        out.append("</section>")
    out += [f"<p class=q><i>{e(n)}</i></p>" for n in sheet.notes]
    return "\n".join(out)


def _row(r: PaperRow) -> str:
    """A movement: its piece of the scroll, words, counts, weight, breath."""
    e = html.escape
    x, y = lane_x(r.left_from, 36), lane_x(r.left_to, 36)
    way = (
        f'<svg viewBox="0 0 36 20" preserveAspectRatio="none"><path d="M{x:.1f} 0C{x:.1f} 10 {y:.1f} 10 {y:.1f} 20"'
        ' fill="none" stroke="#2b4f7d" stroke-width="2.5" vector-effect="non-scaling-stroke"/></svg>'
    )
    return (
        f"<tr><td class=s>{way}</td><td>{e(r.words or '–')}</td><td class=n>{e(r.counts)}</td>"
        f"<td class=n>{e(r.weight)}</td><td class=n>{e(r.breath)}</td></tr>"
    )


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
