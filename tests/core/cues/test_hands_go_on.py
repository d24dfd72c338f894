"""Two foot actions within one of the hands: the hands go on over the next movement, and it is said when they arrive."""

import pytest

from kemvo.core.cues.candidates import candidates
from kemvo.core.cues.kinds import Cue
from kemvo.core.cues.save_wording import kept
from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.timing.timeline import Span, plan
from kemvo.core.views.blanks import MOVEMENT, POSTURE, SECTION


def told(*lines: str) -> Form:
    movements = tuple(MOVEMENT.model_copy(update={"id": f"m{n}", "line": x}) for n, x in enumerate(lines))
    posture = POSTURE.model_copy(update={"id": "p", "name": "Heron", "movements": movements})
    return with_typed_read(Form(title="T", sections=(SECTION.model_copy(update={"id": "s", "postures": (posture,)}),)))


def going_on(form: Form) -> list[bool]:
    return [m.hands_on for m in form.postures()[0].movements]


def arriving(form: Form, **of_pass: object) -> list[tuple[Cue, Span]]:
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f"), **of_pass),)))
    timeline = plan(session, {"f": form})
    found = candidates(timeline, (), session, {"f": form}).cues
    return [(c, timeline.spans[c.span]) for c in found if c.id.endswith(":arrive")]


FIRST = "Left foot steps forward, the hands rise"


@pytest.mark.parametrize(
    ("line", "on"),
    [
        (f"{FIRST}, and the hands arrive with the second step", True),
        ("Left heel forward, the hands carry on", True),
        ("Left heel forward, the arms keep going", True),
        ("Left heel forward, both palms go on", True),
        ("Left heel forward, the hand arrives only with the next step", True),
        ("Left heel forward, the hands arrive at the chest", False),
        ("Left heel forward, the hands rise", False),
        ("Carry on with the left foot", False),
        ("The hands go over the head", False),
    ],
)
def test_words_that_say_so_are_taken(line: str, on: bool) -> None:
    assert going_on(told(line, "Right foot half step up")) == [on, False]


def test_it_is_said_with_the_second_step() -> None:
    form = told(f"{FIRST}, and the hands arrive with the second step", "Right foot half step up", "Weight to the right")
    ((cue, span),) = arriving(form)
    assert cue.wordings[0].text == "The hands arrive"
    assert span.movement is not None
    assert span.movement.id == "m1"
    assert span.start_ms <= cue.opens_ms < cue.due_ms <= span.end_ms


def test_the_second_step_that_speaks_of_hands_itself_says_no_more() -> None:
    form = told(f"{FIRST}, the hands carry on", "Right foot half step up, the palms press down", "Weight to the right")
    assert arriving(form) == []


@pytest.mark.parametrize("voice", ["short", "names", "breath", "silent"])
def test_shorter_voices_leave_it_out(voice: str) -> None:
    form = told(f"{FIRST}, the hands carry on", "Right foot half step up")
    assert arriving(form, voice=voice) == []


def test_it_stays_with_the_movement_on_the_other_side_and_when_repeated() -> None:
    form = told(f"{FIRST}, the hands carry on", "Right foot half step up")
    assert going_on(mirror_form(form)) == [True, False]
    assert len(arriving(form, repeats=3)) == 3
    assert len(arriving(form, repeats=2, alternate=True)) == 2


def test_its_words_belong_to_no_movement() -> None:
    form = told(f"{FIRST}, the hands carry on", "Right foot half step up")
    ((cue, span),) = arriving(form)
    with pytest.raises(KemvoError, match="belong to no movement"):
        kept(form, cue, span, "Now the hands are there", "movement")
    other = kept(form, cue, span, "Now the hands are there", "phrase")
    assert other.phrases[0].words == "The hands arrive"
    assert arriving(other)[0][0].wordings[0].text == "Now the hands are there"
