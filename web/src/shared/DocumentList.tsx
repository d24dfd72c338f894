import { useQuery, useQueryClient } from "@tanstack/react-query";
import { FolderOpen, Plus } from "lucide-react";
import { type ReactNode, useState } from "react";
import { Link, useNavigate } from "react-router";
import { Beginnings } from "../home/Beginnings";
import { useBeginnings } from "../home/useBeginnings";
import { ANY_FILE, useOpenAnything } from "../home/useOpenAnything";
import { call, callAny, type Kind, sentence } from "./api";
import { FileButton } from "./FileButton";
import { EVERYTHING, ListTools, looked } from "./ListTools";
import { Waiting } from "./Shell";
import { Tags } from "./Tags";
import { UnreadableList } from "./UnreadableList";

const COMING_MS = 8000;

interface Row {
  id: string;
  title: string;
  tags?: readonly string[];
  /** What would miss it when it is put away. */
  used_in?: readonly string[];
}

interface DocumentListProps<R extends Row> {
  kind: Kind;
  title: string;
  one: string;
  nothing: string;
  actions: { name: string; path: string }[];
  line: (row: R) => string;
  aside: (row: R) => string;
  picture?: (row: R) => ReactNode;
  /** More ways to begin, beside new and open. */
  more?: ReactNode;
  /** What stands in the place of new and open, where neither is how one begins. */
  begin?: ReactNode;
  /** Where one goes on with a row. */
  links?: (row: R) => { name: string; to: string }[];
  /** Where a row is saved from; the document's file, if not told. */
  fileOf?: (row: R) => string;
  /** Where its pages are, if elsewhere than its kind says; and what a new one begins with. */
  page?: string;
  fresh?: () => object;
}

/** The list of forms or of sessions, and all that is done with whole ones. */
export function DocumentList<R extends Row, V extends { id: string }>(props: DocumentListProps<R>) {
  const { kind, title, one, page = kind } = props;
  const cache = useQueryClient();
  const navigate = useNavigate();
  const [told, setTold] = useState("");
  const [removed, setRemoved] = useState<R | null>(null);
  /** A row that others use, and that would be put away. */
  const [asked, setAsked] = useState<R | null>(null);
  const [looking, setLooking] = useState(EVERYTHING);
  // Recordings also come by themselves: brought in elsewhere, or made by the demo.
  const here = useQuery({
    queryKey: [kind, "list"],
    queryFn: () => callAny<R[]>(kind),
    staleTime: 0,
    refetchInterval: kind === "recordings" ? COMING_MS : false,
  });
  const gone = useQuery({
    queryKey: [kind, "removed"],
    queryFn: () => callAny<R[]>(`${kind}?removed=true`),
    staleTime: 0,
  });

  const doing = async (work: () => Promise<unknown>) => {
    try {
      await work();
      setTold("");
    } catch (error) {
      setTold(sentence(error));
    }
    await Promise.all([kind, "beginnings"].map((k) => cache.invalidateQueries({ queryKey: [k] })));
  };
  const openAny = useOpenAnything();
  const beginnings = useBeginnings();
  const open = (view: V) => navigate(`/${page}/${view.id}`, { state: { fresh: true } });

  const putAway = (row: R) => {
    setAsked(null);
    return doing(async () => {
      await callAny(`${kind}/${row.id}`, "DELETE");
      setRemoved(row);
    });
  };

  if (!here.data) return <Waiting error={here.error && sentence(here.error)} />;
  return (
    <div className="mx-auto max-w-5xl">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <h1 className="flex-1 text-3xl">{title}</h1>
        {props.more}
        {props.begin ?? (
          <>
            <FileButton
              label={`File with a ${one}`}
              accept={ANY_FILE}
              onFile={(file) => void doing(() => openAny(file))}
            >
              <FolderOpen size={17} /> Open file
            </FileButton>
            <button
              type="button"
              className="btn btn-primary"
              onClick={() => void doing(async () => open(await callAny<V>(kind, "POST", props.fresh?.())))}
            >
              <Plus size={17} /> New {one}
            </button>
          </>
        )}
      </div>
      {told && (
        <div role="alert" className="alert alert-error mb-3 whitespace-pre-line">
          {told}
        </div>
      )}
      {removed && (
        <div role="status" className="alert mb-3">
          <span>“{removed.title || "Untitled"}” is put away.</span>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              void doing(async () => {
                await callAny(`${kind}/${removed.id}/bring-back`, "POST");
                setRemoved(null);
              })
            }
          >
            Bring it back
          </button>
        </div>
      )}
      <UnreadableList kind={kind} one={one} doing={doing} />
      {here.data.length === 0 && !beginnings.data?.empty && (
        <p className="rounded-box border-base-300 border border-dashed p-8 text-center">{props.nothing}</p>
      )}
      {here.data.length === 0 && beginnings.data?.empty && <Beginnings />}
      <ListTools rows={here.data} looking={looking} onLook={setLooking} />
      <ul className="grid gap-2">
        {looked(here.data, looking).map((row) => (
          <li
            key={row.id}
            className="rounded-box border-base-300 flex flex-wrap items-center gap-x-4 gap-y-1 border bg-base-100 px-4 py-3"
          >
            <div className="min-w-56 flex-1">
              <Link
                to={`/${page}/${row.id}`}
                className="font-name text-xl font-semibold break-words hover:underline"
              >
                {row.title || "Untitled"}
              </Link>
              <p>{props.line(row)}</p>
              {props.picture?.(row)}
              <p className="quiet text-sm">{props.aside(row)}</p>
              {row.tags && (
                <Tags
                  kind={kind}
                  id={row.id}
                  title={row.title || "Untitled"}
                  tags={row.tags}
                  onSaved={() => void cache.invalidateQueries({ queryKey: [kind] })}
                />
              )}
              {asked?.id === row.id && (
                <div
                  role="alert"
                  className="rounded-box mt-2 flex flex-wrap items-center gap-2 border border-warning p-2 text-sm"
                >
                  <span className="min-w-60 flex-1">
                    It is used in {row.used_in?.map((t) => `“${t}”`).join(", ")}; that could not be played
                    without it until it is brought back.
                  </span>
                  <button type="button" className="btn btn-sm shrink-0" onClick={() => void putAway(row)}>
                    Put it away all the same
                  </button>
                  <button type="button" className="btn btn-sm" onClick={() => setAsked(null)}>
                    Keep it
                  </button>
                </div>
              )}
            </div>
            <div className="flex flex-wrap gap-1">
              {props.links?.(row).map((l, i) => (
                <Link key={l.to} className={`btn btn-sm ${i === 0 ? "btn-primary" : ""}`} to={l.to}>
                  {l.name}
                </Link>
              ))}
              {props.actions.map((a) => (
                <button
                  key={a.name}
                  type="button"
                  className="btn btn-sm"
                  onClick={() => void doing(() => callAny(`${kind}/${row.id}/${a.path}`, "POST"))}
                >
                  {a.name}
                </button>
              ))}
              <a className="btn btn-sm" href={props.fileOf?.(row) ?? `/api/${kind}/${row.id}/file`} download>
                Save file
              </a>
              <button
                type="button"
                className="btn btn-sm"
                onClick={() => (row.used_in?.length ? setAsked(row) : void putAway(row))}
              >
                Put away
              </button>
            </div>
          </li>
        ))}
      </ul>
      {beginnings.data?.beside && kind !== "recordings" && (
        <p className="mt-4 text-sm">
          The demo (Saltmarsh Hall) stands beside what is yours.{" "}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => void doing(() => call("demo", "DELETE"))}
          >
            Put the demo away
          </button>
        </p>
      )}
      {!!gone.data?.length && (
        <details className="mt-6">
          <summary className="cursor-pointer">Put away ({gone.data.length})</summary>
          <ul className="mt-2 grid gap-1">
            {gone.data.map((row) => (
              <li key={row.id} className="flex items-center gap-3">
                <span className="flex-1">{row.title || "Untitled"}</span>
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() => void doing(() => callAny(`${kind}/${row.id}/bring-back`, "POST"))}
                >
                  Bring back
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
