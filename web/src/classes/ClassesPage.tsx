import type { ClassView, KeptRow } from "../shared/api";
import { DocumentList } from "../shared/DocumentList";
import { dayWords } from "./days";
import { HowFarThread } from "./HowFarThread";

/** All classes. */
export function ClassesPage() {
  return (
    <DocumentList<KeptRow, ClassView>
      kind="classes"
      page="classes"
      title="Classes"
      one="class"
      nothing="No class yet. Kemvo then remembers what each class was shown, and proposes what comes next."
      actions={[]}
      fresh={() => ({ zone: Intl.DateTimeFormat().resolvedOptions().timeZone })}
      links={(c) => [
        { name: "What next", to: `/classes/${c.id}` },
        { name: "Logbook", to: `/classes/${c.id}/log` },
      ]}
      line={(c) => c.line}
      picture={(c) => c.how_far && <HowFarThread far={c.how_far} />}
      aside={(c) => (c.day ? `next lesson ${dayWords(c.day)}` : "no weekday yet")}
      fileOf={(c) => `/api/classes/${c.id}/class.json`}
    />
  );
}
