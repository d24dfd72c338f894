import { useQuery } from "@tanstack/react-query";
import { Download, Printer } from "lucide-react";
import { type ReactNode, useCallback, useState } from "react";
import { useParams } from "react-router";
import { TakeBack } from "../desk/TakeBack";
import {
  type CueFileView,
  call,
  filed,
  type Plan,
  type Session,
  type SessionView,
  sentence,
} from "../shared/api";
import { Level } from "../shared/Level";
import { SaveState, SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { useDocument } from "../shared/useDocument";
import { useTitle } from "../shared/useTitle";
import { WorkHead } from "../shared/WorkHead";
import { SoundFile } from "./SoundFile";
import { TakeAway } from "./TakeAway";

/** Which of the files of what is said serves what; the rest are for other programs. */
const READ_ALONG = new Set(["captions", "subrip", "chapters", "metadata"]);
const READERS = ["instructor", "class"] as const;

/** Everything that a session can be saved as, by what it is for. */
export default function FilesPage() {
  const { id = "" } = useParams();
  const { data, error } = useQuery({
    queryKey: ["sessions", id],
    queryFn: () => call(`sessions/${id}`),
    gcTime: 0,
  });
  return data ? <Files key={id} first={data} /> : <Waiting error={error && sentence(error)} />;
}

function Files({ first }: { first: SessionView }) {
  const doc = useDocument<Session, Plan>("sessions", first);
  const { body: session, edit, ask } = doc;
  const { version, derived } = doc.view;
  const id = first.id;
  useTitle(`Files: ${session.title || "untitled"}`);
  const [round, setRound] = useState(0);
  const onMade = useCallback(() => setRound((n) => n + 1), []);
  const kinds = useQuery({
    queryKey: ["cue-files"],
    queryFn: () => call(`sessions/${id}/cue-files`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const at = `/api/sessions/${id}`;
  const setSound = (part: Partial<Session["sound"]>) =>
    edit((s) => ({ ...s, sound: { ...s.sound, ...part } }));
  const empty = derived.totals.ms === 0;
  return (
    <div data-files>
      <div className="mb-1 flex flex-wrap items-end gap-x-4">
        <h1 className="min-w-0 flex-1 truncate text-3xl">{session.title || "Untitled session"}</h1>
        <SaveState doc={doc} />
      </div>
      <WorkHead kind="sessions" id={id} at="files" stamp={`${version}/${round}`} />
      <SaveTrouble doc={doc} />
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-2">
        <Purpose
          name="To listen"
          says="The whole practice as one sound file, with its voice, tones and chime."
        >
          {empty && <p>There is nothing to hear yet: add passes with movements first.</p>}
          <SoundFile id={id} version={version} ready={doc.saving === "saved" && !empty} onMade={onMade} />
          <details>
            <summary className="cursor-pointer text-sm">More: loudness of the file</summary>
            <div className="mt-2 flex flex-wrap items-center gap-3 text-sm">
              <Level
                name="loudness, LUFS"
                value={session.sound.lufs}
                of="SoundChoice.lufs"
                onNumber={(lufs) => setSound({ lufs })}
              />
              <Level
                name="peak, dBTP"
                value={session.sound.peak_dbtp}
                of="SoundChoice.peak_dbtp"
                onNumber={(n) => setSound({ peak_dbtp: n })}
              />
            </div>
          </details>
        </Purpose>
        <Purpose
          name="To practise at home"
          says="One page with everything in it: sound, words, the scroll. It plays in any browser, without a network."
        >
          <TakeAway id={id} version={version} ready={doc.saving === "saved" && !empty} onMade={onMade} />
        </Purpose>
        <Purpose name="On paper" says="For the music stand, and for the class to take home.">
          <Links
            links={[
              ...READERS.map((reader) => ({
                name: `Page to print (${reader})`,
                to: `${at}/paper.html?reader=${reader}`,
                print: true,
              })),
              ...READERS.map((reader) => ({
                name: `Plan for the ${reader} (PDF)`,
                to: `${at}/paper.pdf?reader=${reader}`,
              })),
              ...READERS.map((reader) => ({
                name: `Cue sheet for the ${reader} (PDF)`,
                to: `${at}/cue-sheet.pdf?reader=${reader}`,
              })),
            ]}
          />
        </Purpose>
        <Purpose name="To read along" says="The words with their times, for a player that shows captions.">
          <Links links={of(kinds.data, at, (k) => READ_ALONG.has(k.id))} />
        </Purpose>
        <Purpose name="For another Kemvo" says="Opens there as it is here, with its forms.">
          <Links
            links={[
              { name: "Session file", to: `${at}/file` },
              { name: "Session with its takes and sounds (ZIP)", to: `${at}/packed.zip` },
            ]}
          />
        </Purpose>
        <Purpose name="For other programs" says="Tables, texts and tempo, in open formats.">
          <Links
            links={[
              ...of(kinds.data, at, (k) => !READ_ALONG.has(k.id)),
              ...READERS.flatMap((reader) =>
                (["md", "csv"] as const).map((ending) => ({
                  name: `Plan for the ${reader} (${ending.toUpperCase()})`,
                  to: `${at}/paper.${ending}?reader=${reader}`,
                })),
              ),
              { name: "Tempo, markers, words (MIDI)", to: `${at}/practice.mid` },
              { name: "Scheduling problem (JSON)", to: `${at}/schedule.json` },
            ]}
          />
        </Purpose>
        <section className="rounded-box border border-base-300 bg-base-100 p-4">
          <TakeBack
            kind="sessions"
            id={id}
            onTake={(file, only) => void ask("cue-file", filed(file, { only }))}
          />
        </section>
      </div>
    </div>
  );
}

const of = (kinds: CueFileView[] | undefined, at: string, which: (kind: CueFileView) => boolean) =>
  (kinds ?? []).filter(which).map((k) => ({ name: k.title, to: `${at}/cue-files/${k.id}` }));

/** What files are for, and those that serve it. */
function Purpose({ name, says, children }: { name: string; says: string; children: ReactNode }) {
  return (
    <section className="rounded-box border border-base-300 grid gap-2 bg-base-100 p-4" aria-label={name}>
      <h2 className="text-xl">{name}</h2>
      <p className="quiet text-sm">{says}</p>
      {children}
    </section>
  );
}

/** Files to save, or pages to print. */
function Links({ links }: { links: { name: string; to: string; print?: boolean }[] }) {
  return (
    <ul className="flex flex-wrap gap-1.5">
      {links.map((l) => (
        <li key={l.to}>
          {l.print ? (
            <a className="btn btn-sm" href={l.to} target="_blank" rel="noreferrer">
              <Printer size={15} /> {l.name}
            </a>
          ) : (
            <a className="btn btn-sm" href={l.to} download>
              <Download size={15} /> {l.name}
            </a>
          )}
        </li>
      ))}
    </ul>
  );
}
