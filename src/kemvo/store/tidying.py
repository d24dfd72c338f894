"""What a Kemvo that was stopped in the middle leaves half done in its data folder, and how it is taken away."""

from __future__ import annotations

import shutil
import time
from contextlib import suppress
from pathlib import Path

from kemvo.store.media import COMING

LEFT_OVERS = (
    "renders/*",
    "incoming/*",
    "sounds/.*",
    "clips/**/*.part",
    "incoming-media/.*.part",
    "copies/.*.part*",
    ".restoring-*",
    ".filming-*",
    "kemvo-copy-*",
    ".*.part",
    "*.part",
)
"""Patterns of files and folders that only work under way has: a Kemvo that starts alone in its folder finds none that is in use."""


COMING_KEPT_S = 14 * 86_400
"""Seconds for which a recording that was only half brought in is kept, to go on with."""


def take_away_left_overs(folder: Path) -> None:
    """Take away what is half done, each by itself: what cannot be taken away now keeps nothing else from it."""
    for pattern in LEFT_OVERS:
        with suppress(OSError):
            for path in list(folder.glob(pattern)):
                take_away(path)
    with suppress(OSError):
        for path in list((folder / COMING).glob("*")):
            with suppress(OSError):
                if time.time() - path.stat().st_mtime > COMING_KEPT_S:
                    take_away(path)


def take_away(path: Path) -> None:
    """Take a file or a folder away; where that cannot be done, it stays."""
    with suppress(OSError):
        if path.is_dir() and not path.is_symlink():
            shutil.rmtree(path, ignore_errors=True)
        else:
            path.unlink(missing_ok=True)
