"""Lengths of the body against measured people.

ANSUR II (anthropometric survey of US Army personnel, 2012), means in millimetres, from memory: stature, foot length,
shoulder-elbow and elbow-fingertip lengths of men and of women. Kemvo's shares of stature are those of Drillis & Contini as
tabulated in Winter, Biomechanics and Motor Control of Human Movement, from memory as well; for the arm they go from joint to
joint, where the survey's go from bone to fingertip, hence the wider bound.
"""

import pytest

from kemvo.core.tables.body_segments import ARM, body

MEASURED = {"men": (1756, 271, 364, 481), "women": (1629, 246, 333, 440)}


@pytest.mark.parametrize("who", MEASURED)
def test_feet_and_arms_are_about_those_of_measured_people(who: str) -> None:
    stature, foot, upper, lower = MEASURED[who]
    made = body(stature / 10)
    assert made.foot * 1000 == pytest.approx(foot, rel=0.03)
    assert made.reach * 1000 == pytest.approx(upper + lower, rel=0.1)


@pytest.mark.parametrize("stature_cm", [140, 170, 200])
def test_lengths_grow_with_the_body_and_a_reach_of_ones_own_goes_first(stature_cm: int) -> None:
    made, half = body(stature_cm), body(stature_cm / 2)
    assert made.foot == pytest.approx(2 * half.foot)
    assert made.shoulders == pytest.approx(2 * half.shoulders)
    assert made.reach == pytest.approx(ARM * stature_cm / 100)
    assert body(stature_cm, reach_cm=90).reach == 0.9
