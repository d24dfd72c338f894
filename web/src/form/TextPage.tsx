import { useQueryClient } from "@tanstack/react-query";
import { FolderOpen } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { call, type Draft, type Job, sentence, upload } from "../shared/api";
import { FileButton } from "../shared/FileButton";
import { clock, plural } from "../shared/format";
import { taken } from "../shared/handed";
import { JobProgress } from "../shared/JobProgress";
import type { Body } from "../shared/paths";
import { made, useJob } from "../shared/useJob";
import { type Kind, type Line, Question, STATES, TextLines } from "./TextLines";

/** A text up to so many letters is read while it is typed; a longer one when the button is pressed. */
const LIVE = 40_000;
const TYPING_MS = 500;

type Pasted = Body<"texts", "POST">;

/** What the instructor says of a text: what the items of a list are, where names stand, what lines are. */
interface Said {
  items: Pasted["items"];
  names: Pasted["names"];
  kinds: Record<string, Kind>;
}
const NOTHING: Said = { items: "", names: "", kinds: {} };

/** A whole text brought in: pasted or opened, shown line by line as it is understood while it is typed, then made into a form. */
export function TextPage() {
  const navigate = useNavigate();
  const cache = useQueryClient();
  const [text, setText] = useState("");
  const [draft, setDraft] = useState<Draft | null>(null);
  /** What was read: the pasted text, or a file. */
  const [source, setSource] = useState<string | File>("");
  const [said, setSaid] = useState<Said>(NOTHING);
  const [told, setTold] = useState("");
  /** The last reading that was asked for: an older answer does not go over it. */
  const asked = useRef(0);
  /** What was read last, as it is known at once: what is typed and read by hand is not read again a moment later. */
  const lastRead = useRef<string | File>("");
  const reading = useJob();

  const doing = async (work: () => Promise<void>) => {
    try {
      await work();
      setTold("");
    } catch (error) {
      setTold(sentence(error));
    }
  };
  /** A short text is read at once, a long one by a job. */
  const read = async (answer: Draft | Job) => {
    if (!("state" in answer)) return setDraft(answer);
    const job = await reading.run(async () => answer);
    if (job) setDraft(made<Draft>(job));
  };
  const readFrom = (from: string | File, now: Said = NOTHING) =>
    doing(async () => {
      const mine = ++asked.current;
      lastRead.current = from;
      setSource(from);
      setSaid(now);
      const answer =
        typeof from === "string"
          ? await call("texts", "POST", { text: from, ...now })
          : await upload("texts/file", from, {
              items: now.items ?? "",
              names: now.names ?? "",
              kinds: JSON.stringify(now.kinds),
            });
      if (mine === asked.current) await read(answer);
    });
  // What is typed is read in a moment.
  // biome-ignore lint/correctness/useExhaustiveDependencies: read anew when the text changes, and only then
  useEffect(() => {
    if (!text.trim() || text.length > LIVE) return;
    const later = setTimeout(() => {
      if (text !== lastRead.current) void readFrom(text, { ...said, items: "", names: "" });
    }, TYPING_MS);
    return () => clearTimeout(later);
  }, [text]);
  const lines = draft?.lines ?? [];
  const alike = (line: Line) => lines.filter((l) => l.like === line.like && l.kind === line.kind);
  const answer = (line: Line, kind: Kind, all: boolean) => {
    const texts = (all ? alike(line) : [line]).map((l) => [l.text, kind] as const);
    return readFrom(source, { ...said, kinds: { ...said.kinds, ...Object.fromEntries(texts) } });
  };
  const questions = lines.filter((l) => l.asks);
  const make = () =>
    doing(async () => {
      if (!draft) return;
      const form = await call("forms", "POST", draft.form);
      await cache.invalidateQueries({ queryKey: ["forms"] });
      navigate(`/forms/${form.id}`);
    });
  const { state } = useLocation();
  // A file that was dropped or opened elsewhere is read at once.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each file that is handed over
  useEffect(() => {
    const file = taken();
    if (file) void readFrom(file);
  }, [state]);
  const named = draft?.form.sections.flatMap((s) => s.postures) ?? [];
  const movements = named.reduce((n, p) => n + p.movements.length, 0);
  const count = (state: string) => draft?.lines.filter((l) => l.state === state).length ?? 0;

  return (
    <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
      <section className="grid gap-2">
        <h1 className="text-3xl">Bring in a text</h1>
        <p>
          A list of names, an outline, a table, short notes, or a script as you speak it. Captions may come as
          they are: cut lines are put together, and times become counts.
        </p>
        <textarea
          className="textarea h-96 w-full"
          aria-label="The text"
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={
            "Opening:\n1. Commencing\n2. Part the wild horse’s mane, left\nSit into the right leg, hold the ball.\nLeft heel steps to the corner."
          }
        />
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary"
            disabled={!text.trim()}
            onClick={() => void readFrom(text)}
          >
            Read the text
          </button>
          <FileButton
            label="Text file"
            accept=".txt,.md,.csv,.tsv,.srt,.vtt,.mid,.midi"
            onFile={(file) => void readFrom(file)}
          >
            <FolderOpen size={17} /> Open a text file
          </FileButton>
        </div>
        <JobProgress work={reading} name="Reading the text" />
        {told && (
          <div role="alert" className="alert alert-error">
            {told}
          </div>
        )}
      </section>
      {draft && (
        <section
          className="rounded-box border-base-300 border bg-base-100 p-4"
          aria-label="What was understood"
        >
          <div className="mb-2 flex flex-wrap items-center gap-3">
            <h2 className="flex-1 text-xl">
              {plural(named.length, "posture")}, {plural(movements, "movement")} from the text
              {questions.length > 0 && `; ${plural(questions.length, "question")}`}
            </h2>
            <button
              type="button"
              className="btn btn-primary"
              disabled={!draft.lines.length}
              onClick={() => void make()}
            >
              Make the form
            </button>
          </div>
          <p className="mb-2 flex flex-wrap gap-x-4">
            {Object.entries(STATES).map(([state, s]) => (
              <span key={state} className="whitespace-nowrap">
                {s.sign} {count(state)} {s.words}
              </span>
            ))}
          </p>
          {draft.items && (
            <p className="mb-2 flex flex-wrap items-center gap-2" data-items={draft.items}>
              The lines of this list are:
              {(["postures", "movements"] as const).map((items) => (
                <button
                  key={items}
                  type="button"
                  className={`btn btn-sm ${draft.items === items ? "btn-primary" : ""}`}
                  aria-pressed={draft.items === items}
                  onClick={() => void readFrom(source, { ...said, items })}
                >
                  {items}
                </button>
              ))}
            </p>
          )}
          {draft.names && (
            <p className="mb-2 flex flex-wrap items-center gap-2" data-names={draft.names}>
              The names stand:
              {(["before", "after"] as const).map((names) => (
                <button
                  key={names}
                  type="button"
                  className={`btn btn-sm ${draft.names === names ? "btn-primary" : ""}`}
                  aria-pressed={draft.names === names}
                  onClick={() => void readFrom(source, { ...said, items: draft.items, names })}
                >
                  {names} their movements
                </button>
              ))}
            </p>
          )}
          {draft.form.lead_ms > 0 && (
            <p className="mb-2" data-lead>
              Its first words come at {clock(draft.form.lead_ms)}: the form begins with so much still time
              (under Setup).
            </p>
          )}
          {questions[0] && (
            <Question
              line={questions[0]}
              alike={alike(questions[0]).length}
              left={questions.length}
              onAnswer={(kind, all) => void answer(questions[0] as Line, kind, all)}
            />
          )}
          <TextLines lines={lines} onKind={(line, kind) => void answer(line, kind, false)} />
        </section>
      )}
    </div>
  );
}
