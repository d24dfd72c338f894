"""The clock of a recording: laws over random sessions and marks."""

from collections.abc import Sequence

from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.recording.clock import clock_of, next_to_mark
from kemvo.core.recording.model import Again, Mark, Media, Recording
from kemvo.core.recording.performed import Keyed, edited, keyed, keys_of, performance_key, performances_of
from kemvo.core.recording.recorded_timeline import frozen, on_clock, recorded
from kemvo.core.timing.score import Score, score_of
from kemvo.core.timing.timeline import Timeline, timed
from strategies import practices


def planned(practice: tuple[Session, dict[str, Form]]) -> tuple[Score, Timeline, list[Keyed]]:
    session, forms = practice
    score = score_of(session, forms)
    timeline = timed(score, session, forms)
    return score, timeline, keyed(score, timeline)


def marks_of(done: Sequence[Keyed], timeline: Timeline, chosen: set[int], hand: bool = False) -> list[Mark]:
    return [
        Mark(place=k.key, at_ms=s.start_ms, hand=hand)
        for i, (k, s) in enumerate(zip(done, timeline.spans, strict=True))
        if i in chosen
    ]


@given(practice=practices())
def test_every_place_has_a_key_of_its_own(practice: tuple[Session, dict[str, Form]]) -> None:
    session, forms = practice
    score, _, done = planned(practice)
    keys = keys_of(score.places)
    assert len(set(keys)) == len(keys) == len(done)
    assert [f.ms for f in frozen(session, forms)] == [k.plan_ms for k in done]


@given(practice=practices(), data=st.data())
def test_a_plan_goes_through_its_own_marks(practice: tuple[Session, dict[str, Form]], data: st.DataObject) -> None:
    score, timeline, done = planned(practice)
    if not done or not timeline.total_ms:
        return
    every = set(range(len(done)))
    some = data.draw(st.sets(st.sampled_from(sorted(every))))
    for chosen, within in ((set(), 0), (every, 0), (some, 1)):
        clock = clock_of(done, marks_of(done, timeline, chosen), timeline.total_ms)
        made = on_clock(done, clock, score.left_pct).timeline
        assert made.total_ms == timeline.total_ms
        starts = clock.starts()
        off = [abs(starts[i] - s.start_ms) for i, s in enumerate(timeline.spans)]
        assert max(off) <= within


@given(practice=practices(), data=st.data())
def test_the_clock_is_monotone_and_goes_through_marks_start_and_end(
    practice: tuple[Session, dict[str, Form]], data: st.DataObject
) -> None:
    score, _, done = planned(practice)
    total = data.draw(st.integers(0, 600_000))
    if not done:
        return
    moments = data.draw(st.lists(st.integers(0, 700_000), max_size=8))
    marks = [
        Mark(
            place=data.draw(st.sampled_from([k.key for k in done] + ["nowhere"])),
            edge=data.draw(st.sampled_from(["start", "end"])),
            at_ms=at,
            hand=data.draw(st.booleans()),
            sure=data.draw(st.sampled_from([0.3, 0.9])),
        )
        for at in moments
    ]
    clock = clock_of(done, marks, total)
    assert clock.times[0] == 0
    assert clock.times[-1] == total
    assert all(a <= b for a, b in zip(clock.times, clock.times[1:], strict=False))
    starts, ends = clock.starts(), clock.ends()
    where = {k.key: i for i, k in enumerate(done)}
    for n, m in enumerate(marks):
        assert (m.place not in where) == (n in clock.unknown)
        if m.place in where and n not in clock.unused:
            assert (starts if m.edge == "start" else ends)[where[m.place]] == min(m.at_ms, total)
    made = on_clock(done, clock, score.left_pct).timeline
    at = 0
    for s in made.spans:
        assert s.start_ms == at
        at = s.end_ms
    assert at == (total if made.spans else 0)


@given(practice=practices(), longer=st.integers(0, 60_000))
def test_a_longer_break_moves_no_movements_pace(practice: tuple[Session, dict[str, Form]], longer: int) -> None:
    _, timeline, done = planned(practice)
    moving = [i for i, k in enumerate(done) if k.place.kind == "movement"]
    breaks = [i for i, k in enumerate(done) if k.place.kind == "pause" and moving and moving[0] < i < moving[-1]]
    if not breaks:
        return
    at = breaks[0]
    marks = []
    for i in moving:
        moved = longer if i > at else 0
        marks.append(Mark(place=done[i].key, at_ms=timeline.spans[i].start_ms + moved))
    total = timeline.total_ms + longer
    last = [s for s in timeline.spans if s.performance][-1]
    clock = clock_of(done, marks, total, ends_ms=last.end_ms + longer)
    starts, ends = clock.starts(), clock.ends()
    for i in moving:
        s = timeline.spans[i]
        if s.end_ms > s.start_ms:
            assert abs((ends[i] - starts[i]) - (s.end_ms - s.start_ms)) <= 1 + _paces_wander(timeline, i)


def _paces_wander(timeline: Timeline, i: int) -> int:
    """Paces are measured in whole milliseconds: over a long movement beside short ones that is felt."""
    s = timeline.spans[i]
    return 1 + (s.end_ms - s.start_ms) // 100


@given(practice=practices(), data=st.data())
def test_left_out_and_done_again_change_only_that(
    practice: tuple[Session, dict[str, Form]], data: st.DataObject
) -> None:
    score, timeline, done = planned(practice)
    names = [name for name, _ in performances_of(done)]
    if not names:
        return
    gone = data.draw(st.sampled_from(names))
    left = edited(keyed(score, timeline), left_out=[gone])
    assert [k.key for k in left] == [
        k.key for k in done if not (k.place.performance and performance_key(k.place) == gone)
    ]
    times = data.draw(st.integers(2, 4))
    again = edited(keyed(score, timeline), again=[Again(performance=gone, times=times)])
    keys = [k.key for k in again]
    assert len(set(keys)) == len(keys)
    assert set(keys) >= {k.key for k in done}
    extra = [name for name, _ in performances_of(again)]
    assert len(extra) == len(names) + times - 1
    for _, p in performances_of(again):
        assert 1 <= p.nth <= p.of


@settings(max_examples=30)
@given(practice=practices(), data=st.data())
def test_marks_survive_edits_of_the_form(practice: tuple[Session, dict[str, Form]], data: st.DataObject) -> None:
    """What is still there keeps its mark and its frozen length; what is gone is told, and nothing is dropped."""
    session, forms = practice
    _, timeline, done = planned(practice)
    if not done or not timeline.total_ms:
        return
    every = marks_of(done, timeline, set(range(len(done))), hand=True)
    recording = Recording(media=Media(ms=timeline.total_ms), frozen=frozen(session, forms), marks=tuple(every))
    faster = {k: f.model_copy(update={"tempo": min(240, f.tempo * 2)}) for k, f in forms.items()}
    assert recorded(recording, session, faster).clock.starts() == recorded(recording, session, forms).clock.starts()
    fewer = {
        k: f.model_copy(
            update={"sections": tuple(s.model_copy(update={"postures": s.postures[1:]}) for s in f.sections)}
        )
        for k, f in forms.items()
    }
    after = recorded(recording, session, fewer)
    kept = {k.key for k in after.done}
    assert {every[n].place for n in after.clock.unknown} == {m.place for m in every} - kept


def test_the_mark_that_helps_most_is_the_one_guessed_least_surely() -> None:
    from kemvo.core.model.form import Movement
    from kemvo.core.model.session import Part, Pass
    from strategies import one_posture  # a form of one posture, twice over

    form = one_posture(Movement(line="Push", counts=10), name="Push", repeats=5)
    session = Session(passes=(Pass(id="a1", part=Part(form_id="f"), pause_before_ms=0, pause_after_ms=0),))
    score, timeline, done = planned((session, {"f": form}))
    marks = [Mark(place=done[i].key, at_ms=timeline.spans[i].start_ms) for i in (0, 4)]
    clock = clock_of(done, marks, timeline.total_ms)
    found = next_to_mark(done, clock)
    assert found is not None
    assert found[0] == done[2].key
    assert clock.within_ms()[0] == clock.within_ms()[4] == 0
    assert next_to_mark(done, clock_of(done, marks_of(done, timeline, set(range(5))), timeline.total_ms)) is None
    assert score.places
