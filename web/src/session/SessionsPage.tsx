import type { SessionRow, SessionView } from "../shared/api";
import { DocumentList } from "../shared/DocumentList";
import { clock, plural, when } from "../shared/format";
import { LayOut } from "./LayOut";

/** All sessions: open, new, duplicate, remove and bring back, open a file. */
export function SessionsPage() {
  return (
    <>
      <LayOut />
      <DocumentList<SessionRow, SessionView>
        kind="sessions"
        title="Sessions"
        one="session"
        nothing="No session yet. Begin a new one, or press “New session” on a form."
        actions={[{ name: "Duplicate", path: "duplicate" }]}
        links={(s) => [{ name: "To the stage", to: `/stage/${s.id}` }]}
        line={(s) =>
          `${plural(s.passes, "pass", "passes")} · ${clock(s.ms)}${s.wished_ms ? ` of ${clock(s.wished_ms)} to fill` : ""}`
        }
        aside={(s) => `saved ${when(s.saved)}`}
      />
    </>
  );
}
