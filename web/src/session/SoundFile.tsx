import { useQuery } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { useEffect } from "react";
import { call } from "../shared/api";
import { JobProgress } from "../shared/JobProgress";
import { useJob } from "../shared/useJob";

const ENDINGS = ["wav", "flac", "mp3", "ogg"] as const;
const UNDER_WAY = new Set(["waiting", "running"]);

interface SoundFileProps {
  id: string;
  version: number;
  ready: boolean;
  onMade: () => void;
}

/** Makes the sound file, shows how far it is, and gives it to be saved: also what was begun before the page was opened. */
export function SoundFile({ id, version, ready, onMade }: SoundFileProps) {
  const work = useJob();
  const known = useQuery({
    queryKey: ["jobs", id],
    queryFn: () => call(`jobs?about=${id}`),
    staleTime: 0,
    gcTime: 0,
  });
  const { job, working, run } = work;
  const before = known.data?.find(
    (j) => !j.filename.endsWith(".html") && (UNDER_WAY.has(j.state) || j.state === "done"),
  );
  // What is under way is followed on; what is made already can be saved again.
  useEffect(() => {
    if (before && !job && UNDER_WAY.has(before.state)) void run(async () => before).then(onMade);
  }, [before, job, run, onMade]);
  const made = job?.state === "done" ? job : !job && before?.state === "done" ? before : null;
  return (
    <div className="grid gap-2" data-sound-file>
      <div className="flex flex-wrap items-center gap-2">
        {ENDINGS.map((ending, i) => (
          <button
            key={ending}
            type="button"
            className={`btn btn-sm ${i === 0 && !made ? "btn-primary" : ""}`}
            disabled={working || !ready}
            onClick={() =>
              void run(() => call(`sessions/${id}/render?ending=${ending}`, "POST")).then(onMade)
            }
          >
            Make {ending.toUpperCase()}
          </button>
        ))}
        {made && (
          <a className="btn btn-sm btn-primary" href={`/api/jobs/${made.id}/result`} download={made.filename}>
            <Download size={15} /> Save {made.filename}
          </a>
        )}
      </div>
      <JobProgress work={work} name="Making the sound file" />
      {made && made.version !== version && (
        <p className="text-sm">The session has been changed since it was made.</p>
      )}
      {made?.note && (
        <p className="text-sm" data-loudness>
          {made.note}
        </p>
      )}
    </div>
  );
}
