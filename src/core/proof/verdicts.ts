/** What was written down for a check, and what it comes to. */
import { twinsBySpeed } from "../assist/twins";
import { speedToKmh, type SpeedUnit } from "../units";
import { readQuantity, readSpeedKmh } from "../units/quantity";
import { typedNumber } from "../units/typedNumber";
import type { DueCheck, Expectation } from "./checks";

/** "due-again": it was answered, and something it rests on has changed since. */
export type Verdict = "due" | "due-again" | "passed" | "failed" | "not-a-number";

/** What was written down for a check: yes or no, or a speed in the unit it was asked in unless it names another. */
export interface CheckAnswer {
  readonly answer: string;
  readonly measured: string;
  readonly askedIn: SpeedUnit;
}

/** Fastest speed that is taken for a reading, km/h. */
const FASTEST_KMH = 200;

/** Verdict on one check from what was written down. `changed`: lines and facts it rests on that have changed since. */
export function verdictOn(check: DueCheck, result: CheckAnswer | undefined, changed: readonly string[] = []): Verdict {
  if (!result) return "due";
  const { expect } = check;
  const verdict = verdictNow(expect, result);
  return changed.length > 0 && verdict !== "due" ? "due-again" : verdict;
}

const judged = (isSo: boolean): Verdict => (isSo ? "passed" : "failed");

function verdictNow(expect: Expectation, { answer, measured, askedIn }: CheckAnswer): Verdict {
  if (expect.kind === "yes") return answer === "yes" ? "passed" : answer === "no" ? "failed" : "due";
  if (measured.trim() === "") return "due";
  switch (expect.kind) {
    case "at-most":
    case "between":
      return speedVerdict(expect, readSpeedKmh(measured, askedIn));
    case "seconds": {
      const seconds = readSeconds(measured);
      return seconds === null ? "not-a-number" : judged(seconds >= expect.lowS && seconds <= expect.highS);
    }
    case "noted":
      return readNoted(expect.in, measured, askedIn) === null ? "not-a-number" : "passed";
    case "volts": {
      const { value } = readQuantity(measured, "V");
      return value >= 0 && value <= MOST_VOLTS ? judged(value >= expect.leastV) : "not-a-number";
    }
    case "level-speeds": {
      const speeds = readLevelSpeeds(measured, askedIn);
      if (speeds?.length !== expect.levels) return "not-a-number";
      const { falls, twins } = levelsTold(speeds, expect.capKmh);
      return judged(falls.length === 0 && twins.length === 0);
    }
  }
}

function speedVerdict(expect: Extract<Expectation, { kind: "at-most" | "between" }>, kmh: number): Verdict {
  if (!(kmh >= 0 && kmh <= FASTEST_KMH)) return "not-a-number";
  if (expect.kind === "between") return judged(kmh >= expect.lowKmh && kmh <= expect.highKmh);
  return judged(expect.strict ? kmh < expect.atMostKmh : kmh <= expect.atMostKmh);
}

/** Longest time taken for one measured by hand, s, and most volts of a pack. */
export const MOST_SECONDS = 600;
export const MOST_VOLTS = 120;

/** A time as typed, s; null where it is none. */
export function readSeconds(measured: string): number | null {
  const { value } = readQuantity(measured, "s");
  return value >= 0 && value <= MOST_SECONDS ? value : null;
}

function readNoted(unit: "s" | "km/h", measured: string, askedIn: SpeedUnit): number | null {
  if (unit === "s") return readSeconds(measured);
  const kmh = readSpeedKmh(measured, askedIn);
  return kmh >= 0 && kmh <= FASTEST_KMH ? kmh : null;
}

/** Speeds in a row as typed, km/h, in the unit asked unless they name another; null where one is none. */
export function readLevelSpeeds(typed: string, askedIn: SpeedUnit): readonly number[] | null {
  const [, row = "", named] = /^(.*?)\s*(mph|km\/h|kmh)?\s*$/i.exec(typed) ?? [];
  const unit: SpeedUnit = named === undefined ? askedIn : /mph/i.test(named) ? "mph" : "kmh";
  const speeds = row
    .split(/[\s/;]+/)
    .filter(Boolean)
    .map((part) => speedToKmh(typedNumber(part), unit));
  return speeds.every((kmh) => kmh >= 0 && kmh <= FASTEST_KMH) ? speeds : null;
}

export interface LevelsTold {
  /** Levels slower than the one below. */
  readonly falls: readonly number[];
  /** Levels that are really the same as one below, and which. */
  readonly twins: readonly { readonly level: number; readonly sameAs: number }[];
}

/** Slower by less than this is the wind, km/h. Common practice, no source. */
const FALLS_KMH = 1;
/** Levels this near the end of assist meet there, whatever they are, km/h. */
const MEETS_KMH = 1.5;

/** What measured steady speeds of the levels, from 1 up, tell. Levels that meet at the end of assist are no twins. */
export function levelsTold(speedsKmh: readonly number[], capKmh: number | null): LevelsTold {
  const meets = (level: number): boolean => capKmh !== null && (speedsKmh[level - 1] ?? 0) > capKmh - MEETS_KMH;
  return {
    falls: speedsKmh.flatMap((kmh, i) => (i > 0 && kmh < (speedsKmh[i - 1] ?? 0) - FALLS_KMH ? [i + 1] : [])),
    twins: twinsBySpeed(speedsKmh)
      .map(({ level, sameAs }) => ({ level: level + 1, sameAs: sameAs + 1 }))
      .filter(({ level, sameAs }) => !(meets(level) && meets(sameAs))),
  };
}
