"""The way in for other machines: a passphrase, kept as a hash, and a signed cookie for those who know it."""

from __future__ import annotations

import asyncio
import hashlib
import html
import json
import os
import secrets
import time
from collections import defaultdict, deque
from contextlib import suppress
from pathlib import Path

from argon2 import PasswordHasher
from argon2.exceptions import Argon2Error, InvalidHashError
from fastapi.concurrency import run_in_threadpool
from starlette.exceptions import HTTPException
from starlette.formparsers import MultiPartException
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
"""How many wrong passphrases may come from one machine, and from all together, within how many seconds."""


class Guard:
    """The passphrase of a data folder. Raises KemvoError where there is none."""

    def __init__(self, folder: Path) -> None:
        self._file = folder / FILE
        self._at = 0
        self._read()
        if not self._at:
            raise KemvoError(
                Problem(
                    what="Other machines could read and change all your data: there is no passphrase yet.",
                    mend=f"Set one with “kemvo passphrase --folder {folder}”, then start Kemvo again. To use it on this machine only, leave out --host.",
                )
            )
        self.signing = self._secret
        self._tried: dict[str, deque[float]] = defaultdict(deque)
        self._one_at_a_time = asyncio.Lock()

    def _read(self) -> None:
        """Read what is kept, where it has changed since."""
        with suppress(OSError, ValueError, KeyError, TypeError):
            at = self._file.stat().st_mtime_ns
            if at != self._at:
                kept = json.loads(self._file.read_text())
                self._hash, self._secret, self._at = str(kept["hash"]), str(kept["secret"]), at

    def mark(self) -> str:
        """What a cookie must hold of those who entered the passphrase as it is now: a changed one ends all that were given before."""
        self._read()
        return hashlib.sha256(self._secret.encode()).hexdigest()[:32]

    async def try_one(self, machine: str, passphrase: str) -> bool | None:
        """Whether this is the passphrase; None where too many tries came from a machine or from all. A try counts before it is
        looked at, and one is looked at at a time, since that takes a while and much memory, on purpose."""
        counted = [self._lately(who) for who in (f"machine {machine}", "all")]
        if any(len(tried) >= most for tried, most in zip(counted, (TRIES, TRIES_OF_ALL), strict=True)):
            return None
        now = time.monotonic()
        for tried in counted:
            tried.append(now)
        async with self._one_at_a_time:
            opens = await run_in_threadpool(self._opens, passphrase)
        if opens:
            for tried in counted:
                with suppress(ValueError):
                    tried.remove(now)
        return opens

    def _opens(self, passphrase: str) -> bool:
        self._read()
        try:
            return PasswordHasher().verify(self._hash, passphrase)
        except (Argon2Error, InvalidHashError):
            return False

    def _lately(self, who: str) -> deque[float]:
        tried = self._tried[who]
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
            self._checked, guard.signing, "kemvo", max_age=DAYS * 86_400, same_site="strict"
        )

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        await (self.with_cookie if scope["type"] == "http" else self.app)(scope, receive, send)

    async def _checked(self, scope: Scope, receive: Receive, send: Send) -> None:
        request = Request(scope, receive)
        if scope["path"] == "/enter":
            await (await self._enter(request))(scope, receive, send)
        elif request.session.get("entered") == self.guard.mark():
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
        try:
            said = (await request.form(max_files=0, max_fields=4)).get("passphrase")
        except (HTTPException, MultiPartException, ValueError):  # a form that cannot be read
            said = None
        entered = await self.guard.try_one(machine, said if isinstance(said, str) else "")
        if entered is None:
            return _page("Too many tries. Wait five minutes, then try again.", 429)
        if not entered:
            return _page("That is not the passphrase.", 403)
        request.session["entered"] = self.guard.mark()
        return RedirectResponse("/", 303)


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
