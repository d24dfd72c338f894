"""From the facts of a line to the fields of a movement, and to a short sign for each fact."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

from kemvo.core.form import Movement
from kemvo.core.reading.facts import Fact
from kemvo.core.values import EVEN, SIDE_WORD

SHARE_UNSAID = 100
"""The share of a shift of which none is said: all of it. A movement that also steps keeps what it had."""

WAY_WORDS = {"in": "in", "out": "out", "side": "to the side", "corner": "to the corner", "half": "half a step", "circle": "in an arc", "up": "up", "down": "down", "behind": "behind", "forward": "forward", "back": "back"}  # fmt: skip


def filled(movement: Movement, facts: Sequence[Fact]) -> Movement:
    """The movement with what its words say: weight, breath, side, feet, counts and hold. What they do not say stays."""
    change: dict[str, Any] = {}
    for f in facts:
        if f.kind == "shift" and f.side:
            change["left_pct"] = _left_pct(f)
        elif f.kind == "breath":
            change["breath"] = f.direction
        elif f.kind == "counts" and f.counts:
            change["counts"] = min(64.0, max(0.25, f.counts))
        elif f.kind == "hold" and f.ms is not None:
            change["hold_ms"] = min(f.ms, 30 * 60_000)
    acting = [f for f in facts if f.kind in ("step", "lift", "pivot", "kick")]
    if acting:
        change["foot"] = ", ".join(in_words(f) for f in acting)
    sides = [f.side for f in facts if f.side in ("L", "R")]
    if sides:
        change["side"] = sides[0]
    return movement.model_copy(update=change) if change else movement


def _left_pct(f: Fact) -> int:
    if f.side == "both":
        return EVEN
    share = SHARE_UNSAID if f.share is None else f.share
    return share if f.side == "L" else 100 - share


def in_words(f: Fact) -> str:
    """What a fact says, in a few words of the trade."""
    whose = {"L": "left ", "R": "right ", "both": "both ", None: ""}[f.side]
    match f.kind:
        case "step":
            stepped = _joined(
                f"{whose}foot steps" if f.side != "both" else "feet step", WAY_WORDS.get(f.direction or "", "")
            )
            return f"{stepped}, {f.touch} first" if f.touch else stepped
        case "lift":
            return f"{whose}foot lifts"
        case "pivot":
            return _joined(
                f"{whose}toes turn", f.toes or "", f"{f.angle}" if f.angle else "", f"on the {f.on}" if f.on else ""
            )
        case "kick":
            return _joined(f"{whose}foot kicks", f"with the {f.part}" if f.part else "")
        case "shift":
            leg = "even" if f.side == "both" else f"into the {SIDE_WORD[f.side]}" if f.side else "to the other leg"
            return _joined("weight", leg, f"{f.share} %" if f.share is not None and f.side != "both" else "")
        case "turn":
            to = f"{f.to} o'clock" if f.to and f.to.isdigit() else f.to or ""
            return _joined("turn", to, f"{f.degrees}°" if f.degrees else "")
        case "breath":
            return f"breath {f.direction}"
        case "hold":
            return _joined("hold", f"{f.ms / 1000:g} seconds" if f.ms else f"{f.counts:g} counts" if f.counts else "")
        case "counts":
            return f"{f.counts:g} counts"
        case "posture":
            return _joined("posture", (f.id or "").replace("-", " "), {"L": "left", "R": "right"}.get(f.side or "", ""))


def _joined(*parts: str) -> str:
    return " ".join(p for p in parts if p)
