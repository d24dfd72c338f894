"""A practice changed while it runs: laws over random changes at random moments, on a driven clock."""

import itertools

from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Bounds, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.practice.pipeline import work_out
from kemvo.core.running.live import COUNT_IN, LEAD_MS, Live, LivePractice, span_keys, time_offers, work_out_live
from kemvo.core.timing.timeline import plan
from strategies import practices, talk

changes = st.lists(
    st.tuples(st.floats(0.02, 0.98), st.sampled_from([0.6, 0.8, 1.0, 1.25, 1.4]), st.sampled_from([None, 20, 60, 100])),
    max_size=6,
)


def place_at(made: LivePractice, ms: int) -> tuple[str, float]:
    """The span at a moment, and how far in it."""
    spans = made.practice.timeline.spans
    i = max((n for n, s in enumerate(spans) if s.start_ms <= ms), default=0)
    s = spans[i]
    return made.keys[i], min(1.0, (ms - s.start_ms) / (s.end_ms - s.start_ms or 1))


@settings(max_examples=60, deadline=None)
@given(practices(), changes)
def test_nothing_is_repeated_skipped_or_late(made: tuple, wished: list) -> None:
    session, forms = made
    if not plan(session, forms).total_ms:
        return
    live = Live()
    now = work_out_live(session, forms, talk, live)
    planned = plan(session, forms).total_ms
    wall, walked, uttered = 0.0, [], []
    for n, change in enumerate([*wished, None]):
        total = now.practice.heard.total_ms
        end = total if change is None else round(now.begin_ms + (total - now.begin_ms) * change[0])
        # What the body does until then.
        for key, s in zip(now.keys, now.practice.timeline.spans, strict=True):
            a, b = max(s.start_ms, now.begin_ms), min(s.end_ms, end)
            if a < b:
                length = s.end_ms - s.start_ms
                walked.append((key, (a - s.start_ms) / length, (b - s.start_ms) / length))
        # What is said until then; what was begun is said to its end.
        said = [x for x in now.practice.sounds if x.kind == "speech" and now.begin_ms <= x.at_ms < end]
        assert all(x.at_ms >= now.begin_ms for x in now.practice.sounds if x.kind == "speech")
        due = {c.id: c.due_ms for c in now.practice.found.cues}
        for x in said:
            assert x.at_ms + x.ms <= max(due[c] for c in x.cues)
            uttered.append((wall + x.at_ms - now.begin_ms, wall + x.at_ms - now.begin_ms + x.ms, x.cues))
        wall += end - now.begin_ms
        if change is None:
            break
        busy = max((e for _, e, _ in uttered), default=0) - wall
        key, share = place_at(now, end)
        live = Live(
            speed=change[1],
            fullness=change[2],
            place=key,
            share=share,
            said=tuple({*live.said, *(c for x in said for c in x.cues)}),
            busy_ms=max(0, round(busy)),
        )
        now = work_out_live(session, forms, talk, live)
        promised = wall + now.practice.heard.total_ms - now.begin_ms
        if n == len(wished) - 1:
            # The end comes when it was promised.
            assert (
                abs(
                    promised
                    - (
                        wall
                        + sum(
                            min(s.end_ms, 10**12) - max(s.start_ms, now.begin_ms)
                            for s in now.practice.timeline.spans
                            if s.end_ms > now.begin_ms
                        )
                    )
                )
                <= 1
            )
    if not wished:
        assert wall == planned
    # Every span once, in order, whole.
    order = [
        k
        for k, s in zip(span_keys(plan(session, forms).spans), plan(session, forms).spans, strict=True)
        if s.end_ms > s.start_ms
    ]
    done = list(dict.fromkeys(k for k, _, _ in walked))
    assert done == order
    for key in order:
        parts = [(a, b) for k, a, b in walked if k == key]
        assert abs(sum(b - a for a, b in parts) - 1) < 0.02 * len(parts) + 0.02
    # No cue twice, no two at once.
    ids = [c for _, _, cues in uttered for c in cues]
    assert len(ids) == len(set(ids))
    for (_, end, _), (start, _, _) in itertools.pairwise(uttered):
        assert start >= end - 1


@settings(max_examples=40, deadline=None)
@given(practices(), st.data())
def test_a_place_in_the_middle_is_counted_in(made: tuple, data: st.DataObject) -> None:
    session, forms = made
    keys = span_keys(plan(session, forms).spans)
    if not keys:
        return
    i = data.draw(st.integers(0, len(keys) - 1))
    j = data.draw(st.integers(0, len(keys) - 1))
    still = data.draw(st.sampled_from([0, 3000]))
    now = work_out_live(session, forms, talk, Live(place=keys[i], until=keys[j], count_in_ms=still))
    spans = now.practice.timeline.spans
    assert [a.end_ms for a in spans[:-1]] == [b.start_ms for b in spans[1:]]
    begun = next(
        k for k, s in zip(now.keys, spans, strict=True) if s.start_ms == now.begin_ms and k in (keys[i], COUNT_IN)
    )
    assert begun == COUNT_IN or not still or plan(session, forms).spans[i].kind in ("pause", "turn")
    if j >= i:
        assert now.keys[-1] == keys[j]
    assert all(x.at_ms >= now.begin_ms + LEAD_MS for x in now.practice.sounds if x.kind == "speech")
    assert len(now.keys) == len(set(now.keys))


def test_unchanged_it_is_the_practice_itself() -> None:
    session, forms = hall()
    assert work_out_live(session, forms, talk, Live()).practice.sounds == work_out(session, forms, talk).sounds


def hall() -> tuple[Session, dict[str, Form]]:
    move = Movement(line="Left foot steps forward", counts=8)
    form = finished(
        Form(title="Reeds", tempo=60, sections=(Section(postures=(Posture(name="Heron", movements=(move,)),)),))
    )
    part = Part(form_id="f")
    passes = (
        Pass(id="a", part=part, title="Follow"),
        Pass(id="b", part=part, title="Drill", kind="drill", repeats=4, bounds=Bounds(matters=2)),
        Pass(id="c", part=part, title="Drill again", kind="drill", repeats=2, bounds=Bounds(matters=2)),
        Pass(id="d", part=part, title="Whole", kind="whole", bounds=Bounds(matters=5)),
        Pass(id="e", part=part, title="Close", kind="close", still_ms=60_000),
    )
    return with_pass_ids(Session(passes=passes)), {"f": form}


def test_what_saves_just_enough_is_offered_first() -> None:
    session, forms = hall()
    whole = plan(session, forms).total_ms
    offers = time_offers(session, forms, Live(place="a.1"), 10_000)
    assert [o.title for o in offers] == ["Drill again", "Drill", "Whole"]
    for o in offers:
        without = work_out_live(session, forms, talk, Live(place="a.1", without=(o.pass_id,)))
        assert without.practice.heard.total_ms == whole - o.saves_ms
    # The close is never offered; nor what is over, or has begun.
    assert [o.title for o in time_offers(session, forms, Live(place="c.1"), 5000)] == ["Whole"]
    assert time_offers(session, forms, Live(place="a.1"), offers[0].saves_ms + 1)[0].title == "Drill"


def test_a_loop_takes_one_posture_more_at_a_time() -> None:
    session, forms = hall()
    until, ends = "a.1", []
    while until:
        now = work_out_live(session, forms, talk, Live(until=until))
        assert now.keys[-1] == until
        ends.append(now.practice.timeline.spans[-1].round.id)
        until = now.next_until
    # Once through the first pass, four times the drill, twice the next, and the whole: each a posture more.
    assert ends == ["a", *"bbbb", *"cc", "d"]


def test_care_is_told_once_however_often_one_goes_back() -> None:
    session, forms = hall()
    posture = forms["f"].postures()[0].model_copy(update={"cautions": ("Keep the knee over the toes",)})
    careful = finished(Form(title="Reeds", tempo=60, sections=(Section(postures=(posture,)),)))
    first = work_out_live(session, {"f": careful}, talk, Live())
    care = [c.id for c in first.practice.found.cues if c.kind == "caution"]
    assert care
    back = Live(place="a.1", count_in_ms=8000)
    again = work_out_live(session, {"f": careful}, talk, back)
    assert care[0] in {c.id for c in again.practice.found.cues}
    told = work_out_live(session, {"f": careful}, talk, back.model_copy(update={"heard": tuple(care)}))
    assert care[0] not in {c.id for c in told.practice.found.cues}
    names = {c.kind for c in told.practice.found.cues}
    assert {"name", "foot"} <= names


def test_where_a_pass_is_left_out_one_is_in_the_next() -> None:
    session, forms = hall()
    now = work_out_live(session, forms, talk, Live(place="b.3", share=0.5, without=("b",)))
    at = next(s for s in now.practice.timeline.spans if s.end_ms > now.begin_ms)
    assert at.round.id == "c"
