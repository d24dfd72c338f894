"""A form written out in any usual layout is read back as the same form."""

from __future__ import annotations

import csv
import io
from collections.abc import Callable
from typing import NamedTuple

import pytest
from bench.reading import NAMES
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.model.form import Form
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()


class Row(NamedTuple):
    """A movement: its words, and its counts."""

    words: str
    counts: int


class Plan(NamedTuple):
    """A posture: its name, side, how often, and its movements."""

    name: str
    side: str
    times: int
    rows: list[Row]


Sections = list[tuple[str, list[Plan]]]

WORDS = (
    "shift into the right leg", "step out with the left heel", "sit back", "turn the left toes in", "breathe out", "weight even",
    "the palms face each other", "bring the right foot in", "raise both arms slowly",
)  # fmt: skip
NAMED = (
    "Willow bends", "Heron wades", "Tide turns", "Reeds in the wind", "Stone on the shore", "Gull circles", "Moon over water",
    "Nets are drawn", "The ferry waits",
)  # fmt: skip
TITLES = ("Opening part", "The middle", "Along the dyke", "Homeward")

rows = st.builds(Row, st.sampled_from(WORDS), st.integers(1, 12))
plans = st.builds(
    Plan, st.sampled_from(NAMED), st.sampled_from(["", "left", "right"]), st.integers(1, 4), st.lists(rows, min_size=1, max_size=4)
)  # fmt: skip
sections = st.lists(
    st.tuples(st.sampled_from(TITLES), st.lists(plans, min_size=1, max_size=4)), min_size=2, max_size=3, unique_by=lambda s: s[0]
)  # fmt: skip


def _label(p: Plan) -> str:
    return p.name + (f", {p.side}" if p.side else "") + (f" x{p.times}" if p.times > 1 else "")


def _counted(r: Row) -> str:
    return f"{r.words}, {r.counts} counts"


def numbered(form: Sections) -> str:
    """Parts, numbered postures, lettered movements."""
    out, no = [], 0
    for part, (title, postures) in enumerate(form, 1):
        out += [f"Part {part}: {title}", ""]
        for p in postures:
            no += 1
            out.append(f"{no}. {_label(p)}")
            out += [f"   {'abcdef'[i]}) {_counted(r)}" for i, r in enumerate(p.rows)]
        out.append("")
    return "\n".join(out)


def headings(form: Sections) -> str:
    """Headings of two levels under a title, movements as bullets."""
    out = ["# Our form", ""]
    for title, postures in form:
        out += [f"## {title}", ""]
        for p in postures:
            out += [f"### {_label(p)}", "", *(f"- {_counted(r)}" for r in p.rows), ""]
    return "\n".join(out)


def bullets(form: Sections) -> str:
    """Bullets within bullets."""
    out = []
    for title, postures in form:
        out.append(f"- {title}")
        for p in postures:
            out += [f"  - {_label(p)}", *(f"    - {_counted(r)}" for r in p.rows)]
    return "\n".join(out)


def tabs(form: Sections) -> str:
    """Indented by tabs."""
    return bullets(form).replace("    - ", "\t\t").replace("  - ", "\t").replace("- ", "")


def bold(form: Sections) -> str:
    """Sections as headings, postures in bold, movements as lines."""
    out = []
    for title, postures in form:
        out += [f"# {title}", ""]
        for p in postures:
            out += [f"**{_label(p)}**", "", *(f"* {_counted(r)}" for r in p.rows), ""]
    return "\n".join(out)


def table(form: Sections, separator: str = ",") -> str:
    """A row a movement, every thing in its column."""
    out = io.StringIO()
    writer = csv.writer(out, delimiter=separator)
    writer.writerow(["Section", "No", "Posture", "Side", "Times", "Movement", "Counts"])
    no = 0
    for title, postures in form:
        for p in postures:
            no += 1
            writer.writerows([title, no, p.name, p.side, p.times, r.words, r.counts] for r in p.rows)
    return out.getvalue()


def markdown_table(form: Sections) -> str:
    """The same as Markdown has it."""
    lines = [line.split("\t") for line in table(form, "\t").splitlines()]
    lines.insert(1, ["---"] * len(lines[0]))
    return "\n".join(f"| {' | '.join(cells)} |" for cells in lines)


LAYOUTS: dict[str, tuple[Callable[[Sections], str], str]] = {
    "numbers": (numbered, "x.txt"),
    "headings": (headings, "x.md"),
    "bullets": (bullets, "x.md"),
    "bullets of text": (bullets, "x.txt"),
    "tabs": (tabs, "x.txt"),
    "bold": (bold, "x.md"),
    "table": (table, "x.csv"),
    "semicolons": (lambda form: table(form, ";"), "x.csv"),
    "spreadsheet": (lambda form: table(form, "\t"), "x.txt"),
    "markdown table": (markdown_table, "x.md"),
}


def read(text: str, name: str) -> Form:
    return draft(read_script(script_entries(text.encode(), name), NAMES), CATALOGUE, "", "x").form


def told(form: Form) -> list[list[tuple]]:
    side = {"L": "left", "R": "right", None: ""}
    return [
        [(p.name, side[p.side], p.repeats, [(m.line.split(",")[0], m.counts) for m in p.movements]) for p in s.postures]
        for s in form.sections
    ]


def wanted(form: Sections) -> list[list[tuple]]:
    return [[(p.name, p.side, p.times, [(r.words, r.counts) for r in p.rows]) for p in ps] for _, ps in form]


@pytest.mark.parametrize("layout", LAYOUTS)
@settings(max_examples=25)
@given(sections)
def test_a_form_written_out_is_read_back(layout: str, form: Sections) -> None:
    write, name = LAYOUTS[layout]
    found = read(write(form), name)
    assert told(found) == wanted(form)
    titles = [s.title.split(": ")[-1] for s in found.sections]
    assert titles == [title for title, _ in form]


@settings(max_examples=25)
@given(sections, st.sampled_from(sorted(LAYOUTS)), st.sampled_from(sorted(LAYOUTS)))
def test_two_layouts_mean_the_same_weights(form: Sections, one: str, other: str) -> None:
    weights = [
        [(m.left_pct, m.breath) for p in read(write(form), name).postures() for m in p.movements]
        for write, name in (LAYOUTS[one], LAYOUTS[other])
    ]
    assert weights[0] == weights[1]
