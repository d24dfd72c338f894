"""How fast the pages of classes answer with years of lessons: `python -m bench.classes [lessons]` (150 for each of the demo's two classes)."""

from __future__ import annotations

import sys
import tempfile
import time
import uuid
from datetime import date, timedelta
from pathlib import Path

from fastapi.testclient import TestClient

from kemvo.api.app import create_app
from kemvo.core.progress.model import Lesson, LessonPart
from kemvo.demo.load import fill
from kemvo.store.database import Database
from kemvo.store.shelves import lesson_documents

PARTS = 150
PAGES = (
    "/api/today",
    "/api/classes/evenings/logbook",
    "/api/classes/evenings/next",
    "/api/courses/evenings-causeway",
    "/api/classes/evenings/log.csv",
)


def main(lessons: int) -> None:
    """Hold so many lessons of each class, and time what their pages ask for, the second time they ask."""
    folder = Path(tempfile.mkdtemp())
    fill(folder)
    shelf = lesson_documents(Database(folder / "kemvo.sqlite"), lambda: uuid.uuid4().hex[:10])
    for class_id, form_id in (("thursdays", "nine-willows"), ("evenings", "long-causeway")):
        for week in range(lessons):
            parts = tuple(
                LessonPart(form_id=form_id, posture_id=f"p{1 + n % 9}", ms=20_000, place=f"a{n}.0", tempo=30)
                for n in range(PARTS)
            )
            shelf.add(Lesson(class_id=class_id, day=date(2023, 1, 1) + timedelta(days=7 * week), parts=parts))
    client = TestClient(create_app(folder))
    for page in PAGES:
        client.get(page)
        began = time.perf_counter()
        answer = client.get(page)
        took = 1000 * (time.perf_counter() - began)
        print(f"{page:<44}{took:8.0f} ms   {len(answer.content):>9,} bytes")


if __name__ == "__main__":
    main(int(sys.argv[1]) if len(sys.argv) > 1 else 150)
