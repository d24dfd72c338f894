"""Sessions through the API."""

import io
from itertools import pairwise

import numpy as np
import pytest
import soundfile
from fastapi.testclient import TestClient

from kemvo.audio.background import ground
from kemvo.audio.render import bed_of
from kemvo.core.model.session import SoundChoice
from kemvo.core.practice.soundtrack import Sound


def session(client: TestClient, **fields: object) -> dict:
    made = client.post("/api/sessions", json={"passes": [{"part": {"form_id": "nine-willows"}}], **fields})
    assert made.status_code == 201, made.text
    return made.json()


def test_a_session_is_made_from_a_form_edited_and_undone(demo_client: TestClient) -> None:
    made = demo_client.post("/api/sessions?form_id=nine-willows").json()
    assert [p["facing"] for p in made["body"]["passes"]] == ["watch", "behind"]
    body = {**made["body"], "wished_ms": 600_000, "passes": made["body"]["passes"][:1]}
    saved = demo_client.put(f"/api/sessions/{made['id']}", json={"version": made["version"], "body": body}).json()
    assert saved["derived"]["over_ms"] == saved["derived"]["totals"]["ms"] - 600_000
    back = demo_client.post(f"/api/sessions/{made['id']}/undo", json={"version": saved["version"]}).json()
    assert len(back["body"]["passes"]) == 2
    forth = demo_client.post(f"/api/sessions/{made['id']}/redo", json={"version": back["version"]}).json()
    assert len(forth["body"]["passes"]) == 1


def test_a_session_over_a_form_that_is_not_there_is_not_begun(demo_client: TestClient) -> None:
    assert demo_client.post("/api/sessions?form_id=none").status_code == 404


def test_a_change_of_the_form_is_a_change_of_the_session(demo_client: TestClient) -> None:
    made = session(demo_client)
    before = made["derived"]["totals"]["counts"]
    form = demo_client.get("/api/forms/nine-willows").json()
    form["body"]["sections"][0]["postures"][0]["movements"][0]["counts"] += 2
    demo_client.put("/api/forms/nine-willows", json={"version": form["version"], "body": form["body"]})
    assert demo_client.get(f"/api/sessions/{made['id']}").json()["derived"]["totals"]["counts"] == before + 2


def test_a_form_put_away_still_serves_its_sessions(demo_client: TestClient) -> None:
    made = session(demo_client)
    demo_client.delete("/api/forms/nine-willows")
    assert demo_client.get(f"/api/sessions/{made['id']}").json()["derived"] == made["derived"]


def test_a_posture_taken_out_of_a_form_is_told_in_the_plan(demo_client: TestClient) -> None:
    made = session(demo_client, passes=[{"part": {"form_id": "nine-willows", "first": "p3"}}])
    form = demo_client.get("/api/forms/nine-willows").json()
    for s in form["body"]["sections"]:
        s["postures"] = [p for p in s["postures"] if p["id"] != "p3"]
    demo_client.put("/api/forms/nine-willows", json={"version": form["version"], "body": form["body"]})
    (problem,) = demo_client.get(f"/api/sessions/{made['id']}").json()["derived"]["problems"]
    assert (problem["where"], problem["pointer"]) == ("pass 1", "/passes/0/part/first")
    assert "no longer in Nine Willows" in problem["what"]


@pytest.mark.parametrize(("speed", "shorter"), [(2.0, True), (0.5, False)])
def test_the_stage_at_another_speed_keeps_the_voice_and_moves_the_rest(
    demo_client: TestClient, speed: float, shorter: bool
) -> None:
    usual = demo_client.get("/api/sessions/thursday-class/stage").json()
    other = demo_client.get(f"/api/sessions/thursday-class/stage?speed={speed}").json()
    assert (other["total_ms"] < usual["total_ms"]) == shorter
    assert len(other["spans"]) == len(usual["spans"])
    lengths = {s["text"]: s["ms"] for s in usual["sounds"] if s["kind"] == "speech"}
    assert all(lengths[s["text"]] == s["ms"] for s in other["sounds"] if s["text"] in lengths)


@pytest.mark.parametrize("query", ["speed=0", "speed=9", "speed=x", "view=upside"])
def test_a_stage_that_cannot_be_is_refused_in_words(demo_client: TestClient, query: str) -> None:
    answer = demo_client.get(f"/api/sessions/thursday-class/stage?{query}")
    assert answer.status_code == 422
    assert answer.json()["problems"][0]["what"]


def test_the_cues_are_listed_with_reasons(demo_client: TestClient) -> None:
    made = session(demo_client, passes=[{"part": {"form_id": "nine-willows"}, "tempo": 150, "pause_before_ms": 0}])
    cues = demo_client.get(f"/api/sessions/{made['id']}/cues").json()["cues"]
    left = [c for c in cues if c["state"] == "left out"]
    assert left
    assert all(c["reason"].startswith(("Needs", "It ")) and c["start_ms"] is None for c in left)
    assert all(c["state"] == "left out" for c in cues if c["target_ms"] == 0), (
        "nothing can be said before the beginning"
    )


def test_captions_hold_what_the_cues_say(demo_client: TestClient) -> None:
    captions = demo_client.get("/api/sessions/thursday-class/captions.vtt")
    cues = demo_client.get("/api/sessions/thursday-class/cues").json()["cues"]
    assert captions.headers["content-type"].startswith("text/vtt")
    assert captions.text.count(" --> ") == len({c["start_ms"] for c in cues} - {None})
    assert demo_client.get("/api/sessions/thursday-class/captions.ass").status_code == 422


def test_sessions_are_copied_put_away_and_listed(demo_client: TestClient) -> None:
    copy = demo_client.post("/api/sessions/thursday-class/duplicate").json()
    assert copy["body"]["title"] == "Thursday morning class (copy)"
    assert len(demo_client.get("/api/sessions").json()) == 3
    demo_client.delete(f"/api/sessions/{copy['id']}")
    assert [s["id"] for s in demo_client.get("/api/sessions").json()] == ["thursday-class", "evening-class"]
    assert demo_client.post(f"/api/sessions/{copy['id']}/bring-back").json()["removed"] is False


def test_what_can_be_chosen_is_listed(demo_client: TestClient) -> None:
    choices = demo_client.get("/api/choices").json()
    assert {"en-gb", "en-us"} <= {v["id"] for v in choices["voices"]}
    assert [f["id"] for f in choices["facings"]] == ["behind", "mirror", "watch", "side"]
    assert [v["id"] for v in choices["voice_levels"]] == ["full", "short", "names", "breath", "silent", "thin"]


@pytest.mark.parametrize("kind", ["breath-in", "breath-out", "chime"])
def test_single_tones_are_served(demo_client: TestClient, kind: str) -> None:
    answer = demo_client.get(f"/api/sound/{kind}.wav?ms=1000")
    assert answer.headers["content-type"] == "audio/wav"
    assert len(answer.content) == 44 + 2 * 44_100


def test_a_lesson_is_laid_out_fitted_printed_and_kept_as_a_pattern(demo_client: TestClient) -> None:
    form = demo_client.get("/api/forms/nine-willows").json()["body"]
    ids = [p["id"] for s in form["sections"] for p in s["postures"]]
    wish = {"pattern": "two-angles", "form_id": "nine-willows", "new": ids[2:5], "before": ids[:2], "minutes": 40}
    made = demo_client.post("/api/sessions/lay-out", json=wish).json()
    told = demo_client.get(f"/api/sessions/{made['id']}/fit").json()
    assert told["met"]
    done = demo_client.post(f"/api/sessions/{made['id']}/fit", json={"version": made["version"]}).json()
    assert done["derived"]["over_ms"] == 0
    for ending, begins in (("pdf", b"%PDF"), ("html", b"<!doctype"), ("md", b"# "), ("csv", b"clock")):
        for reader in ("instructor", "class"):
            sheet = demo_client.get(f"/api/sessions/{made['id']}/paper.{ending}?reader={reader}")
            assert sheet.content.startswith(begins)
    assert demo_client.get(f"/api/sessions/{made['id']}/practice.mid").content.startswith(b"MThd")
    kept = demo_client.post(f"/api/sessions/{made['id']}/pattern").json()
    assert kept["id"] in {p["id"] for p in demo_client.get("/api/patterns").json()}
    again = demo_client.post("/api/sessions/lay-out", json={**wish, "pattern": kept["id"]}).json()
    assert [p["kind"] for p in again["body"]["passes"]] == [p["kind"] for p in done["body"]["passes"] if not p["off"]]
    left = demo_client.delete(f"/api/patterns/{kept['id']}").json()
    assert kept["id"] not in {p["id"] for p in left}
    assert demo_client.post("/api/sessions/lay-out", json={**wish, "pattern": "none"}).status_code == 422


def test_a_pass_that_leaves_its_room_is_noticed(demo_client: TestClient) -> None:
    view = demo_client.get("/api/forms/long-causeway").json()
    body = {**view["body"], "room": {"width": 3, "depth": 3}}
    demo_client.put("/api/forms/long-causeway", json={"version": view["version"], "body": body})
    made = demo_client.post("/api/sessions?form_id=long-causeway").json()
    assert "leaves the room" in " ".join(p["what"] for p in made["derived"]["problems"])


def test_what_sounds_under_a_session_is_played_on_the_stage_as_in_the_file(demo_client: TestClient) -> None:
    """The pieces follow each other without a gap and are the bed that is mixed into the file."""
    address = "/api/sessions/thursday-class"
    assert not any(x["address"] for x in demo_client.get(f"{address}/stage").json()["sounds"])
    session = demo_client.get(address).json()
    session["body"]["sound"] |= {"background": "water", "background_db": -20}
    demo_client.put(address, json={"version": session["version"], "body": session["body"]}).raise_for_status()
    stage = demo_client.get(f"{address}/stage").json()
    sounds = stage["sounds"]
    assert [x["at_ms"] for x in sounds] == sorted(x["at_ms"] for x in sounds)
    pieces = [x for x in sounds if x["kind"] == "ground"]
    assert pieces[0]["at_ms"] == 0
    assert pieces[-1]["at_ms"] + pieces[-1]["ms"] == stage["total_ms"]
    assert all(a["at_ms"] + a["ms"] == b["at_ms"] for a, b in pairwise(pieces))
    heard = np.concatenate(
        [soundfile.read(io.BytesIO(demo_client.get(x["address"]).content), dtype="float32")[0] for x in pieces[:3]]
    )
    choice = SoundChoice(background="water", background_db=-20)
    spoken = [Sound(x["at_ms"], x["ms"], x["kind"]) for x in sounds if x["kind"] == "speech"]
    bed = bed_of(choice, ground("water"), stage["total_ms"], spoken)
    assert np.abs(heard - bed.block(0, len(heard))).max() < 1e-4
    assert demo_client.get("/api/sessions/evening-class/under.wav?at_ms=0&ms=1000").status_code == 422
