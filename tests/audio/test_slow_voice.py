"""A slow voice: only what is said is spoken, what is heard first before the rest; estimates learn from its clips."""

import threading
import time
from collections.abc import Iterable, Mapping
from pathlib import Path

import numpy as np
import pytest

from demo_made import demo_copied
from kemvo.api.base.workspace import Workspace
from kemvo.audio.speech.clips import LEARNED_FROM, ROOM, Clips
from kemvo.audio.speech.neural import KeptVoice
from kemvo.audio.speech.voice import Utterance
from kemvo.core.language.speech_estimate import estimated_ms

RATE = 8000


class Slow:
    """A voice that keeps what it was asked for; it speaks `pace` times as long as estimated."""

    slow = True
    wpm = 130
    key = "slow|voice|130"

    def __init__(self, pace: float = 1.0, wait_s: float = 0.0) -> None:
        self.pace, self.wait_s = pace, wait_s
        self.spoken: list[str] = []

    def speak(self, text: str) -> Utterance:
        self.spoken.append(text)
        time.sleep(self.wait_s)
        return Utterance(np.zeros(round(RATE * self.pace * estimated_ms(text, self.wpm) / 1000), np.float32), RATE)


class Book(dict[str, int]):
    """Lengths by text."""

    def get(self, key: str, texts: Iterable[str]) -> dict[str, int]:  # type: ignore[override]
        return {t: self[t] for t in texts if t in self}

    def put(self, key: str, lengths: Mapping[str, int]) -> None:
        self.update(lengths)

    def some(self, key: str) -> dict[str, int]:
        return dict(self)


def test_estimates_take_the_room_that_the_voice_has_shown_to_need() -> None:
    clips = Clips(Slow(pace=1.4), Book())
    text = "Step forward with the left foot"
    usual = estimated_ms(text, 130)
    assert clips.estimates([text])[text] == round(usual * ROOM)
    for n in range(LEARNED_FROM):
        clips.measure_now(f"Sit back into the right leg, {n} times")
    assert clips.estimates([text])[text] == pytest.approx(1.4 * usual, rel=0.02)
    assert clips.glance([text]) == clips.estimates([text])
    assert clips.unmeasured([text, "b", text]) == [text, "b"]


@pytest.mark.parametrize("pace", [1.0, 1.6])
def test_of_a_slow_voice_only_what_is_said_is_spoken_and_what_comes_first_before_the_rest(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch, pace: float
) -> None:
    demo_copied(tmp_path)
    voice = Slow(pace)
    monkeypatch.setattr("kemvo.api.base.workspace.voice_of", lambda choice, folder: voice)
    workspace = Workspace(tmp_path)
    try:
        session, glimpse = workspace.practices.practice_of("thursday-class", wait=False)
        assert voice.spoken == []
        first = glimpse.spoken()[:5]
        shares: list[float] = []
        workspace.practices.measure_all("thursday-class", shares.append)
        assert sorted(voice.spoken[:5]) == sorted(first)
        assert shares == sorted(shares)
        _, practice = workspace.practices.practice_of("thursday-class")
        assert workspace.practices.estimated(session, practice) == 0
        assert set(practice.spoken()) <= set(voice.spoken)
        assert len(set(voice.spoken)) < len(practice.voiced())
        for d in practice.decisions:
            if d.speaks() and d.end_ms is not None and d.start_ms is not None:
                assert d.end_ms - d.start_ms == pytest.approx(pace * estimated_ms(d.text, 130), abs=12)
    finally:
        workspace.close()


def test_a_text_that_is_being_spoken_is_not_spoken_twice(tmp_path: Path) -> None:
    voice = Slow(wait_s=0.1)
    kept = KeptVoice(voice, tmp_path)
    both = [threading.Thread(target=kept.speak, args=("Sit back",)) for _ in range(2)]
    for t in both:
        t.start()
    for t in both:
        t.join()
    assert voice.spoken == ["Sit back"]
