import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { call } from "./api";

const BUSY_MS = 1500;
const IDLE_MS = 10_000;
const UNDER_WAY = new Set(["waiting", "running"]);

/** Work that runs, seen from every page: what it is, how far, and where it is waited for. */
export function UnderWay() {
  const { data } = useQuery({
    queryKey: ["jobs"],
    queryFn: () => call("jobs"),
    refetchInterval: (q) => (q.state.data?.some((j) => UNDER_WAY.has(j.state)) ? BUSY_MS : IDLE_MS),
    staleTime: 0,
  });
  const running = data?.filter((j) => UNDER_WAY.has(j.state)) ?? [];
  if (!running.length) return null;
  return (
    <ul
      className="flex flex-wrap items-center gap-3 py-2 text-sm"
      aria-label="Work that runs"
      data-under-way={running.length}
    >
      {running.map((j) => (
        <li key={j.id} className="flex items-center gap-1.5">
          {j.page ? (
            <Link className="max-w-56 truncate hover:underline" to={j.page}>
              {j.title}
            </Link>
          ) : (
            <span className="max-w-56 truncate">{j.title}</span>
          )}
          <progress
            className="progress progress-primary w-16"
            value={j.progress}
            max={1}
            aria-label={j.title}
          />
        </li>
      ))}
    </ul>
  );
}
