import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { call, type Finding, type Sheet, sentence } from "../shared/api";
import { pressed } from "../shared/keys";

const LEVELS = {
  care: { sign: "▲", words: "Care", className: "text-error" },
  fault: { sign: "●", words: "Mend", className: "text-warning" },
  look: { sign: "○", words: "Look", className: "quiet" },
} as const;

interface ReadThroughProps {
  formId: string;
  version: number;
  findings: readonly Finding[];
  care: Sheet["care"];
  /** The row that is looked at: its first finding is the chosen one. */
  rowId: string | undefined;
  asideCount: number;
  /** Whether it is looked at; its keys work all the same. */
  shown: boolean;
  /** What a finding's posture is called. */
  nameOf: (finding: Finding) => string;
  onGo: (finding: Finding) => void;
  onMend: (finding: Finding, no: number) => void;
  onSetAside: (finding: Finding) => void;
  onBringBack: () => void;
}

/** What Kemvo noticed; each finding leads to its place and, where one is known, is mended by a key. */
export function ReadThrough(props: ReadThroughProps) {
  const { findings, formId, version, rowId } = props;
  const [chosenId, setChosenId] = useState("");
  const atRow = findings.find((f) => f.movement_id === rowId || f.posture_id === rowId);
  const chosen = findings.find((f) => f.id === chosenId) ?? atRow;
  // biome-ignore lint/correctness/useExhaustiveDependencies: another row chooses its own finding
  useEffect(() => setChosenId((id) => (atRow && atRow.id !== id ? atRow.id : id)), [rowId]);
  const mends = useQuery({
    queryKey: ["mends", formId, version, chosen?.id],
    queryFn: () => call(`forms/${formId}/mends?finding=${encodeURIComponent(chosen?.id ?? "")}`),
    enabled: !!chosen && props.shown,
  });
  const here = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the chosen finding and its mends are kept in sight
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
  }, [chosen?.id, mends.data]);
  const next = (by: 1 | -1) => {
    if (!findings.length) return;
    const at = chosen ? findings.indexOf(chosen) : by > 0 ? -1 : 0;
    const to = findings[(at + by + findings.length) % findings.length];
    if (!to) return;
    setChosenId(to.id);
    props.onGo(to);
  };
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      const key = pressed(e);
      if (key === "Alt+KeyN") next(1);
      else if (key === "Alt+Shift+KeyN") next(-1);
      else if (key === "Alt+KeyM" && chosen && props.shown && mends.data?.length !== 0)
        props.onMend(chosen, 0);
      else if (key === "Alt+KeyA" && chosen) props.onSetAside(chosen);
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });

  return (
    <div className={props.shown ? "grid gap-2" : "hidden"} data-findings={findings.length}>
      {findings.length === 0 && <p>No problems found. Try it once on your feet.</p>}
      <ul className="grid max-h-[46vh] gap-0.5 overflow-y-auto">
        {findings.map((f) => (
          <li
            key={f.id}
            ref={f === chosen ? here : undefined}
            className={`rounded-field px-1.5 py-1 ${f === chosen ? "bg-base-200" : ""}`}
            data-finding={f.id}
          >
            <button
              type="button"
              className="grid w-full grid-cols-[1.1rem_1fr] text-left"
              onClick={() => {
                setChosenId(f.id);
                props.onGo(f);
              }}
            >
              <span className={LEVELS[f.level].className} title={LEVELS[f.level].words}>
                {LEVELS[f.level].sign}
              </span>
              <span>
                {props.nameOf(f) && <span className="quiet block text-sm">{props.nameOf(f)}</span>}
                {f === chosen && <span className="sr-only">Chosen: </span>}
                {f.says}
              </span>
            </button>
            {f === chosen && (
              <div className="mt-1 ml-[1.1rem] grid gap-1" data-mends={mends.data?.length ?? -1}>
                {mends.error && <p className="text-error">{sentence(mends.error)}</p>}
                {mends.data?.map((says, no) => (
                  <button
                    key={says}
                    type="button"
                    className="btn btn-sm h-auto min-h-8 justify-start py-1 text-left font-normal"
                    onClick={() => props.onMend(f, no)}
                  >
                    {no === 0 && <kbd className="kbd kbd-sm whitespace-nowrap">Alt M</kbd>}
                    <span>{says}</span>
                  </button>
                ))}
                {mends.data?.length === 0 && <p className="quiet text-sm">No one-step fix.</p>}
                <button
                  type="button"
                  className="btn btn-ghost btn-xs justify-self-start"
                  onClick={() => props.onSetAside(f)}
                >
                  <kbd className="kbd kbd-xs">Alt A</kbd> Leave it as it is
                </button>
              </div>
            )}
          </li>
        ))}
      </ul>
      {props.asideCount > 0 && (
        <p className="text-sm">
          {props.asideCount} ignored.{" "}
          <button type="button" className="link" onClick={props.onBringBack}>
            Show them again
          </button>
        </p>
      )}
      <p className="quiet text-sm">
        <kbd className="kbd kbd-xs">Alt N</kbd> next · {props.care.caution} {props.care.advice}
      </p>
    </div>
  );
}
