"""Times in a text: what lies between two of them, before the first and after the last."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.form import Form
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.core.timing.timeline import plan, plan_form
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries

LINES = (
    "Stand with the feet together.", "Raise the hands slowly.", "Sink into the right leg.", "Left foot steps out.",
    "Weight to the left.", "Press down with both palms.", "Turn to the front.", "Sit back into the right leg.",
)  # fmt: skip


def form_of(text: str, name: str = "x.txt") -> Form:
    return draft(read_script(script_entries(text.encode(), name)), shipped_catalogue(), "Reeds").form


def starts(form: Form) -> list[float]:
    """When every movement begins, in seconds, the form by itself; and when it ends."""
    spans = plan_form(form).spans
    return [s.start_ms / 1000 for s in spans if s.kind == "movement"] + [spans[-1].end_ms / 1000]


def stamp(s: int) -> str:
    return f"{s // 60}:{s % 60:02}"


def vtt(s: float) -> str:
    return f"00:{int(s) // 60:02}:{s % 60:06.3f}"


times = st.lists(st.integers(2, 40), min_size=3, max_size=8)


@given(st.integers(0, 200), times)
def test_every_line_begins_at_its_time_and_the_last_ends_at_the_last(lead: int, lengths: list[int]) -> None:
    at = [lead + sum(lengths[:n]) for n in range(len(lengths) + 1)]
    text = "\n".join(f"{stamp(t)} {line}" for t, line in zip(at[:-1], LINES, strict=False)) + f"\n{stamp(at[-1])}\n"
    assert starts(form_of(text)) == pytest.approx(at, abs=0.1)


@given(st.integers(0, 200), times)
def test_captions_keep_the_time_before_and_to_the_end_of_the_last(lead: int, lengths: list[int]) -> None:
    at = [lead + sum(lengths[:n]) for n in range(len(lengths) + 1)]
    blocks = [
        f"{vtt(a)} --> {vtt(b - (0 if b == at[-1] else 0.5))}\n{line}"
        for a, b, line in zip(at, at[1:], LINES, strict=False)
    ]
    form = form_of("WEBVTT\n\n" + "\n\n".join(blocks) + "\n", "x.vtt")
    assert starts(form) == pytest.approx(at, abs=0.1)


@given(st.lists(st.integers(1, 4), min_size=2, max_size=2), st.integers(8, 40))
def test_sentences_of_one_time_share_it(counts: list[int], length: int) -> None:
    lines = [" ".join(LINES[: counts[0]]), " ".join(LINES[4 : 4 + counts[1]])]
    text = f"0:10 {lines[0]}\n{stamp(10 + length)} {lines[1]}\n{stamp(10 + 2 * length)}\n"
    found = starts(form_of(text))
    wanted = [10 + length * n / counts[0] for n in range(counts[0])]
    wanted += [10 + length + length * n / counts[1] for n in range(counts[1] + 1)]
    assert found == pytest.approx(wanted, abs=0.1)


def test_times_before_the_first_words_are_no_movement() -> None:
    form = form_of("0:30 Raise the hands slowly.\n0:40 Sink into the right leg.\n0:50\n")
    assert form.lead_ms == 30_000
    assert [m.line for m in form.postures()[0].movements] == ["Raise the hands slowly.", "Sink into the right leg."]


def test_a_text_without_times_has_no_time_before_it() -> None:
    assert form_of("Raise the hands slowly.\nSink into the right leg.\n").lead_ms == 0


def test_a_pass_waits_as_long_as_its_form_where_it_begins_with_it() -> None:
    form = form_of("2:00 Raise the hands slowly.\n2:10 Sink into the right leg.\n2:20 Left foot steps out.\n2:30\n")
    (posture,) = form.postures()
    ids = [m.id or f"m{n}" for n, m in enumerate(posture.movements)]
    posture = posture.model_copy(
        update={
            "id": "p",
            "movements": tuple(m.model_copy(update={"id": i}) for m, i in zip(posture.movements, ids, strict=True)),
        }
    )
    section = form.sections[0].model_copy(update={"id": "s", "postures": (posture,)})
    forms = {"f": form.model_copy(update={"sections": (section,)})}

    def begins(part: Part) -> int:
        session = with_pass_ids(Session(passes=(Pass(part=part),)))
        return next(s.start_ms for s in plan(session, forms).spans if s.kind == "movement")

    assert begins(Part(form_id="f")) == 120_000
    assert begins(Part(form_id="f", first_movement=ids[1])) < 60_000
