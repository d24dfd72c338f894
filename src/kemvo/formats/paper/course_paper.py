"""A course on paper (PDF through fpdf2) and as CSV. Written only."""

from __future__ import annotations

from kemvo.core.progress.course import CourseLesson, CoursePlan
from kemvo.core.progress.lessons import day_words
from kemvo.core.progress.model import ClassGroup
from kemvo.core.views.class_pages import when_words
from kemvo.formats.csv_text import csv_text
from kemvo.formats.paper.plan_pdf import INK, QUIET, as_latin

STATES = {"held": "held", "missed": "not held", "planned": "to come", "holiday": "holiday"}


def _new(row: CourseLesson) -> str:
    return ", ".join(" ".join(x for x in (p.number, p.title) if x) for p in row.new)


def write_course_csv(made: CoursePlan) -> str:
    """A course as CSV: a row for every day."""
    out: list[list[object]] = [["day", "lesson", "state", "new", "room", "recap", "teaching", "joining", "note"]]
    for r in made.rows:
        out.append([r.day.isoformat(), r.no or "", STATES[r.state], _new(r), r.room, r.recap, r.teach, r.join, r.title])
    return csv_text(out)


def write_course_pdf(title: str, group: ClassGroup, made: CoursePlan) -> bytes:
    """A course as PDF, A4."""
    from fpdf import FPDF
    from fpdf.fonts import FontFace

    pdf = FPDF(format="A4")
    pdf.set_title(as_latin(title))
    pdf.set_auto_page_break(True, margin=16)
    pdf.set_margins(18, 16)
    pdf.add_page()
    for text, size, style, colour in (
        (title, 20, "B", INK),
        (when_words(group), 10, "", QUIET),
        (made.says, 10, "", QUIET),
    ):
        pdf.set_font("Helvetica", style, size)
        pdf.set_text_color(*colour)
        pdf.multi_cell(pdf.epw, size * 0.5, as_latin(text), new_x="LMARGIN", new_y="NEXT")
    pdf.ln(4)
    pdf.set_text_color(*INK)
    pdf.set_font("Helvetica", "", 10)
    head = FontFace(emphasis="BOLD", color=INK)
    with pdf.table(
        col_widths=(12, 42, 74, 46),
        borders_layout="HORIZONTAL_LINES",
        line_height=5.5,
        text_align="LEFT",
        headings_style=head,
    ) as table:
        for cells in (["", "Day", "New", "Minutes"], *(_cells(r) for r in made.rows)):
            row = table.row()
            for cell in cells:
                row.cell(as_latin(cell))
    if made.over:
        pdf.ln(3)
        left = ", ".join(" ".join(x for x in (p.number, p.title) if x) for p in made.over)
        pdf.multi_cell(pdf.epw, 5, as_latin(f"Without a place: {left}"), new_x="LMARGIN", new_y="NEXT")
    return bytes(pdf.output())


def _cells(r: CourseLesson) -> list[str]:
    day = day_words(r.day)
    if r.state in ("holiday", "missed"):
        return ["", day, r.title if r.state == "holiday" else "not held", ""]
    minutes = ", ".join(f"{name} {n:g}" for name, n in (("recap", r.recap), ("new", r.teach), ("joining", r.join)) if n)
    return [str(r.no), day, _new(r) or "-", minutes]
