/** Which displays described already a menu under walk could be, going by the lines seen so far. */
import { rawValues, shows } from "../encoding";
import type { DisplayProfile } from "../profile";
import type { Model, SeenLine } from "./model";
import { allShown } from "./values";

/** Lines seen before anybody is named: fewer fit too many. */
const LEAST_LINES = 3;

/** Displays that have every line seen so far, with the values seen of it; none until a few lines are seen. */
export function couldBe(known: readonly DisplayProfile[], { pages }: Model): readonly DisplayProfile[] {
  const seen = pages.flatMap(({ entries }) => entries.filter((entry): entry is SeenLine => entry.kind === "line"));
  if (seen.length < LEAST_LINES) return [];
  return known.filter(({ lines }) =>
    seen.every(({ code, found, values, valuesTwice }) => {
      const line = lines.find((each) => each.code === code);
      if (!line) return false;
      const marks = rawValues(line.encoding).map((raw) => shows(line.encoding, raw));
      if (marks.length === 0) return shows(line.encoding, 0) === found;
      if (!values || !valuesTwice) return marks.includes(found);
      return [...marks].sort().join("|") === [...allShown(values)].sort().join("|");
    }),
  );
}
