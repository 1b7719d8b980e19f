/** Tables: what stands in which column is told by their headings. */
import { anyHeading } from "./grammar";
import { folded } from "./normalise";

export type Column = "code" | "name" | "range" | "default" | "min" | "max" | "step" | "unit" | "other";

const GAP = /\s*\|\s*|\t+|\s{3,}|;/;

const cellsOf = (row: string): readonly string[] =>
  row
    .trim()
    .replace(/^\||\|$/g, "")
    .split(GAP)
    .map((cell) => cell.trim());

const ROLES = ["default", "min", "max", "step", "unit", "range", "name", "code"] as const;

/** Columns by a row of headings; null where it is none. */
function columnsOf(row: string): readonly Column[] | null {
  const cells = cellsOf(folded(row));
  if (cells.length < 3 || cells.some((cell) => /\d/.test(cell))) return null;
  const roles = cells.map(
    (cell): Column =>
      ROLES.find((each) => new RegExp(`^(?:${anyHeading(each)})(?![\\p{L}])`, "u").test(cell)) ?? "other",
  );
  const told = roles.filter((role) => role !== "other" && role !== "name").length;
  if (told < 2) return null;
  const own = roles.indexOf("code");
  // Without a heading of its own the first column holds the codes.
  return own >= 0 ? roles.map((role, i) => (role === "code" && i !== own ? "other" : role)) : roles.with(0, "code");
}

/** A row of a table as a leaflet without columns would say it; null where it does not fit the headings. */
function spelledOut(row: string, columns: readonly Column[]): string | null {
  const cells = cellsOf(row);
  if (cells.length < 3 || cells.length > columns.length) return null;
  const of = (column: Column): string => cells[columns.indexOf(column)] ?? "";
  const code = of("code");
  if (!/\d/.test(code) || code.length > MOST_SIGNS) return null;
  const span =
    of("min") !== "" && of("max") !== "" ? `${of("min")} - ${of("max")} ${of("unit")}` : `${of("range")} ${of("unit")}`;
  const parts = [
    of("name"),
    ...cells.filter((_, i) => columns[i] === "other"),
    span.trim(),
    of("step") === "" ? "" : `step ${of("step")}`,
    of("default") === "" || /^-$/.test(of("default")) ? "" : `default ${of("default").replace(/^default\s+/i, "")}`,
  ];
  return `${code} : ${parts.filter((part) => part.trim() !== "").join(" ; ")}`;
}

/** A code in a column of its own is short. */
const MOST_SIGNS = 8;

/** A text with the rows of its tables told by their headings. */
export function untabled(text: string): string {
  let columns: readonly Column[] | null = null;
  return text
    .split("\n")
    .map((row) => {
      const heads = columnsOf(row);
      if (heads) {
        columns = heads;
        return row;
      }
      return columns ? (spelledOut(row, columns) ?? row) : row;
    })
    .join("\n");
}

/** What may stand behind the range of a line. */
export type Slot = "step" | "default";

/** Step and maker's value in the order a row of headings without cells names them. */
export const slotsIn = (row: string): readonly Slot[] =>
  (["step", "default"] as const)
    .flatMap((slot) => {
      const at = folded(row).search(new RegExp(`(?<![\\p{L}])(?:${anyHeading(slot)})(?![\\p{L}])`, "u"));
      return at < 0 ? [] : [{ slot, at }];
    })
    .sort((a, b) => a.at - b.at)
    .map(({ slot }) => slot);
