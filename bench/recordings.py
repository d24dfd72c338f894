"""How near marks bring a recording to the truth, on random seeds: share of movement starts within 0.3, 0.5 and 1 s.

    PYTHONPATH=. python -m bench.recordings [first seed] [how many]

Sessions of the demo's forms and of random parts of them are done with a wavering tempo and unplanned stops, half of them with a posture
left out and one done again (which is known, but where it says so). Marks: none; every third posture; taps at each posture, the hand 80 ms late and uneven by
40; taps at each movement; captions of names, and of names and words: of these a tenth is dropped, a twentieth repeated, and in a
sixth words are misheard. Nothing is filmed: what is heard is as long as it is estimated.
"""

from __future__ import annotations

import sys
from collections.abc import Sequence
from typing import NamedTuple

import numpy as np

from kemvo.core.cues.candidates import name_wordings
from kemvo.core.cues.wording import sayable
from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.model.form import Form
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.recording.calls import TimedText, marks_from
from kemvo.core.recording.clock import clock_of
from kemvo.core.recording.model import Again, Mark
from kemvo.core.recording.performed import Keyed, edited, keyed, performances_of
from kemvo.core.recording.slips_found import by_moments, not_called, postures_planned
from kemvo.core.recording.taps import Tap, marks_from_taps
from kemvo.core.recording.truth import Slips, Truth, truth_of
from kemvo.core.timing.score import score_of
from kemvo.core.timing.timeline import timed
from kemvo.demo.load import demo_files
from kemvo.formats.documents.kemvo_json import read_file

BOUNDS_MS = (300, 500, 1000)
SWAPS = {
    "left": "lift",
    "part": "pot",
    "reeds": "reads",
    "stand": "stamp",
    "weight": "wait",
    "heel": "hill",
    "step": "stop",
    "over": "oven",
    "the": "a",
}


class Case(NamedTuple):
    """A session as it was done."""

    session: Session
    forms: dict[str, Form]
    truth: Truth
    slips: Slips


def case_of(seed: int) -> Case:
    """A random session, done."""
    chance = np.random.default_rng(seed)
    files = [f for f in demo_files() if f.name.endswith(".form.json")]
    form = read_file(files[seed % len(files)].read_bytes()).form()
    ids = [p.id for p in form.postures()]
    many = int(chance.integers(min(6, len(ids)), len(ids) + 1))
    begin = int(chance.integers(0, len(ids) - many + 1))
    passes = tuple(
        Pass(part=Part(form_id="f", first=ids[begin], last=ids[begin + many - 1]), tempo=float(chance.integers(22, 45)))
        for _ in range(int(chance.integers(1, 3)))
    )
    session, forms = with_pass_ids(Session(passes=passes)), {"f": form}
    score = score_of(session, forms)
    names = [name for name, _ in performances_of(keyed(score, timed(score, session, forms)))]
    slips = Slips()
    if seed % 2:
        gone, twice = chance.choice(len(names), 2, replace=False)
        slips = Slips(left_out=(names[int(gone)],), again=(Again(performance=names[int(twice)]),))
    return Case(session, forms, truth_of(session, forms, seed, slips), slips)


def told(case: Case, lines: bool, chance: np.random.Generator) -> list[TimedText]:
    """What is heard, each ending a quarter of a second before its movement, with mishaps."""
    out: list[TimedText] = []
    free = 300
    for s in case.truth.recorded.timeline.spans:
        if s.kind != "movement" or not s.performance or not s.movement or (s.movement_no and not lines):
            continue
        text = (
            name_wordings(s.performance)[0].text
            if s.movement_no == 0 and s.performance.posture.name
            else sayable(s.movement.line)
        )
        ms = estimated_ms(text, 130)
        start = s.start_ms - 250 - ms
        if not text or start < free:
            continue
        free = start + ms + 200
        kind = chance.random()
        if kind < 0.10:
            continue
        if kind > 0.84:
            text = " ".join(SWAPS.get(w.lower(), w) if chance.random() < 0.7 else w[::-1] for w in text.split())
        out.append(TimedText(start, start + ms, text))
        if kind > 0.95:
            out.append(TimedText(start + ms + 400, start + 2 * ms + 400, text))
    return out


def recognised(texts: Sequence[TimedText], chance: np.random.Generator) -> list[TimedText]:
    """Words as a recogniser writes them: some wrong, in blocks of seven words whatever is said, or up to a longer pause."""
    words: list[tuple[int, int, str]] = []
    for t in texts:
        each = t.text.split()
        for n, w in enumerate(each):
            a, b = (t.start_ms + (t.end_ms - t.start_ms) * k // len(each) for k in (n, n + 1))
            if chance.random() > 0.06:
                words.append((a, b, w[::-1] if chance.random() < 0.08 else w))
    blocks: list[list[tuple[int, int, str]]] = []
    for w in words:
        if not blocks or len(blocks[-1]) == 7 or w[0] - blocks[-1][-1][1] > 1500:
            blocks.append([])
        blocks[-1].append(w)
    return [TimedText(b[0][0], b[-1][1], " ".join(w for _, _, w in b)) for b in blocks if b]


def off(case: Case, marks: Sequence[Mark], known: bool, done: Sequence[Keyed] = ()) -> np.ndarray:
    """How far every movement's start is from the truth (ms); a movement that is not known to have been done is a minute off."""
    done, truth = done or case.truth.recorded.done, case.truth.recording
    begins, ends = (truth.begins_ms, truth.ends_ms) if known else (None, None)
    starts = clock_of(done, marks, truth.media.ms, begins, ends).starts()
    true = {m.place: m.at_ms for m in truth.marks if m.edge == "start"}
    at = {k.key: starts[i] for i, k in enumerate(done)}
    return np.array([abs(at[key] - ms) if key in at else 60_000 for key, ms in true.items()])


def main(first: int = 1000, many: int = 20) -> None:
    """Print the shares."""
    rows: dict[str, list[np.ndarray]] = {}
    for seed in range(first, first + many):
        case = case_of(seed)
        chance = np.random.default_rng(seed + 7)
        done, truth = case.truth.recorded.done, case.truth.recording
        firsts = [
            m
            for m in truth.marks
            if m.edge == "start" and any(k.key == m.place and k.place.movement_no == 0 for k in done)
        ]

        def hand(at: int, chance: np.random.Generator = chance) -> int:
            return max(0, round(at + 80 + chance.normal(0, 40)))

        taps = marks_from_taps([Tap(hand(m.at_ms)) for m in firsts], done).marks
        score = score_of(case.session, case.forms)
        plan = timed(score, case.session, case.forms)
        planned = keyed(score, plan)
        found = by_moments([hand(m.at_ms) for m in firsts], postures_planned(planned))
        guessed = edited(planned, found.left_out, found.again)
        alone = marks_from_taps([Tap(hand(m.at_ms)) for m in firsts], guessed).marks
        rows.setdefault("postures tapped, slips not told", []).append(off(case, alone, False, guessed))
        heard_only = marks_from(told(case, True, np.random.default_rng(seed + 9)), planned).marks
        left = edited(planned, not_called(heard_only, planned))
        rows.setdefault("captions, slips not told", []).append(off(case, heard_only, False, left))
        each = marks_from_taps([Tap(hand(m.at_ms), "movement") for m in truth.marks if m.edge == "start"], done).marks
        rows.setdefault("no marks", []).append(off(case, [], False))
        rows.setdefault("no marks, begin and end known", []).append(off(case, [], True))
        rows.setdefault("every third posture tapped", []).append(off(case, taps[::3], True))
        rows.setdefault("every posture tapped", []).append(off(case, taps, False))
        rows.setdefault("every movement tapped", []).append(off(case, each, False))
        running = recognised(told(case, True, chance), chance)
        rows.setdefault("a recogniser's blocks", []).append(off(case, marks_from(running, done).marks, False))
        for title, lines in (("captions of names", False), ("captions of names and words", True)):
            heard = marks_from(told(case, lines, chance), done)
            rows.setdefault(title, []).append(off(case, heard.marks, False))
    for title, found in rows.items():
        all_ = np.concatenate(found)
        shares = "   ".join(f"{ms / 1000:g} s {np.mean(all_ <= ms):4.0%}" for ms in BOUNDS_MS)
        print(f"{title:32} {shares}   median {np.median(all_) / 1000:.2f} s   ({len(all_)} movements)")


if __name__ == "__main__":
    main(*map(int, sys.argv[1:3]))
