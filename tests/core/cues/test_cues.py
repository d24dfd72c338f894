"""What is said and when: laws of wordings, cues and the schedule, and worked examples."""

import itertools

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.cues.candidates import Candidates, candidates
from kemvo.core.cues.decisions import GAP_MS, decide
from kemvo.core.cues.kinds import CUE_KINDS, Cue
from kemvo.core.cues.wording import Wording, sayable, shortened, wordings_of
from kemvo.core.language.numbers import number_word
from kemvo.core.language.sides import side_words
from kemvo.core.model.form import Movement, Posture, Wordings
from kemvo.core.model.session import Part, Pass, Session
from kemvo.core.practice.pipeline import work_out
from kemvo.core.practice.soundtrack import quiet_times, sounds
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.timeline import plan
from kemvo.core.views.stage import stage
from strategies import movements, one_posture, practices, talk


@given(practices())
@settings(max_examples=60)
def test_nobody_says_two_things_at_once_and_every_cue_is_over_before_its_moment(practice: tuple) -> None:
    session, here = practice
    done = work_out(session, here, talk)
    cues = candidates(done.heard, done.breaths, session, here).cues
    assert sorted(d.cue.id for d in done.decisions) == sorted(c.id for c in cues), "a cue was lost"
    assert len({c.id for c in cues}) == len(cues), "two cues have one name"
    said = [d for d in done.decisions if d.speaks()]
    for a, b in itertools.pairwise(said):
        assert a.end_ms + GAP_MS <= b.start_ms
    for d in said:
        assert d.end_ms <= d.cue.due_ms
        if d.cue.kind in ("pass", "facing", "name", "foot", "breath"):
            assert d.end_ms + CUE_KINDS[d.cue.kind].space_ms <= d.cue.target_ms
        assert d.start_ms >= d.cue.opens_ms
        assert d.end_ms - d.start_ms == 60 * len(d.text)
    for d in done.decisions:
        assert (d.state == "full") == (d.reason == "")
        assert (d.state == "left out") == (d.text == "")


@given(practices())
@settings(max_examples=40)
def test_blocked_times_stay_silent(practice: tuple) -> None:
    session, here = practice
    done = work_out(session, here, talk)
    for start, end in quiet_times(done.heard, session.sound):
        for d in done.decisions:
            assert d.start_ms is None or d.end_ms <= start or d.start_ms >= end


LENGTHS = ("full", "short", "keyword")


def cue(no: int, target: int, opens: int, *texts: str, kind: str = "foot") -> Cue:
    return Cue(f"c{no}", kind, target, opens, target, tuple(map(Wording, LENGTHS, texts)), 0)


def decided(cues: list[Cue], lengths: dict[str, int]) -> list:
    return decide(Candidates(cues, []), lengths).decisions


def test_the_next_shorter_wording_is_said_when_the_long_one_does_not_fit() -> None:
    lengths = {"Left heel steps to the corner": 2900, "Left heel": 900}
    long = Wording("full", "Left heel steps to the corner")
    tight = Cue("a", "foot", 2000, 400, 1750, (long, Wording("keyword", "Left heel")), 0)
    (decision,) = decided([tight], lengths)
    assert (decision.state, decision.text, decision.start_ms) == ("shorter", "Left heel", 850)
    assert decision.reason == "The full wording needs 2.9 s; 1.4 s free before the movement."


def test_what_does_not_fit_at_all_is_left_out_and_says_why() -> None:
    tight = Cue("a", "foot", 1000, 0, 750, (Wording("full", "Sit back"),), 0)
    (decision,) = decided([tight], {"Sit back": 1200})
    assert (decision.state, decision.start_ms) == ("left out", None)
    assert decision.reason == "Needs 1.2 s; 0.8 s free before the movement."


def test_two_key_words_are_better_than_one_sentence() -> None:
    lengths = {"a long sentence": 2000, "key": 600, "word": 600}
    first = cue(0, 2000, 0, "a long sentence", "-", "key")
    second = cue(1, 2400, 800, "a long sentence", "-", "word")
    assert [d.text for d in decided([first, second], lengths | {"-": 5000})] == ["key", "word"]


VOICE_KINDS = {
    "full": {"caution", "facing", "name", "foot", "hands", "late"},
    "short": {"caution", "facing", "name", "foot"},
    "names": {"caution", "facing", "name"},
    "breath": {"caution", "facing", "breath"},
    "silent": set(),
}


@pytest.mark.parametrize(("voice", "kinds"), VOICE_KINDS.items())
def test_each_voice_level_says_its_kinds(voice: str, kinds: set[str]) -> None:
    line = "Left foot steps out, the hands rise, the palms turn over last"
    form = one_posture(Movement(line=line, breath="in"), Movement(line="Rise", breath="out"), name="Heron")
    session = Session(passes=(Pass(part=Part(form_id="f"), voice=voice),))
    assert {c.kind for c in candidates(*_laid(session, {"f": form}), session, {"f": form}).cues} == kinds
    tones = [
        s.kind
        for s in sounds(plan(session, {"f": form}), session.sound, [], _laid(session, {"f": form})[1])
        if s.kind.startswith("breath")
    ]
    assert tones == ([] if voice == "silent" else ["breath-in", "breath-out"])


def test_names_are_called_with_number_and_two_of_three() -> None:
    form = one_posture(Movement(line="Sink"), name="Clouds", number="6", side="L", repeats=3)
    session = Session(passes=(Pass(part=Part(form_id="f"), voice="names"),))
    done = work_out(session, {"f": form}, lambda texts: dict.fromkeys(texts, 500))
    names = [d.text for d in done.decisions if d.cue.kind == "name"]
    assert names == [
        "Number 6. Clouds, left, one of three",
        "Clouds, left, two of three",
        "Clouds, left, three of three",
    ]


def test_a_mirrored_pass_says_the_class_its_own_side_and_shows_the_instructor_the_other() -> None:
    form = one_posture(Movement(line="Step with the left foot", left_pct=100), name="Reeds", side="L")
    session = Session(passes=(Pass(part=Part(form_id="f"), facing="mirror"),))
    done = work_out(session, {"f": form}, talk)
    assert "Reeds, left. Step with the left foot" in [d.text for d in done.decisions]
    shown = {v: stage(done, "", v, 1).spans[1] for v in ("class", "instructor", "turned")}
    assert (shown["class"].line, shown["class"].left_to) == ("Step with the left foot", 100)
    assert (shown["instructor"].line, shown["instructor"].left_to) == ("Step with the right foot", 0)
    assert shown["instructor"].posture_title == "Reeds, right"
    assert shown["turned"] == shown["instructor"]


@given(movements, st.integers(0, 100))
def test_no_wording_says_a_side_the_line_does_not(m: Movement, before: int) -> None:
    wordings = wordings_of(m, before)
    assert len({w.text for w in wordings}) == len(wordings)
    if m.line:
        sides = {w.side for w in side_words(m.line)}
        assert all({s.side for s in side_words(w.text)} <= sides for w in wordings)


@pytest.mark.parametrize(
    ("line", "short"),
    [
        ("Push", "Push"),
        ("Let the weight spread until it is even", "Let weight spread"),
        ("Both palms press forward to the height of the shoulders", "Palms press forward"),
        ("The hands float up, soft and slow", "Hands float up"),
    ],
)
def test_what_has_no_essential_is_cut_to_what_is_done(line: str, short: str) -> None:
    assert shortened(line) == short


def test_own_words_go_first_and_facts_speak_where_there_are_no_words() -> None:
    own = Movement(line="Left heel steps out", cues=Wordings(short="Heel out", keyword="Heel"))
    assert [w.text for w in wordings_of(own, 50)] == ["Left heel steps out", "Heel out", "Heel"]
    assert wordings_of(Movement(left_pct=100), 50)[0].text == "All the weight into the left"
    assert wordings_of(Movement(left_pct=50), 50) == ()


def test_texts_are_made_sayable() -> None:
    assert sayable("  L toes 45°, 70 % — ") == "left toes 45 degrees, 70 percent"
    assert sayable("…") == ""
    assert [number_word(n) for n in (0, 13, 21, 40, 108)] == ["zero", "thirteen", "twenty-one", "forty", "108"]


def test_an_unnamed_posture_and_an_empty_session_are_no_trouble() -> None:
    empty = work_out(Session(), {}, talk)
    assert (empty.heard.total_ms, empty.sounds, stage(empty, "", "class", 1).spans) == (0, [], ())
    form = one_posture(Movement(line="Sink"))
    assert Posture().movements == ()
    done = work_out(Session(passes=(Pass(part=Part(form_id="f")),)), {"f": form}, talk)
    assert [d.cue.kind for d in done.decisions] == ["facing", "caution", "foot"]


def _laid(session: Session, here: dict) -> tuple:
    timeline = plan(session, here)
    return timeline, breaths_of(timeline, session, here)
