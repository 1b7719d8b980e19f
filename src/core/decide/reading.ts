/**
 * One reading of the speedometer on the road, held against what lines and rollout say it should show. What it shows is
 * a fact; where the two disagree, something the display cannot tell is not as it is taken for: a unit, a magnet, a gear
 * between the sensor and the wheel, another pulse line that rules. Common practice, no source.
 */
import { countingSetting, decoded, pulsesSet, readOut, shownUnit, type Raws } from "../applied";
import { lineSetting, type DisplayProfile, type SettingKey } from "../display";
import type { Bike } from "../facts";
import { speedFromKmh, speedToKmh, type SpeedUnit } from "../units";

/** Slack beside what the reading itself may be off, and how near a cause must come, relative. */
const SLACK = 0.08;
const NEAR = 0.06;
const MILE = speedToKmh(1, "mph");

export type ReadingCause =
  /** The number is read in the other unit than the unit line says. */
  | "unit"
  | "twice"
  | "half"
  | "gear-ratio"
  | "other-pulse-line"
  | "nothing-shown"
  /** Nobody has counted the pick-up; the reading tells what it gives. */
  | "counted-by-it"
  | "unexplained";

export interface ReadingMisfit {
  readonly cause: ReadingCause;
  readonly trueKmh: number;
  /** What it showed and what it should have shown, in the unit the display shows; null where that is not known. */
  readonly shown: number;
  readonly expected: number | null;
  readonly unit: SpeedUnit;
  /** The line to look at; empty where none explains it. */
  readonly code: string;
  /** Pulses a wheel turn the reading speaks for; null where it speaks for none. */
  readonly pulses: number | null;
}

interface Candidate {
  readonly cause: ReadingCause;
  /** What it shows over what lines and rollout say it should. */
  readonly ratio: number;
  readonly setting: SettingKey | null;
}

/** What the reading disagrees with under the lines it was taken with; null where it agrees, or there is none. */
export function readingMisfit(profile: DisplayProfile, raws: Raws, bike: Bike): ReadingMisfit | null {
  const { reading } = bike;
  if (!reading) return null;
  const { trueKmh, shown } = reading;
  const meter = readOut(profile, raws, bike);
  const r = meter.kind === "known" ? meter.r.nominal : null;
  const unit = shownUnit(profile, raws) ?? likelierUnit(shown, trueKmh * (r ?? 1));
  const expected = r === null ? null : speedFromKmh(trueKmh * r, unit);
  const misfit = (cause: ReadingCause, setting: SettingKey | null, pulses: number | null = null): ReadingMisfit => ({
    ...{ cause, trueKmh, shown, expected, unit, pulses },
    code: (setting && lineSetting(profile, setting)?.code) ?? "",
  });
  if (shown === 0) return misfit("nothing-shown", null);
  const observed = speedToKmh(shown, unit) / trueKmh;
  const slack = SLACK + reading.trueErrorKmh / trueKmh + reading.shownStep / 2 / shown;
  if (r === null) {
    const pulses = countedBy(profile, raws, bike, observed);
    return pulses !== null && isOff(observed, slack)
      ? misfit("counted-by-it", countingSetting(profile, raws) ?? "motorPulses", pulses)
      : null;
  }
  if (!isOff(observed / r, slack)) return null;
  const best = candidates(profile, raws, bike, unit)
    .map((each) => ({ ...each, misses: Math.abs(Math.log(observed / r / each.ratio)) }))
    .sort((a, b) => a.misses - b.misses)[0];
  return best && best.misses <= Math.log(1 + NEAR) ? misfit(best.cause, best.setting) : misfit("unexplained", null);
}

const isOff = (ratio: number, slack: number): boolean => Math.abs(Math.log(ratio)) > Math.log(1 + slack);

/** Where the unit line has not been read: the unit in which the number comes nearer. */
const likelierUnit = (shown: number, kmh: number): SpeedUnit =>
  Math.abs(Math.log(shown / kmh)) <= Math.abs(Math.log((shown * MILE) / kmh)) ? "kmh" : "mph";

function candidates(profile: DisplayProfile, raws: Raws, bike: Bike, unit: SpeedUnit): readonly Candidate[] {
  const { gearRatio } = bike;
  const [own, motor] = [decoded(profile, raws, "pulsesPerTurn"), decoded(profile, raws, "motorPulses")];
  return [
    { cause: "unit", ratio: unit === "mph" ? MILE : 1 / MILE, setting: "speedUnit" },
    { cause: "twice", ratio: 2, setting: null },
    { cause: "half", ratio: 0.5, setting: null },
    ...(gearRatio !== null && gearRatio > 1
      ? [gearRatio, 1 / gearRatio].map((ratio): Candidate => ({ cause: "gear-ratio", ratio, setting: null }))
      : []),
    // Both stand on the display: the one that was not reckoned with may be the one that rules.
    ...(own !== null && motor !== null && own > 0 && motor > 0 && own !== motor
      ? [{ cause: "other-pulse-line", ratio: own / motor, setting: "motorPulses" } as const]
      : []),
  ];
}

/** Pulses a wheel turn that would make it show what it shows; null where that is no whole number, or not known. */
function countedBy(profile: DisplayProfile, raws: Raws, bike: Bike, observed: number): number | null {
  const circumferenceMm = decoded(profile, raws, "circumferenceMm");
  const set = pulsesSet(profile, raws, bike);
  if (!bike.rollout || circumferenceMm === null || circumferenceMm <= 0 || set === null || bike.pulsesPerTurn !== null)
    return null;
  const given = (set * observed * bike.rollout.mm) / circumferenceMm;
  return Math.round(given) >= 1 ? Math.round(given) : null;
}
