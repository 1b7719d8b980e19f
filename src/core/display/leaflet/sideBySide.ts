/** Two columns of lines side by side on a page, as a copied text has them: the left one first, then the right one. */

/** A code, what is told of it, a gap, and another code of the same kind with what is told of that. */
const CODE = String.raw`(?:[A-Za-z]{1,3}[-_.]?)?\d{1,3}|[oOlI]\d|\d[oOlI]`;
const TWO = new RegExp(String.raw`^(\s*(${CODE})[.):]?\s+\p{L}.*?)\s{2,}((${CODE})[.):]?\s+\p{L}.*)$`, "u");
const ONE = new RegExp(String.raw`^\s*(?:${CODE})[.):]?\s+\p{L}`, "u");
const FEWEST = 3;
/** Most rows with a code have a second one, or it is a number of the first's text. */
const MOST = 0.6;

const figureOf = (code: string): number => Number(code.replace(/^[A-Za-z]{2,}|^[A-Za-z][-_.]|\D/g, ""));
const rises = (codes: readonly number[]): boolean => codes.every((code, i) => i === 0 || code > (codes[i - 1] ?? 0));

/** The text with its columns one below the other; as it was where it has one. */
export function oneBelowTheOther(text: string): string {
  const rows = text.split("\n").map((row) => ({ row, two: TWO.exec(row) }));
  const both = rows.flatMap(({ two }) => (two ? [two] : []));
  const coded = rows.filter(({ row }) => ONE.test(row)).length;
  if (both.length < FEWEST || both.length < coded * MOST) return text;
  const left = both.map(([, , code = ""]) => figureOf(code));
  const right = both.map(([, , , , code = ""]) => figureOf(code));
  // The right column goes on where the left one ends.
  if (!rises(left) || !rises(right) || (right[0] ?? 0) <= (left.at(-1) ?? 0)) return text;
  const last = rows.findLastIndex(({ two }) => two !== null);
  return [
    ...rows.slice(0, last + 1).map(({ row, two }) => two?.[1] ?? row),
    ...both.map(([, , , second = ""]) => second),
    ...rows.slice(last + 1).map(({ row }) => row),
  ].join("\n");
}
