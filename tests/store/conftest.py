"""What the tests of the data folder share."""

from pathlib import Path

import pytest

from demo_made import demo_copied


@pytest.fixture
def folder(tmp_path: Path) -> Path:
    """A data folder with the demo in it, as a stopped Kemvo leaves it."""
    return demo_copied(tmp_path / "data")
