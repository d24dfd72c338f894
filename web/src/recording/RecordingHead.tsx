import { Link } from "react-router";
import type { Recording, RecordingSheet } from "../shared/api";
import { GrowingText } from "../shared/GrowingText";
import { KeysDialog } from "../shared/KeysDialog";
import { RECORDING_KEYS } from "../shared/keys";
import { SaveState } from "../shared/SaveState";
import type { Editing } from "../shared/useDocument";

/** The title of a recording, the session it is a take of, and how much of it is marked. */
export function RecordingHead({
  doc,
  postures,
}: {
  doc: Editing<Recording, RecordingSheet>;
  postures: number;
}) {
  return (
    <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      <div className="min-w-56 flex-1">
        <h1 className="sr-only">{doc.body.title || "Untitled recording"}</h1>
        <GrowingText
          className="font-name !px-1 !py-0 text-2xl font-semibold"
          label="Title of the recording"
          value={doc.body.title}
          placeholder="Title of the recording"
          onType={(text) => doc.edit((r) => ({ ...r, title: text.slice(0, 200) }), "typing")}
        />
        <p className="quiet px-1 text-sm">
          A take of{" "}
          {doc.view.derived.session_here ? (
            <Link className="link" to={`/sessions/${doc.body.session_id}`}>
              {doc.view.derived.session_title || "Untitled session"}
            </Link>
          ) : (
            doc.view.derived.session_title
          )}{" "}
          · {doc.view.derived.marked} of {postures} postures marked
        </p>
      </div>
      <div className="flex items-center gap-1">
        <SaveState doc={doc} />
        <KeysDialog keys={RECORDING_KEYS} title="recording desk" />
      </div>
    </div>
  );
}
