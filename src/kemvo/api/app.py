"""The application: routes, errors and the built pages, for one data folder."""

from __future__ import annotations

from collections.abc import AsyncIterator
from contextlib import asynccontextmanager
from importlib.resources import files
from pathlib import Path

from fastapi import FastAPI, HTTPException
from fastapi.responses import FileResponse
from starlette.middleware.gzip import GZipMiddleware
from starlette.middleware.trustedhost import TrustedHostMiddleware
from starlette.types import Receive, Scope, Send

from kemvo import __version__
from kemvo.api import booth, catalogue, desk, errors, floor, forms, lessons, reading, sessions, sound, work
from kemvo.api.house import House

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


def create_app(folder: Path, hosts: list[str] | None = None) -> FastAPI:
    """Kemvo on the data in `folder`. `hosts`: further names it may be asked by (["*"]: any)."""
    house = House(folder)

    @asynccontextmanager
    async def lifespan(_: FastAPI) -> AsyncIterator[None]:
        yield
        house.close()

    app = FastAPI(
        title="Kemvo",
        version=__version__,
        lifespan=lifespan,
        docs_url="/api/docs",
        openapi_url="/api/openapi.json",
        redoc_url=None,
    )
    app.state.house = house
    app.add_middleware(PackedForOthers, minimum_size=2000, compresslevel=1)
    app.add_middleware(TrustedHostMiddleware, allowed_hosts=[*LOCAL_HOSTS, *(hosts or [])])
    for part in (forms, floor, catalogue, reading, lessons, sessions, desk, booth, work, sound):
        app.include_router(part.router)
    app.include_router(forms.other_side)
    app.include_router(lessons.patterns)
    errors.install(app)
    _pages(app)
    return app


def _pages(app: FastAPI) -> None:
    """Serve the built pages; every path that is not a file or the API is the one page."""
    root = Path(str(files("kemvo.api") / "pages")).resolve()

    @app.get("/{path:path}", include_in_schema=False)
    def page(path: str) -> FileResponse:
        if path.startswith("api/"):
            raise HTTPException(404, "There is nothing at this address.")
        wanted = (root / path).resolve()
        if wanted.is_file() and wanted.is_relative_to(root):
            lasting = path.startswith("assets/")
            return FileResponse(
                wanted, headers={"Cache-Control": "public, max-age=31536000, immutable" if lasting else "no-cache"}
            )
        if not (root / "index.html").is_file():
            raise HTTPException(503, NO_PAGES)
        return FileResponse(root / "index.html", headers={"Cache-Control": "no-cache"})
