/** Postures that Kemvo knows, for the letters typed so far. */
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call, type Posture, type Suggestion } from "../shared/api";

const TYPING_MS = 120;
const LEAST = 2;

/** A posture that Kemvo knows, on the side that is wished. */
export const onSide = (known: Suggestion, side: Posture["side"]): Posture =>
  side === "R" && known.other ? known.other : known.posture;

export function useSuggestions(letters: string): readonly Suggestion[] {
  const [asked, setAsked] = useState(letters);
  useEffect(() => {
    const waiting = window.setTimeout(() => setAsked(letters), TYPING_MS);
    return () => window.clearTimeout(waiting);
  }, [letters]);
  const { data } = useQuery({
    queryKey: ["catalogue", asked],
    queryFn: () => call(`catalogue?letters=${encodeURIComponent(asked)}`),
    enabled: asked.trim().length >= LEAST,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });
  return asked.trim().length >= LEAST ? (data ?? []) : [];
}
