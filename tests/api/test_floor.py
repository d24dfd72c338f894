"""The routes of floor, read-through, catalogue and tables."""

from fastapi.testclient import TestClient


def test_the_sheet_tells_floor_findings_and_care(demo_client: TestClient) -> None:
    sheet = demo_client.get("/api/forms/nine-willows").json()["derived"]
    assert sheet["floor"]["mark_sentence"] == "It ends on the mark, facing as it began."
    assert sheet["floor"]["sentence"].startswith("From the start you need")
    assert len(sheet["floor"]["walls"]) == 4
    assert "doctor" in sheet["care"]["advice"]
    assert sheet["findings"] == []


def test_a_mend_is_listed_applied_and_undone(demo_client: TestClient) -> None:
    view = demo_client.get("/api/forms/long-causeway").json()
    finding = next(f for f in view["derived"]["findings"] if f["kind"] == "not-alternating")
    told = demo_client.get(f"/api/forms/long-causeway/mends?finding={finding['id']}").json()
    assert told == ["Let the sides alternate."]
    done = demo_client.post(
        "/api/forms/long-causeway/mends", json={"version": view["version"], "finding": finding["id"]}
    ).json()
    assert finding["id"] not in {f["id"] for f in done["derived"]["findings"]}
    back = demo_client.post("/api/forms/long-causeway/undo", json={"version": done["version"]}).json()
    assert back["body"] == view["body"]
    stale = {"version": view["version"], "finding": finding["id"]}
    assert demo_client.post("/api/forms/long-causeway/mends", json=stale).status_code == 409
    gone = {"version": back["version"], "finding": "nowhere"}
    assert demo_client.post("/api/forms/long-causeway/mends", json=gone).status_code == 422


def test_where_to_stand_and_what_closes_are_asked_for(demo_client: TestClient) -> None:
    told = demo_client.get("/api/forms/long-causeway/standing?facings=all").json()
    assert told["best"]["fits"]
    assert len(told["facings"]) == 5
    assert demo_client.get("/api/forms/long-causeway/standing?facings=sideways").status_code == 422
    assert isinstance(demo_client.get("/api/forms/long-causeway/closings").json(), list)
    assert [r["title"] for r in demo_client.get("/api/rooms").json()] == ["Saltmarsh Hall", "Saltmarsh Hall"]


def test_a_room_that_crosses_itself_is_refused_with_its_place(demo_client: TestClient) -> None:
    view = demo_client.get("/api/forms/nine-willows").json()
    body = {**view["body"], "room": {"corners": [[0, 0], [4, 4], [4, 0], [0, 4]]}}
    answer = demo_client.put("/api/forms/nine-willows", json={"version": view["version"], "body": body})
    assert answer.status_code == 422
    assert "crosses" in answer.json()["detail"]


def test_the_tables_have_what_a_form_can_choose(client: TestClient) -> None:
    tables = client.get("/api/tables").json()
    assert "yang-long" in tables["schools"]
    assert {"everyone", "sore-knees", "balance", "fragile-bones", "sore-shoulders", "beginners", "pregnancy"} == {
        g["id"] for g in tables["groups"]
    }
    assert len(tables["stances"]) >= 12


def test_readings_are_put_right_over_the_api(client: TestClient) -> None:
    movement = {"line": "Left foot steps forward"}
    read = client.post("/api/read/movement", json=movement).json()
    assert ["side", "right foot steps forward"] in read["signs"][0]["choices"]
    put = client.post("/api/read/correct", json={"movement": movement, "no": 0, "what": "side"}).json()
    assert put["signs"][0]["words"] == "right foot steps forward"
    assert put["signs"][0]["origin"] == "hand"
    again = client.post(
        "/api/read/movement", json={**put["movement"], "line": "Now the left foot steps forward"}
    ).json()
    assert again["signs"][0]["origin"] == "read"
    back = client.post("/api/read/correct", json={"movement": put["movement"], "no": 0, "what": "read"}).json()
    assert back["signs"][0]["origin"] == "read"
    gone = client.post("/api/read/correct", json={"movement": movement, "no": 0, "what": "gone"}).json()
    assert gone["signs"] == []
    assert client.post("/api/read/correct", json={"movement": movement, "no": 3, "what": "side"}).status_code == 422


def test_own_postures_are_kept_overrule_and_go_out_and_in_as_files(client: TestClient) -> None:
    posture = {
        "name": "Repulse the monkey",
        "side": "R",
        "movements": [{"line": "Right foot steps back", "left_pct": 100}],
    }
    kept = client.post("/api/catalogue", json={"posture": posture}).json()
    assert (kept["id"], kept["own"], kept["over"]) == ("repulse-monkey", True, True)
    assert kept["posture"]["movements"][0]["line"] == "Left foot steps back"  # kept by its left side
    assert client.get("/api/catalogue?letters=repulse").json()[0]["own"]
    file = client.get("/api/catalogue/file").content
    assert client.delete("/api/catalogue/repulse-monkey").json() == []
    assert not client.get("/api/catalogue?letters=repulse").json()[0]["own"]
    opened = client.post("/api/catalogue/file", files={"file": ("own.json", file)}).json()
    assert [s["id"] for s in opened] == ["repulse-monkey"]
    toml = b'[[posture]]\nid = "heron-wades"\nname = "Heron wades"\nmovements = [{ line = "Left foot steps out" }]\n'
    assert client.post("/api/catalogue/file", files={"file": ("own.toml", toml)}).json()[0]["name"] == "Heron wades"
    draft = client.post("/api/texts", json={"text": "1. Heron wades\n2. Commencing"}).json()
    assert draft["form"]["sections"][0]["postures"][0]["movements"][0]["line"] == "Left foot steps out"
    for bad in (b"{", b"x = ", b"\xff\xfe", b'{"postures": 3}', b'[[posture]]\nid = "x"\n'):
        assert client.post("/api/catalogue/file", files={"file": ("bad.json", bad)}).status_code in (201, 422)
    assert client.post("/api/catalogue", json={"posture": {"name": " "}}).status_code == 422


def test_same_again_and_the_other_side_make_postures_of_a_text(client: TestClient) -> None:
    text = "1. Brush knee, left\nAll the weight into the right\nLeft heel steps forward\nOther side\nSame again"
    form = client.post("/api/texts", json={"text": text}).json()["form"]
    postures = form["sections"][0]["postures"]
    assert [p["side"] for p in postures] == ["L", "R", "R"]
    assert postures[1]["movements"][1]["line"] == "Right heel steps forward"


def test_a_stance_is_had_otherwise_and_moves_the_feet(demo_client: TestClient) -> None:
    def bow() -> dict:
        rows = demo_client.get("/api/forms/long-causeway/stances").json()
        return next(r for r in rows if r["id"] == "bow")

    view = demo_client.get("/api/forms/long-causeway").json()
    assert (bow()["along"], bow()["front_least"], bow()["front_most"]) == (0.38, 50, 100)
    manner = {**view["body"]["manner"], "stances": [{"id": "bow", "along": 0.25, "front_least": 60}]}
    body = {**view["body"], "manner": manner}
    saved = demo_client.put("/api/forms/long-causeway", json={"version": view["version"], "body": body}).json()
    assert (bow()["along"], bow()["front_least"], bow()["across"]) == (0.25, 60, 1.0)
    assert saved["derived"]["floor"]["sentence"] != view["derived"]["floor"]["sentence"]
    # Saved whole, and gone again with one undo.
    back = demo_client.post("/api/forms/long-causeway/undo", json={"version": saved["version"]}).json()
    assert back["body"]["manner"]["stances"] == []
    twice = {**manner, "stances": [{"id": "bow"}, {"id": "bow"}]}
    answer = demo_client.put(
        "/api/forms/long-causeway", json={"version": back["version"], "body": {**view["body"], "manner": twice}}
    )
    assert answer.status_code == 422
    assert "told twice" in answer.json()["detail"]


def test_a_new_camera_of_a_room_with_corners_stands_at_its_front(client: TestClient) -> None:
    room = {"corners": [[10, 10], [14, 10], [14, 16], [10, 16]], "front_deg": 90}
    camera = client.post("/api/rooms/camera", json=room).json()
    assert (camera["x"], camera["y"], camera["towards_deg"]) == (14, 13, 270)
    assert client.post("/api/rooms/camera", json={"width": -1}).status_code == 422
