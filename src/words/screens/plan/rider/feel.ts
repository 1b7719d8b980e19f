// The words of screens/plan/rider/Feel.
import type { Feel, Noticed } from "@/core/rig/feel";
import { SETTING_NAMES } from "../../../settings";
import { fixed, plain, speed, unitName } from "../../../speak";
import { speedFromKmh, type SpeedUnit } from "@/core/units";

export const asItWillFeel = "As it will feel";
export const levelByLevel = "Level by level";
export const before = "as it is";
export const after = "as planned";
export const level = "Level";
export const steady = (unit: SpeedUnit) => `Flat, ${unitName(unit)}`;
export const climbs = "Climbs, %";
export const range = (unit: SpeedUnit) => `Range, ${unit === "mph" ? "mi" : "km"}`;
export const speedOverTheFirstSeconds = "Pulling away in level 1";
export const seconds = "s";
export const speedChart = (from: Feel["start"], to: Feel["start"]) =>
  `Speed over the first seconds in level 1: 10 km/h after ${time(from.toTenS)} as it is, ${time(to.toTenS)} ` +
  "as planned.";
export const perCent = (grade: number) => plain(100 * grade, 0);
export const figure = (kmh: number, unit: SpeedUnit, measured: boolean) =>
  `${plain(speedFromKmh(kmh, unit))}${measured ? " measured" : ""}`;
export const far = (km: number | null, unit: SpeedUnit) => (km === null ? "—" : plain(speedFromKmh(km, unit), 0));
/** A figure as it is and as it will be, once where it stays. */
export const change = (from: string, to: string) => (from === to ? to : `${from} → ${to}`);
export const climbNote =
  "Climbs: the steepest hill each level holds at a walking pace of 6 km/h, this rider pedalling. Speeds and range are " +
  "foretold by the ride model, but where measured is said.";
export const takenAsUsual = (settings: readonly (keyof typeof SETTING_NAMES)[]) =>
  `No line tells ${settings.map((each) => SETTING_NAMES[each].toLowerCase()).join(", ")}: taken as usual.`;
export const needs = (missing: string) => `To say how it feels: ${missing}.`;

const time = (s: number | null): string => (s === null ? "more than 8 s" : `${fixed(s, 2)} s`);

const NOTICED: {
  readonly [W in Noticed["what"]]: (each: Extract<Noticed, { what: W }>, unit: SpeedUnit) => string;
} = {
  "comes-in": ({ fromS, toS }) =>
    toS === null
      ? "The motor does not come in within 8 s."
      : `The motor comes in ${time(toS)} after you push off, before ${time(fromS)}.`,
  "to-ten": ({ fromS, toS }, unit) => `${speed(10, unit, 0)} after ${time(toS)}, before ${time(fromS)}.`,
  kick: ({ fromKg, toKg }) =>
    `${toKg < fromKg ? "Softer" : "Firmer"}: in its first moment it pushes as with ${plain(toKg)} kg, before ` +
    `${plain(fromKg)} kg.`,
  crawl: ({ fromKmh, toKmh }, unit) =>
    `Level 1 rolls at ${speed(toKmh, unit)} with feet that only turn, before ${speed(fromKmh, unit)}.`,
};

/** What changes, in sentences: only what a rider would notice. */
export const told = (all: readonly Noticed[], unit: SpeedUnit): readonly string[] =>
  all.map((each) => (NOTICED[each.what] as (each: Noticed, unit: SpeedUnit) => string)(each, unit));
export const theSame = "The start feels the same as it is now.";
