"""Recordings over the network: brought in piece by piece, marked, given back; nothing is lost."""

import io
import zipfile
from pathlib import Path

import pytest
from fastapi.testclient import TestClient

from following import ended, made
from kemvo.api.app import create_app
from kemvo.api.base.workspace import Workspace
from kemvo.core.recording.truth import Slips
from kemvo.film.studio import Studio, film
from takes import DONE, FORM, FORMS, SESSION


@pytest.fixture(scope="module")
def take(tmp_path_factory: pytest.TempPathFactory) -> bytes:
    """A film of the small form."""
    folder = tmp_path_factory.mktemp("film")
    path = folder / "take.mp4"
    workspace = Workspace(folder)
    film(
        SESSION,
        FORMS,
        workspace.clips(SESSION.speech),
        path,
        Studio(seed=5, size=(128, 96), fps=4, slips=Slips(stops=())),
    )
    workspace.close()
    return path.read_bytes()


def session_of(client: TestClient) -> str:
    form = client.post("/api/forms", json=FORM.model_dump(mode="json")).json()
    session = SESSION.model_dump(mode="json")
    session["passes"][0]["part"]["form_id"] = form["id"]
    return client.post("/api/sessions", json=session).json()["id"]


def brought_in(client: TestClient, data: bytes, name: str = "take.mp4", piece: int = 100_000) -> str:
    coming = client.post("/api/recordings/incoming", json={"name": name, "bytes": len(data), "changed": 7}).json()
    for at in range(coming["received"], len(data), piece):
        answer = client.put(f"/api/recordings/incoming/{coming['id']}?at={at}", content=data[at : at + piece])
        assert answer.status_code == 200, answer.text
    return coming["id"]


def recording(client: TestClient, data: bytes) -> dict:
    coming = brought_in(client, data)
    job = client.post("/api/recordings", json={"coming": coming, "session_id": session_of(client)}).json()
    return client.get(f"/api/recordings/{made(client, job)['id']}").json()


def test_a_stopped_upload_goes_on_where_it_was(client: TestClient, take: bytes) -> None:
    begun = client.post("/api/recordings/incoming", json={"name": "a.mp4", "bytes": len(take), "changed": 1}).json()
    client.put(f"/api/recordings/incoming/{begun['id']}?at=0", content=take[:50_000])
    again = client.post("/api/recordings/incoming", json={"name": "a.mp4", "bytes": len(take), "changed": 1}).json()
    assert (again["id"], again["received"]) == (begun["id"], 50_000)
    twice = client.put(f"/api/recordings/incoming/{begun['id']}?at=40000", content=take[40_000:60_000]).json()
    assert twice["received"] == 60_000
    gap = client.put(f"/api/recordings/incoming/{begun['id']}?at=70000", content=b"x")
    assert gap.status_code == 422
    assert "60000 of" in gap.text
    early = client.post("/api/recordings", json={"coming": begun["id"], "session_id": session_of(client)})
    assert early.status_code == 422
    assert client.delete(f"/api/recordings/incoming/{begun['id']}").status_code == 204
    assert client.get(f"/api/recordings/incoming/{begun['id']}").status_code == 422
    large = client.post("/api/recordings/incoming", json={"name": "b.mp4", "bytes": 20_000_000}).json()
    piece = client.put(f"/api/recordings/incoming/{large['id']}?at=0", content=bytes(8 * 1024 * 1024))
    assert piece.json()["received"] == 8 * 1024 * 1024, "the pieces that the page sends"
    for bad in ({"name": "a", "bytes": 0}, {"name": "a", "bytes": 10**15}):
        assert client.post("/api/recordings/incoming", json=bad).status_code == 422


def test_what_is_no_recording_is_refused_with_a_sentence_and_nothing_is_kept(client: TestClient) -> None:
    coming = brought_in(client, b"These are notes, not a film." * 50, "notes.mp4")
    job = client.post("/api/recordings", json={"coming": coming, "session_id": session_of(client)}).json()
    done = ended(client, job)
    assert done["state"] == "failed"
    assert "no film or sound" in done["problem"]["what"]
    assert client.get("/api/recordings").json() == []


def test_a_recording_is_marked_saved_undone_and_keeps_its_marks(client: TestClient, take: bytes) -> None:
    first = recording(client, take)
    id_ = first["id"]
    sheet = first["derived"]
    assert (sheet["here"], sheet["marked"], len(sheet["places"])) == (
        True,
        0,
        len([k for k in DONE if k.place.kind == "movement"]),
    )
    assert sheet["next"]["within_ms"] > 0
    loud = client.get(f"/api/recordings/{id_}/loudness?points=100").json()
    assert 10 <= len(loud["level_db"]) <= 100
    tapped = client.post(
        f"/api/recordings/{id_}/taps", json={"version": 1, "taps": [[3080, "posture"], [20_080, "posture"]]}
    ).json()
    firsts = [p for p in tapped["derived"]["places"] if p["first"]]
    assert [(p["start_ms"], p["mark"], p["hand"]) for p in firsts[:2]] == [(3000, "tap", True), (20_000, "tap", True)]
    third = firsts[2]["key"]
    on = client.post(
        f"/api/recordings/{id_}/taps",
        json={"version": 2, "taps": [[41_000, "posture"]], "from_place": third, "hand_ms": 0},
    ).json()
    assert [p["start_ms"] for p in on["derived"]["places"] if p["key"] == third] == [41_000]
    vtt = "WEBVTT\n\n00:30.000 --> 00:31.500\nPart the reeds, right\n\n00:58.000 --> 00:59.500\nCarry the lantern, right\n"
    heard = client.post(f"/api/recordings/{id_}/captions", files={"file": ("c.vtt", vtt)}, data={"version": "3"}).json()
    marks = {m["place"]: m for m in heard["body"]["marks"]}
    assert marks[third]["at_ms"] == 41_000, "a mark set by hand stays"
    assert {m["source"] for m in marks.values()} == {"tap", "captions"}
    nothing = client.post(
        f"/api/recordings/{id_}/captions", files={"file": ("c.vtt", "WEBVTT\n\n00:01.000 --> 00:02.000\nHello\n")}
    )
    assert nothing.status_code == 422
    back = client.post(f"/api/recordings/{id_}/undo", json={"version": 4}).json()
    assert len(back["body"]["marks"]) == 3
    file = client.get(f"/api/recordings/{id_}/marks.json").text
    other = client.put(f"/api/recordings/{id_}", json={"version": 5, "body": {**back["body"], "marks": []}}).json()
    assert other["derived"]["marked"] == 0
    again = client.post(
        f"/api/recordings/{id_}/marks-file", files={"file": ("m.json", file)}, data={"version": "6"}
    ).json()
    assert sorted(m["at_ms"] for m in again["body"]["marks"]) == [3000, 20_000, 41_000]
    stale = client.put(f"/api/recordings/{id_}", json={"version": 1, "body": back["body"]})
    assert stale.status_code == 409


def test_the_cue_desk_works_on_a_recording_and_leaves_the_session_alone(client: TestClient, take: bytes) -> None:
    first = recording(client, take)
    id_, session_id = first["id"], first["body"]["session_id"]
    desk = client.get(f"/api/recordings/{id_}/cues").json()
    assert len(desk["cues"]) > 10
    stage = client.get(f"/api/recordings/{id_}/stage").json()
    assert stage["total_ms"] == first["body"]["media"]["ms"]
    choice = {"cue": desk["cues"][3]["id"], "said": False}
    saved = client.put(
        f"/api/recordings/{id_}", json={"version": 1, "body": {**first["body"], "cue_choices": [choice]}}
    ).json()
    assert len(saved["body"]["cue_choices"]) == 1
    assert choice["cue"] not in {c["id"] for c in client.get(f"/api/recordings/{id_}/cues").json()["cues"] if c["said"]}
    assert client.get(f"/api/sessions/{session_id}").json()["body"]["cue_choices"] == []
    bad = next((c for c in desk["cues"] if c["state"] != "full"), None)
    if bad:
        cures = client.get(f"/api/recordings/{id_}/cures", params={"cue": bad["id"]}).json()
        assert not any("counts a minute" in c or "Stand still" in c for c in cures)
    assert client.get(f"/api/recordings/{id_}/cue-files/captions").status_code in (200, 422)
    assert client.get(f"/api/recordings/{id_}/captions.vtt").text.startswith("WEBVTT")
    assert client.get(f"/api/recordings/{id_}/cue-sheet.pdf").content[:4] == b"%PDF"


def test_a_recording_has_a_booth_levels_and_room_used(client: TestClient, take: bytes) -> None:
    first = recording(client, take)
    id_ = first["id"]
    booth = client.get(f"/api/recordings/{id_}/booth").json()
    assert booth["missing"] == len(booth["lines"]) > 5
    line = booth["lines"][2]["text"]
    sound = client.get("/api/simulated-microphone.wav", params={"text": line}).content
    kept = client.post(f"/api/recordings/{id_}/takes", params={"text": line}, files={"file": ("t.wav", sound)})
    assert kept.status_code == 201
    now = client.get(f"/api/recordings/{id_}/booth").json()
    assert [x["text"] for x in now["lines"] if x["own"]] == [line]
    points = client.get(f"/api/recordings/{id_}/own-levels").json()["points"]
    spoken = [s for s in client.get(f"/api/recordings/{id_}/stage").json()["sounds"] if s["kind"] == "speech"]
    assert points[0][1] == 1.0
    assert abs(points[2][0] - spoken[0]["at_ms"]) <= 1
    muted = {**first["body"], "talk": [{"from_ms": 0, "to_ms": first["body"]["media"]["ms"], "how": "mute"}]}
    client.put(f"/api/recordings/{id_}", json={"version": 1, "body": muted})
    assert min(f for _, f in client.get(f"/api/recordings/{id_}/own-levels").json()["points"]) == 0
    assert client.get("/api/data").json()["media_bytes"] == len(take)
    assert client.post(f"/api/recordings/{id_}/slips", json={"version": 2}).status_code == 422


def test_a_recording_is_given_back_in_ranges_and_as_a_zip(client: TestClient, take: bytes, tmp_path: Path) -> None:
    first = recording(client, take)
    id_ = first["id"]
    part = client.get(f"/api/recordings/{id_}/media", headers={"Range": "bytes=100-199"})
    assert (part.status_code, part.content) == (206, take[100:200])
    job = client.post(f"/api/recordings/{id_}/give-back", json={}).json()
    done = ended(client, job)
    assert done["state"] == "done", done
    assert done["filename"].endswith(".mp4")
    film_ = client.get(f"/api/jobs/{done['id']}/result").content
    assert film_[4:8] == b"ftyp"
    voice = ended(
        client, client.post(f"/api/recordings/{id_}/give-back", json={"ending": "wav", "voice_only": True}).json()
    )
    assert voice["state"] == "done"
    turned = ended(client, client.post(f"/api/recordings/{id_}/give-back", json={"turned": True}).json())
    assert turned["state"] == "done", turned
    with zipfile.ZipFile(io.BytesIO(client.get(f"/api/recordings/{id_}/packed.zip?media=true").content)) as packed:
        assert {"session.session.json", "marks.json", "media/take.mp4"} <= set(packed.namelist())
        assert packed.read("media/take.mp4") == take


@pytest.mark.parametrize("media", [True, False])
def test_a_packed_recording_opens_elsewhere(client: TestClient, take: bytes, tmp_path: Path, media: bool) -> None:
    first = recording(client, take)
    id_ = first["id"]
    tapped = client.post(
        f"/api/recordings/{id_}/taps", json={"version": 1, "taps": [[3080, "posture"], [20_080, "posture"]]}
    ).json()
    packed = client.get(f"/api/recordings/{id_}/packed.zip?media={media}").content
    (tmp_path / "elsewhere").mkdir()
    with TestClient(create_app(tmp_path / "elsewhere")) as other:
        for _ in range(2):
            coming = brought_in(other, packed, "six.zip")
            opened = other.get(
                f"/api/recordings/{made(other, other.post('/api/recordings/packed', json={'coming': coming}).json())['id']}"
            ).json()
            assert opened["body"]["marks"] == tapped["body"]["marks"]
            assert [p["start_ms"] for p in opened["derived"]["places"]] == [
                p["start_ms"] for p in tapped["derived"]["places"]
            ]
            assert opened["derived"]["here"] == media
        assert len(other.get("/api/sessions").json()) == 1, "the same session is not added twice"
        bad = brought_in(other, b"PK\x03\x04 no zip", "bad.zip")
        failed = ended(other, other.post("/api/recordings/packed", json={"coming": bad}).json())
        assert failed["state"] == "failed"
        assert "no packed recording" in failed["problem"]["what"]


def test_the_file_can_be_deleted_alone_and_brought_again(client: TestClient, take: bytes) -> None:
    first = recording(client, take)
    id_ = first["id"]
    client.post(f"/api/recordings/{id_}/taps", json={"version": 1, "taps": [[3080, "posture"]]})
    assert client.delete(f"/api/recordings/{id_}/media").json()["bytes"] == len(take)
    row = client.get("/api/recordings").json()[0]
    assert (row["here"], row["bytes"], row["marked"]) == (False, 0, 1)
    assert client.get(f"/api/recordings/{id_}/media").status_code == 422
    assert client.post(f"/api/recordings/{id_}/give-back", json={}).status_code == 422
    coming = brought_in(client, take)
    made(client, client.post(f"/api/recordings/{id_}/file?coming={coming}").json())
    view = client.get(f"/api/recordings/{id_}").json()
    assert (view["derived"]["here"], view["derived"]["marked"]) == (True, 1)


def test_a_recording_outlives_its_session(client: TestClient, take: bytes) -> None:
    """The session put away: the recording is there, says so, and its marks wait."""
    first = recording(client, take)
    id_ = first["id"]
    client.post(f"/api/recordings/{id_}/taps", json={"version": 1, "taps": [[3080, "posture"]]})
    client.delete(f"/api/sessions/{first['body']['session_id']}")
    assert client.get(f"/api/recordings/{id_}").json()["derived"]["marked"] == 1
    removed = client.delete(f"/api/recordings/{id_}").json()
    assert removed["removed"]
    assert client.get("/api/recordings").json() == []
    assert client.get("/api/recordings?removed=true").json()[0]["id"] == id_
    assert not client.post(f"/api/recordings/{id_}/bring-back").json()["removed"]


def test_marks_of_what_the_form_no_longer_has_are_told(client: TestClient, take: bytes) -> None:
    first = recording(client, take)
    id_ = first["id"]
    tapped = client.post(
        f"/api/recordings/{id_}/taps", json={"version": 1, "taps": [[3080, "posture"], [20_080, "posture"]]}
    ).json()
    session = client.get(f"/api/sessions/{first['body']['session_id']}").json()
    form_id = session["body"]["passes"][0]["part"]["form_id"]
    form = client.get(f"/api/forms/{form_id}").json()
    form["body"]["sections"][0]["postures"].pop(0)
    client.put(f"/api/forms/{form_id}", json={"version": form["version"], "body": form["body"]})
    after = client.get(f"/api/recordings/{id_}").json()
    assert after["body"]["marks"] == tapped["body"]["marks"]
    assert after["derived"]["unknown"] == [0]
    assert [p["start_ms"] for p in after["derived"]["places"] if p["mark"]] == [20_000]
