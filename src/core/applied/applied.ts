/**
 * From raw values to the bike as its display will really apply them: decoded settings, the read-out error they make
 * with this bike's wheel, and where assist really ends. Lines that are hidden, irrelevant or of no effect have no say.
 */
import {
  capBasisOf,
  contextOf,
  decodeAll,
  endsThrottle,
  isUnsure,
  linesOf,
  matters,
  settingsOf,
  type DisplayProfile,
  type Line,
  type SettingKey,
  type Settings,
} from "../display";
import type { AppliedCap, AsApplied, ThrottleMode } from "../law";
import { readoutError, trueCap, type Interval, type ReadOutNeed, type WheelSetting, type WheelTruth } from "../wheel";
import type { SpeedUnit } from "../units";
import type { Bike } from "../facts/bike";

/** Raw values per line in menu order; null where nobody has read the line. */
export type Raws = readonly (number | null)[];

export interface Saying {
  readonly line: Line;
  readonly index: number;
  readonly raw: number | null;
}

/** The line that decides a setting under these raw values: the first that has a say in it and matters. */
export function decider(profile: DisplayProfile, raws: Raws, setting: SettingKey): Saying | null {
  for (const [index, line] of linesOf(profile).entries())
    if (settingsOf(line).includes(setting) && matters(profile, index, raws))
      return { line, index, raw: raws[index] ?? null };
  return null;
}

/**
 * Canonical value of one setting under these raw values, or null where no line sets it or the line has not been read.
 */
export function decoded<K extends SettingKey>(profile: DisplayProfile, raws: Raws, setting: K): Settings[K] | null {
  const says = decider(profile, raws, setting);
  if (!says || says.raw === null) return null;
  // The profile check ties each value to its setting's domain.
  return (decodeAll(says.line, says.raw, contextOf(profile, raws))[setting] as Settings[K] | undefined) ?? null;
}

/** Whether any line of the display has a say in a setting. */
export const canSet = (profile: DisplayProfile, setting: SettingKey): boolean =>
  linesOf(profile).some((line) => settingsOf(line).includes(setting));

/** The read-out error, or what is missing for it. */
export type ReadOut =
  ({ readonly kind: "known" } & Speedometer) | { readonly kind: "unknown"; readonly needs: readonly ReadOutNeed[] };

export interface Speedometer {
  readonly r: Interval;
  readonly truth: WheelTruth;
  readonly setting: WheelSetting;
}

const COUNTS = ["pulsesPerTurn", "motorPulses"] as const satisfies readonly SettingKey[];
export type CountSetting = (typeof COUNTS)[number];

/** Whether a line that counts one pick-up can hand over to the other. */
const handsOver = (profile: DisplayProfile): boolean =>
  linesOf(profile).some((line) => {
    const settings = settingsOf(line);
    return settings.includes("speedSensor") && COUNTS.some((count) => settings.includes(count));
  });

/** The setting whose line counts under these raw values; null where no line counts the sensor in use. */
export function countingSetting(profile: DisplayProfile, raws: Raws): CountSetting | null {
  const sensor = sensorInUse(profile, raws);
  if (canSet(profile, "pulsesPerTurn") && !(handsOver(profile) && sensor === "motor")) return "pulsesPerTurn";
  return canSet(profile, "motorPulses") && sensor !== "wheel" ? "motorPulses" : null;
}

/** Which pick-up the display counts: any that is fitted, or the one its lines name; null where the switch is unread. */
function sensorInUse(profile: DisplayProfile, raws: Raws): "any" | Settings["speedSensor"] | null {
  if (handsOver(profile)) return decoded(profile, raws, "speedSensor");
  if (canSet(profile, "pulsesPerTurn") || !canSet(profile, "motorPulses")) return "any";
  return canSet(profile, "speedSensor") ? decoded(profile, raws, "speedSensor") : "motor";
}

/**
 * Pulses per wheel turn the display divides by: a line of its own, or a switch between two sensors and a count for one.
 */
export function pulsesSet(profile: DisplayProfile, raws: Raws, bike: Bike): number | null {
  const sensor = sensorInUse(profile, raws);
  // A line that hands over counts its own pick-up only while that one is in use.
  if (canSet(profile, "pulsesPerTurn") && sensor !== null && !(handsOver(profile) && sensor === "motor"))
    return decoded(profile, raws, "pulsesPerTurn");
  switch (sensor) {
    case "any":
      // Nothing on the display says so: it is taken to count what this bike gives.
      return bike.pulsesPerTurn ?? 1;
    case "wheel":
      return 1;
    case "motor":
      return decoded(profile, raws, "motorPulses");
    case null:
      return null;
  }
}

/** Pulses per wheel turn the counted pick-up really gives, or what is missing to know them. */
export function pulsesGiven(
  profile: DisplayProfile,
  raws: Raws,
  { pickUp, pickUpSaid, pulsesPerTurn }: Bike,
): number | ReadOutNeed {
  const given = pulsesPerTurn ?? "pick-up-pulses";
  switch (sensorInUse(profile, raws)) {
    case "wheel":
      return pickUp === "spoke-magnet" ? given : "other-sensor";
    case "motor":
      if (pickUp === "inside-motor") return given;
      return pickUpSaid ? "other-sensor" : "pick-up";
    case "any":
      return canSet(profile, "pulsesPerTurn") ? given : (pulsesPerTurn ?? 1);
    case null:
      return given;
  }
}

/** What the display makes of the pulses, whatever its wheel line holds. */
export interface Counting {
  /** Pulses the pick-up gives per wheel turn, and those the display divides by. */
  readonly given: number;
  readonly set: number;
  /** What a calibration line multiplies by; 1 without one. */
  readonly factor: number;
}

/** How the display counts under these raw values, or what is missing to know it. */
export function countingOf(profile: DisplayProfile, raws: Raws, bike: Bike): Counting | readonly ReadOutNeed[] {
  const given = pulsesGiven(profile, raws, bike);
  const set = pulsesSet(profile, raws, bike);
  const percent = canSet(profile, "speedCalibrationPercent") ? decoded(profile, raws, "speedCalibrationPercent") : 100;
  const needs: readonly (ReadOutNeed | null)[] = [
    typeof given === "number" ? null : given,
    needOf(set, "pulse-line", "pulses-zero"),
    needOf(percent, "calibration-line", "calibration-zero"),
  ];
  const missing = needs.filter((need) => need !== null);
  return missing.length > 0 || typeof given !== "number" || set === null || percent === null
    ? missing
    : { given, set, factor: percent / 100 };
}

/** Relative uncertainty of what the wheel line stands for. */
export function wheelUncertainty(profile: DisplayProfile, raws: Raws): number {
  const encoding = decider(profile, raws, "circumferenceMm")?.line.encoding;
  return encoding?.kind === "wheel-code" || encoding?.kind === "wheel-size" ? encoding.circumferenceUncertainty : 0;
}

const needOf = <Need extends ReadOutNeed>(value: number | null, unread: Need, zero: Need): Need | null =>
  value === null ? unread : value > 0 && Number.isFinite(value) ? null : zero;

/** The read-out error under these raw values, or what is missing to know it. */
export function readOut(profile: DisplayProfile, raws: Raws, bike: Bike): ReadOut {
  const { rollout } = bike;
  const circumferenceMm = decoded(profile, raws, "circumferenceMm");
  const counting = countingOf(profile, raws, bike);
  const wheelNeed = needOf(circumferenceMm, "wheel-line", "wheel-zero");
  if ("length" in counting || !rollout || circumferenceMm === null || wheelNeed)
    return {
      kind: "unknown",
      needs: [
        ...(rollout ? [] : (["rollout"] as const)),
        ...(wheelNeed ? [wheelNeed] : []),
        ...("length" in counting ? counting : []),
      ],
    };
  const truth: WheelTruth = {
    rolloutMm: rollout.mm,
    rolloutUncertaintyMm: rollout.uncertaintyMm,
    pulsesPerTurn: counting.given,
  };
  const setting: WheelSetting = {
    circumferenceMm: circumferenceMm * counting.factor,
    circumferenceUncertainty: wheelUncertainty(profile, raws),
    pulsesPerTurn: counting.set,
  };
  const r = readoutError(truth, setting);
  return r ? { kind: "known", r, truth, setting } : { kind: "unknown", needs: ["rollout"] };
}

/** The read-out error under these raw values, or null while anything it rests on is not known. */
export function speedometer(profile: DisplayProfile, raws: Raws, bike: Bike): Speedometer | null {
  const reading = readOut(profile, raws, bike);
  return reading.kind === "known" ? reading : null;
}

/** Unit the display shows speed in; null where its line has not been read. */
export const shownUnit = (profile: DisplayProfile, raws: Raws): SpeedUnit | null => contextOf(profile, raws).shownUnit;

/** How far a measured top assisted speed may be off, km/h: a steady reading off a GPS. Common practice, no source. */
const MEASURED_SLACK_KMH = 0.5;

/**
 * Where a measured cap of an unknown scale ends drive on this bike: where it was measured, or, on another wheel, at
 * either of what it comes to where it is compared with the speed shown or with the motor's own. Null where nobody says
 * on which bike, or one of the two cannot be worked out: it is to be measured again.
 */
function measuredEnd(
  { measured }: Extract<Line["encoding"], { kind: "unknown-scale" }>,
  raw: number,
  { rollout }: Bike,
  meter: ReadOut,
): Interval | null {
  const end = measured.find((each) => each.raw === raw);
  if (!end?.on || !rollout) return null;
  const { rolloutMm, r } = end.on;
  const isSameWheel = Math.abs(rollout.mm - rolloutMm) <= SAME_ROLLOUT * rolloutMm;
  const now = meter.kind === "known" ? meter.r.nominal : null;
  if (isSameWheel && (r === null || now === null) && r !== now) return null;
  if (!isSameWheel && (r === null || now === null)) return null;
  const byMotor = isSameWheel ? end.value : (end.value * rollout.mm) / rolloutMm;
  const byShown = r === null || now === null ? end.value : (end.value * r) / now;
  return {
    nominal: Math.min(byMotor, byShown),
    low: Math.min(byMotor, byShown) - MEASURED_SLACK_KMH,
    high: Math.max(byMotor, byShown) + MEASURED_SLACK_KMH,
  };
}

/** Rollouts nearer than this, relative, are of one and the same wheel: a tape read twice. */
const SAME_ROLLOUT = 0.01;

/** Where the cap held by a setting really ends drive under these raw values. */
function capOf(
  profile: DisplayProfile,
  raws: Raws,
  bike: Bike,
  setting: "assistCapKmh" | "throttleCapKmh",
): AppliedCap {
  const says = decider(profile, raws, setting);
  if (!says) {
    const share = setting === "assistCapKmh" ? decider(profile, raws, "capPowerShare") : null;
    if (!share) return { kind: "no-line" };
    if (share.raw === null) return { kind: "not-read" };
    return decoded(profile, raws, "capPowerShare") === "uncapped"
      ? { kind: "uncapped" }
      : { kind: "unmeasured", basis: "share" };
  }
  if (says.raw === null) return { kind: "not-read" };
  const { encoding } = says.line;
  const capKmh = decoded(profile, raws, setting);
  if (capKmh === "uncapped") return { kind: "uncapped" };
  if (encoding.kind === "unknown-scale") {
    const kmh = measuredEnd(encoding, says.raw, bike, readOut(profile, raws, bike));
    return capKmh === null || kmh === null
      ? { kind: "unmeasured", basis: "unknown" }
      : { kind: "true", shownKmh: capKmh, kmh, unitOpen: false };
  }
  if (isUnsure(says.line)) return { kind: "unmeasured", basis: "unknown" };
  if (capKmh === null) return { kind: "not-read" };
  const basis = capBasisOf(encoding) ?? "unknown";
  if (basis !== "shown") return { kind: "unmeasured", basis };
  const meter = readOut(profile, raws, bike);
  const unitOpen = encoding.kind === "speed-cap" && encoding.heldIn === "shown" && shownUnit(profile, raws) === null;
  return meter.kind === "known"
    ? { kind: "true", shownKmh: capKmh, kmh: trueCap(capKmh, meter.r), unitOpen }
    : { kind: "no-read-out", shownKmh: capKmh, needs: meter.needs, unitOpen };
}

/** Where assist really ends under these raw values. */
export const appliedCap = (profile: DisplayProfile, raws: Raws, bike: Bike): AppliedCap =>
  capOf(profile, raws, bike, "assistCapKmh");

/** Where throttle drive really ends: a cap of its own, or the assist cap where that ends it too. */
export function throttleCap(profile: DisplayProfile, raws: Raws, bike: Bike): AppliedCap {
  if (canSet(profile, "throttleCapKmh")) return capOf(profile, raws, bike, "throttleCapKmh");
  const encoding = decider(profile, raws, "assistCapKmh")?.line.encoding;
  return encoding && endsThrottle(encoding) ? appliedCap(profile, raws, bike) : { kind: "no-line" };
}

/** Settings whose lines say anything of what the throttle does. */
const THROTTLE_LINES: readonly SettingKey[] = [
  "throttleMode",
  "driveMode",
  "throttleAfterPedalling",
  "throttleWalkingPace",
  "throttleFromStandstill",
];

/** How the throttle drives: by its own line, or as the drive mode leaves it. */
function throttleMode(profile: DisplayProfile, raws: Raws): ThrottleMode | null {
  const drive = decoded(profile, raws, "driveMode");
  if (drive === "assist-only") return "off";
  const mode = decoded(profile, raws, "throttleMode");
  if (mode !== null) return mode;
  if (canSet(profile, "throttleMode")) return null;
  // Without a line that switches it, a throttle that is fitted drives, held back by what other lines say.
  const heldBack = canSet(profile, "throttleAfterPedalling") || canSet(profile, "throttleWalkingPace");
  return drive !== null || (heldBack && !canSet(profile, "driveMode")) ? "full" : null;
}

/** Battery amps the display lets through: a line in amps, or a share of what the controller gives. */
export function appliedCurrentA(profile: DisplayProfile, raws: Raws, bike: Bike): number | null {
  const amps = decoded(profile, raws, "currentLimitA");
  if (amps !== null) return amps;
  const share = decoded(profile, raws, "currentShare");
  return share === null || bike.controllerA === null ? null : share * bike.controllerA;
}

/** Everything a class is judged on, under these raw values. */
export function asApplied(profile: DisplayProfile, raws: Raws, bike: Bike): AsApplied {
  const walkAssistKmh = decoded(profile, raws, "walkAssistKmh");
  const meter = speedometer(profile, raws, bike);
  return {
    assistCap: appliedCap(profile, raws, bike),
    throttleCap: throttleCap(profile, raws, bike),
    throttleFitted: bike.throttleFitted,
    throttleMode: throttleMode(profile, raws),
    throttleHasLine: THROTTLE_LINES.some((setting) => canSet(profile, setting)),
    throttleAfterPedalling: decoded(profile, raws, "throttleAfterPedalling"),
    throttleWalkingPace: decoded(profile, raws, "throttleWalkingPace"),
    walkAssistOn: decoded(profile, raws, "walkAssistOn"),
    walkAssistKmh,
    walkAssistTrueKmh: walkAssistKmh === null || !meter ? null : trueCap(walkAssistKmh, meter.r),
    motorRatedW: bike.motorRatedW,
    nominalV: bike.packV,
    currentLimitA: appliedCurrentA(profile, raws, bike),
  };
}
