import { ArrowDown, ArrowUp, Copy } from "lucide-react";
import type { Pass, Plan, Session } from "../shared/api";
import { Check } from "../shared/Check";
import { clock } from "../shared/format";
import { changeAll, copyGroup, moveGroup } from "./passes";

export type Group = Plan["groups"][number];

interface GroupHeadProps {
  group: Group;
  passes: readonly Pass[];
  edit: (change: (session: Session) => Session) => void;
}

/** Above the passes of a group: its name and length; it is moved, copied and left out as one. */
export function GroupHead({ group, passes, edit }: GroupHeadProps) {
  const ids = group.pass_ids;
  const taken = passes.some((p) => ids.includes(p.id) && !p.off);
  return (
    <li className="mt-2 flex items-center gap-2" data-group={group.title}>
      <h2 className="min-w-0 flex-1 truncate text-lg">
        {group.title}{" "}
        <span className="quiet font-sans text-sm">
          {group.clock || clock(group.start_ms)} · {clock(group.ms)}
        </span>
      </h2>
      <Check name="include" on={taken} onChange={(on) => edit((s) => changeAll(s, ids, { off: !on }))} />
      {(
        [
          [ArrowUp, "Move the group up", (s: Session) => moveGroup(s, ids, -1)],
          [ArrowDown, "Move the group down", (s: Session) => moveGroup(s, ids, 1)],
          [Copy, "Copy the group", (s: Session) => copyGroup(s, ids)],
        ] as const
      ).map(([Icon, name, change]) => (
        <button
          key={name}
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={`${name}: ${group.title}`}
          title={name}
          onClick={() => edit(change)}
        >
          <Icon size={16} />
        </button>
      ))}
    </li>
  );
}
