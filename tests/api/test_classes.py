"""Classes over the API: what ran becomes a lesson, what next, a course, and all of it out into files and in again."""

import shutil
from datetime import UTC, date, datetime, timedelta
from pathlib import Path

import pytest
from fastapi.testclient import TestClient

from kemvo.api.app import create_app
from kemvo.core.tables.groups import STOP
from kemvo.demo.load import load
from kemvo.demo.log import CLASS_IDS, teach
from kemvo.store.database import Database

TODAY = datetime.now(UTC).date()


@pytest.fixture
def client(tmp_path: Path) -> TestClient:
    """A Kemvo with the demo's forms and sessions and no class."""
    load(Database(tmp_path / "kemvo.sqlite"))
    return TestClient(create_app(tmp_path))


@pytest.fixture(scope="module")
def eight_weeks(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A data folder with the demo and the eight weeks before a certain day."""
    folder = tmp_path_factory.mktemp("taught")
    database = Database(folder / "kemvo.sqlite")
    load(database)
    teach(database, TODAY)
    database.close()
    return folder


@pytest.fixture
def taught(tmp_path: Path, eight_weeks: Path) -> TestClient:
    """A Kemvo with the demo and its eight weeks."""
    return TestClient(create_app(Path(shutil.copytree(eight_weeks, tmp_path, dirs_exist_ok=True))))


def new_class(client: TestClient, **body: object) -> str:
    made = client.post("/api/classes", json={"title": "Mornings", "form_id": "nine-willows", "zone": "UTC", **body})
    assert made.status_code == 201, made.text
    return str(made.json()["id"])


def run(client: TestClient, session_id: str, run_id: str = "abc1234") -> int:
    """Run a session from its beginning to its end; how long it ran (ms)."""
    spans = client.post(f"/api/sessions/{session_id}/live", json={}).json()["spans"]
    stretch = {"place": spans[0]["key"], "until": spans[-1]["key"], "began": "x", "ms": spans[-1]["end_ms"]}
    assert client.put(f"/api/sessions/{session_id}/runs/{run_id}", json={"stretches": [stretch]}).status_code == 200
    return int(spans[-1]["end_ms"])


def test_a_class_is_kept_undone_put_away_and_brought_back(client: TestClient) -> None:
    id_ = new_class(client)
    view = client.get(f"/api/classes/{id_}").json()
    body = {**view["body"], "days": [3], "time": "10:30", "care": {"knees": 2}}
    saved = client.put(f"/api/classes/{id_}", json={"version": 1, "body": body}).json()
    assert saved["derived"]["when"] == "Thursdays 10:30, 60 minutes"
    assert len(saved["derived"]["cautions"]) == 1
    assert "Numbers only" in saved["derived"]["only_numbers"]
    assert client.put(f"/api/classes/{id_}", json={"version": 1, "body": body}).status_code == 409
    nowhere = client.put(f"/api/classes/{id_}", json={"version": 2, "body": {**body, "zone": "Mars/Base"}})
    assert nowhere.status_code == 422
    assert "no time zone" in nowhere.text
    wrong = client.put(f"/api/classes/{id_}", json={"version": 2, "body": {**body, "minutes": 2}})
    assert wrong.status_code == 422
    assert "minutes" in wrong.text
    undone = client.post(f"/api/classes/{id_}/undo", json={"version": 2}).json()
    assert undone["body"]["days"] == []
    client.delete(f"/api/classes/{id_}")
    assert client.get("/api/classes").json() == []
    assert [r["id"] for r in client.get("/api/classes", params={"removed": True}).json()] == [id_]
    client.post(f"/api/classes/{id_}/bring-back")
    assert [r["title"] for r in client.get("/api/classes").json()] == ["Mornings"]
    assert client.get("/api/classes/none").status_code == 404
    assert client.get("/api/nothing").status_code == 404


def test_a_session_for_a_class_has_its_room_its_limits_and_its_cautions(client: TestClient) -> None:
    room = {"title": "Small hall", "width": 4, "depth": 3}
    id_ = new_class(client, time="9:15", room=room, care={"knees": 2}, stature_most_cm=190)
    before = client.get("/api/sessions/thursday-class").json()
    given = client.post("/api/sessions/thursday-class/for-class", json={"version": before["version"], "class_id": id_})
    body = given.json()["body"]
    assert (body["class_id"], body["starts_at"]) == (id_, "9:15")
    assert body["cautions"] == client.get(f"/api/classes/{id_}").json()["derived"]["cautions"]
    desk = client.get("/api/sessions/thursday-class/cues").json()
    first = [c for c in desk["cues"] if c["kind"] == "caution" and ".first" in c["id"]]
    assert [c["wish"].rstrip(".") for c in first] == [c.rstrip(".") for c in (STOP, *body["cautions"])]
    assert all(c["start_ms"] is not None for c in first[1:]), "what this class must be told goes before all else"
    forms = client.app.state.workspace.forms_of(client.app.state.workspace.sessions.get("thursday-class").body)  # type: ignore[attr-defined]
    assert all(f.room.title == "Small hall" and f.start is None for f in forms.values())
    assert all("sore-knees" in f.who.also and f.who.stature_cm == 190 for f in forms.values())
    # The form itself is as it was, also in a file of the session.
    kept = client.get("/api/sessions/thursday-class/file").json()["forms"]["nine-willows"]
    assert kept["room"]["title"] == "Saltmarsh Hall"
    assert "who" not in kept
    assert client.get("/api/forms/nine-willows").json()["body"]["room"]["title"] == "Saltmarsh Hall"
    back = client.post(
        "/api/sessions/thursday-class/for-class", json={"version": given.json()["version"], "class_id": ""}
    )
    assert back.json()["body"]["cautions"] == []


def test_what_ran_is_a_lesson_and_counts_before_it_is_written_down(client: TestClient) -> None:
    id_ = new_class(client, days=[TODAY.weekday()])
    version = client.get("/api/sessions/thursday-class").json()["version"]
    client.post("/api/sessions/thursday-class/for-class", json={"version": version, "class_id": id_})
    ms = run(client, "thursday-class")
    book = client.get(f"/api/classes/{id_}/logbook").json()
    assert [x["ms"] for x in book["account"]["lessons"]] == [ms]
    assert book["to_write"] == [TODAY.isoformat()]
    assert client.get("/api/today").json()["to_write"][0]["to"].startswith(f"/classes/{id_}/log")
    done = sum(p["ms"] for p in book["account"]["postures"])
    lesson = client.post(f"/api/classes/{id_}/write-down", json={"day": TODAY.isoformat()}).json()
    assert lesson["derived"]["ms"] == ms
    assert lesson["body"]["runs"] == ["abc1234"]
    assert client.post(f"/api/classes/{id_}/write-down", json={"day": TODAY.isoformat()}).status_code == 422
    again = client.get(f"/api/classes/{id_}/logbook").json()
    assert sum(p["ms"] for p in again["account"]["postures"]) == done
    assert again["to_write"] == []
    # Deleted by mistake, what ran is still there; brought back, all of it is as it was.
    client.delete(f"/api/lessons/{lesson['id']}")
    assert client.get(f"/api/classes/{id_}/logbook").json()["to_write"] == [TODAY.isoformat()]
    client.post(f"/api/lessons/{lesson['id']}/bring-back")
    assert client.get(f"/api/classes/{id_}/logbook").json()["account"] == again["account"]


def test_a_rehearsal_is_no_lesson(client: TestClient) -> None:
    other = (TODAY + timedelta(days=2)).weekday()
    id_ = new_class(client, days=[other])
    version = client.get("/api/sessions/thursday-class").json()["version"]
    client.post("/api/sessions/thursday-class/for-class", json={"version": version, "class_id": id_})
    run(client, "thursday-class")
    book = client.get(f"/api/classes/{id_}/logbook").json()
    assert book["account"]["lessons"] == []
    assert [o["day"] for o in book["offered"]] == [TODAY.isoformat()]
    client.post(f"/api/classes/{id_}/write-down", json={"day": TODAY.isoformat(), "held": False})
    book = client.get(f"/api/classes/{id_}/logbook").json()
    assert (book["account"]["lessons"], book["offered"], len(book["rehearsals"])) == ([], [], 1)


def test_the_next_lesson_is_laid_out_and_found_again(taught: TestClient) -> None:
    for id_ in CLASS_IDS:
        proposal = taught.get(f"/api/classes/{id_}/next").json()
        assert proposal["next"]["recap"]
        assert all(r["why"] for r in proposal["next"]["recap"])
        made = taught.post(f"/api/classes/{id_}/next-lesson", json={}).json()
        assert made["body"]["day"] == proposal["day"]
        assert made["derived"]["totals"]["ms"] == made["body"]["wished_ms"]
        assert taught.get(f"/api/classes/{id_}/next").json()["session_id"] == made["id"]
    lessons = taught.get("/api/today").json()["lessons"]
    assert all(x["session_id"] and x["how_far"]["done"] for x in lessons)
    assert [x["day"] for x in lessons] == sorted(x["day"] for x in lessons)
    open_ = [p for x in lessons for p in x["points"]]
    assert len(open_) == 3


def test_the_demo_is_made_of_what_ran(taught: TestClient) -> None:
    for id_ in CLASS_IDS:
        book = taught.get(f"/api/classes/{id_}/logbook").json()
        runs = [r for r in taught.get("/api/runs").json() if r["id"].startswith(id_)]
        assert sum(x["ms"] for x in book["account"]["lessons"]) == sum(r["line"]["ms"] for r in runs)
        assert len(book["account"]["lessons"]) == 7
    early = [x for x in taught.get("/api/classes/thursdays/logbook").json()["account"]["lessons"] if x["stopped"]]
    assert len(early) == 1
    teach(Database(taught.app.state.workspace.folder / "kemvo.sqlite"), TODAY)  # type: ignore[attr-defined]
    assert len(taught.get("/api/classes").json()) == 2


def test_the_log_goes_out_as_a_table_and_comes_in_again(taught: TestClient) -> None:
    log = taught.get("/api/classes/thursdays/log.csv")
    fresh = new_class(taught, title="Copied")
    read = taught.post(f"/api/classes/{fresh}/log-file", files={"file": ("log.csv", log.content)}).json()
    assert read == {"added": 7, "known": 0, "unknown": []}
    again = taught.post(f"/api/classes/{fresh}/log-file", files={"file": ("log.csv", log.content)}).json()
    assert (again["added"], again["known"]) == (0, 7)
    a, b = (taught.get(f"/api/classes/{id_}/logbook").json()["account"] for id_ in ("thursdays", fresh))
    assert a["cells"] == b["cells"]
    assert a["knots"] == b["knots"]
    assert [x["attendance"] for x in a["lessons"]] == [x["attendance"] for x in b["lessons"]]


@pytest.mark.parametrize(
    ("text", "told"),
    [
        ("posture\nHeron stands\n", "no column “day”"),
        ("day,posture\n26.11.2026,Heron stands\n", "line 2"),
        ("day,posture,ms\n2026-11-26,Heron stands,much\n", "line 2"),
        ("day,posture,side\n2026-11-26,Heron stands,up\n", "neither left nor right"),
        ("day,posture,kind\n2026-11-26,Heron stands,dance\n", "kind"),
    ],
)
def test_a_table_that_cannot_be_read_says_where(client: TestClient, text: str, told: str) -> None:
    id_ = new_class(client)
    answer = client.post(f"/api/classes/{id_}/log-file", files={"file": ("log.csv", text.encode())})
    assert answer.status_code == 422
    assert told in answer.text
    assert client.get("/api/lessons").json() == []


def test_a_table_of_days_and_postures_is_enough(client: TestClient) -> None:
    id_ = new_class(client)
    text = "day,number,posture,ms\n2026-11-26,,Raise the water,60000\n2026-11-26,3,,30000\n2026-11-19,,Walk the moon,1000\n"
    read = client.post(f"/api/classes/{id_}/log-file", files={"file": ("log.csv", text.encode())}).json()
    assert read == {"added": 2, "known": 0, "unknown": ["Walk the moon"]}
    postures = client.get(f"/api/classes/{id_}/logbook").json()["account"]["postures"]
    assert {p["title"]: p["ms"] for p in postures if p["ms"]} == {
        "Raise the water": 60_000,
        "Part the reeds, left": 30_000,
    }


def test_a_class_goes_out_with_everything_and_comes_in_again(taught: TestClient) -> None:
    file = taught.get("/api/classes/thursdays/class.json").content
    to = taught.post("/api/open", files={"file": ("thursdays.class.json", file)}).json()["to"]
    fresh = to.removeprefix("/classes/")
    a, b = (taught.get(f"/api/classes/{id_}/logbook").json()["account"] for id_ in ("thursdays", fresh))
    assert a["cells"] == b["cells"]
    assert a["how_far"] == b["how_far"]
    assert len(taught.get("/api/courses", params={"class_id": fresh}).json()) == 1
    assert len(taught.get("/api/forms").json()) == 2
    broken = taught.post("/api/open", files={"file": ("x.json", file.replace(b'"days": [', b'"days": ["Thu", ', 1))})
    assert broken.status_code == 422
    assert "days" in broken.text


def test_a_course_is_planned_changed_and_given_to_a_calendar(client: TestClient) -> None:
    id_ = new_class(client, days=[TODAY.weekday()], time="23:30")
    body = {"class_id": id_, "starts": TODAY.isoformat(), "lessons": 9}
    course = client.post("/api/courses", json=body).json()
    assert course["derived"]["feasible"]
    assert [len(r["new"]) for r in course["derived"]["rows"]] == [1] * 9
    first = client.get(f"/api/courses/{course['id']}/calendar.ics").text
    assert first.count("BEGIN:VEVENT") == 9
    assert client.get(f"/api/courses/{course['id']}/calendar.ics").text == first
    off = TODAY + timedelta(days=7)
    changed = {**course["body"], "holidays": [{"first": off.isoformat(), "last": off.isoformat(), "title": "Fair"}]}
    saved = client.put(f"/api/courses/{course['id']}", json={"version": 1, "body": changed}).json()
    assert [r["state"] for r in saved["derived"]["rows"]][:3] == ["planned", "holiday", "planned"]
    second = client.get(f"/api/courses/{course['id']}/calendar.ics").text
    assert second.count("BEGIN:VEVENT") == 10
    assert second.count("STATUS:CANCELLED") == 1
    assert f"-{off:%Y%m%d}@kemvo" in second
    assert client.get(f"/api/courses/{course['id']}/course.pdf").content.startswith(b"%PDF")
    assert client.get(f"/api/courses/{course['id']}/course.csv").text.startswith("day,lesson,state")
    # The course decides what is new on its days.
    assert client.get(f"/api/classes/{id_}/next").json()["next"]["proposed"] == ["p1"]
    assert client.get(f"/api/classes/{id_}/next", params={"day": off.isoformat()}).json()["next"]["proposed"] != ["p2"]


def test_a_class_without_a_form_says_what_to_do(client: TestClient) -> None:
    id_ = new_class(client, form_id="")
    answer = client.get(f"/api/classes/{id_}/next")
    assert answer.status_code == 422
    assert "Choose the form it learns" in answer.text
    assert client.get("/api/today").json()["lessons"] == []


def test_today_is_the_day_by_the_class(client: TestClient) -> None:
    assert client.get("/api/today").json()["day"] in {(TODAY + timedelta(days=n)).isoformat() for n in (-1, 0, 1)}
    id_ = new_class(client, days=[0, 1, 2, 3, 4, 5, 6], time="23:59")
    found = client.get("/api/today").json()
    assert [x["class_id"] for x in found["lessons"]] == [id_]
    assert found["lessons"][0]["when"].startswith(("today", "tomorrow"))
    assert date.fromisoformat(found["week"][0]["day"]).weekday() == 0


def test_today_goes_by_the_real_time_of_every_class(client: TestClient) -> None:
    tomorrow = datetime.now(UTC) + timedelta(days=2)
    for title, zone, hour in (
        ("Tokyo", "Asia/Tokyo", "12:00"),
        ("London", "Europe/London", "9:00"),
        ("New York", "America/New_York", "8:00"),
    ):
        new_class(client, title=title, zone=zone, time=hour, days=[tomorrow.weekday()])
    # On one day 12:00 in Tokyo is 3:00 UTC, 9:00 in London 8:00 or 9:00, 8:00 in New York 12:00 or 13:00.
    lessons = client.get("/api/today").json()["lessons"]
    assert [x["title"] for x in lessons] == ["Tokyo", "London", "New York"]
