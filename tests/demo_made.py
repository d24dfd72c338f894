"""The demo, made once: its eight weeks of lessons are worked out and its lines are measured, and tests copy the folder.

It is kept beside the other things that are set up, by a key of the program's own files and the day, so that a changed program has
its demo made anew.
"""

import shutil
from datetime import date
from hashlib import blake2b
from pathlib import Path

from filelock import FileLock

ROOT = Path(__file__).parents[1]
KEPT = ROOT / ".stamps" / "demo"


def _key() -> str:
    told = blake2b(date.today().isoformat().encode(), digest_size=10)
    for path in sorted((ROOT / "src" / "kemvo").rglob("*")):
        if path.suffix in (".py", ".toml", ".json", ".txt") and "pages" not in path.parts:
            told.update(path.name.encode() + path.read_bytes())
    return told.hexdigest()


def demo_folder() -> Path:
    """A data folder with the demo, as a stopped Kemvo leaves it. Nobody writes to it: work on a copy (`demo_copied`)."""
    folder = KEPT / _key()
    KEPT.mkdir(parents=True, exist_ok=True)
    with FileLock(KEPT / "lock"):
        if not folder.exists():
            for old in KEPT.iterdir():
                if old.is_dir():
                    shutil.rmtree(old)
            being_made = KEPT / "being-made"
            _make(being_made)
            being_made.rename(folder)
    return folder


def _make(folder: Path) -> None:
    from kemvo.api.base.workspace import Workspace
    from kemvo.demo.load import fill

    folder.mkdir()
    fill(folder)
    workspace = Workspace(folder)
    for session in workspace.sessions.all():
        workspace.practices.practice_of(session.id)
    workspace.close()
    for made in folder.iterdir():
        if made.is_dir() and not any(made.iterdir()):
            made.rmdir()


def demo_copied(to: Path) -> Path:
    """A copy of the demo in a new or an empty folder."""
    return Path(shutil.copytree(demo_folder(), to, dirs_exist_ok=True))
