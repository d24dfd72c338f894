"""Segmentation rules: a table, tried in order until one decides whether a boundary ends a clause."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import lru_cache
from typing import NamedTuple

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import ONE_SIDED
from kemvo.core.reading.segment import rules_moved as moved
from kemvo.core.reading.segment import rules_said as said
from kemvo.core.reading.segment.boundary import ARTICLES, COVERED, CutDecision, Gap
from kemvo.core.reading.segment.left_context import (
    ASIDE,
)
from kemvo.core.reading.tokens import Token


class Rule(NamedTuple):
    """What decides, and before which words it is asked; None: before every word."""

    decide: Callable[[Gap], CutDecision]
    words: frozenset[str] | None = None


def _before(words: str) -> frozenset[str]:
    return frozenset(words.split())


OBJECT_VERBS = (
    lx.TURN
    | lx.STEP
    | lx.LIFT
    | lx.KICK
    | lx.PIVOT
    | frozenset(
        "bring move place put open draw gather set take pull slide swing sweep tuck close extend drop lower cross follow"
        " centre center shift transfer sit sink rock send return join point straighten hold face settle ease pour empty"
        " stand stay keep wait relax brush push punch".split()
    )
)
"""Verbs of the feet that begin an action after "weight back on the left foot" as after any other."""

WEIGHT_LEADS = frozenset({"weight", "the", "your", "all"})

SPEAKING = frozenset("make making be feel imagine notice check".split())
""" "Make sure", "feel": something is said about what is done."""

SHARE_BEGINS = frozenset(lx.NUMBERS) | {"about", "most", "half"}


RULES = (
    Rule(said.after_comma),
    Rule(said.and_goes_on, _before("and")),
    Rule(said.or_number, _before("or")),
    Rule(said.again_to, _before("again")),
    Rule(said.meanwhile, _before("now then next again")),
    Rule(said.connecting, lx.CONNECT),
    Rule(said.no_need, _before("no")),
    Rule(said.speaking, SPEAKING),
    Rule(said.after_supposed),
    Rule(said.aside, ASIDE),
    Rule(said.let, _before("let allow")),
    Rule(said.with_, _before("with")),
    Rule(said.dont, _before("don't dont")),
    Rule(said.like, _before("like")),
    Rule(said.purpose, _before("to")),
    Rule(said.after_warning),
    Rule(said.after_hands),
    Rule(said.if_, _before("if unless")),
    Rule(said.you_can, _before("you i we")),
    Rule(moved.after_weight),
    Rule(moved.after_breath),
    Rule(moved.comes_up, moved.UP_OR_OUT),
    Rule(moved.it_comes, moved.COMES),
    Rule(moved.trunk_acts, frozenset(ARTICLES)),
    Rule(moved.onto_next, _before("onto into")),
    Rule(moved.share_next, SHARE_BEGINS),
    Rule(moved.after_bare, OBJECT_VERBS),
    Rule(said.it_acts, _before("it")),
    Rule(said.hands_next, ONE_SIDED | {"fingers", "fingertips", "knees"}),
    Rule(said.name),
    Rule(moved.weight_goes),
    Rule(moved.half_step, _before("half")),
    Rule(moved.foot),
    Rule(moved.both_feet, _before("both")),
    Rule(moved.toes, _before("toe toes")),
    Rule(moved.trunk, _before("waist body hips torso chest navel")),
    Rule(moved.feet_together, _before("feet")),
    Rule(moved.weight, WEIGHT_LEADS),
    Rule(moved.next_verb),
    Rule(moved.next_foot),
)
"""In the order in which they are asked."""

MAY_BEGIN = (
    lx.CONNECT | moved.UP_OR_OUT | SHARE_BEGINS | ONE_SIDED | {"fingers", "fingertips", "knees"} | ASIDE | ARTICLES | WEIGHT_LEADS | SPEAKING
    | _before(f"if unless you i we no don't dont it onto into let allow rear with like to toe toes feet half both back front other waist body hips torso chest navel {COVERED}")
)  # fmt: skip
"""Without a verb, a side or a comma, only these can begin a piece."""


@lru_cache(maxsize=4096)
def _asked(w: str) -> tuple[Callable[[Gap], CutDecision], ...]:
    """The rules that are asked before a word."""
    return tuple(r.decide for r in RULES if r.words is None or w in r.words)


def begins(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether a new action begins at token i, the piece before having begun at `since`. `verbs`: which tokens begin
    an action."""
    token, before = tokens[i], tokens[i - 1]
    if not (verbs[i] or token.side or before.comma or token.w in MAY_BEGIN or before.w == COVERED):
        return False
    gap = Gap(tokens, verbs, i, since)
    for decide in _asked(token.w):
        decision = decide(gap)
        if decision is not None:
            return decision
    return False
