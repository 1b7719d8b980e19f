// The words of screens/papers/WorkshopSheet.
import type { SealedSheet } from "@/core/record/job";
import { dayAndTime } from "../../speak";

export const hiddenByWhatAnother = "Hidden by what another line holds.";
export const theDisplay = "The display";
export const notTouchedMakerOnly = "Not touched: maker only.";
export const notChanged = "Not changed.";
export const workshopSheet = "Workshop sheet";
export const linesAsFoundAs = "Lines as found, as planned and as left";
export const line = "Line";
export const sets = "Sets";
export const asFound = "As found";
export const planned = "Planned";
export const plannedNotSet = "Planned, not set";
export const asLeft = "As left";
export const why = "Why";
export const asLeftIsWhat = (passed: number, checksCount: number) =>
  "As left is what was read back off the display; what nobody read back stands as unread. Checks passed: " +
  `${passed} of ${checksCount}.`;
export const nothingHasBeenSet = "Nothing has been set on the bike: these values are a plan.";
export const checkedAgainstAsKnown = (name: string, source: string, knownOn: string, beyondTheDisplay: string) =>
  `Checked against ${name} (${source}, as known on ${knownOn}). Not checked by any display: ${beyondTheDisplay}. ` +
  "Check your local code.";
export const whatThisRestsOn = "What this sheet rests on";
export const byHand = (why: string) => `Set by hand: ${why}.`;
export const checkedBy = (initials: string) => `Checked by: ${initials}`;
export const checkedByNobody = "Checked by: ____";
const SHEETS: Readonly<Record<SealedSheet["kind"], string>> = {
  "as-found": "As found",
  target: "Plan",
  "read-back": "Read back",
  "as-left": "As left",
};
/** The first letters of a seal are enough to find it by. */
export const seal = (kind: SealedSheet["kind"], at: string, hash: string) =>
  `${SHEETS[kind]} sealed ${dayAndTime(at)}: ${hash.slice(0, 16)} …`;
