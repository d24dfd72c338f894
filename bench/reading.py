"""How well and how fast lines are read: recall and precision on invented lines, lines a second."""

from __future__ import annotations

import time
from pathlib import Path

from bench.material import long_form
from kemvo.core.facts import Fact
from kemvo.core.model.catalogue import name_index
from kemvo.core.reading.reader import forget_lines, read_line
from kemvo.formats.documents.catalogue import shipped_catalogue

LINES = Path(__file__).parent / "lines"
KEYED = {"turn": "to", "breath": "direction"}
"""What is compared besides the kind: the side, or for these kinds another field; of a posture its id and its side."""

NAMES = name_index(shipped_catalogue())
"""The names of postures that are known, as where a text is brought in."""


def cases(name: str) -> list[tuple[str, list[tuple[str, str]]]]:
    """The lines of a file with their facts as (kind, key)."""
    out = []
    for raw in (LINES / name).read_text().splitlines():
        if raw and not raw.startswith("#"):
            text, _, wanted = raw.partition(" = ")
            facts = [w.split() for w in wanted.split(";") if w.strip()]
            out.append((text, [(f[0], f[1] if len(f) > 1 and f[0] not in ("hold", "counts") else "-") for f in facts]))
    return out


def key(fact: Fact) -> tuple[str, str]:
    """A fact as it is compared."""
    if fact.kind in ("hold", "counts"):
        return fact.kind, "-"
    if fact.kind == "posture":
        return fact.kind, f"{fact.id}.{fact.side}" if fact.side else str(fact.id)
    return fact.kind, str(getattr(fact, KEYED.get(fact.kind, "side")) or "-")


def score(name: str) -> tuple[int, int, int, list[str]]:
    """Facts wanted, facts read, facts right, and the lines that went wrong."""
    wanted_n = read_n = right_n = 0
    wrong = []
    for text, wanted in cases(name):
        found = [key(f) for f in read_line(text, NAMES)]
        left = list(found)
        right = [w for w in wanted if w in left and (left.remove(w) or True)]
        wanted_n, read_n, right_n = wanted_n + len(wanted), read_n + len(found), right_n + len(right)
        if sorted(found) != sorted(wanted):
            wrong.append(f"{text}\n      wanted {wanted}\n      found  {found}")
    return wanted_n, read_n, right_n, wrong


def main(show: bool = False) -> None:
    """Print the figures; with `show`, the lines that went wrong in the tuned file."""
    for name in sorted(f.name for f in LINES.glob("*.txt")):
        wanted, read, right, wrong = score(name)
        print(
            f"{f'reading {name}: {wanted} facts':<58} recall {right / wanted:6.1%}   precision {right / read:6.1%}   goal >= 95 % both"
        )
        if show and not name.startswith("held_out"):
            print("\n".join(wrong))
    distinct = list(dict.fromkeys(t for n in sorted(f.name for f in LINES.glob("*.txt")) for t, _ in cases(n)))
    speed("reading speed, every line another one", distinct)
    form = [m.line for p in long_form().postures() for m in p.movements]
    speed(f"reading speed, the {len(form)} lines of a 108-posture form", form)


def speed(what: str, texts: list[str]) -> None:
    """Print how many of these lines are read in a second, from a start where none was read before."""
    forget_lines()
    begun = time.perf_counter()
    for t in texts:
        read_line(t, NAMES)
    print(f"{what:<58} {len(texts) / (time.perf_counter() - begun):.0f} lines a second   goal >= 5000")


if __name__ == "__main__":
    main(show=True)
