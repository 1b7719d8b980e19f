// The words of screens/program/BeforeTheKeys.
import * as caution from "../../cautions";
import { count, duration } from "../../speak";

export const workingOutTheKeys = "Working out the keys …";
export const writeDownWhoseLand = "Write down whose land it is";
export const privateLandAsksFor =
  "Private land asks for a written acknowledgement, and for the road class the bike goes back to, before any key " +
  "is pressed.";
export const goToIntake = "Go to intake";
export const firstTheWayHome = "First, the way home";
export const lineOfNotWritten = (missing: { readonly unread: number; readonly total: number } | null) =>
  `${missing ? `${count(missing.unread, "line")} of ${missing.total} not written down. ` : ""}Without the ` +
  "as-found sheet nobody finds the way back, so no keys are planned. Write it down, or say why you cannot.";
export const writeDownWhatIt = "Write down what it shows";
export const whyThereIsNo = "Why there is no full baseline";
export const aSentenceTheCard = "A sentence. The card then stops at every line nobody has read.";
export const nothingToChange = "Nothing to change";
export const keyPress = (presses: number, totalMs: number) =>
  `${count(presses, "key press", "key presses")}, ${duration(totalMs)}`;
export const theDisplayAlreadyHolds = "The display already holds every target.";
export const walkingTheLeafletLine = (personMs: number, leafletPresses: number, leafletPersonMs: number) =>
  `About ${duration(personMs)} with reading and answering, at the pace this device knows. Walking the leaflet line ` +
  `by line would take ${leafletPresses} presses and about ${duration(leafletPersonMs)}. Costs: a tap ⅓ s, a hold ` +
  "half a second more than asked.";
export const lineNobodyHasRead = (unreadCount: number) =>
  ` ${count(unreadCount, "line")} nobody has read: the card stops at each.`;
export const theKeysStartFrom = " The keys start from what the display was last known to hold.";
export const thePlanDoesNot = (finding: string) => `${finding} The plan does not mend this.`;
export const beforeAnyKey = (throttleFitted: boolean | null) =>
  `${caution.chord} ${caution.standClear}${throttleFitted === false ? "" : ` ${caution.throttleLive}`}`;
export const sealTheSheetAnd = "Seal the sheet and go on";
export const startTheKeysOn = "Start the keys on the bike";
export const rehearseFirst = "Rehearse first";
export const startingSealsTheOf = (part: "target sheet" | "as-found and the target sheet", name: string) =>
  `Starting seals the ${part} of ${name}: targets are fixed from there on. A rehearsal seals nothing and changes ` +
  "nothing on the bike.";
export const orRestoreTheMakers = "Or restore the maker’s values first";
export const restoringThrowsEveryValue =
  "Restoring throws every value away, those nobody touched too. Compare with the as-found sheet first; this is " +
  "the last resort.";
export const beforeTheKeysKeyPress = "key press";
export const keyPresses = "key presses";
export const workingItOut = "Working it out …";
export const noWayToRestore = "No way to restore is described for this display.";
export const thenAfter = ", then ";
export const targetSheet = "target sheet";
export const asFoundAndThe = "as-found and the target sheet";
