"""The take-away: one HTML file with everything in it, as large as was told, that opens nothing else."""

import json
import re
import time

from fastapi.testclient import TestClient

from kemvo.core.model.session import Part, Pass, Session


def made(client: TestClient, address: str, wish: dict) -> tuple[dict, str]:
    job = client.post(address, json=wish).json()
    for _ in range(600):
        job = client.get(f"/api/jobs/{job['id']}").json()
        if job["state"] not in ("waiting", "running"):
            break
        time.sleep(0.1)
    assert job["state"] == "done", job["problem"]
    return job, client.get(f"/api/jobs/{job['id']}/result").text


def test_a_practice_in_one_file(demo_client: TestClient) -> None:
    session = Session(title="At <home>", passes=(Pass(part=Part(form_id="nine-willows"), tempo=90),))
    id_ = demo_client.post("/api/sessions", json=session.model_dump(mode="json")).json()["id"]
    address = f"/api/sessions/{id_}/takeaway"
    told = demo_client.get(address, params={"tempo": [1, 1.2]}).json()["bytes"]
    job, page = made(demo_client, address, {"tempos": [1.2, 1]})
    assert "B. It plays" in job["note"]
    assert 0.5 < len(page.encode()) / told < 1.6
    assert "<title>At &lt;home&gt;</title>" in page
    assert not re.search(r"""(?:src|href)=["']?(?:https?:)?//""", page)
    data = json.loads(re.search(r'id="practice">(.*?)</script>', page, re.S)[1])
    assert [t["name"] for t in data["tempos"]] == ["as planned", "120 %"]
    assert data["usual"] == 0
    planned, quick = (t["stage"] for t in data["tempos"])
    assert len(planned["spans"]) == len(quick["spans"])
    assert quick["total_ms"] < planned["total_ms"]
    assert all(t["sound"] for t in data["tempos"])
    stage = demo_client.get(f"/api/sessions/{id_}/stage").json()
    assert [s["t"] for s in planned["said"]] == [s["text"] for s in stage["sounds"] if s["kind"] == "speech"]
    assert demo_client.post(address, json={"tempos": []}).status_code == 422
    assert demo_client.post(address, json={"tempos": [9]}).status_code == 422
