import { useQuery } from "@tanstack/react-query";
import { Rows3 } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { call, type Proposal, query, sentence } from "../shared/api";
import { Labelled } from "../shared/Labelled";
import { Waiting } from "../shared/Shell";
import { useKeys } from "../shared/useKeys";
import { DayField } from "./DayField";

/** What a class should have next, with the reason for each, and the lesson laid out from it. */
export function NextPanel({ id, version }: { id: string; version: number }) {
  const navigate = useNavigate();
  const [day, setDay] = useState("");
  const [told, setTold] = useState("");
  const { data, error } = useQuery({
    queryKey: ["next", id, version, day],
    queryFn: () => call(`classes/${id}/next?${query({ day })}`),
    staleTime: 0,
    retry: false,
  });
  const layOut = async () => {
    try {
      const made = await call(`classes/${id}/next-lesson`, "POST", { day: data?.day });
      navigate(`/sessions/${made.id}`);
    } catch (e) {
      setTold(sentence(e));
    }
  };
  const keys = { "Alt+KeyL": data && (() => void layOut()) };
  useKeys(keys, keys);
  if (!data) return <Waiting error={error && sentence(error)} />;
  const { recap, new: fresh } = data.next;
  const due = recap.filter((r) => r.due);
  const rest = recap.filter((r) => !r.due);
  return (
    <div className="grid items-start gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]" data-what-next>
      <div className="grid gap-5">
        <section aria-label="New">
          <h2 className="mb-1 text-xl">New</h2>
          {fresh ? (
            <div className="rounded-box border border-base-300 bg-base-100 p-3" data-new={fresh.posture_id}>
              <p className="font-name text-lg font-semibold">
                {fresh.number} {fresh.title}
              </p>
              <p className="text-sm">
                {fresh.ready ? "Ready: " : "Not yet: "}
                {fresh.why.join("; ")}.
              </p>
              {data.next.also.map((more) => (
                <p key={more.posture_id} className="mt-1 text-sm" data-also={more.posture_id}>
                  Then{" "}
                  <b>
                    {more.number} {more.title}
                  </b>
                  : {more.why.join("; ")}.
                </p>
              ))}
            </div>
          ) : (
            <p>The class has all of the form.</p>
          )}
        </section>
        <section aria-label="To bring back">
          <h2 className="mb-1 text-xl">To bring back</h2>
          {!recap.length && <p>Nothing yet: nothing was taught before.</p>}
          {due.length > 0 && <RecapList rows={due} chosen={data.chosen} />}
          {rest.length > 0 && (
            <>
              <h3 className="mt-3 mb-1 font-semibold">Not due yet</h3>
              <RecapList rows={rest} chosen={data.chosen} />
            </>
          )}
        </section>
      </div>
      <aside className="rounded-box grid gap-3 border border-base-300 bg-base-100 p-4">
        <p>
          The lesson of <b>{data.says}</b>
        </p>
        <Labelled name="Another day">
          <DayField label="Day of the lesson" value={data.day} onDay={setDay} onEmpty={() => setDay("")} />
        </Labelled>
        {told && <p role="alert">{told}</p>}
        {data.session_id && (
          <Link className="btn btn-primary" to={`/sessions/${data.session_id}`}>
            Open what is laid out
          </Link>
        )}
        <button
          type="button"
          className={`btn ${data.session_id ? "" : "btn-primary"}`}
          onClick={() => void layOut()}
        >
          <Rows3 size={17} /> {data.session_id ? "Lay out anew" : "Lay out the lesson"}
          <kbd className="text-xs font-normal opacity-80">Alt L</kbd>
        </button>
        <p className="quiet text-sm">
          What is marked ● fits into a quarter of the lesson and is gone over first, in the form’s order.
          Change what you like afterwards.
        </p>
      </aside>
    </div>
  );
}

function RecapList({ rows, chosen }: { rows: Proposal["next"]["recap"]; chosen: readonly string[] }) {
  return (
    <ol className="grid gap-1">
      {rows.map((r) => (
        <li
          key={r.posture_id}
          className="flex gap-3 rounded-field border border-base-300 bg-base-100 px-3 py-2"
          data-recap={r.posture_id}
        >
          <span aria-hidden className="w-4 text-primary">
            {chosen.includes(r.posture_id) ? "●" : ""}
          </span>
          <div className="min-w-0">
            <b>
              {r.number} {r.title}
            </b>
            {chosen.includes(r.posture_id) && <span className="sr-only"> (in the lesson)</span>}
            <p className="text-sm">{r.why.join("; ")}</p>
          </div>
        </li>
      ))}
    </ol>
  );
}
