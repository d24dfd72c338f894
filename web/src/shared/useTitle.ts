import { useEffect } from "react";

/** What the browser's tab is called: the document, then the program. */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = title ? `${title} · Kemvo` : "Kemvo";
  }, [title]);
}
