"""Who may ask, and how much: writes of other sites refused, bodies bounded, and what a page may load and do.

All of it is plain ASGI, so that a refused body is never read into memory.
"""

from __future__ import annotations

import re
from collections.abc import Iterable
from contextlib import suppress
from urllib.parse import urlsplit

from starlette.datastructures import Headers, MutableHeaders
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from kemvo.api.guard.errors import problem_details
from kemvo.core.errors import Problem

READS = frozenset({"GET", "HEAD", "OPTIONS"})
OWN_PAGES = frozenset({"same-origin", "none"})
"""Values of Sec-Fetch-Site (W3C, Fetch Metadata Request Headers) of Kemvo's own pages and of what a person types."""

POLICY = (
    "default-src 'self'; script-src 'self'; style-src 'self'{styles}; img-src 'self' data: blob:; media-src 'self' blob:;"
    " connect-src 'self'; font-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self';"
    " frame-ancestors 'none'"
)

HEADERS = {
    "Content-Security-Policy": POLICY.format(styles=""),
    "X-Content-Type-Options": "nosniff",
    "X-Frame-Options": "DENY",
    "Referrer-Policy": "no-referrer",
    "Cross-Origin-Resource-Policy": "same-origin",
    "Cross-Origin-Opener-Policy": "same-origin",
}

INLINE_STYLES = re.compile(r"^/(?:api/sessions/[^/]+/paper\.html|api/docs|enter)$")
"""Pages that carry their own style sheet within: the plan on paper, the description of the API, the way in."""

MEGABYTE = 1_000_000
BODY_BOUNDS: tuple[tuple[re.Pattern[str], int, str], ...] = (
    (re.compile(r"^/api/brought-sounds$"), 1_010 * MEGABYTE, "Choose a shorter sound, or save it as MP3 or FLAC."),
    (re.compile(r"^/api/data/restore$"), 50_000 * MEGABYTE, "Restore it with “kemvo restore”."),
    (re.compile(r"^/api/(?:sessions/file|open)$"), 1_010 * MEGABYTE, "Choose a session file that Kemvo saved."),
    (re.compile(r"^/api/(?:sessions|recordings)/[^/]+/take-files$"), 2_000 * MEGABYTE, "Take fewer files at once."),
    (re.compile(r"^/api/(?:sessions|recordings)/[^/]+/takes$"), 65 * MEGABYTE, "Record one line at a time."),
    (re.compile(r"^/api/recordings/incoming/[^/]+$"), 65 * MEGABYTE, "Send the file in smaller pieces."),
    (
        re.compile(r"/(?:file|log-file|cue-file|cue-file/look|captions|marks-file)$"),
        21 * MEGABYTE,
        "Choose a form, a session or a text.",
    ),
    (re.compile(r"^/api/texts$"), 9 * MEGABYTE, "Bring the text in in parts."),
    (re.compile(r""), 3 * MEGABYTE, "Divide it into smaller forms or sessions."),
)
"""How large a body may be, by where it is sent: the first that fits counts."""


class Trust:
    """Refuses writes that another site's page asks for, and bodies that are too large; sets the headers of every answer."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        styles = " 'unsafe-inline'" if INLINE_STYLES.match(scope["path"]) else ""

        async def sealed(message: Message) -> None:
            if message["type"] == "http.response.start":
                headers = MutableHeaders(scope=message)
                for name, value in HEADERS.items():
                    headers.setdefault(name, value)
                if styles:
                    headers["Content-Security-Policy"] = POLICY.format(styles=styles)
            await send(message)

        headers = Headers(scope=scope)
        if scope["method"] not in READS and is_foreign(headers):
            await _refuse(
                403,
                Problem(
                    what="Another site’s page asked Kemvo to change something. It was refused.",
                    mend="Open Kemvo itself, and make the change there.",
                ),
            )(scope, receive, sealed)
            return
        await self._bounded(scope, receive, sealed, headers)

    async def _bounded(self, scope: Scope, receive: Receive, send: Send, headers: Headers) -> None:
        most, mend = next((most, mend) for where, most, mend in BODY_BOUNDS if where.search(scope["path"]))
        too_large = _refuse(413, Problem(what=f"What was sent is larger than {most // MEGABYTE:,} MB.", mend=mend))
        said = headers.get("content-length", "")
        if said.isdigit() and int(said) > most:
            await too_large(scope, receive, send)
            return
        is_json = "json" in headers.get("content-type", "")
        holds_texts = most > BODY_BOUNDS[-1][1]  # commas of their own
        got, parts, begun, stopped = 0, 0, False, False

        async def counted() -> Message:
            nonlocal got, parts, stopped
            message = await receive()
            body = message.get("body", b"")
            got += len(body)
            if is_json:
                fields = body.count(b'":')
                bare = 0 if holds_texts else max(0, body.count(b",") - fields)
                parts += body.count(b"{") + fields // FIELDS_A_PART + bare
            if got > most or parts > MOST_PARTS:
                stopped = True
                raise _TooLarge
            return message

        async def noted(message: Message) -> None:
            nonlocal begun
            if not stopped:
                begun = True
                await send(message)

        with suppress(_TooLarge):
            await self.app(scope, counted, noted)
        if stopped and not begun:
            await (too_large if got > most else TOO_MANY_PARTS)(scope, receive, send)


class _TooLarge(Exception):
    """More came than was announced."""


def is_foreign(headers: Headers) -> bool:
    """Whether a request comes from another site's page. Browsers send Sec-Fetch-Site to this machine and to https, and
    Origin with every write elsewhere; programs that are no browser send neither."""
    site = headers.get("sec-fetch-site")
    if site is not None:
        return site not in OWN_PAGES
    origin = headers.get("origin")
    return origin is not None and urlsplit(origin).netloc.lower() != headers.get("host", "").lower()


MOST_PARTS, FIELDS_A_PART = 25_000, 4
"""How many objects and bare items of lists a body of JSON may hold at most, and how many fields count as one: checking takes
less than a second even where all of it is wrong. A form of 108 postures has some thousands."""


def _refuse(status: int, problem: Problem) -> ASGIApp:
    return problem_details(status, "This was refused", (problem,))


TOO_MANY_PARTS = _refuse(
    413, Problem(what=f"What was sent has more than {MOST_PARTS:,} parts.", mend=BODY_BOUNDS[-1][2])
)


class Named:
    """Answers only to names that are this machine's: another site can give a name of its own to this machine's address, and
    then pass as the same site. `numbers`: any address in numbers will do as well, which no site can give itself."""

    def __init__(self, app: ASGIApp, names: Iterable[str], numbers: bool = False) -> None:
        self.app = app
        self.names = frozenset(n.lower() for n in names)
        self.numbers = numbers

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] == "http" and not self.answers_to(Headers(scope=scope).get("host", "")):
            mend = "Use the address that Kemvo printed when it was started, or name another with --name."
            refuse = _refuse(400, Problem(what="Kemvo does not answer to this name.", mend=mend))
            await refuse(scope, receive, send)
            return
        await self.app(scope, receive, send)

    def answers_to(self, host: str) -> bool:
        """Whether it may be asked under this Host header."""
        name = host if host.endswith("]") else host.rsplit(":", 1)[0]
        return name.lower() in self.names or (self.numbers and NUMBERS.fullmatch(name) is not None)


NUMBERS = re.compile(r"\d{1,3}(?:\.\d{1,3}){3}|\[[0-9a-fA-F:]+\]")
