"""Lines that refer back: "same again", "as above, other side", "Same as 2", "Repeat 3 to 5 on the left"."""

from __future__ import annotations

import re
from typing import NamedTuple

from kemvo.core.language.sides import first_side
from kemvo.core.types import Side

_LEAD = r"(?:and\s+|now\s+|then\s+)*(?:(?:exactly|just|do|done)\s+)?(?:the\s+)?"
_AGAIN = re.compile(
    rf"^{_LEAD}(?:same|again|once more|repeat|(?:as|like)\s+(?:above|before)|ditto|likewise|(?:the\s+)?(?:opposite|reverse)(?!\s+(?:of|foot|leg|hand|arm|corner|direction))|mirror(?:ed|\s+image)?|other side"
    r"|(?:now\s+)?(?:on\s+)?the other side)\b[^.]{0,40}\.?$",
    re.IGNORECASE,
)
""" "Same again", "and again, left", "other side": the posture before, once more."""

_N = r"(?:\d{1,3}|[IVXL]{1,6})(?!\w)"
_ON = r"(?P<on>[\s,;(–—-]+(?:but\s+)?(?:(?:on|to)\s+)?(?:the\s+)?(?:other|opposite|left|right|mirror(?:ed)?)(?:\s+(?:side|image))?\)?)?"
_AS = re.compile(
    rf"^{_LEAD}(?:same\s+as|as(?:\s+in)?|like|repeat|(?P<mirror>mirror(?:\s+image)?\s+of))\s+(?:in\s+)?(?i:postures?|numbers?|nos?\.?|#)?\s*"
    rf"(?:(?P<first>{_N})(?:\s*(?:to|through|[-–—]|and|&)\s*(?P<last>{_N}))?|(?P<name>[A-Z][^.,;:()]{{2,60}}?)){_ON}\s*[.)]*$",
)
""" "Same as 9, on the other side", "Repeat 3 to 5", "As Cloud hands"."""


_SO_OFTEN = re.compile(r"\b(?:times|twice|[x×]\s*\d)", re.IGNORECASE)
""" "Repeat three times" says how often, and not what."""


class Reference(NamedTuple):
    """What a line refers back to: the posture before (neither numbers nor a name), those of the numbers `first` to `last`, or the one
    of a name. `other`: on the other side; `to`: on this side."""

    first: str = ""
    last: str = ""
    name: str = ""
    other: bool = False
    to: Side | None = None

    def turns(self, done: Side | None, named: Side | None = None) -> bool:
        """Whether what was done on a side is done on the other. `named`: the side that the name of what refers back says."""
        if self.other and self.to is None:
            return True
        to = self.to or named
        return to is not None and done is not None and to != done


def reference(text: str) -> Reference | None:
    """What a line refers back to, where it says nothing else; None for any other line."""
    said = text.strip(" ()[]:-–*")
    if _SO_OFTEN.search(said):
        return None
    found = _AS.match(said[:1].lower() + said[1:])
    if found:
        on = (found["on"] or "").lower()
        return Reference(
            found["first"] or "",
            found["last"] or found["first"] or "",
            found["name"] or "",
            bool(found["mirror"]) or any(w in on for w in OTHER),
            first_side(on),
        )
    if not _AGAIN.match(said):
        return None
    return Reference(other=any(w in said.lower() for w in OTHER), to=first_side(said))


OTHER = ("other", "opposite", "mirror")
