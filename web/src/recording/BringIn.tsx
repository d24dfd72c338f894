import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Film, FolderOpen } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { call } from "../shared/api";
import { FileButton } from "../shared/FileButton";
import { taken } from "../shared/handed";
import { JobProgress } from "../shared/JobProgress";
import { useBringIn } from "./useBringIn";

const KINDS = ".mp4,.mov,.m4v,.webm,.mkv,.wav,.flac,.mp3,.ogg,.opus,.m4a,video/*,audio/*";

/** A film or a sound of a whole form brought in: of which session it is a take, and how far it is. */
export function BringIn() {
  const sessions = useQuery({
    queryKey: ["sessions", "list"],
    queryFn: () => call("sessions"),
    staleTime: 0,
  });
  const [chosen, setChosen] = useState("");
  const chooser = useRef<HTMLInputElement>(null);
  const cache = useQueryClient();
  const navigate = useNavigate();
  const coming = useBringIn();
  const session = chosen || sessions.data?.[0]?.id || "";
  const { state } = useLocation();
  /** A file that was dropped elsewhere: it waits for its session. */
  const [waiting, setWaiting] = useState<File | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each file that is handed over
  useEffect(() => {
    const file = taken();
    if (file?.name.toLowerCase().endsWith(".zip")) void take(file);
    else if (file) setWaiting(file);
  }, [state]);
  const busy = coming.sent !== null || coming.work.working;

  const take = async (file: File) => {
    const packed = file.name.toLowerCase().endsWith(".zip");
    const id = await coming.bring(file, (number) =>
      packed
        ? call("recordings/packed", "POST", { coming: number })
        : call("recordings", "POST", { coming: number, session_id: session }),
    );
    await cache.invalidateQueries({ queryKey: ["recordings"] });
    if (id) navigate(`/recordings/${id}`);
  };

  return (
    <section
      className="rounded-box border-base-300 mx-auto mb-4 max-w-5xl border border-dashed bg-base-100 p-4"
      aria-label="Bring in a recording"
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        const file = e.dataTransfer.files[0];
        if (file && !busy && (session || file.name.endsWith(".zip"))) void take(file);
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <label className="flex min-w-64 flex-1 items-center gap-2">
          A take of
          <select
            className="select flex-1"
            aria-label="The session it is a take of"
            value={session}
            onChange={(e) => setChosen(e.target.value)}
          >
            {sessions.data?.map((s) => (
              <option key={s.id} value={s.id}>
                {s.title || "Untitled session"}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn btn-primary"
          disabled={!session || busy}
          onClick={() => {
            if (!waiting) chooser.current?.click();
            else void take(waiting).then(() => setWaiting(null));
          }}
        >
          <Film size={17} /> {waiting ? `Bring in “${waiting.name}”` : "Bring in a recording"}
        </button>
        <FileButton label="Packed recording" accept=".zip" disabled={busy} onFile={(file) => void take(file)}>
          <FolderOpen size={17} /> Open a packed one
        </FileButton>
        <input
          ref={chooser}
          type="file"
          accept={KINDS}
          className="hidden"
          aria-label="File of the recording"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) void take(file);
          }}
        />
      </div>
      {coming.sent !== null && (
        <div className="mt-3 flex items-center gap-2">
          <progress
            className="progress progress-primary flex-1"
            value={coming.sent}
            max={1}
            aria-label="Sent so far"
          />
          <span className="quiet text-sm">{Math.round(coming.sent * 100)} %</span>
          <button type="button" className="btn btn-sm btn-ghost" onClick={coming.stop}>
            Stop
          </button>
        </div>
      )}
      <JobProgress work={coming.work} name="Looking through the recording" />
      {coming.told && (
        <p role="alert" className="mt-2 text-sm">
          {coming.told}
        </p>
      )}
      <p className="quiet mt-2 text-sm">
        {sessions.data?.length === 0
          ? "First make the session that is done in it: its order is what the recording is marked against."
          : waiting
            ? `Choose the session that is done in “${waiting.name}”, then bring it in.`
            : "A film (MP4, MOV, WebM, MKV) or a sound, of any length. It stays on this machine. People who can be seen in it should have agreed."}
      </p>
    </section>
  );
}
