"""Settings: what new forms and sessions begin with; those that are here keep theirs."""

from fastapi.testclient import TestClient


def test_new_forms_and_sessions_begin_with_the_settings_and_old_ones_keep_theirs(client: TestClient) -> None:
    before = client.post("/api/forms").json()
    shown = client.get("/api/settings").json()
    assert shown["voices"]
    assert all(v["origin"] for v in shown["voices"])
    settings = shown["settings"] | {"tempo": 26, "theme": "dark"}
    settings["speech"] |= {"wpm": 110}
    settings["directions"] |= {"words": "clock"}
    settings["who"] |= {"stature_cm": 181}
    kept = client.put("/api/settings", json=settings)
    assert kept.status_code == 200
    form = client.post("/api/forms").json()
    assert (form["body"]["tempo"], form["body"]["who"]["stature_cm"]) == (26, 181)
    session = client.post(f"/api/sessions?form_id={form['id']}").json()
    assert (session["body"]["speech"]["wpm"], session["body"]["directions"]["words"]) == (110, "clock")
    assert client.get(f"/api/forms/{before['id']}").json()["body"]["tempo"] != 26
    assert client.get("/api/settings").json()["settings"]["theme"] == "dark"


def test_a_voice_that_is_gone_gives_way_to_the_usual_one(client: TestClient) -> None:
    settings = client.get("/api/settings").json()["settings"]
    settings["speech"] |= {"engine": "neural", "voice": "gone", "wpm": 110}
    client.put("/api/settings", json=settings).raise_for_status()
    speech = client.post("/api/sessions").json()["body"]["speech"]
    assert (speech["engine"], speech["wpm"]) == ("espeak", 110)


def test_settings_that_cannot_be_are_refused_and_the_old_ones_stay(client: TestClient) -> None:
    settings = client.get("/api/settings").json()["settings"]
    refused = client.put("/api/settings", json=settings | {"tempo": 0})
    assert refused.status_code == 422
    assert client.get("/api/settings").json()["settings"] == settings


def test_voices_are_heard_with_a_line_of_the_form_saved_last(demo_client: TestClient) -> None:
    line = demo_client.get("/api/settings").json()["line"]
    forms = [demo_client.get(f"/api/forms/{f['id']}").json()["body"] for f in demo_client.get("/api/forms").json()]
    assert line in [m["line"] for m in (m for s in forms[0]["sections"] for p in s["postures"] for m in p["movements"])]
    assert isinstance(demo_client.get("/api/settings/rooms").json(), list)


def test_forms_and_sessions_are_tagged(demo_client: TestClient) -> None:
    made = demo_client.put("/api/forms/nine-willows/tags", json={"tags": [" short ", "short", "hall  one"]}).json()
    assert made["tags"] == ["short", "hall one"]
    rows = {r["id"]: r for r in demo_client.get("/api/forms").json()}
    assert rows["nine-willows"]["tags"] == ["short", "hall one"]
    assert rows["nine-willows"]["used_in"] == ["Thursday morning class"]
    demo_client.put("/api/sessions/evening-class/tags", json={"tags": ["evening"]})
    assert {r["id"]: r["tags"] for r in demo_client.get("/api/sessions").json()}["evening-class"] == ["evening"]
    assert demo_client.put("/api/forms/none/tags", json={"tags": []}).status_code == 404
    assert demo_client.put("/api/forms/nine-willows/tags", json={"tags": ["x"] * 13}).status_code == 422
