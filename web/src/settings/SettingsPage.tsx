import { useQuery } from "@tanstack/react-query";
import { Play } from "lucide-react";
import { useEffect, useState } from "react";
import { call, type Settings, type SettingsView, sentence } from "../shared/api";
import { Choose } from "../shared/Choose";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";
import { Waiting } from "../shared/Shell";
import { speechAddress } from "../shared/speech";
import { showTheme } from "./theme";
import { useSettings } from "./useSettings";

const THEMES = [
  ["device", "As the device has it"],
  ["light", "Light"],
  ["dark", "Dark"],
] as const;

/** What new forms and sessions begin with, the voice chosen by ear, and how the pages look. */
export function SettingsPage() {
  const { view, error: missing, told, change } = useSettings();
  const tables = useQuery({ queryKey: ["tables"], queryFn: () => call("tables") });
  const choices = useQuery({ queryKey: ["choices"], queryFn: () => call("choices") });
  const theme = view?.settings.theme;
  useEffect(() => {
    if (theme) showTheme(theme);
  }, [theme]);
  const error = missing ?? tables.error ?? choices.error;
  if (!view || !tables.data || !choices.data) return <Waiting error={error && sentence(error)} />;
  const { settings, voices, line } = view;
  const { schools, groups } = tables.data;
  return (
    <div className="mx-auto grid max-w-4xl gap-6" data-settings>
      <div className="flex items-end justify-between gap-4">
        <h1 className="text-3xl">Settings</h1>
        <p role="status" className="quiet text-sm">
          {told}
        </p>
      </div>
      <section className="rounded-box border-base-300 grid grid-cols-[minmax(0,1fr)] gap-3 border bg-base-100 p-4">
        <h2 className="text-xl">Voice</h2>
        <p className="quiet text-sm">
          Listen, then choose. New sessions begin with this voice; sessions you have keep theirs.
        </p>
        <p className="font-name text-lg">“{line}”</p>
        <Voices {...{ voices, line, settings }} onChoose={(speech) => change({ speech })} />
        <Labelled name="Speed, words a minute" className="w-48">
          <NumberField
            label="Speed of speech in words a minute"
            value={settings.speech.wpm}
            of="SpeechChoice.wpm"
            whole
            onNumber={(wpm) => change({ speech: { ...settings.speech, wpm } })}
          />
        </Labelled>
      </section>
      <section className="rounded-box border-base-300 grid grid-cols-[minmax(0,1fr)] gap-3 border bg-base-100 p-4">
        <h2 className="text-xl">New forms and sessions</h2>
        <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
          <Choose
            name="School"
            value={settings.manner.school}
            options={Object.entries(schools).map(([id, row]) => [id, row.title] as const)}
            onChoose={(id) => {
              const row = schools[id];
              if (row) change({ manner: { ...row.manner, stances: settings.manner.stances } });
            }}
          />
          <Labelled name="Tempo, counts a minute">
            <NumberField
              label="Tempo in counts a minute"
              value={settings.tempo}
              of="Form.tempo"
              onNumber={(tempo) => change({ tempo })}
            />
          </Labelled>
          <Choose
            name="Who it is for"
            value={settings.who.group}
            options={groups.map((x) => [x.id, x.title] as const)}
            onChoose={(id) => change({ who: { ...settings.who, group: id as Settings["who"]["group"] } })}
          />
          <Labelled name="Height, cm">
            <NumberField
              label="Height in centimetres"
              value={settings.who.stature_cm}
              of="Who.stature_cm"
              whole
              onNumber={(stature_cm) => change({ who: { ...settings.who, stature_cm } })}
            />
          </Labelled>
          <Choose
            name="Directions are said"
            value={settings.directions.words}
            options={choices.data.dialects.map((d) => [d.id, d.title] as const)}
            onChoose={(words) =>
              change({
                directions: { ...settings.directions, words: words as Settings["directions"]["words"] },
              })
            }
          />
          <RoomChoice room={settings.room ?? null} onChoose={(room) => change({ room })} />
        </div>
      </section>
      <section className="rounded-box border-base-300 grid grid-cols-[minmax(0,1fr)] gap-3 border bg-base-100 p-4">
        <h2 className="text-xl">How the pages look</h2>
        <div className="w-64">
          <Choose
            name="Theme"
            value={settings.theme}
            options={THEMES}
            onChoose={(id) => change({ theme: id as Settings["theme"] })}
          />
        </div>
      </section>
    </div>
  );
}

interface VoicesProps {
  voices: SettingsView["voices"];
  line: string;
  settings: Settings;
  onChoose: (speech: Settings["speech"]) => void;
}

/** The voices, each to be heard with the same line and to be chosen. */
function Voices({ voices, line, settings, onChoose }: VoicesProps) {
  const { speech } = settings;
  const [playing, setPlaying] = useState("");
  const hear = async (v: VoicesProps["voices"][number]) => {
    const engine = v.engine as Settings["speech"]["engine"];
    setPlaying(v.engine + v.id);
    const sound = new Audio(speechAddress(line, { ...speech, engine, voice: v.id, takes: false }));
    sound.onended = () => setPlaying("");
    sound.onerror = () => setPlaying("");
    await sound.play().catch(() => setPlaying(""));
  };
  return (
    <ul className="grid grid-cols-[minmax(0,1fr)] gap-1" data-voices={voices.length}>
      {voices.map((v) => {
        const chosen = v.engine === speech.engine && v.id === speech.voice;
        return (
          <li
            key={v.engine + v.id}
            className={`flex items-center gap-3 rounded-field px-2 py-1 ${chosen ? "bg-base-200" : ""}`}
          >
            <button
              type="button"
              className="btn btn-sm btn-square"
              aria-label={`Hear ${v.title}`}
              onClick={() => void hear(v)}
            >
              <Play size={16} className={playing === v.engine + v.id ? "text-primary" : ""} />
            </button>
            <label className="flex min-w-0 flex-1 cursor-pointer items-center gap-3">
              <input
                type="radio"
                name="voice"
                className="radio radio-sm radio-primary"
                checked={chosen}
                onChange={() =>
                  onChoose({ ...speech, engine: v.engine as Settings["speech"]["engine"], voice: v.id })
                }
              />
              <span className="min-w-0">
                <span className={chosen ? "font-semibold" : ""}>{v.title}</span>
                <span className="quiet block truncate text-sm" title={v.origin}>
                  {v.origin}
                </span>
              </span>
            </label>
          </li>
        );
      })}
    </ul>
  );
}

/** The usual room: that of one of the forms, or none. */
function RoomChoice({
  room,
  onChoose,
}: {
  room: Settings["room"];
  onChoose: (room: Settings["room"]) => void;
}) {
  const rooms = useQuery({
    queryKey: ["rooms"],
    queryFn: () => call("settings/rooms"),
  });
  const found = rooms.data ?? [];
  const same = (r: Settings["room"]) => JSON.stringify(r) === JSON.stringify(room);
  const known = found.findIndex(same);
  return (
    <Choose
      name="Room"
      value={room ? (known >= 0 ? known : "kept") : "none"}
      options={[
        ["none", "No room yet"],
        ...(room && known < 0 ? [["kept", "As it was chosen"] as const] : []),
        ...found.map((r, i) => [i, r.title || "Room without a name"] as const),
      ]}
      onChoose={(id) => onChoose(id === "none" ? null : (found[Number(id)] ?? room))}
    />
  );
}
