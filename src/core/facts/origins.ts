/**
 * Where facts come from and how far they may be off: which are measured, which are read off the display, and which
 * other fact says how far one may be off. Everything else is said: told by the rider or read off a label.
 */
import { FACT_FIELDS, type FactKey, type Facts } from "./everyFact";
import type { IntakeField } from "./fields";

/** How a fact is known: told or off a label, taken with a measure, read off the display, or nobody has said it. */
export type Source = "said" | "measured" | "read" | "from-memory";

export interface Fact {
  readonly key: FactKey;
  /** In the field's own unit; an option by its name, a text as typed. */
  readonly value: number | string;
  readonly unit: string | null;
  readonly source: Source;
  /** How far it may be off either way, in its unit; null where nobody can say. */
  readonly uncertainty: number | null;
  /** When it was typed, as an ISO timestamp; null for what nobody typed, and where no time was kept. */
  readonly at: string | null;
}

const MEASURED: ReadonlySet<FactKey> = new Set<FactKey>([
  "rolloutMm",
  "outerDiameterMm",
  "oneTrueKmh",
  "runs",
  "trackKm",
  "courseM",
  "courseS",
  "measuredSpeeds",
  "measuredLadders",
  "freeKmh",
  "offGroundKmh",
  "motorMilliohm",
  "noLoadA",
  "standbyW",
]);

const READ_OFF: ReadonlySet<FactKey> = new Set<FactKey>(["oneShown", "tripShown", "courseShown", "bars"]);

/** Half of what one step of a reading comes to. */
const halfOf = (step: "shownStep" | "tripStep") => (facts: Facts) => facts.number(step) / 2;

/** How far a fact may be off either way, in its own unit, out of the others. */
const UNCERTAINTY: { readonly [K in FactKey]?: (facts: Facts) => number | null } = {
  rolloutMm: (facts) => facts.number("tapeErrorMm"),
  oneTrueKmh: (facts) => facts.number("oneTrueErrorKmh"),
  trackKm: (facts) => facts.number("trackErrorKm"),
  courseM: (facts) => facts.number("courseTapeM"),
  courseS: (facts) => facts.number("stopwatchS"),
  oneShown: halfOf("shownStep"),
  courseShown: halfOf("shownStep"),
  tripShown: halfOf("tripStep"),
};

/** A fact with all that is known of it; null where it is not known and nothing stands in. */
export function factOf(key: FactKey, facts: Facts, typedAt: Readonly<Record<string, string>>): Fact | null {
  const value = facts.value(key);
  if (value === null) return null;
  const field: IntakeField = FACT_FIELDS[key];
  const said = facts.said(key);
  return {
    key,
    value,
    unit: field.kind === "number" ? field.unit : null,
    source: !said ? "from-memory" : MEASURED.has(key) ? "measured" : READ_OFF.has(key) ? "read" : "said",
    uncertainty: said ? (UNCERTAINTY[key]?.(facts) ?? null) : null,
    at: said ? (typedAt[key] ?? null) : null,
  };
}

/** Whether a fact was measured on the one bike in hand or read off its display: another like it has its own. */
export const isTakenOffOneBike = (key: string): boolean => MEASURED.has(key as FactKey) || READ_OFF.has(key as FactKey);
