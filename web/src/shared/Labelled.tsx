import type { ReactNode } from "react";

/** A field with its name above it. */
export function Labelled({
  name,
  className = "",
  children,
}: {
  name: string;
  className?: string;
  children: ReactNode;
}) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is among the children
    <label className={`grid gap-1 ${className}`}>
      <span className="quiet text-sm">{name}</span>
      {children}
    </label>
  );
}
