"""A small form to try recordings with: six postures of three movements, no two of one length."""

from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Part, Pass, Session
from kemvo.core.movement.readings import finished
from kemvo.core.recording.performed import Keyed, keyed
from kemvo.core.timing.score import score_of
from kemvo.core.timing.timeline import Timeline, timed

NAMES = (
    "Stand among willows",
    "Heron wades",
    "Part the reeds",
    "Cross the ford",
    "Carry the lantern",
    "Gather the nets",
)
FORM = finished(
    Form(
        tempo=30,
        sections=(
            Section(
                postures=tuple(
                    Posture(
                        name=name,
                        side="L" if n % 2 else "R",
                        movements=tuple(
                            Movement(line=line, counts=2 + (3 * n + k) % 4)
                            for k, line in enumerate(
                                (
                                    f"Sit into the {'left' if n % 2 else 'right'} leg",
                                    "The hands rise",
                                    "Turn to the front",
                                )
                            )
                        ),
                    )
                    for n, name in enumerate(NAMES)
                )
            ),
        ),
    )
)
FORMS = {"f": FORM}
SESSION = Session(passes=(Pass(id="a1", part=Part(form_id="f"), pause_before_ms=5000),))


def plan() -> tuple[list[Keyed], Timeline]:
    score = score_of(SESSION, FORMS)
    timeline = timed(score, SESSION, FORMS)
    return keyed(score, timeline), timeline


DONE, TIMELINE = plan()
