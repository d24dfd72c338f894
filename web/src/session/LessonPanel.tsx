import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { DayField } from "../classes/DayField";
import { type Choices, call, type Plan, type Session, sentence } from "../shared/api";
import { Choose } from "../shared/Choose";
import { ClockField } from "../shared/ClockField";
import { clock } from "../shared/format";
import { pressed } from "../shared/keys";
import { Labelled } from "../shared/Labelled";

interface LessonPanelProps {
  id: string;
  version: number;
  session: Session;
  plan: Plan;
  choices: Choices;
  saved: boolean;
  edit: (change: (session: Session) => Session) => void;
  onFit: () => void;
  onClass: (id: string) => void;
}

/** The lesson as a whole: fitted to its wish, its words and breath, what it asks of the body, and the plan on paper. */
export function LessonPanel({
  id,
  version,
  session,
  plan,
  choices,
  saved,
  edit,
  onFit,
  onClass,
}: LessonPanelProps) {
  const wanted = session.wished_ms !== null && Math.abs(plan.over_ms ?? 0) >= 1;
  const { data, error } = useQuery({
    queryKey: ["fit", id, version],
    queryFn: () => call(`sessions/${id}/fit`),
    enabled: saved && wanted && session.passes.length > 0,
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (pressed(e) !== "Alt+KeyF" || !data) return;
      e.preventDefault();
      onFit();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });
  const classes = useQuery({
    queryKey: ["classes", "list"],
    queryFn: () => call("classes"),
  });
  const [told, setTold] = useState("");
  const keep = async () => {
    try {
      const made = await call(`sessions/${id}/pattern`, "POST");
      setTold(`“${made.title}” is among the patterns now.`);
    } catch (e) {
      setTold(sentence(e));
    }
  };
  const { account } = plan;
  return (
    <section className="rounded-box border-base-300 grid gap-3 border bg-base-100 p-3">
      <h2 className="text-lg">The lesson</h2>
      {wanted && data && (
        <div className="rounded-field bg-base-200 p-2" data-fit={data.met}>
          <p>{data.says}</p>
          <ul className="my-1 text-sm">
            {data.changes.map((c) => (
              <li key={c.pass_id}>
                {c.title}: {c.says}
              </li>
            ))}
          </ul>
          <button type="button" className="btn btn-primary btn-sm" onClick={onFit}>
            Use this <kbd className="kbd kbd-sm text-base-content">Alt F</kbd>
          </button>
        </div>
      )}
      {wanted && error && <p className="text-error">{sentence(error)}</p>}
      {!!classes.data?.length && (
        <Choose
          name="For the class"
          value={session.class_id}
          options={[["", "Any"], ...classes.data.map((c) => [c.id, c.title || "Untitled class"] as const)]}
          onChoose={onClass}
        />
      )}
      {session.class_id && (
        <Labelled name="Its lesson of">
          <DayField
            label="Day of the lesson"
            value={session.day ?? null}
            onDay={(day) => edit((s) => ({ ...s, day }))}
            onEmpty={() => edit((s) => ({ ...s, day: null }))}
          />
        </Labelled>
      )}
      {session.cautions.length > 0 && (
        <div className="text-sm">
          <p className="font-semibold">Said first:</p>
          <ul className="list-disc pl-5">
            {session.cautions.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        </div>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Labelled name="Begins at">
          <ClockField
            label="Time on the clock at which it begins"
            value={session.starts_at}
            onTime={(starts_at) => edit((s) => ({ ...s, starts_at }))}
          />
        </Labelled>
      </div>
      <Choose
        name="Fade the words"
        value={session.thinning}
        options={choices.curves.map((x) => [x.id, x.title] as const)}
        onChoose={(id) => edit((s) => ({ ...s, thinning: id as Session["thinning"] }))}
      />
      <Choose
        name="Breath"
        value={session.breath.school}
        options={choices.schools.map((x) => [x.id, x.title] as const)}
        onChoose={(id) =>
          edit((s) => ({
            ...s,
            breath: { ...s.breath, school: id as Session["breath"]["school"] },
          }))
        }
      />
      <div className="grid grid-cols-2 items-end gap-2">
        <Choose
          name="Direction words"
          value={session.directions.words}
          options={choices.dialects.map((x) => [x.id, x.title] as const)}
          onChoose={(id) =>
            edit((s) => ({
              ...s,
              directions: { ...s.directions, words: id as Session["directions"]["words"] },
            }))
          }
        />
        {session.directions.words === "compass" && (
          <Choose
            name="The form’s front is called"
            value={session.directions.front}
            options={choices.fronts.map((x) => [x.id, x.title] as const)}
            onChoose={(id) =>
              edit((s) => ({
                ...s,
                directions: { ...s.directions, front: id as Session["directions"]["front"] },
              }))
            }
          />
        )}
        {session.directions.words === "room" && (
          <p className="quiet text-sm">The sides are named on the form sheet, under School, room.</p>
        )}
      </div>
      <table className="w-full text-sm" data-account>
        <caption className="sr-only">What the lesson asks of the body</caption>
        <tbody>
          {(
            [
              ["Time on left leg", clock(account.left_ms)],
              ["Time on right leg", clock(account.right_ms)],
              ["Left/right balance", `${account.even_pct} %`],
              [
                "On one leg alone",
                `${clock(account.one_leg_ms)}, longest ${Math.round(account.one_leg_longest_ms / 1000)} s`,
              ],
              ["Walked by both feet", `${account.walked_m} m`],
              ["Breaths called", String(plan.totals.breaths)],
            ] as const
          ).map(([name, value]) => (
            <tr key={name}>
              <th scope="row" className="quiet py-0.5 text-left font-normal">
                {name}
              </th>
              <td className="text-right">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {account.over_ms > 0 && (
        <p className="text-sm text-error">
          One leg alone is {Math.round(account.over_ms / 1000)} s longer than the group’s limit.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-xs" onClick={() => void keep()}>
          Keep as a pattern
        </button>
      </div>
      {told && <p role="status">{told}</p>}
    </section>
  );
}
