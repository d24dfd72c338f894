import { useEffect, useState } from "react";
import { call, type SessionView, type Stage, type TimeOffer } from "../shared/api";
import { clock } from "../shared/format";
import type { Choices } from "./choices";
import { placeAt } from "./places";
import type { Command } from "./windows";

const LOOK_MS = 5000;
const OVER_MS = 15_000;

interface EndByProps {
  session: SessionView;
  stage: Stage;
  choices: Choices;
  playing: boolean;
  position: () => number;
  command: (command: Command) => void;
}

const asTime = (ms: number) =>
  new Date(ms).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit", hour12: false });

/** When it has to end, kept for this day. */
const keptEnd = (id: string) => sessionStorage.getItem(`kemvo.end.${id}`) ?? "";

/** The clock on the wall: when it will end, and what could be left out to end in time. Nothing is left out by itself. */
export function EndBy({ session, stage, choices, playing, position, command }: EndByProps) {
  const id = session.id;
  const [by, setBy] = useState(() => keptEnd(id));
  const [ends, setEnds] = useState("");
  const [over, setOver] = useState(0);
  const [offers, setOffers] = useState<TimeOffer[]>([]);
  const [closed, setClosed] = useState(false);
  useEffect(() => {
    const look = () => {
      const left = stage.total_ms - position();
      setEnds(asTime(Date.now() + left));
      const [h, m] = by.split(":").map(Number);
      if (h === undefined || m === undefined || !by) return setOver(0);
      const wanted = new Date();
      wanted.setHours(h, m, 0, 0);
      setOver(Math.max(0, Date.now() + left - wanted.getTime()));
    };
    look();
    const timer = window.setInterval(look, LOOK_MS);
    return () => window.clearInterval(timer);
  }, [stage, by, position]);
  const late = over > OVER_MS;
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked once when it gets late, and anew when the practice changes
  useEffect(() => {
    setOffers([]);
    if (!late) return;
    setClosed(false);
    const { place, share } = placeAt(stage, position());
    const live = { speed: choices.speed, without: choices.without, place, share };
    call(`sessions/${id}/live/offers`, "POST", { live, over_ms: Math.round(over) })
      .then(setOffers)
      .catch(() => {});
  }, [late, stage]);
  return (
    <div
      className="flex flex-wrap items-center gap-x-4 gap-y-1 px-3 text-sm"
      data-ends={ends}
      data-over={Math.round(over)}
    >
      <span className="quiet" title="If it goes on without a stop">
        {playing ? "ends at" : "would end at"} {ends}
      </span>
      <label className="flex items-center gap-1">
        <span className="quiet">must end by</span>
        <input
          type="time"
          className="input input-sm w-28"
          aria-label="Must end by"
          value={by}
          onChange={(e) => {
            setBy(e.target.value);
            sessionStorage.setItem(`kemvo.end.${id}`, e.target.value);
          }}
        />
      </label>
      {late && !closed && (
        <span role="status" className="flex flex-wrap items-center gap-2" data-offers={offers.length}>
          <b>{clock(over)} too long.</b>
          {offers.map((o) => (
            <button
              key={o.pass_id}
              type="button"
              className="btn btn-xs h-7"
              onClick={() => command({ what: "change", part: { without: [...choices.without, o.pass_id] } })}
            >
              Leave out “{o.title}” ({clock(o.saves_ms)})
            </button>
          ))}
          <button type="button" className="btn btn-ghost btn-xs h-7" onClick={() => setClosed(true)}>
            Keep all
          </button>
        </span>
      )}
    </div>
  );
}
