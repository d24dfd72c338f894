import { Link } from "react-router";
import type { ClassGroup, ClassTables, Course, CoursePlan, CourseView, FormRow } from "../shared/api";
import { Choose } from "../shared/Choose";
import { Field } from "../shared/Field";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";
import { SaveState, SaveTrouble } from "../shared/SaveState";
import { useDocument } from "../shared/useDocument";
import { DayField } from "./DayField";
import { dayWords } from "./days";
import { Holidays } from "./Holidays";

interface SheetProps {
  first: CourseView;
  group: ClassGroup;
  tables: ClassTables;
  forms: FormRow[];
  onAway: () => void;
}

type Row = CoursePlan["rows"][number];

/** A form over weeks: what is settled on the left, the days on the right, told at once whether it fits. */
export function CourseSheet({ first, group, tables, forms, onAway }: SheetProps) {
  const doc = useDocument<Course, CoursePlan>("courses", first);
  const { body: course, edit } = doc;
  const plan = doc.view.derived;
  const set = (part: Partial<Course>, how?: "typing") => edit((c) => ({ ...c, ...part }), how);
  const form = forms.find((f) => f.id === (course.form_id || group.form_id));
  const coming = plan.rows.filter((r) => r.state === "planned");
  const pin = (posture_id: string, day: string) =>
    set({
      pins: [
        ...course.pins.filter((p) => p.posture_id !== posture_id),
        ...(day ? [{ posture_id, day }] : []),
      ],
    });
  return (
    <div className="grid items-start gap-5 lg:grid-cols-[21rem_minmax(0,1fr)]" data-course={first.id}>
      <section
        className="rounded-box order-last grid gap-3 border border-base-300 bg-base-100 p-4 lg:order-none"
        aria-label="The course"
      >
        <Field
          label="Title of the course"
          className="font-name !text-lg font-semibold"
          placeholder="Title of the course"
          value={course.title}
          live
          onCommit={(title, how) => {
            set({ title: title.slice(0, 200) }, how);
            return true;
          }}
        />
        <SaveState doc={doc} />
        <div className="grid grid-cols-2 gap-3">
          <Labelled name="Begins">
            <DayField label="First day" value={course.starts} onDay={(starts) => set({ starts })} />
          </Labelled>
          <Labelled name="Ends">
            <DayField
              label="Last day"
              value={course.ends ?? null}
              onDay={(ends) => set({ ends })}
              onEmpty={() => set({ ends: null })}
            />
          </Labelled>
          <Labelled name="Lessons">
            <NumberField
              label="How many lessons"
              value={course.ends ? null : (course.lessons ?? null)}
              placeholder={course.ends ? "until the end" : ""}
              of="Course.lessons"
              whole
              onNumber={(lessons) => set({ lessons, ends: null })}
            />
          </Labelled>
          <Labelled name="Minutes">
            <NumberField
              label="Minutes of a lesson"
              value={course.minutes ?? null}
              placeholder={`${group.minutes}`}
              of="Course.minutes"
              whole
              onNumber={(minutes) => set({ minutes })}
              onEmpty={() => set({ minutes: null })}
            />
          </Labelled>
        </div>
        <Choose
          name="Level"
          value={course.level ?? ""}
          options={[["", "As the class"], ...tables.levels.map((r) => [r.id, r.title] as const)]}
          onChoose={(id) => set({ level: (id || null) as Course["level"] })}
        />
        {form && (
          <div className="grid grid-cols-2 gap-3">
            {(["first", "last"] as const).map((end) => (
              <Choose
                key={end}
                name={end === "first" ? "From" : "To"}
                value={course[end]}
                options={[
                  ["", end === "first" ? "the beginning" : "the end"],
                  ...form.posture_ids.map((id, i) => [id, `${i + 1} · ${form.posture_titles[i]}`] as const),
                ]}
                onChoose={(id) => set({ [end]: id })}
              />
            ))}
          </div>
        )}
        <Holidays course={course} set={set} />
        <Labelled name="Reminder in the calendar, minutes before">
          <NumberField
            label="Reminder, minutes before"
            value={course.alarm_minutes ?? null}
            placeholder="none"
            of="Course.alarm_minutes"
            whole
            onNumber={(alarm_minutes) => set({ alarm_minutes })}
            onEmpty={() => set({ alarm_minutes: null })}
          />
        </Labelled>
        <div className="grid gap-2">
          <a className="btn btn-sm" href={`/api/courses/${first.id}/calendar.ics`} download>
            Save for a calendar
          </a>
          <a className="btn btn-sm" href={`/api/courses/${first.id}/course.pdf`} download>
            On paper (PDF)
          </a>
          <a className="btn btn-sm" href={`/api/courses/${first.id}/course.csv`} download>
            As a table (CSV)
          </a>
          <button type="button" className="btn btn-ghost btn-sm" onClick={onAway}>
            Put the course away
          </button>
        </div>
      </section>
      <section aria-label="The weeks">
        <SaveTrouble doc={doc} />
        <p
          role="status"
          className={`mb-2 ${plan.feasible ? "" : "rounded-box border border-warning p-3 font-semibold"}`}
          data-feasible={plan.feasible}
        >
          {plan.says}
        </p>
        <ol className="grid gap-1">
          {plan.rows.map((row) => (
            <CourseRow key={row.day} row={row} coming={coming} course={course} pin={pin} />
          ))}
        </ol>
        {plan.over.length > 0 && (
          <p className="mt-2" data-over>
            Without a place: {plan.over.map((p) => `${p.number} ${p.title}`.trim()).join(", ")}
          </p>
        )}
        <p className="quiet mt-3 text-sm">
          Of {plan.minutes} minutes {plan.fixed_minutes} go into arriving, warming up and closing. Teaching
          time comes from earlier lessons (●) or from the level. What was taught stays where it was; when a
          lesson is missed, the rest moves.
        </p>
      </section>
    </div>
  );
}

interface RowProps {
  row: Row;
  coming: readonly Row[];
  course: Course;
  pin: (posture: string, day: string) => void;
}

const STATE = { held: "held", missed: "not held", planned: "", holiday: "" } as const;

function CourseRow({ row, coming, course, pin }: RowProps) {
  const off = row.state === "holiday" || row.state === "missed";
  return (
    <li
      className={`grid items-center gap-x-4 gap-y-1 rounded-field border px-3 py-2 sm:grid-cols-[2rem_8.5rem_minmax(0,1fr)_11rem] ${off ? "border-dashed border-base-300" : "border-base-300 bg-base-100"}`}
      data-day={row.day}
      data-state={row.state}
    >
      <span className="font-name text-lg">{row.no}</span>
      <span>
        {row.lesson_id ? (
          <Link
            className="font-semibold hover:underline"
            to={`/classes/${course.class_id}/lessons/${row.lesson_id}`}
          >
            {dayWords(row.day)}
          </Link>
        ) : (
          <b>{dayWords(row.day)}</b>
        )}{" "}
        <span className="quiet text-sm">{STATE[row.state]}</span>
      </span>
      {off ? (
        <span>{row.state === "holiday" ? row.title : "its postures move on"}</span>
      ) : (
        <div className="flex flex-wrap gap-x-3 gap-y-1">
          {row.new.map((p) => (
            <span
              key={p.posture_id}
              className="inline-flex flex-wrap items-center gap-1"
              data-new={p.posture_id}
            >
              <b>
                {p.number} {p.title}
              </b>
              {row.state === "planned" && (
                <span className="quiet text-sm">
                  {Math.round(p.minutes)} min{p.measured && " ●"}
                </span>
              )}
              {row.state === "planned" && (
                <select
                  className="select select-xs w-auto max-w-28"
                  aria-label={`Day of ${p.title}`}
                  value={p.pinned ? row.day : ""}
                  onChange={(e) => pin(p.posture_id, e.target.value)}
                >
                  <option value="">{p.pinned ? "let it move" : "as it fits"}</option>
                  {coming.map((r) => (
                    <option key={r.day} value={r.day}>
                      {dayWords(r.day)}
                    </option>
                  ))}
                </select>
              )}
            </span>
          ))}
          {!row.new.length && <span className="quiet">nothing new: bring back</span>}
        </div>
      )}
      {!off && <Fullness row={row} />}
    </li>
  );
}

/** What the minutes of a lesson go into. */
function Fullness({ row }: { row: Row }) {
  const whole = Math.max(row.room, row.recap + row.teach + row.join, 1);
  const width = (n: number) => ({ width: `${(100 * n) / whole}%` });
  const parts = [
    ["recap", row.recap],
    ["new", row.teach],
    ["joining", row.join],
  ] as const;
  const told = parts.filter(([, n]) => n >= 0.5).map(([name, n]) => `${name} ${Math.round(n)}`);
  const says = `${told.join(" · ") || "free"} of ${Math.round(row.room)} min`;
  return (
    <div title={says}>
      <div className="flex h-2.5 overflow-hidden rounded-full border border-base-300" aria-hidden>
        <span className="bg-secondary" style={width(row.recap)} />
        <span className="bg-primary" style={width(row.teach)} />
        <span className="bg-accent" style={width(row.join)} />
      </div>
      <span className="quiet text-xs">{says}</span>
    </div>
  );
}
