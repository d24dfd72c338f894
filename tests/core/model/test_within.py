"""Where a form stands in a longer one: read from a text, kept, and said."""

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from kemvo.core.cues.candidates import candidates
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Calls, Part, Pass, Session, with_pass_ids
from kemvo.core.model.within import Within, within_said, within_words
from kemvo.core.movement.readings import finished
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.core.timing.timeline import plan
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries


def form_of(text: str) -> Form:
    return draft(read_script(script_entries(text.encode(), "x.txt")), shipped_catalogue(), "").form


@pytest.mark.parametrize(
    ("text", "numbers"),
    [
        ("25 to 32 of 64", (25, 32, 64)),
        ("Postures 25 to 32 of 64", (25, 32, 64)),
        ("Movements 25–32 of the 64", (25, 32, 64)),
        ("(25 - 32 of 64)", (25, 32, 64)),
        ("Nos. 1 through 9 out of 36", (1, 9, 36)),
        ("forms 10-12/24", (10, 12, 24)),
        ("Numbers 3 to 3 of 5", (3, 3, 5)),
        ("25 to 32 of all the 64 postures", (25, 32, 64)),
    ],
)
def test_what_says_where_a_form_stands(text: str, numbers: tuple[int, int, int]) -> None:
    found = within_said(text)
    assert found is not None
    w, alone = found
    assert (w.first, w.last, w.of) == numbers
    assert alone


@pytest.mark.parametrize(
    "text",
    [
        "32 to 25 of 64",
        "Step to 3 of the clock",
        "Shift 70 to 30",
        "70/30",
        "25 to 65 of 64",
        "2 of 4",
        "Hold for 3 to 5 seconds",
    ],
)
def test_what_says_no_such_thing(text: str) -> None:
    assert within_said(text) is None


def test_a_movement_with_numbers_says_more_than_where_it_stands() -> None:
    found = within_said("Sink lower, breaths 2 to 3 of 4")
    assert found is not None
    assert not found[1]


NINE = "\n".join(
    f"{n}. Heron {word}\nLeft foot steps forward" for n, word in enumerate("wades waits wakes".split(), 25)
)


@pytest.mark.parametrize(
    "text",
    [
        f"The long crossing (25 to 27 of 64)\n\n{NINE}\n",
        f"The long crossing\n\nPostures 25 to 27 of 64\n\n{NINE}\n",
        f"25 to 27 of 64\n\n{NINE}\n",
    ],
)
def test_a_text_that_says_it_has_it(text: str) -> None:
    form = form_of(text)
    assert form.within == Within(first=25, last=27, of=64)
    assert [p.number for p in form.postures()] == ["25", "26", "27"]
    assert [len(p.movements) for p in form.postures()] == [1, 1, 1]


def test_the_title_stays_as_it_is_written() -> None:
    assert form_of(f"The long crossing (25 to 27 of 64)\n\n{NINE}\n").title == "The long crossing (25 to 27 of 64)"


@given(st.integers(-2, 1200), st.integers(-2, 1200), st.integers(-2, 1200))
def test_only_what_lies_within_is_taken(first: int, last: int, of: int) -> None:
    if 1 <= first <= last <= of <= 999:
        assert Within(first=first, last=last, of=of)
    else:
        with pytest.raises(ValidationError):
            Within(first=first, last=last, of=of)


@given(st.integers(1, 20), st.integers(1, 40), st.data())
def test_a_part_stands_where_its_postures_do(count: int, first: int, data: st.DataObject) -> None:
    order = [f"p{n}" for n in range(count)]
    a = data.draw(st.integers(0, count - 1))
    b = data.draw(st.integers(a, count - 1))
    w = Within(first=first, last=first + count - 1, of=100)
    said = within_words(w, order, set(order[a : b + 1]))
    numbers = [int(x) for x in said.replace(" of ", " ").split() if x.isdigit()]
    assert numbers == ([first + a, 100] if a == b else [first + a, first + b, 100])


def test_a_part_of_a_form_that_is_counted_otherwise_says_nothing() -> None:
    w = Within(first=25, last=32, of=64)
    assert within_words(w, ["a", "b"], {"a"}) == ""
    assert within_words(w, ["a", "b"], {"a", "b"}) == "Postures 25 to 32 of 64"
    assert within_words(None, ["a"], {"a"}) == ""


def crossing() -> Form:
    movement = Movement(line="Left foot steps forward", counts=8)
    postures = tuple(Posture(id=f"p{n}", name=f"Heron {n}", movements=(movement,)) for n in range(3))
    within = Within(first=25, last=27, of=64, title="the Long Causeway")
    return finished(Form(title="Herons", within=within, sections=(Section(id="s", postures=postures),)))


@pytest.mark.parametrize(("place", "said"), [(True, ["Postures 25 to 27 of 64 of the Long Causeway"]), (False, [])])
def test_it_is_said_as_a_pass_begins_if_wished(place: bool, said: list[str]) -> None:
    forms = {"f": crossing()}
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f")),), calls=Calls(place=place)))
    timeline = plan(session, forms)
    found = [c for c in candidates(timeline, (), session, forms).cues if c.id.endswith(".within")]
    assert [c.wordings[0].text for c in found] == said
    assert all(c.target_ms <= next(s.start_ms for s in timeline.spans if s.kind == "movement") for c in found)


def test_a_pass_that_is_done_again_says_it_once() -> None:
    forms = {"f": crossing()}
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f"), repeats=3),), calls=Calls(place=True)))
    found = candidates(plan(session, forms), (), session, forms).cues
    assert len([c for c in found if c.id.endswith(".within")]) == 1


def test_the_other_side_stands_in_the_same_place() -> None:
    assert mirror_form(crossing()).within == crossing().within
