import type { StageSound } from "../shared/api";
import { comingWords } from "./places";

const SOON_MS = 8000;

interface PrompterProps {
  sounds: readonly StageSound[];
  ms: number;
  /** Beside other things: fewer and smaller. */
  small?: boolean;
}

/** Words for talking live: each with how long until it must begin, and how long it takes. */
export function Prompter({ sounds, ms, small }: PrompterProps) {
  const coming = comingWords(sounds, ms, small ? 2 : 4);
  return (
    <ol
      className={small ? "grid gap-[0.6vh]" : "grid flex-1 content-start gap-[1.6vh]"}
      data-prompter
      aria-hidden="true"
    >
      {coming.map((s, i) => {
        const now = s.at_ms <= ms;
        const until = s.at_ms - ms;
        const share = now ? (ms - s.at_ms) / s.ms : Math.max(0, 1 - until / SOON_MS);
        return (
          <li
            key={s.at_ms}
            data-now={now}
            className={`rounded-box bg-base-100 px-[1.4vw] py-[0.6vh] ${now ? "border-l-8 border-accent" : "border-l-8 border-transparent"}`}
          >
            <p
              className={`line-clamp-3 leading-[1.15] ${small ? "text-[max(3vh,1rem)]" : i === 0 ? "text-[max(6.5vh,1.6rem)]" : "text-[max(4vh,1.1rem)]"} ${now ? "font-semibold" : ""}`}
            >
              {s.text}
            </p>
            <p className="quiet flex items-center gap-3 text-[max(2vh,0.85rem)]">
              <span className="whitespace-nowrap">
                {now ? "now" : `in ${Math.ceil(until / 1000)} s`} · {(s.ms / 1000).toFixed(1)} s long
              </span>
              <span className="h-[0.8vh] flex-1 overflow-hidden rounded-sm bg-base-300">
                <span
                  className={`block h-full ${now ? "bg-accent" : "bg-primary/60"}`}
                  style={{ width: `${Math.round(100 * Math.min(1, share))}%` }}
                />
              </span>
            </p>
          </li>
        );
      })}
    </ol>
  );
}
