"""The speech engine that ships with Kemvo: a small binding to the eSpeak NG library inside its wheel.

The engine keeps one global state, so one lock guards it; a four-second sentence takes a few milliseconds.
"""

from __future__ import annotations

import ctypes
import threading
from collections.abc import Iterator
from functools import cache
from pathlib import Path
from typing import Any, NamedTuple

import espeakng_loader
import numpy as np
from numpy.typing import NDArray

from kemvo.audio.speech.voice import Utterance, trimmed
from kemvo.core.errors import KemvoError, Problem

# Numbers from the engine's public header, speak_lib.h.
_RETRIEVAL = 1
_CHARS_UTF8 = 1
_PHONEMES = 0x100
"""Text within [[ ]] is read as the engine’s phonemes."""
_RATE = 1
_OK = 0
_BUFFER_MS = 400

_CALLBACK = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.POINTER(ctypes.c_short), ctypes.c_int, ctypes.c_void_p)


class _VoiceRecord(ctypes.Structure):
    """`espeak_VOICE` of speak_lib.h."""

    _fields_ = (
        ("name", ctypes.c_char_p),
        ("languages", ctypes.c_char_p),
        ("identifier", ctypes.c_char_p),
        ("gender", ctypes.c_ubyte),
        ("age", ctypes.c_ubyte),
        ("variant", ctypes.c_ubyte),
        ("xx1", ctypes.c_ubyte),
        ("score", ctypes.c_int),
        ("spare", ctypes.c_void_p),
    )


class _Engine:
    """The loaded library. Made once per process."""

    def __init__(self) -> None:
        self.lock = threading.Lock()
        self.lib: Any = ctypes.CDLL(espeakng_loader.get_library_path())
        self.lib.espeak_Synth.argtypes = [
            ctypes.c_void_p,
            ctypes.c_size_t,
            ctypes.c_uint,
            ctypes.c_int,
            ctypes.c_uint,
            ctypes.c_uint,
            ctypes.c_void_p,
            ctypes.c_void_p,
        ]
        self.lib.espeak_ListVoices.restype = ctypes.POINTER(ctypes.POINTER(_VoiceRecord))
        data = str(Path(espeakng_loader.get_data_path())).encode()
        self.rate: int = self.lib.espeak_Initialize(_RETRIEVAL, _BUFFER_MS, data, 0)
        if self.rate <= 0:
            raise KemvoError(
                Problem(
                    what="The speech engine could not be started.",
                    mend="Install Kemvo again; its data files may be missing.",
                )
            )
        self.blocks: list[bytes] = []
        self.callback = _CALLBACK(self._take)
        self.lib.espeak_SetSynthCallback(self.callback)
        self.voices = dict(self._listed())
        self.chosen = ""

    def _listed(self) -> Iterator[tuple[str, tuple[str, bytes]]]:
        """Every voice by its language code ("en-gb"): its name and the engine's identifier."""
        for record in self.lib.espeak_ListVoices(None):
            if not record:
                return
            voice = record.contents
            # `languages` is a priority byte before each zero-ended code; the first is the voice's own.
            yield voice.languages[1:].decode(), (voice.name.decode().replace("_", " "), voice.identifier)

    def _take(self, wav: Any, count: int, _events: Any) -> int:
        if wav and count > 0:
            self.blocks.append(ctypes.string_at(wav, count * 2))
        return 0

    def _choose(self, voice: str) -> None:
        """Load a voice, unless it is the one loaded last (loading takes longer than a sentence)."""
        if voice == self.chosen:
            return
        if voice not in self.voices or self.lib.espeak_SetVoiceByName(self.voices[voice][1]) != _OK:
            raise unknown_voice(voice)
        self.chosen = voice

    def synth(self, text: str, voice: str, wpm: int) -> NDArray[np.int16]:
        """16-bit samples of a text, with the silence the engine puts around it."""
        with self.lock:
            self.blocks = []
            self._choose(voice)
            self.lib.espeak_SetParameter(_RATE, wpm, 0)
            data = text.encode() + b"\0"
            if self.lib.espeak_Synth(data, len(data), 0, 0, 0, _CHARS_UTF8 | _PHONEMES, None, None) != _OK:
                raise KemvoError(
                    Problem(
                        what=f"The speech engine could not say “{text[:60]}”.", mend="Change the words of this cue."
                    )
                )
            self.lib.espeak_Synchronize()
            return np.frombuffer(b"".join(self.blocks), np.int16)


def unknown_voice(voice: str) -> KemvoError:
    """What is said when a session asks for a voice the engine does not have."""
    return KemvoError(
        Problem(
            what=f"There is no voice called “{voice}”.",
            where="speech",
            mend="Choose one of the listed voices, for example en-gb.",
            pointer="/speech/voice",
        )
    )


@cache
def _the_engine() -> _Engine:
    return _Engine()


_STARTING = threading.Lock()


def _engine() -> _Engine:
    """The one engine of this process, started when it is first asked for, by whichever thread."""
    with _STARTING:
        return _the_engine()


class EspeakVoice:
    """One voice of the engine at one speed (words a minute)."""

    slow = False

    def __init__(self, voice: str, wpm: int) -> None:
        self.voice = voice
        self.wpm = wpm

    @property
    def key(self) -> str:
        """Engine, voice and speed."""
        return f"espeak|{self.voice}|{self.wpm}"

    def speak(self, text: str) -> Utterance:
        """The text, spoken."""
        engine = _engine()
        samples = engine.synth(text, self.voice, self.wpm).astype(np.float32) / 32768.0
        return Utterance(trimmed(samples, engine.rate), engine.rate)


class VoiceName(NamedTuple):
    """A voice to choose: the id a session stores, how it is called, and where it comes from under which licence."""

    id: str
    title: str
    origin: str = "eSpeak NG, which ships with Kemvo; GPL 3 or later. Quick, and plainly a machine."


@cache
def english_voices() -> tuple[VoiceName, ...]:
    """The English voices of the engine that read the Latin alphabet. (Its other languages can be named in a session by their id.)"""
    return tuple(
        sorted(
            VoiceName(code, name)
            for code, (name, _) in _engine().voices.items()
            if code.startswith("en") and code != "en-shaw"
        )
    )


def espeak_voice(voice: str, wpm: int) -> EspeakVoice:
    """A voice by its id. Raises KemvoError when the engine has none of that name."""
    if voice not in _engine().voices:
        raise unknown_voice(voice)
    return EspeakVoice(voice, wpm)
