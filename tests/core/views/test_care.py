"""Care is never left out: whatever leads somebody through a form carries what is due, before the movement it speaks of."""

import html
import json
import re
import tempfile
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Calls, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.practice.pipeline import Practice, work_out
from kemvo.core.tables.groups import ADVICE, GROUPS, STOP, Who
from kemvo.core.timing.opening_pause import PARTNER, cautions_due
from kemvo.core.views.at_home import has_gentler_ways, in_gentler_ways, room_words
from kemvo.core.views.printed_plan import paper
from kemvo.core.views.stage import Stage, stage
from kemvo.formats.paper.plan_text import write_markdown
from kemvo.formats.paper.takeaway import Tempo, write_takeaway

CARE = "Hold on to a chair if your balance is poor"
VOICES = ("full", "short", "names", "breath", "silent", "thin")


def form(who: Who | None = None, **more: object) -> Form:
    heron = {"id": "heron", "name": "Heron stands", "cautions": (CARE,), "kinds": ("kick", "one-leg"), **more}
    return finished(
        Form(
            title="Reeds", who=who or Who(),
            sections=(
                Section(
                    postures=(
                        Posture(id="open", name="Open", movements=(Movement(line="Sit into the right leg"),)),
                        Posture(movements=(Movement(line="Lift the left knee"), Movement(line="Kick")), **heron),
                        Posture(id="close", name="Close", movements=(Movement(line="Put the left foot down"),)),
                    )
                ),
            ),
        )
    )  # fmt: skip


def done(f: Form, *passes: Pass, cautions: bool = True) -> Practice:
    s = with_pass_ids(Session(passes=passes, calls=Calls(cautions=cautions)))
    return work_out(s, {"f": f}, lambda texts: {t: estimated_ms(t, 130) for t in texts})


def over(voice: str = "full", **how: object) -> Pass:
    return Pass(part=Part(form_id="f"), voice=voice, **how)  # type: ignore[arg-type]


def shown_in_time(shown: Stage, pass_no: int) -> bool:
    """Whether the care is to be seen before the posture begins, and in it."""
    spans = [s for s in shown.spans if s.pass_no == pass_no]
    first = next(i for i, s in enumerate(spans) if s.posture_id == "heron")
    return CARE in spans[first].care and (first == 0 or f"Heron stands: {CARE}" in spans[first - 1].care)


@given(st.lists(st.tuples(st.sampled_from(VOICES), st.integers(1, 2)), min_size=1, max_size=4), st.booleans())
@settings(max_examples=40, deadline=None)
def test_every_output_carries_the_care_that_is_due(passes: list[tuple[str, int]], cautions: bool) -> None:
    f = form()
    practice = done(f, *(over(v, repeats=n) for v, n in passes), cautions=cautions)
    for view in ("class", "instructor", "turned"):
        shown = stage(practice, "x", view, 1.0)  # type: ignore[arg-type]
        moving = next(i for i, s in enumerate(shown.spans) if s.kind == "movement")
        assert [STOP in s.care for s in shown.spans] == [i < moving for i in range(len(shown.spans))]
        assert all(shown_in_time(shown, no) for no in range(len(passes)))
        for no in range(len(passes)):
            times = {s.posture for s in shown.spans if s.pass_no == no and CARE in s.care}
            assert len(times) == 1, "the first time of a pass, and no more"
    with tempfile.TemporaryDirectory() as folder:
        page = Path(folder) / "a.html"
        write_takeaway(page, "x", [Tempo("as planned", stage(practice, "x", "class", 1.0), None)], 0)
        text = page.read_text("utf-8")
    spans = json.loads(re.search(r'id="practice">(.*?)</script>', text, re.S)[1])["tempos"][0]["stage"]["spans"]
    assert sum(CARE in s["care"] for s in spans) >= len(passes)
    assert STOP in spans[0]["care"]
    assert html.escape(ADVICE) in text
    session = Session(passes=tuple(over(v) for v, _ in passes))
    for reader in ("class", "instructor"):
        written = write_markdown(paper(session, {"f": f}, reader))  # type: ignore[arg-type]
        assert CARE in written
        assert STOP in written


def test_a_pass_that_is_only_watched_asks_for_no_care() -> None:
    shown = stage(done(form(), over(kind="watch", facing="watch")), "x", "class", 1.0)
    assert {c for s in shown.spans for c in s.care} == {STOP}


def test_a_group_sees_what_spares_it() -> None:
    shown = stage(done(form(Who(group="fragile-bones")), over("silent")), "x", "class", 1.0)
    told = {c for s in shown.spans for c in s.care}
    assert "Or gentler: a toe touch instead of the kick" in told
    own = stage(done(form(Who(group="balance"), gentler="Only lift the heel"), over("silent")), "x", "class", 1.0)
    assert "Or gentler: only lift the heel" in {c for s in own.spans for c in s.care}
    assert not any("gentler" in c for s in stage(done(form(), over()), "x", "class", 1.0).spans for c in s.care)


def test_fragile_bones_are_spared_what_could_end_in_a_fall() -> None:
    row = GROUPS["fragile-bones"]
    assert {"kick", "one-leg"} <= row.spared
    assert "chair or wall near" in row.caution


@pytest.mark.parametrize(
    ("line", "tells"),
    [
        ("Take your partner's wrist and sink", True),
        ("Push hands with the left leg in front", True),
        ("A wrist lock, slowly", True),
        ("Lock their elbow and turn", True),
        ("Never lock the elbow", False),
        ("Push with both hands", False),
        ("Do not lock your knees", False),
    ],
)
def test_work_with_a_partner_and_locks_are_slow_and_without_force(line: str, tells: bool) -> None:
    posture = Posture(name="Reeds part", movements=(Movement(line=line),))
    assert (PARTNER in cautions_due(posture)) == tells
    assert PARTNER in cautions_due(posture.model_copy(update={"kinds": ("partner",)}))


def test_at_home_the_gentler_way_is_done_unless_another_is_named() -> None:
    plain = form()
    gentle = Posture(
        id="g",
        name="Heron",
        variant_of="heron",
        variant="gentler",
        movements=(Movement(line="Touch the left toes down"),),
    )
    section = plain.sections[0]
    f = finished(
        plain.model_copy(
            update={
                "sections": (
                    section.model_copy(update={"postures": (*section.postures[:2], gentle, section.postures[2])}),
                )
            }
        )
    )
    session = with_pass_ids(Session(passes=(over(), over(variant="usual"))))
    assert has_gentler_ways(session, {"f": f})
    assert not has_gentler_ways(session, {"f": plain})
    assert [p.variant for p in in_gentler_ways(session).passes] == ["gentler", "usual"]
    practice = work_out(in_gentler_ways(session), {"f": f}, lambda texts: dict.fromkeys(texts, 900))
    lines = {
        s.round.no: {x.movement.line for x in practice.heard.spans if x.movement and x.round.no == s.round.no}
        for s in practice.heard.spans
    }
    assert "Touch the left toes down" in lines[0]
    assert "Touch the left toes down" not in lines[1]
    assert "in front" in room_words(practice)
    assert room_words(work_out(Session(), {}, lambda texts: {})) == ""
