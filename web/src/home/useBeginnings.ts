/** How far the first hour is. */
import { useQuery } from "@tanstack/react-query";
import { call } from "../shared/api";

export function useBeginnings() {
  return useQuery({
    queryKey: ["beginnings"],
    queryFn: () => call("beginnings"),
    staleTime: 0,
  });
}
