"""Prints how early each kind of cue ends before its moment, and how many movements' essentials are said, in the demo's sessions
and in a form of 108 postures at three tempos. Run with "make bench"."""

from __future__ import annotations

import statistics
from collections import defaultdict
from collections.abc import Iterable, Iterator, Mapping

from bench.material import long_form, long_session
from bench.reading import LINES as LINES_READ
from bench.reading import cases as cases_of
from kemvo.audio.speech.espeak import espeak_voice
from kemvo.core.cues.essential import ESSENTIAL
from kemvo.core.cues.wording import wordings_of
from kemvo.core.language.sides import side_words
from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import VOICES, Forms, Session
from kemvo.core.movement.interpretation import FEET, said
from kemvo.core.movement.readings import finished, read
from kemvo.core.practice.pipeline import Practice, work_out
from kemvo.core.reading.reader import read_line
from kemvo.core.types import EVEN
from kemvo.demo.load import demo_files
from kemvo.formats.documents.kemvo_json import read_file

TEMPOS = (26.0, 40.0, 62.0)
WPM = 150


def measure(texts: Iterable[str]) -> Mapping[str, int]:
    """Lengths as estimated: the same on every machine."""
    return {t: estimated_ms(t, WPM) for t in texts}


def cases() -> Iterator[tuple[str, Session, Forms]]:
    """The sessions that are looked at."""
    for file in demo_files():
        bundle = read_file(file.read_bytes(), file.name)
        if bundle.session:
            yield bundle.session.title, bundle.session, bundle.forms
    for tempo in TEMPOS:
        form = long_form().model_copy(update={"tempo": tempo})
        yield f"108 postures at {tempo:g}", long_session("f"), {"f": form}


def early(practice: Practice) -> dict[str, list[int]]:
    """By kind, how long before its moment each cue that is said ends (ms)."""
    out: dict[str, list[int]] = defaultdict(list)
    for d in practice.decisions:
        if d.end_ms is not None:
            out[d.cue.kind].append(d.cue.target_ms - d.end_ms)
    return out


def essentials(practice: Practice) -> tuple[int, int]:
    """Of the movements that say which foot or leg does something, in passes that say feet: how many are said with it, and how
    many there are."""
    told: dict[int, str] = defaultdict(str)
    for d in practice.decisions:
        if d.text and d.cue.kind in ("foot", "turn", "hands", "late"):
            told[d.cue.span] += f" {d.text}."
    whole = all_ = 0
    for i, s in enumerate(practice.heard.spans):
        if s.kind != "movement" or s.movement is None or "foot" not in VOICES[s.round.voice].kinds:
            continue
        sides = {x.fact.side for x in said(s.movement) if x.fact.kind in FEET | {"shift"} and x.fact.side in ("L", "R")}
        if sides:
            all_ += 1
            whole += sides <= {w.side for w in side_words(told[i])}
    return whole, all_


LINES = """Step back with the right foot, hands follow
Pivot and shift, breathing in
Raise the right knee, right hand pushes up
Pivot the right heel out, shift left, and step with the right foot
Left heel to the corner, sit into it, both palms press
Shift seventy percent into the left leg, then turn the left toes in 45 degrees
Sit back into the right leg while the hands draw in, left toes lift
Turn left toes out, step through with the right, heel first, and push
Kick with the right heel to the corner, hands spread
Bring the left foot in, ball touches beside the right, hold the ball
Shift all the weight to the left and lift the right foot
Turn the body to the right, then step out with the left foot, toes first
Left foot steps out to shoulder width, and the hands float up
Sink into the right leg, the left heel floats
Turn the waist to the left, look over the left shoulder
Half a step up with the right foot, weight stays left
Right toes turn in, weight to the left, left heel lifts
Step to the side with the left foot, feet parallel, weight even
Weight into the right leg, both palms push to the front
Left foot gathers, the hands cross in front of the chest""".splitlines()
"""Lines of our own, to look at."""


def look() -> None:
    """Print what is said of each of twenty lines at three tempos."""
    for tempo in TEMPOS:
        form = finished(
            Form(
                tempo=tempo, sections=(Section(postures=(Posture(movements=tuple(Movement(line=x) for x in LINES)),)),)
            )
        )
        practice = work_out(long_session("f"), {"f": form}, measure)
        print(f"At {tempo:g} counts a minute, two counts each:")
        for i, s in enumerate(practice.heard.spans):
            if s.movement:
                told = [d.text for d in practice.decisions if d.cue.span == i and d.speaks() and d.cue.kind != "facing"]
                print(f"  {s.movement.line}\n      → {' | '.join(told) or '(nothing)'}")


def read_back() -> None:
    """Print how many shorter wordings lose a sided fact when they are read anew, over all lines that are kept to measure the
    reader."""
    lines = losing = 0
    for text in dict.fromkeys(t for f in sorted(LINES_READ.glob("*.txt")) for t, _ in cases_of(f.name)):
        m = read(Movement(line=text))
        facts = {(x.fact.kind, x.fact.side) for x in said(m) if x.fact.kind in ESSENTIAL and x.fact.side in ("L", "R")}
        if facts:
            lines += 1
            told = [
                {(f.kind, f.side) for words in (w.text, *w.text.split(", ")) for f in read_line(words)}
                for w in wordings_of(m, EVEN)[1:]
            ]
            losing += any(not facts <= t for t in told)
    print(f"Of {lines} lines that say a foot or leg, {losing} have a shorter wording that loses it when read anew")


def estimates() -> None:
    """Print how long lines are spoken, as a share of their estimated length."""
    voice = espeak_voice("en-gb", WPM)
    lines = list(dict.fromkeys(m.line for p in long_form().postures() for m in p.movements if m.line))[:200]
    shares = sorted(voice.speak(x).ms() / estimated_ms(x, WPM) for x in lines)
    nine = shares[int(0.9 * (len(shares) - 1))]
    print(
        f"Spoken length of {len(lines)} lines by the estimate: median {statistics.median(shares):.2f}, nine in ten within {nine:.2f}"
    )


def main() -> None:
    """Print a line for each session and kind."""
    for title, session, forms in cases():
        practice = work_out(session, forms, measure)
        whole, of = essentials(practice)
        print(f"{title}: {whole} of {of} essentials said ({100 * whole / max(1, of):.0f} %)")
        for kind, ms in early(practice).items():
            if kind in ("foot", "turn", "hands", "name"):
                ends = sorted(ms)
                print(
                    f"  {kind:8} {len(ends):4} said; ends before its moment: median {statistics.median(ends) / 1000:.1f} s,"
                    f" nine in ten within {ends[int(0.9 * (len(ends) - 1))] / 1000:.1f} s, worst {ends[-1] / 1000:.1f} s"
                )


if __name__ == "__main__":
    main()
    estimates()
    look()
    read_back()
