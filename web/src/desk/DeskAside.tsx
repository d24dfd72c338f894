import { type CueLine, type Decided, type Desk, filed, type Plan, type Session } from "../shared/api";
import { TabList } from "../shared/TabList";
import type { Editing } from "../shared/useDocument";
import { CallsPanel } from "./CallsPanel";
import { CuePanel, type CuePanelProps } from "./CuePanel";
import { ownWordsChanged } from "./cueChoices";
import { FilesPanel } from "./FilesPanel";
import { MendTogether } from "./MendTogether";
import { Problems } from "./Problems";

const LEAVES = [
  { id: "cue", name: "Cue" },
  { id: "problems", name: "Problems" },
  { id: "calls", name: "Calls" },
  { id: "files", name: "Files" },
] as const;
export type DeskLeaf = (typeof LEAVES)[number]["id"];

interface DeskAsideProps extends Omit<CuePanelProps, "cue" | "session" | "onOwnWords"> {
  doc: Editing<Decided, unknown>;
  desk: Desk;
  cue: CueLine | undefined;
  problems: CueLine[];
  leaf: DeskLeaf;
  onLeaf: (leaf: DeskLeaf) => void;
  onChoose: (id: string) => void;
}

/** Beside the cues: the one that is chosen, those that are not said in full, the calls of a session or the files of a recording. */
export function DeskAside({ doc, desk, cue, problems, leaf, onLeaf, onChoose, ...props }: DeskAsideProps) {
  const { kind, id, version } = props;
  const { body: session, edit, ask } = doc;
  const whole = kind === "sessions" ? (session as Session) : null;
  const panel = cue && (
    <CuePanel
      {...{ ...props, cue, session }}
      onOwnWords={(text) => edit((s) => ownWordsChanged(s, cue, text), "typing")}
    />
  );
  return (
    <aside className="rounded-box border border-base-300 bg-base-100" aria-label="Cue and session">
      <TabList
        label="Cue and session"
        tabs={LEAVES.filter((l) => l.id !== (whole ? "files" : "calls")).map((l) => ({
          id: l.id,
          name: l.id === "problems" ? `${l.name} ${problems.length || ""}` : l.name,
        }))}
        chosen={leaf}
        onChoose={onLeaf}
      />
      <div role="tabpanel" className="max-h-[calc(100vh-17.5rem)] min-h-72 overflow-y-auto p-3">
        {leaf === "cue" && panel}
        {leaf === "problems" && (
          <Problems problems={problems} chosenId={cue?.id ?? ""} onChoose={onChoose}>
            <MendTogether
              {...{ kind, id, version }}
              problems={problems.length}
              onTake={(no) => void ask("mendings", { no })}
            />
            {cue?.state !== "full" && panel}
          </Problems>
        )}
        {leaf === "calls" && whole && (
          <CallsPanel session={whole} desk={desk} edit={edit as unknown as Editing<Session, Plan>["edit"]} />
        )}
        {leaf === "files" && (
          <FilesPanel
            kind={kind}
            id={id}
            onTake={(file, only) => void ask("cue-file", filed(file, { only }))}
          />
        )}
      </div>
    </aside>
  );
}
