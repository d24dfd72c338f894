"""Body segment lengths against the published table."""

import pytest

from kemvo.core.segments import ARM, SEGMENTS, body

# Drillis & Contini, as tabulated in Winter, Biomechanics and Motor Control of Human Movement: shares of stature. Foot,
# biacromial breadth, hip breadth, knee and hip height as quoted in the project's brief; the arm's from memory.
TABLE = {
    "foot": 0.152,
    "shoulders": 0.259,
    "hips": 0.191,
    "knee height": 0.285,
    "hip height": 0.530,
    "upper arm": 0.186,
    "forearm": 0.146,
    "hand": 0.108,
}


def test_the_segment_table_is_the_published_one() -> None:
    assert SEGMENTS == TABLE


@pytest.mark.parametrize("stature_cm", [140, 170, 200])
def test_lengths_of_a_body_are_shares_of_its_stature(stature_cm: int) -> None:
    made = body(stature_cm)
    height = stature_cm / 100
    assert made.foot / height == pytest.approx(TABLE["foot"])
    assert made.shoulders / height == pytest.approx(TABLE["shoulders"])
    assert made.reach / height == pytest.approx(ARM) == pytest.approx(0.440)
    assert body(stature_cm, reach_cm=90).reach == 0.9
