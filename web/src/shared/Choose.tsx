import { Labelled } from "./Labelled";

interface ChooseProps {
  /** What is chosen, shown above and told to those who do not see it. */
  name: string;
  value: string | number;
  options: readonly (readonly [id: string | number, title: string])[];
  onChoose: (id: string) => void;
}

/** One of several, with its name above it. */
export function Choose({ name, value, options, onChoose }: ChooseProps) {
  return (
    <Labelled name={name}>
      <select
        className="select select-sm w-full overflow-hidden pr-7 text-ellipsis whitespace-nowrap"
        aria-label={name}
        value={value}
        onChange={(e) => onChoose(e.target.value)}
      >
        {options.map(([id, title]) => (
          <option key={id} value={id}>
            {title}
          </option>
        ))}
      </select>
    </Labelled>
  );
}
