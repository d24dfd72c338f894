"""Breath and fitting against a general solver (HiGHS, through scipy); gradual tempos against numerical integration and
against the tempo map of the exported file as mido reads it."""

import random

import numpy as np
import pytest
import symusic
from scipy.integrate import quad
from scipy.optimize import Bounds, LinearConstraint, milp

from kemvo.core.lesson.fit_solver import FitBlock, fit, options
from kemvo.core.model.session import Pace, Part, Pass, Session
from kemvo.core.tables.breath_schools import Comfort
from kemvo.core.timing.breath_planner import BREATH_COST, KEPT_COST, WITHIN_COST, BreathTarget, matched, points_of
from kemvo.core.timing.tempo import length_ms
from kemvo.core.timing.timeline import plan
from kemvo.demo.load import demo_files
from kemvo.formats.documents.kemvo_json import read_file
from kemvo.formats.tracks.midi import write_midi


def solved(
    costs: list[float], whole: list[int], most: list[float], rows: list[tuple[dict[int, float], float, float]]
) -> float | None:
    matrix = np.zeros((len(rows), len(costs)))
    for i, (row, _, _) in enumerate(rows):
        for k, v in row.items():
            matrix[i, k] = v
    result = milp(
        costs,
        constraints=LinearConstraint(matrix, [r[1] for r in rows], [r[2] for r in rows]),
        integrality=whole,
        bounds=Bounds(0, most),
    )
    return float(result.fun) if result.success else None


@pytest.mark.parametrize("seed", range(40))
def test_the_breath_plan_is_the_solvers(seed: int) -> None:
    """A path through the points at which the breath may change, each arc a breath within comfort."""
    rng = random.Random(seed)
    comfort = Comfort(2000, rng.choice([5000, 6000]), 2000, rng.choice([6000, 8000]))
    wishes = [
        BreathTarget(rng.choice([2000, 3000, 4000, 6000, 9000]), rng.choice(["in", "out", "free"]))
        for _ in range(rng.randint(2, 6))
    ]
    points = points_of(wishes, comfort)
    n = len(points)
    ends = np.cumsum([0, *(w.ms for w in wishes)])
    costs, rows = [], [({}, 1, 1)]
    nodes: dict[tuple[int, str], dict[int, float]] = {}
    finish: dict[int, float] = {}
    for q in range(n):
        for p in range(q + 1, n):
            for way in ("in", "out"):
                least, most = comfort.of(way)
                if not least <= points[p][0] - points[q][0] <= most:
                    continue
                kept = sum(
                    w.breath == way and points[q][0] <= a and b <= points[p][0]
                    for w, a, b in zip(wishes, ends, ends[1:], strict=False)
                )
                k = len(costs)
                costs.append(BREATH_COST + WITHIN_COST * (points[p][1] and p < n - 1) - KEPT_COST * kept)
                if q == 0:
                    rows[0][0][k] = 1
                else:
                    nodes.setdefault((q, "out" if way == "in" else "in"), {})[k] = -1
                if p == n - 1:
                    finish[k] = 1
                else:
                    nodes.setdefault((p, way), {})[k] = 1
    rows += [(row, 0, 0) for row in nodes.values()] + [(finish, 1, 1)]
    best = solved(costs, [1] * len(costs), [1.0] * len(costs), rows) if costs and finish and rows[0][0] else None
    mine = matched(wishes, comfort)
    if best is None:
        assert mine.strained_ms > 0
    else:
        assert mine.cost - KEPT_COST * mine.wished == pytest.approx(best, abs=1e-6)


@pytest.mark.parametrize("seed", range(60))
def test_the_fit_is_the_solvers(seed: int) -> None:
    rng = random.Random(seed)
    blocks = []
    for i in range(rng.choice([2, 3, 5, 8])):
        r, rest, more = rng.randint(1, 5), rng.choice([0.0, 20_000.0]), rng.randint(0, 3)
        blocks.append(
            FitBlock(
                str(i),
                rng.uniform(20, 200) * 1000,
                rng.choice([0.0, 5000.0]),
                0.0,
                r,
                max(1, r - more),
                r + more,
                rng.choice([0.8, 0.9, 1.0]),
                rng.choice([1.0, 1.1, 1.25]),
                rest,
                0.0,
                2 * rest,
                rng.randint(1, 5),
                rng.random() < 0.4,
            )
        )
    goal = sum(b.repeats * (b.moving_ms + b.held_ms) + b.rest_ms for b in blocks) * rng.uniform(0.6, 1.3)
    costs: list[float] = []
    whole: list[int] = []
    most: list[float] = []
    rows: list[tuple[dict[int, float], float, float]] = []
    time: dict[int, float] = {}
    for b in blocks:
        one: dict[int, float] = {}
        for o in options(b):
            z = len(costs)
            costs.append(o.loss)
            whole.append(1)
            most.append(1.0)
            one[z], time[z] = 1, o.ms
            for steps, sign in ((o.longer, 1), (o.shorter, -1)):
                for room, slope, _ in steps:
                    x = len(costs)
                    costs.append(slope)
                    whole.append(0)
                    most.append(room)
                    time[x] = sign
                    rows.append(({x: 1, z: -room}, -np.inf, 0))
        rows.append((one, 1, 1))
    rows.append((time, goal, goal))
    best = solved(costs, whole, most, rows)
    mine = fit(blocks, goal)
    if best is None:
        assert not mine.met
    elif mine.met:
        assert mine.loss == pytest.approx(best, rel=1e-5, abs=1e-5)
        assert mine.bound <= best + 1e-6


@pytest.mark.parametrize(("tempo", "to"), [(20, 40), (60, 24), (30, 30.0001), (45, 45)])
def test_gradual_tempos_are_integrated_exactly(tempo: float, to: float) -> None:
    whole = 48.0
    for begins, counts in ((0.0, 48.0), (7.0, 5.5), (40.0, 8.0)):
        exact, _ = quad(lambda c: 60_000 / (tempo + (to - tempo) * c / whole), begins, begins + counts, epsabs=1e-9)
        assert length_ms(counts, tempo, to, begins, whole) == pytest.approx(exact, rel=1e-9)


def test_the_exported_tempo_map_is_the_plan_to_another_reader() -> None:
    """Kemvo writes through mido; read by symusic, which has a parser of its own: every marker stands where its posture
    begins, and every word."""
    bundle = read_file(demo_files()[1].read_bytes())
    passes = (Pass(part=Part(form_id="form"), paces=(Pace(tempo=20, to=50),)),)
    timeline = plan(Session(passes=passes), bundle.forms)
    read = symusic.Score.from_midi(write_midi(timeline)).to("second")
    found = [(m.text, m.time * 1000) for m in read.markers]
    begins: dict[str, int] = {}
    for span in timeline.spans:
        if span.performance is not None:
            begins.setdefault(span.performance.posture.title(), span.start_ms)
    assert [title for title, _ in found if title in begins] == list(begins)
    assert all(at == pytest.approx(begins[title], abs=5) for title, at in found if title in begins)
    words = [(w.text, w.time * 1000) for w in read.tracks[0].lyrics]
    told = [
        (s.movement.line, s.start_ms) for s in timeline.spans if s.kind == "movement" and s.movement and s.movement.line
    ]
    assert [w for w, _ in words] == [w for w, _ in told]
    assert all(a == pytest.approx(b, abs=5) for (_, a), (_, b) in zip(words, told, strict=True))
