// The words of screens/as-found/AsWeLeftIt.
import { count, dayAndTime } from "../../speak";

export const beenHere = "What we left";
export const lastVisit = (number: string, iso: string) => `Here before: visit ${number}, left ${dayAndTime(iso)}.`;
export const anotherDisplay = "Another display was on it then: nothing is expected of this one.";
export const differ = (n: number) =>
  n === 1 ? "One line shows another value than we left:" : `${n} lines show another value than we left:`;
export const leftAndShows = (left: string, shows: string) => `left ${left}, shows ${shows}`;
export const theOthersShow = (n: number) =>
  n === 1 ? "The last line shows what we left" : `The other ${n} lines show what we left`;
export const onlyOnceLooked = "Only once you have looked at each of them on the display.";
export const written = (n: number) => `${count(n, "line")} written down as we left them.`;
export const theRest = "the rest as we left it";
