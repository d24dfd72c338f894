import { Download, Play, Search } from "lucide-react";
import type { Form, Sheet } from "../shared/api";
import { GrowingText } from "../shared/GrowingText";
import { KeysDialog } from "../shared/KeysDialog";
import { FORM_KEYS } from "../shared/keys";
import { NumberField } from "../shared/NumberField";
import { SaveState } from "../shared/SaveState";
import type { Editing } from "../shared/useDocument";
import { focusRow } from "./focus";
import { formLine } from "./RowDetails";
import { ToFillLine } from "./ToFill";

/** The head of the form sheet: its title and totals, its tempo, and what is done with the whole form. */
export function FormHead({
  id,
  doc,
  onFind,
  onPlay,
}: {
  id: string;
  doc: Editing<Form, Sheet>;
  onFind: () => void;
  onPlay: () => void;
}) {
  const { edit, body: form } = doc;
  const { derived } = doc.view;
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-1">
      <div className="min-w-64 flex-1">
        <h1 className="sr-only">{form.title || "Untitled form"}</h1>
        <GrowingText
          className="font-name !px-1 !py-0 text-3xl font-semibold"
          label="Title of the form"
          value={form.title}
          placeholder="Title of the form"
          onType={(text) => edit((f) => ({ ...f, title: text.slice(0, 200) }), "typing")}
          onKeyDown={(e) => {
            const posture = form.sections[0]?.postures[0];
            if (e.key !== "Enter" || !posture) return;
            e.preventDefault();
            focusRow({ level: "posture", id: posture.id });
          }}
        />
        <p className="px-1" data-totals>
          {formLine(form, derived.totals)}
          <ToFillLine />
        </p>
      </div>
      <label className="flex items-center gap-1">
        <NumberField
          label="Tempo in counts a minute"
          className="!w-16"
          value={form.tempo}
          of="Form.tempo"
          onNumber={(tempo) => edit((f) => ({ ...f, tempo }))}
        />
        counts a minute
      </label>
      <div className="flex flex-wrap items-center gap-1">
        <SaveState doc={doc} />
        <KeysDialog keys={FORM_KEYS} title="form sheet" />
        <button type="button" className="btn btn-sm" title="Find (Ctrl F)" onClick={onFind}>
          <Search size={16} /> Find
        </button>
        <a className="btn btn-sm" href={`/api/forms/${id}/file`} download>
          <Download size={16} /> Save file
        </a>
        <button type="button" className="btn btn-primary btn-sm" onClick={onPlay}>
          <Play size={16} /> New session
        </button>
      </div>
    </div>
  );
}
