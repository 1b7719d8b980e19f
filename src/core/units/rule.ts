/**
 * Pairs of units of the trade for a two-way rule: each a straight line from one to the other.
 * Sources: international yard and pound agreement, 1959; Celsius and Fahrenheit by definition.
 */
import { KG_PER_POUND, KM_PER_MILE, MM_PER_INCH } from "./convert";

export interface UnitPair {
  readonly id: "speed" | "distance" | "length" | "mass" | "temperature";
  readonly upper: string;
  readonly lower: string;
  /** lower = upper × factor + offset. */
  readonly factor: number;
  readonly offset: number;
  /** Range of the rule, in the upper unit. */
  readonly from: number;
  readonly to: number;
  /** Where it starts, in the upper unit. */
  readonly start: number;
  /** What is exact, and by whom. */
  readonly says: string;
  readonly source: string;
}

const YARD = "international yard and pound agreement, 1959";

export const UNIT_PAIRS: readonly UnitPair[] = [
  {
    id: "speed",
    upper: "km/h",
    lower: "mph",
    factor: 1 / KM_PER_MILE,
    offset: 0,
    from: 0,
    to: 60,
    start: 25,
    says: "1 mph = 1.609344 km/h",
    source: YARD,
  },
  {
    id: "distance",
    upper: "km",
    lower: "mi",
    factor: 1 / KM_PER_MILE,
    offset: 0,
    from: 0,
    to: 120,
    start: 40,
    says: "1 mi = 1.609344 km",
    source: YARD,
  },
  {
    id: "length",
    upper: "mm",
    lower: "in",
    factor: 1 / MM_PER_INCH,
    offset: 0,
    from: 0,
    to: 800,
    start: 660.4,
    says: "1 in = 25.4 mm",
    source: YARD,
  },
  {
    id: "mass",
    upper: "kg",
    lower: "lb",
    factor: 1 / KG_PER_POUND,
    offset: 0,
    from: 0,
    to: 160,
    start: 77.1,
    says: "1 lb = 0.45359237 kg",
    source: YARD,
  },
  {
    id: "temperature",
    upper: "°C",
    lower: "°F",
    factor: 9 / 5,
    offset: 32,
    from: -20,
    to: 50,
    start: 20,
    says: "°F = °C × 9/5 + 32",
    source: "by definition",
  },
];

/** The lower unit's figure for an upper one. */
export const toLower = ({ factor, offset }: UnitPair, upper: number): number => upper * factor + offset;

/** The upper unit's figure for a lower one. */
export const toUpper = ({ factor, offset }: UnitPair, lower: number): number => (lower - offset) / factor;

/** The upper unit's figure at a place along the rule, 0 to 1, to a tenth; held at the ends. */
export const upperAt = ({ from, to }: UnitPair, at: number): number =>
  Number((from + Math.min(1, Math.max(0, at)) * (to - from)).toFixed(1));

export interface Tick {
  readonly value: number;
  /** Place along the rule, 0 to 1. */
  readonly at: number;
  readonly long: boolean;
}

const STEPS = [1, 2, 5] as const;

/** A step of 1, 2 or 5 times a power of ten that gives at most so many marks over a span. */
function niceStep(span: number, most: number): number {
  const power = 10 ** Math.floor(Math.log10(span / most));
  return (STEPS.find((step) => span / (step * power) <= most) ?? 10) * power;
}

/** Marks of one side of the rule: upper or lower, long ones numbered. */
export function ticks(pair: UnitPair, side: "upper" | "lower"): readonly Tick[] {
  const of = (value: number) => (side === "upper" ? value : toLower(pair, value));
  const [from, to] = [of(pair.from), of(pair.to)];
  const long = niceStep(to - from, 13);
  const short = long / (String(long).startsWith("2") ? 4 : 5);
  const first = Math.ceil(from / short - 1e-9);
  const last = Math.floor(to / short + 1e-9);
  return Array.from({ length: last - first + 1 }, (_, i) => {
    const value = Number(((first + i) * short).toFixed(9));
    return { value, at: (value - from) / (to - from), long: Math.abs(value / long - Math.round(value / long)) < 1e-9 };
  });
}
