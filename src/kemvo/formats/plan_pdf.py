"""The plan on paper as PDF (through fpdf2), in the standard fonts every reader has. Written only."""

from __future__ import annotations

from fpdf import FPDF

from kemvo.core.views.printed_plan import Paper

INK, QUIET = (27, 42, 47), (95, 108, 112)
PLAIN = str.maketrans({"’": "'", "‘": "'", "“": '"', "”": '"', "–": "-", "—": "-", "→": "->", "\u2060": "", "…": "...", "·": "-"})  # fmt: skip


def write_pdf(sheet: Paper) -> bytes:
    """A sheet as PDF, A4, as many pages as it takes."""
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
            _text(pdf, " ".join(x for x in (line.number, line.title) if x), 10.5, "B", indent=4)
            for words in line.words:
                _text(pdf, words, 9.5, "", indent=9)
            for caution in line.cautions:
                _text(pdf, caution, 9, "I", QUIET, indent=9)
        pdf.ln(2)
    for note in sheet.notes:
        _text(pdf, note, 8.5, "I", QUIET)
    return bytes(pdf.output())


SKETCH_MM = 30.0


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
