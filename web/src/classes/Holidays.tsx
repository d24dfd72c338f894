import { Trash2 } from "lucide-react";
import type { Course } from "../shared/api";
import { Field } from "../shared/Field";
import { DayField } from "./DayField";

/** Days of a course without a lesson. */
export function Holidays({
  course,
  set,
}: {
  course: Course;
  set: (part: Partial<Course>, how?: "typing") => void;
}) {
  const change = (n: number, part: Partial<Course["holidays"][number]>) =>
    set({ holidays: course.holidays.map((h, i) => (i === n ? { ...h, ...part } : h)) });
  return (
    <fieldset className="grid gap-2">
      <legend className="quiet text-sm">Holidays</legend>
      {course.holidays.map((h, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: holidays have no other name
        <div key={n} className="grid gap-1 rounded-field border border-base-300 p-2">
          <div className="flex gap-1">
            <Field
              label="What holiday"
              placeholder="What holiday"
              value={h.title}
              live
              onCommit={(title, how) => {
                set(
                  {
                    holidays: course.holidays.map((x, i) =>
                      i === n ? { ...x, title: title.slice(0, 200) } : x,
                    ),
                  },
                  how,
                );
                return true;
              }}
            />
            <button
              type="button"
              className="btn btn-ghost btn-sm btn-square"
              aria-label="Take this holiday away"
              onClick={() => set({ holidays: course.holidays.filter((_, i) => i !== n) })}
            >
              <Trash2 size={15} />
            </button>
          </div>
          <div className="grid grid-cols-2 gap-1">
            <DayField
              label="Holiday from"
              value={h.first}
              onDay={(day) => change(n, { first: day, last: [day, h.last].sort()[1] })}
            />
            <DayField
              label="Holiday to"
              value={h.last}
              onDay={(day) => change(n, { last: day, first: [h.first, day].sort()[0] })}
            />
          </div>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-xs justify-self-start"
        onClick={() =>
          set({ holidays: [...course.holidays, { first: course.starts, last: course.starts, title: "" }] })
        }
      >
        Add a holiday
      </button>
    </fieldset>
  );
}
