/**
 * What a bench comes to as lines of the display: each with the raw value it would hold. All of a bench's lines go into
 * the plan together, so that none stands without the others.
 */
import {
  contextOf,
  encodeLine,
  isShown,
  LEVEL_SHARES,
  linesOf,
  rawValues,
  settingsOf,
  shows,
  type DisplayProfile,
  type SettingKey,
  type SettingValue,
} from "../display";
import { decoded, type Raws } from "../applied/applied";
import type { Bike } from "../facts/bike";
import type { BatteryBench, CurrentBench } from "./packBench";
import type { WheelChoice } from "./wheelBench";

/** A line with the raw value it is to hold. */
export interface LineValue {
  readonly code: string;
  readonly raw: number;
}

/** Why a ladder cannot be held. */
export type LadderLines =
  | { readonly kind: "lines"; readonly values: readonly LineValue[] }
  | { readonly kind: "no-share-lines" }
  /** The display cannot be set to so many levels, or has no line for the share of one of them. */
  | { readonly kind: "levels-not-held"; readonly levels: number };

const lineOf = (profile: DisplayProfile, setting: SettingKey): number =>
  linesOf(profile).findIndex((line) => settingsOf(line).includes(setting));

/** A setting written on its line beside these others; null where no line can hold it. */
function written(profile: DisplayProfile, raws: Raws, setting: SettingKey, value: SettingValue): LineValue | null {
  const line = linesOf(profile)[lineOf(profile, setting)];
  if (!line || line.effect === "none") return null;
  const encoded = encodeLine(line.encoding, value, false, contextOf(profile, raws));
  return encoded.ok ? { code: line.code, raw: encoded.raw } : null;
}

const withValue = (profile: DisplayProfile, raws: Raws, { code, raw }: LineValue): Raws =>
  raws.with(
    linesOf(profile).findIndex((line) => line.code === code),
    raw,
  );

/** A ladder as lines: the number of levels, where the display has a line for it, and the share of each. */
export function ladderLines(profile: DisplayProfile, raws: Raws, shares: readonly number[]): LadderLines {
  if (lineOf(profile, "share1") < 0) return { kind: "no-share-lines" };
  const levels = shares.length;
  const count = lineOf(profile, "assistLevels") < 0 ? null : written(profile, raws, "assistLevels", levels);
  const withCount = count ? withValue(profile, raws, count) : raws;
  const isHeld =
    count === null ? lineOf(profile, "assistLevels") < 0 : decoded(profile, withCount, "assistLevels") === levels;
  const values = shares.map((share, i) => {
    const key = LEVEL_SHARES[i];
    const index = key ? lineOf(profile, key) : -1;
    return key && index >= 0 && isShown(profile, index, withCount) ? written(profile, withCount, key, share) : null;
  });
  const held = values.filter((value) => value !== null);
  return isHeld && held.length === levels
    ? { kind: "lines", values: [...(count ? [count] : []), ...held] }
    : { kind: "levels-not-held", levels };
}

const BARS = ["bar1V", "bar2V", "bar3V", "bar4V", "bar5V"] as const satisfies readonly SettingKey[];

/** Volts, cut-off and bars as lines; bars only where the display has one for each, opened where a preset hides them. */
export function packLines(profile: DisplayProfile, raws: Raws, bike: Bike, bench: BatteryBench): readonly LineValue[] {
  const nominal = bike.packV === null ? null : written(profile, raws, "nominalV", bike.packV);
  const cutOff = written(profile, raws, "cutOffV", bench.cutOff.advisedV);
  const hasBars = bench.bars.length === BARS.length && BARS.every((bar) => lineOf(profile, bar) >= 0);
  const own = hasBars && lineOf(profile, "packChemistry") >= 0 ? written(profile, raws, "packChemistry", "own") : null;
  const opened = own ? withValue(profile, raws, own) : raws;
  const isOpen = BARS.every((bar) => isShown(profile, lineOf(profile, bar), opened));
  const bars = hasBars && isOpen ? BARS.map((bar, i) => written(profile, opened, bar, bench.bars[i]?.volts ?? 0)) : [];
  return [nominal, cutOff, ...(bars.length > 0 ? [own] : []), ...bars].filter((value) => value !== null);
}

/** Amps the parts allow, on a line in amps or in shares of the controller's. */
export function currentLines(
  profile: DisplayProfile,
  raws: Raws,
  bike: Bike,
  { allowed }: CurrentBench,
): readonly LineValue[] {
  if (!allowed) return [];
  const amps = written(profile, raws, "currentLimitA", allowed.allowedA);
  const share =
    bike.controllerA === null
      ? null
      : written(profile, raws, "currentShare", Math.min(1, allowed.allowedA / bike.controllerA));
  const value = amps ?? share;
  return value ? [value] : [];
}

/** Lines told by what they are to show. */
export function shownLines(
  profile: DisplayProfile,
  told: readonly { readonly code: string; readonly shows: string }[],
): readonly LineValue[] {
  return told.flatMap(({ code, shows: shown }) => {
    const line = linesOf(profile).find((each) => each.code === code);
    const raw = line && rawValues(line.encoding).find((each) => shows(line.encoding, each) === shown);
    return raw === undefined ? [] : [{ code, raw }];
  });
}

/** The lines of a wheel choice that differ from what stands there. */
export const wheelLines = (profile: DisplayProfile, { changes }: WheelChoice): readonly LineValue[] =>
  shownLines(
    profile,
    changes.map(({ code, to }) => ({ code, shows: to })),
  );
