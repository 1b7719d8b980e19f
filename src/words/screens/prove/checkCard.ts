// The words of screens/prove/CheckCard.
import type { SpeedUnit } from "@/core/units";
import { fixed, plain, speed, unitName } from "../../speak";

export const expectAbout = (expectedKmh: number, unit: SpeedUnit) => `Expect about ${speed(expectedKmh, unit)}. `;
export const checkCardBelow = (about: string, strict: boolean, atMostKmh: number, unit: SpeedUnit) =>
  `${about}${strict ? "Below" : "At most"} ${speed(atMostKmh, unit, 2)}.`;
export const expectToShown = (low: string, speedFromKmh: number, unit: SpeedUnit) =>
  `Expect ${low} to ${fixed(speedFromKmh)} ${unitName(unit)} shown.`;
export const dueAgain = "due again";
export const itWasDoneBefore = (changedCount: number, changed: undefined | string, changed2: string) =>
  `It was done before ${changedCount === 1 ? `line ${changed}` : `lines ${changed2}`} changed. Do it again.`;
export const asItShould = "As it should";
export const notSo = "Not so";
export const checkCardMeasured = (title: string) => `${title}, measured`;
export const giveASpeedFrom = (speedFromKmh: number, unit: SpeedUnit) =>
  `Give a speed from 0 to ${plain(speedFromKmh, 0)} ${unitName(unit)}, or name another unit: ${unit === "mph" ? "km/h" : "mph"}, m/s.`;
export const findTheCause = "Find what is behind it";
