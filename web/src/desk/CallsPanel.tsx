import type { Desk, Session } from "../shared/api";
import { Check } from "../shared/Check";
import { clock } from "../shared/format";
import { NumberField } from "../shared/NumberField";

interface CallsPanelProps {
  session: Session;
  desk: Desk;
  edit: (change: (session: Session) => Session, how?: "typing") => void;
}

const CALLS = [
  { key: "sections", name: "sections" },
  { key: "place", name: "where the form stands in a longer one" },
  { key: "cautions", name: "cautions" },
  { key: "gentler", name: "gentler versions" },
  { key: "breath_words", name: "breath in words" },
  { key: "count", name: "counts aloud" },
  { key: "vary", name: "vary the lead-in when a sentence repeats" },
] as const;

const MINUTES = [10, 5, 2, 1];

/** What is called besides the movements, and how much of every pass may be talk. */
export function CallsPanel({ session, desk, edit }: CallsPanelProps) {
  const { calls } = session;
  const set = (part: Partial<Session["calls"]>, how?: "typing") =>
    edit((s) => ({ ...s, calls: { ...s.calls, ...part } }), how);
  return (
    <div className="grid gap-3" data-calls>
      <div className="grid gap-1.5 text-sm">
        {CALLS.map((c) => (
          <Check key={c.key} name={c.name} on={calls[c.key]} onChange={(on) => set({ [c.key]: on })} />
        ))}
        <Check
          name="the time left (ten, five, two, one minutes)"
          on={calls.minutes_left.length > 0}
          onChange={(on) => set({ minutes_left: on ? MINUTES : [] })}
        />
      </div>
      <label className="grid gap-1 text-sm">
        <span className="quiet">Reminders, one a line: one for each pass</span>
        <textarea
          className="textarea min-h-24 w-full"
          aria-label="Reminders, one a line"
          value={calls.reminders.join("\n")}
          onChange={(e) =>
            set(
              {
                reminders: e.target.value
                  .split("\n")
                  .slice(0, 60)
                  .map((x) => x.slice(0, 2000)),
              },
              "typing",
            )
          }
        />
      </label>
      <table className="w-full text-sm" data-talk>
        <caption className="quiet pb-1 text-left">Talk in every pass</caption>
        <thead>
          <tr className="quiet text-right">
            <th className="text-left font-normal">pass</th>
            <th className="font-normal">talk</th>
            <th className="font-normal">words/min</th>
            <th className="font-normal">at most</th>
          </tr>
        </thead>
        <tbody>
          {desk.passes.map((p) => (
            <tr key={p.id} className="text-right">
              <th
                scope="row"
                className="max-w-32 truncate text-left font-normal"
                title={`${p.title} · ${clock(p.end_ms - p.start_ms)}`}
              >
                {p.title}
              </th>
              <td className={p.kept ? "" : "text-error"}>{p.share_pct} %</td>
              <td>{p.words_a_minute}</td>
              <td>
                <NumberField
                  label={`Maximum talk in ${p.title}, percent; empty: as much as fits`}
                  className="!w-14"
                  placeholder="all"
                  value={session.passes.find((x) => x.id === p.id)?.talk_pct ?? null}
                  of="Pass.talk_pct"
                  whole
                  onNumber={(talk_pct) =>
                    edit((s) => ({
                      ...s,
                      passes: s.passes.map((x) => (x.id === p.id ? { ...x, talk_pct } : x)),
                    }))
                  }
                  onEmpty={() =>
                    edit((s) => ({
                      ...s,
                      passes: s.passes.map((x) => (x.id === p.id ? { ...x, talk_pct: null } : x)),
                    }))
                  }
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
