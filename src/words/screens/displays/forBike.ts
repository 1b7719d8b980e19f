// The words of screens/displays/ForBike.
import { count } from "../../speak";

export const theNewBike = "the new bike";
export const waitsForItsDisplay = " waits for its display.";
export const thingToMendBefore = (problems: number, name: string) =>
  ` ${count(problems, "thing")} to mend before ${name} can go on it.`;
export const putOn = (name: string, name2: string) => `Put ${name} on ${name2}`;
export const backWithoutIt = "Back without it";
