import type { RecordingRow, RecordingView } from "../shared/api";
import { DocumentList } from "../shared/DocumentList";
import { clock, size, when } from "../shared/format";
import { BringIn } from "./BringIn";

/** All recordings: how long, of which session, how much is marked, how much room they take. */
export function RecordingsPage() {
  return (
    <>
      <BringIn />
      <DocumentList<RecordingRow, RecordingView>
        kind="recordings"
        title="Recordings"
        one="recording"
        nothing="No recording yet. Choose the session that is done in it, then bring the film or the sound in above."
        begin={<span />}
        actions={[]}
        links={(r) => [
          { name: "Watch", to: `/recordings/${r.id}/watch` },
          { name: "Its cues", to: `/recordings/${r.id}/cues` },
        ]}
        fileOf={(r) => `/api/recordings/${r.id}/packed.zip`}
        line={(r) =>
          `${r.session} · ${clock(r.ms)}${r.picture ? "" : " of sound"} · ${r.marked} of ${r.postures} postures marked`
        }
        aside={(r) =>
          `saved ${when(r.saved)} · ${r.here ? size(r.bytes) : "its file is not here; marks and words are"}`
        }
      />
    </>
  );
}
