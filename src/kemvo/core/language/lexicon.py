"""The words of the trade, as tables: feet, hands, verbs, ways to go, numbers, and what recognisers hear instead."""

from __future__ import annotations

from kemvo.core.language.abbreviations import SHORT_FORMS


def _words(text: str) -> frozenset[str]:
    return frozenset(text.split())


FOOT = _words("foot feet leg legs heel heels toe toes knee knees ball balls sole soles ankle ankles")
"""Words for what steps, lifts, pivots or kicks."""

HAND = _words(
    "hand hands palm palms arm arms fist fists finger fingers fingertips thumb wrist wrists elbow elbows forearm"
    " forearms shoulder shoulders ball-of-air head eyes eye gaze chin back-of-hand blade edge"
)
"""Words for what the feet have no part in."""

TRUNK = _words("waist hips hip body torso pelvis trunk spine belly button navel dantian yourself upper chest")

STEP = _words("step steps stepping stepped stride strides walk walks march marches")
PLACE = _words(
    "place places put puts set sets bring brings move moves slide slides draw draws pull pulls swing swings extend"
    " extends send sends take takes drop drops plant plants cross crosses widen gather gathers collect tuck land"
    " lands landed withdrawn scoot scoots lower lowers carry comes come goes go touch touches tap taps reach reaches travels travel bringing"
    " placing moving sliding putting setting landing separate separates spread spreads circle circles arc arcs swing swings return returns retreat retreats advance advances stamp stamps stomp follow follows"
    " drawn brought placed moved carried pulled swung slid extended lowered crossed gathered planted tucked taken sent reset resets withdraw withdraws withdrawing slip slips retract retracts pace paces join joins replace replaces glide glides drift drifts sweep sweeps replaced scoop scoops meet meets catch catches recover recovers skid skids plonk plonks plop plops sneak sneaks scrape scrapes trail trails shuffle shuffles creep creeps skate skates tread treads ease eases easing stretches pop pops"
)
"""Verbs that move a foot when a foot is what they speak of."""

GATHER = _words("gather gathers collect collects tuck tucks join joins")
"""Verbs that bring a foot in."""

LIFT = _words(
    "lift lifts lifting lifted raise raises raising raised pick picks picking picked float floats rise rises elevate elevates peel peels unpeel hitch hitches hoist hoists hike hikes hover hovers unstick"
)
TURN = _words(
    "turn turns turning turned rotated swivelled swiveled twisted swung rotate rotates rotating swivel swivels twist twists twisting swing swings spiral spirals wind winds unwind unwinds spin spins revolve revolves screw screws"
)
PIVOT = _words("pivot pivots pivoting pivoted swivel swivels")
AIM = _words(
    "aim aims fix fixes open opens opening close closes closing angle angles point points adjust adjusts straighten straightens hook hooks push pushes correct corrects realign realigns align aligns square squares drag drags grind grinds corrected adjusted straightened aligned angled pushed"
)
"""Verbs that turn a foot only when they speak of toes or foot with a way to go."""
FACE = _words("face faces facing")
SHIFT = _words(
    "centre centres center centers shift shifts shifting shifted transfer transfers transferring transferred commit commits committing pour pours yield yields sway sways swaying"
)
SINK = _words(
    "sink sinks sinking sit sits sitting rock rocks rocking roll rolls settle settles settling lean leans come comes go"
    " goes going drop drops move moves moving push pushes step steps load loads coming ease eases relax melt melts crouch crouches squat withdraw withdraws withdrawing slip slips root ground draw draws drawing press presses pressing climb climbs climbing squeeze squeezes issue issues drive drives spill spills tip tips tilt tilts creep creeps"
)
"""Verbs that shift the weight when "into", "onto" and a leg follow."""
SIT_BACK = _words("scoot scoots sit sits sitting rock rocks rocking sink sinks sinking settle settles settling")
CLOSE = _words("close closes closing")
EMPTY = _words("free frees freeing empty empties emptying unweight unweights unload unloads lighten lightens")
FILL = _words("reload reloads fill fills filling load loads loading")
WEIGHT_GOES = _words(
    "gets goes returns arrives runs falls settles moves shifts comes rolls drops sinks transfers pours flows travels follows"
    " stays going coming moving shifting falling rolling settling"
)
"""What the weight does, told right after it."""
BEFORE_WEIGHT = _words("the your my all of more less much too any no has have without")
"""These belong to the weight they stand before: "too much weight"."""
FOOT_ACTING = _words(
    "straightening opening closing following rising landing adjusting coming stepping moving sliding turning pivoting lifting swinging crossing drawing"
)
"""Of a foot named just before, these tell what it does: "…and the left foot coming in"."""
BEARING = _words("take takes carry carries bear bears hold holds receive receives accept accepts")
""" "Both feet take the weight"."""
STAND = _words("stand stands standing balance balances balancing")
KICK = _words("kick kicks kicking kicked flick flicks")
HOLD = _words(
    "hold holds holding held pause pauses pausing stay stays staying rest wait waits freeze linger stop hang hangs maintain maintains"
)

ACTS = STEP | PLACE | LIFT | TURN | PIVOT | AIM | FACE | SHIFT | SINK | EMPTY | FILL | KICK | STAND
"""Every verb that moves a foot, the weight or the body."""

FULL = _words("full solid substantial heavy loaded")
LIGHT = _words("empty emptied light insubstantial weightless unweighted unloaded")

FULL_OR_LIGHT = FULL | LIGHT

BETWEEN = _words("front back empty big lead rear other standing")
"""Words that may stand between a side and its foot: "left front toes"."""

INTO = _words("into onto on to in over towards toward upon")
TOUCHING = _words(
    "coming going go goes touch touches touching tap taps land lands landing place placing lead leading come comes"
)
"""Verbs that only say how a foot touches down, when a step was told just before."""

STAYING = _words("keep keeps keeping stay stays staying remain remains remaining still no without never")
"""With these, the weight is not moving."""

NEGATION = _words(
    "hasn't haven't wasn't weren't nobody nobody's none don't dont not never without avoid no can't cannot won't doesn't didn't shouldn't isn't aren't rather nor neither careful"
)
UNREAL = _words("could would may might should if unless")
CONNECT = _words(
    "and then while as so until when before after because meanwhile but now next okay ok once till whilst again or"
)
"""Words at which one action ends and another may begin."""

STEP_WAYS: dict[str, str] = {
    "out": "out", "outward": "out", "outwards": "out", "wide": "out", "apart": "out",
    "forward": "forward", "forwards": "forward", "ahead": "forward", "front": "forward", "through": "forward",
    "back": "back", "backward": "back", "backwards": "back", "rearward": "back", "rear": "back",
    "in": "in", "together": "in", "beside": "in", "alongside": "in", "inward": "in", "inwards": "in", "next": "in", "home": "in", "ankle": "in", "parallel": "in", "close": "in",
    "up": "up",
    "half": "half", "follow": "half",
    "corner": "corner", "diagonal": "corner", "diagonally": "corner", "angle": "corner",
    "side": "side", "sideways": "side", "across": "side",
    "behind": "behind",
    "down": "down", "floor": "down", "ground": "down",
    "circle": "circle", "arc": "circle", "curve": "circle", "around": "circle", "crescent": "circle", "semicircle": "circle",
}  # fmt: skip
"""The ways a foot can go, by the words for them."""

WAY_RANK = ("half", "corner", "behind", "circle", "out", "in", "back", "forward", "up", "side", "down")
"""When several ways are named, the first of these counts ("in a small arc to the corner": the corner)."""

INWARD = _words("in inward inwards inside")
OUTWARD = _words("out outward outwards outside")

IN_OR_OUT = INWARD | OUTWARD
FOOT_OR_HAND = FOOT | HAND
FOOT_OR_TRUNK = FOOT | TRUNK

UNENDING = _words(
    "the a an your my our his her to into onto of and with from at by is are am be will going gonna it's you're we're i'm"
    " about as that which so then or but for on until while than its let let's we you i they if when where both all most"
    " shift turn bring lift put place take keep pick step move lean sit half beside toward towards behind under very"
    " any wanna want can could should would just really little big weight through small long"
)
"""After these no sentence ends, and nobody pauses."""

SMALL = _words("small smaller little short shorter tiny slightly bit")
LONG = _words("long longer big bigger large larger deep wide wider")
"""A step smaller, or longer, than usual."""

LITTLE = _words("little bit slightly slight touch small")

COMPASS = _words(
    "north south east west northeast northwest southeast southwest north-east north-west south-east south-west"
)
ROOM = {"front": "front", "forward": "front", "centre": "front", "center": "front", "back": "back", "behind": "back", "corner": "corner", "diagonal": "corner", "around": "around", "round": "around", "about": "around", "rear": "back", "window": "window", "windows": "window", "door": "door", "side": "side", "middle": "front",
    **{w: w for w in "clock stage mirror mirrors camera audience kitchen fireplace piano screen entrance exit garden street road curtain curtains sea wall chair".split()}}  # fmt: skip

CLOCKWISE: dict[str, str] = {
    "clockwise": "right", "anticlockwise": "left", "anti-clockwise": "left", "counterclockwise": "left", "counter-clockwise": "left",
}  # fmt: skip
"""Ways round, seen from above."""

NUMBERS: dict[str, int] = {
    **{
        w: n
        for n, w in enumerate(
            "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split()
        )
    },
    **{w: 10 * (n + 2) for n, w in enumerate("twenty thirty forty fifty sixty seventy eighty ninety".split())},
    "hundred": 100,
}

ALIKE: dict[str, str] = {
    "whait": "weight", "weights": "weight", "weight's": "weight", "wait's": "weight", "wieght": "weight", "waight": "weight",
    "heal": "heel", "he'll": "heel", "heals": "heels", "heil": "heel", "healed": "heel", "hill": "heel",
    "tow": "toe", "tows": "toes", "toe's": "toes", "towes": "toes", "toast": "toes", "tose": "toes",
    "feat": "feet", "fete": "feet", "foots": "foot", "footh": "foot", "fut": "foot", "put's": "puts",
    "lag": "leg", "legg": "leg", "lake": "leg",
    "soul": "sole", "bawl": "ball", "nee": "knee", "kneel": "knee", "knee's": "knees", "neat": "knee",
    "waste": "waist", "waistline": "waist", "wrist's": "wrists",
    "inhales": "inhale", "inhaling": "inhale", "exhales": "exhale", "exhaling": "exhale", "inhail": "inhale", "exhail": "exhale",
    "breathing": "breathe", "breathes": "breathe", "breath": "breath", "breeze": "breathe", "brief": "breathe", "food": "foot", "sift": "shift", "tow's": "toes", "breed": "breathe", "breathed": "breathe", "breeds": "breathe",
    "pivet": "pivot", "pivit": "pivot", "divot": "pivot", "private": "pivot", "pivots": "pivot",
    "fitty": "fifty", "fiddy": "fifty", "mt": "empty", "emty": "empty", "foreword": "forward", "forwad": "forward", "tern": "turn",
    "shif": "shift", "shipped": "shift", "ship": "shift", "shifter": "shift", "chef": "shift",
    "stepp": "step", "stab": "step", "stepson": "step", "steppe": "step",
    "sync": "sink", "zinc": "sink", "sing": "sink",
    "laughed": "left", "lefft": "left", "lefts": "left", "rite": "right", "wright": "right", "write": "right", "bright": "right",
    "percents": "percent", "cent": "percent", "sent": "percent", "per-cent": "percent", "%": "percent", "°": "degrees", "degree": "degrees",
    "peal": "peel", "peals": "peels", "keck": "kick", "kik": "kick", "em": "them", "forword": "forward", "foreward": "forward", "backword": "back",
    **SHORT_FORMS,
}  # fmt: skip
"""What recognisers and hasty typists write, and what is meant, where a foot, a leg or the weight is spoken of."""

NEEDS_COMPANY = _words(
    "bright sent brief food he'll hill lake toast lag soul private ship chef stab sing zinc sync write neat kneel breeze breed heal tow feat waste"
    " laughed shipped bawl breeds"
)
"""Of those, the ones that are words of their own: they are put right only beside a word of feet, weight or breath."""

MISHEARD_NAMES: dict[str, str] = {
    "loot": "lute", "flute": "lute", "looped": "lute", "main": "mane", "maine": "mane", "manes": "mane", "grain": "crane", "train": "crane",
    "cranes": "crane", "tale": "tail", "tell": "tail", "tales": "tail", "wip": "whip", "weep": "whip", "clout": "cloud",
    "crowd": "cloud", "crowds": "cloud", "monk": "monkey", "monkeys": "monkey", "munky": "monkey", "spare": "sparrow", "sparrows": "sparrow",
    "pet": "pat", "rooster's": "rooster", "fare": "fair", "lady's": "lady", "ladies": "lady", "neddle": "needle",
    "kneedle": "needle", "shuttles": "shuttle", "nee": "knee", "need": "knee", "rush": "brush", "brushed": "brush", "pulls": "pulse",
    "wheel": "whip", "web": "whip", "hence": "hand", "hens": "hand", "pad": "pat", "rays": "raise", "race": "raise", "ne": "knee",
}  # fmt: skip
"""What recognisers hear for words of postures' names."""
