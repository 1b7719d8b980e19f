import type { KeyboardEventHandler, ReactNode } from "react";

/** A column's head; one that need not be seen is given as hidden. */
export type Heading = string | { readonly hidden: string };

interface RuledTableProps {
  /** What the table holds, for those who hear it. */
  readonly label: string;
  readonly headings: readonly Heading[];
  /** Said above the table as well. */
  readonly caption?: string;
  /** Every column after the first holds numbers: they stand to the right. */
  readonly numbers?: boolean;
  /** Rows are drawn round when chosen, so that the first column stands in a little. */
  readonly inset?: boolean;
  /** Least width before it scrolls sideways, and any height after which it scrolls down. */
  readonly widthClass?: string;
  readonly heightClass?: string;
  readonly hidden?: boolean;
  readonly onKeyDown?: KeyboardEventHandler;
  /** Rows, as table rows. */
  readonly children: ReactNode;
}

/** The one table of the house: ruled rows under a quiet head. It scrolls by itself, so that the page never does. */
export function RuledTable({
  label,
  headings,
  caption,
  numbers = false,
  inset = false,
  widthClass = "",
  heightClass = "overflow-x-auto",
  hidden,
  onKeyDown,
  children,
}: RuledTableProps) {
  return (
    <div className={`relative ${heightClass}`} tabIndex={0} role="region" aria-label={label} hidden={hidden}>
      <table className={`w-full text-[0.95rem] ${widthClass}`} onKeyDown={onKeyDown}>
        <caption className={caption === undefined ? "sr-only" : "pb-1.5 text-left font-head text-[1.1rem] font-bold"}>
          {caption ?? label}
        </caption>
        <thead className="text-left text-[0.82rem] text-quiet">
          <tr className="border-b border-rule">
            {headings.map((heading, i) => (
              <th
                key={typeof heading === "string" ? heading : heading.hidden}
                scope="col"
                className={`py-1 pr-2 align-bottom font-semibold last:pr-0 ${numbers && i > 0 ? "text-right" : ""} ${inset ? "first:pl-2" : ""}`}
              >
                {typeof heading === "string" ? heading : <span className="sr-only">{heading.hidden}</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </table>
    </div>
  );
}
