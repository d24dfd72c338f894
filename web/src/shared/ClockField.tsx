import { Field } from "./Field";

/** A time of day, "10:30", or nothing. */
export function ClockField({
  label,
  value,
  onTime,
}: {
  label: string;
  value: string;
  onTime: (time: string) => void;
}) {
  return (
    <Field
      label={label}
      className="!border-base-300 bg-base-100"
      placeholder="10:30"
      value={value}
      takes="A time on the clock from 0:00 to 23:59."
      onCommit={(text) => {
        const time = text.trim().replace(".", ":");
        if (time && !/^([01]?\d|2[0-3]):[0-5]\d$/.test(time)) return false;
        onTime(time);
        return true;
      }}
    />
  );
}
