import type { Draft } from "../shared/api";
import made from "../shared/blanks.json";
import { clock, GUESSED, plural } from "../shared/format";

export type Line = Draft["lines"][number];
export type Kind = NonNullable<Line["kind"]>;

export const STATES = {
  understood: { sign: "●", words: "understood" },
  guessed: { sign: GUESSED, words: "guessed" },
  "not understood": { sign: "○", words: "kept as words" },
} as const;

const PLACES: Record<Line["became"], string> = {
  title: "pt-1 font-semibold text-xl",
  note: "italic",
  section: "pt-1 font-semibold text-lg",
  posture: "pt-1 font-semibold",
  movement: "pl-5",
  caution: "pl-5",
  gentler: "pl-5",
  reference: "pl-5 italic",
};

/** What a line can be, as it is shown beside it and as it is asked. */
const KINDS: Record<Kind, { short: string; asked: string }> = made.line_kinds;
const ALL = Object.keys(KINDS) as Kind[];

interface QuestionProps {
  line: Line;
  /** How many lines there are that are written alike and were taken for the same. */
  alike: number;
  left: number;
  onAnswer: (kind: Kind, all: boolean) => void;
}

/** One line of which it is not sure what it is: its two likeliest kinds, and what becomes of all lines like it. */
export function Question({ line, alike, left, onAnswer }: QuestionProps) {
  const choices = [line.kind, line.other].filter((k): k is Kind => !!k);
  return (
    <div className="mb-3 rounded-box border-2 border-warning p-3" data-question={line.line}>
      <p className="mb-2">
        <span className="quiet">Line {line.line}:</span> “{line.text}” <strong>What is this?</strong>{" "}
        <span className="quiet whitespace-nowrap">{plural(left, "question")} left</span>
      </p>
      <div className="flex flex-wrap gap-2">
        {choices.map((kind) => (
          <button key={kind} type="button" className="btn" onClick={() => onAnswer(kind, false)}>
            {KINDS[kind].asked}
          </button>
        ))}
        <select
          className="select w-44"
          aria-label="Something else"
          value=""
          onChange={(e) => onAnswer(e.target.value as Kind, false)}
        >
          <option value="" disabled>
            something else…
          </option>
          {ALL.filter((kind) => !choices.includes(kind)).map((kind) => (
            <option key={kind} value={kind}>
              {KINDS[kind].asked}
            </option>
          ))}
        </select>
      </div>
      {alike > 1 && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <span className="quiet">All {alike} lines written like this are:</span>
          {choices.map((kind) => (
            <button
              key={kind}
              type="button"
              className="btn btn-sm"
              aria-label={`All ${alike} lines written like this: ${KINDS[kind].asked}`}
              onClick={() => onAnswer(kind, true)}
            >
              {KINDS[kind].short}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}

interface TextLinesProps {
  lines: readonly Line[];
  onKind: (line: Line, kind: Kind) => void;
}

/** The lines of a text, with what became of each; what it is can be changed beside it. */
export function TextLines({ lines, onKind }: TextLinesProps) {
  return (
    <ol className="relative grid max-h-[34rem] gap-1 overflow-y-auto" data-lines>
      {lines.map((l, i) => (
        <li
          // biome-ignore lint/suspicious/noArrayIndexKey: lines do not move
          key={i}
          className={`grid grid-cols-[1.4rem_2.2rem_1fr] gap-x-1 sm:grid-cols-[1.4rem_2.6rem_1fr_auto] ${PLACES[l.became]}`}
          data-state={l.state}
          data-kind={l.kind}
        >
          <span title={STATES[l.state].words}>
            {STATES[l.state].sign}
            <span className="sr-only">{STATES[l.state].words}</span>
          </span>
          <span className="quiet text-right text-sm font-normal">
            {l.t_ms === null ? l.line : clock(l.t_ms)}
          </span>
          <span className="pl-2">
            {l.became === "movement" && l.begins.length > 0 && (
              <span className="block font-semibold" data-begins>
                {l.begins.join(", then ")}
              </span>
            )}
            {l.text}
            {l.signs.length > 0 && (
              <span className="quiet block text-sm font-normal">{l.signs.join(" · ")}</span>
            )}
          </span>
          {l.kind && (
            <select
              className={`select select-sm w-28 self-start max-sm:col-start-3 font-normal not-italic ${l.asks ? "border-warning" : "select-ghost quiet"}`}
              aria-label={`What line ${l.line} is`}
              value={l.kind}
              onChange={(e) => onKind(l, e.target.value as Kind)}
            >
              {ALL.map((kind) => (
                <option key={kind} value={kind}>
                  {KINDS[kind].short}
                </option>
              ))}
            </select>
          )}
        </li>
      ))}
    </ol>
  );
}
