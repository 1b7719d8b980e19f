// The words of screens/batch/StandsOut.
import { count } from "../../speak";

export const standsOut = "What stands out";
export const nothing = "Nothing: every bike’s own plan comes to the sheet.";
export const notAllRead = "Nothing so far. What a bike’s own plan comes to is told once it is written down as found.";
export const restsOn = "What it rests on";
export const onAll = (n: number) => (n === 1 ? "On the one bike" : `On all ${n}`);
export const on = (names: readonly string[], more: number) =>
  `On ${names.join(", ")}${more > 0 ? ` and ${more} more` : ""}`;
export const asTheSheet = (n: number) => (n === 1 ? "Set it as the sheet" : `Set all ${n} as the sheet`);
export const why = (number: string) => `As on ${number}, decided for the batch`;
export const setOn = (code: string, n: number) => `Line ${code} as the sheet on ${count(n, "bike")}.`;
export const wasSet = "set as the sheet";
export const sameAsThere = (n: number) => (n === 1 ? "It is the same here" : `It is the same on all ${n}`);
export const saidOn = (label: string, n: number) => `${label} written down on ${count(n, "bike")}.`;
export const wasSaid = "said as on the first";
export const ownStays = "Left alone, each bike gets what its own plan comes to.";
export const notSet = {
  free: "",
  locked: "Locked: it is opened on the plan of each bike, with a written reason.",
  sealed: "Keys were begun, so it stays as it was sealed.",
};
