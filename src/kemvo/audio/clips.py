"""Spoken clips and their lengths: measured once per voice, speed and text."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Iterable, Mapping
from typing import Protocol

from kemvo.audio.voice import Utterance, Voice


class LengthBook(Protocol):
    """Where measured lengths are kept, by voice key and text, in milliseconds."""

    def get(self, key: str, texts: Iterable[str]) -> dict[str, int]: ...

    def put(self, key: str, lengths: Mapping[str, int]) -> None: ...


class Clips:
    """A voice with a memory: gives the length of texts, and their samples.

    Lengths go into the book and are there after a restart; of the samples the last ones are kept.
    """

    KEPT = 64

    def __init__(self, voice: Voice, book: LengthBook) -> None:
        self.voice = voice
        self.book = book
        self._recent: OrderedDict[str, Utterance] = OrderedDict()

    def measure(self, texts: Iterable[str]) -> Mapping[str, int]:
        """The spoken length of every text in milliseconds; what is not known yet is spoken and measured."""
        wanted = set(texts)
        known = self.book.get(self.voice.key, wanted)
        new = {t: self.speak(t).ms() for t in sorted(wanted - known.keys())}
        if new:
            self.book.put(self.voice.key, new)
        return {**known, **new}

    def speak(self, text: str) -> Utterance:
        """The spoken text."""
        if text in self._recent:
            self._recent.move_to_end(text)
            return self._recent[text]
        clip = self.voice.speak(text)
        self._recent[text] = clip
        if len(self._recent) > self.KEPT:
            self._recent.popitem(last=False)
        return clip
