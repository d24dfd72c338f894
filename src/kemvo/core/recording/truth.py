"""What the stand-in studio films: a session as somebody really does it. The tempo wavers, there are stops that nobody planned, and
a posture is skipped or repeated when asked; when each movement truly begins is known.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, NamedTuple

import numpy as np
from pydantic import Field

from kemvo.core.model.session import Forms, Session
from kemvo.core.recording.clock import Clock, Element
from kemvo.core.recording.model import Again, Mark, Media, Recording
from kemvo.core.recording.performed import Keyed, edited
from kemvo.core.recording.recorded_timeline import Recorded, frozen, on_clock, planned
from kemvo.core.timing.score import STILL, score_of
from kemvo.core.types import Value

WAVER_SHARE = 0.10
"""A tempo wavers by about so much over half a minute to two minutes."""
JITTER_SHARE = 0.05
"""Each movement is by itself about so much longer or shorter than the tempo has it."""
STOP_EVERY_MS = 240_000
"""Nobody planned it, and about so often somebody stops."""


class Stop(Value):
    """A stop that nobody planned: after the movement at this place, so long."""

    place: str
    ms: Annotated[int, Field(ge=0, le=600_000)] = 6000


class Slips(Value):
    """What went otherwise than planned. `stops` None: now and then, by chance."""

    left_out: tuple[str, ...] = ()
    again: tuple[Again, ...] = ()
    stops: tuple[Stop, ...] | None = None


class Truth(NamedTuple):
    """A session as it was really done: what was done on its true clock, and the recording that says so with every mark."""

    recorded: Recorded
    recording: Recording


def truth_of(session: Session, forms: Forms, seed: int = 1, slips: Slips | None = None) -> Truth:
    """A session done for the camera; the same for the same seed."""
    slips = slips or Slips()
    chance = np.random.default_rng(seed)
    done = edited(planned(session, forms), slips.left_out, slips.again)
    stops = _stops(done, slips, chance)
    elements: list[Element] = [Element(-1, 0, elastic=True)]
    times = [0, round(float(chance.uniform(1500, 4000)))]
    pace = _Wavering(chance)
    marks: list[Mark] = []
    for i, k in enumerate(done):
        ms = float(k.plan_ms)
        if k.place.kind in STILL:
            ms *= float(chance.uniform(0.6, 1.7))
        elif k.place.kind == "movement":
            ms *= pace.at(times[-1]) * float(np.exp(chance.normal(0, JITTER_SHARE)))
            marks.append(Mark(place=k.key, at_ms=times[-1], source="hand", hand=True))
        elements.append(Element(i, k.plan_ms, k.place.kind in STILL))
        times.append(times[-1] + max(1, round(ms)) if k.plan_ms else times[-1])
        if k.key in stops:
            marks.append(Mark(place=k.key, edge="end", at_ms=times[-1], source="hand", hand=True))
            elements.append(Element(-1, 0, elastic=True))
            times.append(times[-1] + stops[k.key])
    moving = [i for i, e in enumerate(elements) if e.place >= 0 and not e.elastic]
    elements.append(Element(-1, 0, elastic=True))
    times.append(times[-1] + round(float(chance.uniform(1500, 4000))))
    clock = Clock(tuple(elements), tuple(times), (), (), ())
    recording = Recording(
        title=session.title,
        media=Media(name="", ms=times[-1]),
        frozen=frozen(session, forms),
        marks=tuple(marks),
        left_out=slips.left_out,
        again=slips.again,
        begins_ms=times[moving[0]] if moving else None,
        ends_ms=times[moving[-1] + 1] if moving else None,
    )
    return Truth(on_clock(done, clock, score_of(session, forms).left_pct), recording)


def _stops(done: Sequence[Keyed], slips: Slips, chance: np.random.Generator) -> dict[str, int]:
    if slips.stops is not None:
        return {s.place: s.ms for s in slips.stops}
    moving = [k for k in done if k.place.kind == "movement"]
    many = sum(k.plan_ms for k in moving) // STOP_EVERY_MS
    if len(moving) < 3 or not many:
        return {}
    at = chance.choice(len(moving) - 1, size=min(int(many), len(moving) - 1), replace=False)
    return {moving[int(i)].key: round(float(chance.uniform(3000, 9000))) for i in at}


class _Wavering:
    """A pace that wanders about one: slow waves of chance length and phase."""

    def __init__(self, chance: np.random.Generator) -> None:
        self.waves = [
            (float(chance.uniform(30_000, 120_000)), float(chance.uniform(0, 2 * np.pi)), float(chance.uniform(0.4, 1)))
            for _ in range(4)
        ]
        self.level = float(np.exp(chance.normal(0, 0.05)))

    def at(self, ms: float) -> float:
        swing = sum(a * np.sin(2 * np.pi * ms / length + phase) for length, phase, a in self.waves) / 2
        return self.level * float(np.exp(WAVER_SHARE * swing))
