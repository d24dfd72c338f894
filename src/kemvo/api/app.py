"""The application: routes, errors and the built pages, for one data folder."""

from __future__ import annotations

import asyncio
from collections.abc import AsyncIterator, Iterable
from contextlib import asynccontextmanager
from importlib.resources import files
from pathlib import Path

from fastapi import FastAPI, HTTPException
from fastapi.concurrency import run_in_threadpool
from fastapi.responses import FileResponse, HTMLResponse
from starlette.middleware.gzip import GZipMiddleware
from starlette.types import Receive, Scope, Send

from kemvo import __version__
from kemvo.api.base import sound, work
from kemvo.api.base.workspace import Workspace
from kemvo.api.classes import book, classes
from kemvo.api.forms import catalogue, floor, forms, reading, tags
from kemvo.api.guard import errors
from kemvo.api.guard.described import described
from kemvo.api.guard.entry import Entry, Guard
from kemvo.api.guard.trust import Named, Trust
from kemvo.api.recordings import files as recording_files
from kemvo.api.recordings import marks as recording_marks
from kemvo.api.recordings import recordings
from kemvo.api.sessions import lessons, live, sessions
from kemvo.api.start import beginnings, data, settings
from kemvo.api.words import booth, desk, mending, takeaway, work_steps
from kemvo.store.copies import copy_of_today

LOCAL_HOSTS = ["127.0.0.1", "localhost", "[::1]", "testserver"]
"""Names under which a browser on this machine may ask; anything else is another site's doing."""

THIS_MACHINE = frozenset({"127.0.0.1", "::1"})

NO_PAGES = "The pages are not built yet. Run “make demo” or “make run”, which build them."


class PackedForOthers(GZipMiddleware):
    """Answers of the API to this machine itself are sent as they are: packing them takes longer than sending them."""

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        client = (scope.get("client") or ("",))[0]
        if scope["type"] == "http" and client in THIS_MACHINE and scope["path"].startswith("/api/"):
            await self.app(scope, receive, send)
        else:
            await super().__call__(scope, receive, send)


def create_app(folder: Path, names: Iterable[str] = (), guard: Guard | None = None) -> FastAPI:
    """Kemvo on the data in `folder`. `names`: further names it may be asked by. `guard`: the passphrase that other machines
    must enter; without it only this machine may ask."""
    workspace = Workspace(folder)

    @asynccontextmanager
    async def lifespan(_: FastAPI) -> AsyncIterator[None]:
        copying = asyncio.create_task(_copy_daily(workspace))
        yield
        copying.cancel()
        workspace.close()

    app = FastAPI(
        title="Kemvo",
        version=__version__,
        lifespan=lifespan,
        docs_url=None,
        openapi_url="/api/openapi.json",
        redoc_url=None,
    )
    app.state.workspace = workspace
    app.add_middleware(PackedForOthers, minimum_size=2000, compresslevel=1)
    if guard is not None:
        app.add_middleware(Entry, guard=guard)
    app.add_middleware(Trust)
    app.add_middleware(Named, names=[*LOCAL_HOSTS, *names], numbers=guard is not None)
    for part in (
        beginnings,
        data,
        forms,
        floor,
        catalogue,
        reading,
        lessons,
        sessions,
        recording_files,
        recording_marks,
        recordings,
        live,
        mending,
        desk,
        booth,
        work,
        work_steps,
        sound,
        settings,
        takeaway,
        tags,
        book,
        classes,
    ):
        app.include_router(part.router)
    app.include_router(sessions.playing)
    app.include_router(live.runs)
    app.include_router(book.lessons)
    app.include_router(book.courses)
    app.include_router(classes.courses)
    app.include_router(classes.todays)
    app.include_router(classes.of_sessions)
    app.include_router(forms.other_side)
    app.include_router(lessons.patterns)
    errors.install(app)
    _pages(app)
    return app


FIRST_COPY_S, COPY_EVERY_S = 20.0, 1800.0
"""Seconds from the start to the first copy of the day, and between looks whether a new day has begun."""


async def _copy_daily(workspace: Workspace) -> None:
    """Look the data over and make the copy of every day, as long as the server runs."""
    await asyncio.sleep(FIRST_COPY_S)
    while True:
        if await run_in_threadpool(workspace.health.look_over) is None:
            await run_in_threadpool(copy_of_today, workspace.database)
        await asyncio.sleep(COPY_EVERY_S)


def _pages(app: FastAPI) -> None:
    """Serve the built pages; every path that is not a file or the API is the one page."""
    root = Path(str(files("kemvo.api") / "pages")).resolve()

    @app.get("/api/docs", include_in_schema=False, response_class=HTMLResponse)
    def description() -> str:
        return described(app.openapi())

    @app.get("/{path:path}", include_in_schema=False)
    def page(path: str) -> FileResponse:
        if path.startswith("api/"):
            raise HTTPException(404, "There is nothing at this address.")
        wanted = _file(root, path)
        if wanted is not None:
            lasting = path.startswith("assets/")
            return FileResponse(
                wanted, headers={"Cache-Control": "public, max-age=31536000, immutable" if lasting else "no-cache"}
            )
        if not (root / "index.html").is_file():
            raise HTTPException(503, NO_PAGES)
        return FileResponse(root / "index.html", headers={"Cache-Control": "no-cache"})


def _file(root: Path, path: str) -> Path | None:
    """The built file at a path of the address, if there is one."""
    try:
        wanted = (root / path).resolve()
        return wanted if wanted.is_relative_to(root) and wanted.is_file() else None
    except (OSError, ValueError):
        return None
