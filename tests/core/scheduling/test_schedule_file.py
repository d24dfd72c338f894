"""Problems of what to say when, as files: read, solved, written; and the published schemas."""

import json
from pathlib import Path

import pytest
from hypothesis import given, settings
from typer.testing import CliRunner

from kemvo.cli import app
from kemvo.core.errors import KemvoError
from kemvo.core.scheduling.model import Talk, in_order
from kemvo.core.scheduling.solver import solve
from kemvo.formats.documents.schedule_json import read_talk, write_answer, write_talk
from kemvo.formats.documents.schemas import SCHEMAS, schema_of
from talks import talks


@given(talks())
@settings(max_examples=60, deadline=None)
def test_a_problem_is_read_as_it_was_written_and_its_answer_tells_every_cue(talk: Talk) -> None:
    back = read_talk(write_talk(talk))
    assert [s._replace(ideal_ms=s.ideal_ms) for s in back.sayings] == list(talk.sayings)
    assert (back.blocked, back.gap_ms, back.joins, back.price_per_s) == (
        talk.blocked,
        talk.gap_ms,
        talk.joins,
        talk.price_per_s,
    )
    answer = solve(talk)
    told = json.loads(write_answer(talk, answer))
    assert [c["id"] for c in told["cues"]] == [s.id for s in in_order(talk.sayings)]
    assert told["value"] == answer.value
    said = {i: u for u in answer.utterances for i in u.ids}
    for c in told["cues"]:
        u = said.get(c["id"])
        assert (c["start_ms"], c["end_ms"]) == ((u.start_ms, u.end_ms) if u else (None, None))
        assert (c["state"] == "left out") == (u is None)
        assert (c["state"] == "full") == (c["reason"] == "")


PROBLEM = {
    "gap_ms": 200,
    "cues": [
        {
            "id": "a", "target_ms": 5000, "opens_ms": 1000, "due_ms": 4750, "early_per_s": 0.1,
            "wordings": [{"text": "Left heel steps out", "ms": 1800, "worth": 6}, {"text": "Left heel", "ms": 700, "worth": 4}],
        },
        {"id": "b", "target_ms": 6000, "opens_ms": 4000, "must": True, "wordings": [{"text": "Knee", "ms": 1500, "worth": 3}]},
    ],
}  # fmt: skip


def test_the_command_solves_a_problem(tmp_path: Path) -> None:
    problem, answer = tmp_path / "p.json", tmp_path / "a.json"
    problem.write_text(json.dumps(PROBLEM))
    run = CliRunner().invoke(app, ["schedule", str(problem), "-o", str(answer)])
    assert run.exit_code == 0, run.output
    told = json.loads(answer.read_text())
    assert [(c["id"], c["start_ms"], c["end_ms"]) for c in told["cues"]] == [("a", 2500, 4300), ("b", 4500, 6000)]
    # It ends 450 ms before it is due, at a tenth a second.
    assert told["value"] == pytest.approx(6 + 3 - 0.045)
    assert json.loads(CliRunner().invoke(app, ["schedule", str(problem)]).output) == told


@pytest.mark.parametrize(
    ("data", "says"),
    [
        ("[]", "no problem of what to say"),
        ("{", "not readable as JSON"),
        ({"cues": [{"id": "a"}]}, "is missing"),
        ({"cues": [{"id": "a", "target_ms": -1, "wordings": [{"ms": 5}]}]}, "greater than or equal to 0"),
        ({"cues": [{"id": "a", "target_ms": 1, "wordings": []}]}, "at least 1"),
        ({"cues": [{"id": "a", "target_ms": 1, "wordings": [{"ms": 5}]}] * 2}, "two cues"),
        ({**PROBLEM, "joins": [{"cues": ["a", "x"], "wordings": [{"ms": 5}]}]}, "is no cue"),
        ({**PROBLEM, "blocked": [[5, 1]]}, "ends before it begins"),
        ({**PROBLEM, "pace": 1}, "not a field"),
    ],
)
def test_a_problem_that_cannot_be_read_says_why(tmp_path: Path, data: object, says: str) -> None:
    text = data if isinstance(data, str) else json.dumps(data)
    with pytest.raises(KemvoError, match=says):
        read_talk(text, "p.json")
    path = tmp_path / "p.json"
    path.write_text(text)
    run = CliRunner().invoke(app, ["schedule", str(path)])
    assert run.exit_code == 2


@pytest.mark.parametrize("kind", SCHEMAS)
def test_every_schema_is_printed_and_published(kind: str) -> None:
    printed = json.loads(CliRunner().invoke(app, ["schema", kind]).output)
    kept = Path(__file__).parents[3] / f"docs/schema/{kind}.schema.json"
    assert printed == schema_of(kind) == json.loads(kept.read_text())
