"""Laws of the scheduler: what must hold whatever it is given."""

import random
from itertools import pairwise

import pytest
from bench.milp import milp_value
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.scheduling.model import Answer, Ceiling, Join, Said, Saying, Talk, in_order, spoken_ms
from kemvo.core.scheduling.reasons import leeway
from kemvo.core.scheduling.solver import solve
from kemvo.core.scheduling.value_curve import DENSE, Front
from talks import talks


def checked(talk: Talk, answer: Answer) -> None:
    """Everything that any schedule has to keep."""
    by_id = {s.id: s for s in talk.sayings}
    for a, b in pairwise(answer.utterances):
        assert a.end_ms + talk.gap_ms <= b.start_ms, "two things at once"
    order = [s.id for s in in_order(talk.sayings)]
    said = [x for u in answer.utterances for x in u.ids]
    assert said == [x for x in order if x in set(said)], "out of order"
    for u in answer.utterances:
        part = [by_id[x] for x in u.ids]
        assert u.start_ms >= (part[0].opens_ms if part[0].pin_ms is None else part[0].pin_ms)
        assert u.end_ms <= min(s.due_ms for s in part) or part[0].pin_ms is not None
        assert all(u.end_ms <= a or u.start_ms >= b for a, b in talk.blocked if a < b), "in a blocked time"
    needed = {s.id for s in talk.sayings if s.must or s.pin_ms is not None}
    assert needed == {x for x in said if x in needed} | set(answer.missed)
    assert needed.isdisjoint(set(answer.missed) & set(said))


def total(talk: Talk, answer: Answer) -> tuple[int, float]:
    """What is compared: how much of what must be said is, then the value."""
    return -len(answer.missed), round(answer.value, 4)


@given(talks())
@settings(max_examples=150, deadline=None)
def test_a_schedule_keeps_what_it_has_to(talk: Talk) -> None:
    checked(talk, solve(talk))
    checked(talk, solve(talk, 10))


@given(talks(), st.randoms())
@settings(max_examples=60, deadline=None)
def test_the_order_of_input_does_not_matter(talk: Talk, chance: random.Random) -> None:
    shuffled = list(talk.sayings)
    chance.shuffle(shuffled)
    assert solve(talk._replace(sayings=tuple(shuffled))) == solve(talk)


def greedy(talk: Talk, chance: random.Random) -> Answer:
    """One thing after another, in a wording drawn by chance (or not at all), each as early as it can be."""
    at, value, said = 0, 0.0, set()
    for s in in_order(talk.sayings):
        w = chance.choice([*s.wordings, None])
        if w is None:
            continue
        start = max(s.opens_ms, at)
        for a, b in sorted(talk.blocked):
            if a < b and start < b and start + w.ms > a:
                start = b
        if start + w.ms > s.due_ms:
            continue
        off = start + w.ms - (s.due_ms if s.ideal_ms is None else s.ideal_ms)
        value += w.worth - (s.late * off if off > 0 else -s.early * off) / 1000 - talk.price_per_s * w.ms / 1000
        at = start + w.ms + talk.gap_ms
        said.add(s.id)
    missed = tuple(s.id for s in talk.sayings if s.must and s.id not in said)
    return Answer((), value, missed, (), value, True)


@given(talks(), st.integers(0, 10_000))
@settings(max_examples=100, deadline=None)
def test_no_schedule_made_by_chance_is_better(talk: Talk, seed: int) -> None:
    best = total(talk, solve(talk))
    chance = random.Random(seed)
    for _ in range(8):
        missed, value = total(talk, greedy(talk, chance))
        assert (missed, value - 2e-3) <= best


@given(talks(), st.integers(0, 6), st.integers(1, 40).map(lambda n: 50 * n))
@settings(max_examples=100, deadline=None)
def test_a_wider_window_or_a_shorter_wording_never_lowers_the_optimum(talk: Talk, no: int, by: int) -> None:
    if no >= len(talk.sayings):
        return
    before = total(talk, solve(talk))
    s = talk.sayings[no]
    ideal = s.due_ms if s.ideal_ms is None else s.ideal_ms
    wider = s._replace(opens_ms=max(0, s.opens_ms - by), due_ms=s.due_ms + by, ideal_ms=ideal)
    shorter = s._replace(wordings=tuple(w._replace(ms=max(1, w.ms - by)) for w in s.wordings))
    for changed in (wider, shorter):
        made = tuple(changed if x.id == s.id else x for x in talk.sayings)
        # A price on being early must not fall on the wording that has become shorter: it may begin as late as before.
        assert total(talk, solve(talk._replace(sayings=made, joins=talk.joins))) >= before


@given(talks(), st.floats(0.05, 0.6))
@settings(max_examples=60, deadline=None)
def test_a_ceiling_on_talk_is_kept_or_said_not_to_be(talk: Talk, share: float) -> None:
    end = max((s.due_ms for s in talk.sayings), default=0) + 1000
    capped = talk._replace(ceilings=(Ceiling(0, end // 2, share), Ceiling(end // 2, end, share)))
    free, answer = solve(talk), solve(capped)
    checked(capped, answer)
    for spoken, c in zip(spoken_ms(capped, answer.utterances), capped.ceilings, strict=True):
        assert not answer.kept or spoken <= share * (c.to_ms - c.from_ms)
    if answer.kept:
        assert len(answer.missed) >= len(free.missed)
        assert answer.value <= answer.bound + 1e-6
        if not free.missed and not answer.missed:
            assert answer.value <= free.value + 1e-6


def test_a_pinned_thing_begins_at_its_time_and_what_cannot_be_said_is_told() -> None:
    first = Saying("a", 2000, 0, 2000, (Said("a", 1000, 5.0),), pin_ms=500)
    second = Saying("b", 3000, 0, 3000, (Said("b", 1000, 5.0),), must=True)
    clash = Saying("c", 2500, 0, 3000, (Said("c", 1000, 5.0),), pin_ms=900)
    answer = solve(Talk((first, second), (), 200))
    assert [(u.ids, u.start_ms) for u in answer.utterances] == [(("a",), 500), (("b",), 1700)]
    answer = solve(Talk((first, second, clash), (), 200))
    assert len(answer.missed) == 1
    assert answer.missed[0] in ("a", "c")


def test_neighbours_are_said_in_one_breath_where_that_saves_time() -> None:
    pair = tuple(Saying(x, 2000, 0, 2000, (Said(x, 1000, 5.0),)) for x in "ab")
    join = Join(("a", "b"), (Said("ab", 1900, 10.0),))
    assert [u.text for u in solve(Talk(pair, (), 200, (join,))).utterances] == ["ab"]
    assert len(solve(Talk(pair, (), 200)).utterances) == 1


def test_windows_of_many_minutes_are_kept_in_little_room() -> None:
    many = tuple(
        Saying(f"{i}", 100_003 * i, 0, 100_003 * i + 7, (Said("x", 1501, 3.0), Said("y", 701, 2.0)), early=0.01)
        for i in range(1, 8)
    )
    answer = solve(Talk(many, ((50_000, 51_001),), 200))
    checked(Talk(many, ((50_000, 51_001),), 200), answer)
    assert answer.value == 21.0


@given(st.lists(st.tuples(st.integers(0, 3000), st.integers(0, 5)), min_size=1, max_size=6))
@settings(max_examples=40, deadline=None)
def test_a_front_in_little_room_is_the_same_front(pieces: list[tuple[int, int]]) -> None:
    import numpy as np

    values = np.concatenate([np.zeros(1, np.int64), *(np.full(n, slope, np.int64) for n, slope in pieces)])
    dense = Front(17, np.cumsum(np.concatenate([values, np.ones(DENSE, np.int64)])))
    packed = dense.packed()
    for t in range(17, 17 + len(dense.values) + 5, 97):
        assert packed.value(t) == dense.value(t)
        assert packed.first(dense.value(t)) == dense.first(dense.value(t))


@given(talks(), st.integers(0, 6))
@settings(max_examples=80, deadline=None)
def test_what_may_last_so_long_may(talk: Talk, no: int) -> None:
    """A saying whose one wording lasts as long as its leeway is still said, and so is everything else."""
    single = tuple(s._replace(wordings=s.wordings[:1], early=0.0, late=0.0, must=False) for s in talk.sayings)
    plain = Talk(single, talk.blocked, talk.gap_ms)
    answer = solve(plain)
    if no >= len(answer.utterances):
        return
    u = answer.utterances[no]
    may = leeway(plain, answer)[u.ids[0]]
    assert may >= u.end_ms - u.start_ms
    longer = tuple(
        s._replace(wordings=(s.wordings[0]._replace(ms=may),)) if s.id == u.ids[0] else s for s in plain.sayings
    )
    after = solve(plain._replace(sayings=longer))
    assert after.value >= answer.value - 1e-9


def saying(id_: str, target: int, *wordings: Said, **more: object) -> Saying:
    return Saying(id_, target, 0, target, wordings, **more)  # type: ignore[arg-type]


def test_two_joins_over_the_same_sayings_are_both_possible() -> None:
    both = (saying("a", 3000, Said("a", 2000, 1)), saying("b", 4000, Said("b", 2000, 1)))
    slow, quick = Join(("a", "b"), (Said("slow", 9000, 9),)), Join(("a", "b"), (Said("quick", 1500, 5),))
    for joins in ((slow, quick), (quick, slow)):
        (u,) = solve(Talk(both, (), 200, joins)).utterances
        assert (u.text, u.end_ms - u.start_ms) == ("quick", 1500)


def test_a_small_price_on_time_counts() -> None:
    """Four ten-thousandths a second over 1,000 s are 0.4."""
    late = saying("a", 1_000_000, Said("a", 1001, 1.0), early=0.0004)
    wall = ((1001, 1_000_000),)
    assert abs(solve(Talk((late,), wall)).value - (1 - 0.0004 * (1_000_000 - 1001) / 1000)) < 1e-6


def test_worths_that_are_too_large_to_add_up_get_a_sentence() -> None:
    large = tuple(saying(f"s{n}", 5000 * n + 5000, Said("x", 1000, 1e15), must=True) for n in range(40))
    with pytest.raises(KemvoError, match="too large"):
        solve(Talk(large))


def test_what_ceilings_leave_free_is_used() -> None:
    """Against the optimum by a general solver (HiGHS), over random problems with up to three ceilings."""
    chance = random.Random(7)
    shares = []
    for _ in range(12):
        sayings = tuple(
            saying(
                f"s{n}",
                t,
                Said("long", 10 * chance.randrange(120, 300), 6),
                Said("short", 10 * chance.randrange(50, 110), 4),
            )
            for n, t in enumerate(sorted(chance.sample(range(4000, 60_000, 500), 9)))
        )
        cuts = [0, *sorted(chance.sample(range(10_000, 50_000, 1000), 2)), 60_000]
        ceilings = tuple(Ceiling(a, b, chance.choice([0.05, 0.1, 0.2])) for a, b in pairwise(cuts))
        talk = Talk(sayings, (), 200, (), ceilings)
        answer = solve(talk)
        assert answer.kept
        best = milp_value(talk)
        assert best is not None
        assert answer.value <= best + 1e-6 <= answer.bound + 2e-6
        shares.append(answer.value / best if best else 1.0)
    assert min(shares) > 0.85
    assert sum(shares) / len(shares) > 0.97
