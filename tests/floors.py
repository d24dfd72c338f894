"""Forms and rooms to try the floor with."""

from hypothesis import strategies as st

from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.readings import finished
from kemvo.core.tables.groups import GROUPS, Who
from kemvo.core.tables.rooms import Room
from kemvo.core.tables.schools import SCHOOLS, OwnStance
from kemvo.core.tables.stances import STANCES

OWN = (
    OwnStance(id="bow", along=0.27, across=0.8, front_deg=5, back_deg=20, front_most=80),
    OwnStance(id="horse", across=2.4, front_least=40, front_most=60),
    OwnStance(id="empty-toe", along=0.1, front_most=20),
)
"""Stances had otherwise than the table and the school have them."""

STEPS = (
    "Left foot steps forward, heel first", "Right heel steps to the corner", "Sit back into the right leg",
    "Left foot steps back, toes first", "Right foot steps out", "Left foot steps in beside the right", "Left toes turn out 45",
    "Right toes turn in a little", "Turn right 90 degrees", "Turn to the left corner", "Left knee lifts", "Right heel kicks",
    "Right foot half step up", "Weight even", "Left foot steps behind the right", "Turn on the ball of the left foot",
    "Bow stance", "Left bow stance", "Horse stance", "Right empty stance", "T-step", "Bring the feet together", "Turn around",
    "Shift seventy percent into the left", "The wrists float up", "Step forward", "Pivot on both heels", "Face three o'clock",
)  # fmt: skip

movements = st.builds(
    Movement,
    line=st.sampled_from(STEPS),
    counts=st.sampled_from([1.0, 2.0, 3.5, 6.0]),
    hold_ms=st.sampled_from([0, 0, 2000]),
    left_pct=st.sampled_from([0, 5, 10, 30, 50, 70, 90, 100]),
    breath=st.sampled_from(["in", "out", "free"]),
    side=st.sampled_from([None, "L", "R"]),
    stance=st.sampled_from([None, None, None, *STANCES]),
    facing=st.sampled_from([None, None, None, None, 0, -45, 90, 180]),
)
postures = st.builds(
    Posture,
    name=st.sampled_from(["Reeds", "Heron", ""]),
    side=st.sampled_from([None, "L", "R"]),
    repeats=st.sampled_from([1, 1, 2, 3]),
    alternate=st.booleans(),
    kinds=st.sampled_from([(), ("kick",), ("low", "bend")]),
    movements=st.lists(movements, max_size=5).map(tuple),
)
manners = st.builds(
    lambda row, own: row.manner.model_copy(update={"stances": own}),
    st.sampled_from(list(SCHOOLS.values())),
    st.sampled_from([(), (), OWN]),
)
forms = st.builds(
    Form,
    tempo=st.sampled_from([20.0, 30.0, 60.0]),
    opening_left_pct=st.sampled_from([0, 50, 100]),
    manner=manners,
    who=st.builds(Who, group=st.sampled_from(list(GROUPS)), stature_cm=st.integers(140, 200)),
    sections=st.lists(postures, min_size=1, max_size=4).map(lambda ps: (Section(postures=tuple(ps)),)),
).map(finished)


def walk(*lines: str | Movement, **of_form: object) -> Form:
    """A form of one posture, a movement a line; weights as they are read, on from the one before."""
    from kemvo.core.movement.fields import filled

    done: list[Movement] = []
    left = 50
    for line in lines:
        m = line if isinstance(line, Movement) else filled(Movement(line=line, left_pct=left), over=True)
        left = m.left_pct
        done.append(m)
    return finished(Form(**of_form, sections=(Section(postures=(Posture(movements=tuple(done)),)),)))


CORRIDOR = Room(corners=((0, 0), (3, 0), (3, 8), (0, 8)))
L_SHAPED = Room(corners=((0, 0), (10, 0), (10, 4), (6, 4), (6, 8), (0, 8)))
