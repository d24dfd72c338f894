"""A session: passes in order, each over a form or a part of it, with tempo, facing and how much is said."""

from __future__ import annotations

from typing import Annotated, Literal, NamedTuple

from pydantic import AfterValidator, Field, ValidationError

from kemvo.core.errors import from_validation
from kemvo.core.model.form import Form
from kemvo.core.tables.block_kinds import BlockKind, CurveId, Facing, Only, VoiceLevel
from kemvo.core.tables.breath_schools import School
from kemvo.core.types import Day, Id, Line, Notes, OneLine, StillMs, Tags, Tempo, Title, Value, VariantId


class FacingRow(NamedTuple):
    """A way of standing towards the class.

    `performer_mirrors`: the performer moves the other side, so that the class copies a mirror. What the
    class hears is always its own side, as the form is written. `turned_deg`: how far the instructor's front is turned
    from the class's (side-on: the right side to the class). `watched`: the class only looks on. `announce`, `asks`: what
    the class is told of it, and to do; `turn`: what the instructor does to get there from another facing.
    """

    id: Facing
    title: str
    performer_mirrors: bool
    turned_deg: float
    watched: bool
    announce: str
    asks: str
    turn: str

    def announced(self, asking: bool) -> str:
        """What the class is told of it, and what to do where nothing else is said (`asking`)."""
        return f"{self.announce} {self.asks}" if asking else self.announce


FACINGS: dict[Facing, FacingRow] = {
    row.id: row
    for row in (
        FacingRow(
            "behind", "Back to the class", False, 0, False,
            "My back is to you now.", "Follow along with me.", "Turn your back to the class",
        ),
        FacingRow(
            "mirror", "Facing, mirrored", True, 180, False,
            "I am facing you now, as in a mirror.", "Follow me.", "Turn to face the class, and move the other side",
        ),
        FacingRow(
            "watch", "Facing, to watch", False, 180, True,
            "I am facing you now.", "Only watch this time.", "Turn to face the class, your own sides",
        ),
        FacingRow(
            "side", "Side-on", False, 90, False,
            "I stand side-on now.", "See how deep each step goes.", "Turn side-on to the class",
        ),
    )
}  # fmt: skip

TURN_MS = 4000
"""How long an instructor takes to turn to another facing and be ready (own choice). It is taken out of the still time
before the pass."""


ALWAYS = frozenset({"pass", "facing", "caution", "time-left", "text"})
MOVING = frozenset({"name", "section", "foot", "turn", "gentler", "reminder", "count"})


class VoiceRow(NamedTuple):
    """How much is said: which kinds of cue, and the longest wording of a movement."""

    id: VoiceLevel
    title: str
    kinds: frozenset[str]
    longest: Literal["full", "short", "keyword"]


VOICES: dict[VoiceLevel, VoiceRow] = {
    row.id: row
    for row in (
        VoiceRow("full", "Full words", ALWAYS | MOVING | {"hands", "late"}, "full"),
        VoiceRow("short", "Short words", ALWAYS | MOVING, "short"),
        VoiceRow("names", "Names only", ALWAYS | {"name", "section", "count"}, "short"),
        VoiceRow("breath", "Breath only", ALWAYS | {"breath"}, "keyword"),
        VoiceRow("silent", "Silent", frozenset(), "keyword"),
        VoiceRow("thin", "Thinning out from time to time", ALWAYS | MOVING | {"hands", "late"}, "full"),
    )
}
"""The levels; "thin" stands for another one at each time, by the session's curve, and is resolved in the timeline."""


class Part(Value):
    """A form, or the stretch of it from one posture to another, both included. Empty ends mean the form's own.
    `first_movement`, `last_movement`: where within those postures it begins and ends, for drills of a few movements."""

    form_id: Id
    first: Id = ""
    last: Id = ""
    first_movement: Id = ""
    last_movement: Id = ""


class Pace(Value):
    """Another pace for a stretch of a pass, from posture to posture (both included; empty ends: the pass's own):
    `tempo` counts a minute, going evenly to `to` by its end; or so long that the stretch takes `ms`, or that many
    whole `breaths`; or so many `counts_a_shift` that every weight shift takes them. `breaths` are evenly spread over the
    stretch whatever gives its length. `sways`: every shift of weight in it that moves no foot is done that many times
    before it goes on. `movement`: only that movement of the first posture."""

    first: Id = ""
    last: Id = ""
    movement: Id = ""
    tempo: Tempo | None = None
    to: Tempo | None = None
    ms: Annotated[int, Field(ge=500, le=3_600_000)] | None = None
    counts_a_shift: Annotated[float, Field(ge=0.25, le=64)] | None = None
    breaths: Annotated[int, Field(ge=1, le=200)] | None = None
    sways: Annotated[int, Field(ge=2, le=20)] | None = None


class Bounds(Value):
    """What fitting may change about a block: tempo and repeats from-to, the rest after it from-to (None: as it is), and
    whether it may be left out. `matters`: 1 to 5."""

    tempo_least: Tempo | None = None
    tempo_most: Tempo | None = None
    repeats_least: Annotated[int, Field(ge=1, le=99)] | None = None
    repeats_most: Annotated[int, Field(ge=1, le=99)] | None = None
    rest_least_ms: StillMs | None = None
    rest_most_ms: StillMs | None = None
    drop: bool = False
    matters: Annotated[int, Field(ge=1, le=5)] = 3


class BreathChoice(Value):
    """The breath school of a session or a pass; for a paced breath, breaths a minute and the share of each going in."""

    school: School = "written"
    per_minute: Annotated[float, Field(ge=2, le=30)] = 6.0
    in_share: Annotated[float, Field(ge=0.2, le=0.8)] = 0.5


class Pass(Value):
    """One time through a part of a form.

    `tempo` in counts per minute (None: the form's own). `repeats`: how often the part is done in a row.
    `other_side`: everything mirrored, for the class too. `say`: what is said before it begins; empty:
    Kemvo says the facing when it changes. Pauses in milliseconds, untouched by tempo; `pause_before_ms` None: as long as the
    opening words need (`timing.opening_pause`). `between_ms`: a pause before it starts over; None: as its kind has it. `kind`: what sort of block it is;
    kinds that go over no form last `still_ms`. `off`: left out for now. `group`: blocks of one name stand together.
    `alternate`: every second repeat on the other side. `only`: hands or feet alone. `variant`: the way in which postures that have several are done (None: as the form's people need it). `breath`: its own breath school. `talk_pct`: at most this share of it is spent talking.
    """

    id: Id = ""
    title: Title = ""
    kind: BlockKind = "follow"
    off: bool = False
    group: Title = ""
    part: Part
    variant: Literal["usual"] | VariantId | None = None
    still_ms: StillMs = 0
    only: Only = "all"
    alternate: bool = False
    paces: Annotated[tuple[Pace, ...], Field(max_length=100)] = ()
    breath: BreathChoice | None = None
    talk_pct: Annotated[int, Field(ge=1, le=100)] | None = None
    bounds: Bounds = Bounds()
    tempo: Tempo | None = None
    repeats: Annotated[int, Field(ge=1, le=99)] = 1
    facing: Facing = "behind"
    other_side: bool = False
    voice: VoiceLevel = "full"
    say: Line = ""
    pause_before_ms: StillMs | None = None
    between_ms: StillMs | None = None
    pause_after_ms: StillMs = 4000


class Directions(Value):
    """The dialect in which turns are said, and what the front is called on the compass ("form": as each form has it)."""

    words: Literal["written", "plain", "clock", "compass", "room"] = "written"
    front: Literal["form", "north", "east", "south", "west"] = "form"


class SpeechChoice(Value):
    """Which voice speaks, and how fast, in words a minute. `takes`: lines the instructor has recorded are heard in their
    own voice.

    The default of 130 is the upper end of calling a form while moving, 90 to 130 (common practice, no source).
    """

    engine: Literal["espeak", "neural"] = "espeak"
    voice: Annotated[str, Field(max_length=80, pattern=r"^[A-Za-z0-9+_. -]+$")] = "en-gb"
    wpm: Annotated[int, Field(ge=80, le=300)] = 130
    takes: bool = True


class Calls(Value):
    """What else is called. `count`: the counts aloud. `breath_words`: in and out in words, also where more than the
    breath is said. `cautions`, `gentler`, `sections`: those of the form. `minutes_left`: so many minutes before the end
    the time left is said. `reminders`: points of posture, one for each pass. `vary`: a sentence that comes again is led
    in differently each time. `place`: where the form stands in a longer one ("postures 25 to 32 of 64")."""

    count: bool = False
    breath_words: bool = False
    cautions: bool = True
    gentler: bool = True
    sections: bool = True
    place: bool = False
    minutes_left: Annotated[tuple[Annotated[int, Field(ge=1, le=120)], ...], Field(max_length=10)] = ()
    reminders: Annotated[tuple[Line, ...], Field(max_length=60)] = ()
    vary: bool = False


PRINCIPLES: tuple[str, ...] = (
    "Crown lifted, chin gently in.",
    "Shoulders low, elbows heavy.",
    "Knees soft, over the toes.",
    "Sit in the hips, tail long.",
    "The waist leads the hands.",
    "Breathe low and quiet.",
)
"""Points of posture that are widely reminded of (common practice, no source): what a new session begins with."""


class CueChoice(Value):
    """What the instructor decided about one cue, by its id. `text`: other words. `said`: False leaves it out, True has it
    said whatever else gives way. `pin_ms`: it begins so long after the moment it speaks of (negative: before it).
    `sooner_ms`: it may begin so much sooner than its kind. `later_ms`: it may end so much later than it should, when a film
    leaves no time before. `must`: whether it has to be said before all others (None: as its kind has it)."""

    cue: Annotated[str, Field(min_length=1, max_length=200), OneLine]
    text: Line = ""
    said: bool | None = None
    pin_ms: Annotated[int, Field(ge=-600_000, le=600_000)] | None = None
    sooner_ms: Annotated[int, Field(ge=0, le=60_000)] = 0
    later_ms: Annotated[int, Field(ge=0, le=60_000)] = 0
    must: bool | None = None

    def decides(self) -> bool:
        """Whether it says anything at all."""
        return self != CueChoice(cue=self.cue)


CueChoices = Annotated[
    tuple[CueChoice, ...], Field(max_length=20_000), AfterValidator(lambda all_: tuple(c for c in all_ if c.decides()))
]
"""What was decided about cues; a decision that says nothing is not kept."""


class OwnCue(Value):
    """Words of the instructor's own at a place: `at_ms` from the session's beginning, or after the moment of the cue
    `by`, if there is one (`by` is a cue's id without its kind)."""

    id: Id = ""
    text: Line
    at_ms: Annotated[int, Field(ge=-600_000, le=12 * 3_600_000)] = 0
    by: Annotated[str, Field(max_length=200), OneLine] = ""


BackgroundId = Literal["none", "wind", "water", "hum", "own"]
BACKGROUNDS: dict[BackgroundId, str] = {
    "none": "Nothing under it",
    "wind": "Wind in the reeds",
    "water": "Running water",
    "hum": "A low hum",
    "own": "A sound of your own",
}


class SoundChoice(Value):
    """What sounds besides the voice, and how loud all of it is. `lufs`: programme loudness, `peak_dbtp`: the highest true
    peak. `background`: what sounds under it, `background_file`: the sound the user brought, `background_db`: its level
    against full scale, `duck_db`: how much it goes down under speech."""

    breath_tones: bool = True
    chime: bool = True
    lufs: Annotated[float, Field(ge=-30, le=-9, allow_inf_nan=False)] = -16.0
    peak_dbtp: Annotated[float, Field(ge=-12, le=-0.1, allow_inf_nan=False)] = -1.0
    background: BackgroundId = "none"
    background_file: Id = ""
    background_db: Annotated[float, Field(ge=-60, le=-10, allow_inf_nan=False)] = -38.0
    duck_db: Annotated[float, Field(ge=0, le=40, allow_inf_nan=False)] = 8.0


class Session(Value):
    """Ordered passes. `wished_ms` is how long it should take, None if it does not matter. `starts_at`: the time on the
    clock ("10:30"). `thinning`: how the words thin out from time to time. `breath`: the breath school of all passes that
    have none of their own. `directions`: the dialect of its direction words. `fullness`: from 0 (sparse) to 100 (all that fits). `talk_pct`: at
    most this share of every pass is spent talking. `cue_choices`, `own_cues`: what was decided by hand. `tags`: words to find it by.
    `class_id`, `day`: for which class, and its lesson of which day. `cautions`: what must be said before it begins."""

    title: Title = ""
    notes: Notes = ""
    wished_ms: Annotated[int, Field(ge=60_000, le=6 * 3_600_000)] | None = None
    starts_at: Annotated[str, Field(pattern=r"^([01]?\d|2[0-3]):[0-5]\d$|^$")] = ""
    thinning: CurveId = "usual"
    breath: BreathChoice = BreathChoice()
    directions: Directions = Directions()
    speech: SpeechChoice = SpeechChoice()
    sound: SoundChoice = SoundChoice()
    calls: Calls = Calls()
    fullness: Annotated[int, Field(ge=0, le=100)] = 100
    talk_pct: Annotated[int, Field(ge=1, le=100)] | None = None
    cue_choices: CueChoices = ()
    own_cues: Annotated[tuple[OwnCue, ...], Field(max_length=5000)] = ()
    tags: Tags = ()
    class_id: Id = ""
    day: Day | None = None
    cautions: Annotated[tuple[Line, ...], Field(max_length=20)] = ()
    passes: Annotated[tuple[Pass, ...], Field(max_length=200)] = ()

    def breath_of(self, p: Pass) -> BreathChoice:
        """The breath of a pass: its own, else the session's."""
        return p.breath or self.breath


Forms = dict[str, Form]
"""The forms a session speaks of, by the id its passes use."""


def read_session(data: object, root: str = "") -> Session:
    """A session from plain data, with ids filled in. Raises KemvoError that names the pass and field."""
    try:
        return with_pass_ids(Session.model_validate(data))
    except ValidationError as error:
        raise from_validation(error, data, root) from None


def with_pass_ids(session: Session) -> Session:
    """A session in which every pass has an id of its own."""
    wished = {p.id for p in session.passes}
    given: set[str] = set()
    passes = []
    n = 0
    for p in session.passes:
        new = p.id
        while not new or new in given:
            n += 1
            new = f"a{n}" if f"a{n}" not in wished else ""
        given.add(new)
        passes.append(p if new == p.id else p.model_copy(update={"id": new}))
    return session.model_copy(update={"passes": tuple(passes)})


def first_passes(form_id: str, form: Form) -> Session:
    """What a session over a form begins with: one pass to watch, one to follow."""
    return with_pass_ids(
        Session(
            title=f"{form.title or 'New form'}, practice"[:200],
            calls=Calls(reminders=PRINCIPLES),
            passes=(
                Pass(part=Part(form_id=form_id), facing="watch", voice="names"),
                Pass(part=Part(form_id=form_id), facing="behind", voice="full"),
            ),
        )
    )
