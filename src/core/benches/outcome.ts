/**
 * What a column of values comes to: where assist ends, what the speedometer makes of it, watts, levels, range,
 * findings. The plan's "as found", "target" and "what if" are three of these side by side.
 */
import { twins } from "../assist";
import { batteryWatts, type BatteryWatts } from "../battery/watts";
import { rawValues, type DisplayProfile } from "../display";
import type { AppliedCap } from "../law";
import { ridePoint, stopFrom, topSpeedKmh, type RidePoint, type Stop } from "../ride";
import type { Interval } from "../wheel";
import { appliedCurrentA, speedometer, type Raws } from "../applied/applied";
import type { Bike } from "../facts/bike";
import type { IntakeKey } from "../facts/intake";
import { readPack } from "../facts/pack";
import type { Facts } from "../facts/everyFact";
import { rideOf, type Level, type Ride } from "./rideOf";
import type { Column } from "../sheet/column";
import type { SheetFinding } from "../sheet/findings";
import type { SheetRow } from "../sheet/sheet";

export interface LevelOutcome extends Level {
  readonly flat: RidePoint;
  readonly hill: RidePoint;
}

export interface Outcome {
  readonly cap: AppliedCap;
  readonly r: Interval | null;
  readonly currentA: number | null;
  readonly watts: BatteryWatts | null;
  readonly nominalV: number | null;
  /** Levels on the flat and on 5 %; empty while facts are missing. */
  readonly levels: readonly LevelOutcome[];
  /** Levels that differ from every one before them, level 0 not counted; null while they are not known. */
  readonly realLevels: number | null;
  readonly topKmh: number | null;
  /** From the fastest a level goes on the flat; null while that is not known. */
  readonly stop: Stop | null;
  readonly missing: readonly IntakeKey[];
  readonly findings: readonly SheetFinding[];
  readonly ride: Ride | null;
}

export interface OutcomeAsk {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly facts: Facts;
}

/** Grade of the hill levels are compared on. */
export const HILL_GRADE = 0.05;

/** A line that can be moved in a what-if, with the values it steps through. */
export interface Movable {
  readonly row: SheetRow;
  readonly raws: readonly number[];
}

/** Lines of a sheet that can be moved: in the menu, unlocked, and with more than one value. */
export const movableRows = (rows: readonly SheetRow[]): readonly Movable[] =>
  rows.flatMap((row) => {
    const raws = rawValues(row.line.encoding);
    return row.shown.target &&
      !row.locked &&
      raws.length > 1 &&
      row.line.encoding.kind !== "reserved" &&
      row.line.effect !== "none"
      ? [{ row, raws }]
      : [];
  });

/** The target with some lines moved. Nothing else is proposed anew, so that a wrong value shows what it does. */
export const withMoved = (target: Raws, moved: ReadonlyMap<number, number>): Raws =>
  target.map((raw, i) => moved.get(i) ?? raw);

const fastestStop = (ride: Ride | null, levels: readonly LevelOutcome[]): Stop | null =>
  ride && levels.length > 1
    ? stopFrom(Math.max(...levels.map(({ flat, measuredKmh }) => measuredKmh ?? flat.speedKmh)), ride.setup.body.massKg)
    : null;

/** What a column comes to on this bike. */
export function outcomeOf({ profile, bike, facts }: OutcomeAsk, { raws, cap, findings }: Column): Outcome {
  const reading = rideOf({ bike, facts, on: { profile, raws }, cap });
  const currentA = appliedCurrentA(profile, raws, bike) ?? bike.controllerA;
  const { pack } = readPack(bike, facts);
  const ride = reading.ok ? reading.ride : null;
  const levels = ride
    ? ride.levels.map((level) => ({
        ...level,
        flat: ridePoint(ride.setup, level.drive, { ...ride.road, grade: 0 }),
        hill: ridePoint(ride.setup, level.drive, { ...ride.road, grade: HILL_GRADE }),
      }))
    : [];
  const same = twins(
    levels.map(({ flat, hill, measuredKmh }) => ({
      measuredKmh,
      flatKmh: flat.speedKmh,
      hillKmh: hill.speedKmh,
      flatBatteryW: flat.batteryW,
      hillBatteryW: hill.batteryW,
    })),
  );
  return {
    cap,
    r: speedometer(profile, raws, bike)?.r ?? null,
    currentA,
    nominalV: bike.packV,
    watts: pack && currentA !== null && bike.packV !== null ? batteryWatts(pack, bike.packV, currentA) : null,
    levels,
    realLevels: ride ? levels.length - same.length - 1 : null,
    stop: fastestStop(ride, levels),
    topKmh: ride ? topSpeedKmh(ride.setup, { ...ride.road, grade: 0 }) : null,
    missing: reading.ok ? [] : reading.missing,
    findings,
    ride,
  };
}
