"""The first hour: five steps from nothing to a first practice, each done or the next to do."""

from __future__ import annotations

from collections.abc import Mapping

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.model.to_fill import tells_something
from kemvo.core.types import Value


class FirstStep(Value):
    """A step: what to do, how, whether it is done, and on which page it is done."""

    id: str
    name: str
    how: str
    done: bool
    to: str


MOVEMENTS = "One line for each thing the legs do; or take them from the postures Kemvo knows."


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
    on_form, on_session = f"/forms/{form}" if form else "/", f"/sessions/{session}" if session else "/sessions"
    return tuple(
        FirstStep(id=id_, name=name, how=how, done=done, to=to)
        for id_, name, how, done, to in (
            ("form", "A form", "Type the names of its postures, or bring in a text.", bool(named), on_form),
            ("movements", "Its movements", MOVEMENTS, bool(filled), on_form),
            (
                "session",
                "A session",
                "Press “New session” on the form.",
                bool(laid),
                on_session if session else on_form,
            ),
            (
                "heard",
                "Practise it",
                "Play it on the stage.",
                "heard" in happened,
                f"/stage/{session}" if session else on_session,
            ),
            (
                "saved",
                "Save the sound",
                "Make the sound file, and save it.",
                "saved" in happened,
                f"{on_session}/files" if session else on_session,
            ),
        )
    )
