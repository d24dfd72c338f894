"""The names of the published 24-posture simplified form, in several usual translations, found in the catalogue.

Source: the list of the simplified form published in 1956 by the sports commission of China; the names in pinyin
and in English as they are commonly given, from memory. A test of the name reader only.
"""

import pytest

from kemvo.core.language.sides import first_side
from kemvo.core.model.catalogue import name_index
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.core.timing.timeline import plan_form
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

NAMES = name_index(shipped_catalogue())

LIST = [
    ("commencing", "Qi Shi", "Commencing form", "Opening form"),
    (
        "parting-mane",
        "Zuo You Ye Ma Fen Zong",
        "Part the wild horse's mane",
        "Parting the Wild Horse's Mane on both sides",
    ),
    ("white-crane", "Bai He Liang Chi", "White crane spreads its wings", "The White Crane Spreads Wings"),
    ("brush-knee", "Lou Xi Ao Bu", "Brush knee and step forward", "Brush knee twist step"),
    ("play-lute", "Shou Hui Pi Pa", "Playing the lute", "Hand strums the lute"),
    ("repulse-monkey", "Dao Juan Gong", "Reverse reeling forearm", "Step back and repulse monkey"),
    ("grasp-tail", "Zuo Lan Que Wei", "Left grasp sparrow's tail", "Grasp the bird's tail, left"),
    ("grasp-tail", "You Lan Que Wei", "Right grasp sparrow's tail", "Grasp the peacock's tail, right"),
    ("single-whip", "Dan Bian", "Single whip", "Single Whip, left"),
    ("cloud-hands", "Yun Shou", "Wave hands like clouds", "Cloud hands"),
    ("single-whip", "Dan Bian", "Single whip", "The single whip"),
    ("high-pat", "Gao Tan Ma", "High pat on horse", "High pat on the horse"),
    ("heel-kick", "You Deng Jiao", "Kick with right heel", "Right heel kick"),
    ("twin-peaks", "Shuang Feng Guan Er", "Strike opponent's ears with both fists", "Double wind to the ears"),
    ("heel-kick", "Zuo Deng Jiao", "Turn and kick with left heel", "Left heel kick"),
    ("snake-creeps", "Zuo Xia Shi Du Li", "Snake creeps down, left", "Push down and stand on one leg"),
    ("snake-creeps", "You Xia Shi Du Li", "Snake creeps down, right", "Push down and stand on one leg, right"),
    ("fair-lady", "Zuo You Chuan Suo", "Fair lady works at shuttles", "Shuttle back and forth"),
    ("needle-sea", "Hai Di Zhen", "Needle at sea bottom", "Needle at the bottom of the sea"),
    ("fan-back", "Shan Tong Bi", "Fan through the back", "Flash the arms"),
    (
        "deflect-punch",
        "Zhuan Shen Ban Lan Chui",
        "Turn around, deflect, parry and punch",
        "Turn body, deflect, parry, punch",
    ),
    ("apparent-close", "Ru Feng Si Bi", "Apparent close up", "Withdraw and push"),
    ("cross-hands", "Shi Zi Shou", "Cross hands", "Crossing hands"),
    ("closing", "Shou Shi", "Closing form", "Closing"),
]


@pytest.mark.parametrize(("id_", "pinyin", "one", "another"), LIST, ids=[f"{i + 1}" for i in range(len(LIST))])
def test_the_published_names_are_known(id_: str, pinyin: str, one: str, another: str) -> None:
    assert [NAMES.resolve(n) for n in (pinyin, one, another)] == [id_] * 3


SHORT_FORM = {
    "one translation": """Commencing
Part the wild horse's mane, three times
White crane spreads its wings
Brush knee and twist step, three times
Play the lute
Repulse the monkey, four times
Grasp the bird's tail, left
Grasp the bird's tail, right
Single whip
Cloud hands x3
Single whip
High pat on horse
Kick with the right heel
Strike to ears with both fists
Turn and kick with the left heel
Snake creeps down, left, and golden rooster on one leg
Snake creeps down, right, and golden rooster on one leg
Fair lady works at the shuttles, left and right
Needle at sea bottom
Fan through the back
Turn, deflect downward, parry and punch
Apparent close-up
Cross hands
Closing""",
    "another": """Beginning
Parting the wild horse's mane, left, right, left
White crane spreads wings
Brush knee, left, right, left
Strum the lute
Step back and repulse monkey, four times
Left grasp sparrow's tail
Right grasp sparrow's tail
Single whip
Wave hands like clouds x3
Single whip
Pat the high horse
Right heel kick
Box the ears
Turn and left heel kick
Left snake creeps down, golden rooster stands on one leg
Right snake creeps down, golden rooster stands on one leg
Jade lady weaves shuttles, right and left
Needle at the bottom of the sea
Fan through the back
Turn, deflect, parry, punch
Apparent close
Cross hands
Conclusion""",
    "pinyin": """Qi Shi
Ye Ma Fen Zong x3
Bai He Liang Chi
Lou Xi Ao Bu x3
Shou Hui Pipa
Dao Nian Hou x4
Zuo Lan Que Wei
You Lan Que Wei
Dan Bian
Yun Shou x3
Dan Bian
Gao Tan Ma
You Deng Jiao
Shuang Feng Guan Er
Zhuan Shen Zuo Deng Jiao
Zuo Xia Shi Du Li
You Xia Shi Du Li
Zuo You Chuan Suo
Hai Di Zhen
Shan Tong Bi
Zhuan Shen Ban Lan Chui
Ru Feng Si Bi
Shi Zi Shou
Shou Shi""",
}
"""The names of the short form of 24, as its usual English and pinyin lists have them (from memory of the published lists)."""

SIDES_OF_24 = {6: "L", 7: "R", 12: "R", 14: "L", 15: "L", 16: "R"}
"""The sides that those lists name, by place from 0."""


@pytest.mark.parametrize("numbered", [False, True])
@pytest.mark.parametrize("which", SHORT_FORM)
def test_the_short_form_from_a_list_of_names_has_its_24_postures_sides_and_usual_length(
    which: str, numbered: bool
) -> None:
    lines = SHORT_FORM[which].splitlines()
    text = "\n".join(f"{n}. {x}" if numbered else x for n, x in enumerate(lines, 1))
    catalogue = shipped_catalogue()
    read = read_script(script_entries(text.encode(), "x.txt"), name_index(catalogue))
    form = draft(read, catalogue, "", "x").form
    postures = form.postures()
    assert len(postures) == 24
    for at, side in SIDES_OF_24.items():
        said = postures[at].side or first_side(postures[at].name)
        assert said == side, lines[at]
    assert sum(bool(p.movements) for p in postures) >= 21
    minutes = plan_form(form).total_ms / 60_000
    assert 3.5 <= minutes <= 6.5, "performed, it usually takes four to six minutes (common practice, no source)"
