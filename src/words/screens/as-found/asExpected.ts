// The words of screens/as-found/AsExpected: of a bike that has been here before, and of one of a batch.
import { count, dayAndTime } from "../../speak";

export const visit = {
  title: "What we left",
  differ: (n: number) =>
    n === 1 ? "One line shows another value than we left:" : `${n} lines show another value than we left:`,
  expectedAndShows: (left: string, shows: string) => `left ${left}, shows ${shows}`,
  theOthersShow: (n: number) =>
    n === 1 ? "The last line shows what we left" : `The other ${n} lines show what we left`,
  written: (n: number) => `${count(n, "line")} written down as we left them.`,
  theRest: "the rest as we left it",
  onlyOnceLooked: "Only once you have looked at each of them on the display.",
};

export const batch = {
  title: "As the first of the batch was found",
  differ: (n: number) =>
    n === 1 ? "One line shows another value than there:" : `${n} lines show another value than there:`,
  expectedAndShows: (there: string, here: string) => `${there} there, ${here} here`,
  theOthersShow: (n: number) => (n === 1 ? "The last line shows the same" : `The other ${n} lines show the same`),
  written: (n: number) => `${count(n, "line")} written down as on the first.`,
  theRest: "the rest as on the first",
  onlyOnceLooked: "Only once you have looked at each of them on this bike’s own display.",
};

export const lastVisit = (number: string, iso: string) => `Here before: visit ${number}, left ${dayAndTime(iso)}.`;
export const firstOfBatch = (number: string) => `Its display is expected to show what ${number} was found at.`;
export const anotherDisplay = "Another display was on it then: nothing is expected of this one.";
