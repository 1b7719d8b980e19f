// The words of screens/faults/CasePanel.
import type { Spare, Tool } from "@/core/faults";
import { SPARE_WORDS, TOOL_WORDS } from "../../faults/checks";

export const itIs = (cause: string) => `Most likely ${cause}`;
export const outOfUse = (cause: string) => `Stop: ${cause}`;
export const wasMended = (cause: string) => `Found and mended: ${cause}`;
export const cannotTellApart = (causes: readonly string[]) => `Cannot be told apart here: ${causes.join(", or ")}`;
export const noneOfThose = "None of the causes known here";
const inHundred = (probability: number) => Math.round(probability * 100);
const time = (minutes: number) => (minutes < 1 ? "half a minute" : `${minutes} min`);
export const asItShouldBe = (right: string) => `As it should be: ${right}`;
export const wheelClear = "Wheel clear or brake held. Keep the probes apart: a pack shorted burns.";
export const isAsItShould = "As it should be";
export const somethingIsWrong = "Something is wrong";
export const cannotDoIt = "Cannot do it here";
export const whyThis = (probability: number, minutes: number) =>
  `Why this now: it finds the cause in ${inHundred(probability)} of 100 bikes like this, and takes ${time(minutes)}.`;
export const otherChecks = "Other checks that would tell something";
export const otherCheck = (title: string, probability: number, minutes: number) =>
  `${title}: ${inHundred(probability)} of 100, ${time(minutes)}`;
export const lineHolds = (code: string, holds: string | null, target: string | null) =>
  `Line ${code}: ${holds === null ? "not read yet" : `holds ${holds}`}${target === null ? "" : `, planned ${target}`}`;
export const meterReads = (lowV: number, highV: number, isGuessed: boolean) =>
  `${lowV.toFixed(1)} to ${highV.toFixed(1)} V${isGuessed ? ", for the cells usual in such a pack" : ""}`;
export const packNotKnown =
  "What it must read is not known: say the pack’s volts and cells at the intake of a bike on the rack.";
export const howSure = (probability: number) => `${inHundred(probability)} of 100 bikes like this.`;
export const toThePlan = "To the plan and its keys";
export const isItGone = "Mended: is what it was brought for gone?";
export const gone = "Gone";
export const stillThere = "Still there";
export const mendedCounts = "It counts in this shop’s odds.";
export const proveAnew = "Prove the bike anew before it leaves.";
export const wouldTell = "What would tell more, and what it needs:";
export const needs = (title: string, tools: readonly Tool[], spare: Spare | null) => {
  const things = [
    ...tools.map((tool) => TOOL_WORDS[tool]),
    ...(spare ? [`${SPARE_WORDS[spare]} known to be good`] : []),
  ];
  return things.length > 0 ? `${title}: ${things.join(", ")}` : title;
};
export const compareFirst =
  "How it was found is written down: hold every line against that first. Only then are the maker’s values worth " +
  "putting back.";
export const wayBack = "The way back";
export const noWayBack =
  "The maker’s values are not offered: nobody has written down how this display was found, so there would be no way " +
  "back.";
