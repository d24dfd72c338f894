"""Kemvo as a user has it: the built pages, a real server, headless Chromium."""

import os
import shutil
import subprocess
import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect, sync_playwright

from demo_made import demo_copied

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


class Servers:
    """Real servers in a process of their own (`servers.py`), one for a folder. (That the command starts one is tested in
    `test_trouble.py` and with the wheel.)"""

    def __init__(self, home: Path) -> None:
        self.process = subprocess.Popen(
            [sys.executable, str(Path(__file__).with_name("servers.py"))],
            stdin=subprocess.PIPE,
            stdout=subprocess.PIPE,
            text=True,
            env={**os.environ, "KEMVO_HOME": str(home)},
        )

    @contextmanager
    def on(self, folder: Path) -> Iterator[str]:
        """The address of a Kemvo on a folder, while it is served."""
        folder.mkdir(exist_ok=True)
        address = self._answer(str(folder))
        yield address
        self._answer(f"stop {address}")

    def _answer(self, said: str) -> str:
        print(said, file=self.process.stdin, flush=True)
        return self.process.stdout.readline().strip()

    def close(self) -> None:
        self.process.stdin.close()
        self.process.wait(10)


@pytest.fixture(scope="session")
def servers(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Servers]:
    made = Servers(tmp_path_factory.mktemp("home"))
    yield made
    made.close()


@pytest.fixture(scope="module")
def demo(tmp_path_factory: pytest.TempPathFactory, servers: Servers) -> Iterator[str]:
    """The address of a Kemvo with demo data, one for each file of tests."""
    with servers.on(demo_copied(tmp_path_factory.mktemp("demo"))) as address:
        yield address


@pytest.fixture
def empty(tmp_path: Path, servers: Servers) -> Iterator[str]:
    """The address of a Kemvo with nothing in it."""
    with servers.on(tmp_path / "home") as address:
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
