import { type RefObject, useLayoutEffect, useState } from "react";
import { createPortal } from "react-dom";

const WIDE = 288;

/** What is wrong with a field, said right below it. */
export function Complaint({ field, text }: { field: RefObject<HTMLElement | null>; text: string }) {
  const [at, setAt] = useState<{ left: number; top: number } | null>(null);
  useLayoutEffect(() => {
    const place = () => {
      const box = field.current?.getBoundingClientRect();
      if (!box) return;
      const left = Math.max(8, Math.min(box.left, document.documentElement.clientWidth - WIDE - 8));
      setAt({ left: left + window.scrollX, top: box.bottom + window.scrollY + 2 });
    };
    place();
    const shifts = new ResizeObserver(place);
    shifts.observe(document.body);
    const soon = requestAnimationFrame(place);
    window.addEventListener("resize", place);
    window.addEventListener("scroll", place, { capture: true, passive: true });
    return () => {
      shifts.disconnect();
      cancelAnimationFrame(soon);
      window.removeEventListener("resize", place);
      window.removeEventListener("scroll", place, { capture: true });
    };
  }, [field]);
  if (!at) return null;
  return createPortal(
    <p
      role="alert"
      data-complaint
      className="absolute z-20 w-72 rounded-field border border-error bg-base-100 px-2 py-1 text-sm shadow-sm"
      style={at}
    >
      {text}
    </p>,
    document.body,
  );
}
