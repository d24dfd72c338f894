"""The read-through: every kind of finding in a small form of its own, and mends that remove what they should."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from floors import forms, walk
from kemvo.core.floor.closing import closings, mark_of
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.readings import finished
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import seen
from kemvo.core.review.findings import CHECKS, Finding
from kemvo.core.review.mends import mends
from kemvo.core.tables.groups import GROUPS, Who
from kemvo.core.tables.rooms import Camera, Room, Spot
from kemvo.core.tables.schools import SCHOOLS
from kemvo.formats.documents.catalogue import shipped_catalogue

BOW = ("All the weight into the right", "Left heel steps forward", "Seventy percent into the left")


def findings(form: Form) -> list[Finding]:
    return read_through(seen(form))


def kinds(form: Form) -> set[str]:
    return {f.kind for f in findings(form)}


def two(first: Posture, second: Posture, **of_form: object) -> Form:
    return finished(Form(**of_form, sections=(Section(postures=(first, second)),)))


def posture(*lines: str, **of: object) -> Posture:
    return Posture(movements=walk(*lines).postures()[0].movements, **of)


M = Movement
EXAMPLES: dict[str, Form] = {
    "moved-loaded": walk("Left foot steps forward"),
    "turned-loaded": walk(*BOW, "Left toes turn out 45"),
    "knee-line": walk("All the weight into the right", "Left toes turn in 60 degrees", "All the weight into the left"),
    "double-turning": walk("Turn right 90 degrees"),
    "one-leg-long": walk(
        "All the weight into the right", M(line="Left knee lifts", left_pct=0, counts=8, hold_ms=10_000), tempo=30.0
    ),
    "no-gentler": walk("All the weight into the left", "Kick with the right heel", who=Who(group="sore-knees")),
    "on-a-line": walk(
        "All the weight into the right", M(line="Left foot steps forward", stance="cross", left_pct=0), M(line="Settle")
    ),
    "too-long": walk(*BOW, who=Who(step_pct=190)),
    "crossed": walk("All the weight into the left", "Right foot steps behind the left", "Weight even"),
    "empty-loaded": walk("All the weight into the right", M(line="Left empty stance", left_pct=30)),
    "stance-weight": walk(
        "All the weight into the right", "Left heel steps forward", M(line="Left bow stance", left_pct=30)
    ),
    "which-foot": walk("Step forward"),
    "breath-twice": walk(M(line="Arms rise", breath="in"), M(line="Arms wait"), M(line="Arms rise", breath="in")),
    "breath-long": walk(M(line="Arms rise", breath="in", counts=20)),
    "breath-short": walk(M(line="Arms rise", breath="in", counts=0.5)),
    "off-the-mark": walk(*BOW),
    "not-understood": walk("Xyzzy plugh"),
    "leaves-room": walk(*BOW, room=Room(width=4, depth=4), start=Spot(x=0.1, y=2)),
    "leaves-picture": walk(*BOW, room=Room(width=6, depth=6, camera=Camera(x=3, y=6, wide_deg=20, near=3))),
    "weight-jump": two(posture("Weight even"), Posture(movements=(M(line="Hands open", left_pct=100),))),
    "facing-jump": two(posture("Weight even"), Posture(movements=(M(line="Hands open", facing=90),))),
    "sides-unequal": two(
        posture("Hands open", name="Reeds", side="L"),
        posture("Hands open", "Hands close", name="Reeds", side="R"),
    ),
    "not-alternating": two(posture("Hands open", name="Reeds", side="L", repeats=3), posture("Weight even")),
}  # fmt: skip
MENDED = {
    "moved-loaded", "turned-loaded", "knee-line", "double-turning", "one-leg-long", "no-gentler", "empty-loaded",
    "breath-twice", "breath-long", "breath-short", "leaves-room", "weight-jump", "facing-jump", "not-alternating",
    "sides-unequal",
}  # fmt: skip


@pytest.mark.parametrize("kind", CHECKS)
def test_every_kind_of_finding_is_found(kind: str) -> None:
    found = [f for f in findings(EXAMPLES[kind]) if f.kind == kind]
    assert found, [f.says for f in findings(EXAMPLES[kind])]
    assert found[0].says.endswith((".", "?"))
    assert found[0].level == CHECKS[kind].level


@pytest.mark.parametrize("kind", sorted(MENDED))
def test_a_finding_is_mended(kind: str) -> None:
    form = EXAMPLES[kind]
    finding = next(f for f in findings(form) if f.kind == kind)
    offered = mends(form, finding.id)
    assert offered
    for mend in offered:
        after = {f.id for f in findings(mend.form)}
        assert finding.id not in after
        assert after <= {f.id for f in findings(form)}


def test_a_quiet_form_has_no_findings() -> None:
    form = walk(
        *BOW, "All the weight back into the right", "Left foot steps in beside the right, shoulder width", "Weight even"
    )
    assert not {f.kind for f in findings(form)} - {"off-the-mark"}


def test_a_school_that_turns_under_load_has_nothing_to_say_about_it() -> None:
    form = EXAMPLES["turned-loaded"]
    loaded = form.model_copy(update={"manner": SCHOOLS["chen-old"].manner})
    assert "turned-loaded" in kinds(form)
    assert "turned-loaded" not in kinds(loaded)


def test_groups_have_limits_of_their_own() -> None:
    form = walk("All the weight into the right", M(line="Left knee lifts", left_pct=0, counts=3), tempo=30.0)
    for group in GROUPS:
        told = kinds(form.model_copy(update={"who": Who(group=group)}))
        assert ("one-leg-long" in told) == (GROUPS[group].one_leg_ms < 6000)


def test_a_finding_that_is_set_aside_stays_away() -> None:
    form = EXAMPLES["double-turning"]
    finding = findings(form)[0]
    assert finding.id not in {f.id for f in findings(form.model_copy(update={"set_aside": (finding.id,)}))}


def test_the_sentences_name_the_foot_and_the_share() -> None:
    (finding,) = [f for f in findings(EXAMPLES["turned-loaded"]) if f.kind == "turned-loaded"]
    assert "left foot turns 45° with 70 %" in finding.says
    assert "right leg" in finding.says


def test_a_finding_that_is_not_there_has_no_mends() -> None:
    assert mends(EXAMPLES["which-foot"], "nowhere") == []


# The mark


def test_a_form_that_walks_away_is_closed_by_stepping_back_instead() -> None:
    form = walk(
        "All the weight into the right", "Left foot steps forward", "All the weight into the left",
        "Right foot steps forward", "All the weight into the right", "Left foot steps in, heels together",
    )  # fmt: skip
    look = seen(form)
    assert mark_of(look.trace).ahead == pytest.approx(2 * 0.38 * 1.7, abs=0.03)
    told = closings(form, look.trace)
    assert told
    assert any(c.changes[0].how == "reversed" for c in told)
    for c in told:
        assert c.mark.closed()


def test_the_mark_is_told_in_one_sentence() -> None:
    mark = mark_of(seen(walk(*BOW)).trace)
    assert mark.sentence().startswith("It ends")
    assert "in front of" in mark.sentence()
    assert mark_of(seen(walk("Weight even")).trace).sentence() == "It ends on the mark, facing as it began."


# Laws


@settings(max_examples=60)
@given(forms, st.data())
def test_a_mend_removes_its_finding_and_adds_none(form: Form, data: st.DataObject) -> None:
    before = findings(form)
    if not before:
        return
    finding = data.draw(st.sampled_from(before))
    for mend in mends(form, finding.id):
        after = {f.id for f in findings(mend.form)}
        assert finding.id not in after
        assert after <= {f.id for f in before}
        assert Form.model_validate(mend.form.model_dump()) == mend.form


@given(forms)
def test_every_finding_has_its_own_name_and_a_place_in_the_form(form: Form) -> None:
    found = findings(form)
    assert len({f.id for f in found}) == len(found)
    postures = {p.id: {m.id for m in p.movements} for p in form.postures()}
    for f in found:
        assert not f.movement_id or f.movement_id in postures[f.posture_id]


@given(forms)
def test_nothing_is_too_odd_for_a_wider_school_and_everyone(form: Form) -> None:
    """A school that lets any foot turn finds no fewer turns at fault than a stricter one, and never more."""
    free = form.model_copy(update={"manner": form.manner.model_copy(update={"turn_load_pct": 100})})
    strict = form.model_copy(update={"manner": form.manner.model_copy(update={"turn_load_pct": 10})})
    one, other = ({f.id for f in findings(x) if f.kind == "turned-loaded"} for x in (free, strict))
    assert one <= other


# The catalogue


@pytest.mark.parametrize("entry", shipped_catalogue(), ids=lambda e: e.id)
@pytest.mark.parametrize("side", ["L", "R"])
@pytest.mark.parametrize("school", ["yang-long", "two-thirds", "chen-old"])
def test_every_posture_of_the_catalogue_walks_and_has_nothing_to_mend(entry: object, side: str, school: str) -> None:
    """By itself, from the opening stance: it need not end on the mark, and its first shift begins from even."""
    form = finished(Form(manner=SCHOOLS[school].manner, sections=(Section(postures=(entry.on(side),)),)))
    told = [f for f in findings(form) if f.kind not in ("off-the-mark", "weight-jump")]
    assert not told, [f.says for f in told]
    assert len(seen(form).trace.steps) == len(entry.posture.movements)


@pytest.mark.parametrize("school", SCHOOLS)
def test_the_school_says_how_much_weight_a_bow_stance_has(school: str) -> None:
    manner = SCHOOLS[school].manner
    for share, front in ((manner.bow_front_pct, "L"), (40, "L"), (40, "R"), (manner.bow_front_pct, "R")):
        foot, other = ("Left", "right") if front == "L" else ("Right", "left")
        left = share if front == "L" else 100 - share
        form = walk(
            f"All the weight into the {other}",
            f"{foot} heel steps forward",
            M(line=f"{foot} bow stance", left_pct=left),
            manner=manner,
        )
        found = [f for f in findings(form) if f.kind == "stance-weight"]
        assert bool(found) == (share == 40), school
        if found:
            mended = mends(form, found[0].id)[0].form
            reached = mended.postures()[0].movements[-1].left_pct
            assert (reached if front == "L" else 100 - reached) == manner.bow_front_pct


@pytest.mark.parametrize("entry", [e for e in shipped_catalogue() if e.posture.kinds], ids=lambda e: e.id)
def test_what_wants_care_in_the_catalogue_has_a_gentler_version_for_every_group(entry: object) -> None:
    for group in GROUPS:
        form = finished(Form(who=Who(group=group), sections=(Section(postures=(entry.on("L"),)),)))
        assert "no-gentler" not in kinds(form)


def test_a_step_made_shorter_by_so_many_centimetres_closes_the_form() -> None:
    """A long step forward, and a usual one back: one of them is told how far it goes."""
    beside = M(line="Right foot steps out to shoulder width", left_pct=100)
    form = walk(
        "All the weight into the right",
        "Left foot takes a long step forward",
        "All the weight into the left",
        beside,
        "All the weight into the right",
        "Left foot steps back",
        "All the weight into the left",
        beside,
        "Weight even",
        manner=SCHOOLS["chen-old"].manner,
    )
    (off,) = [f for f in findings(form) if f.kind == "off-the-mark"]
    told = mends(form, off.id)
    assert "shorter" in told[0].says
    assert mark_of(seen(told[0].form).trace).closed()
    assert any(" cm" in m.foot for m in told[0].form.postures()[0].movements)


def test_a_line_that_names_a_posture_of_the_form_is_understood() -> None:
    for line, found in (("and that's tide turns", []), ("Tide turns!", []), ("and that's tidying", ["not-understood"])):
        form = finished(
            Form(sections=(Section(postures=(Posture(name="Tide turns", movements=(Movement(line=line),)),)),))
        )
        assert [f.kind for f in read_through(seen(form)) if f.kind == "not-understood"] == found
