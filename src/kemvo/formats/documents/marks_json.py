"""Marks as files: `marks.json`, what went otherwise (`slips.json`), and taps (`taps.csv`). Described in docs/formats.md.

Places are numbers there, so that they can be read without Kemvo: passes count those that are taken, rounds, postures and
movements from 0 as the session has them; `again` tells a posture that was done once more (1: the first time more). Ids go before
numbers where both are given.
"""

from __future__ import annotations

import csv
import io
import json
from collections.abc import Iterable, Mapping, Sequence
from typing import Annotated, Any, NamedTuple

from pydantic import BaseModel, Field, ValidationError

from kemvo.core.errors import KemvoError, Problem, from_validation
from kemvo.core.recording.model import Again, Edge, Mark, Media, Recording, Source
from kemvo.core.recording.performed import EXTRA, Keyed, performance_key
from kemvo.core.recording.taps import Tap, TapKind
from kemvo.core.recording.truth import Slips, Stop
from kemvo.core.types import LONGEST_MS, number_in
from kemvo.formats.json_text import parsed_json

KIND = "marks"


class _Posture(BaseModel):
    """A posture of a round, in numbers."""

    pass_: Annotated[int, Field(alias="pass", ge=0)] = 0
    round: Annotated[int, Field(ge=0)] = 0
    posture: Annotated[int, Field(ge=0)] = 0


class _Again(_Posture):
    times: Annotated[int, Field(ge=2, le=20)] = 2


class _Stop(_Posture):
    movement: Annotated[int, Field(ge=0)] = 0
    ms: Annotated[int, Field(ge=0, le=600_000)] = 6000


class _Mark(_Posture):
    movement: Annotated[int, Field(ge=0)] = 0
    again: Annotated[int, Field(ge=0, le=20)] = 0
    edge: Edge = "start"
    at_ms: Annotated[int, Field(ge=0, le=LONGEST_MS)]
    source: Source = "hand"
    sure: Annotated[float, Field(ge=0, le=1)] = 1.0
    hand: bool = False
    movement_id: str = ""


class _File(BaseModel):
    format: str
    version: int
    kind: str
    recording: dict[str, Any] = {}
    form_begins_ms: int | None = None
    form_ends_ms: int | None = None
    marks: list[_Mark] = []
    left_out: list[_Posture] = []
    again: list[_Again] = []


class _SlipsFile(BaseModel):
    left_out: list[_Posture] = []
    again: list[_Again] = []
    stops: list[_Stop] | None = None


class Numbered(NamedTuple):
    """The places of a session in numbers: (pass, round, posture) to the key of the posture being done, and (pass, round, posture,
    movement) to the key of the movement; movements also by id."""

    performances: dict[tuple[int, int, int], str]
    movements: dict[tuple[int, int, int, int], str]
    by_id: dict[str, list[str]]


def numbered(planned: Sequence[Keyed]) -> Numbered:
    """The places of a session as it is planned (nothing left out or done again), in numbers."""
    passes: dict[int, int] = {}
    performances: dict[tuple[int, int, int], str] = {}
    movements: dict[tuple[int, int, int, int], str] = {}
    by_id: dict[str, list[str]] = {}
    seen: dict[tuple[int, int], list[str]] = {}
    for k in planned:
        here = passes.setdefault(k.place.round.no, len(passes))
        if k.place.kind != "movement" or not k.place.movement:
            continue
        name, round_ = performance_key(k.place), k.place.round.nth - 1
        names = seen.setdefault((here, round_), [])
        if name not in names:
            names.append(name)
        at = (here, round_, names.index(name))
        performances[at] = name
        movements[(*at, k.place.movement_no)] = k.key
        by_id.setdefault(k.place.movement.id, []).append(k.key)
    return Numbered(performances, movements, by_id)


def write_marks(
    recording: Recording, planned: Sequence[Keyed], said: Mapping[str, tuple[int, int]] | None = None
) -> str:
    """The marks of a recording as the text of a file. `said`: when each place was told, for a film of the stand-in studio."""
    numbers = numbered(planned)
    postures = {v: k for k, v in numbers.performances.items()}
    places = {v: k for k, v in numbers.movements.items()}
    ids = {key: id_ for id_, keys in numbers.by_id.items() for key in keys}
    marks = []
    for m in recording.marks:
        key, again = _original(m.place, postures)
        at = places.get(key)
        if at is None:
            continue
        told = {"said": list(said[m.place])} if said and m.place in said and m.edge == "start" else {}
        marks.append({
            "pass": at[0], "round": at[1], "posture": at[2], "movement": at[3], **({"again": again} if again else {}), "edge": m.edge,
            "at_ms": m.at_ms, "source": m.source, "sure": m.sure, "hand": m.hand, "movement_id": ids[key], **told,
        })  # fmt: skip
    data = {
        "format": "kemvo",
        "version": 1,
        "kind": KIND,
        "recording": {"name": recording.media.name, "ms": recording.media.ms, "sha256": recording.media.sha256},
        "form_begins_ms": recording.begins_ms,
        "form_ends_ms": recording.ends_ms,
        "marks": marks,
        "left_out": [_numbers(postures[p]) for p in recording.left_out if p in postures],
        "again": [
            {**_numbers(postures[a.performance]), "times": a.times}
            for a in recording.again
            if a.performance in postures
        ],
    }
    return json.dumps(data, ensure_ascii=False, indent=1) + "\n"


def _numbers(at: tuple[int, int, int]) -> dict[str, int]:
    return {"pass": at[0], "round": at[1], "posture": at[2]}


def _original(key: str, postures: Mapping[str, object]) -> tuple[str, int]:
    """The place as it is planned, and the how many times more it was done."""
    parts = key.split(".")
    for i, part in enumerate(parts):
        if i >= 2 and part.isdecimal() and int(part) > EXTRA:
            first = ".".join([*parts[:i], str(int(part) % EXTRA)])
            if first in postures:
                return ".".join([first, *parts[i + 1 :]]), int(part) // EXTRA
    return key, 0


def again_key(key: str, name: str, again: int) -> str:
    """The key of a place of a posture that was done once more."""
    if not again:
        return key
    head, time = name.rsplit(".", 1)
    return f"{head}.{int(time) + EXTRA * again}" + key.removeprefix(name)


def read_marks(text: str | bytes, name: str, planned: Sequence[Keyed], media: Media) -> tuple[Recording, list[str]]:
    """The recording that a file of marks tells of, and what of it is not in the session. Raises KemvoError."""
    data = parsed_json(text, name)
    if not isinstance(data, dict) or data.get("format") != "kemvo" or data.get("kind") != KIND:
        raise KemvoError(
            Problem(
                what="This is no file of marks.",
                where=name,
                mend='It begins with "format": "kemvo", "version": 1, "kind": "marks"; “kemvo recording mark” writes one.',
            )
        )
    try:
        file = _File.model_validate(data)
    except ValidationError as error:
        raise from_validation(error, data, name) from None
    numbers = numbered(planned)
    notes: list[str] = []
    marks = []
    for n, m in enumerate(file.marks):
        key = _place_of(m, numbers)
        if key is None:
            notes.append(
                f"Mark {n + 1} belongs to a movement that the session does not have (posture {m.posture}, movement {m.movement})."
            )
            continue
        marks.append(Mark(place=key, edge=m.edge, at_ms=m.at_ms, source=m.source, sure=m.sure, hand=m.hand))
    left_out = _known(file.left_out, numbers, notes, "left out")
    again = [(a, _known([a], numbers, notes, "done again")) for a in file.again]
    told = file.recording.get("sha256")
    if told and media.sha256 and told != media.sha256:
        notes.append("These marks were made for another file; they are used as they are.")
    return (
        Recording(
            media=media,
            marks=tuple(marks),
            left_out=tuple(left_out),
            again=tuple(Again(performance=p, times=a.times) for a, found in again for p in found),
            begins_ms=file.form_begins_ms,
            ends_ms=file.form_ends_ms,
        ),
        notes,
    )


def _place_of(m: _Mark, numbers: Numbered) -> str | None:
    at = (m.pass_, m.round, m.posture)
    name, key = numbers.performances.get(at), numbers.movements.get((*at, m.movement))
    if m.movement_id:
        # Ids go before numbers: of the places of that movement the one in the same posture being done, else the first.
        found = numbers.by_id.get(m.movement_id)
        if not found:
            return None
        if key not in found:
            key = next((k for k in found if name and k.startswith(f"{name}.")), found[0])
            name = next((p for p in numbers.performances.values() if key.startswith(f"{p}.")), name)
    return again_key(key, name, m.again) if key and name else None


def _known(postures: Iterable[_Posture], numbers: Numbered, notes: list[str], what: str) -> list[str]:
    out = []
    for p in postures:
        key = numbers.performances.get((p.pass_, p.round, p.posture))
        if key:
            out.append(key)
        else:
            notes.append(f"Posture {p.posture} of pass {p.pass_}, {what}, is not in the session.")
    return out


def read_slips(text: str | bytes, name: str, planned: Sequence[Keyed]) -> Slips:
    """What is to go otherwise in a film of the stand-in studio. Raises KemvoError for what is not in the session."""
    data = parsed_json(text, name)
    try:
        file = _SlipsFile.model_validate(data)
    except ValidationError as error:
        raise from_validation(error, data, name) from None
    numbers = numbered(planned)
    notes: list[str] = []
    left_out = _known(file.left_out, numbers, notes, "left out")
    again = [Again(performance=p, times=a.times) for a in file.again for p in _known([a], numbers, notes, "done again")]
    stops = []
    for s in file.stops or ():
        key = numbers.movements.get((s.pass_, s.round, s.posture, s.movement))
        if key:
            stops.append(Stop(place=key, ms=s.ms))
        else:
            notes.append(f"There is no movement {s.movement} in posture {s.posture} to stop after.")
    if notes:
        raise KemvoError(
            Problem(what=notes[0], where=name, mend="Passes, rounds, postures and movements count from 0.")
        )
    return Slips(left_out=tuple(left_out), again=tuple(again), stops=None if file.stops is None else tuple(stops))


TAPS: dict[str, TapKind] = {
    "": "posture", "posture": "posture", "movement": "movement", "stopped": "stopped", "stop": "stopped", "on": "on", "again": "on",
}  # fmt: skip


def read_taps(text: str, name: str) -> list[Tap]:
    """Taps: a time in seconds a line, one for each posture; or with a second column: movement, stopped, on. Raises KemvoError."""
    taps = []
    for n, row in enumerate(csv.reader(io.StringIO(text.lstrip("\ufeff"))), 1):
        cells = [c.strip() for c in row]
        if not any(cells) or cells[0].startswith("#"):
            continue
        try:
            at = number_in(cells[0])
            kind = TAPS[(cells[1] if len(cells) > 1 else "").lower()]
            if not 0 <= at * 1000 < LONGEST_MS:
                raise ValueError
        except (ValueError, KeyError):
            if n == 1 and not cells[0][:1].isdigit():
                continue
            raise KemvoError(
                Problem(
                    what=f"“{','.join(cells)[:60]}” is no tap.",
                    where=f"{name}, line {n}",
                    mend="Each line is a time in seconds, and if it is not a posture’s: movement, stopped or on.",
                )
            ) from None
        taps.append(Tap(round(at * 1000), kind))
    if not taps:
        raise KemvoError(
            Problem(what="There are no taps in this file.", where=name, mend="Each line is a time in seconds.")
        )
    return taps
