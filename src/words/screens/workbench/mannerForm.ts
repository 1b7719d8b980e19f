// The words of screens/workbench/MannerForm.
import { count } from "../../speak";

export const gettingIn = "Getting in";
export const opensTheMenuHeld = "Opens the menu, held together";
export const heldFor = "Held for";
export const movingAndChanging = "Moving and changing";
export const goesToTheNext = "Goes to the next line";
export const goesToTheLine = "Goes to the line before";
export const noKey = "no key";
export const severalTogether = "Several keys together, as below.";
export const othersDoItToo = (others: number) =>
  `${count(others, "rule")} more below ${others === 1 ? "does" : "do"} it too.`;
export const stepsAValueUp = "Steps a value up";
export const stepsAValueDown = "Steps a value down";
export const makesAValueBlink = "Makes a value blink, and confirms it";
export const changesAtOnce = "changes at once";
export const savingAndLeaving = "Saving and leaving";
export const savesAndLeavesHeld = "Saves and leaves, held together";
export const power = "Power";
export const switchesOn = "Switches on";
export const onHeldFor = "On, held for";
export const switchesOff = "Switches off";
export const offHeldFor = "Off, held for";
