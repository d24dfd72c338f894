import type { Ref } from "react";
import type { StageSpan } from "../shared/api";

const SIDE_WORDS = { L: "left", R: "right" } as const;

interface SignsProps {
  span: StageSpan;
  still: boolean;
  count: number;
  lungs: Ref<HTMLSpanElement>;
  share: Ref<HTMLSpanElement>;
}

const VALUE = "text-[max(5.5vh,1.5rem)] leading-none font-semibold max-md:text-[max(5vh,1.4rem)]";

/** Where the weight goes, the count, the breath. */
export function Signs({ span, still, count, lungs, share }: SignsProps) {
  return (
    <div className="grid grid-cols-3 items-end gap-[2vw]">
      <div>
        <p className="quiet text-[max(2vh,0.85rem)]">weight to</p>
        <p className={VALUE} data-full>
          {span.full ? SIDE_WORDS[span.full] : "even"}
        </p>
        <div
          className="relative mt-[0.8vh] flex h-[2vh] overflow-hidden rounded-sm border-2 border-primary"
          aria-hidden="true"
        >
          <span ref={share} className="h-full bg-primary" />
        </div>
      </div>
      <div>
        <p className="quiet text-[max(2vh,0.85rem)]">count</p>
        <p className={`${VALUE} whitespace-nowrap`} data-count>
          {still ? "–" : count}
          <span className="quiet text-[max(2.6vh,1rem)] font-normal">
            {still ? "" : ` of ${span.counts}`}
          </span>
        </p>
      </div>
      <div>
        <p className="quiet text-[max(2vh,0.85rem)]">breath</p>
        <p className={`${VALUE} flex items-center gap-[1vw]`}>
          <span className="grid h-[6.5vh] w-[6.5vh] shrink-0 place-items-center max-md:h-[3.6vh] max-md:w-[3.6vh] rounded-full border-2 border-secondary">
            <span
              ref={lungs}
              className="block h-[6vh] w-[6vh] rounded-full bg-secondary max-md:h-[3.2vh] max-md:w-[3.2vh]"
            />
          </span>
          {span.breath === "free" ? "free" : span.breath}
        </p>
      </div>
    </div>
  );
}
