"""The first hour: five steps from nothing to a first practice, each done or the next to do."""

from __future__ import annotations

from collections.abc import Mapping

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.timing.pass_postures import tells_something
from kemvo.core.types import Value


class FirstStep(Value):
    """A step: what to do, how, whether it is done, and on which page it is done."""

    id: str
    name: str
    how: str
    done: bool
    to: str


def first_steps(
    forms: Mapping[str, Form], sessions: Mapping[str, Session], happened: frozenset[str]
) -> tuple[FirstStep, ...]:
    """The five steps. `forms`, `sessions`: the user's own by id, last saved first. `happened`: "heard", "saved"."""
    named = next((i for i, f in forms.items() if any(p.name for p in f.postures())), "")
    filled = next(
        (i for i, f in forms.items() if any(tells_something(m) for p in f.postures() for m in p.movements)), ""
    )
    laid = next((i for i, s in sessions.items() if any(p.part.form_id for p in s.passes)), "")
    form, session = filled or named or next(iter(forms), ""), laid or next(iter(sessions), "")
    return (
        FirstStep(
            id="form",
            name="A form",
            how="Type the names of its postures, or bring in a text.",
            done=bool(named),
            to=f"/forms/{form}" if form else "/",
        ),
        FirstStep(
            id="movements",
            name="Its movements",
            how="One line for each thing the legs do; or take them from the postures Kemvo knows.",
            done=bool(filled),
            to=f"/forms/{form}" if form else "/",
        ),
        FirstStep(
            id="session",
            name="A session",
            how="Press “New session” on the form.",
            done=bool(laid),
            to=f"/forms/{form}" if form and not session else f"/sessions/{session}" if session else "/sessions",
        ),
        FirstStep(
            id="heard",
            name="Practise it",
            how="Play it on the stage.",
            done="heard" in happened,
            to=f"/stage/{session}" if session else "/sessions",
        ),
        FirstStep(
            id="saved",
            name="Save the sound",
            how="Make the sound file, and save it.",
            done="saved" in happened,
            to=f"/sessions/{session}/files" if session else "/sessions",
        ),
    )
