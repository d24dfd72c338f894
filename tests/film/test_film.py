"""Films of a session: the stand-in studio, what is read of a file, and the recording given back. Other readers look at what is written."""

import json
import subprocess
import sys
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
import pytest
import soundfile
from mutagen.mp4 import MP4
from pymediainfo import MediaInfo
from typer.testing import CliRunner

from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.espeak import EspeakVoice
from kemvo.cli import app
from kemvo.core.errors import KemvoError
from kemvo.core.practice.soundtrack import Sound
from kemvo.core.recording.model import KeptTalk, Media
from kemvo.core.recording.truth import Slips
from kemvo.film.envelope import load
from kemvo.film.figure import Camera, Pose
from kemvo.film.give_back import ExportOptions, ending_for, give_back
from kemvo.film.probe import probe
from kemvo.film.sounds import form_of, own_sound
from kemvo.film.studio import Studio, film
from kemvo.formats.documents.kemvo_json import write_session
from kemvo.recordings import take_in
from kemvo.store.database import Database
from kemvo.store.lengths import StoredBook
from kemvo.store.media import MediaShelf
from takes import FORMS, SESSION

SHORT = Studio(seed=3, size=(160, 120), fps=6, narrated=True, slips=Slips(stops=()))


@pytest.fixture(scope="module")
def clips(tmp_path_factory: pytest.TempPathFactory) -> Clips:
    folder = tmp_path_factory.mktemp("book")
    return Clips(EspeakVoice("en-gb", 130), StoredBook(Database(folder / "k.sqlite")))


@pytest.fixture(scope="module")
def take(tmp_path_factory: pytest.TempPathFactory, clips: Clips) -> Path:
    """A film of the small form, two minutes long."""
    path = tmp_path_factory.mktemp("film") / "take.mp4"
    film(SESSION, FORMS, clips, path, SHORT)
    return path


def remuxed(source: Path, out: Path, start_s: float = 0.0, rotation: int = 0, uneven: bool = False) -> Path:
    """A short film made by hand: packets of another clock, turned, or with pictures at uneven times."""
    with av.open(str(out), "w") as made, av.open(str(source)) as given:
        picture = made.add_stream("libx264", rate=30, options={"preset": "ultrafast", "bf": "2"})
        assert isinstance(picture, av.VideoStream)
        picture.width, picture.height, picture.pix_fmt, picture.time_base = 160, 120, "yuv420p", Fraction(1, 90_000)
        sound = made.add_stream("aac", rate=44_100, layout="mono")
        assert isinstance(sound, av.AudioStream)
        chance = np.random.default_rng(4)
        at = 0.0
        frames = given.decode(video=0)
        while at < 8:
            frame = av.VideoFrame.from_ndarray(next(frames).to_ndarray(format="rgb24"), "rgb24")
            frame.pts, frame.time_base = round((start_s + at) * 90_000), Fraction(1, 90_000)
            if rotation:
                frame = frame
            made.mux(picture.encode(frame))
            at += float(chance.uniform(0.02, 0.3)) if uneven else 0.1
        made.mux(picture.encode(None))
        samples = chance.normal(0, 0.05, (1, 8 * 44_100)).astype(np.float32)
        for n in range(0, samples.shape[1], 1024):
            piece = av.AudioFrame.from_ndarray(np.ascontiguousarray(samples[:, n : n + 1024]), "fltp", "mono")
            piece.rate, piece.pts, piece.time_base = 44_100, round(start_s * 44_100) + n, Fraction(1, 44_100)
            made.mux(sound.encode(piece))
        made.mux(sound.encode(None))
    return out


def pictures(path: Path) -> list[tuple[bytes, float]]:
    with av.open(str(path)) as container:
        stream = container.streams.video[0]
        found = [(bytes(p), float(p.pts * p.time_base)) for p in container.demux(stream) if p.size]
    first = min(at for _, at in found)
    return [(data, at - first) for data, at in found]


def test_a_film_is_as_long_as_it_was_made_and_its_truth_fits(take: Path, clips: Clips) -> None:
    again = take.with_name("again.mp4")
    made = film(SESSION, FORMS, clips, again, SHORT)
    media = probe(take)
    assert abs(media.ms - made.truth.recording.media.ms) <= 200
    assert (media.picture, media.width, media.rotation, media.first_picture_ms) == (True, 160, 0, 0)
    marks = made.truth.recording.marks
    assert [m.at_ms for m in marks] == sorted(m.at_ms for m in marks)
    by_place = {m.place: m.at_ms for m in marks}
    assert len(made.said) >= 6
    assert all(b <= by_place[place] for place, (_, b) in made.said.items())


def test_length_and_samples_agree_with_another_decoder(tmp_path: Path, clips: Clips) -> None:
    path = tmp_path / "take.wav"
    film(SESSION, FORMS, clips, path, SHORT)
    media, info = probe(path), soundfile.info(str(path))
    assert (media.samples, media.rate, media.channels) == (info.frames, info.samplerate, info.channels)
    own = np.concatenate(list(own_sound(path, media)), axis=1)
    heard, _ = soundfile.read(str(path), dtype="float32", always_2d=True)
    assert own.shape == heard.T.shape
    assert np.abs(own - heard.T).max() < 1e-4


@pytest.mark.parametrize("ending", ["mp4", "mkv"])
def test_the_recording_is_given_back_with_voice_captions_and_chapters(
    take: Path, clips: Clips, tmp_path: Path, ending: str
) -> None:
    """Read back by MediaInfo and mutagen; the picture's packets are the same, byte for byte."""
    out = tmp_path / f"out.{ending}"
    media = probe(take)
    wish = ExportOptions(
        sounds=[Sound(20_000, 1500, "speech", "Heron wades"), Sound(60_000, 1500, "speech", "Part the reeds")],
        captions=[(20_000, 21_500, "Heron wades"), (60_000, 61_500, "Part the reeds")],
        chapters=[(5000, "Stand among willows"), (40_000, "Heron wades")],
        title="Six postures",
    )
    give_back(take, media, wish, clips, out)
    before, after = pictures(take), pictures(out)
    assert [data for data, _ in before] == [data for data, _ in after] or ending == "mkv"
    assert len(before) == len(after)
    assert max(abs(a[1] - b[1]) for a, b in zip(before, after, strict=True)) < 0.002
    info = MediaInfo.parse(str(out))
    kinds = [t.track_type for t in info.tracks]
    assert {"General", "Video", "Audio", "Text", "Menu"} <= set(kinds)
    general = info.tracks[0]
    assert abs(float(general.duration) - media.ms) < 100
    assert general.title == "Six postures"
    text = next(t for t in info.tracks if t.track_type == "Text")
    assert text.language == "en"
    if ending == "mp4":
        file = MP4(str(out))
        assert abs(file.info.length - media.ms / 1000) < 0.1
        assert [(round(c.start), c.title) for c in file.chapters] == [(0, "Stand among willows"), (40, "Heron wades")]
    said = _captions(out)
    assert [(round(at, 2), words) for at, words in said] == [(20.0, "Heron wades"), (60.0, "Part the reeds")]


def _captions(path: Path) -> list[tuple[float, str]]:
    with av.open(str(path)) as container:
        stream = container.streams.subtitles[0]
        found = []
        for p in container.demux(stream):
            raw = bytes(p)[2:] if stream.codec_context.name == "mov_text" else bytes(p)
            if raw.strip(b"\0"):
                found.append((float(p.pts * p.time_base), raw.decode()))
    return found


@pytest.mark.parametrize(("start_s", "uneven"), [(1.7, False), (0.0, True)])
def test_a_film_on_another_clock_is_given_back_in_step(
    take: Path, clips: Clips, tmp_path: Path, start_s: float, uneven: bool
) -> None:
    """A film that starts at 1.7 s, one of variable rate: one clock, begun by the first picture; nothing drifts."""
    source = remuxed(take, tmp_path / "odd.mkv", start_s, uneven=uneven)
    media = probe(source)
    assert abs(media.first_picture_ms - start_s * 1000) <= 1
    seen = MediaInfo.parse(str(source)).tracks[0]
    assert abs(media.ms - (float(seen.duration) - (0 if float(seen.duration) < 9000 else start_s * 1000))) < 250
    out = tmp_path / "back.mkv"
    give_back(source, media, ExportOptions(sounds=[], captions=[(3000, 4000, "Now")], keep_sound=True), clips, out)
    with av.open(str(out)) as container:
        first = min(float(p.pts * p.time_base) for p in container.demux(video=0) if p.size)
    assert abs(first) < 0.002
    assert [round(at, 2) for at, _ in _captions(out)] == [3.0]
    before, after = pictures(source), pictures(out)
    assert [d for d, _ in before] == [d for d, _ in after]
    heard = np.concatenate(list(own_sound(out, probe(out))), axis=1)[0]
    given = np.concatenate(list(own_sound(source, media)), axis=1)[0]
    n = min(len(heard), len(given)) // 2
    if media.rate == probe(out).rate:
        lag = np.argmax(np.correlate(heard[n : n + 4000], given[n + 500 : n + 3500], "valid"))
        assert abs(int(lag) - 500) < 0.02 * media.rate


def test_captions_do_not_drift_over_an_hour(tmp_path: Path, clips: Clips) -> None:
    hour = tmp_path / "hour.wav"
    with soundfile.SoundFile(str(hour), "w", 8000, 1, subtype="PCM_16") as made:
        for _ in range(60):
            made.write(np.zeros(60 * 8000, np.float32))
    media = probe(hour)
    assert media.ms == 3_600_000
    captions = [(60_000 * n, 60_000 * n + 1000, f"Minute {n}") for n in range(60)]
    out = tmp_path / "hour.m4a"
    give_back(
        hour,
        media,
        ExportOptions(sounds=[Sound(3_590_000, 900, "speech", "End")], captions=captions, chapters=[(0, "All")]),
        clips,
        out,
    )
    info = MediaInfo.parse(str(out)).tracks[0]
    assert abs(float(info.duration) - 3_600_000) < 100
    with av.open(str(out)) as container:
        loud = []
        for f in container.decode(audio=0):
            above = np.flatnonzero(np.abs(f.to_ndarray()[0]) > 0.05)
            if len(above) and f.pts is not None:
                loud.append(float(f.pts * f.time_base) + above[0] / f.sample_rate)
    assert abs(min(loud) - 3590) < 0.05


def test_the_voice_track_alone_has_as_many_samples_as_the_recording(take: Path, clips: Clips, tmp_path: Path) -> None:
    media = probe(take)
    out = tmp_path / "voice.wav"
    give_back(
        take, media, ExportOptions(sounds=[Sound(20_000, 1500, "speech", "Heron wades")], voice_only=True), clips, out
    )
    heard, rate = soundfile.read(str(out))
    assert (len(heard), rate) == (form_of(media).samples, media.rate)
    assert np.abs(heard[: 19 * rate]).max() < 1e-3
    assert np.abs(heard[20 * rate : 22 * rate]).max() > 0.1


def test_music_goes_down_under_a_cue_with_soft_edges_and_muted_talk_is_gone(tmp_path: Path, clips: Clips) -> None:
    path, out = tmp_path / "music.wav", tmp_path / "out.wav"
    t = np.arange(30 * 48_000) / 48_000
    stereo = np.stack([0.3 * np.sin(2 * np.pi * 440 * t), 0.3 * np.sin(2 * np.pi * 660 * t)], axis=1)
    soundfile.write(str(path), stereo, 48_000)
    media = probe(path)
    spoken = [Sound(10_000, 2000, "speech", ", "), Sound(20_000, 2000, "speech", ", ")]
    give_back(path, media, ExportOptions(spoken, talk=[KeptTalk(from_ms=19_000, to_ms=24_000, how="mute")]), clips, out)
    heard, _ = soundfile.read(str(out))
    assert heard.shape == stereo.shape

    def level(at: float) -> float:
        return float(np.abs(heard[round(at * 48_000) : round((at + 0.05) * 48_000), 0]).max())

    assert level(5) == pytest.approx(0.3, abs=0.01)
    assert level(11) < 0.3 * 10 ** (-8 / 20)
    assert level(11) < level(9.75) < 0.3
    assert level(21) < 0.001
    assert abs(np.corrcoef(heard[: 5 * 48_000, 0], heard[: 5 * 48_000, 1])[0, 1]) < 0.1, "stereo stays stereo"


def test_a_turned_picture_is_known_and_stays_turned(take: Path, clips: Clips, tmp_path: Path) -> None:
    """A phone held upright writes how the picture is turned beside it; copied, it stays."""
    turned = tmp_path / "turned.mp4"
    data = bytearray(take.read_bytes())
    at = data.index(b"tkhd")
    matrix = data.index((0x10000).to_bytes(4, "big") + bytes(12) + (0x10000).to_bytes(4, "big"), at)
    quarter = [0, 0x10000, 0, -0x10000, 0, 0, 160 << 16, 0, 0x40000000]
    data[matrix : matrix + 36] = b"".join(x.to_bytes(4, "big", signed=True) for x in quarter)
    turned.write_bytes(data)
    media = probe(turned)
    assert media.rotation == 90
    assert next(t for t in MediaInfo.parse(str(turned)).tracks if t.track_type == "Video").rotation == "90.000"
    out = tmp_path / "out.mp4"
    give_back(turned, media, ExportOptions(sounds=[]), clips, out)
    assert next(t for t in MediaInfo.parse(str(out)).tracks if t.track_type == "Video").rotation == "90.000"
    assert probe(out).rotation == 90


def test_what_cannot_be_used_gets_a_sentence(tmp_path: Path, take: Path, clips: Clips) -> None:
    text = tmp_path / "notes.mp4"
    text.write_text("no film")
    with pytest.raises(KemvoError, match="no film or sound"):
        probe(text)
    cut = tmp_path / "cut.mkv"
    whole = remuxed(take, tmp_path / "whole.mkv").read_bytes()
    cut.write_bytes(whole[: len(whole) // 2])
    assert "cut off" in " ".join(probe(cut).notes)
    with pytest.raises(KemvoError, match="no picture"):
        give_back(take, Media(name="a.wav", ms=1000), ExportOptions(sounds=[]), clips, tmp_path / "x.mp4")
    with pytest.raises(KemvoError, match=r"\.gif"):
        give_back(take, probe(take), ExportOptions(sounds=[]), clips, tmp_path / "x.gif")
    assert ending_for(Media(name="a.mov", ms=1, picture=True)) == "mp4"
    assert ending_for(Media(name="a.avi", ms=1, picture=True)) == "mkv"
    assert ending_for(Media(name="a.webm", ms=1, picture=True), "h264") == "mkv"


@pytest.mark.parametrize(("does", "left_half"), [("away", True), ("facing", False), ("mirrored", True)])
def test_the_figure_is_seen_as_it_stands_to_the_camera(does: str, left_half: bool) -> None:
    """A left foot far out: from behind it is on the left, of somebody facing the camera on the right; a mirror is as from behind."""
    camera = Camera(160, 120, 4.0, seed=1)
    pose = Pose((-1.2, 0.0, 0.0), (0.1, 0.0, 0.0), 50.0, 0.0)
    still = Pose((-0.1, 0.0, 0.0), (0.1, 0.0, 0.0), 50.0, 0.0)
    changed = np.abs(camera.picture(pose, does).astype(int) - camera.picture(still, does).astype(int)).sum(axis=(0, 2))
    left, right = changed[:70].sum(), changed[90:].sum()
    assert (left > right) == left_half


def test_a_silent_recording_says_so_and_speech_is_found(tmp_path: Path, clips: Clips) -> None:
    quiet = tmp_path / "quiet.wav"
    soundfile.write(str(quiet), np.zeros(8000 * 4), 8000)
    shelf = MediaShelf(tmp_path)
    assert "Nothing can be heard in it." in take_in(shelf, quiet, "quiet.wav").notes
    told = tmp_path / "told.wav"
    made = film(SESSION, FORMS, clips, told, SHORT)
    media = take_in(shelf, told, "told.wav")
    assert media.notes == ()
    found = load(shelf.beside(media, "loudness.npz")).speech
    said = sorted(made.said.values())
    assert all(any(a < end and b > begin for begin, end in found) for a, b in said), "all that is told is found"
    apart = sum(1 for begin, end in found if not any(a < end and b > begin for a, b in said))
    assert apart <= len(found) // 4


def test_memory_does_not_grow_with_length(tmp_path: Path) -> None:
    """An hour of stereo is read in a process of its own, which tells its peak."""
    path = tmp_path / "long.wav"
    with soundfile.SoundFile(str(path), "w", 48_000, 2, subtype="PCM_16") as made:
        for _ in range(20):
            made.write(np.zeros((60 * 48_000, 2), np.float32))
    code = (
        "import sys; from pathlib import Path; from kemvo.film.probe import probe; from kemvo.film.sounds import loudness_of\n"
        "m=probe(Path(sys.argv[1])); loudness_of(Path(sys.argv[1]), m); print(next(x for x in open('/proc/self/status') if x.startswith('VmHWM')).split()[1])"
    )
    done = subprocess.run([sys.executable, "-c", code, str(path)], capture_output=True, text=True, check=True)
    assert int(done.stdout) < 400_000


def test_from_a_text_to_a_voiced_film_in_five_commands(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.chdir(tmp_path)
    text = "1. Stand among willows\nSink into the right leg\nLeft foot steps out\n2. Heron wades, left\nWeight into the right leg\nLeft knee lifts\n"
    Path("willows.txt").write_text(text)

    def run(*words: str) -> str:
        done = CliRunner().invoke(app, list(words))
        assert done.exit_code == 0, done.output
        return done.output

    def voiced(*more: str) -> str:
        words = ("recording", "voice", "willows.session.json", "take.mp4", "--marks", "marks.json", "--filmed", "away")
        run(*words, "--captions-only", "c.vtt", *more)
        return Path("c.vtt").read_text()

    run("form", "willows.txt")
    run("session", "willows.form.json", "--minutes", "0.6", "--facing", "mirror")
    run("recording", "demo", "willows.session.json", "-o", "take.mp4", "--truth", "truth.json", "--narrated")
    truth = json.loads(Path("truth.json").read_text())
    Path("taps.csv").write_text("".join(f"{(m['at_ms'] + 80) / 1000}\n" for m in truth["marks"] if m["movement"] == 0))
    run("recording", "mark", "willows.session.json", "take.mp4", "--taps", "taps.csv", "-o", "marks.json")
    marks = json.loads(Path("marks.json").read_text())["marks"]
    true = {(m["posture"], m["movement"]): m["at_ms"] for m in truth["marks"]}
    assert [(m["posture"], m["movement"]) for m in marks] == [(0, 0), (1, 0)]
    assert all(abs(m["at_ms"] - true[m["posture"], m["movement"]]) <= 1 for m in marks)
    run("recording", "voice", "willows.session.json", "take.mp4", "--marks", "marks.json", "-o", "out.mp4")
    assert Path("out.vtt").read_text().startswith("WEBVTT")
    assert {"Video", "Audio", "Text"} <= {t.track_type for t in MediaInfo.parse("out.mp4").tracks}
    close = json.loads(Path("marks.json").read_text())
    close["marks"][1]["at_ms"] = close["marks"][0]["at_ms"] + 2600
    Path("close.json").write_text(json.dumps(close))
    said = run(
        "recording", "voice", "willows.session.json", "take.mp4", "--marks", "close.json", "--captions-only", "d.vtt"
    )
    assert " becomes “" in said, "what was shortened is told"
    own, turned = (voiced(*more) for more in ((), ("--turned-over",)))
    assert "right leg" in own
    assert "left leg" in turned, "of a picture that is turned over the viewer hears the other side"
    told = CliRunner().invoke(app, ["session", "willows.form.json", "--minutes", "1", "--tempo", "30"])
    assert told.exit_code == 2
    assert "not both" in told.output
    assert CliRunner().invoke(app, ["session", "willows.form.json", "--minutes", "0.1"]).exit_code == 2
    Path("bad.csv").write_text("1.0\nsoon\n")
    told = CliRunner().invoke(app, ["recording", "mark", "willows.session.json", "take.mp4", "--taps", "bad.csv"])
    assert told.exit_code == 2
    assert "line 2" in told.output


def test_a_session_file_is_the_whole_of_it(tmp_path: Path) -> None:
    path = tmp_path / "s.session.json"
    path.write_text(write_session(SESSION, FORMS))
    done = CliRunner().invoke(
        app, ["recording", "demo", str(path), "-o", str(tmp_path / "a.wav"), "--slips", str(path)]
    )
    assert done.exit_code == 0, "slips of another kind of file tell nothing" if done.exit_code else ""
