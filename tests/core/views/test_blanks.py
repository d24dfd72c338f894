"""What new rows begin with: values of the models themselves, ready to be read, and nothing that is a row already."""

import json

import pytest
from pydantic import BaseModel

from kemvo.core.model.form import Form, Movement, Posture
from kemvo.core.model.session import CueChoice, Pass, Session
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.recording.model import Mark, Recording
from kemvo.core.views.blanks import GOES_ON, MOVEMENT, OTHER_WAY, OWN_CUE, PASS, POSTURE, ROOM, SECTION, blanks

KINDS: dict[str, BaseModel] = {
    "movement": MOVEMENT,
    "posture": POSTURE,
    "section": SECTION,
    "pass": PASS,
    "room": ROOM,
    "own_cue": OWN_CUE,
}


@pytest.mark.parametrize("kind", KINDS)
def test_a_blank_is_the_models_own_value(kind: str) -> None:
    said = json.loads(json.dumps(blanks()[kind]))
    assert type(KINDS[kind]).model_validate(said) == KINDS[kind]


def test_no_blank_has_an_id_of_its_own() -> None:
    def ids(value: object) -> list[object]:
        if isinstance(value, dict):
            return [v for k, v in value.items() if k == "id"] + [i for v in value.values() for i in ids(v)]
        return [i for v in value for i in ids(v)] if isinstance(value, list) else []

    assert set(ids(blanks())) == {""}


def test_a_blank_decision_about_a_cue_says_nothing_and_one_that_says_nothing_is_not_kept() -> None:
    blank = CueChoice(cue="a", **blanks()["cue_choice"])
    assert not blank.decides()
    kept = (CueChoice(cue="b", said=False), CueChoice(cue="c", pin_ms=0), CueChoice(cue="d", must=False))
    for model in (Session, Recording):
        others = {"media": {"ms": 1000}} if model is Recording else {}
        made = model.model_validate({"cue_choices": [blank.model_dump(), *(c.model_dump() for c in kept)], **others})
        assert made.cue_choices == kept


def test_a_blank_mark_is_set_by_hand_and_for_a_beginning() -> None:
    mark = Mark(place="p", at_ms=10, **blanks()["mark"])
    assert (mark.hand, mark.source, mark.edge, mark.sure) == (True, "hand", "start", 1)


def test_what_goes_on_and_what_another_way_leaves_are_fields() -> None:
    models: dict[str, type[BaseModel]] = {"movement": Movement, "pass": Pass}
    assert {kind: set(names) <= set(models[kind].model_fields) for kind, names in GOES_ON.items()} == {
        "movement": True,
        "pass": True,
    }
    assert set(OTHER_WAY) <= set(Posture.model_fields)


def test_a_blank_movement_takes_everything_its_words_say() -> None:
    typed = MOVEMENT.model_copy(
        update={"id": "m", "line": "Step forward with the left foot, weight all left, breathe out."}
    )
    posture = POSTURE.model_copy(update={"id": "p", "movements": (typed,)})
    section = SECTION.model_copy(update={"id": "s", "postures": (posture,)})
    read = with_typed_read(Form(title="Reeds", sections=(section,))).postures()[0].movements[0]
    assert (read.left_pct, read.breath, read.side) == (100, "out", "L")
    assert not read.unread
