import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { type ClassGroup, type ClassTables, call, type FormRow, sentence } from "../shared/api";
import { Choose } from "../shared/Choose";
import { Waiting } from "../shared/Shell";
import { CourseSheet } from "./CourseSheet";
import { todayIso } from "./days";

interface CoursesProps {
  id: string;
  group: ClassGroup;
  tables: ClassTables;
  forms: FormRow[];
}

/** The courses of a class: one is open, others can be. */
export function Courses({ id, group, tables, forms }: CoursesProps) {
  const cache = useQueryClient();
  const [chosen, setChosen] = useState("");
  const [told, setTold] = useState("");
  const list = useQuery({
    queryKey: ["courses", "list", id],
    queryFn: () => call(`courses?class_id=${id}`),
    staleTime: 0,
  });
  const gone = useQuery({
    queryKey: ["courses", "removed", id],
    queryFn: () => call(`courses?removed=true&class_id=${id}`),
    staleTime: 0,
  });
  const open = list.data?.find((c) => c.id === chosen)?.id ?? list.data?.[0]?.id;
  const view = useQuery({
    queryKey: ["courses", open, JSON.stringify(group)],
    queryFn: () => call(`courses/${open}`),
    enabled: !!open,
    gcTime: 0,
    staleTime: 0,
  });
  const again = () => cache.invalidateQueries({ queryKey: ["courses"] });
  const doing = async (work: () => Promise<unknown>) => {
    try {
      await work();
      setTold("");
    } catch (error) {
      setTold(sentence(error));
    }
    await again();
  };
  const begin = () =>
    doing(async () => {
      const form = forms.find((f) => f.id === group.form_id);
      const made = await call("courses", "POST", {
        class_id: id,
        starts: todayIso(),
        title: [form?.title, group.title].filter(Boolean).join(", "),
      });
      setChosen(made.id);
    });
  if (!list.data) return <Waiting error={list.error && sentence(list.error)} />;
  return (
    <div className="grid gap-4">
      {told && <p role="alert">{told}</p>}
      <div className="flex flex-wrap items-end gap-3">
        {list.data.length > 1 && (
          <div className="w-72">
            <Choose
              name="Course"
              value={open ?? ""}
              options={list.data.map((c) => [c.id, c.title || "Untitled course"] as const)}
              onChoose={setChosen}
            />
          </div>
        )}
        <button
          type="button"
          className={`btn btn-sm ${list.data.length ? "" : "btn-primary"}`}
          onClick={() => void begin()}
        >
          <Plus size={16} /> {list.data.length ? "Another course" : "Plan a course"}
        </button>
      </div>
      {!list.data.length && (
        <p className="rounded-box border border-dashed border-base-300 p-6">
          A course lays a form out over weeks: which posture in which lesson, with holidays, and what changes
          when a lesson is missed.
        </p>
      )}
      {open && !view.data && <Waiting error={view.error && sentence(view.error)} />}
      {view.data && (
        <CourseSheet
          key={view.data.id}
          first={view.data}
          group={group}
          tables={tables}
          forms={forms}
          onAway={() => void doing(() => call(`courses/${open}`, "DELETE"))}
        />
      )}
      {!!gone.data?.length && (
        <details>
          <summary className="cursor-pointer">Put away ({gone.data.length})</summary>
          <ul className="mt-1 grid gap-1">
            {gone.data.map((row) => (
              <li key={row.id} className="flex items-center gap-3">
                <span>{row.title || "Untitled course"}</span>
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() => void doing(() => call(`courses/${row.id}/bring-back`, "POST"))}
                >
                  Bring back
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
