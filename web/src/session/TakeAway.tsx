import { useQuery } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { useState } from "react";
import { call } from "../shared/api";
import { Check } from "../shared/Check";
import { size } from "../shared/format";
import { JobProgress } from "../shared/JobProgress";
import { useJob } from "../shared/useJob";

const TEMPOS = [
  { tempo: 0.85, name: "slower (85 %)" },
  { tempo: 1, name: "as planned" },
  { tempo: 1.15, name: "quicker (115 %)" },
] as const;

interface TakeAwayProps {
  id: string;
  version: number;
  ready: boolean;
  onMade: () => void;
}

/** A page for at home: the practice with its sound, words and scroll as one file, its size told before it is made. */
export function TakeAway({ id, version, ready, onMade }: TakeAwayProps) {
  const work = useJob();
  const [chosen, setChosen] = useState<number[]>([1]);
  const asked = chosen.map((t) => `tempo=${t}`).join("&");
  const told = useQuery({
    queryKey: ["takeaway", id, version, asked],
    queryFn: () => call(`sessions/${id}/takeaway?${asked}`),
    enabled: chosen.length > 0,
    placeholderData: (before) => before,
  });
  const make = () => work.run(() => call(`sessions/${id}/takeaway`, "POST", { tempos: chosen }));
  const made = work.job?.state === "done" ? work.job : null;
  return (
    <div className="grid gap-2" data-take-away>
      <div className="flex flex-wrap gap-4 text-sm">
        {TEMPOS.map((t) => (
          <Check
            key={t.tempo}
            name={t.name}
            on={chosen.includes(t.tempo)}
            onChange={(on) =>
              setChosen((now) => (on ? [...now, t.tempo].sort() : now.filter((x) => x !== t.tempo)))
            }
          />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-sm"
          disabled={!ready || !chosen.length || work.working}
          onClick={() => void make().then(onMade)}
        >
          Make the page
        </button>
        <span className="quiet text-sm" data-bytes={told.data?.bytes}>
          {chosen.length && told.data ? `about ${size(told.data.bytes)}` : "choose a tempo"}
        </span>
        {made && (
          <a className="btn btn-primary btn-sm" href={`/api/jobs/${made.id}/result`} download={made.filename}>
            <Download size={15} /> Save {made.filename}
          </a>
        )}
      </div>
      <JobProgress work={work} name="Making the page" />
      {made?.note && <p className="text-sm">{made.note}</p>}
    </div>
  );
}
