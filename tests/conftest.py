"""Fixtures all tests share. No test touches the user's own data."""

from collections.abc import Iterator
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from hypothesis import settings

from kemvo.api.app import create_app

settings.register_profile("kemvo", deadline=None)
settings.load_profile("kemvo")


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
    from kemvo.demo.load import fill

    folder = tmp_path / "demo"
    folder.mkdir()
    fill(folder)
    with TestClient(create_app(folder)) as made:
        yield made
