"use client";
import { useVirtualizer } from "@tanstack/react-virtual";
import Link from "next/link";
import { memo, useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { BookEntry } from "@/core/book/entry";
import type { BookOrder, Ordered } from "@/core/book/searching";
import { SignShape } from "@/ui/primitives";
import { cells, headings } from "@/words/screens/book/columns";
import * as say from "@/words/screens/book/entryTable";
import { isOrder, WIDTH_STEP_PX, type ColumnKey } from "./columns";
import type { Columns } from "./useColumns";

const ROW_PX = 44;
/** Rows drawn above and below what is in sight. */
const SPARE_ROWS = 8;

interface EntryTableProps {
  readonly entries: readonly BookEntry[];
  readonly columns: Columns;
  readonly order: Ordered;
  readonly onOrder: (by: BookOrder) => void;
}

/** The list of the book: only the rows in sight are drawn, however many there are. */
export function EntryTable({ entries, columns, order, onOrder }: EntryTableProps) {
  const box = useRef<HTMLDivElement>(null);
  // Nothing here is compiled to be remembered, so that nothing of it can be stale.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: entries.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    overscan: SPARE_ROWS,
    // Drawn at once, before anything is measured.
    initialRect: { width: 1000, height: 560 },
  });
  const inSight = rows.getVirtualItems();
  const above = inSight[0]?.start ?? 0;
  const below = rows.getTotalSize() - (inSight.at(-1)?.end ?? 0);
  const widthPx = columns.columns.reduce((sum, column) => sum + column.widthPx, 0);
  return (
    <div
      ref={box}
      tabIndex={0}
      role="region"
      aria-label={say.theBook}
      className="max-h-[62vh] min-h-40 overflow-auto rounded-xl bg-sheet"
    >
      <table
        aria-rowcount={entries.length + 1}
        style={{ width: widthPx }}
        className="min-w-full table-fixed text-[0.95rem]"
      >
        <colgroup>
          {columns.columns.map(({ key, widthPx: px }) => (
            <col key={key} style={{ width: px }} />
          ))}
        </colgroup>
        <thead className="sticky top-0 z-10 bg-sheet text-left">
          <tr aria-rowindex={1}>
            {columns.columns.map(({ key, widthPx: px }) => (
              <Head key={key} of={key} widthPx={px} order={order} onOrder={onOrder} onResize={columns.resize} />
            ))}
          </tr>
        </thead>
        <tbody>
          {above > 0 ? <tr aria-hidden="true" style={{ height: above }} /> : null}
          {inSight.map(({ index }) => {
            const entry = entries[index];
            return entry ? <Row key={entry.id} entry={entry} index={index} keys={columns.columns} /> : null;
          })}
          {below > 0 ? <tr aria-hidden="true" style={{ height: below }} /> : null}
        </tbody>
      </table>
    </div>
  );
}

const HEAD = "flex min-h-11 items-center px-3 text-[0.85rem] font-semibold";
const EDGE = [
  "absolute inset-y-1 right-0 w-3 cursor-col-resize touch-none",
  "border-r-2 border-rule hover:border-ink focus:border-action",
].join(" ");

interface HeadProps {
  readonly of: ColumnKey;
  readonly widthPx: number;
  readonly order: Ordered;
  readonly onOrder: (by: BookOrder) => void;
  readonly onResize: (key: ColumnKey, px: number) => void;
}

/** A heading: pressed, it puts the list in its order; its edge draws the column wider. */
function Head({ of, widthPx, order, onOrder, onResize }: HeadProps) {
  const heading = headings[of];
  const here = order.by === of;
  const direction = order.descending ? "descending" : "ascending";
  return (
    <th scope="col" aria-sort={here ? direction : undefined} className="relative border-b-2 border-ink p-0">
      {isOrder(of) ? (
        <button
          type="button"
          onClick={() => onOrder(of)}
          aria-label={say.orderBy(heading)}
          className={`${HEAD} w-full gap-1.5 text-left hover:bg-select`}
        >
          <span className="truncate">{heading}</span>
          {here ? <span aria-hidden="true">{order.descending ? "↓" : "↑"}</span> : null}
        </button>
      ) : (
        <span className={HEAD}>
          <span className="truncate">{heading}</span>
        </span>
      )}
      <Edge of={of} widthPx={widthPx} onResize={onResize} />
    </th>
  );
}

/** The edge of a column: drawn with a pointer, or moved with the arrow keys. */
function Edge({ of, widthPx, onResize }: Pick<HeadProps, "of" | "widthPx" | "onResize">) {
  const from = useRef<{ readonly x: number; readonly px: number } | null>(null);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -WIDTH_STEP_PX, ArrowRight: WIDTH_STEP_PX }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    onResize(of, widthPx + step);
  };
  const onPointerMove = (event: PointerEvent) => {
    if (from.current) onResize(of, from.current.px + event.clientX - from.current.x);
  };
  return (
    <span
      role="separator"
      aria-orientation="vertical"
      aria-label={say.widthOf(headings[of])}
      aria-valuenow={widthPx}
      tabIndex={0}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { x: event.clientX, px: widthPx };
      }}
      onPointerMove={onPointerMove}
      onPointerUp={() => {
        from.current = null;
      }}
      className={EDGE}
    />
  );
}

interface RowProps {
  readonly entry: BookEntry;
  readonly index: number;
  readonly keys: Columns["columns"];
}

/** Drawn again when it changes, not for each key of a search. */
const Row = memo(function Row({ entry, index, keys }: RowProps) {
  const isOdd = (entry.drifted ?? 0) > 0;
  return (
    <tr aria-rowindex={index + 2} style={{ height: ROW_PX }} className="border-b border-rule hover:bg-select">
      {keys.map(({ key }) => (
        <td key={key} className="truncate px-3">
          {key === "nickname" ? (
            <>
              <Link
                href={`/book/bike/${entry.bikeId}`}
                className="inline-flex min-h-11 items-center font-bold"
                prefetch={false}
              >
                {cells.nickname(entry)}
              </Link>
              {entry.twinOf === null ? null : <span className="ml-2 text-[0.85rem] text-quiet">{say.twin}</span>}
            </>
          ) : key === "number" ? (
            <Link
              href={`/job/${entry.id}/${entry.stage}`}
              prefetch={false}
              aria-label={say.openIt(`${cells.number(entry)} ${cells.nickname(entry)}`)}
              className="code inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {cells.number(entry)}
            </Link>
          ) : key === "drifted" && isOdd ? (
            <span className="inline-flex items-center gap-1.5 font-semibold">
              <SignShape sign="odd" size={11} />
              {cells.drifted(entry)}
            </span>
          ) : (
            <span title={cells[key](entry)}>{cells[key](entry)}</span>
          )}
        </td>
      ))}
    </tr>
  );
});
