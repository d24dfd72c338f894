"""The stage while it runs, the first hour, problems mended together, over the API."""

from fastapi.testclient import TestClient

CLASS = "/api/sessions/evening-class"


def test_the_rest_is_worked_out_from_a_place(demo_client: TestClient) -> None:
    whole = demo_client.post(f"{CLASS}/live", json={}).json()
    key = whole["spans"][40]["key"]
    rest = demo_client.post(f"{CLASS}/live", json={"live": {"place": key, "share": 0.5, "speed": 0.8}}).json()
    at = next(s for s in rest["spans"] if s["key"] == key)
    assert at["start_ms"] < rest["begin_ms"] < at["end_ms"]
    spoken = [s for s in rest["sounds"] if s["kind"] == "speech"]
    assert all(s["at_ms"] >= rest["begin_ms"] for s in spoken)
    said = [c for s in spoken[:5] for c in s["cues"]]
    later = demo_client.post(f"{CLASS}/live", json={"live": {"place": key, "said": said}}).json()
    assert not set(said) & {c for s in later["sounds"] for c in s["cues"]}
    assert demo_client.post(f"{CLASS}/live", json={"live": {"speed": 9}}).status_code == 422
    assert demo_client.post("/api/sessions/none/live", json={}).status_code == 404
    under = next((s["address"] for s in whole["sounds"] if s["kind"] == "ground"), None)
    if under:
        assert demo_client.get(under).status_code == 200


def test_what_could_be_left_out_is_offered(demo_client: TestClient) -> None:
    offers = demo_client.post(f"{CLASS}/live/offers", json={"live": {}, "over_ms": 60_000}).json()
    assert 1 <= len(offers) <= 3
    assert offers[0]["saves_ms"] >= 60_000


def test_what_ran_is_kept_and_comes_back(demo_client: TestClient) -> None:
    spans = demo_client.post(f"{CLASS}/live", json={}).json()["spans"]
    stretch = {"place": spans[0]["key"], "until": spans[30]["key"], "began": "2026-11-26T09:30:00Z", "ms": 90_000}
    made = demo_client.put(f"{CLASS}/runs/abc1234", json={"stretches": [stretch]}).json()
    assert made["line"]["ms"] == 90_000
    # What was sent and not answered is sent again: it is there once.
    again = demo_client.put(f"{CLASS}/runs/abc1234", json={"stretches": [stretch]}).json()
    assert again["line"]["ms"] == 90_000
    assert again["line"]["again"] == 0
    later = {**stretch, "began": "2026-11-26T09:40:00Z"}
    more = demo_client.put(f"{CLASS}/runs/abc1234", json={"stretches": [later]}).json()
    assert more["line"]["ms"] == 180_000
    assert more["line"]["again"] > 0
    assert demo_client.put(f"{CLASS}/runs/NO!", json={"stretches": []}).status_code == 422
    of = {"session": "evening-class"}
    assert [r["id"] for r in demo_client.get("/api/runs", params=of).json()] == ["abc1234"]
    assert demo_client.get("/api/runs").json()[0]["id"] == "abc1234"
    assert sum(p["ms"] for p in demo_client.get("/api/runs/abc1234").json()["parts"]) == 180_000
    demo_client.delete("/api/runs/abc1234")
    assert demo_client.get("/api/runs", params=of).json() == []
    demo_client.post("/api/runs/abc1234/bring-back")
    assert len(demo_client.get("/api/runs", params=of).json()) == 1
    assert demo_client.get("/api/runs/none").status_code == 422


def test_the_head_says_what_is_open(demo_client: TestClient) -> None:
    steps = demo_client.get(f"{CLASS}/steps").json()["steps"]
    assert [s["id"] for s in steps] == ["lay_out", "cues", "voice", "practise", "files"]
    assert steps[4]["says"] == "no sound file yet"


def test_problems_are_mended_together_and_undone(demo_client: TestClient) -> None:
    ways = demo_client.get(f"{CLASS}/mendings").json()
    assert ways
    before = demo_client.get(CLASS).json()
    taken = demo_client.post(f"{CLASS}/mendings", json={"version": before["version"], "no": len(ways) - 1}).json()
    cues = demo_client.get(f"{CLASS}/cues").json()["cues"]
    assert sum(c["state"] != "full" and not c["wished"] for c in cues) == ways[-1]["after"]
    back = demo_client.post(f"{CLASS}/undo", json={"version": taken["version"]}).json()
    assert back["body"] == before["body"]
    assert demo_client.post(f"{CLASS}/mendings", json={"version": back["version"], "no": 9}).status_code == 422


def test_the_demo_goes_and_comes_back(demo_client: TestClient) -> None:
    assert demo_client.get("/api/beginnings").json()["demo"]
    gone = demo_client.delete("/api/demo").json()
    assert (gone["empty"], gone["demo"]) == (True, False)
    back = demo_client.post("/api/demo").json()
    assert (back["empty"], back["demo"]) == (False, True)
    assert len(demo_client.get("/api/forms").json()) == 2


def test_any_file_of_kemvo_is_opened(demo_client: TestClient) -> None:
    form = demo_client.get("/api/forms/nine-willows/file").content
    assert demo_client.post("/api/open", files={"file": ("a.json", form)}).json()["to"].startswith("/forms/")
    session = demo_client.get(f"{CLASS}/file").content
    assert demo_client.post("/api/open", files={"file": ("b.json", session)}).json()["to"].startswith("/sessions/")
    packed = demo_client.get(f"{CLASS}/packed.zip").content
    assert demo_client.post("/api/open", files={"file": ("c.zip", packed)}).json()["to"].startswith("/sessions/")
    assert demo_client.post("/api/open", files={"file": ("d.json", b"{}")}).status_code == 422
