import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { call } from "../shared/api";
import { clock, plural, when } from "../shared/format";

const SHOWN = 5;

/** What of this session ran on the stage, the last first. */
export function Played({ id, classId }: { id: string; classId: string }) {
  const { data } = useQuery({
    queryKey: ["runs", id],
    queryFn: () => call(`runs?session=${id}`),
    staleTime: 0,
    gcTime: 0,
  });
  if (!data?.length) return null;
  return (
    <section
      className="rounded-box border-base-300 border bg-base-100 p-3"
      aria-label="What ran"
      data-runs={data.length}
    >
      <h2 className="mb-1 text-lg">What ran</h2>
      <ul className="grid gap-1 text-sm">
        {data.slice(0, SHOWN).map((run) => (
          <li key={run.id}>
            <b>{when(run.began)}</b> · {clock(run.line.ms)} · {plural(run.line.postures, "posture")}
            {run.line.again > 0 && `, ${run.line.again} once more`}
            {run.line.ended_in && ` · ended in ${run.line.ended_in}`}
          </li>
        ))}
      </ul>
      {classId && (
        <Link className="btn btn-sm mt-2" to={`/classes/${classId}/log`}>
          Write it down in the logbook
        </Link>
      )}
    </section>
  );
}
