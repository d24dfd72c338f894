"""Spoken clips and their lengths: measured once per voice, speed and text; the instructor's own takes go first."""

from __future__ import annotations

import threading
from collections import OrderedDict
from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import Protocol

import soundfile

from kemvo.audio.speech.voice import Utterance, Voice
from kemvo.core.language.speech_estimate import estimated_ms


class LengthBook(Protocol):
    """Where measured lengths are kept, by voice key and text, in milliseconds."""

    def get(self, key: str, texts: Iterable[str]) -> dict[str, int]: ...

    def put(self, key: str, lengths: Mapping[str, int]) -> None: ...

    def some(self, key: str) -> dict[str, int]:
        """Some of the lengths of a voice, to learn from."""
        ...


class TakeBook(Protocol):
    """Where the instructor's takes are found: length in milliseconds and file, by text."""

    def found(self, texts: Iterable[str]) -> dict[str, tuple[int, Path]]: ...


ROOM = 1.3
"""Of a voice of which nothing is measured yet, nine in ten lines take so much of their estimated length at most (`python -m
bench.early`, the quick voice)."""
LEARNED_FROM, SURE = 12, 0.9
"""From so many measured clips on, a voice's own lengths tell; nine in ten lines are no longer than is reckoned with."""

SOON = 25
"""How many texts a quick voice measures while one waits."""


class Clips:
    """A voice with a memory: gives the length of texts, and their samples.

    Lengths go into the book and are there after a restart; of the samples the last ones are kept.
    """

    KEPT = 64

    def __init__(self, voice: Voice, book: LengthBook, takes: TakeBook | None = None) -> None:
        self.voice = voice
        self.book = book
        self.takes = takes
        self._recent: OrderedDict[str, Utterance] = OrderedDict()
        self._lock = threading.Lock()
        self._learned: tuple[int, float] = (0, ROOM)

    def estimates(self, texts: Iterable[str]) -> dict[str, int]:
        """The lengths of texts before they are spoken: by their syllables, with the room that this voice's measured clips teach."""
        room = self._room()
        return {t: round(estimated_ms(t, self.voice.wpm) * room) for t in texts}

    def _room(self) -> float:
        known = self.book.some(self.voice.key)
        if len(known) < LEARNED_FROM:
            return ROOM
        if len(known) != self._learned[0]:
            shares = sorted(ms / estimated_ms(t, self.voice.wpm) for t, ms in known.items())
            self._learned = len(known), shares[int(SURE * (len(shares) - 1))]
        return self._learned[1]

    def measure(self, texts: Iterable[str]) -> Mapping[str, int]:
        """The spoken length of every text in milliseconds; what is not known yet is spoken and measured, however long
        that takes."""
        known, new = self._known(set(texts))
        return {**known, **self._measured(new)}

    def glance(self, texts: Iterable[str]) -> Mapping[str, int]:
        """The lengths without waiting: estimates where much is still to be measured, or the voice is slow."""
        known, new = self._known(set(texts))
        if self._soon(new):
            return {**known, **self._measured(new)}
        return {**known, **self.estimates(new)}

    def unmeasured(self, texts: Iterable[str]) -> list[str]:
        """The texts whose length is only estimated at a glance, in the order in which they are given."""
        wanted = list(dict.fromkeys(texts))
        _, new = self._known(set(wanted))
        if self._soon(new):
            return []
        missing = set(new)
        return [t for t in wanted if t in missing]

    def _soon(self, new: list[str]) -> bool:
        return not new or (not self.voice.slow and len(new) <= SOON)

    def _known(self, wanted: set[str]) -> tuple[dict[str, int], list[str]]:
        """The lengths that are known, and the texts that are not measured yet."""
        own = {t: ms for t, (ms, _) in self.takes.found(wanted).items()} if self.takes else {}
        known = {**self.book.get(self.voice.key, wanted - own.keys()), **own}
        return known, sorted(wanted - known.keys())

    def measure_now(self, text: str) -> None:
        """Speak a text and keep its length, however slow the voice is."""
        self._measured([text])

    def _measured(self, texts: Iterable[str]) -> dict[str, int]:
        new = {t: self.voice.speak(t).ms() for t in texts}
        if new:
            self.book.put(self.voice.key, new)
        return new

    def speak(self, text: str) -> Utterance:
        """The spoken text: the instructor's take where there is one."""
        if self.takes:
            own = self.takes.found({text}).get(text)
            if own:
                samples, rate = soundfile.read(str(own[1]), dtype="float32")
                return Utterance(samples, rate)
        with self._lock:
            if text in self._recent:
                self._recent.move_to_end(text)
                return self._recent[text]
        clip = self.voice.speak(text)
        with self._lock:
            self._recent[text] = clip
            if len(self._recent) > self.KEPT:
                self._recent.popitem(last=False)
        return clip
