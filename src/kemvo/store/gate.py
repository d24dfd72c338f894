"""Who may use the database while its content is exchanged: writers are refused, readers wait for the short moment of it."""

from __future__ import annotations

import threading
from collections.abc import Iterator
from contextlib import contextmanager
from typing import Literal

Use = Literal["read", "write"]

PATIENCE_S = 10.0
"""Seconds that readers wait for an exchange to end, and that an exchange waits for those who are at work."""


class Closed(Exception):
    """The gate is closed to this use."""


class Gate:
    """Counts those who read and write, and closes to them in two steps, from one thread at a time. That thread passes."""

    def __init__(self) -> None:
        self._changed = threading.Condition()
        self._inside: dict[Use, int] = {"read": 0, "write": 0}
        self._closed_to: frozenset[Use] = frozenset()
        self._mine = threading.local()

    @contextmanager
    def through(self, use: Use) -> Iterator[None]:
        """Be inside for a use; within it the same thread may come in again. Raises Closed at once for a writer while the gate is
        closed to writers; a reader waits `PATIENCE_S` first."""
        inside: frozenset[str] = getattr(self._mine, "inside", frozenset())
        if inside & {use, "write"}:
            yield
            return
        with self._changed:
            while use in self._closed_to:
                if use == "write" or not self._changed.wait(PATIENCE_S):
                    raise Closed
            self._inside[use] += 1
        self._mine.inside = inside | {use}
        try:
            yield
        finally:
            self._mine.inside = inside
            with self._changed:
                self._inside[use] -= 1
                self._changed.notify_all()

    @contextmanager
    def closed(self) -> Iterator[None]:
        """Keep writers out within the block, once those at work have ended. Raises Closed where another thread closed it, or
        they do not end."""
        with self._changed:
            if self._closed_to:
                raise Closed
            self._close_to("write")
        self._mine.inside = frozenset({"read", "write"})
        try:
            yield
        finally:
            self._mine.inside = frozenset()
            with self._changed:
                self._closed_to = frozenset()
                self._changed.notify_all()

    def close_to_readers(self) -> None:
        """Keep readers out as well, from the thread that closed the gate to writers. Raises Closed where one does not end."""
        with self._changed:
            self._close_to("read")

    def _close_to(self, use: Use) -> None:
        before = self._closed_to
        self._closed_to = before | {use}
        if not self._changed.wait_for(lambda: not self._inside[use], PATIENCE_S):
            self._closed_to = before
            self._changed.notify_all()
            raise Closed
