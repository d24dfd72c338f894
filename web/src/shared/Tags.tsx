import { call, type Kind } from "./api";
import { Field } from "./Field";

interface TagsProps {
  kind: Kind;
  id: string;
  title: string;
  tags: readonly string[];
  onSaved: () => void;
}

/** The tags of a row: words between commas, to find it by. */
export function Tags({ kind, id, title, tags, onSaved }: TagsProps) {
  return (
    <Field
      label={`Tags of ${title}`}
      className="!py-0.5 text-sm"
      placeholder="tags, between commas"
      value={tags.join(", ")}
      takes="Up to twelve tags of at most 40 letters, commas between them."
      onCommit={(text) => {
        const made = text
          .split(",")
          .map((t) => t.trim())
          .filter(Boolean);
        if (made.length > 12 || made.some((t) => t.length > 40)) return false;
        void call(`${kind}/${id}/tags`, "PUT", { tags: made }).then(onSaved);
        return true;
      }}
    />
  );
}
