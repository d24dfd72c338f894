import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Download, FolderOpen, Save } from "lucide-react";
import { useRef, useState } from "react";
import { call, type Job, sentence, upload } from "../shared/api";
import { Check } from "../shared/Check";
import { size, when } from "../shared/format";
import { JobProgress } from "../shared/JobProgress";
import { Waiting } from "../shared/Shell";
import { useJob } from "../shared/useJob";

/** Where everything is kept, one file of all of it, and back from a copy. */
export function DataPage() {
  const cache = useQueryClient();
  const data = useQuery({ queryKey: ["data"], queryFn: () => call("data"), staleTime: 0 });
  const [large, setLarge] = useState(true);
  const [asked, setAsked] = useState<{ says: string; begin: () => Promise<Job> } | null>(null);
  const chooser = useRef<HTMLInputElement>(null);
  const saving = useJob();
  const restoring = useJob();
  const restore = async (begin: () => Promise<Job>) => {
    setAsked(null);
    const job = await restoring.run(begin);
    if (job) await cache.resetQueries();
  };
  if (!data.data) return <Waiting error={data.error && sentence(data.error)} />;
  const d = data.data;
  return (
    <div className="mx-auto grid max-w-4xl gap-5">
      <h1 className="text-3xl">Your data</h1>
      {d.trouble && (
        <div role="alert" className="alert alert-error" data-trouble>
          {d.trouble.what} {d.trouble.mend}
        </div>
      )}
      {d.unreadable.length > 0 && (
        <div role="alert" className="alert alert-warning">
          This cannot be read, and everything else can: {d.unreadable.join(", ")}. It is not lost: go back to
          an earlier version on its list, or to a copy below.
        </div>
      )}
      <p className="break-words">
        Everything is on this computer, in <code>{d.folder}</code>: forms, sessions, postures and patterns{" "}
        {size(d.database_bytes)}, takes and sounds {size(d.sound_bytes)}, recordings {size(d.media_bytes)}.{" "}
        {size(d.free_bytes)} of the disk are free.
      </p>

      <section className="rounded-box border-base-300 grid gap-3 border bg-base-100 p-4">
        <h2 className="text-xl">One file of everything</h2>
        <p>
          Keep it on another disk or a stick. Kemvo restores it once to see that it is whole, before it says
          that it is made.
        </p>
        <Check name="with the sounds I brought in" on={large} onChange={setLarge} />
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary"
            disabled={saving.working}
            onClick={() => void saving.run(() => call(`data/backup?large=${large}`, "POST"))}
          >
            <Save size={17} /> Make the file
          </button>
          {saving.job?.state === "done" && (
            <a className="btn" href={`/api/jobs/${saving.job.id}/result`} download={saving.job.filename}>
              <Download size={17} /> Save {saving.job.filename}
            </a>
          )}
        </div>
        <JobProgress work={saving} name="Making one file of everything" />
        {saving.job?.state === "done" && <p role="status">{saving.job.note}</p>}
      </section>

      <section className="rounded-box border-base-300 grid gap-3 border bg-base-100 p-4">
        <h2 className="text-xl">Back from a copy</h2>
        <p>
          What is here now is copied first and stands in the list below, so this can be taken back as well.
        </p>
        {asked ? (
          <div role="alert" className="alert alert-warning block">
            <p>{asked.says}</p>
            <div className="mt-2 flex flex-wrap gap-2">
              <button type="button" className="btn btn-sm" onClick={() => void restore(asked.begin)}>
                Replace what is here
              </button>
              <button type="button" className="btn btn-sm" onClick={() => setAsked(null)}>
                Leave it
              </button>
            </div>
          </div>
        ) : (
          <button
            type="button"
            className="btn justify-self-start"
            disabled={restoring.working}
            onClick={() => chooser.current?.click()}
          >
            <FolderOpen size={17} /> Restore from a file
          </button>
        )}
        <input
          ref={chooser}
          type="file"
          accept=".zip,application/zip"
          className="hidden"
          aria-label="File of everything"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file)
              setAsked({
                says: `All forms, sessions, postures and patterns become as they are in ${file.name}.`,
                begin: () => upload("data/restore", file),
              });
          }}
        />
        <JobProgress work={restoring} name="Restoring" />
        {restoring.job?.state === "done" && <p role="status">{restoring.job.note}</p>}
        <h3 className="text-lg">Copies Kemvo made by itself</h3>
        <p className="quiet text-sm">
          One every day, the last seven; one before a newer Kemvo changes the file; one before restoring. They
          hold all but the sound files, which are never deleted.
        </p>
        {d.copies.length === 0 ? (
          <p>None yet: the first is made a moment after Kemvo was started.</p>
        ) : (
          <ul className="grid gap-1">
            {d.copies.map((c) => (
              <li key={c.name} className="flex flex-wrap items-center gap-3">
                <span className="min-w-48 flex-1">
                  {when(c.made)}{" "}
                  <span className="quiet">
                    · {c.kind} · {size(c.bytes)}
                  </span>
                </span>
                <button
                  type="button"
                  className="btn btn-sm"
                  disabled={restoring.working}
                  onClick={() =>
                    setAsked({
                      says: `All forms, sessions, postures and patterns become as they were on ${when(c.made)}.`,
                      begin: () => call(`data/copies/${encodeURIComponent(c.name)}/restore`, "POST"),
                    })
                  }
                >
                  Go back to this
                </button>
              </li>
            ))}
          </ul>
        )}
      </section>
    </div>
  );
}
