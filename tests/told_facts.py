"""What every fact that is read must be."""

from kemvo.core.facts import FIELDS, MORE_FIELDS, Fact

EVERY_FACT = {"kind", "start", "end", "guessed"}


def stands_in(text: str, fact: Fact) -> bool:
    """Whether a fact was read from letters of this text and says only what facts of its kind can say."""
    unused = set(Fact.model_fields) - EVERY_FACT - set(FIELDS[fact.kind]) - set(MORE_FIELDS.get(fact.kind, ()))
    return 0 <= fact.start < fact.end <= len(text) and all(getattr(fact, name) is None for name in unused)
