/**
 * Lengths, speeds and masses in the units of the trade, and the exact factors between them.
 * Source: international yard and pound agreement, 1959 (1 mi = 1.609344 km, 1 in = 25.4 mm, 1 lb = 0.45359237 kg).
 */

export const KM_PER_MILE = 1.609344;
export const MM_PER_INCH = 25.4;
export const KG_PER_POUND = 0.45359237;

export type SpeedUnit = "kmh" | "mph";

/** Miles per hour to kilometres per hour; any finite value. */
export const mphToKmh = (speedMph: number): number => speedMph * KM_PER_MILE;

/** Kilometres per hour to miles per hour; any finite value. */
export const kmhToMph = (speedKmh: number): number => speedKmh / KM_PER_MILE;

/** Inches to millimetres; any finite value. */
export const inchToMm = (lengthInch: number): number => lengthInch * MM_PER_INCH;

/** Pounds to kilograms; any finite value. */
export const poundToKg = (massLb: number): number => massLb * KG_PER_POUND;

/** A speed given in `unit`, in km/h. */
export const speedToKmh = (speed: number, unit: SpeedUnit): number => (unit === "mph" ? mphToKmh(speed) : speed);

/** A speed in km/h, given in `unit`. */
export const speedFromKmh = (speedKmh: number, unit: SpeedUnit): number =>
  unit === "mph" ? kmhToMph(speedKmh) : speedKmh;
