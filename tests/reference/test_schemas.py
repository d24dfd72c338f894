"""What Kemvo saves, against its published schemas by another validator (jsonschema, JSON Schema 2020-12)."""

import json
from pathlib import Path

import pytest
from hypothesis import given, settings
from jsonschema import Draft202012Validator

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.progress.model import CareNeeded, ClassGroup, Course, Holiday, Lesson, LessonPart, OpenPoint
from kemvo.demo.load import demo_files
from kemvo.formats.documents.class_file import ClassBundle, write_class
from kemvo.formats.documents.kemvo_json import write_form, write_session
from kemvo.formats.documents.schemas import SCHEMAS
from strategies import forms, practices
from teaching import DAY, form_of

FOLDER = Path(__file__).parents[2] / "docs/schema"
VALIDATORS = {kind: Draft202012Validator(json.loads((FOLDER / f"{kind}.schema.json").read_text())) for kind in SCHEMAS}


@pytest.mark.parametrize("kind", SCHEMAS)
def test_each_schema_is_itself_valid(kind: str) -> None:
    Draft202012Validator.check_schema(VALIDATORS[kind].schema)


@pytest.mark.parametrize("file", demo_files(), ids=lambda f: f.name)
def test_the_demo_files_keep_their_schema(file: Path) -> None:
    data = json.loads(file.read_text())
    VALIDATORS[data["kind"]].validate(data)


@given(forms)
@settings(max_examples=40)
def test_any_form_is_written_as_its_schema_says(form: Form) -> None:
    VALIDATORS["form"].validate(json.loads(write_form(form)))


@given(practices())
@settings(max_examples=40)
def test_any_session_is_written_as_its_schema_says(made: tuple[Session, dict[str, Form]]) -> None:
    VALIDATORS["session"].validate(json.loads(write_session(*made)))


def test_a_class_is_written_as_its_schema_says() -> None:
    point = OpenPoint(id="o1", text="Shoulders rise", settled=DAY)
    lesson = Lesson(class_id="c", day=DAY, parts=(LessonPart(form_id="f", posture_id="p1", ms=1000),), points=(point,))
    course = Course(class_id="c", starts=DAY, holidays=(Holiday(first=DAY, last=DAY),))
    group = ClassGroup(title="Mornings", days=(3,), care=CareNeeded(knees=1), form_id="f")
    written = json.loads(write_class(ClassBundle(group, (lesson,), (course,), {"f": form_of(3)})))
    VALIDATORS["class"].validate(written)
    assert not VALIDATORS["class"].is_valid({**written, "lessons": [{"day": "soon", "parts": 5}]})


@pytest.mark.parametrize("spoil", [{"tempo": -5}, {"sections": 5}, {"unknown": 1}])
def test_what_kemvo_refuses_the_schema_refuses(spoil: dict) -> None:
    data = json.loads(demo_files()[0].read_text())
    data["form"] |= spoil
    assert not VALIDATORS["form"].is_valid(data)
