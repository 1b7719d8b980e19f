/** A bike of the bench, set as the product itself would set it. */
import { standInRaws, type DisplayProfile } from "../display";
import type { ClassRule } from "../law";
import { heldRaws, newJob, workOut, type Job } from "../record";
import { liveBike, type LiveBike, type Typed } from "../rig";

export interface BenchSet {
  readonly bike: LiveBike;
  /** Raw values per line, as planned for this bike; what the plan leaves alone is as the maker has it. */
  readonly right: readonly number[];
}

/** What a bike of the shop holds at present and what is planned for it; unread lines stand at the maker's values. */
export interface JobRaws {
  readonly held: readonly number[];
  readonly planned: readonly number[];
}

/** The columns of a job to ride with; null without a display. */
export function jobRaws(job: Job): JobRaws | null {
  const { profile } = job;
  if (!profile) return null;
  const { sheet } = workOut(job);
  const held = heldRaws(job);
  const standIns = standInRaws(profile);
  return {
    held: standIns.map((raw, i) => held[i] ?? raw),
    planned: standIns.map((raw, i) => sheet?.target.raws[i] ?? held[i] ?? raw),
  };
}

/** The bike of a kit behind a display, set for a class; null where the facts make no bike. */
export function benchSet(profile: DisplayProfile, typed: Typed, rule: ClassRule | null): BenchSet | null {
  const bike = liveBike(profile, typed);
  if (!bike) return null;
  const job = newJob("bench", 0, "2000-01-01T00:00:00.000Z");
  const { sheet } = workOut({
    ...job,
    profile,
    intake: { ...typed, pickUp: bike.bike.pickUp, pulsesPerTurn: String(bike.bike.pulsesPerTurn ?? 1) },
    classChoice: { ...job.classChoice, rule },
  });
  const right = standInRaws(profile).map((raw, i) => sheet?.proposed.raws[i] ?? raw);
  return { bike, right };
}
