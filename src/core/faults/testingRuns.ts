/** For tests and the bench: other orders of the same checks, and checks that never err or lie. */
import type { Strategy } from "./caseRuns";
import type { FaultCheck, FaultData } from "./faults";
import type { NextCheck } from "./standing";

const first =
  (before: (a: NextCheck, b: NextCheck, data: FaultData) => number): Strategy =>
  (worth, data) =>
    [...worth].sort((a, b) => before(a, b, data))[0];

export const STRATEGIES = {
  finder: null,
  "probability per minute": first((a, b) => b.perMinute - a.perMinute),
  "cheapest first": first((a, b) => a.check.minutes - b.check.minutes),
  "likeliest first": first((a, b) => b.probability - a.probability),
  "as listed": first((a, b, { checks }) => checks.indexOf(a.check) - checks.indexOf(b.check)),
} as const satisfies Readonly<Record<string, Strategy | null>>;

/** The same data as somebody holds it who knows that so many checks lie. */
export const withLies = (data: FaultData, lies: number): FaultData => ({
  ...data,
  checks: data.checks.map((check): FaultCheck => ({
    ...check,
    tells: Object.fromEntries(
      Object.entries(check.tells).map(([cause, tells]) => [cause, tells + lies - 2 * lies * tells]),
    ),
    falseAlarm: check.falseAlarm + lies - 2 * lies * check.falseAlarm,
  })),
});

/** The same data where no check errs: what it can tell, it tells. */
export const withoutErrors = (data: FaultData): FaultData => ({
  ...data,
  checks: data.checks.map((check): FaultCheck => ({
    ...check,
    tells: Object.fromEntries(Object.keys(check.tells).map((cause) => [cause, 1])),
    falseAlarm: 0,
  })),
});
