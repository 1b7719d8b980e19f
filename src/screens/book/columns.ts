/** The columns of the book's list: which there are, how wide they begin, and which are shown at first. */

import { ORDERS, type BookOrder } from "@/core/book/searching";
import type * as say from "@/words/screens/book/columns";

export type ColumnKey = keyof typeof say.headings;

export const COLUMNS: readonly { readonly key: ColumnKey; readonly widthPx: number; readonly atFirst: boolean }[] = [
  { key: "number", widthPx: 74, atFirst: true },
  { key: "nickname", widthPx: 190, atFirst: true },
  { key: "frame", widthPx: 180, atFirst: true },
  { key: "display", widthPx: 210, atFirst: true },
  { key: "className", widthPx: 190, atFirst: false },
  { key: "place", widthPx: 118, atFirst: true },
  { key: "updatedAt", widthPx: 124, atFirst: true },
  { key: "handedOverAt", widthPx: 128, atFirst: false },
  { key: "drifted", widthPx: 90, atFirst: true },
  { key: "sealed", widthPx: 76, atFirst: false },
  { key: "odometerKm", widthPx: 112, atFirst: false },
  { key: "complaint", widthPx: 260, atFirst: false },
];

export const LEAST_WIDTH_PX = 56;
export const MOST_WIDTH_PX = 600;
/** How far one press of an arrow moves the edge of a column. */
export const WIDTH_STEP_PX = 16;

export const isOrder = (key: string): key is BookOrder => ORDERS.some((order) => order === key);
