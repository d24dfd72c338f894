import { useEffect, useRef } from "react";
import type { Loudness, RecordingSheet } from "../shared/api";
import { plural } from "../shared/format";

/** How much of the page a millisecond takes: a second is 22 pixels. */
export const PX = 0.022;
export const BAND = 70;

interface LoudnessBandProps {
  sheet: RecordingSheet;
  loudness: Loudness | undefined;
  seen: { from: number; to: number };
  height: number;
  left: number;
  onSeek: (ms: number) => void;
}

/** The recording's loudness, drawn for what is seen only. */
export function LoudnessBand(props: LoudnessBandProps) {
  const { loudness, sheet, seen, height, onSeek } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const top = Math.max(0, Math.floor(seen.from));
  const bottom = Math.min(height, Math.ceil(seen.to));
  useEffect(() => {
    const paper = canvas.current;
    const pen = paper?.getContext("2d");
    if (!paper || !pen) return;
    const dense = window.devicePixelRatio || 1;
    paper.width = BAND * dense;
    paper.height = Math.max(1, bottom - top) * dense;
    pen.scale(dense, dense);
    const ink = getComputedStyle(paper);
    const levels = loudness?.level_db ?? [];
    const each = sheet.total_ms / Math.max(1, levels.length);
    const speech = loudness?.speech ?? [];
    pen.fillStyle = ink.getPropertyValue("--color-secondary");
    pen.globalAlpha = 0.2;
    for (const [a, b] of speech)
      if (b * PX > top && a * PX < bottom) pen.fillRect(0, a * PX - top, BAND, (b - a) * PX);
    const first = Math.max(0, Math.floor(top / PX / each) - 2);
    const last = Math.min(levels.length, Math.ceil(bottom / PX / each) + 2);
    const wide = (i: number) => 3 + (Math.max(0, (levels[i] ?? -90) + 60) / 60) * (BAND - 12);
    const down = (i: number) => (i + 0.5) * each * PX - top;
    // A shore: land on the left, the louder the further it reaches.
    pen.beginPath();
    pen.moveTo(0, down(first));
    for (let i = first; i < last - 1; i++)
      pen.quadraticCurveTo(wide(i), down(i), (wide(i) + wide(i + 1)) / 2, (down(i) + down(i + 1)) / 2);
    pen.lineTo(0, down(last));
    pen.closePath();
    pen.globalAlpha = 0.16;
    pen.fillStyle = ink.getPropertyValue("--color-primary");
    pen.fill();
    pen.globalAlpha = 0.7;
    pen.strokeStyle = ink.getPropertyValue("--color-primary");
    pen.lineWidth = 1.2;
    pen.stroke();
  }, [loudness, sheet.total_ms, top, bottom]);
  return (
    <button
      type="button"
      tabIndex={-1}
      className="absolute cursor-pointer"
      style={{ left: props.left, top, width: BAND, height: Math.max(1, bottom - top) }}
      aria-label={`Loudness, ${plural(loudness?.speech.length ?? 0, "stretch", "stretches")} of speech; press to go there`}
      onClick={(e) => {
        const box = e.currentTarget.getBoundingClientRect();
        onSeek((top + e.clientY - box.top) / PX);
      }}
    >
      <canvas ref={canvas} className="h-full w-full" />
    </button>
  );
}
