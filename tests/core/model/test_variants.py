"""Other ways of doing a posture: the form is as it was without them, a pass takes one, and each is read through."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.model.form import Form, Movement, Posture, Section, with_ids
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.model.variants import VARIANTS, as_needed, difference, in_usual_ways, in_ways
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.movement.readings import finished
from kemvo.core.tables.groups import Who
from kemvo.core.timing.pass_postures import done_otherwise
from kemvo.core.timing.timeline import plan, plan_form
from kemvo.core.views.form_sheet import sheet
from kemvo.core.views.session_plan import session_plan
from strategies import forms, movements


@st.composite
def varied(draw: st.DrawFn) -> Form:
    """A form in which some postures have other ways, standing anywhere."""
    form = draw(forms)
    sections = []
    ids = [p.id for p in form.postures()]
    for s in form.sections:
        postures = list(s.postures)
        for _ in range(draw(st.integers(0, 2))):
            way = Posture(
                variant_of=draw(st.sampled_from([*ids, "gone"])),
                variant=draw(st.sampled_from(sorted(VARIANTS))),
                movements=tuple(draw(st.lists(movements, min_size=1, max_size=3))),
            )
            postures.insert(draw(st.integers(0, len(postures))), way)
        sections.append(s.model_copy(update={"postures": tuple(postures)}))
    return finished(form.model_copy(update={"sections": tuple(sections)}))


@given(varied())
def test_a_form_in_its_usual_ways_is_as_if_it_had_no_others(form: Form) -> None:
    plain = in_usual_ways(form)
    assert [p.id for p in plain.all_postures()] == [p.id for p in form.postures()]
    assert plan_form(form).spans == plan_form(plain).spans
    # Every variant stands right after its posture, or after another one of it.
    standing = form.all_postures()
    for before, p in zip([None, *standing], standing, strict=False):
        if p.variant_of:
            assert before is not None
            assert p.variant_of in (before.id, before.variant_of)
    assert with_ids(form) == form


@given(varied(), st.sampled_from(sorted(VARIANTS)))
def test_in_another_way_only_movements_change(form: Form, way: str) -> None:
    made = in_ways(form, way)
    assert [(p.id, p.title(), p.repeats) for p in made.postures()] == [
        (p.id, p.title(), p.repeats) for p in form.postures()
    ]
    of = {p.variant_of: p for p in reversed(form.all_postures()) if p.variant == way}
    for p in made.postures():
        assert p.movements == (of[p.id] if p.id in of else next(x for x in form.postures() if x.id == p.id)).movements


@settings(max_examples=40, deadline=None)
@given(varied(), st.sampled_from(["usual", *sorted(VARIANTS)]))
def test_a_pass_in_a_way_is_a_pass_over_the_form_done_so(form: Form, way: str) -> None:
    here = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f"), variant=way),)))
    done = in_usual_ways(form) if way == "usual" else in_ways(form, way)
    there = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f"), variant="usual"),)))
    a, b = plan(here, {"f": form}), plan(there, {"f": done})
    assert [(s.start_ms, s.end_ms, s.movement, s.left_to) for s in a.spans] == [
        (s.start_ms, s.end_ms, s.movement, s.left_to) for s in b.spans
    ]


@settings(max_examples=30, deadline=None)
@given(varied())
def test_every_row_of_a_variant_has_its_line(form: Form) -> None:
    made = sheet(form)
    counted = {(p.variant_of, p.variant): p.id for p in reversed(form.all_postures()) if p.variant_of}
    for p in form.all_postures():
        if not p.variant_of or counted[p.variant_of, p.variant] == p.id:
            assert {m.id for m in p.movements} <= set(made.movements)
    assert set(made.ways) == set(counted.values())
    usual = sheet(in_usual_ways(form))
    assert made.totals == usual.totals
    assert {f.id for f in usual.findings if f.kind != "no-gentler"} <= {f.id for f in made.findings}


@given(varied())
def test_the_mirrored_form_keeps_its_variants(form: Form) -> None:
    made = mirror_form(form)
    assert [(p.variant_of, p.variant) for p in made.all_postures()] == [
        (p.variant_of, p.variant) for p in form.all_postures()
    ]
    assert in_usual_ways(made) == mirror_form(in_usual_ways(form))


def heron(kinds: tuple[str, ...] = ("one-leg",)) -> Form:
    usual = Posture(
        id="p2", name="Heron stands", number="2", kinds=kinds,
        movements=(Movement(id="m3", line="Sink into the left leg", left_pct=100), Movement(id="m4", line="Lift the right knee", left_pct=100)),
    )  # fmt: skip
    easy = Posture(
        id="p3", variant_of="p2", variant="gentler",
        movements=(Movement(id="m5", line="Sink into the left leg, right toe on the floor", left_pct=80, counts=3),),
    )  # fmt: skip
    first = Posture(id="p1", name="Stand", movements=(Movement(id="m1", line="Stand", left_pct=50),))
    last = Posture(id="p4", name="Close", movements=(Movement(id="m6", line="Feet together", left_pct=50),))
    return finished(Form(sections=(Section(postures=(first, usual, easy, last)),)))


@pytest.mark.parametrize(
    ("group", "also", "kinds", "gentle"),
    [
        ("everyone", (), ("one-leg",), False),
        ("balance", (), ("one-leg",), True),
        ("sore-shoulders", (), ("one-leg",), False),
        ("everyone", ("balance",), ("one-leg",), True),
        # What wants care in it was not marked: a group that asks for care takes the gentler way.
        ("beginners", (), (), True),
        ("everyone", (), (), False),
    ],
)
def test_a_group_takes_the_gentler_way_where_it_needs_it(group: str, also: tuple, kinds: tuple, gentle: bool) -> None:
    form = heron(kinds).model_copy(update={"who": Who(group=group, also=also)})
    done = as_needed(form).postures()[1]
    assert (done.variant == "gentler") == gentle
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f")),)))
    assert done_otherwise(session.passes[0], {"f": form}) == ("gentler: 2 Heron stands" if gentle else "")
    assert session_plan(session, {"f": form}).passes[0].ways == ("gentler: 2 Heron stands" if gentle else "")
    lines = {s.movement.line for s in plan(session, {"f": form}).spans if s.movement}
    assert ("Sink into the left leg, right toe on the floor" in lines) == gentle
    as_told = session.passes[0].model_copy(update={"variant": "usual"})
    assert done_otherwise(as_told, {"f": form}) == ""


def test_what_differs_is_named() -> None:
    _, usual, easy, _ = heron().all_postures()
    assert (
        difference(usual, easy, ["one-leg"])
        == "1 movement instead of 2, 3 counts instead of 4, without standing on one leg"
    )
    assert difference(usual, usual.model_copy(update={"variant": "other"})) == "the same movements"
    # What a foot does tells what is spared, whatever was marked.
    assert sheet(heron()).ways["p3"].differs.endswith("without standing on one leg")
    same = usual.model_copy(update={"id": "p9", "variant_of": "p2", "variant": "gentler", "kinds": ()})
    form = finished(Form(sections=(Section(postures=(heron().postures()[0], usual, same)),)))
    assert sheet(form).ways["p9"].differs == "the same movements"


def test_a_variant_begins_with_the_weight_with_which_its_posture_begins() -> None:
    form = heron()
    typed = (
        form.all_postures()[2].movements[0].model_copy(update={"line": "Open the hands", "unread": True, "left_pct": 7})
    )
    postures = [p if p.id != "p3" else p.model_copy(update={"movements": (typed,)}) for p in form.all_postures()]
    change = form.model_copy(update={"sections": (form.sections[0].model_copy(update={"postures": tuple(postures)}),)})
    typed_read = with_typed_read(finished(change), form)
    assert sheet(typed_read).movements["m5"].left_from == 50
    # The posture after it goes on from the usual way.
    assert sheet(typed_read).movements["m6"].left_from == 100


def test_the_read_through_looks_at_each_way() -> None:
    form = heron().model_copy(update={"who": Who(group="balance")})
    slow = (
        form.all_postures()[2]
        .movements[0]
        .model_copy(update={"line": "Lift the right knee", "left_pct": 100, "counts": 40.0})
    )
    postures = [p if p.id != "p3" else p.model_copy(update={"movements": (slow,)}) for p in form.all_postures()]
    made = sheet(
        finished(
            form.model_copy(update={"sections": (form.sections[0].model_copy(update={"postures": tuple(postures)}),)})
        )
    )
    named = [f for f in made.findings if f.posture_id == "p3"]
    assert any(f.title.startswith("Gentler way:") and "@gentler" in f.id for f in named)
    assert not any(f.kind == "no-gentler" for f in made.findings)
