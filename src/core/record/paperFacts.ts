/** What a visit's papers need beyond its columns: what the rider is told, and the record as a text to be scanned. */
import type { Job } from "./job";
import { keyWork, type KeyWork } from "./keyWork";
import { ownersFacts, type OwnersFacts } from "./ownersFacts";
import { paperOf } from "./paper";
import { roadTask } from "./roadClass";
import { sheetCautions, type SheetCaution } from "./sheetCautions";
import { travelSheetOf, writeTravelSheet } from "./travelSheet";

export interface PaperFacts {
  readonly owners: OwnersFacts;
  /** What was read back, as text; null while nothing was. */
  readonly travels: string | null;
  /** Keys from what a bike for private land holds to its road class; null where it is for the road, or not set yet. */
  readonly road: KeyWork | null;
  /** What the workshop sheet says to bear in mind. */
  readonly cautions: readonly SheetCaution[];
}

/** Both, of a job as its papers tell it; null while it has no display. */
export function paperFacts(job: Job): PaperFacts | null {
  const paper = paperOf(job);
  const owners = paper && ownersFacts(paper);
  if (!paper || !owners) return null;
  const sheet = travelSheetOf(paper);
  const { profile } = paper.job;
  const road = profile && roadTask(paper.job);
  return {
    owners,
    travels: sheet && writeTravelSheet(sheet),
    road: profile && road ? keyWork(profile, road.state, road.goal) : null,
    cautions: sheetCautions(paper, owners),
  };
}
