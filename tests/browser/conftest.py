"""Kemvo as a user has it: the built pages, a real server, headless Chromium."""

import os
import re
import shutil
import subprocess
import sys
from collections.abc import Iterator
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect, sync_playwright

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


def _served(command: list[str], home: Path) -> Iterator[str]:
    server = subprocess.Popen(
        [sys.executable, "-m", "kemvo.cli", *command, "--port", "0", "--no-browser"],
        stdout=subprocess.PIPE,
        text=True,
        env={**os.environ, "KEMVO_HOME": str(home)},
    )
    line = server.stdout.readline()
    yield re.search(r"http://\S+", line)[0].replace("localhost", "127.0.0.1")
    server.terminate()
    server.wait(10)


@pytest.fixture(scope="module")
def demo(tmp_path_factory: pytest.TempPathFactory) -> Iterator[str]:
    """The address of a Kemvo with demo data, one for each file of tests."""
    folder = tmp_path_factory.mktemp("demo")
    yield from _served(["demo", "--folder", str(folder), "--no-films", "--no-neural"], folder)


@pytest.fixture
def empty(tmp_path: Path) -> Iterator[str]:
    """The address of a Kemvo with nothing in it."""
    yield from _served(["serve"], tmp_path / "home")


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
