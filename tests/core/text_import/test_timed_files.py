"""What Kemvo writes of a timeline is read as a form again, with nothing lost that the file can hold."""

from __future__ import annotations

import io
from fractions import Fraction

import mido
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form, Movement, Section
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.practice.pipeline import work_out
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.core.timing.timeline import plan
from kemvo.formats.texts.scripts import script_entries
from kemvo.formats.tracks.cue_files import CUE_FILES
from kemvo.formats.tracks.midi import left_of_pan, pan_of_left, write_midi
from strategies import forms, one_posture, practices, talk


def once(form: Form) -> Session:
    """One pass over the form, with neither pause nor turn."""
    return with_pass_ids(Session(passes=(Pass(part=Part(form_id="a"), pause_before_ms=0, pause_after_ms=0),)))


def read_back(data: bytes, name: str) -> Form:
    """The form a file is read as."""
    return draft(read_script(script_entries(data, name)), (), "read").form


def done(form: Form) -> list[tuple[str, list[Movement]]]:
    """The postures of a form as they are done, each with its movements."""
    plan_ = plan(once(form), {"a": form})
    out: list[tuple[str, list[Movement]]] = []
    for s in plan_.spans:
        if s.kind == "movement" and s.performance and s.movement:
            if s.movement_no == 0:
                out.append((s.performance.posture.title(), []))
            out[-1][1].append(s.movement)
    return out


def as_read(form: Form) -> list[tuple[str, list[Movement]]]:
    """The postures of a form that was read."""
    return [(p.title(), list(p.movements)) for p in form.postures() if p.movements]


def with_words(form: Form) -> Form:
    """The form whose lines have no spaces at their ends, as files keep them."""
    sections = []
    for s in form.sections:
        postures = [
            p.model_copy(
                update={"movements": tuple(m.model_copy(update={"line": m.line.strip()}) for m in p.movements)}
            )
            for p in s.postures
        ]
        sections.append(Section(id=s.id, title=s.title, postures=tuple(postures)))
    return form.model_copy(update={"sections": tuple(sections)})


def kept(m: Movement) -> tuple[str, int, str, int]:
    return m.line, m.left_pct, m.breath, m.hold_ms


@settings(max_examples=40)
@given(forms)
def test_a_metadata_track_is_the_form_again(form: Form) -> None:
    form = with_words(form)
    practice = work_out(once(form), {"a": form}, talk, 1.0)
    back = as_read(read_back(CUE_FILES["metadata"].write(practice).encode(), "x.metadata.vtt"))
    wanted = done(form)
    assert [t for t, _ in back] == [t for t, _ in wanted]
    for (_, here), (_, there) in zip(back, wanted, strict=True):
        assert [kept(m) for m in here] == [kept(m) for m in there]
        assert [m.counts for m in here] == [m.counts for m in there]


@settings(max_examples=40)
@given(forms)
def test_a_midi_file_is_the_form_again(form: Form) -> None:
    form = with_words(form)
    wanted = done(form)
    if not wanted:
        return
    back = as_read(read_back(write_midi(plan(once(form), {"a": form})), "x.mid"))
    assert [t for t, _ in back] == [t for t, _ in wanted]
    for (_, here), (_, there) in zip(back, wanted, strict=True):
        assert [kept(m)[:3] for m in here] == [kept(m)[:3] for m in there]
        assert [m.hold_ms for m in here] == pytest.approx([m.hold_ms for m in there], abs=2)
        assert [m.counts for m in here] == pytest.approx([m.counts for m in there], abs=0.002)


@settings(max_examples=30)
@given(practices())
def test_every_pass_of_a_session_is_a_section(made: tuple[Session, dict[str, Form]]) -> None:
    session, here = made
    timeline = plan(session, here)
    passes = [s.round for s in timeline.spans if s.kind == "movement"]
    titles = [leg.title for leg, before in zip(passes, [None, *passes], strict=False) if leg != before]
    for data, name in (
        (write_midi(timeline), "x.mid"),
        (CUE_FILES["metadata"].write(work_out(session, here, talk, 1.0)).encode(), "x.metadata.vtt"),
    ):
        if titles:
            found = read_back(data, name)
            assert [s.title for s in found.sections if s.postures] == [t.strip() for t in titles]


@given(st.integers(0, 100))
def test_the_weight_survives_as_a_pan(left: int) -> None:
    assert left_of_pan(pan_of_left(left)) == left


def test_words_in_any_script_survive() -> None:
    form = one_posture(Movement(line="Lǎn què wěi – “grasp”, 攬雀尾"), name="Grasp 雀")
    for data, name in (
        (write_midi(plan(once(form), {"a": form})), "x.mid"),
        (CUE_FILES["metadata"].write(work_out(once(form), {"a": form}, talk, 1.0)).encode(), "m.vtt"),
    ):
        ((title, (movement,)),) = as_read(read_back(data, name))
        assert (title, movement.line) == ("Grasp 雀", "Lǎn què wěi – “grasp”, 攬雀尾")


def test_chapters_become_postures_of_their_length() -> None:
    text = "WEBVTT\n\n00:00.000 --> 00:08.000\nHeron &amp; reed\n\n2\n00:08.000 --> 00:20.000\nMarsh wind, left\n"
    found = read_back(text.encode(), "x.chapters.vtt").postures()
    assert [(p.title(), p.movements[0].counts) for p in found] == [("Heron & reed", 4.0), ("Marsh wind, left", 6.0)]


def test_markers_of_another_program_become_postures() -> None:
    file = mido.MidiFile(ticks_per_beat=480)
    track = mido.MidiTrack()
    file.tracks.append(track)
    track += [
        mido.MetaMessage("set_tempo", tempo=mido.bpm2tempo(60)),
        mido.MetaMessage("marker", text="Opening"),
        mido.MetaMessage("marker", text="Heron stands", time=480 * 4),
        mido.MetaMessage("lyrics", text="Left foot steps out", time=0),
        mido.MetaMessage("lyrics", text="Weight to the left", time=480 * 2),
        mido.MetaMessage("end_of_track", time=480 * 3),
    ]
    out = io.BytesIO()
    file.save(file=out)
    found = read_back(out.getvalue(), "x.midi").postures()
    assert [(p.name, [(m.line, m.counts) for m in p.movements]) for p in found] == [
        ("Opening", [("", 4.0)]),
        ("Heron stands", [("Left foot steps out", 2.0), ("Weight to the left", 3.0)]),
    ]
    assert found[1].movements[1].left_pct > 50, "what the words say is read, as no weight was given"


@pytest.mark.parametrize(
    ("data", "name"),
    [
        (b"MThd", "x.mid"),
        (b"no midi at all", "x.midi"),
        (b"", "x.mid"),
        (b'WEBVTT\n\n00:00.000 --> 00:01.000\n{"kind": "movement", "left_to": 3\n', "x.vtt"),
        (b'WEBVTT\n\n00:00.000 --> 00:01.000\n{"kind": "movement", "left_to": 300}\n', "x.vtt"),
        (b'WEBVTT\n\n00:00.000 --> 00:01.000\n{"kind": "movement", "left_to": 3, "counts": "many"}\n', "x.vtt"),
        (b'WEBVTT\n\n00:00.000 --> 00:01.000\n{"kind": "movement", "left_to": 3, "counts": NaN}\n', "x.vtt"),
    ],
)
def test_damaged_files_are_told_of(data: bytes, name: str) -> None:
    with pytest.raises(KemvoError) as told:
        read_back(data, name)
    assert told.value.problems[0].mend


def test_a_midi_file_without_words_is_told_of() -> None:
    file = mido.MidiFile()
    file.tracks.append(mido.MidiTrack([mido.MetaMessage("end_of_track", time=Fraction(10).numerator)]))
    out = io.BytesIO()
    file.save(file=out)
    with pytest.raises(KemvoError, match="neither words nor markers"):
        read_back(out.getvalue(), "x.mid")


@pytest.mark.parametrize("encoding", ["utf-8", "utf-8-sig", "utf-16", "utf-16-le", "utf-16-be"])
def test_a_text_in_any_usual_unicode_is_read(encoding: str) -> None:
    """UTF-16 is known by the mark it begins with, as editors on some systems write it (Unicode Standard, section 23.8)."""
    mark = {"utf-16-le": "﻿", "utf-16-be": "﻿"}.get(encoding, "")
    entries = script_entries((mark + "Step left – élan\nshift right").encode(encoding), "lesson.txt")
    assert [e.text for e in entries] == ["Step left – élan", "shift right"]
