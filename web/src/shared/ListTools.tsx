import { Search } from "lucide-react";

export interface Looking {
  words: string;
  order: "saved" | "title";
  tag: string;
}

export const EVERYTHING: Looking = { words: "", order: "saved", tag: "" };

interface Findable {
  title: string;
  tags?: readonly string[];
}

/** The rows that are looked for, in the order that is wished. */
export function looked<R extends Findable>(rows: readonly R[], looking: Looking): R[] {
  const words = looking.words.trim().toLowerCase();
  const found = rows.filter(
    (r) =>
      (!looking.tag || r.tags?.includes(looking.tag)) &&
      (!words || [r.title, ...(r.tags ?? [])].some((text) => text.toLowerCase().includes(words))),
  );
  return looking.order === "title" ? found.toSorted((a, b) => a.title.localeCompare(b.title)) : found;
}

interface ListToolsProps {
  rows: readonly Findable[];
  looking: Looking;
  onLook: (looking: Looking) => void;
}

const MANY = 3;

/** Search, order and tags of a list; nothing while it is short. */
export function ListTools({ rows, looking, onLook }: ListToolsProps) {
  const tags = [...new Set(rows.flatMap((r) => r.tags ?? []))].sort();
  if (rows.length < MANY && !tags.length) return null;
  return (
    <search className="mb-3 flex flex-wrap items-center gap-2" aria-label="In this list">
      <label className="input input-sm flex w-64 items-center gap-2">
        <Search size={15} aria-hidden="true" />
        <input
          type="search"
          aria-label="Search by title or tag"
          placeholder="Search"
          value={looking.words}
          onChange={(e) => onLook({ ...looking, words: e.target.value })}
        />
      </label>
      <select
        className="select select-sm w-auto"
        aria-label="Order"
        value={looking.order}
        onChange={(e) => onLook({ ...looking, order: e.target.value as Looking["order"] })}
      >
        <option value="saved">last saved first</option>
        <option value="title">by title</option>
      </select>
      {tags.map((t) => (
        <button
          key={t}
          type="button"
          className={`btn btn-xs h-7 ${looking.tag === t ? "btn-neutral" : ""}`}
          aria-pressed={looking.tag === t}
          onClick={() => onLook({ ...looking, tag: looking.tag === t ? "" : t })}
        >
          {t}
        </button>
      ))}
    </search>
  );
}
