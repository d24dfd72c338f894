"""The cue sheet as PDF: when what is said (the class's sides), and beside it what the instructor does (their own sides)."""

from __future__ import annotations

import io
from collections.abc import Sequence
from typing import TYPE_CHECKING

from kemvo.core.cues.directions import Reader
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.practice.cue_rows import CueRow
from kemvo.formats.paper.plan_pdf import INK, QUIET, as_latin

if TYPE_CHECKING:
    from fpdf import FPDF

WIDTHS = {"class": (16.0, 40.0, 118.0), "instructor": (16.0, 34.0, 66.0, 58.0)}
HEADS = {
    "class": ("time", "posture", "what you hear"),
    "instructor": ("time", "posture", "you say (their sides)", "you do (your sides)"),
}


ATTACHED = "cues.csv"
"""The table that goes within the sheet, so that it can be read back."""


def write_cue_pdf(title: str, rows: Sequence[CueRow], reader: Reader, table: str) -> bytes:
    """The sheet, A4. Passes are headings; what is left out is not on it. `table`: the same as CSV, attached to it."""
    from fpdf import FPDF

    pdf = FPDF(format="A4")
    pdf.set_title(as_latin(title))
    pdf.set_auto_page_break(True, margin=16)
    pdf.set_margins(18, 16)
    pdf.add_page()
    pdf.set_text_color(*INK)
    pdf.set_font("Helvetica", "B", 18)
    pdf.multi_cell(pdf.epw, 9, as_latin(title or "Cue sheet"), new_x="LMARGIN", new_y="NEXT")
    pdf.set_font("Helvetica", "", 9)
    pdf.set_text_color(*QUIET)
    pdf.multi_cell(pdf.epw, 5, f"Cue sheet for the {reader}", new_x="LMARGIN", new_y="NEXT")
    pdf.set_draw_color(200, 208, 204)
    part: list[CueRow] = []
    for row in (*(r for r in rows if r.start_ms is not None), None):
        if row is None or (part and row.pass_title != part[-1].pass_title):
            if part:
                _table(pdf, part, reader)
            part = []
        if row is not None:
            part.append(row)
    pdf.embed_file(bytes=table.encode(), basename=ATTACHED, desc="What is said, as a table", compress=True)
    return bytes(pdf.output())


def attached(data: bytes, name: str) -> bytes:
    """The table within a cue sheet. Raises KemvoError for any other PDF."""
    try:
        from pypdf import PdfReader

        found = PdfReader(io.BytesIO(data)).attachments.get(ATTACHED, [])
    except Exception as error:
        raise KemvoError(
            Problem(
                what=f"This PDF cannot be read ({error or type(error).__name__}).",
                where=name,
                mend="Choose a cue sheet that Kemvo made.",
            )
        ) from None
    if not found:
        raise KemvoError(
            Problem(what="This PDF is no cue sheet of Kemvo’s.", where=name, mend="Choose a cue sheet, or captions.")
        )
    return bytes(found[0])


def _table(pdf: FPDF, rows: Sequence[CueRow], reader: Reader) -> None:
    from fpdf.fonts import FontFace

    pdf.ln(3)
    pdf.set_font("Helvetica", "B", 12)
    pdf.set_text_color(*INK)
    pdf.multi_cell(pdf.epw, 6, as_latin(rows[0].pass_title), new_x="LMARGIN", new_y="NEXT")
    pdf.set_font("Helvetica", "", 9)
    quiet = FontFace(color=QUIET)
    with pdf.table(
        col_widths=WIDTHS[reader], borders_layout="HORIZONTAL_LINES", text_align="LEFT", line_height=4.6, padding=1
    ) as table:
        head = table.row(style=FontFace(emphasis="ITALICS", color=QUIET))
        for name in HEADS[reader]:
            head.cell(name)
        posture = ""
        for r in rows:
            line = table.row()
            seconds = (r.start_ms or 0) // 1000
            line.cell(f"{seconds // 60}:{seconds % 60:02d}", style=quiet)
            line.cell(as_latin(r.posture if r.posture != posture else ""), style=quiet)
            posture = r.posture
            line.cell(as_latin(r.text))
            if reader == "instructor":
                line.cell(as_latin(r.does), style=quiet)
