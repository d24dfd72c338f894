import { useQueryClient } from "@tanstack/react-query";
import { Check, X } from "lucide-react";
import { useEffect } from "react";
import { Link, useLocation } from "react-router";
import { call } from "../shared/api";
import { useBeginnings } from "./useBeginnings";

const LOOK_MS = 4000;

/** Five steps from nothing to a first practice along the edge of every page; they tick themselves off, and can be closed. */
export function FirstSteps() {
  const { data, refetch } = useBeginnings();
  const cache = useQueryClient();
  const { pathname } = useLocation();
  const steps = data?.steps ?? [];
  const shown = steps.length > 0 && !data?.empty;
  // biome-ignore lint/correctness/useExhaustiveDependencies: every page may have done a step
  useEffect(() => {
    void refetch();
    if (!shown) return;
    const timer = window.setInterval(() => void refetch(), LOOK_MS);
    return () => window.clearInterval(timer);
  }, [pathname, shown, refetch]);
  if (!shown) return null;
  const next = steps.find((s) => !s.done);
  const close = async () => {
    await call("beginnings", "POST", { what: "closed" });
    await cache.invalidateQueries({ queryKey: ["beginnings"] });
  };
  return (
    <nav
      aria-label="First steps"
      data-first-steps={steps.filter((s) => s.done).length}
      className="no-print border-base-300 border-b bg-base-100"
    >
      <div className="mx-auto flex max-w-[1800px] flex-wrap items-center gap-x-4 gap-y-1 px-4 py-1.5 text-sm">
        <ol className="flex flex-wrap items-center gap-x-4 gap-y-1">
          {steps.map((s, i) => (
            <li key={s.id} className={s === next ? "" : "max-md:hidden"} data-first={s.id} data-done={s.done}>
              <Link
                to={s.to}
                aria-current={s === next ? "step" : undefined}
                className={`flex min-h-7 items-center gap-1.5 ${s === next ? "font-semibold underline" : "quiet hover:underline"}`}
              >
                {s.done ? (
                  <Check size={15} aria-label="done" />
                ) : (
                  <span className="grid h-5 w-5 place-items-center rounded-full border border-current text-xs no-underline">
                    {i + 1}
                  </span>
                )}
                {s.name}
              </Link>
            </li>
          ))}
        </ol>
        {next && <span className="flex-1">{next.how}</span>}
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square h-7 min-h-7 w-7"
          aria-label="Close the first steps"
          title="Close the first steps"
          onClick={() => void close()}
        >
          <X size={15} />
        </button>
      </div>
    </nav>
  );
}
