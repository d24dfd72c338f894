import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Download, FolderOpen } from "lucide-react";
import { useDeferredValue, useRef, useState } from "react";
import { call, sentence, upload } from "../shared/api";
import { plural } from "../shared/format";
import { Waiting } from "../shared/Shell";

/** The catalogue: traditional postures, and the instructor's own, which go before them. */
export function CataloguePage() {
  const cache = useQueryClient();
  const chooser = useRef<HTMLInputElement>(null);
  const [letters, setLetters] = useState("");
  const [told, setTold] = useState("");
  const asked = useDeferredValue(letters);
  const { data, error } = useQuery({
    queryKey: ["catalogue", "page", asked],
    queryFn: () => call(`catalogue?most=${asked ? 40 : 2000}&letters=${encodeURIComponent(asked)}`),
    placeholderData: (before) => before,
  });
  const doing = async (work: () => Promise<unknown>) => {
    try {
      await work();
      setTold("");
    } catch (e) {
      setTold(sentence(e));
    }
    await cache.invalidateQueries({ queryKey: ["catalogue"] });
  };
  if (!data) return <Waiting error={error && sentence(error)} />;
  return (
    <div className="mx-auto max-w-5xl">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <h1 className="flex-1 text-3xl">Postures</h1>
        <button type="button" className="btn" onClick={() => chooser.current?.click()}>
          <FolderOpen size={17} /> Open file
        </button>
        <input
          ref={chooser}
          type="file"
          accept=".json,.toml"
          className="hidden"
          aria-label="File with postures"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) void doing(() => upload("catalogue/file", file));
          }}
        />
        <a className="btn" href="/api/catalogue/file" download>
          <Download size={17} /> Save my own
        </a>
      </div>
      <p className="mb-3">
        Put one into a form by typing a few letters of its name. “Keep as my posture” on the form sheet keeps
        your own way of doing it; it then goes before the one here.
      </p>
      {told && (
        <div role="alert" className="alert alert-error mb-3 whitespace-pre-line">
          {told}
        </div>
      )}
      <input
        className="input mb-3 w-full max-w-md"
        aria-label="Letters of a name"
        placeholder="A few letters: br kn, yun, heron"
        value={letters}
        onChange={(e) => setLetters(e.target.value)}
      />
      {data.length === 0 && <p>No matching posture.</p>}
      <ul className="grid gap-1.5">
        {data.map((s) => (
          <li
            key={s.id}
            className="rounded-box border-base-300 border bg-base-100 px-4 py-2"
            data-entry={s.id}
          >
            <details>
              <summary className="flex cursor-pointer flex-wrap items-baseline gap-x-3">
                <span className="font-name text-lg font-semibold">{s.name}</span>
                <span className="quiet">{s.pinyin[0]}</span>
                <span className="quiet flex-1 text-sm">
                  {[s.styles.join(", "), s.posture.side ? "both sides" : "", plural(s.counts, "count")]
                    .filter(Boolean)
                    .join(" · ")}
                </span>
                {s.own && (
                  <span className="badge badge-outline border-base-300">
                    {s.over ? "mine (replaces catalogue)" : "mine"}
                  </span>
                )}
              </summary>
              {!!s.posture.aliases.length && <p className="quiet text-sm">{s.posture.aliases.join(" · ")}</p>}
              <ol className="my-1 list-decimal pl-6">
                {s.posture.movements.map((m, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: movements of the catalogue have no names
                  <li key={i}>
                    {m.line}
                    <span className="quiet text-sm">{m.foot && ` · ${m.foot}`}</span>
                  </li>
                ))}
              </ol>
              {s.posture.cautions.map((c) => (
                <p key={c} className="text-sm">
                  {c}
                </p>
              ))}
              {s.posture.gentler && (
                <p className="text-sm">
                  <b>Gentler:</b> {s.posture.gentler}
                </p>
              )}
              {s.own && (
                <button
                  type="button"
                  className="btn btn-sm my-1"
                  onClick={() => void doing(() => call(`catalogue/${s.id}`, "DELETE"))}
                >
                  {s.over ? "Restore the catalogue version" : "Put away"}
                </button>
              )}
            </details>
          </li>
        ))}
      </ul>
    </div>
  );
}
