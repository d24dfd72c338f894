import { type Bounded, boundsOf } from "./bounds";
import { Field } from "./Field";
import { readNumber } from "./format";

interface NumberFieldProps {
  label: string;
  value: number | null;
  /** Whose bounds it has, by kind and field; else `least` and `most`. `scale`: how many of its units are one on the page. */
  of?: Bounded;
  scale?: number;
  least?: number;
  most?: number;
  onNumber: (n: number) => void;
  /** Whole numbers only: what is typed is rounded. */
  whole?: boolean;
  /** In seconds on the page, in milliseconds for the caller. */
  seconds?: boolean;
  /** What an empty field means; without it an empty field is refused. */
  onEmpty?: () => void;
  className?: string;
  placeholder?: string;
}

/** A short boxed field for a number within bounds. */
export function NumberField({
  label,
  value,
  of,
  scale,
  least: at_least,
  most: at_most,
  onNumber,
  whole,
  seconds,
  onEmpty,
  className = "",
  placeholder,
}: NumberFieldProps) {
  const bounds = of && boundsOf(of, seconds ? 1000 : scale);
  const least = at_least ?? bounds?.least ?? Number.NEGATIVE_INFINITY;
  const most = at_most ?? bounds?.most ?? Number.POSITIVE_INFINITY;
  const shown = value === null ? "" : seconds ? `${value / 1000} s` : String(value);
  return (
    <Field
      label={label}
      className={`!border-base-300 bg-base-100 !py-1 text-right ${className}`}
      placeholder={placeholder}
      value={shown}
      takes={`${whole ? "A whole number" : "A number"} from ${least} to ${most}${seconds ? " seconds" : ""}.`}
      onCommit={(text) => {
        if (onEmpty && text.trim() === "") {
          onEmpty();
          return true;
        }
        const n = readNumber(seconds ? text.replace(/\s*s(econds?)?$/, "") : text, least, most);
        if (n === null) return false;
        onNumber(seconds ? Math.round(n * 1000) : whole ? Math.round(n) : n);
        return true;
      }}
    />
  );
}
