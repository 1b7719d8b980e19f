// The words of screens/backup/RestorePanel.
import type { Fate } from "@/core/book/merge";
import type { SmallTables } from "@/core/book/bundle";
import type { BundleProblem, UnreadableJob } from "@/core/book/openBundle";
import { fileProblemText } from "../../problems";
import { count, dayAndTime } from "../../speak";

export const lookFirst = "Look before you bring it in";
export const notBroughtIn = "This file was not brought in";
export const madeOn = (iso: string, jobs: number) => `Back-up of ${dayAndTime(iso)}, ${count(jobs, "visit")}.`;
export const nothingChanged = "Nothing on this machine was changed.";
export const bringItIn = "Bring it in";
export const nothingToBring = "All of it is here already.";
export const working = "Bringing it in …";
export const broughtIn = "Brought in.";
export const couldNot = (detail: string) =>
  `It could not all be kept: ${detail} What came in is whole. Make room, then bring the same file in again.`;
export const visits = "Visits";
export const besides = "Besides";
export const bothWorkedOn = "Worked on here and there: both are kept, and you choose line by line";
export const whichOnes = "Which ones";
export const here = "here";
export const there = "in the file";
export const oneOf = (number: string, nickname: string) => `${number} ${nickname || "New bike"}`;
export const workedOn = (hereAt: string, thereAt: string) =>
  `here ${dayAndTime(hereAt)}, in the file ${dayAndTime(thereAt)}`;

export const fates: Readonly<Record<Fate, (n: number) => string>> = {
  added: (n) => `${n} not here yet: added`,
  same: (n) => `${n} the same`,
  "newer-there": (n) => `${n} worked on further in the file: taken`,
  "newer-here": (n) => `${n} worked on further here: kept as here`,
  apart: (n) => `${n} worked on in both: both kept`,
};

export const tables: Readonly<Record<keyof SmallTables, string>> = {
  displays: "Displays described here",
  classes: "Classes of the shop’s own",
  walks: "Walks through menus",
  faultCases: "Fault cases",
  trials: "Trials of lines",
  photos: "Photos",
  settings: "What the shop has set",
};

/** Why a file was refused, and what would be taken. */
export function refusal(problem: BundleProblem): string {
  switch (problem.key) {
    case "bundle.not-one":
      return "This is no back-up of the book. One ends in .zip and was written here, on this page.";
    case "bundle.cut-short":
      return "The file ends too early: it was not copied whole. Copy it again from where it lies.";
    case "bundle.newer":
      return (
        `It was written by a later Odd Spoke (format ${problem.version}); this one reads up to ${problem.accepted}. ` +
        "Load this page anew, so that it is the latest too."
      );
    case "bundle.damaged":
      return `“${problem.file}” in it is damaged or missing. Take another copy of the file, or an older back-up.`;
    case "bundle.unlisted":
      return `“${problem.file}” in it is not on its list: somebody packed it anew. Take the file as it was written.`;
    case "bundle.row":
      return (
        `“${problem.file}” in it has something at ${problem.path || "its start"} that no book holds: ` +
        `${problem.detail}.`
      );
  }
}

export const unreadable = (n: number) =>
  `${count(n, "visit")} in it cannot be read and ${n === 1 ? "stays" : "stay"} out`;
export const unreadableOne = ({ file, line, problem }: UnreadableJob) =>
  `${file}, line ${line}: ${fileProblemText(problem)}`;
