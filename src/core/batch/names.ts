/** What new bikes of a batch are called, as typed: a line for each, or a run of numbers at once. */

/** Longest nickname a ticket takes, characters. */
const LONGEST_NAME = 40;

export type NameProblem =
  | { readonly kind: "twice"; readonly name: string }
  | { readonly kind: "too-long"; readonly name: string; readonly most: number }
  | { readonly kind: "too-many"; readonly asked: number; readonly most: number }
  | { readonly kind: "backwards"; readonly line: string };

export interface NamesRead {
  readonly names: readonly string[];
  readonly problem: NameProblem | null;
}

/** "Ferry 3-12", with any kind of dash, or "3 to 12". */
const RUN = /^(.*?)(\d{1,4})\s*(?:[-–—]|to)\s*(\d{1,4})$/i;

/**
 * Reads names as typed: one a line, or parted by commas; "Ferry 3-12" stands for ten.
 * @param most bikes there may be
 * @returns the names, in order; with what is wrong with them where something is
 */
export function readNames(typed: string, most: number): NamesRead {
  const parts = typed
    .split(/[\n,;]/)
    .map((part) => part.trim().replace(/\s+/g, " "))
    .filter((part) => part !== "");
  const names: string[] = [];
  let asked = 0;
  for (const part of parts) {
    const run = RUN.exec(part);
    if (!run) {
      names.push(part);
      asked += 1;
      continue;
    }
    const [, stem = "", first = "", last = ""] = run;
    const [from, to] = [Number(first), Number(last)];
    if (to < from) return { names: [], problem: { kind: "backwards", line: part } };
    asked += to - from + 1;
    // 01 counts on as 02.
    for (let n = from; n <= to && names.length <= most; n++)
      names.push(`${stem}${first.startsWith("0") ? String(n).padStart(first.length, "0") : n}`);
  }
  if (asked > most) return { names: [], problem: { kind: "too-many", asked, most } };
  const long = names.find((name) => name.length > LONGEST_NAME);
  if (long !== undefined) return { names: [], problem: { kind: "too-long", name: long, most: LONGEST_NAME } };
  const twice = names.find((name, i) => names.indexOf(name) < i);
  return twice === undefined ? { names, problem: null } : { names: [], problem: { kind: "twice", name: twice } };
}
