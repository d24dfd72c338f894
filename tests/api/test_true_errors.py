"""What could be taken for something else: numbers that are none, line breaks in titles, names that look like a page's own marks."""

import json
import tempfile
from collections.abc import Callable
from contextlib import suppress
from datetime import UTC, datetime
from html.parser import HTMLParser
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from hypothesis import example, given, settings
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form
from kemvo.core.types import Line, Title, Value, number_in
from kemvo.core.views.stage import Curve, Stage, StagePass, StageSpan
from kemvo.formats.documents.marks_json import read_taps
from kemvo.formats.paper.log_csv import read_log
from kemvo.formats.paper.takeaway import Tempo, write_takeaway
from kemvo.formats.texts.scripts import script_entries
from kemvo.formats.tracks.cues_back import read_cues

NUMBERS = [
    "nan",
    "NaN",
    "inf",
    "-inf",
    "Infinity",
    "1e999",
    "-1e999",
    "1e400",
    "9" * 400,
    "1_000",
    "0x10",
    "",
    "½",
    "१२",
]


@pytest.mark.parametrize("number", NUMBERS)
def test_numbers_of_tables_are_finite_or_refused(number: str) -> None:
    tables = {
        "t.csv": f"time;line\n{number};Shift left\n2;Shift right\n",
        "ms.csv": f"start_ms,end_ms,text\n{number},5,Shift left\n",
        "c.csv": f"line,counts,weight\nShift left,{number},{number}\n",
    }
    for name, text in tables.items():
        _read_or_told(lambda name=name, text=text: script_entries(text.encode(), name))
        _read_or_told(lambda name=name, text=text: read_cues(text.encode(), name))
    _read_or_told(lambda: read_cues(f"{number}\t{number}\tShift left\n".encode(), "labels.txt"))
    _read_or_told(lambda: read_taps(f"1.5\n{number}\n", "taps.txt"))
    log = f"day,posture,ms,tempo,share,planned minutes,people\n2026-11-26,Reeds,{number},{number},{number},{number},{number}\n"
    _read_or_told(lambda: read_log(log, "log.csv", "c", {}, ""))


def _read_or_told(read: Callable[[], object]) -> None:
    """Whether something is read, or refused with a sentence; any other error fails the test."""
    with suppress(KemvoError):
        read()


@given(st.one_of(st.floats(), st.text(max_size=20)))
def test_a_number_is_finite_or_no_number(value: object) -> None:
    with suppress(ValueError):
        assert abs(number_in(str(value))) < float("inf")


class Texts(Value):
    title: Title = ""
    line: Line = ""


@given(st.text(max_size=60))
@example("Thursdays\r\nBEGIN:VALARM")
@example("a\x00b\u2028c\x85d")
def test_titles_have_one_line_and_no_text_holds_what_files_may_not(text: str) -> None:
    made = Texts(title=text, line=text)
    assert len(made.title.splitlines()) <= 1
    assert "\x00" not in made.title + made.line
    assert set(made.line.split()) <= set(
        "".join(c for c in text if c >= " " or c in "\n\t\r").replace("\x7f", "").split()
    )
    if text.isprintable():
        assert (made.title, made.line) == (text, text), "what is plain stays letter for letter"
    assert Texts(title=made.title, line=made.line) == made


def test_a_title_with_line_breaks_ends_no_calendar_and_no_header(demo_client: TestClient) -> None:
    title = "Thursdays\r\nX-EVIL: 1\n\x00end"
    made = demo_client.post("/api/forms", json={**Form(title="x").model_dump(mode="json"), "title": title})
    assert made.status_code == 201
    assert made.json()["body"]["title"] == "Thursdays X-EVIL: 1 end"
    group = demo_client.post(
        "/api/classes",
        json={"title": title, "form_id": "nine-willows", "days": [3], "time": "10:30", "zone": "Europe/London"},
    ).json()
    course = {
        "title": title,
        "class_id": group["id"],
        "form_id": "nine-willows",
        "starts": str(datetime.now(UTC).date()),
    }
    made = demo_client.post("/api/courses", json=course)
    assert made.status_code == 201, made.text
    calendar = demo_client.get(f"/api/courses/{made.json()['id']}/calendar.ics")
    assert calendar.status_code == 200
    assert "\r\nX-EVIL" not in calendar.text


NASTY = [
    "<!--",
    "--><script>alert(1)</script>",
    "{{data}}",
    "{{title}}",
    "{{care}}",
    "</script>",
    "<!--<script>",
    "\\",
    '"',
    "]]>",
]


@given(st.lists(st.one_of(st.sampled_from(NASTY), st.text(max_size=12)), max_size=4).map("".join))
@example("".join(NASTY))
@settings(max_examples=60, deadline=None)
def test_a_take_away_page_holds_any_name_as_it_is(name: str) -> None:
    stage = _stage(name)
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "a.html"
        write_takeaway(path, name, [Tempo(name, stage, None)], 0, film=name)
        parsed = _Page()
        parsed.feed(path.read_text("utf-8"))
    assert parsed.text["title"].strip() == (name or "Practice").strip() or not name.isprintable()
    data = json.loads(parsed.text["practice"])
    assert data["film"] == name
    assert data["tempos"][0]["stage"]["spans"][0]["title"] == name
    assert parsed.scripts == 2, "the data and the page's own"


class _Page(HTMLParser):
    def __init__(self) -> None:
        super().__init__()
        self.inside, self.scripts = "", 0
        self.text: dict[str, str] = {}

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        self.inside = dict(attrs).get("id") or tag
        self.scripts += tag == "script"

    def handle_data(self, data: str) -> None:
        self.text[self.inside] = self.text.get(self.inside, "") + data

    def handle_endtag(self, tag: str) -> None:
        self.inside = ""


def _stage(name: str) -> Stage:
    span = StageSpan.model_construct(
        start_ms=0, end_ms=1000, posture_title=name, number="", times="", kind="movement", line=name, counts=4, full="L",
        breath="in", next_posture="", movement_no=0, care=(),
    )  # fmt: skip
    passes = (StagePass.model_construct(title=name, facing=name, start_ms=0, cautions=()),)
    curve = Curve.model_construct(step_ms=50, left=[50] * 20, fill=[0] * 20)
    return Stage.model_construct(title=name, total_ms=1000, passes=passes, spans=(span,), curve=curve, sounds=())


def test_a_body_of_many_wrong_parts_is_stopped_while_it_is_read(demo_client: TestClient) -> None:
    for body in ({"sections": [5] * 300_000}, {"sections": [{"postures": [{}] * 90_000}]}):
        told = demo_client.put("/api/forms/nine-willows", json={"version": 1, "body": body})
        assert told.status_code == 413, told.text[:200]
    long = ", ".join(["shift left"] * 30_000)
    assert demo_client.post("/api/texts", json={"text": long[:300_000]}).status_code in (200, 422)


def test_a_session_of_far_too_much_is_refused_and_can_be_made_smaller(demo_client: TestClient) -> None:
    session = demo_client.get("/api/sessions/thursday-class").json()
    body = session["body"]
    many = {**body, "passes": [{**p, "repeats": 99} for p in body["passes"]]}
    told = demo_client.put("/api/sessions/thursday-class", json={"version": session["version"], "body": many})
    assert told.status_code == 422
    assert "works out up to 5,000" in told.json()["detail"]
    assert demo_client.post("/api/sessions", json=many).status_code == 422
