/** Drift: a line found otherwise than the last visit left it, and how far the bike went meanwhile. */
import { linesOf, readShown, type Encoding } from "../display";
import type { Job } from "../record";
import type { LastVisit } from "../record/job";
import { own } from "../units/limits";
import { readQuantity } from "../units/quantity";

/** Whether a line shows something else than it was left with; null where either is not known. */
export function hasDrifted(encoding: Encoding, typed: string, left: number | undefined): boolean | null {
  if (typed.trim() === "" || left === undefined) return null;
  const reading = readShown(encoding, typed);
  return reading.ok ? reading.raw !== left : null;
}

/** What the visit before left in this display, by code; nothing where another display was on the bike. */
export const leftIn = ({ profile }: Job, last: LastVisit | null): LastVisit["left"] =>
  last && profile && last.display.id === profile.id ? last.left : {};

/** Codes of the lines that have drifted; null where no line can be compared yet. */
export function driftedCodes(job: Job): readonly string[] | null {
  const { profile, asFound } = job;
  if (!profile) return null;
  const left = leftIn(job, job.lastVisit);
  const compared = linesOf(profile).flatMap(({ code, encoding }) => {
    const drifted = hasDrifted(encoding, own(asFound.shown, code) ?? "", own(left, code));
    return drifted === null ? [] : [{ code, drifted }];
  });
  return compared.length === 0 ? null : compared.flatMap(({ code, drifted }) => (drifted ? [code] : []));
}

/** A distance on the clock as typed, km; null where it is none. */
export function odometerKm(typed: string): number | null {
  const { value } = readQuantity(typed, "km");
  return value >= 0 ? value : null;
}

/** Distance between two visits, km; null where either clock is not known, or it went back. */
export function riddenKm(then: string, now: string): number | null {
  const [from, to] = [odometerKm(then), odometerKm(now)];
  return from === null || to === null || to < from ? null : to - from;
}
