/**
 * What the ride model foretells of each level of a bike as its display stands: what it shows with the wheel off the
 * floor, and its steady speed on the flat. For checks to be held against; null while facts for it are missing.
 */
import { appliedCap, readOut } from "../applied";
import { rideOf } from "../benches/rideOf";
import { readFacts } from "../facts/everyFact";
import { readBike } from "../facts/bike";
import { steadySpeedKmh, wheelOffGroundKmh } from "../ride";
import { heldRaws } from "./columns";
import type { Job } from "./job";

export interface LevelForetold {
  readonly level: number;
  /** Speed the display shows with the wheel off the floor, km/h; null where nobody can say. */
  readonly spinShownKmh: number | null;
  /** True steady speed on the flat with the rider pedalling, km/h. */
  readonly steadyKmh: number;
}

/** The levels above 0, lowest first. */
export function levelsForetold(job: Job): readonly LevelForetold[] | null {
  const { profile } = job;
  if (!profile) return null;
  const facts = readFacts(job.intake);
  const { bike } = readBike(facts);
  const raws = heldRaws(job);
  const reading = rideOf({ bike, facts, on: { profile, raws }, cap: appliedCap(profile, raws, bike) });
  if (!reading.ok) return null;
  const { setup, road, levels, capUnknown } = reading.ride;
  const meter = readOut(profile, raws, bike);
  const r = meter.kind === "known" ? meter.r.nominal : null;
  return levels
    .filter(({ level }) => level > 0)
    .map(({ level, drive, measuredKmh }) => {
      const spins = wheelOffGroundKmh(setup.kit, drive, setup.capKmh);
      return {
        level,
        // A cap nobody has measured may end it sooner.
        spinShownKmh: spins === null || r === null || capUnknown !== null ? null : spins * r,
        steadyKmh: measuredKmh ?? steadySpeedKmh(setup, drive, { ...road, grade: 0 }),
      };
    });
}
