import { type Ref, useImperativeHandle, useLayoutEffect, useRef, useState } from "react";
import type { Stage } from "../shared/api";
import { clock } from "../shared/format";
import { Guides } from "../shared/Ribbon";
import type { Face } from "./faces";
import { Prompter } from "./Prompter";
import { COUNT_IN, sampled, spanAt, wordsAt } from "./places";
import { Signs } from "./Signs";
import { LANE_WIDTH, laneX, PX_PER_MS, StageScroll } from "./StageScroll";

export interface SceneHandle {
  /** Show a moment of the practice, in milliseconds. */
  draw: (ms: number) => void;
}

interface SceneProps {
  stage: Stage;
  face: Face;
  /** It waits at the end of a posture. */
  holding: boolean;
  /** What is to be told about how it runs. */
  told: string;
  /** The posture is done again and again. */
  loop: boolean;
  ref: Ref<SceneHandle>;
}

const LINE_AT = 0.36;

/** The main words: at least a twentieth of the window's height. */
const LARGE = "text-[max(5vh,1.35rem)] leading-[1.18]";

/** What is seen: the scroll passing the fixed line, and beside it (below it, on a narrow window) the words for this moment. */
export function Scene({ stage, face, holding, told, loop, ref }: SceneProps) {
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
  /** The time to a tenth of a second, for what counts down. */
  const [tenth, setTenth] = useState(0);

  useLayoutEffect(() => {
    if (!box.current) return;
    const watch = new ResizeObserver(
      ([e]) => e && setSize({ width: e.contentRect.width, height: e.contentRect.height }),
    );
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);

  const scale = Math.min(size.width / LANE_WIDTH, 2.2);
  const line = size.height * LINE_AT;
  const counting = stage.spans[at]?.key === COUNT_IN || face !== "class";

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
        if (counting) setTenth(Math.floor(ms / 100));
        const length = span.end_ms - span.start_ms || 1;
        setCount(
          Math.min(Math.ceil(span.counts), Math.floor(((ms - span.start_ms) / length) * span.counts) + 1),
        );
      },
    }),
    [stage, line, scale, counting],
  );

  const span = stage.spans[at];
  if (!span) return <p className="flex-1 p-10 text-2xl">There is no movement in this session yet.</p>;
  const still = span.kind !== "movement";
  const counted = span.key === COUNT_IN ? Math.max(1, Math.ceil((span.end_ms - tenth * 100) / 1000)) : null;
  const coming = counted ? stage.spans[at + 1] : undefined;
  const pass = stage.passes.findLast((p) => p.start_ms <= span.start_ms);
  return (
    <>
      <div className="h-1.5 shrink-0 bg-base-300">
        <div ref={done} className="h-full bg-accent" />
      </div>
      <div className="flex min-h-0 flex-1 max-md:flex-col">
        <div
          ref={box}
          className={`relative overflow-hidden border-base-300 bg-base-100 max-md:h-[17vh] max-md:border-b md:h-full md:border-r ${face === "prompter" ? "md:w-[20%]" : "md:w-[34%]"} md:min-w-56`}
          data-scroll
        >
          <svg
            className="mx-auto h-full"
            width={LANE_WIDTH * scale}
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
        <div className="flex min-w-0 flex-1 flex-col justify-between gap-[1vh] overflow-hidden px-[3vw] py-[1.4vh]">
          <p className="quiet flex justify-between gap-4 text-[max(2.2vh,0.9rem)]">
            <span className="min-w-0 truncate">
              {pass?.title} · {pass?.facing}
              {pass && pass.round > 1 ? ` · time ${pass.round}` : ""}
              {loop ? " · again and again" : ""}
            </span>
            <span className="whitespace-nowrap">
              <span ref={elapsed} data-elapsed>
                0:00
              </span>{" "}
              of {clock(stage.total_ms)}
            </span>
          </p>
          {(holding || told) && (
            <p role="status" className="rounded-box bg-accent/15 px-3 py-1 text-[max(2.6vh,1rem)]" data-told>
              {holding ? "Waiting. Press → page, full stop or B when the class is ready." : told}
            </p>
          )}
          <div>
            <h1
              className="line-clamp-2 pb-[0.12em] text-[max(6vh,1.5rem)] leading-[1.08] break-words"
              data-posture-title
            >
              {(counted ? coming?.posture_title : span.posture_title) ||
                (span.next_posture ? "Get ready" : "Pause")}
            </h1>
            <p className="quiet text-[max(2.6vh,0.95rem)]">
              {[
                span.number && `no. ${span.number}`,
                span.times,
                face === "instructor" && span.posture >= 0 && `${clock(stage.total_ms - tenth * 100)} left`,
              ]
                .filter(Boolean)
                .join(" · ") || "\u00a0"}
            </p>
          </div>
          {face === "prompter" ? (
            <Prompter sounds={stage.sounds} ms={tenth * 100} />
          ) : (
            <>
              <p className={`line-clamp-3 min-h-[6vh] ${LARGE} ${words ? "max-md:hidden" : ""}`} data-line>
                {counted ? `Begins in ${counted}` : span.kind === "hold" ? "Hold still" : span.line}
              </p>
              <Signs span={span} still={still} count={count} lungs={lungs} share={share} />
              {face === "instructor" ? (
                <Prompter sounds={stage.sounds} ms={tenth * 100} small />
              ) : (
                <p
                  className={`line-clamp-3 rounded-box bg-base-100 px-[1.4vw] py-[0.6vh] md:min-h-[2.5em] ${words ? "" : "max-md:hidden"} ${LARGE}`}
                  data-words
                  aria-hidden="true"
                >
                  {words}
                </p>
              )}
            </>
          )}
          {span.care.length > 0 && (
            <p
              className="line-clamp-3 shrink-0 border-accent border-l-4 pl-3 text-[max(2.8vh,1rem)] leading-snug max-md:text-base"
              data-care
            >
              {span.care.join(" · ")}
            </p>
          )}
          <p className={`line-clamp-2 ${LARGE}`} data-next>
            <span className="quiet">Next: </span>
            {(coming ?? span).next_posture || "the end of this pass"}
          </p>
        </div>
      </div>
    </>
  );
}
