import { type KeyboardEvent, useRef } from "react";

interface TabListProps<Id extends string> {
  label: string;
  tabs: readonly { id: Id; name: string; title?: string }[];
  chosen: Id;
  onChoose: (id: Id) => void;
  className?: string;
  /** The focus stays where it is when a tab is pressed: in the field whose row the tabs are about. */
  keepsFocus?: boolean;
}

/** Tabs over a panel: one of them is a stop of the Tab key, the arrows go along the others. */
export function TabList<Id extends string>(props: TabListProps<Id>) {
  const { tabs, chosen, onChoose } = props;
  const list = useRef<HTMLDivElement>(null);
  const onKeyDown = (e: KeyboardEvent) => {
    const at = tabs.findIndex((t) => t.id === chosen);
    const last = tabs.length - 1;
    const moves: Record<string, number> = {
      ArrowRight: at === last ? 0 : at + 1,
      ArrowLeft: at <= 0 ? last : at - 1,
      Home: 0,
      End: last,
    };
    const to = moves[e.key];
    if (to === undefined || e.altKey || e.ctrlKey || e.metaKey) return;
    const tab = tabs[to];
    if (!tab) return;
    e.preventDefault();
    e.stopPropagation();
    onChoose(tab.id);
    list.current?.querySelectorAll<HTMLElement>("[role=tab]")[to]?.focus();
  };
  return (
    <div
      ref={list}
      role="tablist"
      aria-label={props.label}
      className={`flex flex-wrap border-b border-base-300 ${props.className ?? ""}`}
      onKeyDown={onKeyDown}
    >
      {tabs.map((t) => (
        <button
          key={t.id}
          type="button"
          role="tab"
          aria-selected={chosen === t.id}
          tabIndex={chosen === t.id ? 0 : -1}
          title={t.title}
          className={`min-h-9 flex-auto px-1.5 text-sm whitespace-nowrap ${chosen === t.id ? "font-semibold shadow-[inset_0_-2px_0_var(--color-primary)]" : "quiet"}`}
          onMouseDown={(e) => props.keepsFocus && e.preventDefault()}
          onClick={() => onChoose(t.id)}
        >
          {t.name}
        </button>
      ))}
    </div>
  );
}
