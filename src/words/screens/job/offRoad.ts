// The words of screens/job/OffRoad.
import { day } from "../../speak";

export const notForPublicRoads = "Not for public roads";
export const acknowledged = (at: string | undefined, words: string) =>
  `${at ? `Acknowledged ${day(at)}` : "Acknowledged"}: ${words}`;
export const backTo = (name: string) => `Back to ${name}`;
export const whatItDoes = (name: string) =>
  `The plan turns to ${name}, what was set by hand and matters in law goes back to its proposal, and the keys are ` +
  "planned anew from what was read. Then prove it: every check that rests on a changed line is due again.";
export const why = (name: string) => `Back to the road: ${name}.`;
export const done = (name: string) => `Planned for ${name} again. Program it, then prove it.`;
export const undone = "back to the road";
