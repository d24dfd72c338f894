"""What ran on the stage: the parts add up to what was played, whatever was played."""

from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.running.live import Live, span_keys, work_out_live
from kemvo.core.running.run_record import Stretch, run_line, run_parts
from kemvo.core.timing.timeline import plan
from strategies import practices, talk


@settings(max_examples=80, deadline=None)
@given(practices(), st.data())
def test_the_parts_add_up_to_what_was_played(made: tuple, data: st.DataObject) -> None:
    session, forms = made
    speed = data.draw(st.sampled_from([0.6, 1.0, 1.4]))
    spans = plan(session, forms, speed).spans
    keys = span_keys(spans)
    if not keys:
        assert run_parts(session, forms, Stretch(place="a.0", until="a.1", began="", ms=10)) == []
        return
    i, j = sorted(data.draw(st.tuples(*[st.integers(0, len(keys) - 1)] * 2)))
    share = data.draw(st.floats(0, 1))
    end = data.draw(st.floats(share if i == j else 0, 1))
    ms = data.draw(st.integers(0, 900_000))
    stretch = Stretch(
        place=keys[i], share=share, until=keys[j], until_share=end, began="2026-01-01", ms=ms, speed=speed
    )
    parts = run_parts(session, forms, stretch)
    played = any(s.end_ms > s.start_ms for s in spans[i : j + 1]) and (i != j or end > share)
    total = sum(p.ms for p in parts)
    assert total == ms or not played or total == 0
    assert all(0 <= p.share <= 1 and p.ms >= 0 for p in parts)
    assert run_line(parts).ms == total


@settings(max_examples=40, deadline=None)
@given(practices())
def test_a_session_played_through_is_there_whole(made: tuple) -> None:
    session, forms = made
    spans = plan(session, forms).spans
    if not spans or not spans[-1].end_ms:
        return
    keys = span_keys(spans)
    whole = Stretch(place=keys[0], until=keys[-1], began="", ms=spans[-1].end_ms)
    parts = run_parts(session, forms, whole)
    for s in spans:
        if s.performance and s.end_ms > s.start_ms:
            assert any(p.posture_id == s.performance.posture.id and p.side == s.performance.posture.side for p in parts)
    assert all(p.share == 1 for p in parts if p.ms > 1)
    # What the plan repeats is not done once more.
    assert run_line(parts).again == 0
    assert run_line(parts * 2).again == sum(p.posture_id != "" and p.share >= 0.9 for p in parts)
    lasts = {}
    for s in spans:
        key = (s.round.id, s.performance.posture.id if s.performance else "")
        lasts[key] = lasts.get(key, 0) + s.end_ms - s.start_ms
    for (pass_id, posture), ms in lasts.items():
        mine = [p.ms for p in parts if p.pass_id == pass_id and p.posture_id == posture]
        assert abs(sum(mine) - ms) <= len(mine)


@settings(max_examples=30, deadline=None)
@given(practices(), st.sampled_from([0.6, 1.4]))
def test_keys_are_the_same_at_every_tempo(made: tuple, speed: float) -> None:
    session, forms = made
    now = work_out_live(session, forms, talk, Live(speed=speed))
    assert now.keys == span_keys(plan(session, forms).spans)
