import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Play, Rows3 } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { call, sentence, type Today } from "../shared/api";
import { Waiting } from "../shared/Shell";
import { useKeys } from "../shared/useKeys";
import { useTitle } from "../shared/useTitle";
import { HowFarThread } from "./HowFarThread";
import { PointList } from "./PointList";

type Next = Today["lessons"][number];

/** Where Kemvo opens when there is a class: the next lesson, what is open, what waits, the week. */
export function TodayPage() {
  useTitle("Today");
  const { data, error } = useQuery({
    queryKey: ["today"],
    queryFn: () => call("today"),
    staleTime: 0,
  });
  const first = data?.lessons[0];
  const go = useGoOn();
  useKeys(
    { "Alt+KeyP": first && (() => void go.on(first)) },
    { "Alt+KeyP": first && (() => void go.on(first)) },
  );
  if (!data) return <Waiting error={error && sentence(error)} />;
  return (
    <div className="mx-auto max-w-6xl" data-today>
      <h1 className="mb-4 text-3xl">{data.says}</h1>
      {go.told && (
        <div role="alert" className="alert alert-error mb-3">
          {go.told}
        </div>
      )}
      <div className="grid items-start gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="grid gap-4">
          {data.lessons.map((lesson, n) => (
            <NextLesson
              key={lesson.class_id}
              lesson={lesson}
              first={n === 0}
              goOn={() => void go.on(lesson)}
            />
          ))}
          {!data.lessons.length && (
            <p className="rounded-box border-base-300 border border-dashed p-6">
              No lesson is coming up. Choose the weekdays of a class, under{" "}
              <Link className="underline" to="/classes">
                Classes
              </Link>
              .
            </p>
          )}
        </div>
        <aside className="grid gap-5">
          <Things title="To write down" things={data.to_write} />
          <Things title="Waiting" things={data.waiting} />
          <Week week={data.week} />
        </aside>
      </div>
    </div>
  );
}

/** To the stage with what is laid out for a lesson, or to a lesson that is laid out now. */
function useGoOn() {
  const navigate = useNavigate();
  const cache = useQueryClient();
  const [told, setTold] = useState("");
  const on = async (lesson: Next) => {
    if (lesson.session_id) return navigate(`/stage/${lesson.session_id}`);
    try {
      const made = await call(`classes/${lesson.class_id}/next-lesson`, "POST", {});
      await cache.invalidateQueries({ queryKey: ["sessions"] });
      navigate(`/sessions/${made.id}`);
    } catch (error) {
      setTold(sentence(error));
    }
  };
  return { on, told };
}

function NextLesson({ lesson, first, goOn }: { lesson: Next; first: boolean; goOn: () => void }) {
  return (
    <section
      className={`rounded-box border bg-base-100 p-4 ${first ? "border-primary" : "border-base-300"}`}
      aria-label={lesson.title}
      data-next={lesson.class_id}
    >
      <p className={first ? "text-lg font-semibold" : "font-semibold"}>{capital(lesson.when)}</p>
      <h2 className={first ? "text-2xl" : "text-xl"}>
        <Link className="hover:underline" to={`/classes/${lesson.class_id}`}>
          {lesson.title}
        </Link>
      </h2>
      <p className="quiet text-sm">
        {[lesson.place, `${lesson.minutes} minutes`].filter(Boolean).join(" · ")}
      </p>
      <p className="my-2">
        {lesson.new ? (
          <>
            New: <b>{lesson.new}</b>
          </>
        ) : (
          "Nothing new: the class has all of the form."
        )}
      </p>
      {lesson.how_far && <HowFarThread far={lesson.how_far} />}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className={`btn ${first ? "btn-primary" : ""}`} onClick={goOn}>
          {lesson.session_id ? <Play size={17} /> : <Rows3 size={17} />}
          {lesson.session_id ? "To the stage" : "Lay out the lesson"}
          {first && <kbd className="text-xs font-normal opacity-80">Alt P</kbd>}
        </button>
        {lesson.session_id && (
          <Link className="btn" to={`/sessions/${lesson.session_id}`}>
            {lesson.session}
          </Link>
        )}
        <Link className="btn btn-ghost" to={`/classes/${lesson.class_id}`}>
          What next, and why
        </Link>
      </div>
      {lesson.points.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 font-semibold">Open points</h3>
          <PointList points={lesson.points} />
        </>
      )}
    </section>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

function Things({ title, things }: { title: string; things: Today["waiting"] }) {
  if (!things.length) return null;
  return (
    <section aria-label={title}>
      <h2 className="mb-1 text-lg">{title}</h2>
      <ul className="grid gap-1">
        {things.map((t) => (
          <li key={`${t.to} ${t.title}`}>
            <Link
              to={t.to}
              className="block rounded-field border border-base-300 bg-base-100 px-3 py-2 hover:border-primary"
            >
              <b>{t.title}</b>
              <span className="block text-sm">{t.says}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Week({ week }: { week: Today["week"] }) {
  return (
    <section aria-label="This week">
      <h2 className="mb-1 text-lg">This week</h2>
      <ul>
        {week.map((day) => (
          <li
            key={day.day}
            className={`flex gap-3 border-l-3 px-3 py-1 ${day.today ? "border-primary font-semibold" : "border-base-300"}`}
          >
            <span className="w-24">{day.name}</span>
            <span className="min-w-0 flex-1">
              {day.lessons.map(([id, time, title, held]) => (
                <Link
                  key={`${id} ${time}`}
                  className="block hover:underline"
                  to={held ? `/classes/${id}/log` : `/classes/${id}`}
                >
                  {time} {title}
                  {held && <span className="quiet font-normal"> · held</span>}
                </Link>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
