/**
 * What a column of values comes to: where assist ends, what the speedometer makes of it, watts, levels, range, findings.
 * The plan's "as found", "target" and "what if" are three of these side by side.
 */
import { batteryWatts, type BatteryWatts } from "../battery/current";
import type { DisplayProfile } from "../display";
import type { AppliedCap, ClassChoice } from "../law";
import { ridePoint, topSpeedKmh, type RidePoint } from "../ride";
import type { Interval } from "../wheel";
import { appliedCap, appliedCurrentA, speedometer, type Raws } from "./applied";
import type { Bike, IntakeKey } from "./bike";
import { readPack, type Figures } from "./figures";
import { rideOf, type Level } from "./rideOf";
import { findingsOn, type SheetFinding } from "./sheet";

export interface LevelOutcome extends Level {
  readonly flat: RidePoint;
  readonly hill: RidePoint;
}

export interface Outcome {
  readonly cap: AppliedCap;
  readonly r: Interval | null;
  readonly currentA: number | null;
  readonly watts: BatteryWatts | null;
  /** Levels on the flat and on 5 %; empty while facts are missing. */
  readonly levels: readonly LevelOutcome[];
  readonly topKmh: number | null;
  readonly missing: readonly IntakeKey[];
  readonly findings: readonly SheetFinding[];
}

export interface OutcomeAsk {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly figures: Figures;
  readonly choice: ClassChoice | null;
}

/** Grade of the hill levels are compared on. */
export const HILL_GRADE = 0.05;

/** Works out what the values come to on this bike. */
export function outcomeOf({ profile, bike, figures, choice }: OutcomeAsk, raws: Raws): Outcome {
  const cap = appliedCap(profile, raws, bike);
  const reading = rideOf({ bike, figures, on: { profile, raws }, cap });
  const currentA = appliedCurrentA(profile, raws, bike) ?? bike.controllerA;
  const { pack } = readPack(bike, figures);
  const ride = reading.ok ? reading.ride : null;
  return {
    cap,
    r: speedometer(profile, raws, bike)?.r ?? null,
    currentA,
    watts: pack && currentA !== null && bike.packV !== null ? batteryWatts(pack, bike.packV, currentA) : null,
    levels: ride ? ride.levels.map((level) => ({ ...level, flat: ridePoint(ride.setup, level.drive, { ...ride.road, grade: 0 }), hill: ridePoint(ride.setup, level.drive, { ...ride.road, grade: HILL_GRADE }) })) : [],
    topKmh: ride ? topSpeedKmh(ride.setup, { ...ride.road, grade: 0 }) : null,
    missing: reading.ok ? [] : reading.missing,
    findings: findingsOn(profile, raws, bike, choice),
  };
}
