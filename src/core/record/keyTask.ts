/** What keys start from and lead to: all that their plan rests on, and nothing else. Nothing is planned here. */
import { atHome, factoryRaws, isShown, type DisplayProfile, type MenuState } from "../display";
import type { KeyGoal } from "../keys";
import type { Raws } from "../applied";
import { foundRawsOf, heldRaws } from "./columns";
import { foundLines, isUnread } from "./found";
import type { Job } from "./job";
import type { Workings } from "./workings";

/** Where keys would start and lead: what their plan rests on, and nothing else. */
export interface KeyTask {
  readonly start: MenuState;
  readonly targets: readonly number[];
  /** Lines nobody has read, which must be looked at on the way. */
  readonly unread: readonly number[];
}

/**
 * What a job's keys would start from and lead to; null while there is no display, no baseline and no reason for lacking
 * one.
 */
export function keyTask(job: Job, { sheet, baseline }: Pick<Workings, "sheet" | "baseline">): KeyTask | null {
  const { profile } = job;
  if (!profile || !sheet || baseline.kind === "missing") return null;
  // Out-of-box values are a guess until they are read; a display programmed before starts from what it was last known
  // to hold.
  const known = job.held ? sheet.inForce.raws : foundRawsOf(job);
  const start = atHome(profile, assumedRaws(profile, known));
  const targets = start.saved.map((raw, i) => sheet.target.raws[i] ?? raw);
  // A line that only comes into the menu with the targets must be read on the way as well.
  const unread = known.flatMap((raw, i) => (raw === null && isShown(profile, i, targets) ? [i] : []));
  return { start, targets, unread };
}

/** Raw values to start planning from: as known, and the maker's where nobody has read the line. */
export const assumedRaws = (profile: DisplayProfile, known: Raws): readonly number[] =>
  factoryRaws(profile).map((raw, i) => known[i] ?? raw);

/**
 * The way back to how the display was found: where it starts and what it leads to; null where that was never written
 * down.
 */
export function wayBackTask(job: Job): { readonly state: MenuState; readonly goal: KeyGoal } | null {
  const { profile, program } = job;
  if (!profile || !program || foundLines(job).some(isUnread)) return null;
  const found = foundRawsOf(job);
  const held = heldRaws(job).map((raw, i) => raw ?? program.targets[i] ?? 0);
  return { state: atHome(profile, held), goal: { targets: found.map((raw, i) => raw ?? held[i] ?? 0) } };
}
