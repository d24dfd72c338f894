"""The cue desk: what could be said of each kind, choices about single cues, cures, the booth, cues as files."""

import csv
import io
import json

import pytest
from fpdf import FPDF
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.cues.save_wording import kept
from kemvo.core.cues.terms import in_terms
from kemvo.core.cues.wording import LEADS, led_in
from kemvo.core.errors import KemvoError
from kemvo.core.language.sides import side_words
from kemvo.core.model.form import Form, Movement, Phrase, Posture, Section, Wordings
from kemvo.core.model.session import Calls, CueChoice, OwnCue, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.interpretation import line_facts as heard_facts
from kemvo.core.movement.line_parts import portions, words_of
from kemvo.core.movement.readings import finished
from kemvo.core.practice.booth import booth, line_of_file
from kemvo.core.practice.cue_import import taken
from kemvo.core.practice.cue_rows import cue_rows
from kemvo.core.practice.cures import BETTER, cures
from kemvo.core.practice.desk import desk
from kemvo.core.practice.pipeline import Practice, work_out
from kemvo.core.tables.groups import STOP, Who
from kemvo.formats.paper.cue_pdf import write_cue_pdf
from kemvo.formats.tracks.cue_files import CUE_FILES
from kemvo.formats.tracks.cues_back import read_cues
from strategies import practices, talk

FORM = finished(
    Form(
        title="Reeds",
        tempo=30,
        who=Who(group="balance"),
        phrases=(Phrase(words="ball", instead="melon"),),
        sections=(
            Section(
                title="Arriving",
                postures=(
                    Posture(
                        id="a",
                        name="Part the reeds",
                        side="L",
                        movements=(
                            Movement(
                                line="Left heel steps to the corner, the hands hold a ball, the palm turns over last",
                                counts=6,
                                left_pct=10,
                            ),
                            Movement(line="Weight into the left leg, turn to the left corner", counts=4, left_pct=80),
                        ),
                    ),
                ),
            ),
            Section(
                title="Leaving",
                postures=(
                    Posture(
                        id="b",
                        name="Heron stands",
                        kinds=("one-leg",),
                        gentler="The toe stays on the floor",
                        cautions=("Keep a chair near.",),
                        movements=(Movement(line="Right knee lifts", counts=4, breath="in", left_pct=100),),
                    ),
                ),
            ),
        ),
    )
)
FORMS = {"f": FORM}


def session(*passes: Pass, **of: object) -> Session:
    return with_pass_ids(Session(passes=passes or (over(),), **of))


def over(**of: object) -> Pass:
    return Pass(part=Part(form_id="f"), **of)


def worked(s: Session) -> Practice:
    return work_out(s, FORMS, talk)


def said(s: Session, kind: str) -> list[str]:
    return [d.cue.wordings[0].text for d in worked(s).decisions if d.cue.kind == kind]


def test_a_line_is_told_in_its_parts_and_joined_where_that_is_shorter() -> None:
    m = FORM.postures()[0].movements[0]
    assert [(p.kind, words_of(m.line, p.start, p.end)) for p in portions(m)] == [
        ("foot", "Left heel steps to the corner"),
        ("hands", "The hands hold a ball"),
        ("late", "The palm turns over last"),
    ]
    done = worked(session())
    assert said(session(), "late") == ["The palm turns over last"]
    late = next(d for d in done.decisions if d.cue.kind == "late")
    first = next(d for d in done.decisions if d.cue.kind == "foot")
    span = done.heard.spans[first.cue.span]
    assert span.start_ms < late.end_ms <= span.end_ms
    together = next(d for d in done.decisions if d.together)
    assert done.sounds.count(next(x for x in done.sounds if x.text == together.text)) == 1


def test_every_kind_of_cue_is_there_when_it_is_called() -> None:
    calls = Calls(count=True, breath_words=True, minutes_left=(1,), reminders=("Shoulders low.", "Soft knees."))
    s = session(over(say="Once."), over(repeats=2, pause_before_ms=60_000), calls=calls)
    s = s.model_copy(update={"own_cues": (OwnCue(id="x", text="My own words", at_ms=500),)})
    kinds = {d.cue.kind for d in worked(s).decisions}
    assert kinds == {
        "pass", "facing", "section", "caution", "gentler", "name", "foot", "turn", "hands", "late", "breath", "count",
        "reminder", "time-left", "text",
    }  # fmt: skip
    assert said(s, "caution") == [STOP, "Keep a chair near"]
    assert said(s, "gentler") == ["Or gentler: the toe stays on the floor"] * 2
    assert said(s, "section") == ["Arriving", "Leaving"] * 3
    assert said(s, "reminder") == ["Shoulders low.", "Soft knees."]
    assert said(s, "time-left") == ["One minute left"]
    assert said(s, "count")[:6] == ["One", "Two", "Three", "Four", "Five", "Six"]


def test_counts_fall_on_their_beats() -> None:
    done = worked(session(over(voice="names"), calls=Calls(count=True)))
    for d in done.decisions:
        if d.cue.kind == "count" and d.start_ms is not None:
            assert abs(d.start_ms - d.cue.target_ms) <= 60


def test_the_tenth_time_does_not_say_the_same_sentence() -> None:
    lines = [t for t in said(session(over(repeats=10), calls=Calls(vary=True)), "foot") if "eight" in t]
    assert len(set(lines)) == len(lines) == 10
    assert len({led_in("Sit back", n) for n in range(len(LEADS))}) == len(LEADS)
    assert "And" not in said(session(over(repeats=3), calls=Calls(vary=False)), "turn")[-1]


def test_the_words_of_the_school_are_said_and_the_voice_may_say_them_otherwise() -> None:
    assert "The hands hold a melon" in said(session(), "hands")
    spoken = FORM.model_copy(update={"pronunciations": (Phrase(words="reeds", instead="reedz"),)})
    done = work_out(session(), {"f": spoken}, talk)
    sound = next(x for x in done.sounds if "reeds" in x.text)
    assert "reedz" in sound.spoken()
    assert in_terms("Ball and baller", (Phrase(words="ball", instead="melon"),)) == "Melon and baller"


@given(practices())
@settings(max_examples=40, deadline=None)
def test_no_cue_says_a_side_its_movement_does_not(practice: tuple) -> None:
    made, forms = practice
    done = work_out(made, forms, talk)
    for d in done.decisions:
        m = done.heard.spans[d.cue.span].movement
        if d.cue.kind in ("foot", "turn", "hands", "late") and m and m.line:
            allowed = {w.side for w in side_words(f"{m.line}. {m.foot}")} | {x.fact.side for x in heard_facts(m)}
            assert all({w.side for w in side_words(x.text)} <= allowed for x in d.cue.wordings)


# Choices


def foot_of(s: Session, no: int = 0):
    return [d for d in worked(s).decisions if d.cue.kind == "foot"][no]


def test_a_cue_can_be_reworded_pinned_left_out_and_insisted_on() -> None:
    s = session()
    d = foot_of(s, 1)

    def now(**choice: object):
        made = s.model_copy(update={"cue_choices": (CueChoice(cue=d.cue.id, **choice),)})
        return next((x for x in worked(made).decisions if x.cue.id == d.cue.id), None)

    assert now(text="Fill the left").text.startswith("Fill the left")
    assert now(pin_ms=-3210).start_ms == d.cue.target_ms - 3210
    assert now(said=False) is None
    assert now(said=True).cue.must


def test_choices_keep_their_cue_when_the_session_changes() -> None:
    s = session()
    d = foot_of(s, 1)
    chosen = s.model_copy(update={"cue_choices": (CueChoice(cue=d.cue.id, text="Fill the left"),)})
    before = Pass(id="new", kind="rest", part=Part(form_id=""), still_ms=20_000)
    later = chosen.model_copy(update={"passes": (before, *chosen.passes)})
    slower = chosen.model_copy(update={"passes": tuple(p.model_copy(update={"tempo": 20}) for p in chosen.passes)})
    for changed in (later, slower):
        assert any(x.text.startswith("Fill the left") for x in worked(changed).decisions)


def test_sparse_says_less_than_full_and_a_ceiling_is_kept() -> None:
    shares = [desk(worked(session(fullness=n)), session(fullness=n)).share_pct for n in (0, 40, 70, 100)]
    assert shares == sorted(shares)
    assert shares[0] < shares[-1]
    capped = session(over(talk_pct=15))
    talked = desk(worked(capped), capped).passes[0]
    assert talked.kept
    assert talked.share_pct <= 15 < desk(worked(session()), session()).passes[0].share_pct
    assert talked.words_a_minute > 0


def test_words_are_kept_in_the_form_for_the_movement_or_wherever_they_come() -> None:
    s = session(over(other_side=True))
    done = worked(s)
    d = next(d for d in done.decisions if d.cue.kind == "foot" and "heel" in d.cue.wordings[0].text)
    span = done.timeline.spans[d.cue.span]
    form = kept(FORM, d.cue, span, "Right heel lands softly", "movement")
    assert form.postures()[0].movements[0].cues == Wordings(
        full="Left heel lands softly, the hands hold a ball, the palm turns over last"
    )
    form = kept(FORM, d.cue, span, "Right heel lands softly", "phrase")
    assert form.phrases[-1] == Phrase(words="Right heel steps to the corner", instead="Right heel lands softly")
    name = next(d for d in done.decisions if d.cue.kind == "name")
    with pytest.raises(KemvoError):
        kept(FORM, name.cue, done.timeline.spans[name.cue.span], "Reeds", "movement")


# Cures


@pytest.mark.parametrize("tempo", [60, 80, 120])
def test_every_cure_that_is_offered_lets_the_cue_be_said_better(tempo: float) -> None:
    s = session(over(tempo=tempo, pause_before_ms=2000))
    before = {d.cue.id: d for d in worked(s).decisions}
    tried = 0
    for d in before.values():
        if d.state == "full":
            continue
        for cure in cures(s, FORMS, talk, d.cue.id):
            tried += 1
            after = next(x for x in worked(cure.session).decisions if x.cue.id == d.cue.id)
            assert BETTER[after.state] > BETTER[d.state], cure.says
    assert tried


def test_a_cue_said_in_full_needs_no_cure_and_one_that_is_gone_has_none() -> None:
    assert cures(session(), FORMS, talk, foot_of(session(), 1).cue.id) == []
    with pytest.raises(KemvoError):
        cures(session(), FORMS, talk, "gone")


# The booth and files


def test_the_booth_lists_every_line_once_with_the_time_it_may_take() -> None:
    done = worked(session(over(repeats=2, voice="names")))
    lines = booth(done, {"Heron stands": 1})
    assert len({x.text for x in lines}) == len(lines)
    assert all(x.may_ms >= x.now_ms for x in lines)
    heron = next(x for x in lines if x.text == "Heron stands")
    assert (heron.times, heron.own) == (2, True)
    assert line_of_file("07 - Heron stands.wav", lines) == heron
    assert line_of_file("nothing.wav", lines) is None


@given(practices(), st.sampled_from(["captions", "subrip", "table", "labels", "sheet", "pdf"]))
@settings(max_examples=60, deadline=None)
def test_what_is_written_is_read_again_with_nothing_changed(practice: tuple, kind: str) -> None:
    made, forms = practice
    done = work_out(made, forms, talk)
    if kind == "pdf":
        name, data = "x.pdf", write_cue_pdf("A", cue_rows(done), "class", CUE_FILES["table"].write(done))
    else:
        name, data = f"x.{CUE_FILES[kind].ending}", CUE_FILES[kind].write(done).encode()
    if not any(d.speaks() for d in done.decisions):
        with pytest.raises(KemvoError):
            read_cues(data, name)
        return
    back = taken(read_cues(data, name), done, made, True)
    assert back.session == made, back.says
    assert back.same == sum(d.speaks() for d in done.decisions)


def test_other_words_other_times_new_lines_and_lines_left_out_are_taken_over() -> None:
    s = session(over(pause_before_ms=20_000))
    done = worked(s)
    spoken = sorted((d for d in done.decisions if d.speaks()), key=lambda d: d.start_ms)
    lines = read_cues(CUE_FILES["subrip"].write(done).encode(), "x.srt")
    changed = [lines[0]._replace(text=lines[0].text + " please"), *lines[1:3]]
    changed += [
        lines[3]._replace(start_ms=lines[3].start_ms - 100),
        *lines[4:-1],
        lines[0]._replace(text="Quite another thing", start_ms=50_000),
    ]
    back = taken(changed, done, s, True)
    assert (back.reworded, back.moved, back.own, back.left_out) == (1, 1, 1, 1)
    again = worked(back.session)
    heard = [d.text for d in again.decisions if d.speaks()]
    assert spoken[0].text + " please" in heard
    assert "Quite another thing" in heard
    assert spoken[-1].text not in heard
    kept_on = taken(changed, done, s, False)
    assert kept_on.left_out == 0


@pytest.mark.parametrize(
    ("name", "text", "says"),
    [
        ("x.doc", "", "no cues from"),
        ("x.srt", "nothing here", "no cues with times"),
        ("x.csv", "a,b\n1,2\n", "no columns"),
        ("x.csv", "start,text\nsoon,Sit\n", "is no time"),
        ("x.txt", "abc\tdef\tghi\n", "is no time"),
        ("x.pdf", "%PDF-1.4 nothing", "cannot be read"),
        ("x.chapters.vtt", "WEBVTT\n\n00:00.000 --> 00:01.000\nOpening\n", "hold nothing that is said"),
    ],
)
def test_a_file_that_cannot_be_taken_says_why(name: str, text: str, says: str) -> None:
    with pytest.raises(KemvoError, match=says):
        read_cues(text.encode(), name)


def test_a_pdf_of_another_kind_is_no_cue_sheet() -> None:
    other = FPDF()
    other.add_page()
    with pytest.raises(KemvoError, match="no cue sheet"):
        read_cues(bytes(other.output()), "x.pdf")
    with pytest.raises(KemvoError, match="not UTF-8"):
        read_cues(b"\xff\xfe\x00", "x.txt")


def test_files_of_what_is_said_hold_what_they_should() -> None:
    done = worked(session(over(facing="mirror")))
    rows = list(csv.DictReader(io.StringIO(CUE_FILES["table"].write(done))))
    assert any("Left heel" in r["text"] and "Right heel" in r["you_do"] for r in rows)
    track = CUE_FILES["metadata"].write(done)
    payloads = [json.loads(x) for x in track.splitlines() if x.startswith("{")]
    assert {"left_from", "left_to", "breath"} <= payloads[1].keys()
    assert "Part the reeds, left" in CUE_FILES["chapters"].write(done)
    assert "Part the reeds" in CUE_FILES["sheet"].write(done)
    assert write_cue_pdf("Reeds", cue_rows(done), "instructor", "start_ms,text\n")[:5] == b"%PDF-"
    assert (
        write_cue_pdf("", cue_rows(worked(session(over(voice="silent")))), "class", "start_ms,text\n")[:5] == b"%PDF-"
    )
