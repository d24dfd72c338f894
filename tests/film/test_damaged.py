"""Films and sounds that are damaged, far too large or too long: refused with a sentence about the file, never one about the disk."""

import errno
import time
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from kemvo.audio.intake import is_of_content, read_whole
from kemvo.core.errors import KemvoError
from kemvo.film import probe as probing
from kemvo.film.probe import probe
from kemvo.jobs import ENDED, Jobs
from kemvo.recordings import take_in
from kemvo.store.media import MediaShelf


def made(
    path: Path, size: tuple[int, int] = (64, 48), pictures: int = 20, apart_s: float = 0.1, sound: bool = True
) -> Path:
    with av.open(str(path), "w") as out:
        picture = None
        if size[0]:
            picture = out.add_stream("libx264", rate=10, options={"preset": "ultrafast", "crf": "40"})
            picture.width, picture.height, picture.pix_fmt, picture.time_base = *size, "yuv420p", Fraction(1, 1000)
        heard = out.add_stream("aac", rate=44_100, layout="mono") if sound else None
        for n in range(pictures if picture else 0):
            frame = av.VideoFrame(*size, "yuv420p")
            for plane in frame.planes:
                plane.update(bytes(plane.buffer_size))
            frame.pts, frame.time_base = round(n * apart_s * 1000), Fraction(1, 1000)
            out.mux(picture.encode(frame))
        if picture:
            out.mux(picture.encode(None))
        noise = np.random.default_rng(5).normal(0, 0.1, 2 * 44_100).astype(np.float32)
        for n in range(0, len(noise) if heard else 0, 1024):
            piece = av.AudioFrame.from_ndarray(noise[None, n : n + 1024], "fltp", "mono")
            piece.rate, piece.pts, piece.time_base = 44_100, n, Fraction(1, 44_100)
            out.mux(heard.encode(piece))
        if heard:
            out.mux(heard.encode(None))
    return path


@pytest.fixture(scope="module")
def whole(tmp_path_factory: pytest.TempPathFactory) -> dict[str, bytes]:
    folder = tmp_path_factory.mktemp("whole")
    films = {e: made(folder / f"film.{e}").read_bytes() for e in ("mp4", "mkv", "mov")}
    return {**films, "m4a": made(folder / "sound.m4a", (0, 0)).read_bytes()}


Damage = tuple[str, list[tuple[float, int]], float]

damages: st.SearchStrategy[Damage] = st.tuples(
    st.sampled_from(["mp4", "mkv", "mov", "m4a"]),
    st.lists(st.tuples(st.floats(0, 1), st.integers(0, 255)), max_size=30),
    st.sampled_from([1.0, 1.0, 0.9, 0.5, 0.1]),
)


@given(damages)
@settings(max_examples=150, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
def test_what_is_damaged_is_used_or_refused_as_a_file(whole: dict[str, bytes], tmp_path: Path, damage: Damage) -> None:
    kind, flips, kept = damage
    data = bytearray(whole[kind])
    for at, byte in flips:
        data[min(len(data) - 1, int(at * len(data)))] = byte
    path = tmp_path / f"damaged.{kind}"
    path.write_bytes(data[: round(kept * len(data))])
    said = []
    for use in (
        lambda: take_in(MediaShelf(tmp_path), Path(path), path.name),
        lambda: read_whole(path, 44_100, 60, "Cut it.", path.name),
    ):
        try:
            if path.exists():
                use()
        except KemvoError as error:
            said += error.problems
        path.write_bytes(data[: round(kept * len(data))])
    assert all(p.mend and "disk" not in p.sentence() and "may read your data" not in p.sentence() for p in said)


def test_errors_of_decoding_are_not_taken_for_the_disks(tmp_path: Path) -> None:
    refused = av.error.FFmpegError
    for number, of_content in ((errno.EPERM, True), (errno.EACCES, True), (errno.EIO, True), (errno.ENOSPC, False)):
        try:
            av.error.err_check(-number)
        except refused as error:
            found = error

        def work(_: object, error: Exception = found) -> Path:
            raise error

        assert is_of_content(found) == of_content
        job = Jobs(1).start("A job", "", "", work)
        while job.state not in ENDED:
            time.sleep(0.01)
        assert job.problem
        assert ("damaged" in job.problem.what) == of_content


def test_a_far_too_large_picture_is_refused_by_its_header(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    film = made(tmp_path / "large.mp4", (8200, 4400), pictures=1, sound=False)

    def decoded(*_: object) -> int:
        raise AssertionError("a picture was decoded")

    monkeypatch.setattr(probing, "rotation_of", decoded)
    with pytest.raises(KemvoError, match="8200 × 4400"):
        probe(film)


def test_a_film_that_is_longer_than_a_day_by_its_times_is_refused(tmp_path: Path) -> None:
    film = made(tmp_path / "long.mkv", pictures=3, apart_s=50_000, sound=False)
    with pytest.raises(KemvoError, match="24 hours"):
        probe(film)
