import type { Bounded } from "./bounds";
import { NumberField } from "./NumberField";

/** A number of the sound, with its name. */
export function Level(props: { name: string; value: number; of: Bounded; onNumber: (n: number) => void }) {
  const { name, ...rest } = props;
  return (
    <label className="flex items-center gap-1">
      {name}
      <NumberField label={name} className="!w-16" {...rest} />
    </label>
  );
}
