"""The figure that the stand-in studio films: feet that step where the form's feet go, hips that sway as the weight does, arms
that hang and rise with the breath. Drawn plainly; what can be seen in it is true.
"""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from PIL import Image, ImageDraw

from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.model.session import Forms
from kemvo.core.recording.model import Does
from kemvo.core.timing.timeline import Span, Timeline
from kemvo.core.timing.weight_curve import along, smoothstep

STEP_BY = 0.55
"""A foot has landed after this share of its movement."""

NOISE = 4.0
"""How much the camera's noise moves a brightness of 0 to 255 (one standard deviation)."""

WALL, FLOOR, BODY, LEGS, SKIN, LEFT_SHOE, RIGHT_SHOE = (
    (196, 201, 190), (150, 138, 120), (44, 82, 108), (58, 62, 70), (214, 178, 150), (120, 44, 40), (30, 60, 110),
)  # fmt: skip


TALL = 2.0
"""The camera sees so many metres over the floor."""


class Pose(NamedTuple):
    """Where the body is: both feet (metres across and forward, height over the floor), the share of weight on the left leg, and
    how full the lungs are."""

    left: tuple[float, float, float]
    right: tuple[float, float, float]
    left_pct: float
    fill: float


class Landing(NamedTuple):
    """A foot that lands: when, and which."""

    at_ms: int
    side: str


class Figure:
    """Poses along a timeline."""

    def __init__(self, timeline: Timeline, forms: Forms) -> None:
        self.spans = timeline.spans
        self.starts = [s.start_ms for s in self.spans]
        self.landings: list[Landing] = []
        self.feet: list[tuple[_Feet, _Feet]] = []
        self._walk(forms)

    def _walk(self, forms: Forms) -> None:
        feet: _Feet = ((-0.1, 0.0), (0.1, 0.0))
        for s, after in zip(self.spans, _after(self.spans, forms), strict=True):
            here = after or feet
            for n, side in enumerate(("L", "R")):
                if here[n] != feet[n]:
                    self.landings.append(Landing(round(s.start_ms + STEP_BY * (s.end_ms - s.start_ms)), side))
            self.feet.append((feet, here))
            feet = here

    def span_at(self, ms: int) -> Span:
        """What is done at a moment."""
        return self.spans[max(0, bisect_right(self.starts, ms) - 1)]

    def at(self, ms: int) -> Pose:
        """The pose at a moment."""
        i = max(0, bisect_right(self.starts, ms) - 1)
        s = self.spans[i]
        u = (ms - s.start_ms) / max(1, s.end_ms - s.start_ms)
        before, after = self.feet[i]
        stepped = smoothstep(min(1.0, u / STEP_BY))
        left, right = (_between(a, b, stepped) for a, b in zip(before, after, strict=True))
        return Pose(
            left, right, along(s.left_from, s.left_to, u), s.fill_from + (s.fill_to - s.fill_from) * smoothstep(u)
        )


_Feet = tuple[tuple[float, float], tuple[float, float]]


def _between(a: tuple[float, float], b: tuple[float, float], u: float) -> tuple[float, float, float]:
    lift = 0.09 * np.sin(np.pi * u) if a != b else 0.0
    return a[0] + (b[0] - a[0]) * u, a[1] + (b[1] - a[1]) * u, float(lift)


def _after(spans: Sequence[Span], forms: Forms) -> list[_Feet | None]:
    """Where the feet are after each span, round by round; None: as before."""
    out: list[_Feet | None] = [None] * len(spans)
    rounds: dict[tuple[int, int], list[int]] = {}
    for i, s in enumerate(spans):
        if s.kind == "movement":
            rounds.setdefault((s.round.no, s.round.nth), []).append(i)
    for numbers in rounds.values():
        form: Form | None = forms.get(spans[numbers[0]].round.form_id)
        if form is None:
            continue
        steps = trace(form, [spans[i] for i in numbers]).steps
        begin = (
            (steps[0].before.left.x + steps[0].before.right.x) / 2,
            (steps[0].before.left.y + steps[0].before.right.y) / 2,
        )
        for i, step in zip(numbers, steps, strict=True):
            f = step.after
            out[i] = (f.left.x - begin[0], f.left.y - begin[1]), (f.right.x - begin[0], f.right.y - begin[1])
    return out


class Camera:
    """A still camera before a wall: `width` by `height` points; `does`: how the instructor stands to it; `metres` fit across it."""

    def __init__(self, width: int, height: int, metres: float, seed: int, turned_over: bool = False) -> None:
        self.width, self.height = width, height
        self.scale = min(width / metres, height * 0.72 / TALL)
        self.turned_over = turned_over
        chance = np.random.default_rng(seed)
        room = Image.new("RGB", (width, height), WALL)
        draw = ImageDraw.Draw(room)
        self.ground = round(height * 0.78)
        draw.rectangle([0, round(height * 0.66), width, height], fill=FLOOR)
        draw.rectangle([width * 0.08, height * 0.12, width * 0.2, height * 0.4], fill=(222, 228, 230))
        draw.rectangle([width * 0.82, height * 0.2, width * 0.9, height * 0.66], fill=(120, 92, 70))
        self.room = room
        self.noise = [chance.normal(0, NOISE, (height, width, 1)).astype(np.int16) for _ in range(8)]
        self.shown = 0

    def picture(self, pose: Pose, does: Does) -> np.ndarray:
        """A picture of a pose (height, width, 3), with the camera's noise."""
        image = self.room.copy()
        self._draw(ImageDraw.Draw(image), pose, does)
        self.shown += 1
        pixels = np.asarray(image, np.int16) + self.noise[self.shown * 5 % len(self.noise)]
        out = np.clip(pixels, 0, 255).astype(np.uint8)
        return np.ascontiguousarray(out[:, ::-1]) if self.turned_over else out

    def _draw(self, draw: ImageDraw.ImageDraw, pose: Pose, does: Does) -> None:
        # Who faces the camera with their own sides is seen with left at the right; who mirrors the class does the other side, and is
        # seen as the class does it, on the other foot.
        way = -1.0 if does == "facing" else 1.0
        shoes = (RIGHT_SHOE, LEFT_SHOE) if does == "mirrored" else (LEFT_SHOE, RIGHT_SHOE)
        k = self.scale
        middle = self.width / 2

        def on(x: float, y: float, z: float) -> tuple[float, float]:
            return middle + way * x * k, self.ground - way * y * k * 0.25 - z * k

        share = pose.left_pct / 100
        x = pose.left[0] * share + pose.right[0] * (1 - share)
        y = pose.left[1] * share + pose.right[1] * (1 - share)
        apart = abs(pose.left[0] - pose.right[0]) + abs(pose.left[1] - pose.right[1])
        hip = 0.92 - min(0.22, 0.18 * apart)
        chest = hip + 0.46
        for foot, shoe in zip((pose.left, pose.right), shoes, strict=True):
            fx, fy = on(*foot)
            draw.line(
                [on(x, y, hip), on((x + foot[0]) / 2, (y + foot[1]) / 2, hip / 2 + foot[2]), (fx, fy)],
                fill=LEGS,
                width=max(3, round(0.11 * k)),
            )
            draw.ellipse([fx - 0.08 * k, fy - 0.04 * k, fx + 0.08 * k, fy + 0.05 * k], fill=shoe)
        draw.line([on(x, y, hip), on(x, y, chest)], fill=BODY, width=max(4, round(0.3 * k)))
        reach = 0.25 + 0.25 * pose.fill
        for side in (-1, 1):
            hand = on(x + side * reach, y, hip + 0.1 + 0.4 * pose.fill)
            draw.line([on(x + side * 0.16, y, chest), hand], fill=BODY, width=max(3, round(0.08 * k)))
            draw.ellipse([hand[0] - 0.04 * k, hand[1] - 0.04 * k, hand[0] + 0.04 * k, hand[1] + 0.04 * k], fill=SKIN)
        hx, hy = on(x, y, chest + 0.2)
        draw.ellipse([hx - 0.1 * k, hy - 0.12 * k, hx + 0.1 * k, hy + 0.12 * k], fill=SKIN)


def metres_across(figure: Figure) -> float:
    """How much the camera must see for the figure to stay in the picture, in metres."""
    ends = [abs(x) + abs(y) * 0.1 for _, after in figure.feet for x, y in after]
    return max(3.2, 2 * (max(ends, default=0.5) + 0.8))
