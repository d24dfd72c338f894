"""Random problems of what to say when."""

from itertools import pairwise

from hypothesis import strategies as st

from kemvo.core.scheduling.model import Join, Said, Saying, Talk, in_order

times = st.integers(0, 400).map(lambda n: 50 * n)
wordings = st.lists(
    st.builds(
        Said,
        text=st.just("w"),
        ms=st.integers(1, 60).map(lambda n: 50 * n),
        worth=st.integers(1, 40).map(lambda n: n / 4),
    ),
    min_size=1,
    max_size=3,
).map(tuple)


@st.composite
def sayings(draw: st.DrawFn) -> tuple[Saying, ...]:
    out = []
    for i in range(draw(st.integers(0, 7))):
        target = draw(times)
        due = max(0, target + draw(st.sampled_from([-250, 0, 500])))
        out.append(
            Saying(
                f"s{i}",
                target,
                max(0, target - draw(times) // 4),
                due,
                draw(wordings),
                draw(st.sampled_from([None, due, max(0, due - 400)])),
                draw(st.sampled_from([0.0, 0.25, 2.0])),
                draw(st.sampled_from([0.0, 1.0])),
                draw(st.sampled_from([False] * 5 + [True])),
                rank=draw(st.integers(0, 2)),
            )
        )
    return tuple(out)


@st.composite
def talks(draw: st.DrawFn) -> Talk:
    said = draw(sayings())
    order = in_order(said)
    joins = tuple(Join((a.id, b.id), draw(wordings)) for a, b in pairwise(order) if draw(st.booleans()))
    blocked = tuple((a, a + ms) for a, ms in draw(st.lists(st.tuples(times, times), max_size=2)))
    return Talk(said, blocked, draw(st.sampled_from([0, 200])), joins, (), draw(st.sampled_from([0.0, 0.0, 1.0])))
