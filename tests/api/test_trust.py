"""Who may ask, and how much: other sites' writes, headers, bounds of every body, and what is said of what is wrong."""

import io
import json
import zipfile

import pytest
from fastapi.testclient import TestClient

from following import made

JSON = {"content-type": "application/json"}


@pytest.mark.parametrize(
    "headers",
    [
        {"Origin": "http://elsewhere.example"},
        {"Origin": "null"},
        {"Origin": "http://testserver:81"},
        {"Sec-Fetch-Site": "cross-site"},
        {"Sec-Fetch-Site": "same-site"},
        {"Sec-Fetch-Site": "cross-site", "Origin": "http://testserver"},
    ],
)
def test_a_write_that_another_sites_page_asks_for_is_refused(demo_client: TestClient, headers: dict) -> None:
    before = demo_client.get("/api/forms").json()
    form = demo_client.get("/api/forms/nine-willows/file").content
    for answer in (
        demo_client.post("/api/forms", headers=headers),
        demo_client.post("/api/forms/file", files={"file": ("x.json", form)}, headers=headers),
        demo_client.delete("/api/forms/nine-willows", headers=headers),
        demo_client.put("/api/forms/nine-willows", json={}, headers=headers),
        demo_client.post("/api/forms/nine-willows/undo", headers=headers),
    ):
        assert answer.status_code == 403
        assert answer.json()["problems"][0]["mend"]
    assert demo_client.get("/api/forms", headers=headers).json() == before


@pytest.mark.parametrize(
    "headers", [{}, {"Origin": "http://testserver"}, {"Sec-Fetch-Site": "same-origin", "Origin": "http://testserver"}]
)
def test_kemvos_own_pages_and_programs_may_write(client: TestClient, headers: dict) -> None:
    assert client.post("/api/forms", headers=headers).status_code == 201


@pytest.mark.parametrize("path", ["/", "/api/forms", "/api/docs", "/assets/none.js", "/api/forms/none"])
def test_every_answer_says_what_a_page_may_do(client: TestClient, path: str) -> None:
    headers = client.get(path).headers
    policy = headers["content-security-policy"]
    assert "script-src 'self';" in policy
    assert "frame-ancestors 'none'" in policy
    assert headers["x-content-type-options"] == "nosniff"
    assert headers["referrer-policy"] == "no-referrer"


def test_the_page_that_describes_the_api_loads_nothing(client: TestClient) -> None:
    page = client.get("/api/docs").text
    assert "/api/sessions/{id_}/render" in page
    assert "<script" not in page
    assert "src=" not in page
    assert "http" not in page.replace("OpenAPI", "")


def test_another_name_for_this_machine_is_not_answered(client: TestClient) -> None:
    answer = client.get("/api/forms", headers={"Host": "elsewhere.example"})
    assert answer.status_code == 400
    assert "name" in answer.json()["detail"]


MALFORMED = {
    "deep": lambda n: "[" * n,
    "sections": lambda n: '{"sections":[' + ",".join(['{"a":1}'] * (n // 8)) + "]}",
    "movements": lambda n: (
        '{"sections":[{"postures":[{"movements":[' + ",".join(['{"counts":"x"}'] * (n // 15)) + "]}]}]}"
    ),
    "one word": lambda n: '{"sections":"' + "y" * n + '"}',
    "fields": lambda n: "{" + ",".join(f'"k{i}":1' for i in range(n // 10)) + "}",
    "one field": lambda n: '{"' + "k" * n + '":1}',
    "digits": lambda n: '{"tempo":' + "9" * n + "}",
}


@pytest.mark.parametrize("size", [200_000, 10_000_000])
@pytest.mark.parametrize("kind", MALFORMED)
def test_malformed_json_gets_a_short_answer_whatever_its_size(client: TestClient, kind: str, size: int) -> None:
    for answer in (
        client.post("/api/forms", content=MALFORMED[kind](size), headers=JSON),
        client.post("/api/forms/file", files={"file": ("x.json", MALFORMED[kind](size))}),
    ):
        assert 400 <= answer.status_code < 500
        assert len(answer.content) < 12_000
        told = answer.json()
        assert 1 <= len(told["problems"]) <= 20
        assert all(len(p["what"]) < 600 for p in told["problems"])


def test_a_body_whose_length_is_not_told_is_bounded_too(client: TestClient) -> None:
    def parts():
        for _ in range(60):
            yield b" " * 100_000

    answer = client.post("/api/forms", content=parts(), headers=JSON)
    assert (answer.status_code, answer.json()["title"]) == (413, "This was refused")


@pytest.mark.parametrize(
    ("path", "body"),
    [
        ("/api/forms", '{"title":"\\ud800"}'),
        ("/api/read/movement", '{"line":"step \\ud800 left"}'),
        ("/api/texts", '{"text":"step \\udfff left"}'),
        ("/api/sessions", '{"passes":[{"part":{"form_id":"\\ud800"}}]}'),
        ("/api/sessions", '{"notes":"\\ud83d"}'),
    ],
)
def test_half_a_letter_is_refused_with_a_sentence(client: TestClient, path: str, body: str) -> None:
    answer = client.post(path, content=body, headers=JSON)
    assert answer.status_code == 422
    assert answer.json()["problems"][0]["what"]


@pytest.mark.parametrize("path", ["/%00", "/" + "a" * 5000, "/..%2f..%2fetc/passwd", "/assets/%00.js"])
def test_any_path_shows_the_page_and_no_other_file(client: TestClient, path: str) -> None:
    answer = client.get(path)
    assert answer.status_code in (200, 503)
    assert "root:" not in answer.text


CATALOGUES = {
    "deep.json": b'{"postures":' + b"[" * 100_000 + b"]" * 100_000 + b"}",
    "deep.toml": b"posture = " + b"[" * 5000 + b"]" * 5000,
    "digits.json": b'{"postures":[{"id":"x","name":"x","repeats":' + b"9" * 6000 + b"}]}",
    "digits.toml": b'[[posture]]\nid="x"\nname="x"\nrepeats=' + b"9" * 6000,
    "large.json": b'{"postures":[{"id":"x","name":"x","repeats":' + b"9" * 400 + b"}]}",
    "infinite.json": b'{"postures":[{"id":"x","name":"x","movements":[{"counts":1e999}]}]}',
    "form.json": b'{"format":"kemvo","version":1,"kind":"form","form":{}}',
    "list.json": b"[1, 2]",
    "other.toml": b'title = "no catalogue"',
    "bytes.json": b"\xff\xfe\xfa",
}


@pytest.mark.parametrize("name", CATALOGUES)
def test_a_catalogue_file_of_another_kind_is_refused(client: TestClient, name: str) -> None:
    answer = client.post("/api/catalogue/file", files={"file": (name, CATALOGUES[name])})
    assert answer.status_code == 422
    assert answer.json()["problems"][0]["where"].startswith(name)


TABLES = {
    "nul": b"start_ms,text,name\n1,a\0b,x\n",
    "huge cell": b'start_ms,text,name\n1,"' + b"x y " * 50_000 + b'",x\n',
    "open quote": b'start_ms,text,name\n1,"' + b"x\n" * 70_000,
}


@pytest.mark.parametrize("kind", TABLES)
@pytest.mark.parametrize("path", ["texts/file", "sessions/thursday-class/cue-file/look"])
def test_a_table_that_is_none_gets_a_sentence(demo_client: TestClient, path: str, kind: str) -> None:
    answer = demo_client.post(f"/api/{path}", files={"file": ("x.csv", TABLES[kind])})
    assert answer.status_code == 422
    assert len(answer.content) < 3000


def test_a_text_is_bounded_in_lines_and_in_the_length_of_a_line(client: TestClient) -> None:
    line = "Step to the left with the left foot.\n"
    for text, said in ((line * 5001, "5,001 lines"), ("step left " * 501, "longer than 5,000 letters")):
        for answer in (
            client.post("/api/texts", json={"text": text}),
            client.post("/api/texts/file", files={"file": ("x.md", text)}),
        ):
            assert answer.status_code == 422
            assert said in answer.json()["detail"]
    cut = "".join(
        f"{i}\n00:{i // 60:02d}:{i % 60:02d},000 --> 00:{i // 60:02d}:{i % 60:02d},900\nstep left\n\n"
        for i in range(2500)
    )
    assert client.post("/api/texts/file", files={"file": ("x.srt", cut)}).status_code in (200, 202)


def test_a_long_text_is_read_as_a_job_to_the_same_form(client: TestClient) -> None:
    lines = [f"Step to the left with the left foot, {i} times" for i in range(601)]
    job = client.post("/api/texts", json={"text": "\n".join(lines)})
    assert job.status_code == 202
    draft = made(client, job.json())
    short = client.post("/api/texts", json={"text": "\n".join(lines[:600])})
    assert short.status_code == 200
    assert [x["text"] for x in draft["lines"]][:600] == [x["text"] for x in short.json()["lines"]]


def zipped(files: dict[str, bytes], contents: dict) -> bytes:
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as into:
        into.writestr("session.json", "{}")
        into.writestr("contents.json", json.dumps(contents))
        for name, data in files.items():
            into.writestr(name, data)
    return out.getvalue()


ZIPS = {
    "a bomb": lambda: zipped({"t.wav": bytes(200_000_000)}, {"takes": [{"file": "t.wav", "text": "x"}]}),
    "one file forty times": lambda: zipped(
        {"t.wav": bytes(1000)}, {"takes": [{"file": "t.wav", "text": f"x{i}"} for i in range(40)]}
    ),
    "many files": lambda: zipped({f"{i}.txt": b"" for i in range(2100)}, {}),
    "a bomb of text": lambda: zipped({"session.json": b" " * 190_000_000}, {}),
}


@pytest.mark.parametrize("kind", ZIPS)
@pytest.mark.filterwarnings("ignore:Duplicate name")
def test_a_zip_that_would_unpack_to_far_more_is_refused(client: TestClient, kind: str) -> None:
    answer = client.post("/api/sessions/file", files={"file": ("x.zip", ZIPS[kind]())})
    assert answer.status_code == 422
    assert "not a session with its sounds" in answer.json()["detail"]


def test_a_zip_with_any_byte_flipped_is_opened_or_gets_a_sentence(demo_client: TestClient) -> None:
    packed = demo_client.get("/api/sessions/thursday-class/packed.zip").content
    for at in range(0, len(packed), max(1, len(packed) // 60)):
        damaged = bytearray(packed)
        damaged[at] ^= 0xFF
        answer = demo_client.post("/api/sessions/file", files={"file": ("x.zip", bytes(damaged))})
        assert answer.status_code in (201, 422), at
