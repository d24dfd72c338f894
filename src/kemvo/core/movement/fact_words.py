"""Short labels for facts, in the words of the trade."""

from __future__ import annotations

from kemvo.core.facts import Fact
from kemvo.core.language.numbers import place_words
from kemvo.core.types import SIDE_WORD

WAY_WORDS = {"in": "in", "out": "out", "side": "to the side", "corner": "to the corner", "half": "half a step", "circle": "in an arc", "up": "up", "down": "down", "behind": "behind", "forward": "forward", "back": "back"}  # fmt: skip


def in_words(f: Fact) -> str:
    """What a fact says, in a few words of the trade."""
    whose = {"L": "left ", "R": "right ", "both": "both ", None: ""}[f.side]
    match f.kind:
        case "step":
            verb = ("takes", "take") if f.size else ("steps", "step")
            who = f"{whose}foot {verb[0]}" if f.side != "both" else f"feet {verb[1]}"
            size = f"a {f.size} step" if f.size else ""
            stepped = _joined(
                who,
                size,
                WAY_WORDS.get(f.direction or "", ""),
                f"{f.cm} cm" if f.cm else "",
                f"to {place_words(f.to)}" if f.to else "",
            )
            if f.ahead_cm:
                stepped += f", {abs(f.ahead_cm)} cm {'forward' if f.ahead_cm > 0 else 'back'}"
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
            return _joined("turn", _place(f.to), f"{f.degrees}°" if f.degrees else "")
        case "breath":
            return f"breath {f.direction}"
        case "hold":
            return _joined("hold", f"{f.ms / 1000:g} seconds" if f.ms else f"{f.counts:g} counts" if f.counts else "")
        case "counts":
            return f"{f.counts:g} counts" if f.counts is not None else "counts"
        case "posture":
            return _joined("posture", (f.id or "").replace("-", " "), {"L": "left", "R": "right"}.get(f.side or "", ""))


def _place(to: str | None) -> str:
    return f"{to} o'clock" if to and to.isdecimal() else to or ""


def _joined(*parts: str) -> str:
    return " ".join(p for p in parts if p)
