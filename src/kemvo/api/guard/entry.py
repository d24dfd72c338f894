"""The way in for other machines: a passphrase, kept as a hash, and a signed cookie for those who know it."""

from __future__ import annotations

import html
import json
import os
import secrets
import time
from collections import defaultdict, deque
from pathlib import Path

from argon2 import PasswordHasher
from argon2.exceptions import Argon2Error, InvalidHashError
from fastapi.concurrency import run_in_threadpool
from starlette.middleware.sessions import SessionMiddleware
from starlette.requests import Request
from starlette.responses import HTMLResponse, RedirectResponse, Response
from starlette.types import ASGIApp, Receive, Scope, Send

from kemvo.api.guard.errors import problem_details
from kemvo.core.errors import KemvoError, Problem

FILE = "passphrase.json"
SHORTEST = 10
DAYS = 30
TRIES, TRIES_OF_ALL, WITHIN_S = 5, 40, 300.0
"""So many wrong passphrases are heard from one machine, and from all together, within so many seconds."""


class Guard:
    """The passphrase of a data folder. Raises KemvoError where there is none."""

    def __init__(self, folder: Path) -> None:
        try:
            kept = json.loads((folder / FILE).read_text())
            self.hash, self.secret = str(kept["hash"]), str(kept["secret"])
        except (OSError, ValueError, KeyError, TypeError):
            raise KemvoError(
                Problem(
                    what="Other machines could read and change all your data: there is no passphrase yet.",
                    mend=f"Set one with “kemvo passphrase --folder {folder}”, then start Kemvo again. To use it on this machine only, leave out --host.",
                )
            ) from None
        self._wrong: dict[str, deque[float]] = defaultdict(deque)

    def opens(self, passphrase: str) -> bool:
        """Whether this is the passphrase. Takes a while, on purpose."""
        try:
            return PasswordHasher().verify(self.hash, passphrase)
        except (Argon2Error, InvalidHashError):
            return False

    def must_wait(self, machine: str) -> bool:
        """Whether too many wrong ones came from a machine, or from all."""
        return any(
            len(self._lately(who)) >= most for who, most in ((f"machine {machine}", TRIES), ("all", TRIES_OF_ALL))
        )

    def note_wrong(self, machine: str) -> None:
        """Remember a wrong passphrase."""
        for who in (f"machine {machine}", "all"):
            self._lately(who).append(time.monotonic())

    def _lately(self, who: str) -> deque[float]:
        tried = self._wrong[who]
        while tried and tried[0] < time.monotonic() - WITHIN_S:
            tried.popleft()
        return tried


def set_passphrase(folder: Path, passphrase: str) -> None:
    """Keep the hash of a passphrase (Argon2), and a new secret: who was let in with an older one must enter again. Raises
    KemvoError when it is too short."""
    if len(passphrase) < SHORTEST:
        raise KemvoError(
            Problem(what=f"A passphrase needs at least {SHORTEST} letters.", mend="Four ordinary words are a good one.")
        )
    folder.mkdir(parents=True, exist_ok=True)
    path = folder / FILE
    partial = path.with_suffix(".part")
    kept = {"hash": PasswordHasher().hash(passphrase), "secret": secrets.token_hex(32)}
    with os.fdopen(os.open(partial, os.O_WRONLY | os.O_CREAT | os.O_TRUNC, 0o600), "w") as out:
        json.dump(kept, out)
    partial.replace(path)


class Entry:
    """Lets in who has entered the passphrase; all others find only the page where it is entered."""

    def __init__(self, app: ASGIApp, guard: Guard) -> None:
        self.guard = guard
        self.app = app
        self.with_cookie = SessionMiddleware(
            self._checked, guard.secret, "kemvo", max_age=DAYS * 86_400, same_site="strict"
        )

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        await (self.with_cookie if scope["type"] == "http" else self.app)(scope, receive, send)

    async def _checked(self, scope: Scope, receive: Receive, send: Send) -> None:
        request = Request(scope, receive)
        if scope["path"] == "/enter":
            await (await self._enter(request))(scope, receive, send)
        elif request.session.get("entered"):
            await self.app(scope, receive, send)
        elif scope["path"].startswith("/api/"):
            problem = Problem(what="Enter the passphrase first.", mend="Load the page again.")
            await problem_details(401, "Not let in", (problem,))(scope, receive, send)
        else:
            await RedirectResponse("/enter", 303)(scope, receive, send)

    async def _enter(self, request: Request) -> Response:
        if request.method != "POST":
            return _page()
        machine = request.client.host if request.client else ""
        if self.guard.must_wait(machine):
            return _page("Too many tries. Wait five minutes, then try again.", 429)
        said = (await request.form()).get("passphrase")
        if isinstance(said, str) and await run_in_threadpool(self.guard.opens, said):
            request.session["entered"] = True
            return RedirectResponse("/", 303)
        self.guard.note_wrong(machine)
        return _page("That is not the passphrase.", 403)


STYLE = (
    "body{font:18px/1.5 Georgia,serif;background:#f5f1e8;color:#1b2a2f;display:grid;place-items:center;min-height:100vh;margin:0}"
    "form{display:grid;gap:.8rem;width:min(22rem,90vw)}input,button{font:inherit;padding:.6rem}p{margin:0}"
)


def _page(told: str = "", status: int = 200) -> HTMLResponse:
    said = f"<p role=alert>{html.escape(told)}</p>" if told else ""
    return HTMLResponse(
        f"<!doctype html><html lang=en><meta charset=utf-8><meta name=viewport content='width=device-width'>"
        f"<title>Kemvo</title><style>{STYLE}</style><form method=post action=/enter><h1>Kemvo</h1>{said}"
        "<label for=p>Passphrase of this Kemvo</label><input id=p name=passphrase type=password autofocus required>"
        "<button>Enter</button></form>",
        status,
        # A page without a referrer would send its form without an origin, and be taken for a foreign one.
        headers={"Referrer-Policy": "same-origin", "Cache-Control": "no-store"},
    )
