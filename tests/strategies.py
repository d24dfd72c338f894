"""Random forms and sessions for property tests, and small ones to write examples with."""

from hypothesis import strategies as st

from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished

LINES = (
    "Left heel steps to the corner",
    "Sit back into the right leg, left toes turn out",
    "All the weight into the left",
    "The hands are right in front of you",
    "What is left goes into the right heel",
    "Push",
    "",
    "Turn left again, eyes to three o'clock",
    "Two thirds of the weight slowly into the right leg while the left hand sinks and the right hand rises",
)

movements = st.builds(
    Movement,
    line=st.sampled_from(LINES),
    counts=st.one_of(st.integers(1, 12).map(float), st.floats(0.25, 16).map(lambda x: round(x, 2))),
    hold_ms=st.sampled_from([0, 0, 0, 1500, 3000]),
    left_pct=st.integers(0, 100),
    breath=st.sampled_from(["in", "out", "free"]),
    side=st.sampled_from([None, "L", "R"]),
    foot=st.sampled_from(["", "left foot steps out", "right toes turn in"]),
)
postures = st.builds(
    Posture,
    name=st.sampled_from(["Part the reeds", "Clouds over the marsh", "Heron stands", "Left heel to the wind", ""]),
    number=st.sampled_from(["", "1", "7b"]),
    side=st.sampled_from([None, "L", "R"]),
    repeats=st.sampled_from([1, 1, 1, 2, 3]),
    alternate=st.booleans(),
    movements=st.lists(movements, max_size=5).map(tuple),
)
sections = st.builds(
    Section, title=st.sampled_from(["", "Arriving"]), postures=st.lists(postures, max_size=4).map(tuple)
)
forms = st.builds(
    Form,
    title=st.sampled_from(["", "A form"]),
    tempo=st.floats(4, 240).map(lambda x: round(x, 2)),
    opening_left_pct=st.integers(0, 100),
    sections=st.lists(sections, max_size=3).map(tuple),
).map(finished)


@st.composite
def practices(draw: st.DrawFn) -> tuple[Session, dict[str, Form]]:
    """A session over one or two forms, with parts that exist and parts that do not."""
    here = {"a": draw(forms), "b": draw(forms)}
    passes = []
    for _ in range(draw(st.integers(0, 4))):
        form_id = draw(st.sampled_from(["a", "b", "a", "gone"]))
        ids = [p.id for p in here[form_id].postures()] if form_id in here else []
        end = st.sampled_from(["", "nowhere", *ids])
        passes.append(
            Pass(
                part=Part(form_id=form_id, first=draw(end), last=draw(end)),
                tempo=draw(st.none() | st.floats(4, 240).map(lambda x: round(x, 2))),
                repeats=draw(st.integers(1, 3)),
                facing=draw(st.sampled_from(["behind", "mirror", "watch"])),
                other_side=draw(st.booleans()),
                voice=draw(st.sampled_from(["full", "short", "names", "breath", "silent"])),
                say=draw(st.sampled_from(["", "Once more"])),
                pause_before_ms=draw(st.sampled_from([0, 1000, 8000])),
                pause_after_ms=draw(st.sampled_from([0, 4000])),
            )
        )
    return with_pass_ids(Session(passes=tuple(passes))), here


def one_posture(*steps: Movement, **of_posture: object) -> Form:
    """A form of one posture with the given movements."""
    return finished(Form(tempo=60, sections=(Section(postures=(Posture(movements=steps, **of_posture),)),)))


def talk(texts: object) -> dict[str, int]:
    """Made-up speech lengths: 60 ms a letter."""
    return {t: 60 * len(t) for t in texts}  # type: ignore[attr-defined]
