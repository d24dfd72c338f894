import { type ReactNode, useRef } from "react";

interface FileButtonProps {
  /** What the file is, for those who do not see the button. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
  className?: string;
  disabled?: boolean;
  children: ReactNode;
}

/** A button that lets a file be chosen; the same file may be chosen again. */
export function FileButton({
  label,
  accept,
  onFile,
  className = "btn",
  disabled,
  children,
}: FileButtonProps) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        className={className}
        disabled={disabled}
        onClick={() => chooser.current?.click()}
      >
        {children}
      </button>
      <input
        ref={chooser}
        type="file"
        accept={accept}
        className="hidden"
        aria-label={label}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file) onFile(file);
        }}
      />
    </>
  );
}
