"""Problems mended together: what is offered holds when it is taken, and no choice of tempos gains more."""

import itertools

from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.practice.mending import SMALL, WORTH_A_SECOND, _best, _Choice, _Place, mendings
from kemvo.core.practice.pipeline import work_out
from kemvo.core.practice.problems import loss_of, problems_of
from strategies import practices, talk


def slow_talk(texts: object) -> dict[str, int]:
    """A voice that is too slow for nearly everything."""
    return {t: round(1.8 * ms) for t, ms in talk(texts).items()}


@settings(max_examples=25, deadline=None)
@given(practices())
def test_what_is_offered_holds_when_it_is_taken(made: tuple) -> None:
    session, forms = made
    before = work_out(session, forms, slow_talk)
    ways = mendings(session, forms, slow_talk)
    assert bool(ways) <= bool(problems_of(before.decisions))
    for way in ways:
        after = work_out(way.session, forms, slow_talk)
        left = problems_of(after.decisions)
        assert way.before == len(problems_of(before.decisions))
        assert way.after == len(left) < way.before
        assert way.essential == sum(d.state == "left out" and d.cue.kind not in SMALL for d in left)
        assert way.longer_ms == after.heard.total_ms - before.heard.total_ms >= 0
        assert way.says
        # Only tempos of postures and small cues are changed.
        plain = {"passes": (), "cue_choices": ()}
        assert way.session.model_copy(update=plain) == session.model_copy(update=plain)
        for was, now in zip(session.passes, way.session.passes, strict=True):
            assert was.model_copy(update={"paces": ()}) == now.model_copy(update={"paces": ()})
    shorter = [w.longer_ms for w in ways]
    assert shorter == sorted(shorter)
    fewer = [(w.after, w.essential) for w in ways]
    assert fewer == sorted(fewer, reverse=True)


choices = st.builds(_Choice, st.just(0.9), st.floats(0, 20).map(lambda x: round(x, 2)), st.integers(0, 8))


@settings(max_examples=200, deadline=None)
@given(st.lists(st.lists(choices, max_size=3), max_size=4), st.integers(0, 20))
def test_no_choice_of_tempos_gains_more(tries: list[list[_Choice]], room: int) -> None:
    tried = {
        _Place("p", str(i)): [c._replace(share=round(0.9 - k / 10, 1)) for k, c in enumerate(x)]
        for i, x in enumerate(tries)
    }
    value = lambda picked: sum(c.gains - WORTH_A_SECOND * c.seconds for c in picked if c)  # noqa: E731
    every = itertools.product(*([None, *x] for x in tried.values()))
    best = max(value(p) for p in every if sum(c.seconds for c in p if c) <= room)
    chosen = _best(tried, room)
    picked = [next(c for c in tried[x] if c.share == share) for x, share in chosen.items()]
    assert sum(c.seconds for c in picked) <= room
    assert value(picked) >= best - 1e-6


@settings(max_examples=25, deadline=None)
@given(practices())
def test_what_is_lost_orders_the_problems(made: tuple) -> None:
    session, forms = made
    for d in work_out(session, forms, slow_talk).decisions:
        assert (loss_of(d) > 0) == (d.state != "full" and not d.wished)
        if d.state == "left out" and not d.wished:
            assert loss_of(d) >= d.cue.worth(0)
