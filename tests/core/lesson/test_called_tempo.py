"""How slow a form has to be to be called in full."""

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.lesson.called_tempo import called_tempo
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.readings import finished
from kemvo.core.timing.timeline import plan_form

LINE = "Seventy percent of the weight into the left leg, the left hand opens"


def spans(line: str, counts: float, tempo: float, many: int = 12) -> list:
    moves = tuple(Movement(line=line, counts=counts) for _ in range(many))
    form = finished(Form(tempo=tempo, sections=(Section(postures=(Posture(movements=moves),)),)))
    return list(plan_form(form).spans)


@given(st.sampled_from([2.0, 3.0, 4.0]), st.floats(10, 80), st.sampled_from([110, 130, 170]))
def test_at_the_tempo_it_tells_it_is_slow_enough(counts: float, tempo: float, wpm: int) -> None:
    slower = called_tempo(spans(LINE, counts, tempo), tempo, wpm)
    if slower is None:
        assert called_tempo(spans(LINE, counts, tempo * 0.8), tempo * 0.8, wpm) is None
        return
    assert 0 < slower < tempo
    assert called_tempo(spans(LINE, counts, slower), slower, wpm) is None
    # A quicker voice needs less.
    quick = called_tempo(spans(LINE, counts, tempo), tempo, wpm + 60)
    assert quick is None or quick >= slower


def test_a_form_called_shift_by_shift_takes_about_twice_as_long() -> None:
    """Performed at 60 counts a minute with two counts for a shift it is too quick to be called; called, it takes up to twice as long (common practice, no source: a form of 24
    takes four to six minutes performed, about eight called)."""
    slower = called_tempo(spans("Left heel steps to the left corner", 2, 60), 60, 130)
    assert slower is not None
    assert 30 <= slower <= 57
    assert called_tempo([], 30, 130) is None
    assert called_tempo(spans("", 3, 60), 60, 130) is None
