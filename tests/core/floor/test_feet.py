"""The feet on the floor: worked examples, and laws on random forms."""

from math import hypot, isclose

import pytest
from hypothesis import given
from hypothesis import strategies as st

from floors import forms, walk
from kemvo.core.floor.closing import mark_of
from kemvo.core.floor.feet import Foot, moment, nearest, offset, outward
from kemvo.core.floor.footprint import needed, space
from kemvo.core.floor.steps import SIZES
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form, Movement
from kemvo.core.model.mirror import mirror_form
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import seen
from kemvo.core.tables.body_segments import body
from kemvo.core.tables.groups import Who
from kemvo.core.tables.schools import SCHOOLS
from kemvo.core.tables.stances import STANCES, stance_in
from kemvo.core.types import OTHER_SIDE, Side
from kemvo.core.views.form_sheet import sheet


def ends(form: Form) -> tuple[Foot, Foot]:
    return trace(form).end().feet


def test_a_step_forward_makes_a_bow_stance_a_shoulder_wide() -> None:
    """Heel-to-heel width about one shoulder, heel first (common practice, no source)."""
    form = walk("All the weight into the right", "Left heel steps forward", "Seventy percent into the left")
    t = trace(form)
    landed = t.steps[1].after.left
    assert landed.contact == "heel"
    along, right = offset(t.end().feet.left, t.end().feet.right, 0)
    assert isclose(right, t.body.shoulders, rel_tol=1e-6)
    assert isclose(-along, STANCES["bow"].along * t.body.stature, rel_tol=1e-6)
    assert t.end().feet.left.contact == "flat"


def test_a_step_back_lands_on_the_toes_with_the_schools_angle() -> None:
    for row in SCHOOLS.values():
        form = walk("All the weight into the left", "Right foot steps back", manner=row.manner)
        foot = trace(form).steps[1].after.right
        assert foot.contact == "toe"
        assert outward("R", foot.angle, 0) == row.manner.back_foot_deg


def test_toes_turn_out_and_in_by_what_is_said() -> None:
    form = walk("Into the right leg", "Left toes turn out 45 degrees")
    assert ends(form)[0].angle == pytest.approx(-30 - 45)
    form = walk("Into the right leg", "Left toes turn out 45", "turn the left toes in a little")
    assert ends(form)[0].angle == pytest.approx(-30 - 45 + 15)


def test_turning_on_the_ball_keeps_the_ball_and_on_the_heel_the_heel() -> None:
    heel = walk("Into the right leg", "Left foot pivots out 40 on the heel")
    assert ends(heel)[0][:2] == trace(heel).opening.feet.left[:2]
    ball = walk("Into the right leg", "Left foot pivots out 40 on the ball")
    assert ends(ball)[0][:2] != trace(ball).opening.feet.left[:2]


def test_a_foot_that_gets_no_weight_makes_an_empty_stance() -> None:
    form = walk("All the weight into the right", "Left heel touches in front", Movement(line="Hands close", left_pct=5))
    along, _ = offset(ends(form)[0], ends(form)[1], 0)
    assert -along < 0.25 * 1.7
    assert ends(form)[0].contact == "heel"


def test_the_body_turns_by_corners_quarters_hours_and_compass() -> None:
    for line, degrees in (
        ("Turn to the left corner", -45), ("Turn right 90 degrees", 90), ("Turn to three o'clock", 90),
        ("Face west", -90), ("Turn around", 180), ("Turn to the left", 0),
    ):  # fmt: skip
        turned = trace(walk(line)).end().facing
        assert (turned - degrees) % 360 == 0, line


def test_the_facing_of_a_movement_that_is_set_counts_and_a_step_before_points_there() -> None:
    form = walk(
        "All the weight into the right",
        "Left heel steps out to the left",
        Movement(line="Open", left_pct=70, facing=-90),
    )
    t = trace(form)
    assert t.steps[1].after.left.angle == pytest.approx(-90)
    assert t.end().facing == -90


def test_an_alternating_posture_walks_on_both_sides() -> None:
    form = walk("All the weight into the right", "Left heel steps forward", "All the weight into the left")
    posture = form.postures()[0].model_copy(update={"repeats": 2, "alternate": True, "side": "L"})
    form = form.model_copy(update={"sections": (form.sections[0].model_copy(update={"postures": (posture,)}),)})
    assert ends(form)[1].y > ends(form)[0].y > 0


def test_a_small_step_is_shorter_a_long_one_longer_and_both_as_wide() -> None:
    def went(line: str) -> tuple[float, float]:
        form = walk("All the weight into the right", line, "Seventy percent into the left")
        along, right = offset(*ends(form), 0)
        return -along, right

    (small, a), (usual, b), (long, c) = map(
        went, ("Left foot takes a small step forward", "Left foot steps forward", "Left foot takes a long step forward")
    )
    assert small < usual < long
    assert a == pytest.approx(b) == pytest.approx(c)
    assert small == pytest.approx(SIZES["small"] * usual)


@pytest.mark.parametrize(
    ("line", "dx", "dy"),
    [
        ("Left foot steps back 10 centimetres", 0, -0.1),
        ("Left foot steps forward a fist's width", 0, 0.1),
        ("Left foot moves out 20 cm", -0.2, 0),
        ("Left foot moves in 5 cm", 0.05, 0),
    ],
)
def test_a_step_of_so_many_centimetres_moves_the_foot_so_far(line: str, dx: float, dy: float) -> None:
    t = trace(walk("All the weight into the right", line))
    before, after = t.steps[1].before.left, t.steps[1].after.left
    assert (after.x - before.x, after.y - before.y) == pytest.approx((dx, dy), abs=1e-9)


def test_smaller_steps_and_smaller_people_take_less_room() -> None:
    form = walk("All the weight into the right", "Left heel steps forward", "All the weight into the left")
    whole, half = (needed(space(trace(form, step_pct=p))) for p in (100, 50))
    assert half.front < whole.front
    short = form.model_copy(update={"who": Who(stature_cm=150)})
    assert needed(space(trace(short))).front < whole.front


def test_a_longer_reach_is_more_room_on_every_side() -> None:
    form = walk("Weight even")
    near, far = (needed(space(trace(form.model_copy(update={"who": Who(reach_cm=r)})))) for r in (40, 90))
    assert all(isclose(f - n, 0.5) for n, f in zip(near, far, strict=True))


@pytest.mark.parametrize("row", STANCES.values(), ids=lambda r: r.id)
def test_every_stance_is_reached_from_the_opening_by_its_name(row: object) -> None:
    """A movement that names only a stance gets its feet by the shortest natural step."""
    name = row.names[0]
    assert stance_in(f"Left {name}").id == row.id
    left = {"cross": 50, "bow": 70, "follow": 60, "horse": 50, "parallel": 50}.get(row.id, 0)
    form = walk("All the weight into the right", Movement(line=f"Left {name}", left_pct=left, side="L"))
    feet = trace(form).end().feet
    if row.sided:
        along, right = offset(feet.right, feet.left, 0)
        assert along == pytest.approx(row.along * 1.7, abs=0.02)
        assert -right == pytest.approx(row.across * 0.259 * 1.7, abs=0.02)
    else:
        along, right = offset(feet.left, feet.right, 0)
        assert right == pytest.approx(row.across * 0.259 * 1.7, abs=0.02)
        assert abs(along) < 0.02


def test_a_stance_that_is_there_already_moves_no_foot() -> None:
    form = walk(
        "All the weight into the right", "Left heel steps forward", "Seventy percent into the left", "Left bow stance"
    )
    assert not [e for e in trace(form).steps[-1].events if e.kind == "step"]


# Laws


def turned_over(foot: Foot) -> tuple[float, float, float, str]:
    return (-foot.x, foot.y, -foot.angle, foot.contact)


def same(a: tuple[float, float, float, str], b: tuple[float, float, float, str]) -> bool:
    apart = abs((a[2] - b[2] + 180) % 360 - 180)
    return hypot(a[0] - b[0], a[1] - b[1]) < 1e-6 and apart < 1e-6 and a[3] == b[3]


@given(forms)
def test_a_mirrored_form_leaves_mirrored_prints(form: Form) -> None:
    here, there = trace(form), trace(mirror_form(form))
    for a, b in zip(here.steps, there.steps, strict=True):
        assert same(turned_over(a.after.left), tuple(b.after.right))
        assert same(turned_over(a.after.right), tuple(b.after.left))
        assert abs((a.facing + b.facing + 180) % 360 - 180) < 1e-6


@given(forms)
def test_a_mirrored_form_has_the_same_findings_with_sides_exchanged(form: Form) -> None:
    def told(f: Form, turn: bool) -> set[tuple[str, str, str, Side | None]]:
        return {
            (x.kind, x.posture_id, x.movement_id, OTHER_SIDE[x.side] if turn and x.side else x.side)
            for x in read_through(seen(f))
        }

    assert told(form, True) == told(mirror_form(form), False)


@given(forms, st.floats(0, 1))
def test_at_every_moment_both_feet_are_somewhere_between(form: Form, u: float) -> None:
    for step in trace(form).steps:
        now = moment(step, u)
        assert 0 <= now.left_pct <= 100
        assert moment(step, 1).feet == step.after
        assert moment(step, 1).left_pct == pytest.approx(step.span.left_to)
        assert moment(step, 0).left_pct == pytest.approx(step.span.left_from)
        if not any(e.begins == 0 for e in step.events):
            assert moment(step, 0).feet == step.before


@given(forms)
def test_steps_follow_each_other_without_a_jump(form: Form) -> None:
    t = trace(form)
    feet = t.opening.feet
    for step in t.steps:
        assert step.before == feet
        feet = step.after


@given(forms)
def test_a_foot_that_carries_weight_stands_on_the_floor(form: Form) -> None:
    for step in trace(form).steps:
        for side, load in (("L", step.span.left_to), ("R", 100 - step.span.left_to)):
            if load > 10:
                assert step.after.of(side).contact != "off"


@given(forms)
def test_the_sheet_tells_the_floor_of_every_movement(form: Form) -> None:
    made = sheet(form)
    done = [s.movement_id for s in made.floor.steps]
    assert set(done) == {m.id for p in form.postures() for m in p.movements}
    assert made.model_dump_json()


def test_nearest_and_the_lengths_of_a_body() -> None:
    assert nearest(-90, 200) == 270
    assert body(170).foot == pytest.approx(0.152 * 1.7)
    assert mark_of(trace(walk("Wrists float up"))).closed()


def test_a_foot_turns_the_short_way_after_a_turn_about() -> None:
    """Going round to the left or to the right, the same stance moves no foot."""
    stand = Movement(left_pct=50, side="L", stance="bow")
    for facing in (-45, 315):
        form = walk("All the weight into the right", Movement(stance="bow", left_pct=50, side="L", facing=-45), Movement(facing=facing, stance="bow", left_pct=50, side="L"), stand)  # fmt: skip
        assert not trace(form).steps[-1].events
        assert not trace(form).steps[-2].events
