"""Sessions: passes, parts and titles; practices as the stage shows them; sounds."""

import pytest
from hypothesis import given, settings

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Part, Pass, Session, SoundChoice, first_passes, read_session
from kemvo.core.movement.readings import finished
from kemvo.core.practice.desk import cue_lines
from kemvo.core.practice.pipeline import work_out
from kemvo.core.practice.soundtrack import CHIME_MS, breath_tones, chimes, sounds
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.pass_postures import pass_title, postures_of
from kemvo.core.timing.timeline import plan
from kemvo.core.views.session_plan import session_plan
from kemvo.core.views.stage import CURVE_STEP_MS, stage
from strategies import one_posture, practices, talk

FORM = finished(
    Form(
        title="Tide",
        tempo=60,
        sections=(
            Section(
                title="One",
                postures=(
                    Posture(name="Ebb", movements=(Movement(counts=2),)),
                    Posture(name="Flow", side="L", movements=(Movement(counts=3),)),
                ),
            ),
            Section(
                title="Two",
                postures=(
                    Posture(
                        name="Slack", movements=(Movement(counts=4, breath="in"), Movement(counts=4, breath="out"))
                    ),
                ),
            ),
        ),
    )
)
FORMS = {"f": FORM}


def over(**fields: object) -> Pass:
    part = Part(form_id="f", first=fields.pop("first", ""), last=fields.pop("last", ""))
    return Pass(part=part, **fields)


@pytest.mark.parametrize(
    ("first", "last", "names"),
    [
        ("", "", ["Ebb", "Flow", "Slack"]),
        ("p2", "", ["Flow", "Slack"]),
        ("", "p1", ["Ebb"]),
        ("p2", "p2", ["Flow"]),
        ("p3", "p1", ["Ebb", "Flow", "Slack"]),
        ("gone", "p1", ["Ebb"]),
    ],
)
def test_a_part_goes_from_posture_to_posture(first: str, last: str, names: list[str]) -> None:
    assert [p.name for p in postures_of(over(first=first, last=last), FORMS)] == names


def test_a_pass_is_called_by_its_title_or_by_its_part() -> None:
    assert pass_title(over(title="Mine"), FORMS) == "Mine"
    assert pass_title(over(), FORMS) == "Tide"
    assert pass_title(over(first="p2", last="p2"), FORMS) == "Tide: Flow, left"
    assert pass_title(over(first="p2"), FORMS) == "Tide: Flow, left – Slack"
    assert pass_title(Pass(part=Part(form_id="x")), FORMS) == "A form that is missing"


def test_lengths_by_hand() -> None:
    """13 counts at 60 a minute are 13 s; at 30 they are 26 s; pauses stay; twice over takes twice the counts."""
    passes = (
        over(pause_before_ms=5000, pause_after_ms=1000),
        over(tempo=30, repeats=2, pause_before_ms=0, pause_after_ms=0),
    )
    planned = session_plan(Session(wished_ms=70_000, passes=passes), FORMS)
    assert [p.totals.ms for p in planned.passes] == [19_000, 52_000]
    assert [p.start_ms for p in planned.passes] == [0, 19_000]
    assert [p.tempo for p in planned.passes] == [60, 30]
    assert planned.over_ms == 1000


def test_the_speed_of_practice_leaves_pauses_alone() -> None:
    session = Session(passes=(over(pause_before_ms=5000, pause_after_ms=1000),))
    assert plan(session, FORMS, 2).total_ms == 6000 + 6500
    assert plan(session, FORMS, 0.5).total_ms == 6000 + 26_000


@pytest.mark.parametrize(
    ("data", "said"),
    [
        ({"passes": [{"part": {}}]}, "pass 1, part: Form_id is missing"),
        (
            {"passes": [{"part": {"form_id": "f"}, "facing": "up"}]},
            "pass 1: Facing must be 'behind', 'mirror', 'watch' or 'side'",
        ),
        (
            {"passes": [{"title": "Warm", "part": {"form_id": "f"}, "repeats": 0}]},
            "pass 1 “Warm”: Repeats must be greater",
        ),
        ({"speech": {"wpm": 20}}, "Speed of speech (wpm) must be greater than or equal to 80, not 20"),
        ({"wished_ms": 5}, "Wished_ms must be greater"),
    ],
)
def test_bad_sessions_are_told_by_pass_and_field(data: dict, said: str) -> None:
    with pytest.raises(KemvoError) as caught:
        read_session(data)
    assert said.split(": ")[-1] in caught.value.problems[0].sentence()
    assert said.split(",")[0].split(":")[0] in caught.value.problems[0].sentence() or ":" not in said


def test_a_first_session_watches_and_follows() -> None:
    made = first_passes("f", FORM)
    assert made.title == "Tide, practice"
    assert [(p.facing, p.voice, p.id) for p in made.passes] == [("watch", "names", "a1"), ("behind", "full", "a2")]


def test_chimes_ring_where_passes_begin_and_at_the_end() -> None:
    session = Session(
        passes=(over(pause_before_ms=4000, pause_after_ms=2000), over(pause_before_ms=1000, pause_after_ms=0))
    )
    timeline = plan(session, FORMS)
    assert [(c.at_ms, c.ms) for c in chimes(timeline, SoundChoice())] == [(0, CHIME_MS), (19_000, 1000)]
    assert chimes(timeline, SoundChoice(chime=False)) == []
    last = plan(Session(passes=(over(pause_before_ms=0, pause_after_ms=3000),)), FORMS)
    assert [c.at_ms for c in chimes(last, SoundChoice())] == [13_000]


def test_breath_tones_last_as_long_as_the_breath() -> None:
    session = Session(passes=(over(pause_before_ms=0),))
    timeline = plan(session, FORMS)
    breaths = breaths_of(timeline, session, FORMS)
    assert [(t.at_ms, t.ms, t.kind) for t in breath_tones(timeline, SoundChoice(), breaths)] == [
        (5000, 4000, "breath-in"),
        (9000, 4000, "breath-out"),
    ]
    assert breath_tones(timeline, SoundChoice(breath_tones=False), breaths) == []


@given(practices())
@settings(max_examples=40)
def test_sounds_are_in_order_and_inside_the_practice(practice: tuple) -> None:
    session, here = practice
    done = work_out(session, here, talk)
    assert done.sounds == sorted(done.sounds)
    assert all(s.at_ms >= 0 and s.at_ms + s.ms <= done.heard.total_ms for s in done.sounds)
    assert sounds(done.heard, session.sound, done.decisions, done.breaths) == done.sounds


@given(practices())
@settings(max_examples=40)
def test_the_stage_shows_every_span_and_a_whole_curve_in_every_view(practice: tuple) -> None:
    session, here = practice
    done = work_out(session, here, talk)
    shown = {view: stage(done, "x", view, 1.0) for view in ("class", "instructor", "turned")}
    for made in shown.values():
        assert [(s.start_ms, s.end_ms) for s in made.spans] == [(s.start_ms, s.end_ms) for s in done.heard.spans]
        if made.spans:
            assert len(made.curve.left) == len(made.curve.fill)
            assert (len(made.curve.left) - 1) * CURVE_STEP_MS >= made.total_ms
            assert all(0 <= v <= 100 for v in (*made.curve.left, *made.curve.fill))
        numbers = [s.posture for s in made.spans if s.posture >= 0]
        assert numbers == sorted(numbers)
    for a, b in zip(shown["class"].spans, shown["turned"].spans, strict=True):
        assert (b.left_from, b.left_to) == (100 - a.left_from, 100 - a.left_to)


def test_the_stage_tells_what_comes_next() -> None:
    done = work_out(Session(passes=(over(),)), FORMS, talk)
    shown = stage(done, "x", "class", 1.0).spans
    assert [(s.kind, s.posture_title, s.next_posture) for s in shown] == [
        ("pause", "", "Ebb"),
        ("movement", "Ebb", "Flow, left"),
        ("movement", "Flow, left", "Slack"),
        ("movement", "Slack", ""),
        ("movement", "Slack", ""),
        ("pause", "", ""),
    ]


def test_a_block_that_stands_still_is_shown_by_its_own_name() -> None:
    settle = over().model_copy(update={"kind": "settle", "still_ms": 60_000})
    named = settle.model_copy(update={"title": "Sit by the reeds"})
    done = work_out(Session(passes=(settle, named, over())), FORMS, talk)
    shown = stage(done, "x", "class", 1.0).spans
    assert [s.posture_title for s in shown if s.posture < 0][:3] == [
        BLOCK_KINDS["settle"].title,
        "Sit by the reeds",
        "",
    ]


@given(practices())
@settings(max_examples=30)
def test_every_decision_has_its_line(practice: tuple) -> None:
    session, here = practice
    done = work_out(session, here, talk)
    lines = cue_lines(done, session)
    assert [line.id for line in lines] == [d.cue.id for d in done.decisions]
    assert all((line.state == "left out") == (line.start_ms is None) for line in lines)


def test_the_facing_is_said_when_it_changes_and_own_words_go_first() -> None:
    passes = (
        over(),
        over(),
        over(facing="mirror"),
        over(facing="mirror", say="Once more"),
        over(facing="watch", voice="silent"),
    )
    done = work_out(Session(passes=passes), FORMS, talk)
    assert [d.cue.wordings[0].text for d in done.decisions if d.cue.kind in ("facing", "pass")] == [
        "My back is to you now. Follow along with me.",
        "I am facing you now, as in a mirror. Follow me.",
        "Once more",
    ]


def test_the_other_side_is_the_other_side_for_the_class_too() -> None:
    form = one_posture(Movement(line="Step left", left_pct=80), name="Reeds", side="L")
    done = work_out(Session(passes=(Pass(part=Part(form_id="f"), other_side=True),)), {"f": form}, talk)
    said = [d.text for d in done.decisions if d.cue.kind in ("name", "foot")]
    assert dict.fromkeys(said) == {"Reeds, right. Step right": None}
    assert done.heard.spans[1].left_to == 20


def test_a_posture_with_only_a_name_has_a_time_and_keeps_the_weight() -> None:
    a = Posture(id="a", name="Heron", movements=(Movement(line="Sit left", left_pct=90),))
    b, c = (
        Posture(id="b", name="Reeds"),
        Posture(id="c", name="Willow", movements=(Movement(line="Rise", left_pct=50),)),
    )
    form = Form(sections=(Section(postures=(a, b, c)),))
    one = Session(passes=(Pass(id="p", part=Part(form_id="f")),))
    moving = [s for s in plan(one, {"f": form}).spans if s.kind == "movement"]
    assert [(s.performance.posture.name, s.left_to) for s in moving if s.performance] == [
        ("Heron", 90),
        ("Reeds", 90),
        ("Willow", 50),
    ]
    alone = Session(passes=(Pass(id="p", part=Part(form_id="f", first="b", last="b")),))
    assert [s for s in plan(alone, {"f": form}).spans if s.kind == "movement"] == [], (
        "nothing is planned of names alone"
    )
