"""Forms are read with clear errors, and get ids."""

import pytest
from hypothesis import given

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form, Posture, read_form
from kemvo.core.movement.readings import finished
from strategies import forms


def problem_of(data: object) -> str:
    with pytest.raises(KemvoError) as caught:
        read_form(data, "my.json")
    return caught.value.problems[0].sentence()


def form_with(movement: dict) -> dict:
    return {"sections": [{"title": "Shore", "postures": [{"name": "Heron", "movements": [{}, movement]}]}]}


def test_an_error_names_file_section_posture_movement_and_what_is_wrong() -> None:
    text = problem_of(form_with({"counts": -1, "line": "Sink"}))
    assert "my.json, section 1 “Shore”, posture 1 “Heron”, movement 2 “Sink”" in text
    assert "Counts must be greater than or equal to 0.25, not -1" in text


@pytest.mark.parametrize(
    ("movement", "said"),
    [
        ({"left_pct": 101}, "Weight (left_pct) must be less than or equal to 100, not 101"),
        ({"breath": "hold"}, "Breath must be 'in', 'out' or 'free', not 'hold'"),
        ({"cuonts": 3}, "Cuonts is not a field Kemvo knows. Check its spelling"),
        ({"counts": float("nan")}, "Counts must be a finite number"),
        ({"hold_ms": 2.5}, "Hold (hold_ms) must be a valid integer"),
        ({"side": "left"}, "Side must be 'L' or 'R'"),
    ],
)
def test_bad_values_are_told_in_a_sentence(movement: dict, said: str) -> None:
    assert said in problem_of(form_with(movement))


def test_several_mistakes_are_all_told() -> None:
    with pytest.raises(KemvoError) as caught:
        read_form(form_with({"counts": 0, "left_pct": -1, "breath": "x"}))
    assert len(caught.value.problems) == 3


@pytest.mark.parametrize("data", [None, [], "x", 3, {"sections": {}}, {"sections": [None]}])
def test_what_is_no_form_is_refused(data: object) -> None:
    assert problem_of(data)


@given(forms)
def test_every_id_is_there_once(form: Form) -> None:
    for ids in (
        [s.id for s in form.sections],
        [p.id for p in form.postures()],
        [m.id for p in form.postures() for m in p.movements],
    ):
        assert all(ids)
        assert len(set(ids)) == len(ids)


@given(forms)
def test_giving_ids_again_changes_nothing(form: Form) -> None:
    assert finished(form) == form
    assert read_form(form.model_dump(mode="json")) == form


def test_a_doubled_id_is_given_anew_and_the_first_keeps_it() -> None:
    data = {"sections": [{"postures": [{"id": "p1"}, {"id": "p1"}, {"id": "p2"}, {}]}]}
    assert [p.id for p in read_form(data).postures()] == ["p1", "p3", "p2", "p4"]


def test_a_title_tells_the_side() -> None:
    assert Posture(name="Part the reeds", side="R").title() == "Part the reeds, right"
    assert Posture().title() == "Unnamed posture"
