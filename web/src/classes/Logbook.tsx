import { useQuery, useQueryClient } from "@tanstack/react-query";
import { FolderOpen, Plus } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { type Account, call, type LessonView, query, sentence, upload } from "../shared/api";
import { Choose } from "../shared/Choose";
import { FileButton } from "../shared/FileButton";
import { plural } from "../shared/format";
import { Waiting } from "../shared/Shell";
import { dayWords, minutesOf, todayIso } from "./days";
import { HowFarThread } from "./HowFarThread";
import { Measures } from "./Measures";
import { PointList } from "./PointList";
import { Weave, WeaveTable } from "./Weave";

/** What a class had: the weave, its lessons, how even and how fast; written from what ran, or by hand. */
export function Logbook({ id, version }: { id: string; version: number }) {
  const cache = useQueryClient();
  const navigate = useNavigate();
  const [formId, setFormId] = useState("");
  const [told, setTold] = useState("");
  const { data, error } = useQuery({
    queryKey: ["logbook", id, version, formId],
    queryFn: () => call(`classes/${id}/logbook?${query({ form_id: formId })}`),
    staleTime: 0,
    retry: false,
  });
  const gone = useQuery({
    queryKey: ["lessons", "removed", id],
    queryFn: () => call(`lessons?removed=true&class_id=${id}`),
    staleTime: 0,
  });
  const recordings = useQuery({
    queryKey: ["recordings", "list"],
    queryFn: () => call("recordings"),
  });
  const doing = async (work: () => Promise<string | undefined>) => {
    try {
      setTold((await work()) ?? "");
    } catch (e) {
      setTold(sentence(e));
    }
    await Promise.all(["logbook", "lessons", "today"].map((k) => cache.invalidateQueries({ queryKey: [k] })));
  };
  const write = (make: () => Promise<LessonView>) =>
    doing(async () => {
      const made = await make();
      navigate(`/classes/${id}/lessons/${made.id}`, { state: { fresh: true } });
      return undefined;
    });
  if (!data) return <Waiting error={error && sentence(error)} />;
  const { account } = data;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6" data-logbook>
      {told && (
        <p role="status" className="alert">
          {told}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <HowFarThread far={account.how_far} />
        {data.forms.length > 1 && (
          <div className="w-56">
            <Choose name="Form" value={account.form_id} options={data.forms} onChoose={setFormId} />
          </div>
        )}
        <span className="flex-1" />
        <button
          type="button"
          className="btn"
          onClick={() =>
            void write(() =>
              call("lessons", "POST", { class_id: id, day: todayIso(), title: "Lesson", source: "hand" }),
            )
          }
        >
          <Plus size={17} /> Enter a lesson
        </button>
      </div>
      {account.lessons.length ? (
        <section>
          <Weave account={account} />
          <WeaveTable account={account} />
        </section>
      ) : (
        <p className="rounded-box border border-dashed border-base-300 p-6">
          No lesson yet. What runs on the stage for this class is noted by itself; lessons without Kemvo are
          entered by hand or come from a table.
        </p>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <section aria-label="Lessons">
          <h2 className="mb-1 text-xl">Lessons</h2>
          <ul className="grid gap-1">
            {account.lessons.toReversed().map((l) => {
              const ran = !l.written;
              return (
                <li
                  key={l.lesson_id}
                  className="flex flex-wrap items-center gap-x-4 rounded-field border border-base-300 bg-base-100 px-3 py-2"
                  data-lesson={l.lesson_id}
                >
                  <div className="min-w-56 flex-1">
                    {ran ? (
                      <b>{dayWords(l.day)}</b>
                    ) : (
                      <Link
                        className="font-semibold hover:underline"
                        to={`/classes/${id}/lessons/${l.lesson_id}`}
                      >
                        {dayWords(l.day)}
                      </Link>
                    )}{" "}
                    {l.began} · {minutesOf(l.ms)}
                    {l.stopped && ` of ${minutesOf(l.planned_ms)}, stopped early`}
                    <p className="quiet text-sm">{lessonLine(account, l)}</p>
                  </div>
                  {ran && (
                    <>
                      <button
                        type="button"
                        className="btn btn-sm btn-primary"
                        onClick={() =>
                          void write(() => call(`classes/${id}/write-down`, "POST", { day: l.day }))
                        }
                      >
                        Write it down
                      </button>
                      <button
                        type="button"
                        className="btn btn-sm"
                        onClick={() =>
                          void write(() =>
                            call(`classes/${id}/write-down`, "POST", { day: l.day, held: false }),
                          )
                        }
                      >
                        Only a rehearsal
                      </button>
                    </>
                  )}
                </li>
              );
            })}
          </ul>
          {data.offered.length > 0 && (
            <>
              <h3 className="mt-3 mb-1 font-semibold">Ran on other days, or for moments: not counted</h3>
              <ul className="grid gap-1">
                {data.offered.map((o) => (
                  <li key={o.day} className="flex flex-wrap items-center gap-3">
                    <span className="flex-1">
                      {dayWords(o.day)} · {o.title} · {minutesOf(o.ms)}
                    </span>
                    <button
                      type="button"
                      className="btn btn-sm"
                      onClick={() =>
                        void write(() => call(`classes/${id}/write-down`, "POST", { day: o.day }))
                      }
                    >
                      It was a lesson
                    </button>
                  </li>
                ))}
              </ul>
            </>
          )}
          {!!recordings.data?.length && (
            <details className="mt-3">
              <summary className="cursor-pointer">A recording was a lesson</summary>
              <ul className="mt-1 grid gap-1">
                {recordings.data.map((r) => (
                  <li key={r.id} className="flex flex-wrap items-center gap-3">
                    <span className="flex-1">{r.title || "Untitled recording"}</span>
                    <button
                      type="button"
                      className="btn btn-sm"
                      onClick={() =>
                        void write(() =>
                          call(`classes/${id}/from-recording`, "POST", {
                            recording_id: r.id,
                            day: r.saved.slice(0, 10),
                          }),
                        )
                      }
                    >
                      Write it down
                    </button>
                  </li>
                ))}
              </ul>
            </details>
          )}
          {!!gone.data?.length && (
            <details className="mt-3">
              <summary className="cursor-pointer">Put away ({gone.data.length})</summary>
              <ul className="mt-1 grid gap-1">
                {gone.data.map((row) => (
                  <li key={row.id} className="flex items-center gap-3">
                    <span className="flex-1">
                      {row.day && dayWords(row.day)} · {row.title} · {row.line}
                    </span>
                    <button
                      type="button"
                      className="btn btn-sm"
                      onClick={() =>
                        void doing(async () => {
                          await call(`lessons/${row.id}/bring-back`, "POST");
                          return undefined;
                        })
                      }
                    >
                      Bring back
                    </button>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </section>
        <aside className="grid gap-5">
          {account.points.some((p) => !p.settled) && (
            <section aria-label="Open points">
              <h2 className="mb-1 text-xl">Open points</h2>
              <PointList points={account.points.filter((p) => !p.settled)} />
            </section>
          )}
          <Measures account={account} />
          <section aria-label="Files" className="grid gap-2">
            <h2 className="text-xl">Files</h2>
            <a className="btn btn-sm" href={`/api/classes/${id}/log.csv`} download>
              Save the log as a table (CSV)
            </a>
            <a className="btn btn-sm" href={`/api/classes/${id}/class.json`} download>
              Save the class with everything
            </a>
            <FileButton
              label="Table of lessons"
              accept=".csv,text/csv"
              className="btn btn-sm"
              onFile={(file) =>
                void doing(async () => {
                  const made = await upload(`classes/${id}/log-file`, file);
                  const unknown = made.unknown.length ? ` In no form: ${made.unknown.join(", ")}.` : "";
                  return `${plural(made.added, "lesson")} added, ${made.known} were here already.${unknown}`;
                })
              }
            >
              <FolderOpen size={15} /> Open a table of lessons
            </FileButton>
          </section>
        </aside>
      </div>
    </div>
  );
}

function lessonLine(account: Account, l: Account["lessons"][number]): string {
  const titles = new Map(account.postures.map((p) => [p.posture_id, p.title]));
  return [
    l.new.length ? `new: ${l.new.map((n) => titles.get(n)).join(", ")}` : "nothing new",
    l.attendance === null ? "" : plural(l.attendance, "person", "people"),
    l.tempo ? `${Math.round(l.tempo)} counts a minute` : "",
    l.points ? plural(l.points, "open point") : "",
  ]
    .filter(Boolean)
    .join(" · ");
}
