/**
 * From a failed check to what mends it: the one line to set otherwise, worked out from what was measured, and the
 * checks that fall due again once it is. Where no line mends it there is none: then it is a part, and a fault to look
 * for.
 */
import { decoded } from "../applied";
import {
  contextOf,
  decodeAll,
  isShown,
  linesOf,
  rawValues,
  settingsOf,
  shows,
  type Decoded,
  type SettingKey,
} from "../display";
import { CHECK_IDS, levelsTold, readLevelSpeeds, type CheckId, type DueCheck } from "../proof";
import { own } from "../units/limits";
import { readSpeedKmh } from "../units/quantity";
import { restingOn } from "./checking";
import { heldRaws } from "./columns";
import { setByHand } from "./byHand";
import type { Job } from "./job";
import { setKeysAside } from "./settingAside";

export interface FailedMend {
  readonly code: string;
  readonly raw: number;
  readonly holds: string;
  readonly toHold: string;
  /** What it stands for then. */
  readonly means: Decoded;
  /** Checks answered before that rest on the line, the failed one first. */
  readonly due: readonly CheckId[];
}

/** A value of a line, and what it comes to. */
interface Choice {
  readonly raw: number;
  readonly comesTo: number;
}

interface LineNow {
  readonly index: number;
  readonly code: string;
  readonly raw: number;
  /** Canonical value it holds now. */
  readonly value: number;
  /** Every value it can hold, with its canonical one. */
  readonly choices: readonly Choice[];
}

/** The line of the menu that holds a number for a setting, as far as it has been read. */
function lineNow(job: Job, setting: SettingKey): LineNow | null {
  const { profile } = job;
  if (!profile) return null;
  const raws = heldRaws(job);
  const value = decoded(profile, raws, setting);
  const index = linesOf(profile).findIndex(
    (line, i) => settingsOf(line).includes(setting) && isShown(profile, i, raws),
  );
  const line = linesOf(profile)[index];
  const raw = raws[index];
  if (!line || raw === null || raw === undefined || typeof value !== "number" || line.makerOnly) return null;
  const context = contextOf(profile, raws);
  const choices = rawValues(line.encoding).flatMap((each) => {
    const comesTo = decodeAll(line, each, context)[setting];
    return typeof comesTo === "number" && each !== raw ? [{ raw: each, comesTo }] : [];
  });
  return { index, code: line.code, raw, value, choices };
}

/** The choice that comes to most of those that pass; null where none does. */
const greatest = (choices: readonly Choice[], passes: (comesTo: number) => boolean): Choice | null =>
  choices
    .filter(({ comesTo }) => comesTo > 0 && passes(comesTo))
    .reduce<Choice | null>((best, each) => (best && best.comesTo >= each.comesTo ? best : each), null);

interface Found {
  readonly line: LineNow;
  readonly raw: number;
}
const found = (line: LineNow | null, choice: Choice | null): Found | null =>
  line && choice ? { line, raw: choice.raw } : null;

/**
 * A cap that ended drive at a measured speed, set so that it ends it within the limit: what it holds and where it ended
 * stand in proportion, whatever it is compared with.
 */
function capToHold(job: Job, setting: SettingKey, { expect }: DueCheck, measuredKmh: number): Found | null {
  const line = lineNow(job, setting);
  if (!line || expect.kind !== "at-most" || measuredKmh <= 0) return null;
  const perUnit = measuredKmh / line.value;
  const passes = (comesTo: number): boolean =>
    expect.strict ? comesTo * perUnit < expect.atMostKmh : comesTo * perUnit <= expect.atMostKmh + 1e-9;
  return found(line, greatest(line.choices, passes));
}

/** Read-out errors past this are a mistake with a cause, never an error to trim. */
const TRIMMED = 0.25;
/** A speedometer reads right, or high by no more than this. */
const HIGH_BY = 0.03;

/** A line that turns a speedometer in proportion to its value: a calibration of the display's own, or the wheel. */
const TURNS_SPEEDOMETER = ["speedCalibrationPercent", "circumferenceMm"] as const satisfies readonly SettingKey[];

/** The line set so that a speedometer that showed so much at a true speed reads right, and never low. */
function speedometerToHold(job: Job, { expect }: DueCheck, shownKmh: number): Found | null {
  if (expect.kind !== "between") return null;
  const r = shownKmh / expect.atTrueKmh;
  if (Math.abs(r - 1) > TRIMMED) return null;
  const offers = TURNS_SPEEDOMETER.flatMap((setting) => {
    const line = lineNow(job, setting);
    return line ? line.choices.map(({ raw, comesTo }) => ({ line, raw, after: (r * comesTo) / line.value })) : [];
  });
  const right = offers.filter(({ after }) => after >= 1 && after <= 1 + HIGH_BY).sort((x, y) => x.after - y.after)[0];
  const off = (after: number): number => Math.abs(Math.log(after));
  const best = right ?? offers.sort((x, y) => off(x.after) - off(y.after))[0];
  // No other value may come nearer than the one it holds.
  return best && off(best.after) < off(r) ? { line: best.line, raw: best.raw } : null;
}

/** Fewer levels, where two of those there are were measured to be one. */
function levelsToHold(job: Job, { expect, unit }: DueCheck, measured: string): Found | null {
  const speeds = readLevelSpeeds(measured, unit);
  if (!speeds || expect.kind !== "level-speeds") return null;
  const { twins, falls } = levelsTold(speeds, expect.capKmh);
  const line = lineNow(job, "assistLevels");
  if (!line || twins.length === 0 || falls.length > 0) return null;
  const real = line.value - twins.length;
  // As many as are real, or the next fewer: never more than there are.
  return found(
    line,
    greatest(line.choices, (comesTo) => comesTo < line.value && comesTo <= Math.max(real, 1)) ??
      greatest(line.choices, (comesTo) => comesTo < line.value),
  );
}

/** A line that switches something on, switched off. */
function switchedOff(job: Job, setting: "cruiseOn"): Found | null {
  const { profile } = job;
  if (!profile) return null;
  const raws = heldRaws(job);
  const index = linesOf(profile).findIndex(
    (line, i) => settingsOf(line).includes(setting) && isShown(profile, i, raws),
  );
  const line = linesOf(profile)[index];
  const raw = raws[index];
  if (!line || raw === null || raw === undefined || decoded(profile, raws, setting) !== true) return null;
  const off = rawValues(line.encoding).find(
    (each) => decodeAll(line, each, contextOf(profile, raws))[setting] === false,
  );
  return off === undefined ? null : { line: { index, code: line.code, raw, value: 1, choices: [] }, raw: off };
}

function lineToSet(job: Job, check: DueCheck): Found | null {
  const measured = own(job.checks, check.id)?.measured ?? "";
  const askedIn = own(job.checks, check.id)?.askedIn ?? check.unit;
  const kmh = readSpeedKmh(measured, askedIn);
  switch (check.id) {
    case "top-speed-run":
      return capToHold(job, "assistCapKmh", check, kmh);
    case "walk-assist":
      return capToHold(job, "walkAssistKmh", check, kmh);
    case "speedometer-run":
      return speedometerToHold(job, check, kmh);
    case "level-speeds":
      return levelsToHold(job, { ...check, unit: askedIn }, measured);
    case "throttle-release":
    case "release-lag":
    case "cruise":
      return switchedOff(job, "cruiseOn");
    default:
      return null;
  }
}

/** What mends a failed check, by one line; null where no line does. */
export function failedMend(job: Job, check: DueCheck): FailedMend | null {
  const { profile } = job;
  const set = profile ? lineToSet(job, check) : null;
  const line = profile && set ? linesOf(profile)[set.line.index] : undefined;
  if (!profile || !set || !line) return null;
  const { encoding } = line;
  const { code, raw } = set.line;
  const rests = CHECK_IDS.filter((id) => own(job.checks, id) && own(restingOn(job, id), code) !== undefined);
  return {
    code,
    raw: set.raw,
    holds: shows(encoding, raw),
    toHold: shows(encoding, set.raw),
    means: decodeAll(line, set.raw, contextOf(profile, heldRaws(job))),
    due: [check.id, ...rests.filter((id) => id !== check.id)],
  };
}

/** The job with the mend planned, and its keys to be pressed again. `at` is an ISO timestamp, `why` goes on record. */
export function withFailedMend(job: Job, { code, raw }: FailedMend, at: string, why: string): Job {
  const aside = setKeysAside(job, at, why);
  return setByHand(aside, { [code]: raw }, at, why);
}
