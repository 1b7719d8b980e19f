/**
 * A number typed with a unit of its own: "20 mph" where km/h are kept, "165 lb" for kilograms, "86 in" for millimetres.
 * Sources: international yard and pound agreement, 1959 (1 ft = 304.8 mm); Celsius and Fahrenheit by definition.
 */
import { KG_PER_POUND, KM_PER_MILE, MM_PER_INCH, speedToKmh, type SpeedUnit } from "./convert";
import { typedNumber } from "./typedNumber";

interface Scale {
  /** kept = typed × factor + offset. */
  readonly factor: number;
  readonly offset: number;
}

const times = (factor: number): Scale => ({ factor, offset: 0 });
const MM_PER_FOOT = 12 * MM_PER_INCH;

/** Other units a figure may be typed in, by the unit it is kept in. */
const OTHERS: Readonly<Record<string, Readonly<Record<string, Scale>>>> = {
  "km/h": { mph: times(KM_PER_MILE), "m/s": times(3.6), kmh: times(1) },
  km: { mi: times(KM_PER_MILE), m: times(0.001) },
  m: { ft: times(MM_PER_FOOT / 1000), km: times(1000), mi: times(1000 * KM_PER_MILE) },
  mm: { in: times(MM_PER_INCH), cm: times(10), '"': times(MM_PER_INCH), ft: times(MM_PER_FOOT), m: times(1000) },
  kg: { lb: times(KG_PER_POUND), g: times(0.001), lbs: times(KG_PER_POUND) },
  W: { kW: times(1000) },
  mΩ: { Ω: times(1000), ohm: times(1000) },
  s: { min: times(60) },
  "°C": { "°F": { factor: 5 / 9, offset: -160 / 9 }, F: { factor: 5 / 9, offset: -160 / 9 } },
};

const QUANTITY = /^\s*([+\-−–]?\d+(?:[.,]\d+)?)\s*(\D*?)\s*$/;

const found = <Value>(table: Readonly<Record<string, Value>>, unit: string): Value | undefined =>
  table[unit] ?? Object.entries(table).find(([name]) => name.toLowerCase() === unit.toLowerCase())?.[1];

export interface Quantity {
  /** In the unit that is kept; NaN where what is typed is no number, or its unit none that can be turned into it. */
  readonly value: number;
  /** It was typed in another unit. */
  readonly converted: boolean;
}

/** Reads a number as typed, in `unit` unless it names another. The comma counts as a point. */
export function readQuantity(typed: string, unit: string | null): Quantity {
  const [, digits, named = ""] = QUANTITY.exec(typed) ?? [];
  if (digits === undefined) return { value: Number.NaN, converted: false };
  const value = typedNumber(digits);
  if (named === "" || named.toLowerCase() === unit?.toLowerCase()) return { value, converted: false };
  const scale = found(OTHERS[unit ?? ""] ?? {}, named);
  // Twelve digits, so that a foot is 304.8 mm and not a hair more.
  return scale
    ? { value: Number((value * scale.factor + scale.offset).toPrecision(12)), converted: true }
    : { value: Number.NaN, converted: false };
}

/** A speed as typed, km/h: in the unit it was asked in unless it names another; NaN where it is none. */
export function readSpeedKmh(typed: string, askedIn: SpeedUnit): number {
  const bare = readQuantity(typed, null).value;
  return Number.isNaN(bare) ? readQuantity(typed, "km/h").value : speedToKmh(bare, askedIn);
}

/** A few of the other units a figure kept in `unit` may be typed in. */
export const otherUnits = (unit: string | null): readonly string[] =>
  Object.keys(OTHERS[unit ?? ""] ?? {})
    .filter((name) => /^[a-zA-Z°/]+$/.test(name))
    .slice(0, 2);
