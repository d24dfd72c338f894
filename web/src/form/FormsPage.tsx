import { Link } from "react-router";
import type { FormRow, FormView, SessionView } from "../shared/api";
import { DocumentList } from "../shared/DocumentList";
import { clock, plural, when } from "../shared/format";
import { SwayLine } from "../shared/Ribbon";

/** All forms: open, new, duplicate, remove and bring back, open a file. */
export function FormsPage() {
  return (
    <DocumentList<FormRow, FormView | SessionView>
      kind="forms"
      title="Forms"
      one="form"
      nothing="No form yet. Begin a new one and type it row by row, or open a file."
      actions={[
        { name: "Duplicate", path: "duplicate" },
        { name: "Duplicate, other side", path: "duplicate?other_side=true" },
      ]}
      line={(f) =>
        `${plural(f.postures, "posture")} · ${plural(f.totals.counts, "count")} · ${clock(f.totals.ms)} at ${f.tempo} counts a minute`
      }
      more={
        <Link className="btn" to="/forms/text">
          Bring in a text or file
        </Link>
      }
      picture={(f) => <SwayLine sway={f.sway} />}
      aside={(f) => `${f.school ? `${f.school} · ` : ""}saved ${when(f.saved)}`}
    />
  );
}
