import { useEffect, useRef, useState } from "react";
import { sentence } from "../shared/api";
import { useOpenAnything } from "./useOpenAnything";

/** A file may be dropped on any page: it goes where it belongs. */
export function DropAnywhere() {
  const open = useOpenAnything();
  const [over, setOver] = useState(false);
  const [told, setTold] = useState("");
  const inside = useRef(0);
  useEffect(() => {
    const withFile = (e: DragEvent) => e.dataTransfer?.types.includes("Files") ?? false;
    const enter = (e: DragEvent) => {
      if (!withFile(e)) return;
      inside.current++;
      setOver(true);
    };
    const leave = () => {
      inside.current = Math.max(0, inside.current - 1);
      if (!inside.current) setOver(false);
    };
    const move = (e: DragEvent) => withFile(e) && e.preventDefault();
    const drop = (e: DragEvent) => {
      inside.current = 0;
      setOver(false);
      // What a place of a page takes for itself stays there.
      if (e.defaultPrevented || !withFile(e)) return;
      e.preventDefault();
      const file = e.dataTransfer?.files[0];
      setTold("");
      if (file) open(file).catch((error) => setTold(sentence(error)));
    };
    window.addEventListener("dragenter", enter);
    window.addEventListener("dragleave", leave);
    window.addEventListener("dragover", move);
    window.addEventListener("drop", drop);
    return () => {
      window.removeEventListener("dragenter", enter);
      window.removeEventListener("dragleave", leave);
      window.removeEventListener("dragover", move);
      window.removeEventListener("drop", drop);
    };
  }, [open]);
  return (
    <>
      {over && (
        <p
          className="pointer-events-none fixed inset-x-4 bottom-4 z-30 rounded-box border-2 border-primary border-dashed bg-base-100 p-6 text-center text-xl"
          data-drop-anywhere
        >
          Let it go: a text, captions, a Kemvo file, a sound or a film. It goes where it belongs.
        </p>
      )}
      {told && (
        <div role="alert" className="alert alert-error mb-3">
          <span>{told}</span>
          <button type="button" className="btn btn-sm" onClick={() => setTold("")}>
            Close
          </button>
        </div>
      )}
    </>
  );
}
