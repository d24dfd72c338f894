"""What the tests of the data folder share."""

import shutil
from pathlib import Path

import pytest


@pytest.fixture
def folder(tmp_path: Path, demo_data: Path) -> Path:
    """A data folder with the demo in it, as a stopped Kemvo leaves it."""
    path = Path(shutil.copytree(demo_data, tmp_path / "data"))
    for end in ("-wal", "-shm"):
        (path / f"kemvo.sqlite{end}").unlink(missing_ok=True)
    return path
