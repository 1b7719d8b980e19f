/** A bike of the bench, set as the product itself would set it. */
import { standInRaws, type DisplayProfile } from "../display";
import type { ClassRule } from "../law";
import { newJob, workOut } from "../record";
import { liveBike, type LiveBike, type Typed } from "../rig";

export interface BenchSet {
  readonly bike: LiveBike;
  /** Raw values per line, as planned for this bike; what the plan leaves alone is as the maker has it. */
  readonly right: readonly number[];
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
