"""Kemvo as a user has it: the built pages, a real server, headless Chromium."""

import shutil
import socket
import threading
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

import pytest
import uvicorn
from playwright.sync_api import Browser, Page, expect, sync_playwright

from kemvo.api.app import create_app

CHROMIUM = shutil.which("chromium") or "/usr/bin/chromium"
FLAGS = (
    "--headless --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking"
    " --disable-component-update --disable-sync --autoplay-policy=no-user-gesture-required"
).split()


# Long enough for a loaded machine: a wait ends as soon as what it waits for is there, so patience costs nothing.
PATIENCE_MS = 20_000
expect.set_options(timeout=PATIENCE_MS)


@pytest.fixture(scope="session")
def browser() -> Iterator[Browser]:
    with sync_playwright() as driver:
        made = driver.chromium.launch(executable_path=CHROMIUM, args=FLAGS)
        yield made
        made.close()


@contextmanager
def _served(folder: Path) -> Iterator[str]:
    """The address of a Kemvo on a folder: its real server, in a thread of its own. (That the command starts it is tested in
    `test_trouble.py` and with the wheel.)"""
    folder.mkdir(exist_ok=True)
    listener = socket.create_server(("127.0.0.1", 0))
    server = uvicorn.Server(uvicorn.Config(create_app(folder), log_level="warning"))
    thread = threading.Thread(target=server.run, kwargs={"sockets": [listener]})
    thread.start()
    yield f"http://127.0.0.1:{listener.getsockname()[1]}"
    server.should_exit = server.force_exit = True
    thread.join(10)


@pytest.fixture(scope="module")
def demo(tmp_path_factory: pytest.TempPathFactory, demo_data: Path) -> Iterator[str]:
    """The address of a Kemvo with demo data, one for each file of tests."""
    folder = tmp_path_factory.mktemp("demo")
    shutil.copytree(demo_data, folder, dirs_exist_ok=True)
    with _served(folder) as address:
        yield address


@pytest.fixture
def empty(tmp_path: Path) -> Iterator[str]:
    """The address of a Kemvo with nothing in it."""
    with _served(tmp_path / "home") as address:
        yield address


@pytest.fixture
def page(browser: Browser) -> Iterator[Page]:
    """A page of 1280 by 800; errors in its scripts fail the test."""
    context = browser.new_context(viewport={"width": 1280, "height": 800}, accept_downloads=True)
    page = context.new_page()
    errors: list[str] = []
    page.on("pageerror", lambda e: errors.append(str(e)))
    page.set_default_timeout(PATIENCE_MS)
    yield page
    context.close()
    assert not errors
