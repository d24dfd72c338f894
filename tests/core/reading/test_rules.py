"""Where one action ends and the next begins: an example of every rule, and laws of cutting."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.reading.normalize.fillers import drop_fillers
from kemvo.core.reading.segment import rules as cuts
from kemvo.core.reading.segment.boundary import Gap
from kemvo.core.reading.segment.segmenter import clauses
from kemvo.core.reading.segment.verbs import VERBS, is_verb
from kemvo.core.reading.tokens import tokens_of

EXAMPLES = {
    "after_comma": "step back, | lift the right toes; step, left foot; step out, left foot; left heel corner, | step right",
    "and_goes_on": "turn and look over the right shoulder; turn one hundred and eighty degrees",
    "or_number": "sixty or seventy percent",
    "again_to": "shift again onto the left",
    "meanwhile": "the right foot then steps; the right foot is now placed forward",
    "connecting": "shift right | and step left; step next to the right; right palm up | and the left foot out",
    "no_need": "step forward | no need to rush; step forward | no weight on it",
    "speaking": "step back | make sure the knee bends; sink down | feel the ground; go back | make the right leg solid",
    "after_supposed": "if you're feeling steady | lift the left knee",
    "aside": "step out with the left | keeping the knees soft",
    "let": "sit back | let the toes come up",
    "with_": "step out | with the left palm up; sink down | with the weight on the left; turn left | with a pivot on the heel; turn right | with the left | take a step; step out with the left foot",
    "dont": "sit back on the left | don't lean; and don't lean",
    "like": "sit back | like you're on a chair",
    "purpose": "bend the knee | to protect your back",
    "after_warning": "don't lock the knee | turn your waist; don't let the knee turn",
    "hands_next": "turn your waist to the right | shoulders relaxed; turn to the front | fingers up",
    "after_hands": "with your hands at your chest | step back",
    "if_": "lift the knee | if it feels right",
    "you_can": "the left leg is empty | you could pick it up",
    "after_weight": "weight in both feet | turn right",
    "after_breath": "breathe in | and out | put your weight on the left; breathe in | and out through the mouth",
    "comes_up": "sink into the left | up comes the right knee; sit back on the left | off comes the right heel",
    "it_comes": "up comes the right knee; the hand settles | out goes the left foot",
    "trunk_acts": "turn my right foot in | your waist goes to the left",
    "onto_next": "onto the right | into the left",
    "share_next": "step out with the left | about two thirds of your weight on the right; shift half of your weight back",
    "after_bare": "weight back on the left | step out; left heel forward | shift right",
    "it_acts": "lift the left foot | it goes out; sit back on the left | it should feel easy",
    "weight_goes": "the weight goes left; the breath comes in",
    "half_step": "turn to the right | half step with the left; stand up | half and half",
    "foot": "shift left | right foot in; settle on the right leg | the left heel comes up; step out the left foot to the corner",
    "both_feet": "step left | both feet flat",
    "toes": "right foot out | toes up; sit back | toes in; sit back | toe in with the right",
    "trunk": "weight back left | waist turns left; adjust your back foot | navel to the corner",
    "feet_together": "stand up | feet together",
    "weight": "turn to the right | weight on the left; the left foot steps | weight left; both feet take the weight",
    "next_verb": "step out | shift onto it; pick up your foot | and place it; let the foot come in; go forward | step left",
    "next_foot": "left foot in | right foot out",
}
"""By the rule, instructions with a bar where they are cut."""


def cut(text: str) -> str:
    tokens = drop_fillers(tokens_of(text))
    pieces = [tokens[c.first : c.last] for c in clauses(tokens)]
    return " | ".join(" ".join(t.w + ("," if t.comma else "") for t in piece) for piece in pieces)


@pytest.mark.parametrize("text", [t.strip() for texts in EXAMPLES.values() for t in texts.split(";")])
def test_an_instruction_is_cut_where_it_should_be(text: str) -> None:
    assert cut(text.replace(" |", "")) == text


def test_every_rule_decides_in_its_examples() -> None:
    """A posture's name is read with the catalogue; its rule is asked elsewhere."""
    rules = {r.decide.__name__: r for r in cuts.RULES}
    assert set(EXAMPLES) == set(rules) - {"name"}
    for name, texts in EXAMPLES.items():
        rule = rules[name]
        decided = False
        for text in texts.split(";"):
            tokens = drop_fillers(tokens_of(text.replace("|", " ")))
            verbs = [t.w in VERBS and is_verb(tokens, i) for i, t in enumerate(tokens)]
            begun = [c.first for c in clauses(tokens)]
            for i in range(1, len(tokens)):
                if rule.words is None or tokens[i].w in rule.words:
                    since = max(b for b in begun if b < i)
                    decided = decided or rule.decide(Gap(tokens, verbs, i, since)) is not None
        assert decided, name


WORDS = "left right foot heel toes weight step shift turn lift the your and then back forward onto with let it you can no half both, up.".split()


@given(st.lists(st.sampled_from(WORDS), max_size=25).map(" ".join))
def test_every_word_is_in_one_piece_and_no_sentence_runs_over(text: str) -> None:
    tokens = drop_fillers(tokens_of(text))
    found = clauses(tokens)
    assert [i for c in found for i in range(c.first, c.last)] == list(range(len(tokens)))
    assert not any(t.hard for c in found for t in tokens[c.first : c.last - 1])
    for c in found:
        assert c.verb == -1 or (c.first <= c.verb < c.last and tokens[c.verb].w in VERBS)
