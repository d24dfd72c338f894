"""Prints how long things take: edit, schedule, render, first start. One line a figure."""

from __future__ import annotations

import gc
import gzip
import json
import os
import random
import re
import resource
import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

import httpx
import numpy as np
import psutil
import soundfile

from bench import captions, early, reading
from bench.material import long_form, long_session
from bench.milp import milp_value
from kemvo.api.base.workspace import Workspace
from kemvo.audio.render import render
from kemvo.core.cues.candidates import candidates
from kemvo.core.cues.decisions import decide
from kemvo.core.floor.footprint import space
from kemvo.core.floor.placement import best_of_all, best_spot
from kemvo.core.floor.walker import trace
from kemvo.core.lesson.lesson import fitted, laid_out
from kemvo.core.model.session import CueChoice, with_pass_ids
from kemvo.core.practice.desk import desk
from kemvo.core.practice.pipeline import work_out
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import seen
from kemvo.core.scheduling.model import Said, Saying, Talk
from kemvo.core.scheduling.solver import solve
from kemvo.core.tables.block_kinds import PATTERNS
from kemvo.core.tables.groups import comfort_of
from kemvo.core.tables.rooms import Room
from kemvo.core.timing.breath_planner import BreathTarget, matched
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.timeline import plan
from kemvo.core.views.session_plan import session_plan
from kemvo.demo.load import demo_files, fill
from kemvo.formats.documents.kemvo_json import read_file


def times(work: Callable[[], object], runs: int) -> list[float]:
    """Milliseconds of each run."""
    out = []
    for _ in range(runs):
        begun = time.perf_counter()
        work()
        out.append((time.perf_counter() - begun) * 1000)
    return out


def line(what: str, ms: list[float], more: str = "") -> None:
    """One figure: median and 95th percentile in milliseconds."""
    p95 = sorted(ms)[max(0, round(0.95 * len(ms)) - 1)]
    print(f"{what:<58} median {statistics.median(ms):8.1f} ms   p95 {p95:8.1f} ms   {more}", flush=True)


@contextmanager
def served(command: str, folder: Path) -> Iterator[tuple[httpx.Client, int]]:
    """A real server in a process of its own: a client for it, and its process id."""
    words = [command, "--folder", str(folder)] if command == "demo" else [command]
    server = subprocess.Popen(
        [sys.executable, "-m", "kemvo.cli", *words, "--port", "0", "--no-browser"],
        stdout=subprocess.PIPE,
        text=True,
        env={**os.environ, "KEMVO_HOME": str(folder)},
    )
    assert server.stdout
    found = re.search(r"http://\S+", server.stdout.readline())
    assert found
    try:
        with httpx.Client(base_url=found[0].replace("localhost", "127.0.0.1")) as client:
            yield client, server.pid
    finally:
        server.terminate()
        server.wait()


def edit(folder: Path) -> None:
    """Save one changed movement of a 108-posture form, with all that follows from it, over the network."""
    with served("serve", folder) as (client, _):
        made = client.post("/api/forms", json=long_form().model_dump(mode="json")).json()
        view = client.get(f"/api/forms/{made['id']}").json()
        movements = [m for s in view["body"]["sections"] for p in s["postures"] for m in p["movements"]]
        took = []
        version = view["version"]
        for n in range(80):
            movements[n * 5 % len(movements)]["counts"] = 2.5 + n % 5
            body = json.dumps({"version": version, "body": view["body"]})
            begun = time.perf_counter()
            answer = client.put(f"/api/forms/{view['id']}", content=body, headers={"content-type": "application/json"})
            took.append((time.perf_counter() - begun) * 1000)
            version = answer.json()["version"]
        line(f"edit: save, derive, check, answer ({len(movements)} movements)", took, "goal p95 <= 60 ms")


def floor(_: Path) -> None:
    """The feet of a 108-posture form, its read-through, and its place in a room."""
    form = long_form()
    look = seen(form)
    line("feet on the floor of 108 postures", times(lambda: seen(form), 15))
    line(f"read-through of 108 postures: {len(read_through(look))} findings", times(lambda: read_through(look), 15))
    discs = space(trace(read_file(demo_files()[0].read_bytes()).form()))
    rooms = iter(Room(width=8 + n / 100, depth=7) for n in range(100))
    line(
        f"best spot of {len(discs)} places in a room, one facing", times(lambda: best_spot(discs, next(rooms), 0.0), 9)
    )
    line("best spot and facing of all", times(lambda: best_of_all(discs, next(rooms)), 5))


def scheduling(folder: Path) -> None:
    """Schedule the cues of long sessions; the voice's lengths are known. Then random problems, against HiGHS."""
    workspace = Workspace(folder)
    form_id = workspace.forms.add(long_form()).id
    for passes in (1, 2, 4):
        session = long_session(form_id, passes)
        forms = workspace.forms_of(session)
        timeline = plan(session, forms)
        cues = candidates(timeline, breaths_of(timeline, session, forms), session, forms)
        texts = cues.texts()
        if passes == 1:
            measured = times(lambda t=texts, s=session: workspace.clips(s.speech).measure(t), 1)
            line(f"measure {len(texts)} wordings with the voice, first time", measured)
        lengths = workspace.clips(session.speech).measure(texts)
        wordings = sum(len(c.wordings) for c in (*cues.cues, *cues.joins))
        line(f"decide {len(cues.cues)} cues, {wordings} wordings", times(lambda c=cues, k=lengths: decide(c, k), 7))
        line(
            f"plan of a {timeline.total_ms / 60000:.0f}-minute session",
            times(lambda s=session, f=forms: session_plan(s, f), 5),
        )
    with garbage_as_served():
        desk_edits(workspace, workspace.sessions.add(long_session(form_id, 1)).id)
    workspace.close()
    for cues_, wordings in ((20, 3), (60, 3), (200, 3), (600, 4), (1200, 4)):
        talk = dense_talk(cues_, wordings)
        ours = times(lambda t=talk: solve(t), 5)
        line(f"schedule {cues_} cues of {wordings} wordings, exactly", ours, "goal <= 100 ms at 600")
        if cues_ > MILP_MOST:
            continue
        found: list[float | None] = []
        (theirs,) = times(lambda t=talk, f=found: f.append(milp_value(t, MILP_LIMIT_S)), 1)
        ratio = theirs / statistics.median(ours)
        value = solve(talk).value
        same = "no optimum within its time" if found[0] is None else f"same optimum: {abs(found[0] - value) < 1e-3}"
        print(f"{f'HiGHS on the same {cues_} cues':<58} {theirs:15.1f} ms   {ratio:.0f} x as long, {same}", flush=True)


MILP_MOST, MILP_LIMIT_S = 60, 60.0
"""HiGHS is given problems of so many cues at most, and so much time."""


def dense_talk(cues: int, wordings: int) -> Talk:
    """A random problem in which about twice as much could be said as there is time for."""
    chance = random.Random(cues)
    at, sayings = 0, []
    for i in range(cues):
        at += chance.randrange(700, 2600)
        longest = chance.randrange(1500, 4500)
        said = tuple(
            Said(f"{i}.{k}", longest * (wordings - k) // wordings, round(6 - k + chance.random(), 2))
            for k in range(wordings)
        )
        sayings.append(Saying(f"c{i:04d}", at, max(0, at - 8000), at, said, at - 250, 0.1, 0.5))
    return Talk(tuple(sayings), ((at // 3, at // 3 + 4000),), 200)


@contextmanager
def garbage_as_served() -> Iterator[None]:
    """Garbage is looked for as seldom as in the server."""
    from kemvo.serve import rarely_look_for_garbage  # the server would count in the memory of rendering

    usual = gc.get_threshold()
    rarely_look_for_garbage()
    yield
    gc.unfreeze()
    gc.set_threshold(*usual)


def desk_edits(workspace: Workspace, id_: str) -> None:
    """A cue of a 108-posture session pinned at the cue desk: from the edit until all is decided anew."""
    workspace.practices.measure_all(id_, lambda _: None)
    stored, practice = workspace.sessions.get(id_), workspace.practices.practice_of(id_)[1]
    ids = iter([d.cue.id for d in practice.decisions][50:])

    def edit() -> None:
        nonlocal stored
        choice = CueChoice(cue=next(ids), pin_ms=-3000)
        stored = workspace.sessions.save(id_, stored.version, stored.body.model_copy(update={"cue_choices": (choice,)}))
        session, made = workspace.practices.practice_of(id_)
        desk(made, session).model_dump_json()

    line(f"pin one of {len(practice.decisions)} cues at the desk", times(edit, 15), "goal <= 150 ms")


def lessons(_: Path) -> None:
    """A lesson of an hour over the 108-posture form: worked out anew after an edit, and fitted."""
    form = long_form()
    ids = [p.id for p in form.postures()]
    session = laid_out(PATTERNS["two-angles"], "f", form, ids[6:10], ids[:6], "An hour", 60)
    here = {"f": form}
    line(
        f"plan of a lesson of {len(session.passes)} blocks over 108 postures",
        times(lambda: session_plan(session, here), 9),
    )
    line("fit that lesson to 60 minutes", times(lambda: fitted(session, here), 9), "goal <= 100 ms")
    spans = plan(session, here).spans
    wishes = [BreathTarget(s.end_ms - s.start_ms, s.breath) for s in spans]
    line(f"matched breath of {len(wishes)} movements", times(lambda: matched(wishes, comfort_of("everyone")), 9))


def rendering(folder: Path) -> None:
    """Render the 20-minute demo session, and twice as much; memory in a process of its own."""
    for ending in ("wav", "mp3"):
        for copies in (1, 2):
            code = f"import sys; from bench.__main__ import render_once; render_once(sys.argv[1], {ending!r}, {copies})"
            done = subprocess.run(
                [sys.executable, "-c", code, str(folder)],
                capture_output=True,
                text=True,
                check=True,
                env={**os.environ, "KEMVO_HOME": str(folder)},
            )
            print(done.stdout, end="", flush=True)


def intake(folder: Path) -> None:
    """Bring in 20 minutes of sound at 48 kHz, in three kinds, to a real server: how long it takes, the server's memory at its
    highest, and how long another who asks ten times a second waits meanwhile."""
    chance = np.random.default_rng(5)
    for ending, container, subtype in (
        ("wav", "WAV", "PCM_16"),
        ("mp3", "MP3", "MPEG_LAYER_III"),
        ("flac", "FLAC", "PCM_16"),
    ):
        sound = folder / f"twenty.{ending}"
        with soundfile.SoundFile(str(sound), "w", 48_000, 2, format=container, subtype=subtype) as out:
            for _ in range(20 * 60):
                out.write(np.asarray(0.1 * chance.standard_normal((48_000, 2)), np.float32))
        with served("demo", folder / f"intake-{ending}") as (client, pid), sound.open("rb") as content:
            for _ in range(3):
                client.get("/api/forms/long-causeway").raise_for_status()
            begun = time.perf_counter()
            job = client.post("/api/brought-sounds", files={"file": (sound.name, content)}, timeout=60).json()
            waits, highest = [], 0.0
            while job["state"] in ("waiting", "running"):
                waits += times(lambda: client.get("/api/forms/long-causeway").raise_for_status(), 1)
                highest = max(highest, psutil.Process(pid).memory_info().rss / 1e6)
                job = client.get(f"/api/jobs/{job['id']}").json()
                time.sleep(0.1)
            took = time.perf_counter() - begun
        print(
            f"{f'bring in 20 minutes of {ending.upper()} at 48 kHz':<58} {took:8.1f} s      memory {highest:4.0f} MB"
            f"   others wait at most {max(waits):.0f} ms   goal <= 5 s, 300 MB, 200 ms",
            flush=True,
        )


def malformed(folder: Path) -> None:
    """Malformed JSON of 200 kB and of 10 MB to a real server: how long until its answer, and how large that is."""
    with served("demo", folder / "data") as (client, pid):
        for size in (200_000, 10_000_000):
            for what, body in (
                ("brackets", "[" * size),
                ("wrong rows", '{"sections":[' + ",".join(['{"a":1}'] * (size // 8)) + "]}"),
                ("wrong fields", "{" + ",".join(f'"k{i}":1' for i in range(size // 10)) + "}"),
            ):
                begun = time.perf_counter()
                answer = client.post("/api/forms", content=body, headers={"content-type": "application/json"})
                ms = (time.perf_counter() - begun) * 1000
                print(
                    f"{f'malformed JSON, {size / 1e6:g} MB, {what}':<58} {ms:8.0f} ms     answer {len(answer.content) / 1000:.1f} kB"
                    f"   memory {psutil.Process(pid).memory_info().rss / 1e6:.0f} MB",
                    flush=True,
                )


def render_once(folder: str, ending: str, copies: int) -> None:
    """Render `copies` demo sessions in a row and print speed and peak memory of this process."""
    bundle = read_file(demo_files()[-1].read_bytes())
    session = with_pass_ids(bundle.session.model_copy(update={"passes": bundle.session.passes * copies}))
    workspace = Workspace(Path(folder))
    clips = workspace.clips(session.speech)
    practice = work_out(session, bundle.forms, clips.measure)
    total = practice.heard.total_ms
    (ms,) = times(lambda: render(practice.sounds, total, clips, Path(folder) / f"x.{ending}", ending), 1)
    peak = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024
    print(
        f"{f'render {total / 60000:.0f} minutes to {ending.upper()}':<58} {total / ms:6.0f} x real time, peak memory {peak:.0f} MB   goal >= 150 x, <= 300 MB"
    )


def idle(folder: Path) -> None:
    """Memory of an idle server with the demo, and how long it takes to answer first."""
    begun = time.perf_counter()
    with served("demo", folder) as (client, pid):
        client.get("/api/forms").raise_for_status()
        took = (time.perf_counter() - begun) * 1000
        memory = psutil.Process(pid).memory_info().rss / 2**20
    line("second start until the first answer", [took], f"idle memory {memory:.0f} MB, goal <= 150 MB")
    pages = Path(__file__).parent.parent / "src/kemvo/api/pages/assets"
    size = sum(len(gzip.compress(f.read_bytes())) for f in pages.glob("index-*.js")) / 1000
    print(f"{'script of the first page, compressed':<58} {size:.0f} kB   goal <= 350 kB")


if __name__ == "__main__":
    asked = set(sys.argv[1:])
    if not asked:
        reading.main()
        captions.main()
        early.main()
    with tempfile.TemporaryDirectory() as name:
        place = Path(name)
        for part, work in (
            ("floor", floor),
            ("edit", edit),
            ("schedule", scheduling),
            ("render", rendering),
            ("intake", intake),
            ("malformed", malformed),
            ("demo", idle),
        ):
            if asked and part not in asked:
                continue
            (place / part).mkdir()
            if part == "demo":
                fill(place / part)
            work(place / part)
