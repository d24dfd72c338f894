/** A day, typed or picked. Nothing is taken before it is a whole one. */
export function DayField({
  label,
  value,
  onDay,
  onEmpty,
}: {
  label: string;
  value: string | null;
  onDay: (day: string) => void;
  onEmpty?: () => void;
}) {
  return (
    <input
      type="date"
      className="input input-sm w-full min-w-0 px-2"
      aria-label={label}
      defaultValue={value ?? ""}
      key={value ?? ""}
      onBlur={(e) => {
        const day = e.target.value;
        if (day === (value ?? "")) return;
        if (day) onDay(day);
        else onEmpty?.();
      }}
      onChange={(e) => {
        // Picked with the mouse: the field does not lose the focus then.
        if (e.target.value && !("data" in e.nativeEvent)) e.target.focus();
      }}
      onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
    />
  );
}
