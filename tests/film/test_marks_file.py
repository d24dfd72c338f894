"""Marks as files: what is written can be read back, by numbers and by ids."""

import json

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.recording.model import Again, Mark, Media, Recording
from kemvo.core.recording.performed import edited, keyed, performances_of
from kemvo.core.timing.score import score_of
from kemvo.core.timing.timeline import timed
from kemvo.formats.documents.marks_json import read_marks, read_slips, read_taps, write_marks
from strategies import practices
from takes import DONE

MEDIA = Media(name="a.mp4", ms=600_000, sha256="ab")


@given(practice=practices(), data=st.data())
def test_marks_come_back_as_they_were(practice: tuple, data: st.DataObject) -> None:
    session, forms = practice
    score = score_of(session, forms)
    plan = timed(score, session, forms)
    planned = keyed(score, plan)
    names = [name for name, _ in performances_of(planned)]
    if not names:
        return
    again = (Again(performance=data.draw(st.sampled_from(names)), times=2),)
    out = tuple(n for n in names[:1] if n != again[0].performance)
    done = edited(planned, again=again)
    moving = [k.key for k in done if k.place.kind == "movement"]
    chosen = data.draw(st.lists(st.sampled_from(moving), unique=True, max_size=6))
    marks = tuple(
        Mark(place=p, at_ms=1000 * n, edge="start" if n % 2 else "end", source="tap", sure=0.5, hand=True)
        for n, p in enumerate(chosen)
    )
    take = Recording(media=MEDIA, marks=marks, left_out=out, again=again, begins_ms=5, ends_ms=500_000)
    back, notes = read_marks(write_marks(take, planned), "m.json", planned, MEDIA)
    assert notes == []
    assert (back.marks, back.left_out, back.again) == (marks, out, again)
    assert (back.begins_ms, back.ends_ms) == (5, 500_000)


def test_marks_by_numbers_alone_are_enough_and_ids_go_before_numbers() -> None:
    moving = [k for k in DONE if k.place.kind == "movement"]
    plain = {"pass": 0, "round": 0, "posture": 1, "movement": 2, "at_ms": 7000}
    other = {**plain, "movement_id": moving[0].place.movement.id if moving[0].place.movement else ""}
    file = {"format": "kemvo", "version": 1, "kind": "marks", "marks": [plain, other, {**plain, "posture": 40}]}
    back, notes = read_marks(json.dumps(file), "m.json", DONE, MEDIA)
    assert [m.place for m in back.marks] == [moving[5].key, moving[0].key]
    assert len(notes) == 1
    assert "posture 40" in notes[0]


@pytest.mark.parametrize(
    "text",
    [
        "{}",
        "[]",
        '{"format":"kemvo","kind":"form"}',
        '{"format":"kemvo","version":1,"kind":"marks","marks":[{"at_ms":-5}]}',
    ],
)
def test_what_is_no_file_of_marks_gets_a_sentence(text: str) -> None:
    with pytest.raises(KemvoError):
        read_marks(text, "m.json", DONE, MEDIA)


def test_marks_of_another_file_are_told() -> None:
    file = {"format": "kemvo", "version": 1, "kind": "marks", "recording": {"sha256": "cd"}, "marks": []}
    assert "another file" in read_marks(json.dumps(file), "m.json", DONE, MEDIA)[1][0]


def test_slips_are_of_the_session() -> None:
    slips = read_slips(
        '{"left_out":[{"posture":1}],"again":[{"posture":2,"times":3}],"stops":[{"posture":0,"movement":1,"ms":4000}]}',
        "s",
        DONE,
    )
    names = [name for name, _ in performances_of(DONE)]
    assert (slips.left_out, slips.again[0].performance, slips.again[0].times) == ((names[1],), names[2], 3)
    assert slips.stops
    assert slips.stops[0].ms == 4000
    with pytest.raises(KemvoError, match="not in the session"):
        read_slips('{"left_out":[{"posture":99}]}', "s", DONE)


def test_taps_are_a_time_a_line() -> None:
    taps = read_taps("time,what\n1.5\n2,movement\n3.25, stopped\n4,on\n\n# end\n", "t.csv")
    assert [(t.at_ms, t.kind) for t in taps] == [(1500, "posture"), (2000, "movement"), (3250, "stopped"), (4000, "on")]
    for text in ("", "1\nsoon\n", "1,jump\n", "-3\n", "nan\n"):
        with pytest.raises(KemvoError):
            read_taps(text, "t.csv")
