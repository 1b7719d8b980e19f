// The words of screens/hand-over/WayBackCard.
import { count, duration } from "../../speak";

export const wayBackCard = "Way-back card";
export const nothingWasChangedThe = "Nothing was changed: the display is as it was found.";
export const fromTheHomeScreen = (presses: number, totalMs: number) =>
  `From the home screen back to how it was found: ${count(presses, "key press", "key presses")}, ` +
  `${duration(totalMs)}. Wheel clear of the floor, or brake held.`;
export const asFoundItWas = "As found it was not judged safe or fit for a class. Prove it again after going back.";
