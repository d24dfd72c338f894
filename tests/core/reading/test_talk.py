"""A class is full of talk: what is said between instructions tells no movement and changes nothing of those beside it.

The sentences are invented (common practice, no source).
"""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.facts import Fact
from kemvo.core.model.mirror import mirror_text
from kemvo.core.reading.reader import read_line

TALK = """\
right so who's got the kettle on
we've got ten minutes left before the hall closes
if you left your shoes by the radiator please step over and move them
i turned fifty last year and my knees have never been the same
the council wants us to shift the class to wednesdays
that's a big weight off my mind
let's take it one step at a time
my teacher always said sink like a tea leaf
this form goes back about a hundred years
we kick off at ten next week
turn your phones off please
please keep to the left of the rope when we go outside
i'm going to turn the music down a little
i want you to lift your spirits today
who can tell me what comes next
someone has their weight in the wrong place i can see it from here
the floor's a bit slippery near the left wall
half of you are already there which is great
last week we left off at the kick
in the old days they held this for ten minutes
my left knee has been playing up so i won't go so low today
the weight of the arms is what drops
notice how the left side feels different from the right
that was the turning point for me
step by step it gets easier
the next step is to learn it on the other side
back in the spring we did the first part
most people put too much weight on the back leg
i see a lot of heels lifting
the right way to do this is slowly
don't rush the shift
the heel of the hand presses
shake out the legs
give the left arm a little stretch
welcome back everyone and a special welcome to the two new faces
we're a bit short of space today so spread out
has anybody seen the key to the side door
i'll be away the week after next so there's no class then
mind the step when you come in
put your bags against the wall so nobody trips over them
it's warm in here shall we open a window on the left
the chairs on the right are for anyone who needs one
you can sit out any time you like
last time we got about half way through
that took us twenty minutes which isn't bad
let me show you first and then we'll do it together
watch my feet and don't worry about the arms
just watch this time
i'll do it facing you and then with my back to you
my left is your right when i'm facing you
so when i say left i mean your left
if you get lost just look at the person in front
there are four people in the front row so look at them
this is one of my favourite postures
it comes from a very old form
the name means something like waving hands in the clouds
nobody knows who made it up
it's good for balance
it strengthens the legs without hurting the knees
ask your doctor if you're not sure
physios love this one
you might feel it in your thighs tomorrow
my thighs are burning already
don't be too hard on yourselves
nobody gets it the first time
i still get it wrong after twenty years
the mistake i see most is rushing
the second mistake is looking at the floor
look straight ahead if you can
imagine you're standing in a river
it's like wading through honey
as if somebody was holding your elbows up
think of a string from the top of your head
the crown of the head floats up
the tailbone drops down
let the shoulders hang
the hands are about as wide as the shoulders
fingers are soft
palms are facing each other
the elbows are heavier than the wrists
the chest is neither pushed out nor pulled in
the eyes follow the front hand
the breathing looks after itself
breathing is natural
listen to the sound of the sea
can you hear the music over there
is that loud enough at the back
does anybody have a question
good question
the answer is it depends
some schools do it with the toe and some with the heel
in other styles the back foot is parallel
it doesn't matter which foot you start with for now
for the feet we have the whole of next month
knees first feet later as my teacher used to say
a step too long is worse than a step too short
longer steps make stronger legs they say
i prefer shorter steps
where does the weight go do you think
which leg is the full one
who has the weight on the left hands up
so that's the end of part one
part two begins on the other side
and that brings us to the kick which is the hard one
the height of the kick doesn't matter at all
if kicking hurts leave it out
there's no kicking in this part
have a drink and we'll go on in two minutes
back in two minutes
right let's get on
ok from the top
once more with feeling
thank you that was lovely
same time next week
the cups need washing up before we leave
last one to leave turns off the lights
see you on thursday
""".splitlines()

TOLD = (
    "step out with the left foot",
    "shift seventy percent onto the right leg",
    "turn your waist to the left and breathe out",
    "lift the right heel, then kick with the toe",
    "pivot on the left heel and bring the right foot in",
)


def plain(facts: list[Fact], from_letter: int = 0) -> list[Fact]:
    return [f.model_copy(update={"start": f.start - from_letter, "end": f.end - from_letter}) for f in facts]


@pytest.mark.parametrize("text", TALK)
def test_talk_tells_no_movement_whichever_side_it_speaks_of(text: str) -> None:
    assert read_line(text) == []
    assert read_line(mirror_text(text)) == []


@given(st.sampled_from(TALK), st.sampled_from(TOLD), st.sampled_from(TALK))
def test_sentences_of_talk_change_nothing_of_the_instruction_between_them(before: str, told: str, after: str) -> None:
    found = read_line(f"{before}. {told}. {after}.")
    assert plain(found, len(before) + 2) == read_line(told)
