import type { ReactNode } from "react";

interface RuledTableProps {
  /** What the table holds, for those who hear it. */
  readonly label: string;
  /** Column heads; one that need not be seen is given as hidden. */
  readonly headings: readonly (string | { readonly hidden: string })[];
  /** Least width before it scrolls sideways, and any height after which it scrolls down. */
  readonly widthClass?: string;
  readonly heightClass?: string;
  /** Rows, as table rows. */
  readonly children: ReactNode;
}

/** A ruled table of words and values; it scrolls by itself, so that the page never does. */
export function RuledTable({
  label,
  headings,
  widthClass = "",
  heightClass = "overflow-x-auto",
  children,
}: RuledTableProps) {
  return (
    <div className={`relative ${heightClass}`} tabIndex={0} role="region" aria-label={label}>
      <table className={`w-full text-[0.93rem] ${widthClass}`}>
        <thead className="text-left text-[0.82rem] text-quiet">
          <tr className="border-b border-rule">
            {headings.map((heading) => (
              <th
                key={typeof heading === "string" ? heading : heading.hidden}
                scope="col"
                className="py-1 pr-2 font-semibold last:pr-0"
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
