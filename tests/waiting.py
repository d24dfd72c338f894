"""Waiting for what comes about in a moment, instead of for a moment."""

from collections.abc import Callable

from playwright.sync_api import Page

SECONDS = 20
STEP_MS = 50


def until(page: Page, holds: Callable[[], bool], seconds: int = SECONDS) -> None:
    """Go on as soon as something holds; fail where it does not for a long time."""
    for _ in range(seconds * 1000 // STEP_MS):
        if holds():
            return
        page.wait_for_timeout(STEP_MS)
    assert holds()
