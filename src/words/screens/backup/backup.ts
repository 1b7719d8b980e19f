// The words of screens/backup/Backup.
import { count, dayAndTime, plain } from "../../speak";

export const book = "Book";
export const keepACopy = "Keep a copy";
export const why =
  "Everything lives in this browser. A lost laptop or a cleared browser takes it along. One file holds all of it: " +
  "every visit with its seals, photos, displays and classes described here, fault cases, trials, what the shop has.";
export const neverBackedUp = "There is no back-up yet.";
export const lastOne = (iso: string) => `The last back-up is of ${dayAndTime(iso)}.`;
export const lacksNothing = "It holds everything.";
export const lacks = (n: number) =>
  n === 1 ? "One visit was worked on since." : `${count(n, "visit")} were worked on since.`;
export const wouldHold = (n: number) => `A back-up made now holds ${count(n, "visit")}.`;
export const writeIt = "Write a back-up";
export const packing = (share: number) => `Packing, ${plain(100 * share, 0)} %`;
export const written = (name: string, megabytes: number) => `${name} written, ${plain(megabytes, 1)} MB.`;
export const couldNot = (detail: string) => `The back-up could not be written: ${detail}`;
export const fileName = (iso: string) => `odd-spoke-book-${iso.slice(0, 16).replace(/[T:]/g, "-")}.zip`;
export const caution =
  "The file is not locked: whoever has it can read it. Keep it where the shop’s papers are kept, " +
  "and not on this machine.";

export const bringIn = "Bring a back-up in";
export const bringInWhy =
  "It is put beside what is here. Nothing is written over that was worked on; a bike changed on both sides is kept " +
  "twice, and you choose line by line. You see what it would do first.";
export const chooseAFile = "Choose the file";
export const backupToBringIn = "Back-up to bring in";
export const reading = (share: number) => `Looking through it, ${plain(100 * share, 0)} %`;
export const cutShort = (iso: string) =>
  `Bringing in the back-up of ${dayAndTime(iso)} was cut short. What came in is whole. Bring the same file in again ` +
  "and it goes on.";
