import { useQuery } from "@tanstack/react-query";
import { callAny, type Kind, type Unreadable } from "./api";
import { when } from "./format";

interface UnreadableListProps {
  kind: Kind;
  one: string;
  doing: (work: () => Promise<unknown>) => Promise<void>;
}

/** Forms or sessions that are here and cannot be read, each with its earlier versions to go back to. */
export function UnreadableList({ kind, one, doing }: UnreadableListProps) {
  const found = useQuery({
    queryKey: [kind, "unreadable"],
    queryFn: () => callAny<Unreadable[]>(`${kind}/unreadable`),
    staleTime: 0,
  });
  if (!found.data?.length) return null;
  return (
    <ul className="mb-3 grid gap-2" aria-label={`${one}s that cannot be read`}>
      {found.data.map((u) => (
        <li key={u.id} className="alert alert-warning block" data-unreadable={u.id}>
          <p className="font-name text-xl font-semibold">{u.title || "Untitled"}</p>
          <p className="break-words">{u.why.what}</p>
          {u.versions.length === 0 ? (
            <p>
              None of its earlier versions can be read either. Go back to a copy of an earlier day on the page{" "}
              <a className="underline" href="/data">
                Your data
              </a>
              .
            </p>
          ) : (
            <div className="mt-2 flex flex-wrap gap-2">
              {u.versions.map((v) => (
                <button
                  key={v.number}
                  type="button"
                  className="btn btn-sm"
                  onClick={() =>
                    void doing(() => callAny(`${kind}/${u.id}/go-back`, "POST", { number: v.number }))
                  }
                >
                  Go back to the version of {when(v.saved)}
                </button>
              ))}
            </div>
          )}
        </li>
      ))}
    </ul>
  );
}
