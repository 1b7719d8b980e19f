/** Tables: what stands in which column is told by their headings. */
import papa from "papaparse";
import { anyHeading } from "./grammar";
import { folded } from "./normalise";

export type Column = "code" | "name" | "range" | "default" | "min" | "max" | "step" | "unit" | "other";

const GAP = /\s*\|\s*|\t+|\s{3,}|;/;

type Split = (row: string) => readonly string[];

const byGaps: Split = (row) =>
  row
    .trim()
    .replace(/^\||\|$/g, "")
    .split(GAP)
    .map((cell) => cell.trim());

/** Rows a spreadsheet has written, with or without quotation marks. */
const bySign =
  (delimiter: string): Split =>
  (row) =>
    (papa.parse<string[]>(row, { delimiter }).data[0] ?? []).map((cell) => cell.trim());

/** How the rows of a table may be parted; quotation marks first, since the other ways read past them. */
const SPLITS: readonly { readonly fits: RegExp; readonly split: Split }[] = [
  { fits: /^\s*".*";/, split: bySign(";") },
  { fits: /^\s*".*",/, split: bySign(",") },
  { fits: /^\s*".*"\t/, split: bySign("\t") },
  { fits: /./, split: byGaps },
  { fits: /\S {2,}\S/, split: (row) => row.trim().split(/\s{2,}/) },
  { fits: /^[^,]+,[^,]+,[^,]+,/, split: bySign(",") },
];

interface Table {
  readonly columns: readonly Column[];
  readonly split: Split;
  /** Whether a heading says which column holds the codes. */
  readonly namesCodes: boolean;
}

const ROLES = ["default", "min", "max", "step", "unit", "range", "name", "code"] as const;

/** A table by its row of headings; null where it is none. */
function tableOf(row: string): Table | null {
  const flat = folded(row);
  const tables = SPLITS.flatMap(({ fits, split }): Table[] => {
    const columns = fits.test(flat) ? columnsOf(split(flat)) : null;
    return columns ? [{ ...columns, split }] : [];
  });
  // Of two ways to part the headings the one that makes out more of them.
  return tables.reduce<Table | null>((best, table) => (best && told(best) >= told(table) ? best : table), null);
}

const told = ({ columns }: Pick<Table, "columns">): number => columns.filter((column) => column !== "other").length;

function columnsOf(cells: readonly string[]): Pick<Table, "columns" | "namesCodes"> | null {
  if (cells.length < 3 || cells.some((cell) => /\d/.test(cell))) return null;
  const roles = cells.map(
    (cell): Column =>
      ROLES.find((each) => new RegExp(`^(?:${anyHeading(each)})(?![\\p{L}])`, "u").test(cell)) ?? "other",
  );
  const told = roles.filter((role) => role !== "other" && role !== "name").length;
  if (told < 2) return null;
  const own = roles.indexOf("code");
  // Without a heading of its own the first column holds the codes.
  return own >= 0
    ? { columns: roles.map((role, i) => (role === "code" && i !== own ? "other" : role)), namesCodes: true }
    : { columns: roles.with(0, "code"), namesCodes: false };
}

/** A row of a table as a leaflet without columns would say it; null where it does not fit the headings. */
function spelledOut(row: string, { columns, split, namesCodes }: Table): string | null {
  const cells = split(row);
  if (cells.length < 3 || cells.length > columns.length) return null;
  const of = (column: Column): string => cells[columns.indexOf(column)] ?? "";
  const code = of("code");
  const isCode = /\d/.test(code) || (namesCodes && LETTERS.test(code));
  if (!isCode || code.length > MOST_SIGNS) return null;
  const span =
    of("min") !== "" && of("max") !== "" ? `${of("min")} - ${of("max")} ${of("unit")}` : `${of("range")} ${of("unit")}`;
  const parts = [
    of("name"),
    ...cells.filter((_, i) => columns[i] === "other"),
    span.trim(),
    of("step") === "" ? "" : `step ${of("step")}`,
    of("default") === "" || /^-$/.test(of("default")) ? "" : `default ${of("default").replace(/^default\s+/i, "")}`,
  ];
  const written = USUAL.test(code) ? code : `${CODE_OPENS}${code}${CODE_CLOSES}`;
  return `${written} : ${parts.filter((part) => part.trim() !== "").join(" ; ")}`;
}

/** A code in a column of its own is short. */
const MOST_SIGNS = 8;
/** Codes without a number, where a heading says that they are codes. */
const LETTERS = /^[A-Za-z]{1,4}$/;
/** Codes that are found by how they look; any other is marked, by signs no text has. */
const USUAL = /^(?:[A-Za-z]{1,3}[-_.]?)?\d{1,3}(?:[-.]\d{1,2})?$/;
export const [CODE_OPENS, CODE_CLOSES] = ["\uE000", "\uE001"];

/** A text with the rows of its tables told by their headings. */
export function untabled(text: string): string {
  let table: Table | null = null;
  return text
    .split("\n")
    .map((row) => {
      const heads = tableOf(row);
      if (heads) {
        table = heads;
        return row;
      }
      return table ? (spelledOut(row, table) ?? row) : row;
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
