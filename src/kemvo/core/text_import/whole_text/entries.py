"""The pieces of a text before they are read: sentences, lines, caption blocks."""

from __future__ import annotations

from typing import Literal, NamedTuple

from kemvo.core.types import Breath


class Given(NamedTuple):
    """What an entry is known to be, where its file says so and nothing is to be guessed: a section, a posture, or a
    movement. `counts`, `hold_ms`, `left_pct` and `breath` as a movement has them; None where the file has none. `listed`:
    a posture is named as in a list, with its number, its side and how often; `sure`: whatever its words sound like."""

    kind: Literal["section", "posture", "movement", "note"]
    counts: float | None = None
    hold_ms: int = 0
    left_pct: int | None = None
    breath: Breath | None = None
    listed: bool = False
    sure: bool = False


class ScriptEntry(NamedTuple):
    """A piece of a text. `t_ms`: its time in milliseconds, None if it has none; `line`: where it begins in the
    file, counted from 1; `flows`: the sentence may go on into the next piece, as in captions; `heading`: the text marks
    it as one, of this level (1 the highest); `indent`: how many letters in its words begin; `given`: what it is, where the file says so;
    `until_ms`: when it ends, where that is known and nothing with a time comes after it; `item`: it stood in a list, whose marks are not in its words."""

    t_ms: int | None
    line: int
    text: str
    flows: bool = False
    heading: int = 0
    indent: int = 0
    given: Given | None = None
    until_ms: int | None = None
    item: bool = False
