"""Fixtures all tests share. No test touches the user's own data."""

import os
from collections.abc import Iterator
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from hypothesis import settings

from demo_made import demo_copied
from kemvo.api.app import create_app
from kemvo.audio.speech.espeak import EspeakVoice
from kemvo.audio.speech.voice import Utterance

settings.register_profile("kemvo", deadline=None)
settings.register_profile("quick", deadline=None, max_examples=15)
settings.load_profile(os.environ.get("KEMVO_TESTS", "kemvo"))
"""“make quick” tries every law on fewer examples; “make test” on all."""


@pytest.fixture(autouse=True)
def own_home(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setenv("KEMVO_HOME", str(tmp_path / "home"))


@pytest.fixture
def client(tmp_path: Path) -> Iterator[TestClient]:
    """The API on an empty data folder."""
    folder = tmp_path / "data"
    folder.mkdir()
    with TestClient(create_app(folder)) as made:
        yield made


@pytest.fixture
def demo_client(tmp_path: Path) -> Iterator[TestClient]:
    """The API on demo data."""
    with TestClient(create_app(demo_copied(tmp_path / "demo"))) as made:
        yield made


@pytest.fixture(scope="session", autouse=True)
def spoken_once() -> Iterator[None]:
    """The speech engine says a text once for all tests: it says it alike every time, and the tests are quicker."""
    speak = EspeakVoice.speak
    known: dict[tuple[str, str], Utterance] = {}

    def remembered(voice: EspeakVoice, text: str) -> Utterance:
        if (voice.key, text) not in known:
            known[voice.key, text] = speak(voice, text)
        return known[voice.key, text]

    EspeakVoice.speak = remembered
    yield
    EspeakVoice.speak = speak
