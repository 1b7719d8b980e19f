/** What a visit's papers need beyond its columns: what the rider is told, and the record as a text to be scanned. */
import type { Job } from "./job";
import { ownersFacts, type OwnersFacts } from "./ownersFacts";
import { paperOf } from "./paper";
import { travelSheetOf, writeTravelSheet } from "./travelSheet";

export interface PaperFacts {
  readonly owners: OwnersFacts;
  /** What was read back, as text; null while nothing was. */
  readonly travels: string | null;
}

/** Both, of a job as its papers tell it; null while it has no display. */
export function paperFacts(job: Job): PaperFacts | null {
  const paper = paperOf(job);
  const owners = paper && ownersFacts(paper);
  if (!paper || !owners) return null;
  const sheet = travelSheetOf(paper);
  return { owners, travels: sheet && writeTravelSheet(sheet) };
}
