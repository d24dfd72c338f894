"""Learns where speakers pause from the lines in `lines/`, and writes `src/kemvo/core/reading/normalize/punctuation_weights.py`.

Lines are joined without punctuation; that a line ended is what is to be told from the words around. Lines of `held_out`
files are not learned from. Run by `make learn`.
"""

from __future__ import annotations

import itertools
import re
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from bench.learned import Signs, fitted, learned_from, often, rows
from bench.reading import cases
from kemvo.core.reading.normalize import punctuation as pauses
from kemvo.core.reading.normalize.fillers import drop_fillers
from kemvo.core.reading.tokens import tokens_of

SEEN = 4
"""A sign must be seen so often to be learned from."""
SMALLEST = 0.5
"""Weights smaller than this are left out; the others are rounded to tenths (neither changes what is measured)."""
STIFFNESS = 1.0

UNCONNECTED = ("ways", "idioms")
"""The lines of these files do not follow one another."""

TARGET = Path(pauses.__file__).with_name("punctuation_weights.py")
HEAD = '''"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make learn`; not to be edited
by hand."""

TABLE = """\\
'''


def example(name: str) -> tuple[list[tuple[str, ...]], NDArray[np.float64]]:
    """The signs between the words of a file's lines, joined, and 1 where a line ended."""
    lines = [re.sub(r"[.,;:!?–—]", " ", text) for text, _ in cases(name)]
    ends = set(np.cumsum([len(text) + 1 for text in lines]))
    tokens = drop_fillers(tokens_of(" ".join(lines)))
    ended = [any(e in ends for e in range(t.end, after.start + 1)) for t, after in itertools.pairwise(tokens)]
    return list(pauses.signs_between([pauses.kind(t) for t in tokens])), np.array(ended, float)


def learn(names: list[str]) -> dict[str, float]:
    """The weights learned from these files."""
    examples = [example(n) for n in names]
    signs: Signs = [s for here, _ in examples for s in here]
    ended = np.concatenate([e for _, e in examples])
    weights = fitted(signs, ended, often(signs, SEEN), STIFFNESS)
    kept = fitted(signs, ended, [s for s, w in weights.items() if abs(w) > SMALLEST], STIFFNESS)
    return {sign: round(weight, 1) for sign, weight in kept.items()}


def write(weights: dict[str, float]) -> None:
    """The table as a file of the project."""
    named = [(*sign.split(" ", 1), weight) for sign, weight in sorted(weights.items())]
    TARGET.write_text(f'{HEAD}{rows((f"{name} {weight}", words) for name, words, weight in named)}"""\n')


def main() -> None:
    """Learn and write."""
    names = learned_from(*UNCONNECTED)
    table = learn(names)
    write(table)
    print(f"{len(table)} signs learned from {len(names)} files: {TARGET.name}")


if __name__ == "__main__":
    main()
