"""Made-up material to measure with: a form of 108 postures, and a session over it."""

from __future__ import annotations

from kemvo.core.model.form import Form, Movement, Section
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.demo.load import demo_files
from kemvo.formats.documents.kemvo_json import read_file

POSTURES = 108


def long_form() -> Form:
    """108 postures and about 450 movements, put together from the demo's."""
    source = read_file(demo_files()[0].read_bytes()).form().postures()
    postures = []
    for i in range(POSTURES):
        p = source[i % len(source)]
        movements: tuple[Movement, ...] = (p.movements * 2)[: 4 + i % 2 * (i % 3 > 0)]
        postures.append(
            p.model_copy(
                update={
                    "id": "",
                    "repeats": 1,
                    "number": str(i + 1),
                    "movements": tuple(m.model_copy(update={"id": ""}) for m in movements),
                }
            )
        )
    parts = [postures[i : i + 18] for i in range(0, POSTURES, 18)]
    return finished(
        Form(
            title="Hundred and eight",
            tempo=30,
            sections=tuple(Section(title=f"Part {i + 1}", postures=tuple(p)) for i, p in enumerate(parts)),
        )
    )


def long_session(form_id: str, passes: int = 1) -> Session:
    """Full words over the whole form."""
    return with_pass_ids(Session(title="Hundred and eight", passes=(Pass(part=Part(form_id=form_id)),) * passes))
