"use client";
import { Fragment, useState, type ReactNode } from "react";
import { RuledTable } from "./RuledTable";

export interface NumberRow {
  readonly key: string;
  /** First cell; opens the working of the row where it has one. */
  readonly head: string;
  readonly cells: readonly ReactNode[];
  readonly working?: readonly string[];
  readonly quiet?: boolean;
}

interface NumberTableProps {
  readonly caption: string;
  readonly headings: readonly string[];
  readonly rows: readonly NumberRow[];
  readonly hideCaption?: boolean;
}

/** A table of numbers; each row opens the working behind its figures. Scrolls sideways by itself where it must. */
export function NumberTable({ caption, headings, rows, hideCaption }: NumberTableProps) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <RuledTable label={caption} caption={hideCaption ? undefined : caption} headings={headings} numbers>
      {rows.map((row) => (
        <Fragment key={row.key}>
          <tr className={`border-b border-rule ${row.quiet ? "text-quiet" : ""}`}>
            <th scope="row" className="py-0.5 pr-3 text-left font-semibold whitespace-nowrap">
              {row.working && row.working.length > 0 ? (
                <button
                  type="button"
                  aria-expanded={open === row.key}
                  onClick={() => setOpen(open === row.key ? null : row.key)}
                  className="min-h-9 min-w-9 text-left underline decoration-rule decoration-dotted decoration-2 underline-offset-4 hover:decoration-ink"
                >
                  {row.head}
                </button>
              ) : (
                <span className="inline-flex min-h-9 items-center">{row.head}</span>
              )}
            </th>
            {row.cells.map((cell, i) => (
              <td key={headings[i + 1] ?? i} className="py-0.5 pr-3 text-right whitespace-nowrap last:pr-0">
                {cell}
              </td>
            ))}
          </tr>
          {open === row.key && row.working ? (
            <tr>
              <td colSpan={headings.length} className="border-b border-rule">
                <div className="working my-2 text-left">{row.working.join("\n")}</div>
              </td>
            </tr>
          ) : null}
        </Fragment>
      ))}
    </RuledTable>
  );
}
