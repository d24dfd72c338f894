import { type Ref, useImperativeHandle, useLayoutEffect, useRef, useState } from "react";
import type { Stage } from "../shared/api";
import { clock } from "../shared/format";
import { Guides } from "../shared/Ribbon";
import { sampled, spanAt, wordsAt } from "./places";
import { LANE_WIDTH, laneX, PX_PER_MS, StageScroll } from "./StageScroll";

export interface SceneHandle {
  /** Show a moment of the practice, in milliseconds. */
  draw: (ms: number) => void;
}

const LINE_AT = 0.36;
const SIDE_WORDS = { L: "left", R: "right" } as const;

/** What is seen: the scroll passing the fixed line, and beside it the words for this moment. */
export function Scene({ stage, ref }: { stage: Stage; ref: Ref<SceneHandle> }) {
  const box = useRef<HTMLDivElement>(null);
  const moving = useRef<SVGGElement>(null);
  const marker = useRef<SVGCircleElement>(null);
  const lungs = useRef<HTMLSpanElement>(null);
  const share = useRef<HTMLSpanElement>(null);
  const done = useRef<HTMLDivElement>(null);
  const elapsed = useRef<HTMLSpanElement>(null);
  const [size, setSize] = useState({ width: 400, height: 600 });
  const [at, setAt] = useState(0);
  const [words, setWords] = useState("");
  const [count, setCount] = useState(1);

  useLayoutEffect(() => {
    if (!box.current) return;
    const watch = new ResizeObserver(
      ([e]) => e && setSize({ width: e.contentRect.width, height: e.contentRect.height }),
    );
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);

  const scale = size.width / LANE_WIDTH;
  const line = size.height * LINE_AT;

  useImperativeHandle(
    ref,
    () => ({
      draw: (ms) => {
        const i = spanAt(stage, ms);
        const span = stage.spans[i];
        if (!span) return;
        const left = sampled(stage.curve.left, stage.curve.step_ms, ms);
        const fill = sampled(stage.curve.fill, stage.curve.step_ms, ms);
        moving.current?.setAttribute("transform", `translate(0 ${line / scale - ms * PX_PER_MS})`);
        marker.current?.setAttribute("cx", String(laneX(left)));
        if (lungs.current) lungs.current.style.transform = `scale(${0.25 + 0.0075 * fill})`;
        if (share.current) share.current.style.width = `${left}%`;
        if (done.current) done.current.style.width = `${(100 * ms) / (stage.total_ms || 1)}%`;
        if (elapsed.current) elapsed.current.textContent = clock(Math.floor(ms / 1000) * 1000);
        if (box.current) box.current.dataset.positionMs = ms.toFixed(1);
        setAt(i);
        setWords(wordsAt(stage.sounds, ms));
        const length = span.end_ms - span.start_ms || 1;
        setCount(
          Math.min(Math.ceil(span.counts), Math.floor(((ms - span.start_ms) / length) * span.counts) + 1),
        );
      },
    }),
    [stage, line, scale],
  );

  const span = stage.spans[at];
  if (!span) return <p className="flex-1 p-10 text-2xl">There is no movement in this session yet.</p>;
  const still = span.kind !== "movement";
  const pass = stage.passes.findLast((p) => p.start_ms <= span.start_ms);
  return (
    <>
      <div className="h-1.5 bg-base-300">
        <div ref={done} className="h-full bg-accent" />
      </div>
      <div className="flex min-h-0 flex-1">
        <div
          ref={box}
          className="relative h-full w-[34%] min-w-56 overflow-hidden border-base-300 border-r bg-base-100"
          data-scroll
        >
          <svg
            className="h-full w-full"
            viewBox={`0 0 ${LANE_WIDTH} ${size.height / scale}`}
            aria-hidden="true"
          >
            <Guides x={laneX} height={size.height / scale} />
            <g ref={moving}>
              <StageScroll stage={stage} at={at} />
            </g>
            <line
              x1="0"
              x2={LANE_WIDTH}
              y1={line / scale}
              y2={line / scale}
              className="stroke-accent"
              strokeWidth="2"
            />
            <circle
              ref={marker}
              cy={line / scale}
              r="9"
              className="fill-base-100 stroke-accent"
              strokeWidth="4"
            />
          </svg>
          <div className="quiet absolute inset-x-3 top-1 flex justify-between text-base">
            <span>all left</span>
            <span>all right</span>
          </div>
        </div>
        <div className="flex min-w-0 flex-1 flex-col justify-between gap-[1.2vh] overflow-hidden px-[3vw] py-[2vh]">
          <p className="quiet flex justify-between gap-4 text-[2.4vh]">
            <span>
              {pass?.title} · {pass?.facing}
              {pass && pass.round > 1 ? ` · time ${pass.round}` : ""}
            </span>
            <span className="whitespace-nowrap">
              <span ref={elapsed} data-elapsed>
                0:00
              </span>{" "}
              of {clock(stage.total_ms)}
            </span>
          </p>
          <div>
            <h1
              className="text-[max(6.5vh,2rem)] leading-[1.1] break-words line-clamp-2 pb-[0.15em]"
              data-posture-title
            >
              {span.posture_title || (span.next_posture ? "Get ready" : "Pause")}
            </h1>
            <p className="quiet text-[3vh]">
              {[span.number && `no. ${span.number}`, span.times].filter(Boolean).join(" · ") || "\u00a0"}
            </p>
          </div>
          <p className="min-h-[14vh] text-[max(5vh,1.6rem)] leading-[1.2] line-clamp-4" data-line>
            {span.kind === "hold" ? "Hold still" : span.line}
          </p>
          <div className="grid grid-cols-3 items-end gap-[2vw]">
            <div>
              <p className="quiet text-[2.2vh]">weight to</p>
              <p className="text-[max(6vh,1.8rem)] leading-none font-semibold" data-full>
                {span.full ? SIDE_WORDS[span.full] : "even"}
              </p>
              <div
                className="relative mt-[1vh] flex h-[2.6vh] overflow-hidden rounded-sm border-2 border-primary"
                aria-hidden="true"
              >
                <span ref={share} className="h-full bg-primary" />
              </div>
            </div>
            <div>
              <p className="quiet text-[2.2vh]">count</p>
              <p className="text-[max(6vh,1.8rem)] leading-none font-semibold whitespace-nowrap" data-count>
                {still ? "–" : count}
                <span className="quiet text-[3vh] font-normal">{still ? "" : ` of ${span.counts}`}</span>
              </p>
            </div>
            <div>
              <p className="quiet text-[2.2vh]">breath</p>
              <p className="flex items-center gap-[1vw] text-[max(6vh,1.8rem)] leading-none font-semibold">
                <span className="grid h-[8vh] w-[8vh] shrink-0 place-items-center rounded-full border-2 border-secondary">
                  <span ref={lungs} className="block h-[7.4vh] w-[7.4vh] rounded-full bg-secondary" />
                </span>
                {span.breath === "free" ? "free" : span.breath}
              </p>
            </div>
          </div>
          <p
            className="min-h-[2.6em] rounded-box bg-base-100 px-[1.4vw] py-[1vh] text-[max(3.4vh,1.2rem)]"
            data-words
            aria-hidden="true"
          >
            {words}
          </p>
          <p className="text-[3vh]" data-next>
            <span className="quiet">Next: </span>
            {span.next_posture || "the end of this pass"}
          </p>
        </div>
      </div>
    </>
  );
}
