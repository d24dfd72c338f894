"""Long work followed until it has ended."""

import time

from fastapi.testclient import TestClient


def ended(client: TestClient, job: dict) -> dict:
    """A job as it stands when it has ended."""
    for _ in range(1200):
        now = client.get(f"/api/jobs/{job['id']}").json()
        if now["state"] in ("done", "failed", "cancelled"):
            return now
        time.sleep(0.05)
    raise AssertionError("the job did not end")


def made(client: TestClient, job: dict) -> dict:
    """What a job made; it must have been done."""
    now = ended(client, job)
    assert now["state"] == "done", now
    return now["made"]
