import { useQuery } from "@tanstack/react-query";
import { RoomShape } from "../form/RoomShape";
import {
  type ClassGroup,
  type ClassSheet,
  type ClassTables,
  call,
  type FormRow,
  type Room,
} from "../shared/api";
import { BLANK_ROOM } from "../shared/blanks";
import { Choose } from "../shared/Choose";
import { ClockField } from "../shared/ClockField";
import { Field } from "../shared/Field";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";

interface SetupProps {
  group: ClassGroup;
  sheet: ClassSheet;
  tables: ClassTables;
  forms: FormRow[];
  edit: (change: (group: ClassGroup) => ClassGroup, how?: "typing") => void;
}

/** The class itself: when and where it meets, what it learns, what it needs. */
export function ClassSetup({ group, sheet, tables, forms, edit }: SetupProps) {
  const set = (part: Partial<ClassGroup>, how?: "typing") => edit((c) => ({ ...c, ...part }), how);
  const box = "rounded-box border-base-300 grid content-start gap-3 border bg-base-100 p-4";
  const form = forms.find((f) => f.id === group.form_id);
  return (
    <div className="grid items-start gap-4 md:grid-cols-2" data-class-setup>
      <section className={box}>
        <h2 className="text-xl">When and where</h2>
        <fieldset>
          <legend className="quiet text-sm">Meets on</legend>
          <div className="mt-1 flex flex-wrap gap-1">
            {tables.days.map((name, day) => {
              const on = group.days.includes(day);
              return (
                <button
                  key={name}
                  type="button"
                  aria-pressed={on}
                  className={`btn btn-sm px-2 ${on ? "btn-primary" : ""}`}
                  onClick={() =>
                    set({ days: on ? group.days.filter((d) => d !== day) : [...group.days, day].sort() })
                  }
                >
                  {name}
                </button>
              );
            })}
          </div>
        </fieldset>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          <Labelled name="Time">
            <ClockField label="Time of day" value={group.time} onTime={(time) => set({ time })} />
          </Labelled>
          <Labelled name="Minutes">
            <NumberField
              label="Minutes of a lesson"
              value={group.minutes}
              of="ClassGroup.minutes"
              whole
              onNumber={(minutes) => set({ minutes })}
            />
          </Labelled>
          <Labelled name="People, usually">
            <NumberField
              label="How many people usually come"
              value={group.people ?? null}
              of="ClassGroup.people"
              whole
              onNumber={(people) => set({ people })}
              onEmpty={() => set({ people: null })}
            />
          </Labelled>
        </div>
        <Labelled name="Place">
          <Field
            label="Place"
            className="!border-base-300"
            value={group.place}
            live
            onCommit={(place, how) => {
              set({ place: place.slice(0, 200) }, how);
              return true;
            }}
          />
        </Labelled>
        <ClassRoom room={group.room ?? null} onRoom={(room) => set({ room })} />
        <p className="quiet text-sm">Time zone: {group.zone || "of this machine"}</p>
      </section>
      <section className={box}>
        <h2 className="text-xl">What it learns</h2>
        <Choose
          name="Form"
          value={group.form_id}
          options={[["", "Choose a form"], ...forms.map((f) => [f.id, f.title || "Untitled"] as const)]}
          onChoose={(form_id) => set({ form_id, known: [] })}
        />
        {form && <Known form={form} known={group.known} onKnown={(known) => set({ known })} />}
        <Choose
          name="Level"
          value={group.level}
          options={tables.levels.map((r) => [r.id, r.title] as const)}
          onChoose={(id) => set({ level: id as ClassGroup["level"] })}
        />
        <Choose
          name="Lessons are laid out"
          value={group.pattern}
          options={tables.patterns.map((r) => [r.id, r.title] as const)}
          onChoose={(pattern) => set({ pattern })}
        />
        <Choose
          name="What was taught comes back"
          value={group.recall}
          options={tables.recalls.map((r) => [r.id, r.title] as const)}
          onChoose={(id) => set({ recall: id as ClassGroup["recall"] })}
        />
      </section>
      <section className={box}>
        <h2 className="text-xl">What it needs</h2>
        <p className="text-sm">For how many of the class. {sheet.only_numbers}</p>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          {tables.needs.map((need) => (
            <Labelled key={need.id} name={need.title}>
              <NumberField
                label={`${need.title}: how many`}
                value={group.care[need.id as keyof ClassGroup["care"]]}
                of={`CareNeeded.${need.id as keyof ClassGroup["care"]}`}
                whole
                onNumber={(n) => set({ care: { ...group.care, [need.id]: n } })}
              />
            </Labelled>
          ))}
        </div>
        <div className="grid grid-cols-2 gap-3">
          {(
            [
              ["Shortest, cm", "stature_least_cm"],
              ["Tallest, cm", "stature_most_cm"],
            ] as const
          ).map(([name, key]) => (
            <Labelled key={key} name={name}>
              <NumberField
                label={name}
                value={group[key] ?? null}
                of={`ClassGroup.${key}`}
                whole
                onNumber={(n) => set({ [key]: n })}
                onEmpty={() => set({ [key]: null })}
              />
            </Labelled>
          ))}
        </div>
        {sheet.cautions.length > 0 && (
          <div className="text-sm" data-cautions>
            <p className="font-semibold">Said before every lesson of this class:</p>
            <ul className="list-disc pl-5">
              {sheet.cautions.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
          </div>
        )}
        <p className="quiet text-sm">{sheet.advice}</p>
      </section>
      <section className={box}>
        <h2 className="text-xl">Notes</h2>
        <p className="quiet text-sm">{sheet.only_numbers}</p>
        <textarea
          aria-label="Notes on the class"
          className="cell min-h-24 !border-base-300"
          value={group.notes}
          maxLength={20_000}
          onChange={(e) => set({ notes: e.target.value }, "typing")}
        />
      </section>
    </div>
  );
}

/** What of the form was taught before the log begins. */
function Known({
  form,
  known,
  onKnown,
}: {
  form: FormRow;
  known: readonly string[];
  onKnown: (ids: string[]) => void;
}) {
  return (
    <details>
      <summary className="cursor-pointer text-sm">
        Taught before Kemvo: {known.length ? `${known.length} of ${form.posture_ids.length}` : "nothing"}
      </summary>
      <div className="mt-1 flex gap-2">
        <button type="button" className="btn btn-xs" onClick={() => onKnown([...form.posture_ids])}>
          All
        </button>
        <button type="button" className="btn btn-xs" onClick={() => onKnown([])}>
          None
        </button>
      </div>
      <ul className="mt-1 grid max-h-72 gap-0.5 overflow-y-auto">
        {form.posture_ids.map((id, i) => (
          <li key={id}>
            <label className="flex min-h-7 items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={known.includes(id)}
                onChange={(e) =>
                  onKnown(form.posture_ids.filter((x) => (x === id ? e.target.checked : known.includes(x))))
                }
              />
              {form.posture_titles[i]}
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}

function ClassRoom({ room, onRoom }: { room: Room | null; onRoom: (room: Room | null) => void }) {
  const { data: rooms } = useQuery({ queryKey: ["rooms", "known"], queryFn: () => call("rooms") });
  if (room)
    return (
      <fieldset className="grid gap-2 rounded-box border border-base-300 p-2">
        <legend className="px-1 text-sm font-semibold">Room</legend>
        <RoomShape room={room} onRoom={(part) => onRoom({ ...room, ...part })} />
        <button
          type="button"
          className="btn btn-ghost btn-xs justify-self-start"
          onClick={() => onRoom(null)}
        >
          Remove room
        </button>
      </fieldset>
    );
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="quiet text-sm">Room: as each form has it</span>
      {[...(rooms ?? []), BLANK_ROOM].map((r) => (
        <button key={JSON.stringify(r)} type="button" className="btn btn-xs" onClick={() => onRoom(r)}>
          {r === BLANK_ROOM ? "Another room" : r.title || `${r.width} × ${r.depth} m`}
        </button>
      ))}
    </div>
  );
}
