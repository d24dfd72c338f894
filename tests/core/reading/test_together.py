"""Instructions put together: what one clause tells does not change with what stands beside it.

Each test joins known instructions in every way a speaker would, and counts the sentences that are not read as their
parts are. The words and joints are common practice, no source. A few sentences are ambiguous even to a listener, so a
small share may differ; it is named at each law.
"""

from collections.abc import Callable, Iterator
from itertools import product

import pytest

from kemvo.core.facts import Fact
from kemvo.core.reading.reader import read_line

Key = tuple[str, str]

TOLD: dict[str, Key] = {
    "shift your weight onto the right leg": ("shift", "R"),
    "sit back into the left leg": ("shift", "L"),
    "step forward with the left foot": ("step", "L"),
    "step out to the side with your right foot": ("step", "R"),
    "bring your left foot in": ("step", "L"),
    "turn your waist to the right": ("turn", "right"),
    "turn to face the front": ("turn", "front"),
    "lift the left heel": ("lift", "L"),
    "turn the right toes in": ("pivot", "R"),
    "pivot on the left heel": ("pivot", "L"),
    "breathe in": ("breath", "in"),
    "kick with the right heel": ("kick", "R"),
    "hold for three seconds": ("hold", "-"),
    "the weight goes into the left leg": ("shift", "L"),
    "the right foot steps back": ("step", "R"),
    "your left toes turn out": ("pivot", "L"),
    "the body turns left": ("turn", "left"),
    "raise the right knee": ("lift", "R"),
    "put seventy percent on the left": ("shift", "L"),
    "let your weight sink into both feet": ("shift", "both"),
}
COMMANDS = [t for t in TOLD if not t.startswith(("the ", "your "))]

HANDS = [
    "as your hands come up",
    "with the palms facing down",
    "pushing with the right hand",
    "right hand up left hand down",
    "the left arm wards off",
    "your right palm turns over",
    "both hands press forward",
    "while the right hand drops to the hip",
    "let the left elbow sink",
    "holding the ball on the right",
    "the right fist punches forward",
    "look over the left hand",
    "fingers pointing up",
    "the arms open",
    "as if you're holding a tray in your right hand",
    "raise both arms",
    "lower the hands",
    "draw the right hand back to the ear",
    "turn the left palm up",
    "the hands follow the waist",
    "shoulders relaxed",
    "tailbone tucked under",
]

ASIDES = [
    "don't lean back",
    "keep your knee over your toes",
    "make sure the right knee doesn't go past the toes",
    "you might feel a stretch in the left leg",
    "remember what your left hand is doing",
    "that's it",
    "breathe naturally",
    "keep the back straight",
    "don't lock the knee",
    "without moving the right foot",
    "if your balance is poor hold a chair",
    "not too far",
    "stay low",
    "keep the weight off it for now",
    "no weight on the left foot yet",
    "take your time",
    "it's the same as before",
    "relax your shoulders",
    "and wait for everyone",
    "does that make sense",
    "watch your right knee",
    "it should feel easy",
]


def key(fact: Fact) -> Key:
    """A fact as it is compared: its kind, and its side, way or direction."""
    return fact.kind, str(fact.to or fact.direction if fact.kind in ("turn", "breath") else fact.side or "-")


def wrong(sentences: Iterator[tuple[str, list[Key]]]) -> tuple[list[str], int]:
    """The sentences that are not read as they should be, and how many there are."""
    out, n = [], 0
    for text, wanted in sentences:
        n += 1
        found = [("hold", "-") if f.kind == "hold" else key(f) for f in read_line(text)]
        if sorted(found) != sorted(wanted):
            out.append(f"{text}: {found}")
    return out, n


def test_each_is_read_by_itself() -> None:
    assert not wrong((t, [k]) for t, k in TOLD.items())[0]


JOINTS = (
    " as you | while you | before you | after you | so you can | and at the same time | and slowly | and as you do so "
    "| once you've done that | you then | we then | now you're going to | now I want you to | next | after that "
    "| from there | and finally | then just | and let's | and we're going to | and then you | so then I | and now we "
    "|, |. | then | and | and then "
).split("|")


@pytest.mark.parametrize("joint", JOINTS)
def test_two_are_read_as_each_by_itself(joint: str) -> None:
    """Joined in any usual way, with or without punctuation (up to one in a hundred may differ)."""
    pairs = ((a, b) for a, b in product(TOLD, COMMANDS) if a != b)
    bad, n = wrong((a + joint + b, [TOLD[a], TOLD[b]]) for a, b in pairs)
    assert len(bad) <= 0.01 * n, bad


ACTS = {
    "comes in": "step",
    "lifts": "lift",
    "turns out": "pivot",
    "steps back": "step",
    "goes behind the left": "step",
    "touches beside the left": "step",
    "pivots on the heel": "pivot",
    "is lifted": "lift",
    "draws in to the ankle": "step",
    "is brought in": "step",
}
GOES_ON = {
    "steps out": "step",
    "goes forward": "step",
    "steps forward heel first": "step",
    "lifts": "lift",
    "takes the weight": "shift",
    "moves to the corner": "step",
    "is placed behind": "step",
    "slides out to the side": "step",
    "receives the weight": "shift",
    "fills": "shift",
    "extends to the front": "step",
}
MOVED = {
    "lift the {} foot": "lift",
    "pick up the {} foot": "lift",
    "bring the {} foot in": "step",
    "draw in your {} foot": "step",
    "raise your {} knee": "lift",
    "peel the {} heel off the floor": "lift",
    "step back with the {} foot": "step",
    "put the {} heel down": "step",
    "slide the {} foot in": "step",
}
WITH_IT = {
    "step out": "step",
    "step it forward": "step",
    "place it behind you": "step",
    "put it down in front": "step",
    "set it down to the corner": "step",
    "shift onto it": "shift",
    "put your weight on it": "shift",
    "sink into it": "shift",
    "sit on it": "shift",
    "turn it in": "pivot",
    "put all your weight into it": "shift",
    "take it out to the side": "step",
    "move your weight over it": "shift",
    "load it": "shift",
    "swing it out": "step",
    "let it take the weight": "shift",
    "stand on it": "shift",
    "send it out to the corner": "step",
    "let it step forward": "step",
}


@pytest.mark.parametrize("joint", [" and ", " then ", " and then ", ", "])
@pytest.mark.parametrize("side", ["left", "right"])
def test_a_foot_goes_on_acting(joint: str, side: str) -> None:
    """ "The right foot lifts and goes forward", "lift the right foot and step it forward": the same foot. All of them."""
    s = "L" if side == "left" else "R"
    other = {"left": "right", "right": "left"}[side]

    def chains() -> Iterator[tuple[str, list[Key]]]:
        for (a, one), (b, two) in product(ACTS.items(), GOES_ON.items()):
            if a != b:
                yield f"the {side} foot {a.replace('the left', f'the {other}')}{joint}{b}", [(one, s), (two, s)]
        for (a, one), (b, two) in product(MOVED.items(), WITH_IT.items()):
            yield a.format(side) + joint + b, [(one, s), (two, s)]

    assert not wrong(chains())[0]


MEANWHILE: dict[Key, list[str]] = {
    ("shift", "R"): ["shifting to the right", "with your weight on the right leg", "sitting into the right leg",
                     "as the weight goes right", "taking the weight on the right leg"],
    ("step", "L"): ["stepping out with the left foot", "with the left foot stepping out", "as the left foot steps forward",
                    "bringing the left foot in", "with a step of the left foot", "drawing the left foot in"],
    ("pivot", "L"): ["turning the left toes out", "with the left toes turning out", "pivoting on the left heel",
                     "by turning the left toes in", "opening the left foot out to the corner"],
    ("lift", "L"): ["lifting the left heel", "with the left heel lifting", "as the left knee rises", "raising the left knee"],
    ("turn", "right"): ["turning the waist right", "with the waist turning right", "as you turn right",
                        "rotating the hips to the right"],
    ("breath", "out"): ["breathing out", "exhaling", "on an exhale", "as you breathe out", "on the out breath"],
}  # fmt: skip


@pytest.mark.parametrize("form", ["{} {}", "{}, {}"])
@pytest.mark.parametrize(
    "main", ["shift into the left leg", "turn to the left", "raise your right knee", "push with both palms"]
)
def test_what_is_done_meanwhile_is_read_too(form: str, main: str) -> None:
    """Before or after the main clause. All of them."""
    told = [k for t, k in {**TOLD, "shift into the left leg": ("shift", "L"), "turn to the left": ("turn", "left"),
                           "raise your right knee": ("lift", "R")}.items() if t == main]  # fmt: skip
    both = (
        (form.format(*order), [*told, k])
        for k, ways in MEANWHILE.items()
        for w in ways
        for order in ((main, w), (w, main))
    )
    assert not wrong(both)[0]


def _beside(words: list[str], form: Callable[[str, str], str]) -> Iterator[tuple[str, list[Key]]]:
    return ((form(t, w), [k]) for t, k in TOLD.items() for w in words)


@pytest.mark.parametrize("words", [HANDS, ASIDES], ids=["hands", "asides"])
def test_hands_and_asides_change_nothing(words: list[str]) -> None:
    """Before or after an instruction, behind a comma (up to one in a hundred may differ)."""
    for form in (lambda t, w: f"{t}, {w}", lambda t, w: f"{w}, {t}"):
        bad, n = wrong(_beside(words, form))
        assert len(bad) <= 0.01 * n, bad


@pytest.mark.parametrize("words", [HANDS, ASIDES], ids=["hands", "asides"])
def test_hands_and_asides_change_little_without_punctuation(words: list[str]) -> None:
    """The same without a comma, where even a listener may hesitate (up to one in twenty may differ)."""
    for form in (lambda t, w: f"{t} {w}", lambda t, w: f"{w} {t}"):
        bad, n = wrong(_beside(words, form))
        assert len(bad) <= 0.05 * n, bad


LEADS = (
    "you need to|you want to|we're going to|I'm going to|you have to|you've got to|you'll|let's|you can|go ahead and|make sure you"
    "|remember to|try to|I want you to|I'd like you to|what you do is|all you do is|the next thing is to|the first thing we do is"
    "|start to|begin to|continue to|this is where you|here you|at this point you|just|simply|gently|slowly|okay|alright|good now"
    "|from there|from here we|once more|again|this time|finally|to finish|to begin|first of all|when you're ready"
    "|on the count of three|with an open chest|keeping the head up|without rushing|please|everybody|folks|step one|number four"
    "|so basically|you're just going to|and you're gonna|you gotta|I'm just gonna|we wanna|let me see you|what I'd do is"
    "|don't forget to|be sure to|it's important to|it helps to|you should|you must|we always|we|I|they|so you|because you"
).split("|")


@pytest.mark.parametrize("lead", LEADS)
def test_however_it_is_led_in_it_is_read(lead: str) -> None:
    """All but one in ten: "you should hold" is advice, "they hold" a report."""
    bad, n = wrong((f"{lead} {t}", [TOLD[t]]) for t in COMMANDS)
    assert len(bad) <= 0.1 * n, bad


VERBS: list[tuple[str, Key, str]] = [
    ("{} the left foot forward", ("step", "L"), "step stride reach slide place put set plant bring take move carry send extend swing sweep inch ease"),
    ("{} your right foot back", ("step", "R"), "step slide place put set bring take move swing sweep drag pull draw slip drop retreat"),
    ("{} the left foot in beside the right", ("step", "L"), "step bring draw pull gather tuck fetch collect drag slip return place set close join"),
    ("{} the right heel", ("lift", "R"), "lift raise peel float hitch hoist elevate"),
    ("{} the left foot out forty five degrees", ("pivot", "L"), "turn rotate swivel pivot spin twist angle open point"),
    ("{} your weight to the left leg", ("shift", "L"), "shift move transfer pour send bring take drop ease commit give put change roll rock tip spill settle"),
    ("{} into the right leg", ("shift", "R"), "sink sit settle lean rock roll drop ease load go come push press melt drain flow spill move shift fall squat"),
    ("{} the waist to the left", ("turn", "left"), "turn rotate twist swivel spiral wind swing spin revolve"),
    ("the left foot {} forward", ("step", "L"), "steps strides reaches slides glides moves goes comes advances extends swings sweeps stretches"),
    ("the weight {} into the left leg", ("shift", "L"), "shifts moves goes comes pours sinks drops falls flows rolls settles travels passes drains spills seeps"),
    ("the body {} to the right", ("turn", "right"), "turns rotates twists swivels spirals winds swings faces"),
]  # fmt: skip


@pytest.mark.parametrize(("form", "told", "verbs"), VERBS, ids=[v[0] for v in VERBS])
def test_every_usual_verb_is_known(form: str, told: Key, verbs: str) -> None:
    assert not wrong((form.format(v), [told]) for v in verbs.split())[0]
