"""The voices there are: those of the speech engine, and neural ones where they are installed."""

from __future__ import annotations

from pathlib import Path

from kemvo.audio.speech.espeak import VoiceName, english_voices, espeak_voice
from kemvo.audio.speech.neural import neural_voice, neural_voices
from kemvo.audio.speech.voice import Voice
from kemvo.core.model.session import SpeechChoice


def voice_of(choice: SpeechChoice, home: Path) -> Voice:
    """The voice a session asks for; `home` is the user's data folder, where their own voices and spoken clips lie. Raises
    KemvoError when there is none of that name."""
    if choice.engine == "neural":
        return neural_voice(choice.voice, choice.wpm, home)
    return espeak_voice(choice.voice, choice.wpm)


def voices(home: Path) -> list[tuple[str, VoiceName]]:
    """All English voices with the engine of each."""
    return [("neural", v) for v in neural_voices(home)] + [("espeak", v) for v in english_voices()]
