"""The bounds of numbers, as the API's description has them: the pages' fields take their own from there."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from typing import Any

NAMED = (
    "Form", "Posture", "Movement", "Who", "Manner", "OwnStance", "Room", "Camera", "Within", "Pass", "Bounds", "Pace", "SpeechChoice",
    "SoundChoice", "ClassGroup", "CareNeeded", "Lesson", "LessonPart", "Course",
)  # fmt: skip
"""The kinds whose numbers are typed on a page."""


def bounds_of(schemas: Mapping[str, Any]) -> dict[str, list[float]]:
    """For every number of these kinds the least and the most it may be, by kind and field ("Form.tempo"). `schemas`: the components of an
    OpenAPI description."""
    return {
        f"{kind}.{field}": found
        for kind in NAMED
        for field, schema in schemas[kind]["properties"].items()
        if (found := next(_within(schema), None))
    }


def _within(schema: Mapping[str, Any]) -> Iterator[list[float]]:
    if "minimum" in schema and "maximum" in schema:
        yield [schema["minimum"], schema["maximum"]]
    for other in schema.get("anyOf", ()):
        yield from _within(other)
