/** Left, none or right. */
const CHOICES = [
  ["L", "left"],
  [null, "none"],
  ["R", "right"],
] as const;

interface SideChoiceProps {
  title: string;
  side: "L" | "R" | null | undefined;
  onSide: (side: "L" | "R" | null) => void;
}

export function SideChoice({ title, side, onSide }: SideChoiceProps) {
  return (
    <fieldset className="grid gap-1">
      <legend className="quiet mb-1 text-sm">{title}</legend>
      <div className="join">
        {CHOICES.map(([id, name]) => (
          <button
            key={name}
            type="button"
            aria-pressed={(side ?? null) === id}
            className={`btn btn-sm join-item ${(side ?? null) === id ? "btn-primary" : ""}`}
            onClick={() => onSide(id)}
          >
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
