/** Numbers as they are read on screen: tabular, with their unit, in the unit the class speaks. */
import { speedFromKmh, type SpeedUnit } from "@/core/units";

const UNIT_NAMES: Readonly<Record<SpeedUnit, string>> = { kmh: "km/h", mph: "mph" };

export const unitName = (unit: SpeedUnit): string => UNIT_NAMES[unit];

/** A number with at most `decimals` decimals and no trailing zeros. */
export const plain = (value: number, decimals = 1): string => String(Number(value.toFixed(decimals)));

/** A number with exactly `decimals` decimals. */
export const fixed = (value: number, decimals = 1): string => value.toFixed(decimals);

/** A speed in km/h, spoken in `unit`: "27.8 km/h". */
export const speed = (kmh: number, unit: SpeedUnit, decimals = 1): string =>
  `${plain(speedFromKmh(kmh, unit), decimals)} ${unitName(unit)}`;

/** A way in km, spoken in what goes with `unit`: "28 km", "17 mi". */
export const distance = (km: number, unit: SpeedUnit, decimals = 0): string =>
  `${plain(speedFromKmh(km, unit), decimals)} ${unit === "mph" ? "mi" : "km"}`;

const FEET_PER_MILE = 5280;

/** A short way in m, spoken in what goes with `unit`: "7 m", "23 ft". */
export const shortWay = (m: number, unit: SpeedUnit): string =>
  unit === "mph" ? `${plain(speedFromKmh(m / 1000, unit) * FEET_PER_MILE, 0)} ft` : `${plain(m)} m`;

/** Energy over way, given per km, spoken per what goes with `unit`: "5.4 Wh/km". */
export const whPer = (whPerKm: number, unit: SpeedUnit): string =>
  `${fixed(whPerKm / speedFromKmh(1, unit))} Wh/${unit === "mph" ? "mi" : "km"}`;

/** Several speeds in one unit, to whole ones: "15 18 20 km/h". */
export const speedList = (kmhs: readonly number[], unit: SpeedUnit): string =>
  `${kmhs.map((kmh) => plain(speedFromKmh(kmh, unit), 0)).join(" ")} ${unitName(unit)}`;

/** A share off true as signed per cent, read low is negative: "−10.2 %". */
export const offBy = (r: number): string => `${r < 1 ? "−" : "+"}${fixed(Math.abs(r - 1) * 100)} %`;

/** Seconds as they are said: "8 s", "1 min 10 s". */
export function duration(ms: number): string {
  const seconds = Math.round(ms / 1000);
  return seconds < 60 ? `${seconds} s` : `${Math.floor(seconds / 60)} min ${seconds % 60} s`;
}

/** Seconds as they are said, to a tenth. */
export const secondsSaid = (seconds: number): string => plain(seconds, 1);
export const secondsOf = (ms: number): string => secondsSaid(ms / 1000);

const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", timeZone: "UTC" });
const DAY_AND_TIME = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "short",
  year: "numeric",
  hour: "2-digit",
  minute: "2-digit",
  timeZone: "UTC",
});

export const day = (iso: string): string => DAY.format(new Date(iso));
export const dayAndTime = (iso: string): string => DAY_AND_TIME.format(new Date(iso));

export const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
