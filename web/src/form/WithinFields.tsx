import type { Form, Sheet } from "../shared/api";
import { Field } from "../shared/Field";
import { NumberField } from "../shared/NumberField";

/** Where the form stands in a longer one: "25 to 32 of 64". */
export function WithinFields({
  form,
  byItself,
  change,
}: {
  form: Form;
  byItself: Sheet["by_itself"];
  change: (change: Partial<Form>) => void;
}) {
  const w = form.within;
  if (!w)
    return (
      <button
        type="button"
        className="btn btn-sm justify-self-start"
        onClick={() => change({ within: byItself })}
      >
        Part of a longer form
      </button>
    );
  const number = (key: "first" | "last" | "of", name: string, least: number, most: number) => (
    <label className="grid gap-1">
      <span className="quiet text-sm">{name}</span>
      <NumberField
        label={`In the longer form: ${name}`}
        value={w[key]}
        least={least}
        most={most}
        whole
        onNumber={(n) => change({ within: { ...w, [key]: n } })}
      />
    </label>
  );
  return (
    <fieldset className="grid gap-2 rounded-box border border-base-300 p-2" data-within>
      <legend className="px-1 text-sm font-semibold">Part of a longer form</legend>
      <div className="grid grid-cols-3 gap-2">
        {number("first", "postures", 1, w.last)}
        {number("last", "to", w.first, w.of)}
        {number("of", "of", w.last, 999)}
      </div>
      <Field
        label="Name of the longer form"
        placeholder="Name of the longer form"
        value={w.title}
        onCommit={(title) => {
          change({ within: { ...w, title: title.slice(0, 200) } });
          return true;
        }}
      />
      <button
        type="button"
        className="btn btn-ghost btn-xs justify-self-start"
        onClick={() => change({ within: null })}
      >
        It stands by itself
      </button>
    </fieldset>
  );
}
