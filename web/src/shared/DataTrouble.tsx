import { useQuery } from "@tanstack/react-query";
import { createContext } from "react";
import { Link, useLocation } from "react-router";
import { call } from "./api";

const EVERY_MS = 60_000;

/** Whether a part of a page stands within the frame that says what is wrong with the data. */
export const Framed = createContext(false);

/** What is wrong with the whole of the data, if anything is. */
export function useDataTrouble() {
  const health = useQuery({
    queryKey: ["data", "health"],
    queryFn: () => call("data/health"),
    refetchInterval: EVERY_MS,
  });
  return health.data?.trouble ?? null;
}

/** What is wrong with the whole of the data, above every page but the one that says it itself. */
export function DataTrouble() {
  const { pathname } = useLocation();
  const trouble = useDataTrouble();
  if (!trouble || pathname === "/data") return null;
  return (
    <div role="alert" className="alert alert-error mb-4" data-trouble>
      <span>
        {trouble.what} {trouble.mend}{" "}
        <Link to="/data" className="underline">
          Your data
        </Link>
      </span>
    </div>
  );
}
