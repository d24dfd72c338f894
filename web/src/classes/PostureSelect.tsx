import type { LessonSheet } from "../shared/api";

type Choice = LessonSheet["choices"][number];

interface SelectProps {
  label: string;
  /** What stands for no posture. */
  none: string;
  sheet: LessonSheet;
  of: { form_id: string; posture_id: string };
  onChoose: (posture: Choice | null) => void;
}

const key = (p: { form_id: string; posture_id: string }) => `${p.form_id} ${p.posture_id}`;

/** The posture that something in a lesson is of, or none. */
export function PostureSelect({ label, none, sheet, of, onChoose }: SelectProps) {
  return (
    <select
      className="select select-sm w-full"
      aria-label={label}
      value={sheet.choices.some((c) => key(c) === key(of)) ? key(of) : ""}
      onChange={(e) => onChoose(sheet.choices.find((c) => key(c) === e.target.value) ?? null)}
    >
      <option value="">{none}</option>
      {sheet.choices.map((c) => (
        <option key={key(c)} value={key(c)}>
          {c.title}
        </option>
      ))}
    </select>
  );
}
