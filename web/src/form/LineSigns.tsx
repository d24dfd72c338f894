import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call, type LineReading, type Movement } from "../shared/api";

/** What Kemvo reads from a movement's words, and a key to take it over. */
export function LineSigns({ movement, onTake }: { movement: Movement; onTake: (read: Movement) => void }) {
  const [line, setLine] = useState(movement.line);
  useEffect(() => {
    const waiting = window.setTimeout(() => setLine(movement.line), 200);
    return () => window.clearTimeout(waiting);
  }, [movement.line]);
  const { data } = useQuery({
    queryKey: ["read", line],
    queryFn: () => call<LineReading>("read/movement", "POST", { ...movement, line }),
    enabled: line.trim() !== "",
    placeholderData: (before) => before,
  });
  const take = async () => {
    const read = await call<LineReading>("read/movement", "POST", movement);
    onTake(read.movement);
  };
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (!e.altKey || e.ctrlKey || e.code !== "KeyW") return;
      e.preventDefault();
      void take();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });
  const signs = line.trim() ? (data?.signs ?? []) : [];
  return (
    <div className="grid gap-1.5" data-signs>
      <span className="quiet text-sm">Read from the words</span>
      {signs.length ? (
        <ul className="flex flex-wrap gap-1">
          {signs.map((s) => (
            <li
              key={`${s.kind}${s.start}${s.words}`}
              className="badge badge-outline border-base-300"
              title={line.slice(s.start, s.end)}
            >
              {s.words}
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-sm">
          {line.trim() ? "Nothing about feet, weight, turn or breath." : "Nothing written yet."}
        </p>
      )}
      {signs.length > 0 && (
        <button type="button" className="btn btn-sm justify-self-start" onClick={() => void take()}>
          Take these over <kbd className="kbd kbd-sm">Alt W</kbd>
        </button>
      )}
    </div>
  );
}
