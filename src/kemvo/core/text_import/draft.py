"""The draft form made from a text: sections, postures, movements. Nothing of the text is thrown away."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from typing import NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.model.catalogue import Entry, Known
from kemvo.core.model.form import FILLED_IN, Form, Movement, Origins, Posture
from kemvo.core.model.within import within_said
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.fields import filled
from kemvo.core.movement.interpretation import words_in
from kemvo.core.tables.stances import STANCES, stance_in
from kemvo.core.text_import.form_builder import FormBuilder
from kemvo.core.text_import.kinds.deciding import BEGINS, LineIs, kinds_of, questions
from kemvo.core.text_import.kinds.labels import LineKind
from kemvo.core.text_import.kinds.placing import NOT_SPOKEN, announces_only, caution, gentler, name_said, refer, rest_of
from kemvo.core.text_import.lasting import bounded, in_shares
from kemvo.core.text_import.named_lines import (
    PART,
    Became,
    Understood,
    after_name,
    named_posture,
    once_more,
    titled,
)
from kemvo.core.text_import.naming import (
    name_in_list,
    posture_listed,
)
from kemvo.core.text_import.one_line.labels import LOWER_LABEL, labelled, numbered_as, unlabelled, unnumbered
from kemvo.core.text_import.one_line.line_notes import noted
from kemvo.core.text_import.one_line.posture_lines import (
    NAME_SHARE,
    NUMBERS,
    count_in,
    name_line,
    numbers_are_counts,
)
from kemvo.core.text_import.one_line.split_movements import DraftMovement, told_apart
from kemvo.core.text_import.several_in_a_line import one_thing_each
from kemvo.core.text_import.whole_text.caption_rows import in_rows
from kemvo.core.text_import.whole_text.entries import Given
from kemvo.core.text_import.whole_text.headings import (
    BODY,
    LOWEST_PLAIN,
    MOVES,
    Flat,
    LineRole,
    tells_movement,
    with_roles,
)
from kemvo.core.text_import.whole_text.names_after import NamesStand, names_first
from kemvo.core.text_import.whole_text.script import ReadEntry, moved
from kemvo.core.text_import.whole_text.times import lead_ms, time_counts, timed_counts
from kemvo.core.types import EVEN, SIDE_WORD, Value

_COUNTS_ONLY = re.compile(
    r"[(\[]?(?:over\s+|for\s+|in\s+)?(\d+(?:[.,]\d+)?)\s+(?:counts?|beats?)[)\]]?\.?", re.IGNORECASE
)


class DraftLine(Value):
    """What became of a line of the text, and what was read from it, in words. `begins`: the titles of the postures that
    begin with it. `kind`: what it is in the whole text, `sure` how sure that is (0 to 1), `other` the next likeliest; `like`: lines
    that have the same here are written alike; `asks`: whether the instructor is asked what it is."""

    line: int
    text: str
    t_ms: int | None
    state: Understood
    became: Became
    signs: tuple[str, ...]
    begins: tuple[str, ...] = ()
    kind: LineKind | None = None
    sure: float = 1.0
    other: LineKind | None = None
    like: str = ""
    asks: bool = False


class Draft(Value):
    """A form made of a text, with every line's account. `items`: what the items of a flat list were taken for; they could be the
    other, too. `names`: where the names were taken to stand, before their movements or after them; it could be the other."""

    form: Form
    lines: tuple[DraftLine, ...]
    items: Flat = ""
    names: NamesStand = ""


class Rules(NamedTuple):
    """What the rules for single lines make of every entry: by its place, and in all; `closing`: those that name what was done before
    them."""

    laid: list[LineRole]
    became: list[str]
    closing: frozenset[int] = frozenset()


def as_written(read: Sequence[ReadEntry], known: Known) -> list[ReadEntry]:
    """A text's entries, captions put together as rows, each of them one thing."""
    return one_thing_each(_whole_items(in_rows(read)), known)


def by_rules(written: Sequence[ReadEntry], known: Known, items: Flat = "", names: NamesStand = "") -> Rules:
    """What the rules for single lines say, before the whole text is asked."""
    made = _made(written, known, items, names)
    became = [BEGINS if x.became == "movement" and x.begins else x.became for x in made.lines]
    ordered = names_first(written, names)
    closing = {
        at for r, at in zip(ordered.read, ordered.was, strict=True) if r.entry.given and not written[at].entry.given
    }
    return Rules(with_roles(written, items)[0], became, frozenset(closing))


def draft(
    read: Sequence[ReadEntry],
    catalogue: Sequence[Entry],
    title: str,
    usual: str = "",
    items: Flat = "",
    names: NamesStand = "",
    kinds: Mapping[str, LineKind] | None = None,
) -> Draft:
    """Make a form of a read text. `title`: the form's; else the text's own, else `usual`. Times become counts at the usual
    tempo. Captions are put together as rows first. `items`: what the items of a flat list are, `names`: where the names stand; empty: as it
    seems. `kinds`: what lines are, by their words, where the instructor says so; the others are decided with that.
    """
    known = Known({e.id: e for e in catalogue})
    written = as_written(read, known)
    rules = by_rules(written, known, items, names)
    decided = kinds_of(written, rules.laid, rules.became, kinds or {}, bool(items), rules.closing)
    whole, decided = _continued(written, decided)
    return _made(whole, known, items, names, decided, title, usual)


def _continued(read: Sequence[ReadEntry], decided: Sequence[LineIs]) -> tuple[list[ReadEntry], list[LineIs]]:
    """Entries that only go on with the movement before them, put to it."""
    out: list[ReadEntry] = []
    kinds: list[LineIs] = []
    for r, kind in zip(read, decided, strict=True):
        after = kinds[-1].kind == "movement" if kinds else False
        if kind.overrules == "continuation" and after and out[-1].entry.t_ms == r.entry.t_ms:
            out[-1] = _joined(out[-1], r)
        else:
            out.append(r)
            kinds.append(kind)
    return out, kinds


def _joined(a: ReadEntry, b: ReadEntry) -> ReadEntry:
    """Two entries as one."""
    by = len(a.entry.text) + 1
    entry = a.entry._replace(text=f"{a.entry.text} {b.entry.text}", flows=b.entry.flows, until_ms=b.entry.until_ms)
    return ReadEntry(entry, [*a.facts, *(moved(f, by) for f in b.facts)], [*a.clauses, *(c + by for c in b.clauses)])


def _made(
    written: Sequence[ReadEntry],
    known: Known,
    items: Flat,
    names: NamesStand,
    decided: Sequence[LineIs] = (),
    title: str = "",
    usual: str = "",
) -> Draft:
    """The form that entries make, one after the other. `decided`: what each is, in the whole text; without it by its own rules."""
    read, was, stand = names_first(written, names)
    building = FormBuilder()
    building.numbers_count = numbers_are_counts(r.entry.text for r in written)
    lines = []
    asked = set(questions(decided))
    laid, flat = with_roles(read, items)
    building.told_by_place = "posture" in laid
    for i, (entry, facts, _) in enumerate(read):
        done = len(building.postures())
        kind = decided[was[i]] if decided else None
        became, state = _place_as(building, read, i, laid, known, kind.overrules if kind else None)
        begun = building.postures()[done:]
        building.timed(timed_counts(read, i), begun)
        begins = tuple(p.title() for p in begun if p.name)
        last = building.last()
        only_named = became == "posture" and (last is None or not last.movements)
        shown = [f for f in facts if not (only_named and f.kind in MOVES)]  # what a name sounds like moves nothing
        signs = _signs(entry.text, shown) if became in ("posture", "movement") else ()
        lines.append(
            DraftLine(
                line=entry.line,
                text=written[was[i]].entry.text,
                t_ms=written[was[i]].entry.t_ms,
                state=state,
                became=became,
                signs=signs,
                begins=begins,
                kind=kind.kind if kind else None,
                sure=round(kind.sure, 3) if kind else 1.0,
                other=kind.other if kind else None,
                like=kind.like if kind else "",
                asks=was[i] in asked,
            )
        )
    placed = [r for r, line in zip(read, lines, strict=True) if line.became in ("posture", "movement")]
    form = building.form(title or usual, known).model_copy(update={"lead_ms": lead_ms(placed)})
    told = tuple(line for _, line in sorted(zip(was, lines, strict=True), key=lambda x: x[0]))
    return Draft(form=form.model_copy(update={"title": title}) if title else form, lines=told, items=flat, names=stand)


def _whole_items(read: Sequence[ReadEntry]) -> list[ReadEntry]:
    """The sentences of one bullet, or of one lettered item, as one entry: it is one movement, however many it has."""
    out: list[ReadEntry] = []
    for r in read:
        last = out[-1] if out else None
        same = last is not None and last.entry.line == r.entry.line and last.entry.t_ms is None and not r.entry.given
        if last is None or not same or not (last.entry.item or LOWER_LABEL.match(last.entry.text)):
            out.append(r)
            continue
        out[-1] = _joined(last, r)
    return out


def _signs(text: str, facts: Sequence[Fact]) -> tuple[str, ...]:
    stance = stance_in(text)
    return (*(in_words(f) for f in facts), *([STANCES[stance.id].title.lower()] if stance else []))


def _place_as(
    building: FormBuilder,
    read: Sequence[ReadEntry],
    i: int,
    laid: Sequence[LineRole],
    known: Known,
    kind: LineKind | None,
) -> tuple[Became, Understood]:
    """Put an entry where its kind belongs, which the whole text has told; None: where its own rules say."""
    r = read[i]
    text = r.entry.text.strip()
    if (r.entry.given and r.entry.given.sure) or _COUNTS_ONLY.fullmatch(text) or _SO_OFTEN.fullmatch(unlabelled(text)):
        kind = None
    if kind in NOT_SPOKEN:
        building.notes.append(text)
        return "note", "understood"
    if (kind == "caution" and caution(building, text)) or (kind == "gentler" and gentler(building, text)):
        return kind, "understood"
    if kind == "reference" and refer(building, text):
        return "posture", "guessed"
    if kind in ("caution", "gentler", "reference"):
        building.notes.append(text)
        return kind, "not understood" if kind == "reference" else "understood"
    if kind == "title" and building.title:
        kind = "section"
    named = name_said(text, r.facts, r.clauses) if kind == "posture" and not labelled(text) else None
    if named:
        said = name_line(named.name)
        facts = [f for f in r.facts if f.kind == "posture"]
        building.posture(posture_listed(said, name_in_list(facts, said, known), named.name, known, facts), said)
        if named.rest is not None:
            rest = [*read[:i], rest_of(read[i], named.rest), *read[i + 1 :]]
            _place(building, rest, i, [*laid[:i], "movement", *laid[i + 1 :]], known, sure=True)
        return "posture", "guessed"
    if kind == "posture" and not named and announces_only(text):
        kind = None
    at = LAID_AS.get(kind, laid[i]) if kind else laid[i]
    sure = kind in ("movement", "continuation")
    return _place(building, read, i, [*laid[:i], at, *laid[i + 1 :]], known, sure)


LAID_AS: dict[LineKind, LineRole] = {
    "title": "title",
    "section": "section",
    "posture": "posture",
    "movement": "movement",
    "continuation": "movement",
}


def _place(
    building: FormBuilder,
    read: Sequence[ReadEntry],
    i: int,
    all_laid: Sequence[LineRole],
    known: Known,
    sure: bool = False,
) -> tuple[Became, Understood]:
    """Put an entry where its own rules say that it belongs. `sure`: it is a movement, and nothing else is to be asked."""
    entry, facts = read[i].entry, read[i].facts
    laid = all_laid[i]
    text = entry.text.strip()
    if sure:
        return _as_movement(building, read, i, entry.text.strip(), known)
    if entry.given and (entry.given.sure or not (entry.given.listed and tells_movement(facts))):
        return _as_given(building, entry.given, text, facts, known, time_counts(read, i, 1))
    within = within_said(text) if not building.postures() else None
    if within and (within[1] or laid in ("title", "section")):
        building.within = within[0]
    if laid == "title":
        building.title = text.strip(" :")[:200]
        return "title", "understood"
    if within and within[1]:
        return "note", "understood"
    said = name_line(text.removesuffix(":"), building.numbers_count)
    bare = unnumbered(text)
    if (laid and entry.heading < LOWEST_PLAIN) or not tells_movement(facts) or PART.match(text):
        stands_over = titled(building, text, facts, said, laid, known)
        if stands_over:
            return stands_over
    often = _SO_OFTEN.fullmatch(unlabelled(text).strip())
    if often and building.repeated(count_in(often[1])):
        return "posture", "understood"
    # Where the text says by its numbers, headings or indents what its postures are, other lines begin none.
    if laid == "movement" or (building.told_by_place and not numbered_as(text)):
        if once_more(building, unlabelled(bare)):
            return "posture", "guessed"
    else:
        named = named_posture(building, text, bare, facts, said, known)
        if named:
            return named
    only = _COUNTS_ONLY.fullmatch(text)
    if only:
        counts = bounded(float(only[1].replace(",", ".")))
        if building.lasts(counts):
            return "posture", "understood"
        if i and read[i - 1].entry.line == entry.line and building.last_lasts(counts, text):
            return "movement", "understood"
    nothing = not facts and stance_in(text) is None
    if nothing and not building.parts:
        given = (r.entry.given.kind for r in read[i:] if r.entry.given)
        over = not laid and any(x in ("posture", "section", "loose") for x in (*all_laid[i:], *given))
        if i == 0 and over and _could_be_title(text):
            building.title, building.within = text, within[0] if within else None
            return "title", "understood"
        if _only_talk(text) or over or (building.title and any(all_laid[i:])):
            building.notes.append(text)
            return "note", "understood"
    return _as_movement(building, read, i, text, known)


def _as_movement(
    building: FormBuilder, read: Sequence[ReadEntry], i: int, text: str, known: Known
) -> tuple[Became, Understood]:
    """Put an entry to the posture that is being told as a movement, or as several."""
    entry, facts = read[i].entry, read[i].facts
    nothing = not facts and stance_in(text) is None
    text, told_facts = after_name(text, facts)
    notes = noted(unlabelled(text))
    placed = [moved(f, len(unlabelled(text)) - len(text)) for f in told_facts]
    if entry.item or unlabelled(text) != text:  # an item of a list is one movement, however much it says
        told = [DraftMovement(notes.text, [f for f in placed if f.start < len(notes.text)])]
    else:
        told = told_apart(notes.text, [f for f in placed if f.start < len(notes.text)])
    counts = time_counts(read, i, len(told)) if notes.counts is None else notes.counts
    shares = _shares(counts, len(told), entry.t_ms is not None)
    made = [
        filled(Movement(line=piece.text[:2000], counts=share, origins=FILLED_IN), piece.facts)
        for piece, share in zip(told, shares, strict=True)
    ]
    if notes.counts is not None:
        made = [_given(m, counts=share) for m, share in zip(made, shares, strict=True)]
    made[-1] = _given(made[-1], hold_ms=notes.hold_ms, left_pct=notes.left_pct, breath=notes.breath)
    for m in made * notes.times:
        building.movement(m)
    guessed = any(f.guessed or (f.kind == "shift" and f.side != "both" and None in (f.side, f.share)) for f in facts)
    return "movement", "not understood" if nothing else "guessed" if guessed else "understood"


_SO_OFTEN = re.compile(
    r"(?:(?:now|and|so|then|we|you|let's)\s+)*(?:do\s+|repeat\s+|practise\s+|practice\s+)"
    r"(?:(?:this|that|it|all(?:\s+of\s+(?:this|it))?|the\s+whole(?:\s+(?:posture|thing|sequence))?)(?:\s+posture)?\s+)?(?:[x×]\s*)?"
    rf"(\d{{1,2}}|{'|'.join(NUMBERS)})(?:\s*(?:x|×|times))?(?:\s+in\s+a\s+row)?[.!]?",
    re.IGNORECASE,
)
""" "We do this four times": the posture that is being told."""


def _given(m: Movement, **values: object) -> Movement:
    """A movement with values that the text gives as such, which its words change no more; None: not given."""
    said = {k: v for k, v in values.items() if v is not None}
    origins = m.origins.model_copy(update=dict.fromkeys(said, None))
    return m.model_copy(update={**said, "origins": origins}) if said else m


def _shares(counts: float, movements: int, timed: bool) -> list[float]:
    """Counts shared out among movements: where they come from times, to a tenth of a second; else in quarters."""
    if not timed:
        return in_shares(counts, [1.0] * movements)
    return [bounded(round(counts / movements, 3))] * movements


def _could_be_title(text: str) -> bool:
    return (
        text.lstrip("\"“‘'")[:1].isupper()
        and (text[-1].isalnum() or text[-1] == ")")
        and len(text.split()) <= TITLE_WORDS
    )


TITLE_WORDS = 14
"""The first line of a text whose postures stand under headings or numbers has at most so many, if it is its title (own choice)."""


def _only_talk(text: str) -> bool:
    """Whether a line only speaks to people, and says nothing of a body: "okay everybody, welcome back"."""
    words = words_in(text)
    return words.isdisjoint(BODY | lx.ACTS) and not words.isdisjoint(SPOKEN_TO)


SPOKEN_TO = frozenset(
    "we you i i'm i'll we're we'll you're let's okay ok hello hi welcome today everybody everyone guys folks morning evening afternoon thanks"
    " thank good".split()
)


def _as_given(
    building: FormBuilder, given: Given, text: str, facts: Sequence[Fact], known: Known, usual: float
) -> tuple[Became, Understood]:
    """A line of which its file says what it is. `usual`: the counts of a movement of which it says none."""
    if given.kind == "section":
        building.section(text[:200])
    elif given.kind == "note":
        building.notes.append(text)
    elif given.listed:
        said = name_line(text)
        id_ = name_in_list(facts, said, known)
        building.posture(posture_listed(said, id_, unnumbered(text), known, facts), said)
        return "posture", "understood" if id_ else "guessed"
    elif given.kind == "posture":
        sides = [s for s, word in SIDE_WORD.items() if text.endswith(f", {word}")]
        name = text.rsplit(", ", 1)[0] if sides else text
        named = next(
            (f.id or "" for f in facts if f.kind == "posture" and f.end - f.start >= NAME_SHARE * len(text)), ""
        )
        building.posture(Posture(id=named, name=name[:200], side=sides[0] if sides else None))
        if given.counts is not None and named not in known:
            building.movement(Movement(counts=bounded(given.counts), origins=Origins(left_pct="filled")))
    else:
        origins = FILLED_IN.model_copy(
            update={k: None for k in ("counts", "left_pct", "breath") if getattr(given, k) is not None}
        )
        movement = Movement(
            line=text[:2000],
            counts=bounded(given.counts or usual),
            hold_ms=given.hold_ms,
            breath=given.breath or "free",
            left_pct=EVEN if given.left_pct is None else given.left_pct,
            origins=origins,
        )
        building.movement(filled(movement, facts))
    return given.kind, "understood"
