"""A form to be taught over weeks, and the day on which its lessons begin."""

from datetime import date

from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.readings import finished

DAY = date(2026, 3, 5)


def form_of(n: int) -> Form:
    """A form of so many postures, each of three movements; every other one has a side."""
    return finished(
        Form(
            title="Walk",
            sections=(
                Section(
                    title="All",
                    postures=tuple(
                        Posture(
                            id=f"p{i}",
                            name=f"Posture {i}",
                            number=str(i),
                            side="L" if i % 2 else None,
                            movements=tuple(Movement(id=f"m{k}", line="Shift left", counts=2) for k in range(3)),
                        )
                        for i in range(n)
                    ),
                ),
            ),
        )
    )
