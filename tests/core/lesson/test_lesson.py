"""Lessons: kinds of blocks, paces, thinning words, fitting and papers."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.lesson.fit_solver import FitBlock, fit
from kemvo.core.lesson.lesson import as_pattern, fitted, laid_out
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import BreathChoice, Pace, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.line_parts import feet_words, hands_words
from kemvo.core.movement.readings import finished, read
from kemvo.core.practice.pipeline import work_out
from kemvo.core.tables.block_kinds import BLOCK_KINDS, CURVES, PATTERNS, thinned
from kemvo.core.timing.timeline import plan
from kemvo.core.views.printed_plan import paper
from kemvo.core.views.session_plan import clock_at, session_plan
from kemvo.formats.paper.plan_pdf import write_pdf
from kemvo.formats.paper.plan_text import write_csv, write_markdown
from strategies import talk

FORM = finished(
    Form(
        title="Reeds",
        tempo=30,
        sections=(
            Section(
                postures=tuple(
                    Posture(
                        id=f"q{i}",
                        name=name,
                        side=side,
                        movements=(
                            Movement(
                                line="Sit into the right leg, hands hold a ball", counts=4, breath="in", left_pct=0
                            ),
                            Movement(
                                line="Left heel steps forward, left hand opens", counts=4, breath="out", left_pct=0
                            ),
                            Movement(line="Weight into the left leg", counts=4, breath="free", left_pct=70),
                        ),
                    )
                    for i, (name, side) in enumerate(
                        [("Part the reeds", "L"), ("Heron wades", None), ("Willow bends", "L")]
                    )
                )
            ),
        ),
    )
)
FORMS = {"f": FORM}


def block(**of: object) -> Pass:
    return Pass(part=Part(form_id="f"), pause_before_ms=0, pause_after_ms=0, **of)


def spans(*passes: Pass, **of: object):
    return plan(with_pass_ids(Session(passes=passes, **of)), FORMS).spans


def test_every_kind_of_block_can_be_laid_and_spoken() -> None:
    passes = tuple(
        block(kind=k.id, still_ms=k.still_ms, voice=k.voice, repeats=k.repeats) for k in BLOCK_KINDS.values()
    )
    session = with_pass_ids(Session(passes=passes))
    done = work_out(session, FORMS, talk)
    made = session_plan(session, FORMS)
    for row, line in zip(BLOCK_KINDS.values(), made.passes, strict=True):
        assert line.totals.ms == row.still_ms if not row.moves else line.totals.ms > 0
    assert any(d.cue.kind == "pass" and "settle" in d.text for d in done.decisions)


def test_a_chain_grows_by_one_posture_each_time() -> None:
    done = [s for s in spans(block(kind="chain")) if s.kind == "movement" and s.movement_no == 0]
    assert [s.performance.posture.id for s in done] == ["q0", "q0", "q1", "q0", "q1", "q2"]
    assert done[-1].round.of == 3


def test_a_drill_alternates_its_sides() -> None:
    done = [s for s in spans(block(kind="drill", repeats=3, alternate=True)) if s.movement_no == 0]
    assert [s.performance.posture.side for s in done if s.performance and s.performance.posture.id == "q0"] == [
        "L",
        "R",
        "L",
    ]


def test_a_drill_can_be_of_a_few_movements() -> None:
    first = FORM.postures()[0]
    part = Part(
        form_id="f", first="q0", last="q0", first_movement=first.movements[1].id, last_movement=first.movements[1].id
    )
    done = plan(Session(passes=(Pass(part=part, pause_before_ms=0, pause_after_ms=0),)), FORMS).spans
    assert [s.movement.line for s in done] == [first.movements[1].line]


def test_hands_alone_say_no_feet_and_stay_where_they_are_and_feet_alone_say_no_hands() -> None:
    hands = [s for s in spans(block(kind="hands")) if s.movement]
    assert {s.left_to for s in hands} == {50}
    assert [s.movement.line for s in hands[:2]] == ["Hands hold a ball", "Left hand opens"]
    feet = [s for s in spans(block(kind="feet")) if s.movement]
    assert [s.movement.line for s in feet[:2]] == ["Weight into the right", "Left foot steps forward, heel first"]
    assert hands_words(read(Movement(line="Weight even"))).text == ""
    assert feet_words(read(Movement(line="The hands open"))).text == ""


def test_words_thin_out_over_the_same_material() -> None:
    levels = [s.round.voice for s in spans(block(voice="thin", repeats=2), block(voice="thin")) if s.movement_no == 0]
    assert list(dict.fromkeys(levels)) == ["full", "short", "names"]
    for curve in CURVES:
        assert thinned(curve, 99) == CURVES[curve].levels[-1]


def test_a_block_that_is_off_takes_no_time() -> None:
    assert spans(block(off=True)) == ()


def test_paces_set_seconds_tempos_and_shifts() -> None:
    slow = spans(block(paces=(Pace(first="q1", ms=20_000),)))
    assert sum(s.end_ms - s.start_ms for s in slow if s.performance.posture.id == "q1") == 20_000
    to = spans(block(paces=(Pace(tempo=30, to=60),)))
    assert to[0].end_ms - to[0].start_ms > to[-1].end_ms - to[-1].start_ms
    shifted = spans(block(paces=(Pace(first="q0", counts_a_shift=8),)))
    assert shifted[2].end_ms - shifted[2].start_ms == 16_000


@given(st.floats(20, 60), st.floats(20, 60), st.floats(1.01, 1.5))
def test_a_faster_tempo_never_lengthens(tempo: float, to: float, quicker: float) -> None:
    def total(factor: float) -> int:
        return spans(block(paces=(Pace(tempo=tempo * factor, to=to * factor),)))[-1].end_ms

    assert total(quicker) <= total(1.0)


def test_breath_schools_change_what_is_called() -> None:
    for school, called in (("written", True), ("natural", False), ("paced", True), ("matched", True)):
        session = with_pass_ids(Session(breath=BreathChoice(school=school), passes=(block(),)))
        done = work_out(session, FORMS, talk)
        assert bool(done.breaths) == called
        if school == "matched":
            assert done.breaths[0].start_ms == 0
            assert done.breaths[-1].end_ms == done.heard.total_ms


# Fitting

blocks = st.builds(
    lambda i, moving, held, r, more, pace, rest, matters, drop: FitBlock(
        str(i), float(moving), float(held), 0.0, r, max(1, r - more), r + more, 1 - pace, 1 + pace, float(rest), 0.0, 2.0 * rest, matters, drop
    ),
    st.integers(0, 9), st.integers(10_000, 90_000), st.sampled_from([0, 3000]), st.integers(1, 4), st.integers(0, 2),
    st.sampled_from([0.0, 0.1, 0.2]), st.sampled_from([0, 8000]), st.integers(1, 5), st.booleans(),
)  # fmt: skip


@settings(max_examples=60)
@given(st.lists(blocks, min_size=1, max_size=5), st.floats(0.4, 1.6), st.data())
def test_fitting_breaks_no_bound_and_is_never_worse_than_another_choice(
    rows: list[FitBlock], share: float, data: st.DataObject
) -> None:
    wished = share * sum(b.repeats * (b.moving_ms + b.held_ms) + b.rest_ms for b in rows)
    done = fit(rows, wished)
    for b, c in zip(rows, done.blocks, strict=True):
        assert (c.repeats == 0 and b.drop) or b.repeats_least <= c.repeats <= b.repeats_most
        if c.repeats:
            assert b.pace_least - 1e-9 <= c.pace <= b.pace_most + 1e-9
            assert -1e-6 <= c.rest_ms <= 2 * b.rest_ms + 1e-6
    assert done.bound <= done.loss + 1e-9
    if done.met:
        assert done.total_ms == pytest.approx(wished, abs=0.5)
    # Another choice that takes just as long loses no less.
    repeats = [data.draw(st.integers(b.repeats_least, b.repeats_most)) for b in rows]
    total = sum(r * (b.moving_ms + b.held_ms) + b.rest_ms for r, b in zip(repeats, rows, strict=True))
    loss = sum(b.matters * abs(r - b.repeats) / b.repeats for r, b in zip(repeats, rows, strict=True))
    assert fit(rows, total).loss <= loss + 1e-9


def lesson(minutes: float) -> Session:
    return laid_out(PATTERNS["two-angles"], "f", FORM, ["q1", "q2"], ["q0"], "Lesson", minutes)


@pytest.mark.parametrize("minutes", [20, 25, 30])
def test_a_lesson_is_fitted_to_the_hour_and_every_change_explained(minutes: float) -> None:
    session = lesson(minutes)
    done = fitted(session, FORMS)
    assert done.met
    assert plan(done.session, FORMS).total_ms == minutes * 60_000
    assert {c.pass_id for c in done.changes} >= {
        p.id
        for p, q in zip(done.session.passes, session.passes, strict=True)
        if p.repeats != q.repeats or p.off != q.off
    }
    kept = [p for p in done.session.passes if BLOCK_KINDS[p.kind].kept]
    assert not any(p.off for p in kept)


def test_a_wish_that_cannot_be_met_gets_the_nearest() -> None:
    done = fitted(lesson(200), FORMS)
    assert not done.met
    assert "nearest" in done.says
    with pytest.raises(KemvoError, match="wished length"):
        fitted(Session(), FORMS)


@pytest.mark.parametrize("pattern", PATTERNS)
def test_every_pattern_lays_a_lesson_out_that_begins_and_closes(pattern: str) -> None:
    made = laid_out(PATTERNS[pattern], "f", FORM, ["q1"], [], "x", 30)
    assert made.passes[0].kind == "settle"
    assert made.passes[-1].kind == "close"
    assert not session_plan(made, FORMS).problems
    again = laid_out(as_pattern(made, "Mine"), "f", FORM, ["q1"], [], "x", 30)
    assert [(p.kind, p.part, p.repeats) for p in again.passes] == [(p.kind, p.part, p.repeats) for p in made.passes]


# Paper


def test_the_class_sheet_of_a_mirrored_pass_is_the_plain_sheet_and_the_instructors_is_turned() -> None:
    plain = Session(passes=(block(kind="follow"),))
    mirrored = Session(passes=(block(kind="follow", facing="mirror"),))
    assert paper(plain, FORMS, "class").blocks[0].lines == paper(mirrored, FORMS, "class").blocks[0].lines
    own = paper(mirrored, FORMS, "instructor").blocks[0]
    assert own.lines[0].title == "Part the reeds, right"
    assert "Right heel steps forward" in own.lines[0].rows[1].words
    assert "the class hears its own" in own.how


def test_what_several_passes_share_is_printed_once() -> None:
    session = Session(passes=(block(kind="watch"), block(kind="follow"), block(kind="follow", facing="mirror")))
    once, again, turned = paper(session, FORMS, "instructor").blocks
    assert all(line.rows for line in once.lines)
    assert [(line.title, line.rows) for line in again.lines] == [("1 Part the reeds, left to 3 Close", ())] or len(
        again.lines
    ) == 1
    assert again.lines[0].above.endswith(once.title)
    assert turned.lines[0].rows, "the other side is written out: nobody has to turn it over in their head"
    first = once.lines[0].rows[0]
    assert (first.counts, first.weight) != ("", "")
    assert "sides are yours" in paper(session, FORMS, "class").blocks[2].how
    other = Session(passes=(block(kind="follow", other_side=True),))
    assert "on the other side" in paper(other, FORMS, "class").blocks[0].how
    two = Session(passes=session.passes[:2])
    one = Session(passes=session.passes[:1])
    counted = [write_markdown(paper(s, FORMS, "instructor")).count("heel steps forward") for s in (one, two)]
    assert counted[0] == counted[1] > 0


def test_papers_are_written_as_text_table_and_pdf() -> None:
    sheet = paper(lesson(30), FORMS, "instructor")
    assert "Part the reeds" in write_markdown(sheet)
    assert write_csv(sheet).splitlines()[0].startswith("clock,block")
    assert write_pdf(sheet).startswith(b"%PDF")
    assert "doctor" in write_markdown(paper(lesson(30), FORMS, "class"))


def test_the_clock_goes_on_from_the_start() -> None:
    assert clock_at("10:30", 45 * 60_000) == "11:15"
    assert clock_at("23:50", 20 * 60_000) == "0:10"
    assert clock_at("", 1) == ""


def test_totals_add_up_with_paces_and_chains() -> None:
    session = with_pass_ids(Session(passes=(block(kind="chain", repeats=2), block(paces=(Pace(tempo=20, to=70),)))))
    made = session_plan(session, FORMS)
    assert sum(line.totals.ms for line in made.passes) == made.totals.ms == plan(session, FORMS).total_ms


def test_what_stands_before_the_new_postures_counts_as_taught_before() -> None:
    told = laid_out(PATTERNS["two-angles"], "f", FORM, ["q1", "q2"], ["q0"], "Lesson", 30)
    assert laid_out(PATTERNS["two-angles"], "f", FORM, ["q1", "q2"], None, "Lesson", 30) == told
    first = laid_out(PATTERNS["two-angles"], "f", FORM, ["q0"], None, "Lesson", 30)
    assert first == laid_out(PATTERNS["two-angles"], "f", FORM, ["q0"], [], "Lesson", 30)
