"""Speaking in a process of its own: it ends when idle, begins again, and what goes wrong in it is told and harms nothing.

The voice runtime is a stand-in here: one that speaks as many samples as the text has letters.
"""

import os
import time
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path

import pytest

from kemvo.audio.speech.neural_apart import Speaker
from kemvo.core.errors import KemvoError

RUNTIME = """
import os
from types import SimpleNamespace
import numpy as np

class SynthesisConfig:
    def __init__(self, length_scale):
        self.scale = length_scale

class PiperVoice:
    @staticmethod
    def load(model):
        return PiperVoice()

    def synthesize(self, text, config):
        if text == "crash":
            os._exit(3)
        if text == "wrong":
            raise ValueError("no such phoneme")
        if text == "nothing":
            return
        for letter in text:
            yield SimpleNamespace(sample_rate=16_000, audio_float_array=np.full(round(10 * config.scale), ord(letter) / 1000, np.float32))
"""


@pytest.fixture
def speaker(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Iterator[Speaker]:
    (tmp_path / "piper.py").write_text(RUNTIME)
    monkeypatch.setenv("PYTHONPATH", f"{tmp_path}{os.pathsep}{os.environ.get('PYTHONPATH', '')}")
    made = Speaker()
    yield made
    made.end()


MODEL = Path("any.onnx")


def test_a_text_is_spoken_with_its_rate_and_length(speaker: Speaker) -> None:
    said = speaker.speak(MODEL, 2.0, "abc")
    assert (said.rate, len(said.samples)) == (16_000, 60)
    assert said.samples[0] == pytest.approx(0.097)
    assert len(speaker.speak(MODEL, 1.0, "nothing").samples) == 0
    assert len(speaker.speak(MODEL, 1.0, "é\n“x”").samples) == 50


def test_many_ask_at_once_and_each_gets_its_own(speaker: Speaker) -> None:
    texts = [letter * n for n, letter in enumerate("abcdefghij", start=1)]
    with ThreadPoolExecutor(8) as pool:
        said = list(pool.map(lambda t: speaker.speak(MODEL, 1.0, t), texts))
    assert [len(s.samples) for s in said] == [10 * len(t) for t in texts]
    assert [round(float(s.samples[0]) * 1000) for s in said] == [ord(t[0]) for t in texts]


def test_it_ends_when_nobody_asks_and_begins_again(speaker: Speaker) -> None:
    speaker.speak(MODEL, 1.0, "a")
    before = speaker._process
    assert before is not None
    speaker.idle_s = 0.2
    speaker.speak(MODEL, 1.0, "a")
    for _ in range(100):
        if before.poll() is not None:
            break
        time.sleep(0.1)
    assert before.poll() is not None
    assert len(speaker.speak(MODEL, 1.0, "ab").samples) == 20


@pytest.mark.parametrize("text", ["crash", "wrong"])
def test_what_cannot_be_spoken_is_told_and_the_next_text_is(speaker: Speaker, text: str) -> None:
    with pytest.raises(KemvoError, match="could not say"):
        speaker.speak(MODEL, 1.0, text)
    assert len(speaker.speak(MODEL, 1.0, "abc").samples) == 30


def test_a_process_that_was_killed_is_begun_anew(speaker: Speaker) -> None:
    speaker.speak(MODEL, 1.0, "a")
    assert speaker._process is not None
    speaker._process.kill()
    assert len(speaker.speak(MODEL, 1.0, "abc").samples) == 30
