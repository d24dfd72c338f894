"""The words on the pages: short and plain, as docs/glossary.md has them. What was said otherwise before does not come back."""

from pathlib import Path

import pytest

ROOT = Path(__file__).parents[2]
PAGES = "\n".join(p.read_text(encoding="utf-8") for p in sorted((ROOT / "web/src").rglob("*.tsx")))

HOUSE_WORDS = {
    "Setup": "School, room",
    "Opening stance": "Begins with",
    "Who it is for": "For whom",
    "Click a row to see its details.": "Go to a row to see what it holds.",
    "Leave it as it is": "It is meant so",
    "No one-step fix.": "No single change",
    "Filmed by a camera": "A camera films it",
    "Use this start position": "Begin there",
    "Calculating…": "Looking…",
    "Read the text": "Read it",
    "No matching posture.": "goes by these letters",
    "Spoken introduction": "Said before it begins",
    "If time is short": "When time is short",
    "exactly on target": "just as long as wished",
    "over target": "longer than wished",
    "Fade the words": "Words thin out",
    "Left/right balance": "How evenly both are trained",
    "Background": "What sounds under it",
    "Play sample": "Hear it",
    "Plan a lesson": "Lay out a lesson",
    "Create the lesson": "Lay it out",
    "How much is said": "From sparse to full",
    "Unpin": "Let it go",
    "Open a changed file": "Take back",
    "Mirrored": "Turned over",
    "Import recordings": "Take from files",
    "Use the other version": "Take the other",
}
"""What the pages say, and what they said instead before."""


@pytest.mark.parametrize(("now", "before"), HOUSE_WORDS.items())
def test_the_pages_use_the_words_of_the_house(now: str, before: str) -> None:
    assert now in PAGES
    assert f">{before}" not in PAGES
    assert f'"{before}"' not in PAGES


@pytest.mark.parametrize("word", ["pass", "cue", "booth", "stage", "read-through", "fade the words", "essential"])
def test_the_glossary_explains_the_words_of_the_house(word: str) -> None:
    assert f"| {word} |" in (ROOT / "docs/glossary.md").read_text(encoding="utf-8").lower()
