"""Texts as people and machines write them: wrapped lines, times above lines, rolling captions, tables."""

from __future__ import annotations

import pytest
from bench.reading import NAMES
from hypothesis import example, given
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.reading.reader import read_line
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.line_joining import breaks_off, running
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.script_captions import caption_entries
from kemvo.formats.texts.scripts import script_entries


def entries(text: str, name: str = "x.txt") -> list[ScriptEntry]:
    return script_entries(text.encode(), name)


def told(text: str, name: str = "x.txt") -> list[tuple[str, str | None]]:
    return [(f.kind, f.side or f.direction) for r in read_script(entries(text, name), NAMES) for f in r.facts]


SENTENCES = (
    "Shift your weight to the right and step out with the left foot to shoulder width.",
    "Breathe in as the arms rise, and breathe out as they sink.",
    "Let the weight come to the middle, then turn the left toes in a little.",
    "Sit back into the right leg, lift the left foot and place it to the side, heel first.",
    "Turn your waist to the left and bring the right foot up beside the left one.",
    "Hold that for three seconds.",
)
texts = st.lists(st.sampled_from(SENTENCES), min_size=1, max_size=5)


def wrapped(text: str, wide: int) -> str:
    lines, at = [], 0
    words = text.split()
    for i in range(1, len(words) + 1):
        if i == len(words) or len(" ".join(words[at : i + 1])) > wide:
            lines.append(" ".join(words[at:i]))
            at = i
    return "\n".join(lines)


@given(texts, st.integers(24, 90))
def test_a_wrapped_text_is_read_as_its_sentences(sentences: list[str], wide: int) -> None:
    found = entries(wrapped(" ".join(sentences), wide))
    assert [e.text for e in found] == sentences
    assert [e.line for e in found] == sorted(e.line for e in found)


@given(texts, st.integers(24, 90))
def test_a_bullet_or_an_empty_line_begins_anew(sentences: list[str], wide: int) -> None:
    bullets = "\n".join(f"- {wrapped(s.lower().rstrip('.'), 200)}" for s in sentences)
    assert [e.text for e in entries(bullets, "x.md")] == [s.lower().rstrip(".") for s in sentences]
    apart = "\n\n".join(wrapped(s, wide) for s in sentences)
    assert [e.text for e in entries(apart)] == sentences


ROWS = (
    "step out left",
    "weight right 70",
    "waist turns",
    "left toes in",
    "both hands rise",
    "sit back",
    "lift right knee",
)


@given(st.lists(st.sampled_from(ROWS), min_size=1, max_size=9))
def test_a_line_a_movement_stays_a_line_a_movement(rows: list[str]) -> None:
    found = entries("\n".join(rows))
    assert [(e.text, e.flows) for e in found] == [(r, False) for r in rows]
    assert told("\n".join(rows)) == [(f.kind, f.side or f.direction) for r in rows for f in read_line(r, NAMES)]


SPOKEN = (
    "and now shift to the right leg and the left foot steps out heel first then we go forward into it and breathe out"
)


@pytest.mark.parametrize("words", [3, 4, 5, 6, 8])
@pytest.mark.parametrize("times", ["", "0:0{}\n", "[00:0{}] ", "00:00:0{}.500 "])
def test_a_script_cut_anywhere_is_read_over_its_lines(words: int, times: str) -> None:
    said = SPOKEN.split()
    pieces = [" ".join(said[i : i + words]) for i in range(0, len(said), words)]
    text = "\n".join(f"{times.format(n)}{piece}" for n, piece in enumerate(pieces))
    found = entries(text)
    assert [e.text for e in found] == pieces
    if times:
        assert [e.t_ms // 1000 for e in found if e.t_ms is not None] == list(range(len(pieces)))
    assert told(text) == [("shift", "R"), ("step", "L"), ("shift", "L"), ("breath", "out")]


@given(st.lists(st.sampled_from(SPOKEN.split()), min_size=1, max_size=40), st.integers(1, 9))
def test_no_word_is_lost_however_a_text_is_cut(said: list[str], words: int) -> None:
    lines = [" ".join(said[i : i + words]) for i in range(0, len(said), words)]
    assert " ".join(e.text for e in entries("\n".join(lines))).split() == said
    assert " ".join(e.text for e in running([ScriptEntry(None, i, t) for i, t in enumerate(lines)], ())).split() == said


@pytest.mark.parametrize(
    ("before", "after", "breaks"),
    [
        ("shift to the", "right leg", True),
        ("the left", "foot turns in", True),
        ("now we turn the", "waist", True),
        ("sit back and turn", "step left", False),
        ("sit back,", "turn", True),
        ("sit back", "then turn", False),
        ("step left", "right foot follows", False),
    ],
)
def test_where_a_line_breaks_off(before: str, after: str, breaks: bool) -> None:
    assert breaks_off(before, after) is breaks


# --- captions -----------------------------------------------------------------------------------------------------

CAPTION_LINES = (
    "and we shift to the right",
    "and the left foot steps out",
    "heel first and then we",
    "go forward into it",
)


def clock(ms: int) -> str:
    return f"00:00:{ms // 1000:02d}.{ms % 1000:03d}"


def rolling(lines: tuple[str, ...], inside: bool) -> str:
    """Captions of two lines, the upper of which was the lower one before, with a still block between, as recognisers
    write them. `inside`: every word has its time."""
    out = ["WEBVTT\nKind: captions\nLanguage: en"]
    for i, line in enumerate(lines):
        upper = lines[i - 1] if i else " "
        words = line.split()
        timed = words[0] + "".join(f"<{clock(i * 2000 + 100 * n)}><c> {w}</c>" for n, w in enumerate(words[1:], 1))
        times = f"{clock(i * 2000)} --> {clock(i * 2000 + 1990)} align:start position:0%"
        out.append(f"{times}\n{upper}\n{timed if inside else line}")
        out.append(f"{clock(i * 2000 + 1990)} --> {clock(i * 2000 + 2000)} align:start position:0%\n{line}\n ")
    return "\n\n".join(out) + "\n"


@pytest.mark.parametrize("inside", [True, False])
def test_rolling_captions_say_everything_once(inside: bool) -> None:
    found = list(caption_entries(rolling(CAPTION_LINES, inside), "x.vtt"))
    assert [e.text for e in found] == list(CAPTION_LINES)
    assert [e.t_ms for e in found] == [0, 2000, 4000, 6000]
    rows = rolling(CAPTION_LINES, False).splitlines()
    assert [rows[e.line - 1] for e in caption_entries(rolling(CAPTION_LINES, False), "x.vtt")] == list(CAPTION_LINES)
    assert told(rolling(CAPTION_LINES, inside), "x.vtt") == [("shift", "R"), ("step", "L"), ("shift", "L")]


def srt(blocks: list[str], each: int = 2000) -> str:
    return "\n".join(
        f"{n + 1}\n{clock(n * each).replace('.', ',')} --> {clock((n + 1) * each).replace('.', ',')}\n{b}\n"
        for n, b in enumerate(blocks)
    )


def test_captions_that_grow_word_by_word_say_everything_once() -> None:
    grown = ["step", "step out", "step out with", "step out with the left", "then sit", "then sit back"]
    found = entries(srt(grown, 300), "x.srt")
    assert " ".join(e.text for e in found) == "step out with the left then sit back"


@given(st.lists(st.sampled_from(["step left", "sit back", "again", "and turn"]), min_size=1, max_size=12))
def test_what_a_speaker_says_twice_stays_said_twice(blocks: list[str]) -> None:
    assert [e.text for e in entries(srt(blocks), "x.srt")] == blocks


@pytest.mark.parametrize("name", ["x.srt", "x.vtt", "x.txt"])
def test_captions_are_known_by_their_times_whatever_they_are_called(name: str) -> None:
    text = srt(["<i>step out</i> with the", "left foot &amp; sit back"])
    text = "WEBVTT\n\n" + text.replace(",", ".") if name == "x.vtt" else text
    assert [(e.t_ms, e.text) for e in entries(text, name)] == [
        (0, "step out with the"),
        (2000, "left foot & sit back"),
    ]


def test_sounds_and_speaker_marks_in_captions_hide_nothing() -> None:
    text = srt([">> shift to the [Music]", "[Applause] right and step with the (laughs) left foot"])
    assert told(text, "x.srt") == [("shift", "R"), ("step", "L")]
    assert [e.text.startswith(">") for e in entries(text, "x.srt")] == [False, False]


# --- tables -------------------------------------------------------------------------------------------------------


def drafted(text: str, name: str = "x.csv") -> list[tuple[str, list[tuple]]]:
    form = draft(read_script(entries(text, name), NAMES), shipped_catalogue(), "x").form
    return [
        (s.title, [(p.number, p.name, p.side, p.repeats, len(p.movements)) for p in s.postures]) for s in form.sections
    ]


TABLE = """Section{0}No{0}Posture{0}Side{0}Times{0}Movement{0}Counts{0}Breath{0}Weight{0}Notes
Opening{0}1{0}Willow bends{0}{0}{0}Feet together and sink{0}4{0}out{0}{0}
Opening{0}1{0}Willow bends{0}{0}{0}Step out with the left foot{0}4{0}in{0}50/50{0}soft knees
Opening{0}2{0}Heron wades{0}L{0}3{0}Shift into the right leg{0}2{0}in{0}100 R{0}
Opening{0}2{0}Heron wades{0}L{0}3{0}Shift forward{0}2{0}out{0}70% L{0}
Part two{0}3{0}Tide turns{0}R{0}{0}{0}8{0}{0}{0}
"""


@pytest.mark.parametrize("separator", [",", ";", "\t"])
def test_every_column_of_a_table_counts(separator: str) -> None:
    text = TABLE.format(separator)
    assert drafted(text) == [
        ("Opening", [("1", "Willow bends", None, 1, 2), ("2", "Heron wades", "L", 3, 2)]),
        ("Part two", [("3", "Tide turns", "R", 1, 1)]),
    ]
    form = draft(read_script(entries(text, "x.csv"), NAMES), shipped_catalogue(), "x").form
    rows = [(m.counts, m.breath, m.left_pct) for p in form.postures() for m in p.movements]
    assert rows == [(4, "out", 50), (4, "in", 50), (2, "in", 0), (2, "out", 70), (8, "free", 70)]
    assert form.notes == "Willow bends: soft knees"  # beside words of instruction, notes are not spoken


def test_a_table_of_names_takes_the_movements_from_the_catalogue_in_its_own_counts() -> None:
    form = draft(read_script(entries("posture,counts\nSingle whip,20\nHeron wades,8\n", "x.csv"), NAMES), shipped_catalogue(), "x").form  # fmt: skip
    whip, heron = form.postures()
    assert len(whip.movements) > 1
    assert (sum(m.counts for m in whip.movements), [m.counts for m in heron.movements]) == (20, [8])


@pytest.mark.parametrize(
    ("text", "wanted"),
    [
        ("t_ms,text\n500,step left\n1500,sit back", [(500, "step left"), (1500, "sit back")]),
        ("start,end,text\n0.5,1,step left\n1:02,70,sit back", [(500, "step left"), (62_000, "sit back")]),
        ("duration,instruction\n2,step left\n3,sit back", [(0, "step left"), (2000, "sit back")]),
        ("step left,0:05\nsit back,0:09", [(5000, "step left"), (9000, "sit back")]),
        ("1,Brush knee,left\n2,Single whip,", [(None, "Brush knee, left"), (None, "Single whip")]),
        ("7,Brush knee,left\n9,Single whip,", [(None, "7. Brush knee, left"), (None, "9. Single whip")]),
        ("posture\nstep out with the left foot", [(None, "step out with the left foot")]),
        ("text,level,who\nstep left,3,Ada", [(None, "step left"), (None, "level: 3"), (None, "Ada")]),
        ('text\n"sit back, ""slowly"""', [(None, 'sit back, "slowly"')]),
    ],
)
def test_what_a_tables_columns_are(text: str, wanted: list[tuple[int | None, str]]) -> None:
    assert [(e.t_ms, e.text) for e in entries(text, "x.csv")] == wanted


@example(["“Push” – and breathe"] * 12)
@given(
    st.lists(
        st.sampled_from(["Shift left", "“Push” – and breathe", "Step out, l’autre pied", "½ step right", ""]),
        min_size=1,
    )
)
def test_a_text_of_an_older_windows_program_is_read_like_any_other(lines: list[str]) -> None:
    text = "Turn to the left and sink into the right leg\n" + "\r\n".join(lines)
    assert script_entries(text.encode("cp1252"), "a.txt") == script_entries(text.encode(), "a.txt")


@pytest.mark.parametrize(
    "data",
    [b"\xff\xd8\xff\xe0\x00\x10JFIF", b"\x81\x8d text", b"\xc4\xe3\xba\xc3\xca\xc0\xbd\xe7", bytes(range(128, 256))],
)
def test_what_is_no_text_of_any_of_them_is_refused(data: bytes) -> None:
    with pytest.raises(KemvoError, match="not UTF-8 text"):
        script_entries(data, "a.txt")


@given(st.lists(st.sampled_from(["Shift left", "  - Right foot out", "1. Push", "Title:", ""]), min_size=2).filter(any))
def test_a_quoted_letter_is_read_without_its_signs(lines: list[str]) -> None:
    quoted = "\n".join(f"> {line}" if line else ">" for line in lines)
    assert script_entries(quoted.encode(), "a.txt") == script_entries("\n".join(lines).encode(), "a.txt")
