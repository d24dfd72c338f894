/** Any file opened: it goes to the page where it belongs. */
import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { useNavigate } from "react-router";
import { ApiError, upload } from "../shared/api";
import { hand } from "../shared/handed";

const TEXTS = /\.(txt|md|text|csv|tsv|srt|vtt|mid|midi)$/i;
const KEMVO = /\.(json|zip)$/i;
const SOUNDS = /\.(mp4|mov|m4v|webm|mkv|wav|flac|mp3|ogg|opus|m4a|aac)$/i;

/** What can be opened anywhere. */
export const ANY_FILE =
  ".txt,.md,.csv,.tsv,.srt,.vtt,.mid,.midi,.json,.zip,.mp4,.mov,.m4v,.webm,.mkv,.wav,.flac,.mp3,.ogg,.opus,.m4a";

/** Open a file; raises an error with a sentence where nothing can be done with it. */
export function useOpenAnything(): (file: File) => Promise<void> {
  const navigate = useNavigate();
  const cache = useQueryClient();
  return useCallback(
    async (file: File) => {
      const goWith = (page: string) => {
        hand(file);
        navigate(page, { state: { handed: Date.now() } });
      };
      if (KEMVO.test(file.name)) {
        try {
          const { to } = await upload("open", file);
          await cache.invalidateQueries();
          navigate(to);
        } catch (error) {
          // A packed recording is brought in piece by piece, on its own page.
          if (!/\.zip$/i.test(file.name)) throw error;
          goWith("/recordings");
        }
      } else if (SOUNDS.test(file.name) || /^(audio|video)\//.test(file.type)) goWith("/recordings");
      else if (TEXTS.test(file.name) || file.type.startsWith("text/")) goWith("/forms/text");
      else
        throw new ApiError(
          415,
          [],
          `Kemvo does not know what to do with “${file.name}”. It opens texts, tables, captions, its own files, sounds and films.`,
        );
    },
    [navigate, cache],
  );
}
