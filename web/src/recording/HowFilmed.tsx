import { useQuery } from "@tanstack/react-query";
import { call, type Recording, type RecordingSheet } from "../shared/api";
import type { Editing } from "../shared/useDocument";

interface HowFilmedProps {
  recording: Recording;
  sheet: RecordingSheet;
  edit: Editing<Recording, RecordingSheet>["edit"];
  onOther: () => void;
}

/** Every way a pass can be filmed, in words. */
export function useWaysFilmed(): Record<string, string> | undefined {
  return useQuery({
    queryKey: ["ways-filmed"],
    queryFn: () => call("recordings/ways-filmed"),
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
}

/** Asked once, of a film: who faces the camera. The likely answer is the session's. */
export function HowFilmed({ recording, sheet, edit, onOther }: HowFilmedProps) {
  const ways = useWaysFilmed();
  const [first] = sheet.passes;
  if (!recording.media.picture || recording.filmed.length || !first || !ways) return null;
  const alike = sheet.passes.every((p) => p.does === first.does);
  return (
    <div role="status" className="alert mb-2 flex flex-wrap items-center gap-x-3 gap-y-1" data-asked>
      <span className="min-w-64 flex-1">
        How were you filmed?{" "}
        {alike
          ? `${ways[first.does]}, not turned over.`
          : "As each pass of the session has it, not turned over."}{" "}
        The viewer is told left and right by it.
      </span>
      <button
        type="button"
        className="btn btn-sm"
        onClick={() =>
          edit((r) => ({ ...r, filmed: sheet.passes.map((p) => ({ pass_id: p.id, does: p.does })) }))
        }
      >
        It is so
      </button>
      <button type="button" className="btn btn-sm" onClick={onOther}>
        Otherwise
      </button>
    </div>
  );
}
