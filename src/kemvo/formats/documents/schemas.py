"""The published JSON Schemas (2020-12) of the files Kemvo reads and writes: kept in docs/schema, made from the models."""

from __future__ import annotations

from typing import Any, Literal

from pydantic import BaseModel, Field

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.progress.model import ClassGroup, Course, Lesson
from kemvo.core.tables.rooms import Room
from kemvo.formats.documents.schedule_json import AnswerOut, ProblemIn


class FormFile(BaseModel):
    """A form file."""

    format: Literal["kemvo"]
    version: Literal[1]
    kind: Literal["form"]
    form: Form


class SessionFile(BaseModel):
    """A session file: the session and every form it goes over, by the id its passes use."""

    format: Literal["kemvo"]
    version: Literal[1]
    kind: Literal["session"]
    session: Session
    forms: dict[str, Form] = Field(default_factory=dict)


class ClassFile(BaseModel):
    """A class with its lessons, its courses, and the forms they speak of, by the ids they use."""

    format: Literal["kemvo"]
    version: Literal[1]
    kind: Literal["class"]
    group: ClassGroup = Field(alias="class")
    lessons: tuple[Lesson, ...] = ()
    courses: tuple[Course, ...] = ()
    forms: dict[str, Form] = Field(default_factory=dict)


SCHEMAS: dict[str, type[BaseModel]] = {
    "form": FormFile,
    "session": SessionFile,
    "class": ClassFile,
    "room": Room,
    "schedule-problem": ProblemIn,
    "schedule-answer": AnswerOut,
}


def schema_of(name: str) -> dict[str, Any]:
    """The schema of a kind of file. Raises KeyError for a kind there is not."""
    return {"$schema": "https://json-schema.org/draft/2020-12/schema", **SCHEMAS[name].model_json_schema()}
