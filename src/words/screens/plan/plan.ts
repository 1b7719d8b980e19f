// The words of screens/plan/Plan.
import { count, duration } from "../../speak";

export const sheet = "Sheet";
export const dragAnyLineWhat = "Drag any line. What it comes to stands beside it.";
export const show = "Show";
export const planAll = (rowsCount: number) => `All ${rowsCount}`;
export const odd = "Odd";
export const withFindings = "With findings";
export const whatIf = "What if";
export const noLineStandsOut = "No line stands out here.";
export const toTheKeys = "To the keys";
export const programIt = "Program it";
export const asFound = "As found";
export const writeTheAsFound = "Write the as-found lines down first, or say why you cannot.";
export const sealedAndInForce = "Sealed, and in force as told.";
export const sealedTheKeysAre = "Sealed. The keys are under way.";
export const workingOutTheKeys = "Working out the keys …";
export const keyPress = (presses: number, personMs: number) =>
  `${count(presses, "key press", "key presses")}, about ${duration(personMs)} with you`;
export const walkingTheLeafletWould = (keys: string, leafletPresses: number, leafletPersonMs: number) =>
  `${keys} · walking the leaflet would take ${leafletPresses} and about ${duration(leafletPersonMs)}`;
export const rideIt = "Ride it on the bench";
export const rider = "Rider";
export const whatTheRiderWants = "What the rider wants, and how it will feel.";
