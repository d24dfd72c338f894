"""Shares of the weight, angles and times, however they are written."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.facts import Fact
from kemvo.core.reading.reader import read_line

WORDS = {
    5: "five", 10: "ten", 15: "fifteen", 20: "twenty", 25: "twenty five", 30: "thirty", 35: "thirty-five", 40: "forty",
    60: "sixty", 65: "sixty-five", 70: "seventy", 75: "seventy five", 80: "eighty", 85: "eighty five", 90: "ninety", 95: "ninety five",
}  # fmt: skip


def one(line: str, kind: str) -> Fact:
    """The one fact of a kind that a line tells."""
    (found,) = (f for f in read_line(line) if f.kind == kind)
    return found


shares = st.sampled_from(sorted(WORDS))
sides = st.sampled_from([("left", "L"), ("right", "R")])


@given(shares, sides, st.sampled_from(["{p} percent", "{p}%", "{w} percent", "{p} per cent"]))
def test_a_share_is_read_as_it_is_written(n: int, side: tuple[str, str], how: str) -> None:
    said = how.format(p=n, w=WORDS[n])
    shift = one(f"shift {said} of your weight to the {side[0]} leg", "shift")
    assert (shift.side, shift.share) == (side[1], n)


@given(
    shares,
    st.sampled_from(["weight {a} {n} {b} {m}", "{n} percent {a}, {m} percent {b}", "{n}% {a} {m}% {b}"]),
    st.booleans(),
)
def test_of_two_shares_the_greater_leg_receives(n: int, how: str, left_first: bool) -> None:
    a, b = ("left", "right") if left_first else ("right", "left")
    facts = [f for f in read_line(how.format(a=a, b=b, n=n, m=100 - n)) if f.kind == "shift"]
    assert {(f.side, f.share) for f in facts} >= {((a if n > 50 else b)[0].upper(), max(n, 100 - n))}


@pytest.mark.parametrize(
    ("part", "percent"),
    [
        ("two thirds", 67), ("two-thirds", 67), ("2/3", 67), ("three quarters", 75), ("three-quarters", 75), ("3/4", 75),
        ("a third", 33), ("1/3", 33), ("a quarter", 25), ("1/4", 25), ("half", 50),
    ],
)  # fmt: skip
def test_a_part_of_the_weight(part: str, percent: int) -> None:
    assert one(f"{part} of the weight goes into the left leg", "shift").share == percent


@pytest.mark.parametrize(
    ("line", "to", "degrees"),
    [
        ("turn 90 degrees to the right", "right", 90),
        ("turn forty-five degrees left", "left", 45),
        ("turn 1/4 R", "right", 90),
        ("a quarter turn to the left", "left", 90),
        ("1/8 turn L", "left", 45),
        ("half turn to the right", "right", 180),
        ("3/4 turn to the right", "right", 270),
        ("turn 45° to the left", "left", 45),
    ],
)
def test_how_far_the_body_turns(line: str, to: str, degrees: int) -> None:
    turn = one(line, "turn")
    assert (turn.to, turn.degrees) == (to, degrees)


@pytest.mark.parametrize(
    ("pair", "share"), [("70/30", 70), ("70-30", 70), ("60:40", 60), ("seventy thirty", 70), ("sixty-forty", 60)]
)
def test_a_pair_of_shares(pair: str, share: int) -> None:
    shift = one(f"weight {pair} to the left", "shift")
    assert (shift.side, shift.share) == ("L", share)


@pytest.mark.parametrize("line", ["left foot has no weight", "the right foot has nothing to do"])
def test_what_a_foot_has_is_no_step(line: str) -> None:
    assert all(f.kind != "step" for f in read_line(line))


@given(st.integers(1, 12))
def test_counts_and_seconds(n: int) -> None:
    assert one(f"shift to the left over {n + 1} counts", "counts").counts == n + 1
    assert one(f"hold for {n} seconds", "hold").ms == n * 1000
    assert one(f"hold {n}s", "hold").ms == n * 1000


@given(
    st.sampled_from([n for n in WORDS if n >= 50]),
    sides,
    st.sampled_from(
        [
            "roll forward, {w} on the {s}",
            "Sit back, {w} on the {s} leg",
            "{w} in the {s}",
            "sink down, {p} into the {s}",
        ]
    ),
)
def test_a_bare_number_that_goes_on_with_its_leg_is_a_share(n: int, side: tuple[str, str], how: str) -> None:
    shift = one(how.format(w=WORDS[n], p=n, s=side[0]), "shift")
    assert (shift.side, shift.share) == (side[1], n)


@pytest.mark.parametrize(
    "line", ["turn sixty on the left heel", "pivot ninety on the ball of the right foot", "turn sixty to the left"]
)
def test_a_number_that_turns_on_a_foot_is_none(line: str) -> None:
    assert not any(f.kind == "shift" for f in read_line(line))
