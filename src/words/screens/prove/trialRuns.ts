// The words of screens/prove/TrialRuns.
import type { Effect } from "@/core/proof/trials";
import * as caution from "../../cautions";
import { count } from "../../speak";

export const OUTCOME_WORDS: Readonly<Record<string, string>> = {
  "top-speed": "top assisted speed",
  "start-delay": "time until it helps",
  "crank-angle": "turn of the cranks until it helps",
  "push-at-start": "push at the start, as felt",
  "stopping-way": "way to a stop with the motor brake",
  "coast-down": "time to roll to a stop",
  brightness: "brightness, as seen",
  "current-drawn": "greatest current drawn",
};
const outcomeName = (outcome: string): string => OUTCOME_WORDS[outcome] ?? outcome;

export const trialOf = (code: string) => `Trial of line ${code}`;
export const title = (code: string, a: string, b: string, outcome: string) =>
  `Line ${code}: ${a} against ${b}, ${outcomeName(outcome)}`;
export const runOf = (at: number, of: number) => `Run ${at} of ${of}. Same stretch, same rider, same charge.`;
export const onlyForWhoSets = "Only for whoever sets it";
export const leaveIt = (code: string, shown: string) => `Leave line ${code}: it holds ${shown}.`;
export const setIt = (code: string, shown: string) => `Set line ${code} to ${shown}, save, switch off and on.`;
export const stillHolds = (code: string, shown: string) =>
  `Line ${code} still holds ${shown}, from the last run. Set it back before the bike leaves:`;
export const keysFor = (presses: number) => `The keys: ${count(presses, "press", "presses")}`;
export const wheelClear = `${caution.chord} ${caution.whileReading}`;
export const measured = (outcome: string, unit: string) => `Measured: ${outcomeName(outcome)}, ${unit}`;
export const keepRun = "Keep this run";
export const giveANumber = (unit: string) => `Give a number from 0 to 100,000, in ${unit}.`;
export const soFar = (values: readonly string[], unit: string) => `Runs so far: ${values.join(" · ")} (${unit})`;
export const takeBack = "Take the last run back";
export const takeOut = "Take the trial out";
export const notEnough = (more: number) => `Not enough runs: ${more} more.`;

type Told = "does-something" | "other-way" | "nothing-seen";
const VERDICTS: Readonly<Record<Told, string>> = {
  "does-something": "It does something.",
  "other-way": "It does something, the other way round.",
  "nothing-seen": "Nothing seen.",
};
export const verdict = (kind: Told) => VERDICTS[kind];
const signed = (value: number): string => `${value > 0 ? "+" : value < 0 ? "−" : ""}${Math.abs(value).toFixed(1)}`;
export const effect = ({ difference, low, high, p }: Effect, unit: string) =>
  `B less A: ${signed(difference)} ${unit}, 95 times in 100 between ${signed(low)} and ${signed(high)}. ` +
  `Chance alone would do as much in ${Math.max(1, Math.round(p * 100))} of 100.`;
/** What the display's description learns, as it is kept. */
export const claim = (kind: Told, a: string, b: string, outcome: string, unit: string, difference: number) =>
  `Tried on this display, ${a} against ${b}: ${
    kind === "nothing-seen" ? "nothing seen" : `${signed(difference)} ${unit}`
  } (${outcomeName(outcome)}).`;
export const keepIt = "Keep it in the display’s description";
export const isKept = "Kept in the description of this display.";
export const learnt = (code: string) => `Line ${code} has learnt it.`;
