import { useQuery } from "@tanstack/react-query";
import { ChevronRight } from "lucide-react";
import { Link } from "react-router";
import { call, type WorkStep } from "./api";
import { useMeasuring } from "./useMeasuring";

type Kind = "sessions" | "recordings";

const AGAIN_MS = 2000;
const MEASURES: ReadonlySet<string> = new Set(["voice", "files"]);

/** Where each step of the work is done. */
const PAGES: Record<string, (id: string) => string> = {
  lay_out: (id) => `/sessions/${id}`,
  "sessions/cues": (id) => `/desk/${id}`,
  "sessions/voice": (id) => `/booth/${id}`,
  practise: (id) => `/stage/${id}`,
  files: (id) => `/sessions/${id}/files`,
  mark: (id) => `/recordings/${id}`,
  "recordings/cues": (id) => `/recordings/${id}/cues`,
  "recordings/voice": (id) => `/recordings/${id}/booth`,
  watch: (id) => `/recordings/${id}/watch`,
};

/** What the steps are called while their state is asked for. */
const NAMES: Record<Kind, readonly (readonly [string, string])[]> = {
  sessions: [
    ["lay_out", "Lay out"],
    ["cues", "Cues"],
    ["voice", "Voice"],
    ["practise", "Practise"],
    ["files", "Files"],
  ],
  recordings: [
    ["mark", "Mark and give back"],
    ["cues", "Cues"],
    ["voice", "Voice"],
    ["watch", "Watch"],
  ],
};

interface WorkHeadProps {
  kind: Kind;
  id: string;
  /** The step that is done on this page. */
  at: string;
  /** What the state is of: asked for again when it changes. */
  stamp: string | number;
}

/** The head that all pages of one session share: the steps of the work in order, each saying what is open. */
export function WorkHead({ kind, id, at, stamp }: WorkHeadProps) {
  const { data, refetch } = useQuery({
    queryKey: ["steps", kind, id, stamp],
    queryFn: () => call(`${kind}/${id}/steps`),
    placeholderData: (before) => before,
    refetchInterval: (now) => (now.state.data?.estimated ? AGAIN_MS : false),
    staleTime: 0,
    gcTime: 0,
  });
  // Where nothing else on the page has the voice measured, the head does.
  useMeasuring(kind, id, MEASURES.has(at) ? (data?.estimated ?? 0) : 0, () => void refetch());
  const steps =
    data?.steps ??
    NAMES[kind].map(([step, name]): WorkStep => ({ id: step, name, says: "\u00a0", open: false }));
  return (
    <nav aria-label="Steps of the work" className="no-print mb-3" data-work={at}>
      <ol className="flex flex-wrap items-stretch gap-y-1">
        {steps.map((step, i) => {
          const here = step.id === at;
          const page = PAGES[step.id] ?? PAGES[`${kind}/${step.id}`];
          return (
            <li key={step.id} className="flex items-center">
              {i > 0 && (
                <ChevronRight size={18} className="quiet hidden shrink-0 sm:block" aria-hidden="true" />
              )}
              <Link
                to={page?.(id) ?? "/"}
                aria-current={here ? "page" : undefined}
                data-step={step.id}
                className={`grid min-h-11 content-center rounded-box px-1.5 py-0.5 sm:px-3 ${here ? "bg-base-100 shadow-[inset_0_-3px_0_var(--color-primary)]" : "hover:bg-base-300/60"}`}
              >
                <span className={here ? "font-semibold" : ""}>
                  {step.name}
                  {step.open && <span className="text-accent sm:hidden"> •</span>}
                </span>
                <span
                  className={`hidden text-sm sm:block ${step.open ? "text-accent font-semibold" : "quiet"}`}
                >
                  {step.says}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
