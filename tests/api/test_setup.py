"""What a form is set up with, over the API: its front, its still time, where it stands; what it is mirrored by."""

from typing import Any

import pytest
from fastapi.testclient import TestClient

Body = dict[str, Any]


def saved(client: TestClient, **change: object) -> Any:
    view = client.get("/api/forms/nine-willows").json()
    body = {**view["body"], **change}
    return client.put("/api/forms/nine-willows", json={"version": view["version"], "body": body})


def test_a_still_time_is_part_of_the_form_and_of_its_passes(demo_client: TestClient) -> None:
    before = demo_client.get("/api/forms/nine-willows").json()["derived"]["totals"]
    after = saved(demo_client, lead_ms=45_000).json()["derived"]["totals"]
    assert after["ms"] == before["ms"] + 45_000
    assert (after["counts"], after["breaths"], after["shifts"]) == (
        before["counts"],
        before["breaths"],
        before["shifts"],
    )
    session = demo_client.post("/api/sessions?form_id=nine-willows").json()
    plan = demo_client.get(f"/api/sessions/{session['id']}/stage?wait=false").json()
    first = next(s for s in plan["spans"] if s["kind"] == "movement")
    assert first["start_ms"] >= 45_000


@pytest.mark.parametrize("lead_ms", [-1, 1_800_001, "long"])
def test_a_still_time_that_is_none_is_refused_with_its_place(demo_client: TestClient, lead_ms: object) -> None:
    answer = saved(demo_client, lead_ms=lead_ms)
    assert answer.status_code == 422
    assert "lead_ms" in answer.text
    assert demo_client.get("/api/forms/nine-willows").json()["body"]["lead_ms"] == 0


def test_where_a_form_stands_is_kept_with_it_and_in_its_file(demo_client: TestClient) -> None:
    within = {"first": 25, "last": 33, "of": 64, "title": "the long crossing"}
    assert saved(demo_client, within=within).json()["body"]["within"] == within
    file = demo_client.get("/api/forms/nine-willows/file")
    brought = demo_client.post("/api/forms/file", files={"file": ("x.form.json", file.content)})
    assert brought.json()["body"]["within"] == within
    assert file.json()["form"]["within"] == within


@pytest.mark.parametrize(
    "within", [{"first": 9, "last": 3, "of": 64}, {"first": 0, "last": 3, "of": 64}, {"first": 1, "last": 70, "of": 64}]
)
def test_a_place_that_is_none_is_refused(demo_client: TestClient, within: Body) -> None:
    assert saved(demo_client, within=within).status_code == 422
    assert demo_client.get("/api/forms/nine-willows").json()["body"]["within"] is None


@pytest.mark.parametrize(
    ("front", "line", "other"),
    [
        ("north", "Step to the east with the left foot", "Step to the west with the right foot"),
        ("south", "Step to the east with the left foot", "Step to the west with the right foot"),
        ("east", "Step to the east with the left foot", "Step to the east with the right foot"),
        ("east", "Step to the north with the left foot", "Step to the south with the right foot"),
        ("west", "Face north-west", "Face south-west"),
    ],
)
def test_a_posture_is_turned_over_about_its_forms_front(client: TestClient, front: str, line: str, other: str) -> None:
    posture = {"name": "Reeds", "movements": [{"line": line}]}
    made = client.post(f"/api/other-side/posture?front={front}", json=posture).json()
    assert made["movements"][0]["line"] == other
    back = client.post(f"/api/other-side/posture?front={front}", json=made).json()
    assert back["movements"][0]["line"] == line


def test_a_front_that_is_no_point_of_the_compass_is_refused(client: TestClient) -> None:
    assert client.post("/api/other-side/posture?front=up", json={"name": "Reeds"}).status_code == 422


def test_a_form_that_faces_east_is_copied_to_the_other_side_by_its_front(client: TestClient) -> None:
    text = "Ford\n\n1. Wait\nStand facing east.\nStep to the north with the left foot.\n2. Go\nTurn to the east.\n"
    form = client.post("/api/texts", json={"text": text}).json()["form"]
    assert form["front"] == "east"
    made = client.post("/api/forms", json=form).json()
    other = client.post(f"/api/forms/{made['id']}/duplicate?other_side=true").json()["body"]
    lines = [m["line"] for p in other["sections"][0]["postures"] for m in p["movements"]]
    assert lines == ["Stand facing east.", "Step to the south with the right foot.", "Turn to the east."]


def test_two_steps_that_close_a_form_are_told_as_changes(client: TestClient) -> None:
    lines = [
        "Weight into the right leg", "Left foot steps forward, heel first", "Weight into the left leg",
        "Right foot steps out", "Weight into the right leg", "Left foot steps in beside the right",
    ]  # fmt: skip
    body = {"title": "Ford", "sections": [{"postures": [{"name": "Go", "movements": [{"line": x} for x in lines]}]}]}
    id_ = client.post("/api/forms", json=body).json()["id"]
    for closing in client.get(f"/api/forms/{id_}/closings").json():
        assert 1 <= len(closing["changes"]) <= 2
        assert {"movement_id", "posture_id", "step", "side", "how", "factor", "says"} <= set(closing["changes"][0])
        assert abs(closing["mark"]["ahead"]) <= 0.15


class TestStretch:
    """Postures of a lesson entered by hand, from one to another."""

    def lesson(self, client: TestClient) -> Body:
        group = {"title": "Thursday", "form_id": "nine-willows", "days": [3]}
        id_ = client.post("/api/classes", json=group).json()["id"]
        made = client.post("/api/lessons", json={"class_id": id_, "day": "2026-11-26"})
        assert made.status_code == 201
        return made.json()

    def test_it_is_written_down_and_undone(self, demo_client: TestClient) -> None:
        lesson = self.lesson(demo_client)
        path = f"/api/lessons/{lesson['id']}"
        more = {"version": lesson["version"], "first": 4, "last": 2, "ms": 600_001}
        made = demo_client.post(f"{path}/stretch", json=more).json()
        parts = made["body"]["parts"]
        assert [p["posture_id"] for p in parts] == [c["posture_id"] for c in made["derived"]["choices"][2:5]]
        assert sum(p["ms"] for p in parts) == 600_001
        back = demo_client.post(f"{path}/undo", json={"version": made["version"]}).json()
        assert back["body"]["parts"] == []

    def test_one_from_an_older_version_is_refused_and_nothing_lost(self, demo_client: TestClient) -> None:
        lesson = self.lesson(demo_client)
        path = f"/api/lessons/{lesson['id']}"
        more = {"version": lesson["version"], "first": 0, "last": 0, "ms": 60_000}
        made = demo_client.post(f"{path}/stretch", json=more)
        assert made.status_code == 200
        assert demo_client.post(f"{path}/stretch", json=more).status_code == 409
        assert demo_client.get(path).json()["body"] == made.json()["body"]

    @pytest.mark.parametrize("change", [{"first": -1}, {"last": 400}, {"ms": 0}, {"ms": 90_000_000}])
    def test_what_is_no_stretch_is_refused(self, demo_client: TestClient, change: Body) -> None:
        lesson = self.lesson(demo_client)
        more = {"version": lesson["version"], "first": 0, "last": 1, "ms": 60_000, **change}
        answer = demo_client.post(f"/api/lessons/{lesson['id']}/stretch", json=more)
        assert answer.status_code == 422
        assert answer.json()["detail"]
