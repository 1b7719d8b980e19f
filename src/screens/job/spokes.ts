import { linesOf } from "@/core/display";
import type { Job, Workings } from "@/core/record";
import type { TicketSpoke } from "@/core/record/ticket";
import { lineName } from "@/words";

/** Spokes for the dial, from the same rows as the sheet. */
export function spokesOf(job: Job, { sheet }: Workings): readonly TicketSpoke[] {
  if (!job.profile) return [];
  if (!sheet) return linesOf(job.profile).map((line) => ({ code: line.code, name: lineName(line), mark: "unknown" }));
  return sheet.rows.map((row) => ({
    code: row.code,
    name: lineName(row.line),
    mark: row.mark,
  }));
}
