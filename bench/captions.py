"""How well the spoken lines are read as captions without punctuation, in running text."""

from __future__ import annotations

import difflib
from collections.abc import Iterator
from contextlib import contextmanager

from bench.learned import learned_from
from bench.likely import learn as learn_likely
from bench.pauses import UNCONNECTED
from bench.pauses import learn as learn_pauses
from bench.reading import LINES, NAMES, cases, key
from kemvo.core.reading.learned import classifier as likely
from kemvo.core.reading.normalize import punctuation as pauses
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.script import read_script

FOLDS = 5
"""Where speakers pause and what actions sound like is learned from four fifths of them at a time, and measured on the
others."""


def spoken() -> list[str]:
    """The files of people speaking."""
    return sorted(f.name for f in LINES.glob("*.txt") if f.name.startswith(("spoken", "held_out")))


@contextmanager
def learned_without(names: list[str]) -> Iterator[None]:
    """What is learned, as learned from all but these."""
    kept = pauses.pause_weights, likely.learned_weights
    table = pauses.nested(learn_pauses([n for n in learned_from(*UNCONNECTED) if n not in names]))
    weights = likely.weighed(*learn_likely([n for n in learned_from() if n not in names]))
    pauses.pause_weights = lambda: table  # type: ignore[assignment]
    likely.learned_weights = lambda: weights  # type: ignore[assignment]
    try:
        yield
    finally:
        pauses.pause_weights, likely.learned_weights = kept  # type: ignore[assignment]


def score(name: str, cut: int) -> tuple[int, int, int]:
    """Facts wanted, read, and right, compared in their order; a side that its own line leaves open may come from the line
    before, as captions flow. `cut`: so many words a caption; 0: a line each."""
    lines = cases(name)
    texts = [t.rstrip(".") for t, _ in lines]
    words = " ".join(texts).split()
    blocks = [" ".join(words[i : i + cut]) for i in range(0, len(words), cut)] if cut else texts
    entries = [ScriptEntry(i * 1000, i + 1, b, True) for i, b in enumerate(blocks)]
    found = [key(f) for e in read_script(entries, NAMES) for f in e.facts]
    wanted = [w for _, facts in lines for w in facts]
    kinds = [w[0] for w in wanted], [f[0] for f in found]
    same = difflib.SequenceMatcher(None, *kinds, autojunk=False).get_matching_blocks()
    pairs = [(wanted[b.a + k][1], found[b.b + k][1]) for b in same for k in range(b.size)]
    return len(wanted), len(found), sum(a in (b, "-") for a, b in pairs)


def main() -> None:
    """Print the figures."""
    names = spoken()
    parts: dict[str, list[tuple[int, int, int]]] = {"a caption a line": [], "cut after eight words": []}
    for n in range(FOLDS):
        here = names[n::FOLDS]
        with learned_without(here):
            for label, cut in (("a caption a line", 0), ("cut after eight words", 8)):
                parts[label] += [score(name, cut) for name in here]
    for label, found in parts.items():
        wanted, read, right = (sum(f[i] for f in found) for i in range(3))
        print(
            f"{f'reading captions, {label}: {wanted} facts':<58} recall {right / wanted:6.1%}   precision {right / read:6.1%}   goal >= 95 % both"
        )


if __name__ == "__main__":
    main()
