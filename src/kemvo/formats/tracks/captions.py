"""Captions of a practice: WebVTT, and SubRip through pysubs2."""

from __future__ import annotations

from collections.abc import Iterable

import pysubs2

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.practice.soundtrack import Sound
from kemvo.formats.webvtt import VttCue, as_payload, write_vtt

CAPTION_FORMATS = {"vtt": "text/vtt", "srt": "application/x-subrip"}
"""Endings of caption files Kemvo writes, and their media types."""


def write_captions(sounds: Iterable[Sound], ending: str) -> str:
    """The utterances among the sounds as the text of a caption file of that kind.

    Raises KemvoError for a kind Kemvo does not write.
    """
    if ending not in CAPTION_FORMATS:
        raise KemvoError(
            Problem(what=f"Kemvo does not write “.{ending}” captions.", mend=f"Choose {' or '.join(CAPTION_FORMATS)}.")
        )
    speech = [s for s in sounds if s.kind == "speech"]
    if ending == "vtt":
        return write_vtt(VttCue("", s.at_ms, s.at_ms + s.ms, as_payload(s.text)) for s in speech)
    file = pysubs2.SSAFile()
    for s in speech:
        event = pysubs2.SSAEvent(start=s.at_ms, end=s.at_ms + s.ms)
        event.plaintext = _as_subrip(s.text)
        file.append(event)
    return file.to_string(ending)


def _as_subrip(text: str) -> str:
    """A caption's text without what players of SubRip read as markup or as a time (common practice, no source)."""
    text = " ".join(text.split()).replace("{", "(").replace("}", ")").replace("\\", "/")
    return text.replace("-->", "→").replace("<", "‹").replace(">", "›")
