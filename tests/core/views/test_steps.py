"""The head of a session's pages and the first hour: what is open, what is done, what comes next."""

from kemvo.core.model.form import FILLED_IN, Form, Movement, Posture, Section
from kemvo.core.model.session import Part, Pass, Session
from kemvo.core.movement.readings import finished
from kemvo.core.practice.booth import booth
from kemvo.core.practice.pipeline import work_out
from kemvo.core.timing.pass_postures import missing_parts
from kemvo.core.views.first_steps import first_steps
from kemvo.core.views.work_steps import StepState, minutes, recording_steps, session_steps
from strategies import talk

EMPTY = Movement(id="m", counts=4, origins=FILLED_IN)
STEP = Movement(id="m2", line="Left foot steps forward", counts=4)


def form_of(*postures: Posture) -> Form:
    return finished(Form(title="Two", sections=(Section(postures=postures),)))


def session_of(form: str = "f") -> Session:
    return Session(passes=(Pass(part=Part(form_id=form), pause_before_ms=6000, pause_after_ms=0),))


def test_lengths_as_people_say_them() -> None:
    assert [minutes(ms) for ms in (0, 40_000, 60_000, 1_420_000)] == ["nothing yet", "40 s", "1 min", "23 min 40 s"]


def test_every_step_says_what_is_open() -> None:
    forms = {"f": form_of(Posture(name="Heron", movements=(STEP,)))}
    quick = work_out(session_of(), forms, lambda texts: dict.fromkeys(texts, 300))
    lines = booth(quick, {})
    steps = session_steps(StepState(quick, lines, True, 0, 2000))
    assert [s.id for s in steps] == ["lay_out", "cues", "voice", "practise", "files"]
    assert steps[0].says == "14 s, 2 s over"
    assert steps[0].open
    assert [s.says for s in steps[1:]] == [
        "all said",
        f"{len(lines)} lines, spoken by Kemvo",
        "14 s",
        "no sound file yet",
    ]
    slow = work_out(session_of(), forms, lambda texts: dict.fromkeys(texts, 30_000))
    own = [line.model_copy(update={"own": True}) for line in lines[:1]] + lines[1:]
    steps = session_steps(StepState(slow, own, True, 1, made="two.wav", stale=True))
    assert steps[0].says == "1 problem"
    assert "cue" in steps[1].says
    assert steps[1].open
    assert steps[2].says == f"1 of {len(lines)} lines recorded"
    assert steps[4].says == "two.wav is older than the session"
    assert recording_steps(StepState(quick, lines, True, 0, unmarked=3))[0].says == "3 places guessed"


def test_five_steps_tick_themselves_off() -> None:
    done = lambda *what: [s.done for s in first_steps(*what)]  # noqa: E731
    blank, named = form_of(Posture(movements=(EMPTY,))), form_of(Posture(name="Heron", movements=(EMPTY,)))
    full = form_of(Posture(name="Heron", movements=(STEP,)))
    assert done({}, {}, frozenset()) == [False] * 5
    assert done({"f": blank}, {}, frozenset()) == [False] * 5
    assert done({"f": named}, {}, frozenset()) == [True, False, False, False, False]
    assert done({"f": full}, {"s": session_of()}, frozenset({"heard"})) == [True, True, True, True, False]
    steps = first_steps({"f": full}, {"s": session_of()}, frozenset({"saved"}))
    assert [s.to for s in steps] == ["/forms/f", "/forms/f", "/sessions/s", "/stage/s", "/sessions/s/files"]
    assert steps[4].done


def test_a_session_over_empty_postures_says_so() -> None:
    forms = {"f": form_of(Posture(name="Heron", movements=(STEP,)), Posture(name="Ford", movements=(EMPTY,)))}
    told = [p.what for p in missing_parts(session_of(), forms)]
    assert told == ["To be filled, only the name is said so far: Ford."]
    weighed = EMPTY.model_copy(update={"left_pct": 100, "origins": FILLED_IN.model_copy(update={"left_pct": "hand"})})
    forms = {"f": form_of(Posture(name="Heron", movements=(STEP,)), Posture(name="Ford", movements=(weighed,)))}
    assert missing_parts(session_of(), forms) == []
    assert talk(["one two"])
