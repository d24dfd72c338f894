"""Files in and out: what Kemvo writes it reads again; what it cannot read it says."""

import json
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from hypothesis import given

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form
from kemvo.core.timing.pass_postures import missing_parts
from kemvo.demo.load import demo_files
from kemvo.formats.documents.kemvo_json import read_file, write_form, write_session
from strategies import forms, practices


@given(forms)
def test_a_form_file_gives_the_form_back(form: Form) -> None:
    assert read_file(write_form(form)).form() == form


@given(practices())
def test_a_session_file_gives_session_and_forms_back(practice: tuple) -> None:
    session, here = practice
    bundle = read_file(write_session(session, here))
    assert bundle.session == session
    assert all(bundle.forms[k] == here[k] for k in bundle.forms)


BAD = {
    "nothing": (b"", "not readable as JSON"),
    "no text": (b"\xff\xfe\x00\x01", "not text"),
    "no JSON": (b"{", "line 1, column 2"),
    "a list": (b"[]", "not a Kemvo form or session"),
    "another format": (b'{"format": "other"}', "not a Kemvo form or session"),
    "a newer version": (b'{"format": "kemvo", "kind": "form", "version": 99}', "newer Kemvo"),
    "no form": (b'{"format": "kemvo", "kind": "form", "version": 1}', "“form” is missing"),
    "a session without forms": (
        b'{"format": "kemvo", "kind": "session", "version": 1, "session": {}}',
        "“forms” is missing",
    ),
    "too deep": (b"[" * 100_000, "nested too deeply"),
    "a wrong form": (b'{"format": "kemvo", "kind": "form", "version": 1, "form": {"tempo": 1}}', "Tempo must be"),
}


@pytest.mark.parametrize(("content", "said"), BAD.values(), ids=BAD)
def test_a_file_that_cannot_be_read_is_told_by_name_and_reason(client: TestClient, content: bytes, said: str) -> None:
    with pytest.raises(KemvoError, match=r"x\.json"):
        read_file(content, "x.json")
    answer = client.post("/api/forms/file", files={"file": ("x.json", content)})
    assert answer.status_code == 422
    assert said in answer.json()["detail"]
    assert client.get("/api/forms").json() == []


def test_a_file_with_a_byte_order_mark_is_read() -> None:
    text = write_form(Form(title="Ebb"))
    assert read_file("\ufeff" + text).form().title == "Ebb"
    assert read_file(text.encode("utf-8-sig")).form().title == "Ebb"


def test_a_form_goes_out_and_comes_in_through_the_api(demo_client: TestClient) -> None:
    out = demo_client.get("/api/forms/nine-willows/file")
    assert 'filename="nine-willows.form.json"' in out.headers["content-disposition"]
    made = demo_client.post("/api/forms/file", files={"file": ("n.json", out.content)}).json()
    assert made["body"] == demo_client.get("/api/forms/nine-willows").json()["body"]


def test_a_session_file_brings_its_forms_and_adds_none_twice(demo_client: TestClient, client: TestClient) -> None:
    out = demo_client.get("/api/sessions/thursday-class/file").content
    elsewhere = client.post("/api/sessions/file", files={"file": ("s.json", out)}).json()
    assert len(client.get("/api/forms").json()) == 2
    assert elsewhere["derived"]["problems"] == []
    client.post("/api/sessions/file", files={"file": ("s.json", out)})
    assert len(client.get("/api/forms").json()) == 2


def test_a_session_file_opened_among_forms_says_where_it_belongs(demo_client: TestClient) -> None:
    out = demo_client.get("/api/sessions/thursday-class/file").content
    answer = demo_client.post("/api/forms/file", files={"file": ("s.json", out)})
    assert "page of sessions" in answer.json()["detail"]


def test_a_title_in_any_script_names_the_file(client: TestClient) -> None:
    form = client.post("/api/forms", json={"title": "柳 / “Ebb”\n& flow"}).json()
    header = client.get(f"/api/forms/{form['id']}/file").headers["content-disposition"]
    assert 'filename="-ebb-flow.form.json"' in header
    assert "filename*=UTF-8''%E6%9F%B3-ebb-flow.form.json" in header


@pytest.mark.parametrize("path", demo_files(), ids=lambda p: p.name)
def test_the_demo_files_are_whole(path: Path) -> None:
    bundle = read_file(path.read_bytes(), path.name)
    assert path.read_text() == (
        write_session(bundle.session, bundle.forms) if bundle.session else write_form(bundle.form())
    )
    if bundle.session:
        assert not missing_parts(bundle.session, bundle.forms)


def test_the_demo_forms_are_as_described() -> None:
    """Nine Willows: 9 postures, about 40 movements; Long Causeway: 36 postures, about 150, as they are done."""
    from kemvo.core.timing.timeline import plan_form

    for path, postures, done in ((demo_files()[1], 9, 40), (demo_files()[0], 36, 150)):
        form = read_file(path.read_bytes()).form()
        assert len(form.postures()) == postures
        assert abs(sum(s.kind == "movement" for s in plan_form(form).spans) - done) <= 0.12 * done
        assert all(m.line for p in form.postures() for m in p.movements)
    assert json.loads(demo_files()[-1].read_text())["session"]["wished_ms"] == 20 * 60_000
