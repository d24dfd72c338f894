"""Speaks with neural voices in a process of its own: a voice takes hundreds of megabytes, which are given back when nobody has
asked for a while, and a voice file that brings the runtime down brings down nothing else.

A question is a line of JSON; the answer is a line of JSON, and after it the samples (32-bit floats).
"""

from __future__ import annotations

import json
import os
import subprocess
import sys
import threading
from contextlib import suppress
from functools import lru_cache
from pathlib import Path
from typing import Any

import numpy as np

from kemvo.audio.speech.voice import Utterance
from kemvo.core.errors import KemvoError, Problem

IDLE_S = 60.0
"""Seconds after which a process that was asked for nothing ends (own choice)."""

POLITE = 5
"""Its `nice` level, so that the server's answers go first."""


class Speaker:
    """The process, begun when something is to be spoken. One text is spoken after the other; the runtime uses all cores for each."""

    def __init__(self, idle_s: float = IDLE_S) -> None:
        self.idle_s = idle_s
        self._lock = threading.Lock()
        self._process: subprocess.Popen[bytes] | None = None
        self._ending: threading.Timer | None = None

    def speak(self, model: Path, scale: float, text: str) -> Utterance:
        """A text spoken by a voice file, `scale` times as long as it speaks by itself. Raises KemvoError where it cannot be."""
        question = json.dumps({"model": str(model), "scale": scale, "text": text}).encode() + b"\n"
        with self._lock:
            if self._ending:
                self._ending.cancel()
            try:
                answer = self._asked(question) or self._asked(question)
            finally:
                self._ending = threading.Timer(self.idle_s, self.end)
                self._ending.daemon = True
                self._ending.start()
        if answer is None or "wrong" in answer[0]:
            raise KemvoError(
                Problem(
                    what=f"The neural voice could not say “{text[:60]}”.",
                    where=answer[0]["wrong"] if answer else "its process ended",
                    mend="Choose another voice under Voice and sound, or change these words.",
                )
            )
        told, samples = answer
        return Utterance(np.frombuffer(samples, np.float32), told["rate"])

    def _asked(self, question: bytes) -> tuple[dict[str, Any], bytes] | None:
        """The answer; None where the process ended over it (it is begun anew the next time)."""
        process = self._running()
        assert process.stdin and process.stdout
        with suppress(OSError):
            process.stdin.write(question)
            process.stdin.flush()
            line = process.stdout.readline()
            if line:
                told = json.loads(line)
                samples = process.stdout.read(told.get("bytes", 0))
                if len(samples) == told.get("bytes", 0):
                    return told, samples
        self._end()
        return None

    def _running(self) -> subprocess.Popen[bytes]:
        if self._process is None or self._process.poll() is not None:
            self._end()
            command = [sys.executable, "-m", "kemvo.audio.speech.neural_apart"]
            self._process = subprocess.Popen(
                command, stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL
            )
        return self._process

    def end(self) -> None:
        """End the process; it is begun again when something is to be spoken."""
        with self._lock:
            self._end()

    def _end(self) -> None:
        process, self._process = self._process, None
        if process:
            process.kill()
            process.wait()
            for pipe in (process.stdin, process.stdout):
                with suppress(OSError):
                    pipe.close()  # type: ignore[union-attr]


SPEAKER = Speaker()
"""The one speaker of this process."""


@lru_cache(maxsize=2)
def _loaded(model: str) -> Any:
    from piper import PiperVoice

    return PiperVoice.load(model)


def spoken(model: str, scale: float, text: str) -> tuple[int, bytes]:
    """The rate and the samples of a text, in the process that speaks."""
    from piper import SynthesisConfig

    chunks = list(_loaded(model).synthesize(text, SynthesisConfig(length_scale=scale)))
    samples = np.concatenate([np.zeros(0, np.float32), *(c.audio_float_array for c in chunks)])
    return chunks[0].sample_rate if chunks else 22_050, np.asarray(samples, np.float32).tobytes()


def main() -> None:
    """What the process of its own does: answers until nobody asks any more."""
    with suppress(AttributeError, OSError):
        os.nice(POLITE)
    out = sys.stdout.buffer
    for line in sys.stdin.buffer:
        asked = json.loads(line)
        try:
            rate, samples = spoken(asked["model"], asked["scale"], asked["text"])
        except Exception as error:
            out.write(json.dumps({"wrong": f"{type(error).__name__}: {error}"[:200]}).encode() + b"\n")
        else:
            out.write(json.dumps({"rate": rate, "bytes": len(samples)}).encode() + b"\n" + samples)
        out.flush()


if __name__ == "__main__":
    main()
