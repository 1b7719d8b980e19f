/**
 * Why a speedometer is far off. An error past about a quarter is a mistake, not a tolerance: some line holds what
 * belongs to another motor, another wheel or another sum. The line that alone explains it best is named, with what it
 * must hold; it is mended there and never trimmed away with the wheel. Common practice, no source.
 */
import { countingOf, countingSetting, decoded, readOut, type Raws } from "../applied";
import { lineSetting, shows, contextOf, encodeLine, type DisplayProfile, type SettingKey } from "../display";
import type { Bike } from "../facts";
import { MM_PER_INCH } from "../units/convert";

/** An error larger than this is a mistake, as a share of true. */
const MISTAKE = 0.25;

/** What is left of the error when a cause is mended must be less than this for the cause to explain it. */
const EXPLAINED = 0.08;

export type MistakeCause =
  | "pulses"
  | "magnets"
  | "poles-for-pairs"
  | "pairs-for-poles"
  | "ratio-left-out"
  | "calibration"
  | "wheel"
  | "diameter-for-circumference"
  | "inches-for-millimetres"
  | "several";

export interface SpeedometerMistake {
  /** Shown over true. */
  readonly r: number;
  readonly cause: MistakeCause;
  /** The line that holds it and what it shows; empty where no one line explains it. */
  readonly code: string;
  readonly holds: string;
  /** What the setting must be; null where that is the wheel line's own sum. */
  readonly wants: number | null;
  /** What the line shows for it; null where it cannot hold it, or where the wheel line decides. */
  readonly mends: string | null;
  readonly locked: boolean;
}

/** Whether a display is so far off that it is a mistake, not a tolerance. `r` is shown over true. */
export const isFarOff = (r: number): boolean => Math.abs(Math.log(r)) > Math.log(1 + MISTAKE);

/** Whether what is left of the error once a cause is mended is little enough for the cause to explain it. */
export const isExplained = (leaves: number): boolean => Math.abs(Math.log(leaves)) < Math.log(1 + EXPLAINED);

/** One line that may be wrong: how far off the display would still be with it mended. */
interface Suspect {
  readonly cause: MistakeCause;
  readonly setting: SettingKey;
  readonly leaves: number;
  /** Value of the setting that mends it; null where the nearest wheel is to be sought. */
  readonly value: number | null;
}

/** The mistake behind a display that is far off under these raw values; null where it is not far off, or not known. */
export function diagnose(profile: DisplayProfile, raws: Raws, bike: Bike): SpeedometerMistake | null {
  const meter = readOut(profile, raws, bike);
  if (meter.kind !== "known") return null;
  const r = meter.r.nominal;
  if (!isFarOff(r)) return null;
  const best = suspects(profile, raws, bike, r)
    .filter(({ leaves }) => isExplained(leaves))
    .sort((a, b) => Math.abs(Math.log(a.leaves)) - Math.abs(Math.log(b.leaves)))[0];
  const line = best && lineSetting(profile, best.setting);
  if (!best || !line) return { r, cause: "several", code: "", holds: "", wants: null, mends: null, locked: false };
  const raw = raws[profile.lines.indexOf(line)];
  return {
    r,
    cause: best.cause,
    code: line.code,
    holds: raw === null || raw === undefined ? "" : shows(line.encoding, raw),
    wants: best.value,
    mends: best.value === null ? null : heldAs(profile, raws, line, best.value),
    locked: line.makerOnly,
  };
}

function suspects(profile: DisplayProfile, raws: Raws, bike: Bike, r: number): readonly Suspect[] {
  const counting = countingOf(profile, raws, bike);
  if ("length" in counting) return [];
  const { given, set, factor } = counting;
  const pulseSetting: SettingKey = countingSetting(profile, raws) ?? "motorPulses";
  const ratio = set / given;
  const pulses: Suspect = {
    cause: pulseMistake(ratio, bike),
    setting: pulseSetting,
    leaves: r * ratio,
    value: given,
  };
  return [
    ...(set === given ? [] : [pulses]),
    ...(factor === 1
      ? []
      : [{ cause: "calibration", setting: "speedCalibrationPercent", leaves: r / factor, value: 100 } as const]),
    // The wheel explains what is left when it alone is off.
    ...(set === given && decoded(profile, raws, "circumferenceMm") !== null
      ? [
          {
            cause: wheelMistake(r / factor),
            setting: "circumferenceMm",
            leaves: factor,
            value: null,
          } as const,
        ]
      : []),
  ];
}

/** Whose count the pulse line holds: `ratio` is what it holds over what the pick-up gives. */
function pulseMistake(ratio: number, { pickUp, gearRatio }: Bike): MistakeCause {
  if (pickUp === "spoke-magnet") return "magnets";
  // A gear of two to one would look like poles for pairs.
  if (gearRatio !== null && gearRatio > 1 && near(ratio, 1 / gearRatio)) return "ratio-left-out";
  return near(ratio, 2) ? "poles-for-pairs" : near(ratio, 0.5) ? "pairs-for-poles" : "pulses";
}

/** What the wheel line holds in place of a circumference in millimetres: `r` is what it stands for over the rollout. */
function wheelMistake(r: number): MistakeCause {
  if (near(r, 1 / Math.PI, 0.06)) return "diameter-for-circumference";
  return near(r, 1 / MM_PER_INCH, 0.06) || near(r, 1 / (MM_PER_INCH * Math.PI), 0.06)
    ? "inches-for-millimetres"
    : "wheel";
}

const near = (a: number, b: number, within = 0.02): boolean => Math.abs(a / b - 1) < within;

/** What a line shows for a value; null where it cannot hold it. */
function heldAs(
  profile: DisplayProfile,
  raws: Raws,
  { encoding }: DisplayProfile["lines"][number],
  value: number,
): string | null {
  const encoded = encodeLine(encoding, value, false, contextOf(profile, raws));
  return encoded.ok && encoded.held === value ? shows(encoding, encoded.raw) : null;
}
