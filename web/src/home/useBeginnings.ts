/** How far the first hour is. */
import { useQuery } from "@tanstack/react-query";
import { type Beginnings, call } from "../shared/api";

export function useBeginnings() {
  return useQuery({
    queryKey: ["beginnings"],
    queryFn: () => call<Beginnings>("beginnings"),
    staleTime: 0,
  });
}
