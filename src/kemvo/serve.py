"""Start the server on a folder: find a port, print the address, open a browser where there is a desktop."""

from __future__ import annotations

import gc
import ipaddress
import os
import socket
import sys
import threading
import webbrowser
from collections.abc import Iterable, Iterator
from contextlib import contextmanager, suppress
from pathlib import Path

import uvicorn
from filelock import FileLock, Timeout

from kemvo.api.app import create_app
from kemvo.api.base.workspace import Workspace
from kemvo.api.guard.entry import Guard
from kemvo.core.errors import KemvoError, Problem
from kemvo.store.tidying import take_away_left_overs
from kemvo.store.trouble import StoreTrouble

PORTS_TRIED = 20

GARBAGE_AFTER = 50_000
"""New objects before Python looks for unreachable ones. An edit of a long form makes thousands of lasting
values and hardly any cycles; at the usual 700 that search took a third of the time of an edit."""


LOCK, ADDRESS = "kemvo.lock", "kemvo.address"


@contextmanager
def alone(folder: Path) -> Iterator[None]:
    """Have a data folder to oneself within the block; what an earlier Kemvo left half done there is taken away first. Raises
    KemvoError when another Kemvo has it, with its address."""
    lock = FileLock(folder / LOCK, timeout=0)
    try:
        lock.acquire()
    except Timeout:
        address = _other_address(folder)
        raise KemvoError(
            Problem(
                what=f"Kemvo is running on this folder already{f': {address}' if address else ''}.",
                where=str(folder.resolve()),
                mend="Use that one, or stop it first.",
            )
        ) from None
    except OSError:
        # A folder that may only be read: nothing is written there, so two do no harm.
        yield
        return
    take_away_left_overs(folder)
    try:
        yield
    finally:
        (folder / ADDRESS).unlink(missing_ok=True)
        lock.release()


def _other_address(folder: Path) -> str:
    with suppress(OSError, UnicodeDecodeError):
        return (folder / ADDRESS).read_text()[:200].strip()
    return ""


def serve_folder(folder: Path, host: str, port: int, browser: bool, names: Iterable[str] = ()) -> None:
    """Serve the data in `folder`, which one has to oneself (`alone`), until interrupted. If the port is taken, the next free
    one is used. `names`: further names that other machines know this one by. Raises KemvoError: a host other than this
    machine's own needs a passphrase."""
    guard = None if _is_this_machine(host) else Guard(folder)
    listener = _listener(host, port)
    shown = "localhost" if host in ("127.0.0.1", "0.0.0.0", "::") else host
    address = f"http://{shown}:{listener.getsockname()[1]}"
    known_as = [*names, socket.gethostname(), f"{socket.gethostname()}.local"] if guard else []
    app = create_app(folder, known_as, guard)
    workspace: Workspace = app.state.workspace
    with suppress(OSError):
        (folder / ADDRESS).write_text(address)
    server = uvicorn.Server(uvicorn.Config(app, log_level="warning", proxy_headers=False))
    print(f"Kemvo is ready: {address}\nIts data are in {folder.resolve()}. Stop it with Ctrl+C.", flush=True)
    if guard:
        print("Other machines may use it with the passphrase.", flush=True)
    with _told_on_the_terminal():
        workspace.database.prepare()
        with workspace.database.read():
            pass
    if browser and _desktop():
        threading.Timer(0.8, webbrowser.open, [address]).start()
    rarely_look_for_garbage()
    server.run(sockets=[listener])


@contextmanager
def _told_on_the_terminal() -> Iterator[None]:
    """Trouble with the data as a sentence on the terminal; the pages start all the same, and say it too."""
    try:
        yield
    except StoreTrouble as trouble:
        print(trouble.problems[0].sentence(), file=sys.stderr, flush=True)


def _is_this_machine(host: str) -> bool:
    if host == "localhost":
        return True
    try:
        return ipaddress.ip_address(host).is_loopback
    except ValueError:
        return False


def rarely_look_for_garbage() -> None:
    """What is in memory now stays, and what is unreachable is looked for seldom (`GARBAGE_AFTER`)."""
    gc.collect()
    gc.freeze()
    gc.set_threshold(GARBAGE_AFTER)


def _listener(host: str, port: int) -> socket.socket:
    family = socket.AF_INET6 if ":" in host else socket.AF_INET
    for wanted in range(port, port + PORTS_TRIED) if port else [0]:
        # Named as TCP, so that answers are sent without waiting for more (asyncio sets TCP_NODELAY only then).
        listener = socket.socket(family, socket.SOCK_STREAM, socket.IPPROTO_TCP)
        listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            listener.bind((host, wanted))
            listener.listen(128)
            return listener
        except OverflowError:
            listener.close()
        except OSError:
            listener.close()
    raise KemvoError(
        Problem(
            what=f"Kemvo cannot listen on {host}, port {port} or the {PORTS_TRIED - 1} after it.",
            mend="Name another with --host or --port.",
        )
    )


def _desktop() -> bool:
    return sys.platform in ("darwin", "win32") or bool(os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY"))
