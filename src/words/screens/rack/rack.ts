// The words of screens/rack/Rack.
import { count } from "../../speak";

export const demoBikeTakenOff = (removedCount: number) => `${count(removedCount, "demo bike")} taken off the rack.`;
export const onTheStand = "On the stand";
export const nowWaitingGoneOut = (
  demoCount: number,
  demoWorkshop: string,
  onTheStandCount: number,
  waitingCount: number,
  goneCount: number,
) =>
  `${demoCount > 0 ? `${demoWorkshop} · ` : ""}${onTheStandCount} now, ${waitingCount} waiting, ${goneCount} gone out`;
export const newBike = "New bike";
export const lookingAtBike = (pending: number) => `Looking at ${count(pending, "bike")} …`;
export const theStandIsEmpty = "The stand is empty.";
export const openAWaitingBike = "Open a waiting bike, or take in a new one.";
export const takeInABike =
  "Take in a bike: say what it is, write down how its display was found, and the sheet works itself out.";
export const rackTakeInABike = "Take in a bike";
export const showTheDemoBikes = "Show the demo bikes";
export const here = " here ";
export const is = "is";
export const are = "are";
export const madeUpToLook = " made up, to look around with.";
export const takeTheDemoBikes = "Take the demo bikes off";
export const goneOut = "Gone out";
export const waiting = "Waiting";
export const demoBike = "demo bike";
export const putOnTheStand = (name: string) => `Put on the stand: ${name}`;
export const rackPutOnTheStand = "Put on the stand";
export const notForPublicRoads = "Not for public roads";
export const moreInTheBook = (more: number) => `${count(more, "more visit")} in the book`;
