"""Errors as problem details (RFC 9457): a title, a sentence, and every single problem with its place."""

from __future__ import annotations

from typing import Any

from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import JSONResponse
from pydantic import ValidationError
from starlette.exceptions import HTTPException

from kemvo.audio.intake import is_of_content
from kemvo.core.errors import KemvoError, Problem, from_errors, from_validation
from kemvo.store.documents import NotThere, Stale
from kemvo.store.trouble import StoreTrouble, of_system

MEDIA_TYPE = "application/problem+json"


MOST_PROBLEMS = 20
"""How many problems are told at once, at most."""

UNEXPECTED = Problem(
    what="Something went wrong inside Kemvo.",
    mend="What is saved is not touched. Try again; if it stays so, save a copy on the page “Your data” and report it.",
)


def problem_details(status: int, title: str, problems: tuple[Problem, ...], **more: Any) -> JSONResponse:
    """The response for problems a person can act on."""
    body = {
        "type": "about:blank",
        "title": title,
        "status": status,
        "detail": " ".join(p.sentence() for p in problems[:3]),
        "problems": [p.model_dump() for p in problems[:MOST_PROBLEMS]],
        **more,
    }
    return JSONResponse(body, status, media_type=MEDIA_TYPE)


def install(app: FastAPI) -> None:
    """Let every error of the app answer as problem details."""

    @app.exception_handler(Stale)
    def stale(_: Request, error: Stale) -> JSONResponse:
        current = error.current
        return problem_details(
            409, "Changed in the meantime", error.problems, version=current.version, saved=current.saved
        )

    @app.exception_handler(NotThere)
    def not_there(_: Request, error: NotThere) -> JSONResponse:
        return problem_details(404, "Not here", error.problems)

    @app.exception_handler(StoreTrouble)
    def store_trouble(_: Request, error: StoreTrouble) -> JSONResponse:
        return problem_details(error.status, "Trouble with your data", error.problems, trouble=error.kind)

    @app.exception_handler(OSError)
    def system_error(request: Request, error: OSError) -> JSONResponse:
        trouble = None if is_of_content(error) else of_system(error, request.app.state.workspace.database.path)
        return store_trouble(request, trouble) if trouble else unexpected(request, error)

    @app.exception_handler(Exception)
    def unexpected(_: Request, error: Exception) -> JSONResponse:
        return problem_details(500, "Something went wrong inside Kemvo", (UNEXPECTED,))

    @app.exception_handler(KemvoError)
    def kemvo_error(_: Request, error: KemvoError) -> JSONResponse:
        return problem_details(422, "This cannot be used", error.problems)

    @app.exception_handler(RequestValidationError)
    def request_error(_: Request, error: RequestValidationError) -> JSONResponse:
        # The first part of a place says body, query or path.
        errors = [{**e, "loc": e["loc"][1:]} for e in error.errors()[:MOST_PROBLEMS]]
        return problem_details(422, "This cannot be used", from_errors(errors, error.body).problems)

    @app.exception_handler(ValidationError)
    def value_error(_: Request, error: ValidationError) -> JSONResponse:
        return problem_details(422, "This cannot be used", from_validation(error, None).problems)

    @app.exception_handler(HTTPException)
    def http_error(_: Request, error: HTTPException) -> JSONResponse:
        return problem_details(error.status_code, str(error.detail), (Problem(what=str(error.detail)),))
