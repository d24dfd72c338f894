import type { Working } from "./useJob";

/** How far long work is, with a button to stop it; its sentence where it failed. */
export function JobProgress({ work, name }: { work: Working; name: string }) {
  return (
    <>
      {work.working && (
        <div className="flex items-center gap-2">
          <progress
            className="progress progress-primary flex-1"
            value={work.job?.progress ?? 0}
            max={1}
            aria-label={name}
          />
          <button type="button" className="btn btn-sm btn-ghost" onClick={work.stop}>
            Stop
          </button>
        </div>
      )}
      {work.job?.state === "cancelled" && <p className="quiet text-sm">Stopped. Nothing was kept.</p>}
      {work.told && (
        <p role="alert" className="text-error text-sm">
          {work.told}
        </p>
      )}
    </>
  );
}
