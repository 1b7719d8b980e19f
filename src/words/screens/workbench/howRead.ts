// The words of screens/workbench/HowRead.
import type { Considered } from "@/core/display/leaflet/readLine";
import type { Tokens } from "@/core/display/leaflet/tokens";

export const howItWasRead = "How it was read";
export const itsText = "its text";
export const itsName = "its name";
export const itsUnits = "its units";
export const leftOver = "numbers left over";
export const couldMean = "could mean";
export const nothing = "nothing";

export const unitsText = ({ dimensions }: Tokens): string => [...dimensions].join(", ");

/** One reading of a line, how well its own words, units and values speak for it, and which words. */
export const readingText = (meaning: string, { score, because }: Considered): string =>
  [`${meaning} ${Math.round(score * 100)} %`, ...because.map((word) => `“${word}”`)].join(" ");
