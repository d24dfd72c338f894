"""The job of recordings without pages: a session filmed by the stand-in studio, marks put into a recording, the recording given
back with its voice."""

from __future__ import annotations

from pathlib import Path
from typing import NamedTuple

from kemvo.cli.main_job import OpenedSession
from kemvo.core.practice.recorded import RecordedPractice, work_out_recording
from kemvo.core.recording.calls import marks_from
from kemvo.core.recording.model import Does, Filmed, Media, Recording, with_marks
from kemvo.core.recording.performed import performances_of
from kemvo.core.recording.recorded_timeline import done_in, frozen, planned
from kemvo.core.recording.slips_found import by_moments, not_called, postures_planned
from kemvo.core.recording.taps import HAND_MS, marks_from_taps
from kemvo.core.timing.timeline import chapters
from kemvo.film.give_back import ExportOptions, captions_of, give_back
from kemvo.film.probe import Report, probe
from kemvo.film.studio import Studio, film
from kemvo.film.tracks import Caption
from kemvo.formats.documents.marks_json import read_marks, read_slips, read_taps, write_marks
from kemvo.formats.text import MOST_TEXT_BYTES, bounded, decoded
from kemvo.formats.texts.script_captions import timed_texts
from kemvo.formats.tracks.captions import write_captions


def shoot(opened: OpenedSession, out: Path, how: Studio, slips: Path | None, truth: Path | None, report: Report) -> str:
    """Film a session, and write what is true of it. Answers with a sentence."""
    places = planned(opened.session, opened.forms)
    if slips:
        how = how._replace(slips=read_slips(slips.read_bytes(), slips.name, places))
    made = film(opened.session, opened.forms, opened.clips(), out, how, report)
    if truth:
        recording = made.truth.recording.model_copy(update={"media": probe(out)})
        truth.write_text(write_marks(recording, places, made.said), encoding="utf-8")
    done = len(made.truth.recording.marks)
    return f"{out}: {made.truth.recording.media.ms / 1000:.1f} s, {done} true moments, {len(made.said)} told."


class Marked(NamedTuple):
    """A recording with its marks, what is to be told, and the text of its file of marks."""

    recording: Recording
    remarks: list[str]
    text: str


def mark(opened: OpenedSession, path: Path, captions: Path | None, taps: Path | None, hand_ms: int | None) -> Marked:
    """Mark a recording by captions and taps; what neither tells follows from the plan."""
    media = probe(path)
    session, forms = opened.session, opened.forms
    remarks = list(media.notes)
    recording = Recording(title=session.title, media=media, frozen=frozen(session, forms))
    places = planned(session, forms)
    if captions:
        texts = timed_texts(_text(captions), captions.name)
        heard = marks_from(texts, places)
        remarks.append(f"{heard.found} of {heard.texts} captions found their movement.")
        recording = recording.model_copy(
            update={"marks": tuple(heard.marks), "left_out": not_called(heard.marks, places)}
        )
    if taps:
        moments = read_taps(_text(taps), taps.name)
        if all(t.kind == "posture" for t in moments):
            slips = by_moments([t.at_ms for t in moments], postures_planned(places))
            recording = recording.model_copy(update={"left_out": slips.left_out, "again": slips.again})
        tapped = marks_from_taps(moments, done_in(recording, session, forms), HAND_MS if hand_ms is None else hand_ms)
        if tapped.over:
            remarks.append(f"{tapped.over} taps came after the last posture and landed on none.")
        recording = with_marks(recording, tapped.marks)
    titles = {name: p.posture.title() for name, p in performances_of(places)}
    remarks += [f"“{titles[k]}” seems to be left out." for k in recording.left_out]
    remarks += [f"“{titles[a.performance]}” seems to be done {a.times} times." for a in recording.again]
    if not recording.marks:
        remarks.append("Without taps or captions the plan is laid over the whole recording.")
    return Marked(recording, remarks, write_marks(recording, places))


def _text(path: Path) -> str:
    with path.open("rb") as file:
        return decoded(bounded(file, path.name, MOST_TEXT_BYTES), path.name)


class Voiced(NamedTuple):
    """A recording worked out with its voice, and what is to be told."""

    media: Media
    made: RecordedPractice
    remarks: list[str]

    def captions(self) -> list[Caption]:
        """What is said, with its times."""
        return captions_of(self.made.practice.sounds)


def voiced(
    opened: OpenedSession, path: Path, marks: Path, does: Does | None = None, turned_over: bool = False
) -> Voiced:
    """A marked recording with its cues. `does`: how it was filmed (None: as the session has the instructor stand); `turned_over`: its
    picture shows left as right."""
    media = probe(path)
    places = planned(opened.session, opened.forms)
    recording, remarks = read_marks(marks.read_bytes(), marks.name, places, media)
    recording = recording.model_copy(
        update={
            "title": opened.session.title,
            "sound": opened.session.sound.model_copy(update={"breath_tones": False, "chime": False}),
            "fullness": opened.session.fullness,
            "cue_choices": opened.session.cue_choices,
            "turned_over": turned_over,
            "filmed": tuple(Filmed(pass_id=p.id, does=does) for p in opened.session.passes) if does else (),
        }
    )
    made = work_out_recording(recording, opened.session, opened.forms, opened.clips().measure)
    return Voiced(media, made, [*media.notes, *remarks])


def write_voiced(
    job: Voiced, opened: OpenedSession, path: Path, out: Path, voice_only: bool, report: Report
) -> list[Path]:
    """Give a recording back with its voice, captions beside it. Answers with the files that were written."""
    practice = job.made.practice
    wish = ExportOptions(
        practice.sounds, job.made.session.sound, captions=job.captions(), chapters=chapters(practice.heard), title=job.made.session.title,
        voice_only=voice_only,
    )  # fmt: skip
    give_back(path, job.media, wish, opened.clips(), out, report)
    beside = out.with_suffix(".vtt")
    beside.write_text(caption_text(job, beside), encoding="utf-8")
    return [out, beside]


def caption_text(job: Voiced, path: Path) -> str:
    """What is said, as captions of the kind that a path's ending names."""
    return write_captions(job.made.practice.sounds, path.suffix.lstrip(".").lower())
