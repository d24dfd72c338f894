"""The exact optimiser: which utterances, in which words, starting when. Knows nothing of tai chi.

Given sayings in the order of their targets, each with a window, an ideal moment with prices for early and late, and wordings of
known length and worth: the utterances of greatest total worth less prices such that nobody hears two things at once (a least
gap between them), nothing in blocked times, every utterance within its window.

How: dynamic programming over moments (`task.py`), with prices on speech where there are ceilings (`ceilings.py`).
"""

from __future__ import annotations

from kemvo.core.scheduling.ceilings import within_ceilings
from kemvo.core.scheduling.model import Answer, Talk, overrun
from kemvo.core.scheduling.task import Task


def solve(talk: Talk, step: int = 0) -> Answer:
    """The best schedule. What must be said is said before anything else is weighed; where that cannot all be, as much of
    it as possible. `step`: look only at times on a grid of so many milliseconds, lengths, gaps and blocked times rounded
    up and windows rounded in (0: exactly); every utterance then costs at most two steps of time and their price more than
    it need."""
    task = Task(talk, step)
    free = task.best([0.0] * len(talk.ceilings))
    if not talk.ceilings or not overrun(talk, free):
        return task.answer(free, [0.0] * len(talk.ceilings))
    return within_ceilings(task)
