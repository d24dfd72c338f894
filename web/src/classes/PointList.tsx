import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { call, type Point, sentence } from "../shared/api";
import { dayWords, todayIso } from "./days";

/** Open points, each to be settled with one click, and opened again with another. */
export function PointList({ points }: { points: readonly Point[] }) {
  const cache = useQueryClient();
  const [settled, setSettled] = useState<ReadonlySet<string>>(new Set());
  const [told, setTold] = useState("");
  const shown = (point: Point, on: boolean) =>
    setSettled((known) => {
      const now = new Set(known);
      if (on) now.add(key(point));
      else now.delete(key(point));
      return now;
    });
  const turn = async (point: Point, on: boolean) => {
    // Shown at once; what the server refuses goes back to what it was.
    shown(point, on);
    try {
      const { version, body } = await call(`lessons/${point.lesson_id}`);
      const points = body.points.map((p) =>
        p.id === point.point_id ? { ...p, settled: on ? todayIso() : null } : p,
      );
      await call(`lessons/${point.lesson_id}`, "PUT", { version, body: { ...body, points } });
      // What stands on the page stays until it is left, so that a click can be taken back.
      await Promise.all(["logbook", "next"].map((k) => cache.invalidateQueries({ queryKey: [k] })));
    } catch (error) {
      shown(point, !on);
      setTold(sentence(error));
    }
  };
  return (
    <>
      {told && <p role="alert">{told}</p>}
      <ul className="grid gap-1">
        {points.map((p) => (
          <li key={key(p)}>
            <label className="flex min-h-8 items-baseline gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-sm translate-y-0.5"
                checked={settled.has(key(p)) || !!p.settled}
                onChange={(e) => void turn(p, e.target.checked)}
              />
              <span className={settled.has(key(p)) || p.settled ? "quiet line-through" : ""}>
                {p.posture && <b>{p.posture}: </b>}
                {p.text} <span className="quiet text-sm">{dayWords(p.day)}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </>
  );
}

const key = (p: Point) => `${p.lesson_id} ${p.point_id}`;
