"""What goes along a timeline to tell what could be said: the cue of a span, its words in the school's terms, where things begin."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence

from kemvo.core.cues.kinds import CUE_KINDS, Cue, CueKind
from kemvo.core.cues.terms import in_terms
from kemvo.core.cues.wording import Wording, distinct
from kemvo.core.model.session import Forms, Session
from kemvo.core.timing.score import place_name
from kemvo.core.timing.timeline import Span, Timeline, by_pass


class Teller:
    """A timeline with what is known of it, to make cues for its spans."""

    def __init__(self, timeline: Timeline, session: Session, forms: Forms) -> None:
        self.timeline = timeline
        self.spans = timeline.spans
        self.session = session
        self.calls = session.calls
        self.forms = forms
        self.parts = by_pass(timeline.spans)
        self.index = {id(s): i for i, s in enumerate(timeline.spans)}
        self.times: Counter[str] = Counter()

    def cue(
        self, kind: CueKind, s: Span, wordings: Sequence[Wording], opens: int = 0, target: int | None = None,
        due: int | None = None, tail: str = "", lead: bool = False, part: int = 0,
    ) -> Iterator[Cue]:  # fmt: skip
        """A cue for the beginning of a span, if there is anything to say."""
        if not wordings:
            return
        row = CUE_KINDS[kind]
        at = s.start_ms if target is None else target
        ends = max(0, at - row.space_ms)
        yield Cue(
            f"{place_name(s)}.{kind}{tail}", kind, at, max(0, opens, at - row.lead_ms), ends if due is None else max(0, due),
            tuple(wordings), self.index[id(s)], ends if due is not None else None, None, row.must, lead, part,
        )  # fmt: skip

    def terms(self, s: Span, wordings: Sequence[Wording]) -> tuple[Wording, ...]:
        """Wordings in the terms of the form's school."""
        form = self.forms.get(s.round.form_id)
        if form is None or not form.phrases:
            return tuple(wordings)
        return distinct(*((w.length, in_terms(w.text, form.phrases)) for w in wordings))

    def first_of(self, key: object) -> Iterator[tuple[Span, int]]:
        """The spans at which a new one begins (posture, section), with the beginning of the one before it in its pass."""
        last: object = None
        begin = 0
        for i, s in enumerate(self.spans):
            if i == 0 or s.round.no != self.spans[i - 1].round.no:
                begin = s.start_ms
            if s.kind != "movement" or not s.performance:
                continue
            here = (s.round.no, s.round.nth, key(s.performance))  # type: ignore[operator]
            if here != last:
                last = here
                yield s, begin
                begin = s.start_ms


STILL_SOON_MS = 6000
"""What is said in a block that stands still should be over by then."""
