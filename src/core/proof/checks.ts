/**
 * The checks a bike is due before it leaves, chosen by what it is and what was set, with the numbers to expect.
 * Order and content: common practice, no source. Brake cut-off comes before anything turns under power.
 */
import { assistLimit, type AppliedCap, type ClassChoice } from "../law";
import type { Bike, Speedometer } from "../setup";
import { readQuantity } from "../units/quantity";

export type CheckId =
  | "brake-cut-off"
  | "spin-speed"
  | "levels"
  | "throttle"
  | "throttle-release"
  | "walk-assist"
  | "crawl-and-turn"
  | "speedometer-run"
  | "top-speed-run";

export type Expectation =
  | { readonly kind: "yes" }
  /** A measured speed that must not pass `atMostKmh`; `expectedKmh` is what the numbers foretell. */
  | {
      readonly kind: "at-most";
      readonly expectedKmh: number | null;
      readonly atMostKmh: number;
      readonly strict: boolean;
    }
  /** A reading that must lie between two speeds. */
  | { readonly kind: "between"; readonly lowKmh: number; readonly highKmh: number; readonly atTrueKmh: number };

export interface DueCheck {
  readonly id: CheckId;
  readonly expect: Expectation;
  /** Whether the wheel turns under power while it is done. */
  readonly wheelTurns: boolean;
}

export interface CheckContext {
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  readonly cap: AppliedCap;
  readonly meter: Speedometer | null;
  readonly throttleOn: boolean;
  readonly walkAssistOn: boolean;
}

/** True speed of the speedometer run, km/h: slow enough for a yard, fast enough to read. */
const RUN_KMH = 20;

/** Reading a bouncing number off a handlebar, km/h. */
const READING_SLACK_KMH = 0.5;

/** The checks due, in the order they are done. Speeds in km/h. */
export function dueChecks({ bike, choice, cap, meter, throttleOn, walkAssistOn }: CheckContext): readonly DueCheck[] {
  const yes = (id: CheckId, wheelTurns = true): DueCheck => ({ id, expect: { kind: "yes" }, wheelTurns });
  const limit = choice ? assistLimit(choice) : null;
  const checks: DueCheck[] = [];
  if (bike.brakeCutOff !== false) checks.push(yes("brake-cut-off"));
  checks.push(yes("spin-speed"), yes("levels"));
  if (bike.throttleFitted !== false) checks.push(yes("throttle"));
  if (throttleOn && bike.throttleFitted !== false) checks.push(yes("throttle-release"));
  if (walkAssistOn) {
    const walkKmh = choice?.rule.walkAssistKmh ?? null;
    checks.push({
      id: "walk-assist",
      expect:
        walkKmh === null ? { kind: "yes" } : { kind: "at-most", expectedKmh: null, atMostKmh: walkKmh, strict: false },
      wheelTurns: true,
    });
  }
  checks.push(yes("crawl-and-turn"));
  if (meter)
    checks.push({
      id: "speedometer-run",
      expect: {
        kind: "between",
        lowKmh: RUN_KMH * meter.r.low - READING_SLACK_KMH,
        highKmh: RUN_KMH * meter.r.high + READING_SLACK_KMH,
        atTrueKmh: RUN_KMH,
      },
      wheelTurns: true,
    });
  if (limit)
    checks.push({
      id: "top-speed-run",
      expect: {
        kind: "at-most",
        expectedKmh: cap.kind === "true" ? cap.kmh.nominal : null,
        atMostKmh: limit.kmh,
        strict: limit.strict,
      },
      wheelTurns: true,
    });
  return checks;
}

export type Verdict = "due" | "passed" | "failed" | "not-a-number";

/** Verdict on one check from what was written down; a speed is in km/h unless it names another unit, a yes/no is "yes" or "no". */
export function verdictOn(
  check: DueCheck,
  result: { readonly answer: string; readonly measured: string } | undefined,
): Verdict {
  if (!result) return "due";
  const { expect } = check;
  if (expect.kind === "yes") return result.answer === "yes" ? "passed" : result.answer === "no" ? "failed" : "due";
  if (result.measured.trim() === "") return "due";
  const kmh = readQuantity(result.measured, "km/h").value;
  if (!(kmh >= 0 && kmh <= 200)) return "not-a-number";
  if (expect.kind === "between") return kmh >= expect.lowKmh && kmh <= expect.highKmh ? "passed" : "failed";
  return (expect.strict ? kmh < expect.atMostKmh : kmh <= expect.atMostKmh) ? "passed" : "failed";
}
