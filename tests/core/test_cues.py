"""What is said and when: laws of wordings, cues and the schedule, and worked examples."""

import itertools

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.breathed import breaths_of
from kemvo.core.cues import KINDS, Cue, candidates
from kemvo.core.form import Movement, Posture, Wordings
from kemvo.core.practice import work_out
from kemvo.core.schedule import GAP_MS, schedule
from kemvo.core.session import Part, Pass, Session
from kemvo.core.sides import side_words
from kemvo.core.sound import quiet_times, sounds
from kemvo.core.stage import stage
from kemvo.core.timeline import plan
from kemvo.core.wording import Wording, keyword_of, number_word, sayable, shortened, wordings_of
from strategies import movements, one_posture, practices, talk


@given(practices())
@settings(max_examples=60)
def test_nobody_says_two_things_at_once_and_every_cue_is_over_before_its_moment(practice: tuple) -> None:
    session, here = practice
    done = work_out(session, here, talk)
    cues = candidates(done.timeline, done.breaths)
    assert sorted(d.cue.id for d in done.decisions) == sorted(c.id for c in cues), "a cue was lost"
    said = [d for d in done.decisions if d.start_ms is not None]
    for a, b in itertools.pairwise(said):
        assert a.end_ms + GAP_MS <= b.start_ms
    for d in said:
        assert d.end_ms + KINDS[d.cue.kind].space_ms <= d.cue.target_ms
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
    for start, end in quiet_times(done.timeline, session.sound):
        for d in done.decisions:
            assert d.start_ms is None or d.end_ms <= start or d.start_ms >= end


def cue(no: int, target: int, opens: int, *texts: str, kind: str = "movement") -> Cue:
    lengths = ("full", "short", "keyword")
    return Cue(f"c{no}", kind, target, opens, target, tuple(map(Wording, lengths, texts)), no)


small_cues = st.lists(
    st.tuples(st.integers(0, 60), st.integers(0, 40), st.lists(st.integers(1, 30), min_size=1, max_size=3)), max_size=5
).map(
    lambda rows: [
        cue(i, 100 * t, max(0, 100 * (t - lead)), *["x" * n for n in sorted(ms, reverse=True)])
        for i, (t, lead, ms) in enumerate(rows)
    ]
)


def worth_of(decisions: list) -> int:
    return sum(
        next(d.cue.worth(i) for i, w in enumerate(d.cue.wordings) if w.text == d.text) for d in decisions if d.text
    )


def best_by_trying(cues: list[Cue], lengths: dict[str, int], walls: list[tuple[int, int]]) -> int:
    """Every choice of wordings in the order of the cues, each as early as it can be: the greatest worth."""
    order = sorted(cues, key=lambda c: (c.due_ms, c.target_ms, KINDS[c.kind].rank, c.id))
    best = 0
    for choice in itertools.product(*[range(-1, len(c.wordings)) for c in order]):
        at, worth = -GAP_MS, 0
        for c, w in zip(order, choice, strict=True):
            if w < 0:
                continue
            ms = lengths[c.wordings[w].text]
            start = max(c.opens_ms, at + GAP_MS)
            moved = True
            while moved:
                moved = False
                for a, b in walls:
                    if start < b and start + ms > a:
                        start, moved = b, True
            if start + ms > c.due_ms:
                break
            at, worth = start + ms, worth + c.worth(w)
        else:
            best = max(best, worth)
    return best


@given(small_cues, st.lists(st.tuples(st.integers(0, 6000), st.integers(1, 900)), max_size=2))
def test_the_schedule_is_worth_as_much_as_the_best_found_by_trying_all(cues: list[Cue], blocked: list) -> None:
    walls = [(a, a + ms) for a, ms in blocked]
    lengths = {w.text: 100 * len(w.text) for c in cues for w in c.wordings}
    assert worth_of(schedule(cues, lengths, walls)) == best_by_trying(cues, lengths, walls)


@given(small_cues, st.randoms())
def test_the_order_of_input_does_not_matter(cues: list[Cue], random: object) -> None:
    lengths = {w.text: 100 * len(w.text) for c in cues for w in c.wordings}
    shuffled = list(cues)
    random.shuffle(shuffled)
    assert schedule(cues, lengths) == schedule(shuffled, lengths)


def test_the_next_shorter_wording_is_said_when_the_long_one_does_not_fit() -> None:
    lengths = {"Left heel steps to the corner": 2900, "Left heel": 900}
    long = Wording("full", "Left heel steps to the corner")
    tight = Cue("a", "movement", 2000, 400, 1750, (long, Wording("keyword", "Left heel")), 0)
    (decision,) = schedule([tight], lengths)
    assert (decision.state, decision.text, decision.start_ms) == ("shorter", "Left heel", 850)
    assert decision.reason == "The full wording needs 2.9 s; 1.4 s free before the movement."


def test_what_does_not_fit_at_all_is_left_out_and_says_why() -> None:
    tight = Cue("a", "movement", 1000, 0, 750, (Wording("full", "Sit back"),), 0)
    (decision,) = schedule([tight], {"Sit back": 1200})
    assert (decision.state, decision.start_ms) == ("left out", None)
    assert decision.reason == "Needs 1.2 s; 0.8 s free before the movement."


def test_two_key_words_are_better_than_one_sentence() -> None:
    lengths = {"a long sentence": 2000, "key": 600, "word": 600}
    first = cue(0, 2000, 0, "a long sentence", "-", "key")
    second = cue(1, 2400, 800, "a long sentence", "-", "word")
    assert [d.text for d in schedule([first, second], lengths | {"-": 5000})] == ["key", "word"]


VOICE_KINDS = {
    "full": {"pass", "name", "movement"},
    "short": {"pass", "name", "movement"},
    "names": {"pass", "name"},
    "breath": {"pass", "breath"},
    "silent": set(),
}


@pytest.mark.parametrize(("voice", "kinds"), VOICE_KINDS.items())
def test_each_voice_level_says_its_kinds(voice: str, kinds: set[str]) -> None:
    form = one_posture(Movement(line="Sink", breath="in"), Movement(line="Rise", breath="out"), name="Heron")
    session = Session(passes=(Pass(part=Part(form_id="f"), voice=voice),))
    assert {c.kind for c in candidates(*_laid(session, {"f": form}))} == kinds
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
    assert "Reeds, left" in [d.text for d in done.decisions]
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
    ("line", "short", "key"),
    [
        ("Left foot steps out to shoulder width", "Left foot steps out", "Left foot"),
        ("Turn left a little, into the left leg", "Turn left a little", "Turn left"),
        ("Sit into the right leg, hold the ball", "Sit into right leg", "Right leg"),
        ("Push", "Push", "Push"),
        ("Let the weight spread until it is even", "Let weight spread", "Let weight"),
    ],
)
def test_shortening_by_example(line: str, short: str, key: str) -> None:
    assert (shortened(line), keyword_of(shortened(line))) == (short, key)


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
    assert (empty.timeline.total_ms, empty.sounds, stage(empty, "", "class", 1).spans) == (0, [], ())
    form = one_posture(Movement(line="Sink"))
    assert Posture().movements == ()
    done = work_out(Session(passes=(Pass(part=Part(form_id="f")),)), {"f": form}, talk)
    assert [d.cue.kind for d in done.decisions] == ["pass", "movement"]


def _laid(session: Session, here: dict) -> tuple:
    timeline = plan(session, here)
    return timeline, breaths_of(timeline, session, here)
