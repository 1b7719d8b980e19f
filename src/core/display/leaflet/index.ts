/**
 * The leaflet reader: text pasted in whatever shape, numbered lines, tables or prose, in seven languages, comes out as
 * proposed lines, each with how sure the reader is and why not more. It says when it does not know; a wrong line
 * believed is worse than one left open. Stages, each data in and data out: normalise, segment, tokens, meanings,
 * assign, shape.
 */
import { drained } from "../../units/drained";
import { typedNumber } from "../../units/typedNumber";
import { SETTING_KEYS } from "../settings";
import { assigned } from "./assign";
import { lineOf, type Understood } from "./line";
import { candidatesOf, isSetting, type Candidate } from "./meanings";
import { normalised } from "./normalise";
import type { ReadLine } from "./readLine";
import { segmented } from "./segment";
import { slotsIn } from "./table";
import { tokensOf, type Tokens } from "./tokens";

export { GUESS_FROM } from "./line";
export { readAs, type Doubt, type ReadLine, type Sureness } from "./readLine";

export interface LeafletReading {
  readonly lines: readonly ReadLine[];
  /** Rows nothing was made of. */
  readonly leftOver: readonly string[];
}

/** What a line is worth that means none of ours. */
const NOTHING = 0.3;
/** Share of the whole work that goes into finding the lines, and into reading each. */
const SHARE = { segments: 0.4, tokens: 0.3 } as const;

/** Reads pasted text. Never fails: what cannot be made out is said to be unknown. */
export const readLeaflet = (text: string): LeafletReading => drained(readingLeaflet(text));

/** The same in steps, each telling what share of the work is done, so that a long text can be read in slices. */
export function* readingLeaflet(text: string): Generator<number, LeafletReading> {
  const plain = normalised(text);
  yield 0.05;
  const { segments, defaults, leftOver, scanned } = segmented(plain);
  yield SHARE.segments;
  const understood: Understood[] = [];
  for (const segment of segments) {
    const tokens = tokensOf(segment.text, scanned, segment.name);
    understood.push({ segment, tokens, candidates: candidatesOf(tokens, segment.under) });
    yield SHARE.segments + (SHARE.tokens * understood.length) / segments.length;
  }
  const stated = statedOf(understood, defaults, legendOf(leftOver));
  const chosen = chosenOf(understood);
  const withValues = understood.flatMap(({ tokens }, i) => (hasValues(tokens) ? [stated[i] ?? null] : []));
  const told = withValues.filter((each) => each !== null).length;
  const mostStated = withValues.length >= 3 && told >= withValues.length * MOST_LIKE_THAT;
  const isTold = legendOf(leftOver).length > 0;
  const lines = understood.map((each, i) => {
    const own = stated[i] ?? null;
    return lineOf(isTold && own !== null ? withStepRead(each) : each, chosen[i] ?? null, own, mostStated);
  });
  return { lines, leftOver };
}

/** Which of a bank's codes a line has: banks are menus of their own. */
const bankOf = (code: string): string =>
  /^([A-Za-z]+)[-_.]?\d+$/.exec(code)?.[1]?.toLowerCase() ?? /^(\d+)[-.]\d+$/.exec(code)?.[1] ?? "";

/** The setting of each line, one line a setting within a bank. */
function chosenOf(lines: readonly Understood[]): readonly (Candidate | null)[] {
  const banks = new Map<string, number[]>();
  for (const [i, { segment }] of lines.entries()) {
    const bank = bankOf(segment.code);
    banks.set(bank, [...(banks.get(bank) ?? []), i]);
  }
  const chosen = new Array<Candidate | null>(lines.length).fill(null);
  for (const members of banks.values()) {
    // The other way round than one thinks of it, each setting seeks its line: settings are few, lines may be many.
    const gains = SETTING_KEYS.map((setting) =>
      members.map((i) => {
        const all = lines[i]?.candidates ?? [];
        const other = all.find(({ meaning }) => !isSetting(meaning))?.score ?? 0;
        return (all.find(({ meaning }) => meaning === setting)?.score ?? 0) - Math.max(NOTHING, other);
      }),
    );
    for (const [s, at] of assigned(gains).entries()) {
      const line = members[at];
      if (line === undefined) continue;
      chosen[line] = lines[line]?.candidates.find(({ meaning }) => meaning === SETTING_KEYS[s]) ?? null;
    }
  }
  return chosen;
}

/** What a row that explains the others says stands where: "range / step / as delivered". */
function legendOf(rows: readonly string[]): readonly ("step" | "default")[] {
  for (const row of rows) {
    const slots = slotsIn(row);
    if (slots.length === 2) return slots;
  }
  return [];
}

/** Most of the lines have to have the same numbers more, before they count for what no word calls them. */
const MOST_LIKE_THAT = 0.6;

/**
 * The maker's value of each line: stated with it, in a list apart, or, where nobody calls it so, in a column: the one
 * number every line has beside its range, and within it; two where a legend says which is which.
 */
function statedOf(
  lines: readonly Understood[],
  defaults: ReadonlyMap<string, string>,
  legend: readonly ("step" | "default")[],
): readonly (string | null)[] {
  const open = lines.filter(({ tokens }) => tokens.stated === null && hasValues(tokens));
  const inColumn = (tokens: Tokens): string | null => {
    if (tokens.isOwn || tokens.unread.length > Math.max(1, legend.length)) return null;
    const at = tokens.unread.length === legend.length ? legend.indexOf("default") : 0;
    const value = tokens.unread[at] ?? null;
    const step = tokens.unread.length === legend.length ? (tokens.unread[legend.indexOf("step")] ?? null) : null;
    return value !== null && isWithin(tokens, value) && isStep(tokens, step) ? value : null;
  };
  const within = open.filter(({ tokens }) => inColumn(tokens) !== null);
  const isColumn = open.length >= 3 && within.length >= open.length * MOST_LIKE_THAT;
  return lines.map(
    ({ segment, tokens }) => tokens.stated ?? defaults.get(segment.code) ?? (isColumn ? inColumn(tokens) : null),
  );
}

const hasValues = ({ span, options, listed }: Tokens): boolean =>
  span !== null || options.length > 0 || listed.length > 0;

/** Whether a range can be gone through in such steps. */
function isStep({ span }: Tokens, told: string | null): boolean {
  if (told === null || span === null) return true;
  const steps = (span.max - span.min) / typedNumber(told);
  return steps >= 1 && Math.abs(steps - Math.round(steps)) < 1e-6;
}

function isWithin({ span, options, listed }: Tokens, told: string): boolean {
  const value = typedNumber(told);
  if (span) return value >= span.min && value <= span.max;
  return options.some(({ raw, shows }) => raw === value || shows === told) || listed.includes(told);
}

/** A line of a text whose legend tells its step and its maker's value: no number of it is left over. */
const withStepRead = (line: Understood): Understood => ({ ...line, tokens: { ...line.tokens, unread: [] } });
