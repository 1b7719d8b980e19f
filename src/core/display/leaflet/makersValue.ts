/** The maker's value of a line where its own text does not call it so: in a list apart, or in a column of its own. */
import { typedDecimals, typedNumber } from "../../units/typedNumber";
import type { Segmented } from "./segment";
import { slotsIn, type Slot } from "./table";
import type { Tokens } from "./tokens";

/** Most of the lines have to have the same numbers more, before they count for what no word calls them. */
const MOST_LIKE_THAT = 0.6;
/** Fewer lines than this make no column. */
const FEWEST_LINES = 3;

/** What a row that explains the others says stands behind each range: "range / step / as delivered". */
function legendOf(rows: readonly string[]): readonly Slot[] {
  for (const row of rows) {
    const slots = slotsIn(row);
    if (slots.length === 2) return slots;
  }
  return ["default"];
}

export const hasValues = ({ span, options, listed }: Tokens): boolean =>
  span !== null || options.length > 0 || listed.length > 0;

/** Whether a range can be gone through in such steps. */
function isStep({ span }: Tokens, told: string): boolean {
  if (span === null) return false;
  const steps = (span.max - span.min) / typedNumber(told);
  return steps >= 1 && Math.abs(steps - Math.round(steps)) < 1e-6;
}

function isWithin({ span, options, listed }: Tokens, told: string): boolean {
  const value = typedNumber(told);
  if (span) return value >= span.min && value <= span.max;
  return options.some(({ raw, shows }) => raw === value || shows === told) || listed.includes(told);
}

/** "/ / 0": a place between two strokes with nothing in it. */
const EMPTY_PLACE = /([/|;])\s*\1/;

/**
 * A line whose numbers left over are what a legend says, or the one number every line has behind the same word; null
 * where they are not.
 */
function inColumn(tokens: Tokens, legend: readonly Slot[], behind: string | null = null): Tokens | null {
  const { unread, span } = tokens;
  if (tokens.stated !== null || tokens.isOwn || unread.length === 0) return null;
  // A line that has no steps leaves their place empty.
  const isLeftEmpty = unread.length === 1 && EMPTY_PLACE.test(tokens.whole);
  const slots = unread.length === legend.length ? legend : isLeftEmpty ? (["default"] as const) : [];
  const value = unread[slots.indexOf("default")];
  const step = unread[slots.indexOf("step")]?.value;
  if (value === undefined || !isWithin(tokens, value.value)) return null;
  if (behind !== null && value.behind !== behind) return null;
  const stated = { ...tokens, stated: value.value, unread: [] };
  if (step === undefined) return stated;
  if (!span || !isStep(tokens, step)) return null;
  const decimals = Math.max(span.decimals, typedDecimals(step));
  return { ...stated, span: { ...span, step: typedNumber(step), decimals } };
}

/** What most of them are. */
function commonest(words: readonly string[]): string | null {
  const counts = new Map<string, number>();
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** "1000/2400, default 2100": two numbers with the maker's value between them are the ends of a range, no list. */
function asRange(tokens: Tokens): Tokens {
  const { listed, stated } = tokens;
  const [min = Number.NaN, max = Number.NaN] = listed.map(typedNumber);
  const value = typedNumber(stated ?? "");
  if (listed.length !== 2 || !(min < value && value < max)) return tokens;
  const decimals = Math.max(...listed.map(typedDecimals));
  return { ...tokens, listed: [], span: { min, max, step: null, decimals } };
}

/** What each line's text says, with the maker's value wherever the text as a whole tells it. */
export function withStated(
  lines: readonly { readonly code: string; readonly tokens: Tokens }[],
  { defaults, leftOver }: Pick<Segmented, "defaults" | "leftOver">,
): readonly Tokens[] {
  const legend = legendOf(leftOver);
  const told = lines.map(({ code, tokens }): Tokens => {
    const apart = defaults.get(code);
    return tokens.stated === null && apart !== undefined ? { ...tokens, stated: apart } : tokens;
  });
  const withValues = told.filter(hasValues);
  const behind = commonest(
    withValues.flatMap((tokens) => (inColumn(tokens, legend) ? [tokens.unread.at(-1)?.behind ?? ""] : [])),
  );
  const fitting = withValues.filter((tokens) => inColumn(tokens, legend, behind) !== null);
  const isColumn = withValues.length >= FEWEST_LINES && fitting.length >= withValues.length * MOST_LIKE_THAT;
  const stated = isColumn ? told.map((tokens) => inColumn(tokens, legend, behind) ?? tokens) : told;
  return stated.map(asRange);
}

/** Whether most lines that tell values tell the maker's as well: one that does not may lack something. */
export function mostAreStated(all: readonly Tokens[]): boolean {
  const withValues = all.filter(hasValues);
  const stated = withValues.filter((tokens) => tokens.stated !== null);
  return withValues.length >= FEWEST_LINES && stated.length >= withValues.length * MOST_LIKE_THAT;
}
