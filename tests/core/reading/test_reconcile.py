"""The second look: what sounds plainly like an action is read though no rule knows it, and what sounds like none is not.

The sentences are invented (common practice, no source); some are like lines that are learned from, none is one of them.
"""

from __future__ import annotations

from pathlib import Path

import pytest
from bench.reading import LINES, cases

from kemvo.core.facts import Fact
from kemvo.core.model.form import Movement
from kemvo.core.model.mirror import mirror_text
from kemvo.core.movement.fields import corrected, signs
from kemvo.core.reading.learned import classifier as likely
from kemvo.core.reading.learned.classifier import ACTIONS, likelihoods, parsed, weighed
from kemvo.core.reading.learned.reconcile import reconcile
from kemvo.core.reading.reader import read_by_rules, read_line
from told_facts import stands_in

ADDED = [
    ("plonk your weight on the right", "shift", "R"),
    ("fifty five forty five right leg", "shift", "R"),
    ("nearly everything is over the left leg now", "shift", "L"),
    ("half and half between both legs", "shift", "both"),
    ("a smallish step with the left", "step", "L"),
    ("out to the corner with the right", "step", "R"),
    ("across goes the right foot", "step", "R"),
    ("tiptoe the right foot in", "step", "R"),
    ("hover the right foot", "lift", "R"),
    ("pigeon toe the right foot", "pivot", "R"),
    ("make the left leg light", "shift", "R"),
    ("everything into the left", "shift", "L"),
]


@pytest.mark.parametrize(("text", "kind", "side"), ADDED)
def test_turns_of_speech_that_no_rule_knows(text: str, kind: str, side: str) -> None:
    assert [(f.kind, f.side) for f in read_line(text)] == [(kind, side)]


def test_what_is_added_is_told_as_guessed_and_no_longer_once_it_is_put_right() -> None:
    assert [f.guessed for f in read_line("turn the right toes in")] == [False]
    here = Movement(line="pigeon toe the right foot")
    assert [(s.kind, s.origin) for s in signs(here)] == [("pivot", "guessed")]
    assert [(s.kind, s.origin) for s in signs(corrected(here, 0, "side"))] == [("pivot", "hand")]


def test_a_turn_says_where_to() -> None:
    assert [(f.kind, f.to) for f in read_line("coil round to the right")] == [("turn", "right")]


@pytest.mark.parametrize("text", [t for t, _, _ in ADDED])
def test_they_mirror(text: str) -> None:
    here = [(f.kind, f.side) for f in read_line(text)]
    there = [(f.kind, f.side) for f in read_line(mirror_text(text))]
    other = {"L": "R", "R": "L"}
    assert there == [(kind, other.get(side or "", side)) for kind, side in here]


@pytest.mark.parametrize(
    "text",
    [
        "don't plonk your weight on the right",
        "if that's too much tiptoe the right foot in",
        "beginners tend to hover the right foot",
        "some people pigeon toe the right foot",
        "never fall across onto the right foot",
    ],
)
def test_nothing_is_added_where_it_is_only_warned_of_or_spoken_about(text: str) -> None:
    assert read_line(text) == []


@pytest.mark.parametrize(
    "text",
    [
        "good morning everyone",
        "have a drink of water",
        "the right hand floats up over the left",
        "relax your shoulders and let the elbows sink",
        "put your mats by the left wall",
        "that was much better this time",
        "i'd like the hands to arrive with the feet",
        "right fist goes out",
        "the left palm drifts away to the corner",
    ],
)
def test_talk_and_hands_stay_unread(text: str) -> None:
    assert read_line(text) == []


def test_what_was_added_says_where_it_stands_and_keeps_to_its_fields() -> None:
    for text, _, _ in ADDED:
        assert all(stands_in(text, f) for f in read_line(text))


def test_it_means_the_foot_spoken_of_before() -> None:
    told = [(f.kind, f.side) for f in read_line("lift the left foot and out to the corner with it")]
    assert told == [("lift", "L"), ("step", "L")]


@pytest.mark.parametrize(
    ("text", "facts"),
    [
        ("sink into the left leg and turn it out", [("shift", "L"), ("pivot", "L")]),
        ("come up over the right leg, turn that foot in", [("shift", "R"), ("pivot", "R")]),
        ("step back with the left and climb onto that leg", [("step", "L"), ("shift", "L")]),
    ],
)
def test_it_and_that_leg_are_those_spoken_of_before(text: str, facts: list[tuple[str, str]]) -> None:
    assert [(f.kind, f.side) for f in read_line(text)] == facts
    other = {"L": "R", "R": "L"}
    assert [(f.kind, f.side) for f in read_line(mirror_text(text))] == [(kind, other[side]) for kind, side in facts]


def test_likelihoods_are_shares_and_one_for_each_clause() -> None:
    for text, _ in cases("idioms.txt"):
        _, tokens, clauses, _ = read_by_rules(text)
        found = likelihoods(tokens, clauses)
        assert len(found) == len(clauses)
        for here in found:
            assert set(here) == set(ACTIONS)
            assert all(0 <= p <= 1 for p in here.values())


def test_what_is_certain_is_left_alone(monkeypatch: pytest.MonkeyPatch) -> None:
    """Without anything learned (no sign weighs, every action even) the rules' reading stays as it is."""
    nothing = weighed({kind: {} for kind in ACTIONS}, dict.fromkeys(ACTIONS, 0.5))
    monkeypatch.setattr(likely, "learned_weights", lambda: nothing)
    for text, _ in cases("tuned.txt"):
        reading = read_by_rules(text)
        assert reconcile(*reading) == reading.facts


def test_silent_clauses_get_nothing_and_lose_nothing() -> None:
    for text, _ in cases("idioms.txt"):
        facts, tokens, clauses, _ = read_by_rules(text)
        assert reconcile(facts, tokens, clauses, range(len(clauses))) == facts


def test_the_table_is_read_as_it_is_written() -> None:
    table = "% a comment\nstep % 19.5\nshift % 20.0\nstep 1.5 a;b c\nshift -0.5 a\n"
    weights = parsed(table)
    assert weights.usual == {"step": 0.195, "shift": 0.2}
    assert weights.signs["b c"] == (1.5, 0, 0, 0, 0, 0)
    assert weights.signs["a"] == (1.5, 0, 0, -0.5, 0, 0)


def test_the_table_that_ships_has_a_usual_share_of_every_kind() -> None:
    weights = likely.learned_weights()
    assert set(weights.usual) == set(ACTIONS)
    assert all(0 < share < 0.5 for share in weights.usual.values())
    assert Path(likely.__file__).with_name(likely.WORDS).stat().st_size < 400_000


def test_a_side_is_a_side_whichever_it_is() -> None:
    """No sign tells left from right, so that a mirrored text is read as its mirror."""
    words = {w for sign in likely.learned_weights().signs for w in sign.replace(":", "").split()}
    assert words.isdisjoint({"left", "right", "northeast", "northwest", "southeast", "southwest", "east", "west"})


def test_lines_never_learned_from_are_read_better_with_it() -> None:
    """On the lines of `held_out` files: found and right, against the rules alone."""

    def errors(facts: list[Fact], wanted: list[tuple[str, str]]) -> int:
        kinds = [w[0] for w in wanted if w[0] in ACTIONS]
        found = [f.kind for f in facts if f.kind in ACTIONS]
        return sum(abs(kinds.count(kind) - found.count(kind)) for kind in ACTIONS)

    lines = [c for f in sorted(LINES.glob("held_out*.txt")) for c in cases(f.name)]
    alone = sum(errors(read_by_rules(text).facts, wanted) for text, wanted in lines)
    with_it = sum(errors(read_line(text), wanted) for text, wanted in lines)
    assert with_it < alone
