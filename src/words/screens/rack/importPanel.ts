// The words of screens/rack/ImportPanel.
import { count, dayAndTime } from "../../speak";

export const lookBeforeYouTake = "Look before you take it in";
export const thisFileWasNot = "This file was not taken in";
export const nothingOnThisMachine = "Nothing on this machine was changed.";
export const file = "File";
export const bike = "Bike";
export const noNickname = (nickname: undefined | string, padStart: string) =>
  `${nickname || "no nickname"} · ${padStart}`;
export const display = "Display";
export const noneChosen = "none chosen";
export const classWord = "Class";
export const standsAt = "Stands at";
export const sealedSheets = "Sealed sheets";
export const sheetChainHolds = (sheetsCount: number) => `${count(sheetsCount, "sheet")}, chain holds`;
export const lastChanged = "Last changed";
export const thisBikeIsAlready = (updatedAt: string) =>
  `This bike is already on the rack, last changed ${dayAndTime(updatedAt)}.`;
export const addBesideIt = "Add beside it";
export const putItOnThe = "Put it on the rack";
export const replaceTheOneHere = "Replace the one here";
