/** Yes or no, with its name beside it. */
export function Check({
  name,
  on,
  onChange,
}: {
  name: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={on}
        onChange={(e) => onChange(e.target.checked)}
      />
      {name}
    </label>
  );
}
