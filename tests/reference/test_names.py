"""The names of the published 24-posture simplified form, in several usual translations, found in the catalogue.

Source: the list of the simplified form published in 1956 by the sports commission of China; the names in pinyin
and in English as they are commonly given, from memory. A test of the name reader only.
"""

import pytest

from kemvo.core.model.catalogue import name_index
from kemvo.formats.catalogue import shipped_catalogue

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
