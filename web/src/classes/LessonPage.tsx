import { useQuery } from "@tanstack/react-query";
import { Plus, Trash2 } from "lucide-react";
import { useEffect } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import {
  type ClassTables,
  call,
  type Lesson,
  type LessonSheet,
  type LessonView,
  type OpenPoint,
  sentence,
} from "../shared/api";
import { Check } from "../shared/Check";
import { ClockField } from "../shared/ClockField";
import { Field } from "../shared/Field";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";
import { newId } from "../shared/newId";
import { SaveState, SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { useDocument } from "../shared/useDocument";
import { useTitle } from "../shared/useTitle";
import { useClassTables } from "./ClassPage";
import { DayField } from "./DayField";
import { dayWords, minutesOf, todayIso } from "./days";
import { LessonParts } from "./LessonParts";
import { PostureSelect } from "./PostureSelect";

/** A lesson that was held, to be finished in a minute: who came, what went wrong, what to bring back. */
export default function LessonPage() {
  const { id = "", lesson = "" } = useParams();
  const view = useQuery({
    queryKey: ["lessons", lesson],
    queryFn: () => call(`lessons/${lesson}`),
    gcTime: 0,
  });
  const tables = useClassTables();
  const error = view.error ?? tables.error;
  if (!view.data || !tables.data) return <Waiting error={error && sentence(error)} />;
  return <LessonForm key={lesson} classId={id} first={view.data} tables={tables.data} />;
}

interface FormProps {
  classId: string;
  first: LessonView;
  tables: ClassTables;
}

function LessonForm({ classId, first, tables }: FormProps) {
  const doc = useDocument<Lesson, LessonSheet>("lessons", first);
  const { body: lesson, edit } = doc;
  const { derived } = doc.view;
  const navigate = useNavigate();
  useTitle(`Lesson of ${dayWords(lesson.day)}`);
  const set = (part: Partial<Lesson>, how?: "typing") => edit((l) => ({ ...l, ...part }), how);
  const { state } = useLocation();
  // A lesson that was just written down is finished here: how many came is the first of it.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the page is opened
  useEffect(() => {
    if (state?.fresh) document.querySelector<HTMLElement>('[aria-label="How many came"]')?.focus();
  }, []);
  const putAway = async () => {
    await call(`lessons/${first.id}`, "DELETE");
    navigate(`/classes/${classId}/log`);
  };
  return (
    <div className="mx-auto grid max-w-4xl gap-5" data-lesson-page>
      <h1 className="sr-only">Lesson of {dayWords(lesson.day)}</h1>
      <div>
        <div className="flex flex-wrap items-start gap-x-4">
          <Link to={`/classes/${classId}/log`} className="quiet py-2 text-sm hover:underline">
            Logbook
          </Link>
          <div className="min-w-60 flex-1">
            <Field
              label="Title of the lesson"
              className="font-name !text-2xl font-semibold"
              value={lesson.title}
              live
              onCommit={(title, how) => {
                set({ title: title.slice(0, 200) }, how);
                return true;
              }}
            />
            <p className="px-2">
              {derived.says}
              {derived.stopped_ms > 0 && `, ${minutesOf(derived.stopped_ms)} less than planned`}
              {derived.tempo > 0 && ` · ${Math.round(derived.tempo)} counts a minute`}
            </p>
          </div>
          <SaveState doc={doc} />
        </div>
        <SaveTrouble doc={doc} />
      </div>
      <section
        className="rounded-box grid gap-3 border border-base-300 bg-base-100 p-4"
        aria-label="The lesson"
      >
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <Labelled name="How many came">
            <NumberField
              label="How many came"
              value={lesson.attendance ?? null}
              of="Lesson.attendance"
              whole
              onNumber={(attendance) => set({ attendance })}
              onEmpty={() => set({ attendance: null })}
            />
          </Labelled>
          <Labelled name="Day">
            <DayField label="Day of the lesson" value={lesson.day} onDay={(day) => set({ day })} />
          </Labelled>
          <Labelled name="Began">
            <ClockField label="When it began" value={lesson.began} onTime={(began) => set({ began })} />
          </Labelled>
          <div className="self-end pb-1">
            <Check name="Only a rehearsal" on={!lesson.held} onChange={(on) => set({ held: !on })} />
          </div>
        </div>
      </section>
      <Points lesson={lesson} sheet={derived} set={set} />
      <section className="grid gap-1" aria-label="Notes">
        <h2 className="text-xl">Notes</h2>
        <p className="quiet text-sm">{derived.only_numbers}</p>
        <textarea
          aria-label="Notes on the lesson"
          className="cell min-h-20 !border-base-300 bg-base-100"
          value={lesson.notes}
          maxLength={20_000}
          onChange={(e) => set({ notes: e.target.value }, "typing")}
        />
      </section>
      <LessonParts
        {...{ lesson, tables, set }}
        sheet={derived}
        onStretch={(first, last, ms) => void doc.ask("stretch", { first, last, ms })}
      />
      <div className="flex flex-wrap gap-2">
        <Link className="btn btn-primary" to={`/classes/${classId}/log`}>
          Done
        </Link>
        {lesson.session_id && (
          <Link className="btn" to={`/sessions/${lesson.session_id}`}>
            The session
          </Link>
        )}
        <span className="flex-1" />
        <button type="button" className="btn btn-ghost" onClick={() => void putAway()}>
          Put away
        </button>
      </div>
    </div>
  );
}

interface PointsProps {
  lesson: Lesson;
  sheet: LessonSheet;
  set: (part: Partial<Lesson>, how?: "typing") => void;
}

/** What went wrong, and what to bring back: usual mistakes or own words, tied to a posture and a movement. */
function Points({ lesson, sheet, set }: PointsProps) {
  const change = (id: string, part: Partial<OpenPoint>, how?: "typing") =>
    set({ points: lesson.points.map((p) => (p.id === id ? { ...p, ...part } : p)) }, how);
  const add = () =>
    set({
      points: [
        ...lesson.points,
        { id: newId(), text: "", form_id: "", posture_id: "", movement_id: "", settled: null },
      ],
    });
  return (
    <section className="grid gap-2" aria-label="To bring back">
      <h2 className="text-xl">To bring back</h2>
      <datalist id="usual-mistakes">
        {sheet.usual.map((text) => (
          <option key={text} value={text} />
        ))}
      </datalist>
      {lesson.points.map((point) => {
        const posture = sheet.choices.find(
          (c) => c.posture_id === point.posture_id && c.form_id === point.form_id,
        );
        return (
          <div
            key={point.id}
            className="rounded-box grid items-center gap-2 border border-base-300 bg-base-100 p-2 sm:grid-cols-[minmax(0,2fr)_minmax(0,1.3fr)_minmax(0,1.3fr)_auto_auto]"
            data-point={point.id}
          >
            <input
              className="cell !border-base-300"
              aria-label="What to bring back"
              list="usual-mistakes"
              placeholder="What went wrong, or what to look at"
              maxLength={2000}
              value={point.text}
              // biome-ignore lint/a11y/noAutofocus: a row that was just added is typed into
              autoFocus={!point.text}
              onChange={(e) => change(point.id, { text: e.target.value }, "typing")}
            />
            <PostureSelect
              label="Of which posture"
              none="The whole lesson"
              sheet={sheet}
              of={point}
              onChoose={(c) =>
                change(point.id, {
                  form_id: c?.form_id ?? "",
                  posture_id: c?.posture_id ?? "",
                  movement_id: "",
                })
              }
            />
            <select
              className="select select-sm w-full"
              aria-label="Of which movement"
              value={point.movement_id}
              disabled={!posture}
              onChange={(e) => change(point.id, { movement_id: e.target.value })}
            >
              <option value="">All of it</option>
              {posture?.movements.map(([id, line]) => (
                <option key={id} value={id}>
                  {line}
                </option>
              ))}
            </select>
            <Check
              name="settled"
              on={!!point.settled}
              onChange={(on) => change(point.id, { settled: on ? todayIso() : null })}
            />
            <button
              type="button"
              className="btn btn-ghost btn-sm btn-square"
              aria-label="Take this point away"
              onClick={() => set({ points: lesson.points.filter((p) => p.id !== point.id) })}
            >
              <Trash2 size={16} />
            </button>
          </div>
        );
      })}
      <button type="button" className="btn btn-sm justify-self-start" onClick={add}>
        <Plus size={15} /> Add a point
      </button>
    </section>
  );
}
