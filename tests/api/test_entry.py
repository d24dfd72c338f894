"""Kemvo for other machines: a passphrase first, names it answers to, and one Kemvo a folder."""

import asyncio
import os
import re
import subprocess
import sys
import time
from pathlib import Path

import httpx
import pytest
from fastapi.testclient import TestClient
from typer.testing import CliRunner

from demo_made import demo_copied
from kemvo.api.app import create_app
from kemvo.api.guard.entry import FILE, Guard, set_passphrase
from kemvo.cli import app
from kemvo.core.errors import KemvoError

WORDS = "herons wade at low tide"


@pytest.fixture
def guarded(tmp_path: Path) -> TestClient:
    set_passphrase(tmp_path, WORDS)
    return TestClient(create_app(tmp_path, ["hall.local"], Guard(tmp_path)), follow_redirects=False)


def entered(client: TestClient, words: str = WORDS):
    return client.post("/enter", data={"passphrase": words})


def test_nothing_is_shown_before_the_passphrase_and_all_after(guarded: TestClient) -> None:
    assert guarded.get("/api/forms").status_code == 401
    assert guarded.post("/api/forms").status_code == 401
    assert guarded.get("/forms").headers["location"] == "/enter"
    assert "Passphrase" in guarded.get("/enter").text
    assert entered(guarded, "herons wade at high tide").status_code == 403
    assert guarded.get("/api/forms").status_code == 401
    cookie = entered(guarded).headers["set-cookie"].lower()
    assert "httponly" in cookie
    assert "samesite=strict" in cookie
    assert guarded.get("/api/forms").status_code == 200
    assert guarded.post("/api/forms").status_code == 201


def test_a_forged_cookie_and_one_of_an_older_passphrase_open_nothing(guarded: TestClient, tmp_path: Path) -> None:
    entered(guarded)
    cookie = guarded.cookies["kemvo"]
    set_passphrase(tmp_path, "another one altogether")
    later = TestClient(create_app(tmp_path, [], Guard(tmp_path)), follow_redirects=False)
    for forged in (cookie, cookie[:-4] + "abcd", "eyJlbnRlcmVkIjp0cnVlfQ==.x.y"):
        later.cookies.set("kemvo", forged)
        assert later.get("/api/forms").status_code == 401


def test_guessing_is_slowed_down(guarded: TestClient) -> None:
    answers = [entered(guarded, f"guess number {n}").status_code for n in range(7)]
    assert answers == [403] * 5 + [429] * 2
    assert entered(guarded).status_code == 429, "even the right one has to wait"


def test_guesses_at_once_are_counted_before_they_are_looked_at(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    set_passphrase(tmp_path, WORDS)
    guard = Guard(tmp_path)
    at_once, most = 0, 0

    def slow(self: Guard, passphrase: str) -> bool:
        nonlocal at_once, most
        at_once += 1
        most = max(most, at_once)
        time.sleep(0.02)
        at_once -= 1
        return passphrase == WORDS

    monkeypatch.setattr(Guard, "_opens", slow)

    async def all_at_once() -> list[bool | None]:
        tries = [guard.try_one("one", f"guess {n}") for n in range(60)]
        others = [guard.try_one(f"machine {n}", f"guess {n}") for n in range(60)]
        return await asyncio.gather(*tries, *others)

    answers = asyncio.run(all_at_once())
    assert answers[:60] == [False] * 5 + [None] * 55
    assert answers[60:] == [False] * 35 + [None] * 25, "forty from all together"
    assert most == 1, "one after the other"


def test_the_right_one_costs_no_try(guarded: TestClient) -> None:
    assert {entered(guarded).status_code for _ in range(8)} == {303}


def test_a_changed_passphrase_ends_what_was_opened_at_once_and_counts_at_once(
    guarded: TestClient, tmp_path: Path
) -> None:
    entered(guarded)
    assert guarded.get("/api/forms").status_code == 200
    set_passphrase(tmp_path, "another one altogether")
    assert guarded.get("/api/forms").status_code == 401
    assert entered(guarded).status_code == 403
    assert entered(guarded, "another one altogether").status_code == 303
    assert guarded.get("/api/forms").status_code == 200


def test_a_form_that_cannot_be_read_is_a_wrong_passphrase(guarded: TestClient) -> None:
    for body, kind in (
        (b"--x\r\nnothing", "multipart/form-data; boundary=x"),
        (b"anything", "multipart/form-data"),
        (b"\xff%zz=&&", "application/x-www-form-urlencoded"),
        (
            b'--x\r\nContent-Disposition: form-data; name="passphrase"; filename="a"\r\n\r\nb\r\n--x--',
            "multipart/form-data; boundary=x",
        ),
    ):
        assert guarded.post("/enter", content=body, headers={"Content-Type": kind}).status_code == 403


def test_only_its_own_names_and_plain_addresses_are_answered(guarded: TestClient) -> None:
    for host, status in (
        ("hall.local", 200),
        ("HALL.local:8137", 200),
        ("192.168.1.7:8137", 200),
        ("[fe80::1]:8137", 200),
        ("elsewhere.example", 400),
        ("192.168.1.7.elsewhere.example", 400),
    ):
        assert guarded.get("/enter", headers={"Host": host}).status_code == status, host


def test_the_passphrase_is_kept_as_a_hash_that_only_its_owner_may_read(tmp_path: Path) -> None:
    folder = tmp_path / "not" / "made yet"
    set_passphrase(folder, WORDS)
    kept = (folder / FILE).read_text()
    assert WORDS not in kept
    assert "$argon2id$" in kept
    assert (folder / FILE).stat().st_mode & 0o077 == 0
    with pytest.raises(KemvoError, match="at least"):
        set_passphrase(folder, "short")


def test_another_host_refuses_to_start_without_a_passphrase(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setenv("KEMVO_HOME", str(tmp_path))
    run = CliRunner().invoke(app, ["serve", "--host", "0.0.0.0", "--port", "0"])
    assert run.exit_code == 2
    assert "kemvo passphrase" in run.output
    run = CliRunner().invoke(app, ["passphrase"], input=f"{WORDS}\n")
    assert run.exit_code == 0, run.output
    assert asyncio.run(Guard(tmp_path).try_one("here", WORDS))


def test_a_second_kemvo_on_a_folder_names_the_first_and_deletes_nothing(tmp_path: Path) -> None:
    folder = demo_copied(tmp_path / "d")
    command = [
        sys.executable,
        "-m",
        "kemvo.cli",
        "demo",
        "--folder",
        str(folder),
        "--port",
        "0",
        "--no-browser",
        "--no-films",
    ]
    first = subprocess.Popen(
        command, stdout=subprocess.PIPE, text=True, env={**os.environ, "KEMVO_HOME": str(tmp_path)}
    )
    try:
        address = re.search(r"http://\S+", first.stdout.readline())[0]
        rendered = tmp_path / "d" / "renders" / "being-made.wav"
        rendered.write_bytes(b"x")
        for more in ([], ["--fresh"]):
            second = subprocess.run([*command, *more], capture_output=True, text=True, timeout=60)
            assert second.returncode == 2
            assert address in second.stderr
        restored = subprocess.run(
            [sys.executable, "-m", "kemvo.cli", "restore", __file__, "--folder", str(tmp_path / "d")],
            capture_output=True,
            text=True,
        )
        assert (restored.returncode, "running on this folder" in restored.stderr) == (2, True)
        assert rendered.exists()
        there = httpx.get(f"{address.replace('localhost', '127.0.0.1')}/api/forms").json()
        assert len(there) == 2
    finally:
        first.terminate()
        first.wait(10)
    again = subprocess.Popen(command, stdout=subprocess.PIPE, text=True)
    assert "ready" in again.stdout.readline(), "after the first has ended, the folder is free"
    again.terminate()
    again.wait(10)
    assert not rendered.exists(), "what was left half made is tidied away"
