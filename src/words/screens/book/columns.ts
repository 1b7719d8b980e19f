// The words of screens/book/columns.
import type { BookEntry, BookPlace } from "@/core/book/entry";
import { count, day, plain } from "../../speak";
import { ticketNumber } from "@/core/units/ticketNumber";

export const PLACE_NAMES: Readonly<Record<BookPlace, string>> = {
  stand: "On the stand",
  waiting: "Waiting",
  gone: "Gone out",
};

export const headings = {
  number: "No.",
  nickname: "Bike",
  frame: "What it is",
  display: "Display",
  className: "Class",
  place: "Where",
  updatedAt: "Worked on",
  handedOverAt: "Handed over",
  drifted: "Drift",
  sealed: "Seals",
  odometerKm: "Odometer",
  complaint: "What the rider says",
} as const;

const year = (iso: string): string => `${day(iso)} ${iso.slice(0, 4)}`;

export const cells = {
  number: ({ number }: BookEntry) => ticketNumber(number),
  nickname: ({ nickname }: BookEntry) => nickname || "New bike",
  frame: ({ frame }: BookEntry) => frame,
  display: ({ display }: BookEntry) => display,
  className: ({ className }: BookEntry) => className,
  place: ({ place }: BookEntry) => PLACE_NAMES[place],
  updatedAt: ({ updatedAt }: BookEntry) => year(updatedAt),
  handedOverAt: ({ handedOverAt }: BookEntry) => (handedOverAt === null ? "" : year(handedOverAt)),
  drifted: ({ drifted }: BookEntry) => (drifted === null ? "" : drifted === 0 ? "none" : count(drifted, "line")),
  sealed: ({ sealed }: BookEntry) => String(sealed),
  odometerKm: ({ odometerKm }: BookEntry) => (odometerKm === null ? "" : `${plain(odometerKm, 1)} km`),
  complaint: ({ complaint }: BookEntry) => complaint,
} as const;

/** Dates and figures as another program reads them. */
export const plainCells = {
  ...cells,
  updatedAt: ({ updatedAt }: BookEntry) => updatedAt,
  handedOverAt: ({ handedOverAt }: BookEntry) => handedOverAt ?? "",
  drifted: ({ drifted }: BookEntry) => (drifted === null ? "" : String(drifted)),
  odometerKm: ({ odometerKm }: BookEntry) => (odometerKm === null ? "" : plain(odometerKm, 3)),
} as const;

export const odometerInKm = "Odometer, km";
export const driftedLines = "Drift, lines";
