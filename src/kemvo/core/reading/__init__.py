"""Lines of instruction → facts: which foot moves, where the weight goes, which way the body faces, which breath.

facts    what a fact is, and which fields each kind has
tokens   words with their places; what a recogniser misheard, put right
lexicon  the words of feet, hands, ways to go, numbers
clauses  a text cut where one action ends and the next begins
likely   how much a clause sounds like each kind of action
second_look  what the rules missed that sounds plainly like an action, added; what sounds like none, taken away
read     the reader: a text → its facts
script   a whole text (lines, captions, outline) → entries with times
"""

from kemvo.core.reading.facts import Fact, FactKind, as_plain
from kemvo.core.reading.read import read_line

__all__ = ["Fact", "FactKind", "as_plain", "read_line"]
