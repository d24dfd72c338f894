"""Taps land on what comes next, the hand's delay taken off."""

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.recording.clock import clock_of
from kemvo.core.recording.taps import HAND_MS, Tap, hand_from_trial, marks_from_taps, next_place
from takes import DONE, TIMELINE


def test_taps_for_postures_land_on_postures_in_order() -> None:
    made = marks_from_taps([Tap(5080), Tap(20_080)], DONE, hand_ms=80)
    firsts = [k.key for k in DONE if k.place.kind == "movement" and k.place.movement_no == 0]
    assert [(m.place, m.at_ms, m.hand) for m in made.marks] == [(firsts[0], 5000, True), (firsts[1], 20_000, True)]


def test_a_movement_is_tapped_after_the_posture_it_is_in() -> None:
    made = marks_from_taps([Tap(5000), Tap(9000, "movement"), Tap(20_000)], DONE, hand_ms=0)
    numbers = [next(i for i, k in enumerate(DONE) if k.key == m.place) for m in made.marks]
    assert [DONE[i].place.movement_no for i in numbers] == [0, 1, 0]
    assert numbers[1] == numbers[0] + 1


def test_stopped_and_on_keep_a_stop_apart_from_the_movement() -> None:
    taps = [Tap(5000), Tap(8000, "stopped"), Tap(20_000, "on"), Tap(24_000, "movement")]
    made = marks_from_taps(taps, DONE, hand_ms=0)
    assert [(m.edge, m.at_ms) for m in made.marks] == [
        ("start", 5000),
        ("end", 8000),
        ("start", 20_000),
        ("start", 24_000),
    ]
    clock = clock_of(DONE, made.marks, TIMELINE.total_ms)
    first = next(i for i, k in enumerate(DONE) if k.key == made.marks[0].place)
    assert (clock.starts()[first], clock.ends()[first], clock.starts()[first + 1]) == (5000, 8000, 20_000)


def test_taps_that_are_too_many_are_told() -> None:
    made = marks_from_taps([Tap(1000 * n) for n in range(9)], DONE)
    assert (len(made.marks), made.over) == (6, 3)
    assert next_place(DONE, len(DONE), "posture") is None


def test_at_another_speed_more_or_less_of_the_recording_goes_by() -> None:
    for speed, wanted in ((0.5, 9960), (1.0, 9920), (1.5, 9880)):
        assert marks_from_taps([Tap(10_000)], DONE, hand_ms=80, speed=speed).marks[0].at_ms == wanted


@given(st.lists(st.floats(-600, 600), min_size=3, max_size=20))
def test_a_trial_finds_the_middle_of_its_taps(late: list[float]) -> None:
    found = hand_from_trial([2000.0, -2000.0, *late])
    assert -300 <= found <= 500
    assert min(late) - 1 <= found <= max(late) + 1 or found in (-300, 500)
    assert hand_from_trial([]) == HAND_MS
    assert hand_from_trial([0, 0, 90, 70, 80]) == 80


def test_a_part_is_gone_over_again_from_where_one_is() -> None:
    third = [i for i, k in enumerate(DONE) if k.place.kind == "movement" and k.place.movement_no == 0][2]
    made = marks_from_taps([Tap(30_000)], DONE, hand_ms=0, begin=third)
    assert made.marks[0].place == DONE[third].key
