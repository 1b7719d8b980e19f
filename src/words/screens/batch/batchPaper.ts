// The words of screens/batch/BatchPaper.
import { STEP_NAMES } from "../../batches";
import type { BatchPaperBike } from "@/core/batch";
import { ENGLISH } from "../../papers/english";
import { dayAndTime } from "../../speak";

export const title = "Batch paper";
export const print = "Print";
export const saveCsv = "Save as CSV";
export const back = "Back to the batch";
export const begun = (iso: string) => `Begun ${dayAndTime(iso)}`;
export const sheetFrom = (number: string, nickname: string) => `Sheet of ${number} ${nickname}`.trim();
export const counts = (all: number, proven: number, gone: number) =>
  `${all === 1 ? "1 bike" : `${all} bikes`}. ${proven} read back as planned. ${gone} handed over.`;
export const theSheet = "The sheet";
export const lineHeads = ["Line", "Holds", "Read back otherwise"] as const;
export const byHand = "set by hand";
export const otherwise = (number: string, shows: string) => `${number}: ${shows}`;
export const bikes = "The bikes";
export const bikeHeads = ["Bike", "Class checked against", "Read back", "Checks", "How it stands"] as const;
export const noClass = "none chosen";
export const readOf = (done: number, of: number) => (of === 0 ? "not read back" : `${done} of ${of} as planned`);
export const checks = (n: number) => (n === 0 ? "passed" : `${n} left`);
export const stands = ({ step, standing, fault }: BatchPaperBike): string =>
  [STEP_NAMES[step], step === "gone" ? "" : (ENGLISH.stamps[standing] ?? ""), fault ? "a seal does not hold" : ""]
    .filter((part) => part !== "")
    .join(". ");
export const exceptions = "Not as the sheet";
export const noExceptions = "No bike stands out.";
export const seals = "Every seal";
export const sealHeads = ["Bike", "Sheet", "Sealed", "SHA-256"] as const;
export const sealKinds = { "as-found": "as found", target: "target", "read-back": "read back", "as-left": "as left" };
export const noSeals = "Nothing is sealed yet.";
export const caution =
  "Says what was checked against what, on each bike. The limits that hold on the road are those of the place; ask " +
  "whoever is licensed there.";
export const csvName = (name: string) => `odd-spoke-batch-${name || "sheet"}.csv`;
