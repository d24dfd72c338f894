"""Captions of a practice: WebVTT and SubRip, written through pysubs2."""

from __future__ import annotations

from collections.abc import Iterable

import pysubs2

from kemvo.core.problem import KemvoError, Problem
from kemvo.core.sound import Sound

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
    file = pysubs2.SSAFile()
    for s in sounds:
        if s.kind == "speech":
            event = pysubs2.SSAEvent(start=s.at_ms, end=s.at_ms + s.ms)
            event.plaintext = _safe(s.text, ending)
            file.append(event)
    return file.to_string(ending)


def _safe(text: str, ending: str) -> str:
    """A caption's text without what its format would read as markup (WebVTT, 3.1: "&", "<" and "-->")."""
    text = " ".join(text.split()).replace("{", "(").replace("}", ")").replace("\\", "/")
    if ending == "vtt":
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")
    return text.replace("-->", "→").replace("<", "‹").replace(">", "›")
