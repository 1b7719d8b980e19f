/**
 * From raw values to the bike as its display will really apply them: decoded settings, the read-out error they make with
 * this bike's wheel, and where assist really ends.
 */
import { decodeLine, linesOf, type DisplayProfile, type SettingKey, type Settings, type SpeedCapEncoding } from "../display";
import type { AppliedCap, AsApplied } from "../law";
import { readoutError, trueCap, type Interval, type WheelSetting, type WheelTruth } from "../wheel";
import type { Bike } from "./bike";

/** Raw values per line in menu order; null where nobody has read the line. */
export type Raws = readonly (number | null)[];

/** Canonical value of one setting under these raw values, or null where no line sets it or the line has not been read. */
export function decoded<K extends SettingKey>(profile: DisplayProfile, raws: Raws, setting: K): Settings[K] | null {
  for (const [i, line] of linesOf(profile).entries()) {
    if (line.encoding.setting !== setting) continue;
    const raw = raws[i];
    // The encoding's `setting` decides the value's type; the schema ties the two together.
    return raw === null || raw === undefined ? null : (decodeLine(line.encoding, raw) as Settings[K] | null);
  }
  return null;
}

export interface Speedometer {
  readonly r: Interval;
  readonly truth: WheelTruth;
  readonly setting: WheelSetting;
}

/** The read-out error under these raw values, or null while wheel, pulses or rollout are not known. */
export function speedometer(profile: DisplayProfile, raws: Raws, bike: Bike): Speedometer | null {
  const circumferenceMm = decoded(profile, raws, "circumferenceMm");
  const pulsesPerTurn = decoded(profile, raws, "pulsesPerTurn") ?? (linesOf(profile).some((line) => line.encoding.setting === "pulsesPerTurn") ? null : bike.pulsesPerTurn);
  if (circumferenceMm === null || pulsesPerTurn === null || !bike.rollout) return null;
  const wheel = linesOf(profile).find((line) => line.encoding.kind === "wheel-code")?.encoding;
  const truth: WheelTruth = { rolloutMm: bike.rollout.mm, rolloutUncertaintyMm: bike.rollout.uncertaintyMm, pulsesPerTurn: bike.pulsesPerTurn };
  const setting: WheelSetting = { circumferenceMm, circumferenceUncertainty: wheel?.kind === "wheel-code" ? wheel.circumferenceUncertainty : 0, pulsesPerTurn };
  return { r: readoutError(truth, setting), truth, setting };
}

/** The line that caps assist, and how it is encoded. */
export function capLine(profile: DisplayProfile): { readonly code: string; readonly encoding: SpeedCapEncoding } | null {
  for (const { code, encoding } of linesOf(profile)) if (encoding.kind === "speed-cap") return { code, encoding };
  return null;
}

/** Where assist really ends under these raw values. */
export function appliedCap(profile: DisplayProfile, raws: Raws, bike: Bike): AppliedCap {
  const line = capLine(profile);
  if (!line) return { kind: "no-line" };
  const capKmh = decoded(profile, raws, "assistCapKmh");
  if (capKmh === null) return { kind: "not-read" };
  if (capKmh === "uncapped") return { kind: "uncapped" };
  if (line.encoding.basis !== "shown") return { kind: "unmeasured", basis: line.encoding.basis };
  const meter = speedometer(profile, raws, bike);
  return meter ? { kind: "true", shownKmh: capKmh, kmh: trueCap(capKmh, meter.r) } : { kind: "no-wheel", shownKmh: capKmh };
}

/** Everything a class is judged on, under these raw values. */
export function asApplied(profile: DisplayProfile, raws: Raws, bike: Bike): AsApplied {
  return {
    assistCap: appliedCap(profile, raws, bike),
    capEndsThrottle: capLine(profile)?.encoding.endsThrottle ?? false,
    throttleFitted: bike.throttleFitted,
    throttleMode: decoded(profile, raws, "throttleMode"),
    walkAssistOn: decoded(profile, raws, "walkAssistOn"),
    motorRatedW: bike.motorRatedW,
    nominalV: bike.packV,
    currentLimitA: decoded(profile, raws, "currentLimitA"),
  };
}
