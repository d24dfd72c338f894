"""A table opened as a text of instruction: CSV, separated by commas, semicolons or tabs.

What each column is, its heading says. A row may name a posture, tell a movement, or both; columns for parts of the body ("Feet",
"What the hands do") tell one movement together; the words of every other column are kept as lines of their own.
"""

from __future__ import annotations

import csv
import re
from collections.abc import Iterator, Mapping, Sequence

from kemvo.core.text_import.kinds.labels import plainly
from kemvo.core.text_import.one_line.line_notes import breath_in, weight_in
from kemvo.core.text_import.whole_text.entries import Given, ScriptEntry
from kemvo.core.text_import.whole_text.headings import BODY, COMMANDS
from kemvo.core.types import LONGEST_MS, number_in
from kemvo.formats.csv_text import csv_rows
from kemvo.formats.text import CLOCK, stamp_ms

ROLES: Mapping[str, tuple[str, ...]] = {
    "time": ("t_ms", "start_ms", "start", "time", "at", "begin", "from"),
    "section": ("section", "part", "chapter", "group"),
    "number": ("number", "no", "no.", "nr", "#", "num", "label"),
    "name": ("posture", "name", "posture name", "form", "title", "move"),
    "side": ("side", "sides", "left/right", "l/r"),
    "times": ("times", "repeats", "repeat", "repetitions", "reps"),
    "line": (
        "text", "line", "words", "instruction", "instructions", "movement", "movements", "cue", "description",
        "detail", "details", "action", "what", "how", "step", "steps",
    ),
    "notes": ("notes", "note", "remarks", "remark", "comment", "comments"),
    "counts": ("counts", "count", "beats", "cts", "cts.", "ct", "ct."),
    "seconds": ("seconds", "secs", "sec", "duration", "duration_s"),
    "end": ("end", "end_ms", "stop", "to", "until"),
    "breath": ("breath", "breathing", "br", "br.", "inhale/exhale", "in/out"),
    "weight": ("weight", "weight shift", "wt", "wt.", "load"),
}  # fmt: skip
"""What a heading says its column is. To know another heading, add it. Where a movement ends, the next one's time says; of
durations times are made, where there are no others."""

BODY_HEADS = frozenset(
    "feet foot footwork legs leg stance hands hand arms arm upper lower body waist torso eyes gaze head".split()
)
"""A column whose heading has one of these words tells what a part of the body does: all of them tell one movement."""

BESIDE_BODY = frozenset("what the do does of and work position action actions movement movements left right s".split())
"""What else such a heading may say: "What the feet do"; "Sink into the left leg" is none."""
HEAD_WORDS = 4

WITHIN_HEADS: Mapping[str, str] = {
    "weight": "weight", "wt": "weight", "breath": "breath", "breathing": "breath", "counts": "counts", "count": "counts",
    "beats": "counts", "posture": "name", "section": "section", "notes": "notes", "remarks": "notes", "seconds": "seconds",
    "time": "time", "repeats": "times", "times": "times", "instruction": "line", "instructions": "line", "movement": "line",
    "movements": "line", "description": "line", "cue": "line", "name": "name",
}  # fmt: skip
"""What longer headings say: "Posture (English)", "Weight in %"; of several words the first of this table counts."""

_SHORT_SIDES = {"l": "left", "r": "right"}
_TIME = re.compile(CLOCK)


def table_entries(text: str, name: str) -> Iterator[ScriptEntry]:
    """Every row: its section and its posture where they change, then its words. Without a heading that is known, the cells
    of a row stand together as they would in a line."""
    dialect: type[csv.Dialect]
    lines = [line for line in text.splitlines() if line.strip()]
    try:
        by_tabs = sum("\t" in line.strip() for line in lines) >= MOSTLY_TABS * len(lines)
        dialect = csv.excel_tab if by_tabs else csv.Sniffer().sniff(text[:4000], delimiters=",;\t")
    except csv.Error:
        dialect = csv.excel
    yield from row_entries(list(csv_rows(text, name, dialect)))


def is_table(text: str) -> bool:
    """Whether a text is a table, whatever its ending says: cells copied from a spreadsheet (tabs within most lines), or rows
    under headings that are known."""
    lines = [line for line in text.splitlines() if line.strip()]
    if len(lines) < 2:
        return False
    if sum("\t" in line.strip() for line in lines) >= MOSTLY_TABS * len(lines):
        return True
    heads = [h.strip().lower() for h in re.split(r"[,;]", lines[0])]
    known = {role for role, names in ROLES.items() for h in heads if h in names}
    return len(heads) > 1 and len(known) == len(heads) and bool(known & {"name", "line"})


def is_records(text: str) -> bool:
    """Whether a text says in every line what it is: "Feet: left heel steps out", "Weight: 70 L"."""
    lines = [line for line in text.splitlines() if line.strip()]
    found = [m[1].strip().lower() for line in lines if (m := _FIELD.match(line))]
    roles = [_role(head) for head in dict.fromkeys(found)]
    words = not {"name", "line", "body"}.isdisjoint(roles)
    repeats = len(found) > len(set(found))
    return (
        words
        and repeats
        and sum(map(bool, roles)) >= FEWEST_FIELDS
        and sum(bool(_role(h)) for h in found) >= MOSTLY_FIELDS * len(lines)
    )


def record_entries(text: str, name: str) -> Iterator[ScriptEntry]:
    """The entries of such a text: a new row begins where a heading comes again, or after an empty line."""
    rows: list[tuple[int, dict[str, str]]] = []
    others: list[ScriptEntry] = []
    new = True
    for no, line in enumerate(text.splitlines(), 1):
        found = _FIELD.match(line)
        if not found:
            new = new or not line.strip()
            if line.strip():
                others.append(ScriptEntry(None, no, line.strip(), heading=0 if rows or others else 1))
            continue
        head, cell = found[1].strip().lower(), found[2].strip()
        if new or head in rows[-1][1]:
            rows.append((no, {}))
            new = False
        rows[-1][1][head] = cell
    if rows and set(rows[0][1]) <= TITLE_HEADS:  # "Form: Tin Soldier", over all
        no, row = rows.pop(0)
        others.append(ScriptEntry(None, no, next(iter(row.values())), heading=1))
    heads = list(dict.fromkeys(head for _, row in rows for head in row))
    told, _ = _under_heads(heads, [(no, [row.get(head, "") for head in heads]) for no, row in rows])
    yield from sorted([*others, *told], key=lambda e: e.line)


TITLE_HEADS = frozenset({"form", "title", "sequence", "set"})
_FIELD = re.compile(r"\s*(?:[-*•]\s+)?([A-Za-z][A-Za-z /()%-]{0,30}):\s+(\S.*)$")
FEWEST_FIELDS = 3
MOSTLY_FIELDS = 0.7
"""The fewest different fields, and their least share of the lines, that make a text of fields (own choice)."""

MOSTLY_TABS = 0.7
"""From this share of lines with a tab between words on, a text is a table (own choice)."""


def row_entries(rows: Sequence[tuple[int, Sequence[str]]]) -> Iterator[ScriptEntry]:
    """The entries of a table whose rows are taken apart already, each with the number of its line."""
    rows = [(no, [c.strip() for c in row]) for no, row in rows if any(cell.strip() for cell in row)]
    if not rows:
        return
    known = [_known(row) for _, row in rows[:MOST_OVER_HEADS]]
    at = next((i for i, n in enumerate(known) if n >= FEWEST_HEADS), 0)
    if not known[at]:
        yield from _without_heads(rows)
        return
    yield from _over_heads(rows[:at])
    entries, until = _under_heads([cell.lower() for cell in rows[at][1]], rows[at + 1 :])
    yield from entries[:-1]
    yield from (e._replace(until_ms=until) for e in entries[-1:])


MOST_OVER_HEADS = 4
"""Over its headings a table has less rows than this, with its title (own choice)."""


def _known(row: Sequence[str]) -> int:
    """How many of the cells are headings that are known; 0 where none of them is of words."""
    roles = _roles([cell.lower() for cell in row])
    return 0 if {"name", "line", "body", "notes"}.isdisjoint(roles) else sum(map(bool, roles))


def _over_heads(rows: Sequence[tuple[int, Sequence[str]]]) -> Iterator[ScriptEntry]:
    """What stands over the headings: the title, which a cell before it may call so ("Form; Willow Ten")."""
    for k, (no, row) in enumerate(rows):
        cells = [cell for cell in row if cell]
        called = len(cells) > 1 and cells[0].lower().rstrip(":") in ("form", "title", "name", "sequence", "set")
        yield ScriptEntry(None, no, " ".join(cells[1:] if called else cells), heading=0 if k else 1)


def _instructs(words: str) -> bool:
    """Whether a note tells what to do, and not only how: "step out slowly", not "slow"."""
    return not (COMMANDS | BODY).isdisjoint(re.findall(r"[a-z]+", words.lower()))


def _under_heads(
    heads: Sequence[str], rows: Sequence[tuple[int, Sequence[str]]]
) -> tuple[list[ScriptEntry], int | None]:
    """The entries of the rows under headings, and when the last one ends, where that is said: by an end, how long it lasts, or a time that
    stands alone."""
    roles = _roles(heads)
    notes = [cell for _, row in rows for role, cell in zip(roles, row, strict=False) if role == "notes" and cell]
    if {"line", "body"}.isdisjoint(roles) and ("name" not in roles or 2 * sum(map(_instructs, notes)) >= len(notes)):
        roles = ["line" if role == "notes" else role for role in roles]
    out: list[ScriptEntry] = []
    until: int | None = None
    last: dict[str, str] = {}
    elapsed = 0
    for no, row in rows:
        cells = dict.fromkeys((*ROLES, "body"), "")
        others = []
        for head, role, cell in zip([*heads, *[""] * len(row)], [*roles, *[""] * len(row)], row, strict=False):
            if _EMPTY.fullmatch(cell):
                continue
            if role == "body":
                cells[role] = "; ".join(x for x in (cells[role], _of_part(head, cell)) if x)
            elif role == "weight" and not cells[role]:
                cells[role] = _on_the_leg_of(head, cell)
            elif role and not cells[role]:
                cells[role] = cell
            elif cell:
                worded = re.search(r"[^\W\d_]{2}", cell) and not plainly(f"{head}: {cell}")
                others.append(cell if worded or not head else f"{head}: {cell}")
        at = _ms(cells["time"], heads[roles.index("time")]) if "time" in roles else None
        lasts = _ms(cells["seconds"], "")
        if "time" not in roles and lasts is not None:
            at, elapsed = elapsed, elapsed + lasts
            until = elapsed
        else:
            until = at if not any(cells[k] for k in ("section", "name", "line", "body")) else None
            until = _ms(cells["end"], heads[roles.index("end")]) if cells["end"] else until
        if cells["section"] and cells["section"] != last.get("section"):
            out.append(ScriptEntry(at, no, cells["section"], given=Given("section")))
        line, given = _line(cells)
        if cells["name"] and (not line or any(cells[k] != last.get(k) for k in ("section", "number", "name", "side"))):
            sure = not {"line", "body"}.isdisjoint(roles)
            out.append(ScriptEntry(at, no, _name(cells), given=Given("posture", listed=True, sure=sure)))
        title = cells["name"] or last.get("name", "")
        remarks = [f"{title}: {cells['notes']}" if title else cells["notes"]] if cells["notes"] else []
        told = ((line, given), *((x, None) for x in others), *((x, Given("note")) for x in remarks))
        out += [ScriptEntry(at, no, words, given=said) for words, said in told if words]
        last = cells
    return out, until


_EMPTY = re.compile(r"[-–—./]*")
_NUMBER_ALONE = re.compile(r"^(\d{1,3})\s*%?$")
_PART = re.compile(r"(left|right)\s+(foot|leg|hand|arm|palm|elbow|knee)", re.IGNORECASE)


def _roles(heads: Sequence[str]) -> list[str]:
    """What the columns are. A first row of words of instruction could sound like one heading, but not like two."""
    roles = [_role(head) for head in heads]
    if sum(map(bool, roles)) < FEWEST_HEADS:
        roles = [_exact_role(head) for head in heads]
    return roles


FEWEST_HEADS = 2


ON_A_LEG = frozenset("left right l r leg foot side on the in weight".split())
""" "Left %", "% on the right leg": a column of weights."""


def _exact_role(head: str) -> str:
    return next((role for role, names in ROLES.items() if head in names), "")


def _role(head: str) -> str:
    """What a heading says its column is; "" for one that is not known."""
    exact = _exact_role(head)
    if exact:
        return exact
    words = re.findall(r"[^\W\d_]+", head)
    if "%" in head and words and ON_A_LEG.issuperset(words):
        return "weight"
    if not BODY_HEADS.isdisjoint(words) and BODY_HEADS.union(BESIDE_BODY).issuperset(words):
        return "body"
    return next((role for word, role in WITHIN_HEADS.items() if word in words), "") if len(words) <= HEAD_WORDS else ""


def _of_part(head: str, cell: str) -> str:
    """What a part of the body does: under "Left foot", "steps forward" is what the left foot does."""
    part = _PART.fullmatch(head)
    bare = next((w for w in re.findall(r"[a-z]+", head) if w in NAMED_BY_HEADS), "")
    if part is None and bare and BODY.isdisjoint(re.findall(r"[a-z]+", cell.lower())):
        return f"{bare} {cell[:1].lower()}{cell[1:]}"
    if part is None or re.search(r"\b(?:left|right|l|r)\b", cell, re.IGNORECASE):
        return cell
    return (
        f"{part[1]} {cell}"
        if re.match(r"(?:toes?|heel|ball|sole|knee|palm|fist|fingers)\b", cell, re.IGNORECASE)
        else f"{part[0]} {cell}"
    )


NAMED_BY_HEADS = frozenset({"hands", "arms", "waist", "eyes", "gaze"})
"""What such a column's cells leave out: "open like wings" under "Hands"."""


def _on_the_leg_of(head: str, cell: str) -> str:
    """A weight with the leg that its heading names: "70" under "Weight on left, %"."""
    leg = re.search(r"\b(left|right|l|r)\b", head)
    return f"{cell} {leg[1]}" if leg and _NUMBER_ALONE.match(cell) else cell


def _name(cells: Mapping[str, str]) -> str:
    """A posture as a list names it: "5. Brush knee, left, 3 times"."""
    number = f"{cells['number'].rstrip('.')}. " if cells["number"] else ""
    side = _SHORT_SIDES.get(cells["side"].lower(), cells["side"])
    times = cells["times"].lower().strip("x× ")
    said = f"{times} times" if times.isdigit() else times
    return ", ".join(x for x in (number + cells["name"], side, "" if times == "1" else said) if x)


def _line(cells: Mapping[str, str]) -> tuple[str, Given | None]:
    """The words of a movement, and what other columns say of it: that goes into its fields, and is not spoken. Cells that say
    something else stand with the words."""
    counts = re.fullmatch(r"(\d{1,6}(?:[.,]\d{1,6})?)(?:\s*(?:counts?|beats?))?", cells["counts"].strip())
    breath, weight = breath_in(cells["breath"]), weight_in(cells["weight"])
    told = ["; ".join(x for x in (cells["line"], cells["body"]) if x)] if cells["line"] or cells["body"] else []
    told += [
        _NUMBER_ALONE.sub(r"\1 percent of the weight", cells[k]) if k == "weight" else cells[k]
        for k, known in (("counts", counts), ("breath", breath), ("weight", weight))
        if cells[k] and known is None
    ]
    if not told and counts:
        told = [f"over {counts[1]} counts"]  # how long the posture lasts that the row names
        return told[0], None
    if not told or (counts is None and breath is None and weight is None):
        return ", ".join(told), None
    number = number_in(counts[1]) if counts else None
    return ", ".join(told), Given("movement", number, 0, weight, breath)


def _without_heads(rows: Sequence[tuple[int, Sequence[str]]]) -> Iterator[ScriptEntry]:
    """The cells of each row, but for its time; a first column that only counts the rows says nothing."""
    labels = [re.fullmatch(r"(\d{1,3})\.?", row[0]) if len(row) > 1 else None for _, row in rows]
    counting = [label and int(label[1]) for label in labels] == list(range(1, len(rows) + 1))
    for (no, row), label in zip(rows, labels, strict=True):
        time = next((i for i, c in enumerate(row) if _TIME.fullmatch(c)), None)
        words = ", ".join(c for i, c in enumerate(row) if c and i != time and not (label and i == 0))
        if words:
            number = f"{label[1]}. " if label and not counting else ""
            yield ScriptEntry(None if time is None else stamp_ms(row[time]), no, number + words)


def _ms(cell: str, head: str) -> int | None:
    if _TIME.fullmatch(cell):
        return stamp_ms(cell)
    try:
        number = number_in(cell)
    except ValueError:
        return None
    ms = number if head.endswith("_ms") else number * 1000
    return round(ms) if 0 <= ms < LONGEST_MS else None
