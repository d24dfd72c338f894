"""The plan on paper as PDF (through fpdf2), in the standard fonts every reader has. Written only."""

from __future__ import annotations

from typing import TYPE_CHECKING

from kemvo.core.views.printed_plan import Paper, PaperRow, lane_x

if TYPE_CHECKING:
    from fpdf import FPDF

INK, QUIET = (27, 42, 47), (95, 108, 112)
PLAIN = str.maketrans({"’": "'", "‘": "'", "“": '"', "”": '"', "–": "-", "—": "-", "→": "->", "\u2060": "", "…": "...", "·": "-"})  # fmt: skip


def write_pdf(sheet: Paper) -> bytes:
    """A sheet as PDF, A4, as many pages as it takes."""
    from fpdf import FPDF

    pdf = FPDF(format="A4")
    pdf.set_title(as_latin(sheet.title))
    pdf.set_auto_page_break(True, margin=16)
    pdf.set_margins(18, 16)
    pdf.add_page()
    _text(pdf, sheet.title, 20, "B")
    _text(pdf, sheet.subtitle, 10, "", QUIET)
    pdf.ln(3)
    for b in sheet.blocks:
        if pdf.will_page_break(22):
            pdf.add_page()
        pdf.set_draw_color(200, 208, 204)
        pdf.line(pdf.l_margin, pdf.get_y(), pdf.w - pdf.r_margin, pdf.get_y())
        pdf.ln(1.5)
        _text(pdf, f"{b.clock}   {b.title}   ({b.minutes:g} min)", 12, "B")
        told = ", ".join(x for x in (b.kind, b.how) if x)
        if told:
            _text(pdf, told, 9, "", QUIET)
        if b.says:
            _text(pdf, f'"{b.says}"', 10, "I")
        if b.way:
            _sketch(pdf, b.way)
        for line in b.lines:
            if pdf.will_page_break(KEPT_MM):
                pdf.add_page()
            _text(pdf, " ".join(x for x in (line.number, line.title) if x), 10.5, "B", indent=4)
            if line.above:
                _text(pdf, f"as at {line.above}", 9, "I", QUIET, indent=9)
            for row in line.rows:
                _row(pdf, row)
            for caution in line.cautions:
                _text(pdf, caution, 9, "I", QUIET, indent=9)
        pdf.ln(2)
    for note in sheet.notes:
        _text(pdf, note, 8.5, "I", QUIET)
    return bytes(pdf.output())


SKETCH_MM = 30.0
KEPT_MM = 12.0
"""A posture's name is not left alone at the foot of a page."""

LANE_MM, BESIDE_MM = 12.0, 42.0 + SKETCH_MM + 3
"""The scroll down the margin, and the columns of counts, weight and breath, beside them the floor."""


def _row(pdf: FPDF, row: PaperRow) -> None:
    """A movement: its piece of the scroll in the margin, its words, counts, weight and breath."""
    left = pdf.l_margin + 4 + LANE_MM + 2
    width = pdf.w - pdf.r_margin - BESIDE_MM - left
    pdf.set_font("Helvetica", "", 9.5)
    text = as_latin(row.words or "-")
    lines = pdf.multi_cell(width, 4.6, text, dry_run=True, output="LINES")
    assert isinstance(lines, list)
    high = 4.6 * max(1, len(lines))
    if pdf.will_page_break(high):
        pdf.add_page()
    top = pdf.get_y()
    pdf.set_text_color(*INK)
    pdf.set_x(left)
    pdf.multi_cell(width, 4.6, text, new_x="LMARGIN", new_y="TOP")
    for n, (value, wide) in enumerate(((row.counts, 16.0), (row.weight, 13.0), (row.breath, 13.0))):
        pdf.set_xy(pdf.w - pdf.r_margin - BESIDE_MM + (0, 16.0, 29.0)[n], top)
        pdf.cell(wide, 4.6, as_latin(value), align="R")
    pdf.set_draw_color(43, 79, 125)
    pdf.set_line_width(0.9)
    ends = [pdf.l_margin + 4 + lane_x(x, LANE_MM) for x in (row.left_from, row.left_to)]
    steps = [k / 8 for k in range(9)]
    pdf.polyline([(ends[0] + (ends[1] - ends[0]) * u * u * (3 - 2 * u), top + high * u) for u in steps])
    pdf.set_line_width(0.2)
    pdf.set_xy(pdf.l_margin, top + high)


def _sketch(pdf: FPDF, way: tuple[tuple[float, float], ...]) -> None:
    """The way of the body over the floor, front up, at the right edge of the page."""
    xs, ys = [x for x, _ in way], [y for _, y in way]
    scale = SKETCH_MM / max(max(xs) - min(xs), max(ys) - min(ys), 0.5)
    right, top = pdf.w - pdf.r_margin, pdf.get_y()
    if top + SKETCH_MM > pdf.h - 18:
        return
    points = [(right - (max(xs) - x) * scale, top + (max(ys) - y) * scale) for x, y in way]
    pdf.set_draw_color(43, 79, 125)
    pdf.set_line_width(0.4)
    pdf.polyline(points)
    pdf.set_draw_color(143, 63, 90)
    x, y = points[0]
    pdf.line(x - 1.5, y, x + 1.5, y)
    pdf.line(x, y - 1.5, x, y + 1.5)
    pdf.set_line_width(0.2)


def _text(
    pdf: FPDF, text: str, size: float, style: str, colour: tuple[int, int, int] = INK, indent: float = 0.0
) -> None:
    pdf.set_font("Helvetica", style, size)
    pdf.set_text_color(*colour)
    pdf.set_x(pdf.l_margin + indent)
    pdf.multi_cell(pdf.epw - indent - SKETCH_MM - 4, size * 0.5, as_latin(text), new_x="LMARGIN", new_y="NEXT")


def as_latin(text: str) -> str:
    """A text in the letters of the standard fonts; others become a question mark."""
    return text.translate(PLAIN).encode("latin-1", "replace").decode("latin-1")
