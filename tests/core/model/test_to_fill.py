"""Postures with only a name: filled from the catalogue, all at once or one, and marked until somebody changes them."""

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.catalogue import name_index
from kemvo.core.model.form import Form, Movement, Posture, Section, with_ids
from kemvo.core.model.to_fill import fillings, is_to_fill, is_untouched, with_filled
from kemvo.formats.documents.catalogue import shipped_catalogue

ENTRIES = shipped_catalogue()
NAMES = name_index(ENTRIES)
WRITTEN = Posture(name="Single whip", movements=(Movement(line="Hook the right hand"),))


def form_of(*postures: Posture) -> Form:
    return with_ids(Form(sections=(Section(postures=postures),)))


def test_all_are_filled_whose_whole_name_is_known_and_keep_their_own() -> None:
    form = form_of(
        Posture(name="White Crane Spreads Wings", number="4"),
        Posture(name="Single whip", side="R", repeats=2, cautions=("mind the wrist",)),
        Posture(name="Salt the marsh"),
        WRITTEN,
        Posture(),
    )
    crane, whip, own, written, blank = with_filled(form, ENTRIES, NAMES).postures()
    assert (crane.name, crane.number) == ("White Crane Spreads Wings", "4")
    assert crane.movements
    assert whip.movements
    assert not is_to_fill(crane)
    assert (whip.side, whip.repeats, whip.cautions) == ("R", 2, ("mind the wrist",))
    (known,) = (e for e in ENTRIES if e.posture.name == "Single whip")
    assert [m.line for m in whip.movements] == [m.line for m in known.on("R").movements]
    assert [own, written, blank] == form.postures()[2:]
    assert [is_untouched(p) for p in (crane, whip, own, written, blank)] == [True, True, False, False, False]


def test_a_name_that_is_only_alike_is_filled_when_asked_for() -> None:
    form = form_of(Posture(name="Repulse"), Posture(name="Single whip"))
    alike, whole = fillings(form, ENTRIES, NAMES)
    assert not alike.sure
    assert whole.sure
    assert [bool(p.movements) for p in with_filled(form, ENTRIES, NAMES).postures()] == [False, True]
    assert [bool(p.movements) for p in with_filled(form, ENTRIES, NAMES, alike.posture_id).postures()] == [True, False]


def test_the_mark_goes_with_the_first_change_and_never_stands_on_what_the_instructor_keeps() -> None:
    form = form_of(Posture(name="Cloud hands"))
    (p,) = with_filled(form, ENTRIES, NAMES).postures()
    first, *rest = p.movements
    for change in ({"line": "Otherwise"}, {"counts": first.counts + 1}, {"hold_ms": 500}, {"foot": "left foot steps"}):
        assert not is_untouched(p.model_copy(update={"movements": (first.model_copy(update=change), *rest)}))
    # A weight that goes along with its neighbours is no change of the instructor's.
    assert is_untouched(p.model_copy(update={"movements": (first.model_copy(update={"left_pct": 33}), *rest)}))
    (own,) = with_filled(form, ENTRIES, NAMES, own={e.id for e in ENTRIES}).postures()
    assert own.movements == p.movements
    assert not is_untouched(own)


@given(st.lists(st.sampled_from(ENTRIES).map(lambda e: e.posture.name) | st.text(max_size=20), max_size=12))
def test_filling_changes_nothing_but_what_it_offers_and_twice_is_once(names: list[str]) -> None:
    form = form_of(*(Posture(name=n) for n in names))
    offered = {f.posture_id for f in fillings(form, ENTRIES, NAMES) if f.sure}
    filled = with_filled(form, ENTRIES, NAMES)
    assert [p.name for p in filled.postures()] == [p.name for p in form.postures()]
    assert {p.id for p in filled.postures() if not is_to_fill(p)} == offered
    assert with_filled(filled, ENTRIES, NAMES) == filled
    assert not any(f.sure for f in fillings(filled, ENTRIES, NAMES))
