import { useQuery } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { call } from "../shared/api";
import { TakeBack } from "./TakeBack";

interface FilesPanelProps {
  kind: "sessions" | "recordings";
  id: string;
  onTake: (file: File, only: boolean) => void;
}

/** What is said in a recording, as files to take away; and a file that was changed elsewhere, taken back. */
export function FilesPanel({ kind, id, onTake }: FilesPanelProps) {
  const kinds = useQuery({
    queryKey: ["cue-files"],
    queryFn: () => call(`${kind}/${id}/cue-files`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <div className="grid gap-4" data-files>
      <section className="grid gap-2">
        <h2 className="text-lg">Save</h2>
        <div className="flex flex-wrap gap-1.5">
          {kinds.data?.map((k) => (
            <a key={k.id} className="btn btn-xs" href={`/api/${kind}/${id}/cue-files/${k.id}`} download>
              <Download size={13} /> {k.title}
            </a>
          ))}
          {(["instructor", "class"] as const).map((reader) => (
            <a
              key={reader}
              className="btn btn-xs"
              href={`/api/${kind}/${id}/cue-sheet.pdf?reader=${reader}`}
              download
            >
              <Download size={13} /> Cue sheet for the {reader} (PDF)
            </a>
          ))}
          <a className="btn btn-xs" href={`/api/${kind}/${id}/schedule.json`} download>
            <Download size={13} /> Scheduling problem (JSON)
          </a>
          <a className="btn btn-xs" href={`/api/${kind}/${id}/packed.zip`} download>
            <Download size={13} /> Session and marks (ZIP)
          </a>
        </div>
      </section>
      <TakeBack kind={kind} id={id} onTake={onTake} />
    </div>
  );
}
