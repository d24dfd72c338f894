"""Texts that name a posture after its movements become the same form as texts that name it before."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.catalogue import name_index
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.whole_text.names_after import NamesStand
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

CATALOGUE = shipped_catalogue()
NAMES = name_index(CATALOGUE)


def made(text: str, names: NamesStand = "") -> Draft:
    return draft(read_script(script_entries(text.encode(), "x.txt"), NAMES), CATALOGUE, "", names=names)


DONE = (
    "Sit back onto the right leg.",
    "Step left to the corner with the heel first.",
    "Weight into the left leg.",
    "Turn the right toes out.",
    "The left foot steps back, toes first.",
    "Shift forward into the left leg, the right hand pushes.",
)
CALLED = (
    "brush knee",
    "single whip",
    "play the lute",
    "heron by the wall",
    "repulse monkey, left",
    "gather the willows",
)
SAID = ("That was {}.", "That's {}.", "And that is {}.", "So that's our {}.", "This was the {}.", "There's your {}.")

postures = st.lists(
    st.tuples(st.sampled_from(CALLED), st.lists(st.sampled_from(DONE), min_size=1, max_size=4), st.sampled_from(SAID)),
    min_size=2,
    max_size=5,
    unique_by=lambda x: x[0],
)


@given(postures)
def test_names_after_make_the_form_that_names_before_make(told: list) -> None:
    after = "\n".join(" ".join([*lines, said.format(name)]) for name, lines, said in told)
    found = made(after)
    assert found.names == "after"
    assert [p.name.lower().split(",")[0] for p in found.form.postures()] == [name.split(",")[0] for name, _, _ in told]
    assert [[m.line for m in p.movements] for p in found.form.postures()] == [lines for _, lines, _ in told]
    # Every line is accounted for, in the order in which it stands.
    assert " ".join(x.text for x in found.lines).split() == after.split()
    assert [x.became for x in found.lines].count("posture") == len(told)


@given(postures)
def test_one_click_takes_them_as_they_are_written(told: list) -> None:
    after = "\n".join(" ".join([*lines, said.format(name)]) for name, lines, said in told)
    found = made(after, "before")
    assert found.names == "before"
    assert found.form.postures()[0].name == "" or found.form.postures()[0].movements
    assert " ".join(x.text for x in found.lines).split() == after.split()


@pytest.mark.parametrize(
    "text",
    [
        # Named before their movements, as most texts do.
        "Brush knee. Step left to the corner.\nSingle whip. Turn the right toes out.\n",
        # Said once only.
        "Step left to the corner. That was brush knee.\nTurn the right toes out.\n",
        # Something is done after the last of them.
        "Step left to the corner. That was brush knee.\nSit back. That was single whip.\nTurn the right toes out.\n",
        # No names.
        "Step left to the corner. That's it.\nSit back. That's right.\n",
        # Headings say where postures begin.
        "# Brush knee\nStep left to the corner. That was brush knee.\n# Single whip\nSit back. That was single whip.\n",
    ],
)
def test_other_texts_are_read_as_they_stand(text: str) -> None:
    assert made(text).names == ""
