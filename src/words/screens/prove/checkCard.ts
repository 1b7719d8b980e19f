// The words of screens/prove/CheckCard.
import type { StartAngle } from "@/core/assist";
import type { IntakeKey } from "@/core/facts";
import type { SpeedUnit } from "@/core/units";
import { fixed, plain, speed, unitName } from "../../speak";

export const expectAbout = (expectedKmh: number, unit: SpeedUnit) => `Expect about ${speed(expectedKmh, unit)}. `;
export const checkCardBelow = (about: string, strict: boolean, atMostKmh: number, unit: SpeedUnit) =>
  `${about}${strict ? "Below" : "At most"} ${speed(atMostKmh, unit, 2)}.`;
export const expectToShown = (low: string, speedFromKmh: number, unit: SpeedUnit) =>
  `Expect ${low} to ${fixed(speedFromKmh)} ${unitName(unit)} shown.`;
export const dueAgain = "due again";
export const isKept = "noted";
/** Facts a check rests on, as parts of a sentence. */
const FACTS: Readonly<Partial<Record<IntakeKey, string>>> = {
  tyre: "the tyre",
  rolloutMm: "the rollout",
  rolloutTurns: "the rollout",
  pickUp: "the pick-up",
  pulsesPerTurn: "the pulses a turn",
  motorKind: "the motor",
  motorRatedW: "the motor",
  controllerA: "the controller",
  packV: "the pack",
  packAh: "the pack",
  chemistry: "the pack",
  bmsA: "the pack",
  crankPulses: "the crank sensor",
  throttleFitted: "the throttle",
  brakeCutOff: "the brake cut-off",
};
export const itWasDoneBefore = (codes: readonly string[], facts: readonly IntakeKey[]) => {
  const lines = codes.length === 0 ? [] : [codes.length === 1 ? `line ${codes[0]}` : `lines ${codes.join(", ")}`];
  const parts = [...new Set(facts.map((key) => FACTS[key] ?? key))];
  return `It was done before ${[...lines, ...parts].join(" and ")} changed. Do it again.`;
};
export const asItShould = "As it should";
export const notSo = "Not so";
export const checkCardMeasured = (title: string) => `${title}, measured`;
export const giveASpeedFrom = (speedFromKmh: number, unit: SpeedUnit) =>
  `Give a speed from 0 to ${plain(speedFromKmh, 0)} ${unitName(unit)}, or name another unit: ` +
  `${unit === "mph" ? "km/h" : "mph"}, m/s.`;
export const expectSeconds = (lowS: number, highS: number, angle: StartAngle | null) => {
  const time = lowS === 0 ? `At most ${plain(highS)} s.` : `Expect ${plain(lowS)} to ${plain(highS)} s.`;
  return angle ? `${time} The cranks turn ${plain(angle.leastDeg, 0)} to ${plain(angle.mostDeg, 0)}°.` : time;
};
export const noted = "Kept for the record: nothing is foretold of it.";
export const atLeastVolts = (volts: number) => `At least ${plain(volts)} V: below it the display stops.`;
export const soManySpeeds = (levels: number, capKmh: number | null, unit: SpeedUnit) =>
  `${levels} speeds, each faster than the one before${
    capKmh === null ? "" : `; levels that reach ${speed(capKmh, unit)} meet there`
  }.`;
export const giveVolts = (most: number) => `Give volts from 0 to ${most}.`;
export const giveSeconds = (most: number) => `Give a time from 0 to ${most} s.`;
export const giveSpeeds = (levels: number, unit: SpeedUnit) =>
  `Give ${levels} speeds in ${unitName(unit)}, one for each level, with a space between them.`;
export const begin = "Tap as it begins";
export const end = "Tap as it ends";
export const holdWhile = "Or hold this while it lasts";
export const alike = (twins: readonly { readonly level: number; readonly sameAs: number }[]) =>
  twins.map(({ level, sameAs }) => `Level ${level} rides like level ${sameAs}.`).join(" ");
export const slower = (falls: readonly number[]) =>
  falls.map((level) => `Level ${level} is slower than level ${level - 1}.`).join(" ");
export const takesTwo = "It takes two: one rides or turns, one reads.";
export const whichLever = "Which lever does not cut?";
export const LEVERS = { left: "the left one", right: "the right one", both: "both" } as const;
