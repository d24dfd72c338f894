/** The settings, saved one change after the other: none is overtaken by another, none is lost when the page is left. */
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { call, type Settings, type SettingsView, sentence } from "../shared/api";

const KEY = ["settings"];

export function useSettings() {
  const cache = useQueryClient();
  const asked = useQuery({ queryKey: KEY, queryFn: () => call("settings") });
  /** As they are shown: at once, with what is on its way. */
  const [shown, setShown] = useState<SettingsView>();
  const view = shown ?? asked.data;
  const [told, setTold] = useState("");
  /** As the server has them; what is on its way to it; what was changed since. */
  const kept = useRef<SettingsView | undefined>(undefined);
  const sent = useRef<Partial<Settings> | null>(null);
  const waiting = useRef<Partial<Settings>>({});
  if (!sent.current && !Object.keys(waiting.current).length) kept.current = view;

  const show = useCallback(() => {
    const now = kept.current;
    if (!now) return;
    const next = { ...now, settings: { ...now.settings, ...sent.current, ...waiting.current } };
    setShown(next);
    cache.setQueryData(KEY, next);
  }, [cache]);
  const save = useCallback(async () => {
    while (kept.current && Object.keys(waiting.current).length) {
      sent.current = waiting.current;
      waiting.current = {};
      const body = { ...kept.current.settings, ...sent.current };
      try {
        kept.current = await call("settings", "PUT", body, true);
        setTold("Saved");
      } catch (error) {
        // What the server refuses goes back to what it was.
        setTold(sentence(error));
      }
      sent.current = null;
      show();
    }
  }, [show]);
  const change = useCallback(
    (part: Partial<Settings>) => {
      waiting.current = { ...waiting.current, ...part };
      setTold("");
      show();
      if (!sent.current) void save();
    },
    [save, show],
  );
  useEffect(() => {
    const leave = () => {
      if (!kept.current || !Object.keys(waiting.current).length) return;
      const body = { ...kept.current.settings, ...sent.current, ...waiting.current };
      void call("settings", "PUT", body, true).catch(() => undefined);
    };
    window.addEventListener("pagehide", leave);
    return () => window.removeEventListener("pagehide", leave);
  }, []);
  return { view, error: asked.error, told, change };
}
