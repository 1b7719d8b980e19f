/** How the lines of a chart with many of them are told apart: by dash and strength, never by colour alone. */
import type { Series } from "./LineChart";

const DASHES: readonly (readonly number[])[] = [
  [],
  [8, 4],
  [3, 3],
  [10, 3, 2, 3],
  [2, 5],
  [14, 4],
  [6, 2, 2, 2],
  [1, 3],
  [12, 6, 3, 6],
  [5, 8],
];

/** Style of the n-th of many lines. */
export const nthLine = (n: number, first: Series["colour"] = "--action"): Pick<Series, "colour" | "dash"> => ({
  colour: n % 2 === 0 ? first : "--spoke",
  dash: DASHES[n % DASHES.length] ?? [],
});
