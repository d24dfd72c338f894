"""The routes that every kind of document has, made once: opened, written, undone, put away, brought back, and what cannot be read.

Annotations are evaluated here as the routes are made (no postponed ones), since the models differ from kind to kind.
"""

from collections.abc import Callable
from typing import Any, Generic, NamedTuple

from fastapi import APIRouter, Response

from kemvo.api.base.documents import DocumentView, Earlier, T, UnreadableView, Version, answer, unreadable_views
from kemvo.api.base.workspace import Here, Workspace
from kemvo.store.documents import Documents, Stored


class Subject(NamedTuple, Generic[T]):
    """A kind of document: where its documents are, how one is shown, the models of what is shown and of what is written, and what is
    done to a body before it is written (`prepared`, with the body it replaces)."""

    documents: Callable[[Workspace], Documents[T]]
    view: Callable[[Workspace, Stored[T]], DocumentView[T, Any]]
    shown: type[DocumentView[T, Any]]
    written: type[Version]
    prepared: Callable[[Workspace, T, T], T] = lambda _, body, before: body


def document_routes(router: APIRouter, subject: Subject[T]) -> None:
    """Add the routes of a kind of document to its router, after those with words of their own in the place of an id."""
    Written = subject.written  # noqa: N806 - a model

    def told(workspace: Workspace, stored: Stored[T]) -> Response:
        return answer(subject.view(workspace, stored))

    @router.get("/unreadable")
    def unreadable(workspace: Here) -> list[UnreadableView]:
        """Those that are here and cannot be read, with their earlier versions."""
        return unreadable_views(subject.documents(workspace))

    @router.get("/{id_}", response_model=subject.shown)
    def get_one(workspace: Here, id_: str) -> Response:
        """One document with what follows from it."""
        return told(workspace, subject.documents(workspace).get(id_))

    @router.put("/{id_}", response_model=subject.shown)
    def save(workspace: Here, id_: str, save: Written) -> Response:  # type: ignore[valid-type]
        """Write it. 409 when somebody else wrote since `version`."""
        documents = subject.documents(workspace)
        body = subject.prepared(workspace, save.body, documents.get(id_).body)  # type: ignore[attr-defined]
        return told(workspace, documents.save(id_, save.version, body))  # type: ignore[attr-defined]

    @router.post("/{id_}/undo", response_model=subject.shown)
    def undo(workspace: Here, id_: str, at: Version) -> Response:
        """One step back."""
        return told(workspace, subject.documents(workspace).undo(id_, at.version))

    @router.post("/{id_}/redo", response_model=subject.shown)
    def redo(workspace: Here, id_: str, at: Version) -> Response:
        """One step forward again."""
        return told(workspace, subject.documents(workspace).redo(id_, at.version))

    @router.post("/{id_}/go-back", response_model=subject.shown)
    def go_back(workspace: Here, id_: str, to: Earlier) -> Response:
        """Make an earlier version the present one."""
        return told(workspace, subject.documents(workspace).go_back(id_, to.number))

    @router.delete("/{id_}", response_model=subject.shown)
    def remove(workspace: Here, id_: str) -> Response:
        """Put it out of sight; it can be brought back."""
        return told(workspace, subject.documents(workspace).remove(id_))

    @router.post("/{id_}/bring-back", response_model=subject.shown)
    def bring_back(workspace: Here, id_: str) -> Response:
        """Bring it back."""
        return told(workspace, subject.documents(workspace).bring_back(id_))
