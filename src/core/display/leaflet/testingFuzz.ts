/** For tests and the bench: texts as copying, scanning and forwarding leave them. */
import type { ReadLine } from "./index";
import type { CorpusText, Grade, Truth } from "./testingCorpus";

type Random = () => number;

const pick = (count: number, random: Random): number => Math.floor(random() * count);

/** Letters a scan or a hand takes one for another; digits stay, so that the truth does. */
const misread = (text: string, random: Random): string => {
  const at = pick(text.length, random);
  const sign = text[at] ?? "";
  if (!/[a-z]/.test(sign)) return text;
  return text.slice(0, at) + String.fromCharCode(97 + pick(26, random)) + text.slice(at + 1);
};

const dropped = (text: string, random: Random): string => {
  const rows = text.split("\n");
  return rows.toSpliced(pick(rows.length, random), 1).join("\n");
};

/** Two rows that begin a line each change places: what is said of a line stays with it. */
const swapped = (text: string, random: Random, codes: readonly string[]): string => {
  const rows = text.split("\n");
  const begin = rows.flatMap((row, at) => (codes.some((code) => beginsWith(row, code)) ? [at] : []));
  const isWhole = begin.length === codes.length && begin.every((at, i) => i === 0 || at === (begin[i - 1] ?? 0) + 1);
  if (!isWhole) return text;
  const [a, b] = [begin[pick(begin.length, random)] ?? 0, begin[pick(begin.length, random)] ?? 0];
  return rows
    .with(a, rows[b] ?? "")
    .with(b, rows[a] ?? "")
    .join("\n");
};

const beginsWith = (row: string, code: string): boolean => row.replace(/^[^\p{L}\d]+/u, "").startsWith(code);

const glued = (text: string, random: Random): string => {
  const rows = text.split("\n");
  const at = pick(Math.max(1, rows.length - 1), random);
  return rows.toSpliced(at, 2, `${rows[at] ?? ""} ${rows[at + 1] ?? ""}`).join("\n");
};

/** A row broken where it had a blank. */
const broken = (text: string, random: Random): string => {
  const blanks = [...text.matchAll(/ /g)].map(({ index }) => index);
  const at = blanks[pick(Math.max(1, blanks.length), random)];
  return at === undefined ? text : `${text.slice(0, at)}\n${text.slice(at + 1)}`;
};

const MUTATIONS = [misread, dropped, swapped, glued, broken] as const;

/** A text with one to four such mishaps. */
export function mutated({ text, truths }: CorpusText, random: Random): string {
  const codes = truths.map(({ code }) => code);
  let now = text;
  for (let i = 0; i <= pick(4, random); i++)
    now = MUTATIONS[pick(MUTATIONS.length, random)]?.(now, random, codes) ?? now;
  return now;
}

/**
 * Whether a reading of a mutated text is surely wrong: sure of another meaning, of other values, or of a maker's value
 * nobody stated. That it misses what a dropped row said is no mistake.
 */
export const surelyWrongAfter = ({ line, truth, setting, values, stated }: Grade): boolean =>
  line?.sureness === "sure" && (!setting || (!values && !isPart(line, truth)) || (!stated && line.factoryRaw !== null));

/** Options of which some were dropped are still those that are left. */
function isPart({ encoding }: ReadLine, { values }: Truth): boolean {
  if (encoding.kind === "wheel-code") return encoding.codes.every(({ shows }) => values.split(" ").includes(shows));
  if (encoding.kind !== "choice") return false;
  const wanted = new Map(
    values.split(" ").map((each): [string, string] => [each.split("=")[0] ?? "", each.split("=")[1] ?? each]),
  );
  return encoding.options.every(({ shows, means }) => wanted.get(shows) === String(means));
}

/** A text of about so many signs, put together from others, each with codes of its own. */
export function longText(texts: readonly CorpusText[], signs: number): string {
  const parts: string[] = [];
  for (let length = 0, i = 0; length < signs; i++) {
    const { text } = texts[i % texts.length] ?? { text: "" };
    parts.push(text);
    length += text.length;
  }
  return parts.join("\n\n").slice(0, signs);
}
