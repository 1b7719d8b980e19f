/** What keys start from and lead to: all that their plan rests on, and nothing else. Nothing is planned here. */
import { atHome, isShown, layoutOf, rawValues, standInRaws, type DisplayProfile, type MenuState } from "../display";
import type { KeyGoal } from "../keys";
import type { Raws } from "../applied";
import { foundRawsOf } from "./columns";
import type { Job, Keys } from "./job";
import type { Workings } from "./workings";

/** Where keys would start and lead: what their plan rests on, and nothing else. */
export interface KeyTask {
  readonly start: MenuState;
  /** What each line is headed for; null where it stays as it is once it has been read. */
  readonly targets: Raws;
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
  const { placeOfLine } = layoutOf(profile);
  const assumed = assumedRaws(profile, known);
  const targets = assumed.map((raw, i) => sheet.target.raws[i] ?? (known[i] === null && placeOfLine[i] ? null : raw));
  // Nobody can read a line no menu shows: its procedure is done, whatever it holds.
  const start = atHome(
    profile,
    assumed.map((raw, i) => (known[i] === null && !placeOfLine[i] ? otherRaw(profile, i, targets[i] ?? raw) : raw)),
  );
  // A line that only comes into the menu with the targets must be read on the way as well.
  const unread = known.flatMap((raw, i) => (raw === null && placeOfLine[i] && isShown(profile, i, targets) ? [i] : []));
  return { start, targets, unread };
}

/** A value of a line that is not this one, where it has another. */
const otherRaw = (profile: DisplayProfile, index: number, raw: number): number => {
  const encoding = profile.lines[index]?.encoding;
  return (encoding ? rawValues(encoding).find((each) => each !== raw) : undefined) ?? raw;
};

/** Where a task or keys under way lead: a line that stays as it is wants the value it is taken to have. */
export const goalOf = (targets: Raws, { saved }: Pick<MenuState, "saved">): readonly number[] =>
  targets.map((raw, i) => raw ?? saved[i] ?? 0);

/** What keys under way still lead to. */
export const goalOfKeys = ({ state, targets, unread }: Keys): KeyGoal => ({
  targets: goalOf(targets, state),
  look: unread,
});

/** Raw values to start planning from: as known, and a stand-in where nobody has read the line. */
export const assumedRaws = (profile: DisplayProfile, known: Raws): readonly number[] =>
  standInRaws(profile).map((raw, i) => known[i] ?? raw);
