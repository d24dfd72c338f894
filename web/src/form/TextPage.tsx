import { useQueryClient } from "@tanstack/react-query";
import { FolderOpen } from "lucide-react";
import { useEffect, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { call, type Draft, type Job, sentence, upload } from "../shared/api";
import { FileButton } from "../shared/FileButton";
import { clock, GUESSED, plural } from "../shared/format";
import { taken } from "../shared/handed";
import { JobProgress } from "../shared/JobProgress";
import type { Body } from "../shared/paths";
import { made, useJob } from "../shared/useJob";

const STATES = {
  understood: { sign: "●", words: "understood" },
  guessed: { sign: GUESSED, words: "guessed" },
  "not understood": { sign: "○", words: "kept as words" },
} as const;

const PLACES: Record<Draft["lines"][number]["became"], string> = {
  title: "pt-1 font-semibold text-xl",
  note: "italic",
  section: "pt-1 font-semibold text-lg",
  posture: "pt-1 font-semibold",
  movement: "pl-5",
};

/** A whole text brought in: pasted or opened, shown line by line as it was understood, then made into a form. */
type Pasted = Body<"texts", "POST">;

export function TextPage() {
  const navigate = useNavigate();
  const cache = useQueryClient();
  const [text, setText] = useState("");
  const [draft, setDraft] = useState<Draft | null>(null);
  /** What was read: the pasted text, or a file. */
  const [source, setSource] = useState<string | File>("");
  const [told, setTold] = useState("");
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
  const readFrom = (from: string | File, items: Pasted["items"] = "", names: Pasted["names"] = "") =>
    doing(async () => {
      setSource(from);
      await read(
        typeof from === "string"
          ? await call("texts", "POST", { text: from, items, names })
          : await upload("texts/file", from, { items, names }),
      );
    });
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
                  onClick={() => void readFrom(source, items)}
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
                  onClick={() => void readFrom(source, draft.items, names)}
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
          <ol className="grid max-h-[34rem] gap-1 overflow-y-auto" data-lines>
            {draft.lines.map((l, i) => (
              <li
                // biome-ignore lint/suspicious/noArrayIndexKey: lines do not move
                key={i}
                className={`grid grid-cols-[1.4rem_2.6rem_1fr] gap-x-1 ${PLACES[l.became]}`}
                data-state={l.state}
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
              </li>
            ))}
          </ol>
        </section>
      )}
    </div>
  );
}
