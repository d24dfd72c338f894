import type { BoothLine } from "../shared/api";
import { clock, seconds } from "../shared/format";

/** A line of the list: when it is first heard, whether it is recorded, how long it may take. */
export function LineRow({
  line,
  chosen,
  onChoose,
  place,
}: {
  line: BoothLine;
  chosen: boolean;
  onChoose: (text: string) => void;
  place: React.RefObject<HTMLLIElement | null> | undefined;
}) {
  const over = line.own && line.now_ms > line.may_ms;
  return (
    <li ref={place}>
      <button
        type="button"
        aria-current={chosen}
        className={`grid w-full grid-cols-[3.5rem_5.5rem_1fr] items-center sm:grid-cols-[3.5rem_5.5rem_1fr_9rem] gap-2 px-3 py-1 text-left ${chosen ? "bg-base-200 font-semibold" : ""}`}
        onClick={() => onChoose(line.text)}
      >
        <span className="quiet text-right text-sm">{clock(line.at_ms)}</span>
        <span className={`text-sm ${line.own ? "" : "quiet"}`}>{line.own ? "own voice" : "to record"}</span>
        <span className="order-last col-span-3 sm:order-none sm:col-span-1 sm:truncate">{line.text}</span>
        <span className={`text-right text-sm ${over ? "text-error" : "quiet"}`}>
          {seconds(line.now_ms)} of {seconds(line.may_ms)}
        </span>
      </button>
    </li>
  );
}
