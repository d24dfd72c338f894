"""Learns what kind each line of a text is (`make learn`), and measures it: each text by a model that has not seen it, and `check` by all.

Texts with their truth lie in `bench/texts`: NAME.truth.json beside the text, or, where only the kinds of lines are known,
texts whose lines begin with a letter for their kind and a bar (`kinds/*.txt`; several in a file, divided by ---). Needs python-crfsuite.
"""

from __future__ import annotations

import difflib
import json
import re
import sys
import tempfile
from collections import Counter
from collections.abc import Sequence
from pathlib import Path
from typing import Any, NamedTuple

import pycrfsuite

from kemvo.core.model.catalogue import Known, name_index
from kemvo.core.text_import.draft import as_written, by_rules
from kemvo.core.text_import.kinds import model
from kemvo.core.text_import.kinds.labels import KINDS, LineKind
from kemvo.core.text_import.kinds.signs import signs_of
from kemvo.core.text_import.whole_text.script import ReadEntry, read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

TEXTS = Path(__file__).parent / "texts"
OUT = Path(model.__file__).parent / model.WEIGHTS
LETTERS: dict[str, LineKind] = dict(zip("TSPMCNXGRK", KINDS, strict=True))
PENALTIES = {"c1": 0.08, "c2": 0.4, "max_iterations": 150, "feature.minfreq": 1, "feature.possible_transitions": True}
"""How strongly weights are drawn towards nothing (chosen on texts left out in turn)."""
SMALLEST = 0.02
"""Weights nearer to nothing are left out of the file."""
_WORD = re.compile(r"[^\W_]+")


class Case(NamedTuple):
    """A text with the signs and true kinds of its entries; None where a kind is not known."""

    name: str
    signs: list[list[str]]
    true: list[LineKind | None]
    written: list[ReadEntry]


def cases(folder: str) -> list[Case]:
    """The texts of a folder of `bench/texts`."""
    out = []
    for path in sorted((TEXTS / folder).iterdir()):
        truth = path.with_name(path.name.split(".")[0] + ".truth.json")
        if path.name.endswith(".truth.json") or path.name == "README.md":
            continue
        if truth.exists():
            told = json.loads(truth.read_text("utf-8"))
            lines = path.read_text("utf-8").split("\n")
            kinds = {x["line"]: x["kind"] for x in told["lines"]}
            out.append(_case(path.name, path.read_bytes(), lines, kinds))
        else:
            for n, text in enumerate(path.read_text("utf-8").split("\n---\n"), 1):
                parts = [line.partition("|") for line in text.split("\n")]
                lines = [rest if bar else line for line, (_, bar, rest) in zip(text.split("\n"), parts, strict=True)]
                kinds = {no: LETTERS[k] if bar else "blank" for no, (k, bar, _) in enumerate(parts, 1)}
                name = f"{n}_{path.name}".replace(
                    ".txt", ".md" if any(x.startswith(("#", "**")) for x in lines) else ".txt"
                )
                out.append(_case(name, "\n".join(lines).encode(), lines, kinds))
    return out


def _case(name: str, data: bytes, lines: Sequence[str], kinds: dict[int, str]) -> Case:
    catalogue = shipped_catalogue()
    known = Known({e.id: e for e in catalogue})
    written = as_written(read_script(script_entries(data, name), name_index(catalogue)), known)
    rules = by_rules(written, known)
    words, of = [], []
    for no, line in enumerate(lines, 1):
        if kinds.get(no, "blank") not in ("blank", "time"):
            found = _WORD.findall(line.lower())
            words += found
            of += [no] * len(found)
    mine, entry = [], []
    for i, r in enumerate(written):
        found = _WORD.findall(r.entry.text.lower())
        mine += found
        entry += [i] * len(found)
    lines_of: dict[int, Counter[int]] = {}
    for a, b, n in difflib.SequenceMatcher(None, words, mine, autojunk=False).get_matching_blocks():
        for k in range(n):
            lines_of.setdefault(entry[b + k], Counter())[of[a + k]] += 1
    true: list[LineKind | None] = []
    begun: set[int] = set()
    for i in range(len(written)):
        if i not in lines_of:
            true.append(None)
            continue
        first = min(lines_of[i])
        line = first if kinds[first] != "continuation" or len(lines_of[i]) == 1 else lines_of[i].most_common(1)[0][0]
        kind = kinds[line]
        if kind == "posture" and line in begun and not written[i].entry.given:
            kind = "movement"
        begun.add(line)
        true.append(kind if kind in KINDS else None)
    return Case(name, signs_of(written, rules.laid, rules.became), true, written)


def trained(texts: Sequence[Case]) -> dict[str, object]:
    """The weights learned from texts, as plain data."""
    trainer = pycrfsuite.Trainer(verbose=False)
    trainer.set_params(PENALTIES)
    for t in texts:
        keep = [i for i, k in enumerate(t.true) if k]
        trainer.append([t.signs[i] for i in keep], [t.true[i] for i in keep])
    with tempfile.TemporaryDirectory() as folder:
        path = f"{folder}/kinds"
        trainer.train(path)
        tagger = pycrfsuite.Tagger()
        tagger.open(path)
        return weights_in(tagger.info(), SMALLEST)


def weights_in(info: Any, smallest: float = 0.0) -> dict[str, object]:
    """The weights of a trained model as plain data. `smallest`: those nearer to nothing are left out."""
    signs: dict[str, dict[str, float]] = {}
    for (sign, kind), weight in info.state_features.items():
        if abs(weight) >= smallest:
            signs.setdefault(sign, {})[kind] = round(weight, 3) if smallest else weight
    onward: dict[str, dict[str, float]] = {}
    for (before, after), weight in info.transitions.items():
        onward.setdefault(before, {})[after] = round(weight, 3) if smallest else weight
    return {"signs": dict(sorted(signs.items())), "onward": onward}


def told(texts: Sequence[Case], weights: dict[str, object], faults: bool = False) -> Counter[str]:
    """How many lines are told right, how many of those that are sure, and how many others became movements."""
    out: Counter[str] = Counter()
    of = model.weights_of(weights)
    for t in texts:
        held = {i: k for i, r in enumerate(t.written) if (k := given(t, i))}
        for i, d in enumerate(model.decide(t.signs, held, of)):
            if t.true[i] is None or i in held:
                continue
            right = d.kind == t.true[i] or {d.kind, t.true[i]} == {"movement", "continuation"}
            out["all"] += 1
            out["right"] += right
            out["sure"] += d.sure >= 0.9
            out["sure right"] += right and d.sure >= 0.9
            moves = t.true[i] in ("movement", "continuation")
            out["false movements"] += d.kind == "movement" and not moves and t.true[i] != "posture"
            out["no movements"] += not moves and t.true[i] != "posture"
            out["movements lost"] += moves and d.kind not in ("movement", "continuation", "posture")
            out["movements"] += moves
            if faults and not right:
                print(f"  {t.name[:24]:24} {t.true[i]:12} {d.kind:12} {d.sure:.2f} {t.written[i].entry.text[:90]}")
    return out


def given(t: Case, i: int) -> LineKind | None:
    """What the file says that an entry is."""
    g = t.written[i].entry.given
    return g.kind if g and g.sure else None


def main() -> None:
    """Learn from all texts but `check`, and say how well kinds are told."""
    faults = "--faults" in sys.argv
    learn = [*cases("learn"), *(cases("kinds") if (TEXTS / "kinds").exists() else [])]
    check = cases("check")
    weights = trained(learn)
    if "--measure" not in sys.argv:
        OUT.write_text(
            json.dumps(weights, indent=None, separators=(",", ":"), ensure_ascii=False).replace("},", "},\n") + "\n",
            "utf-8",
        )
    print("check   ", dict(told(check, weights, faults)))
    turns: Counter[str] = Counter()
    for k in range(6):
        turns += told(learn[k::6], trained([t for i, t in enumerate(learn) if i % 6 != k]), faults)
    print("in turn ", dict(turns))
    print(f"{sum(len(t.true) for t in learn)} entries learned from, {len(weights['signs'])} signs")


if __name__ == "__main__":
    main()
