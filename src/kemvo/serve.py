"""Start the server on a folder: find a port, print the address, open a browser where there is a desktop."""

from __future__ import annotations

import gc
import os
import socket
import sys
import threading
import webbrowser
from pathlib import Path

import uvicorn

from kemvo.api.app import create_app
from kemvo.core.problem import KemvoError, Problem

PORTS_TRIED = 20

GARBAGE_AFTER = 50_000
"""New objects before Python looks for unreachable ones. An edit of a long form makes thousands of lasting
values and hardly any cycles; at the usual 700 that search took a third of the time of an edit."""


def serve_folder(folder: Path, host: str, port: int, browser: bool) -> None:
    """Serve the data in `folder` until interrupted. If the port is taken, the next free one is used."""
    listener = _listener(host, port)
    shown = "localhost" if host in ("127.0.0.1", "0.0.0.0", "::") else host
    address = f"http://{shown}:{listener.getsockname()[1]}"
    server = uvicorn.Server(
        uvicorn.Config(create_app(folder, ["*"] if host != "127.0.0.1" else None), log_level="warning")
    )
    print(f"Kemvo is ready: {address}\nIts data are in {folder.resolve()}. Stop it with Ctrl+C.", flush=True)
    if browser and _desktop():
        threading.Timer(0.8, webbrowser.open, [address]).start()
    rarely_look_for_garbage()
    server.run(sockets=[listener])


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
