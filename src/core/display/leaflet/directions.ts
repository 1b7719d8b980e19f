/** Which way the numbers of a line go, when it matters at all, and whether it is an action rather than a value. */
import type { Action } from "../profile";
import { SETTINGS, type SettingKey } from "../settings";
import { anyOf } from "./grammar";
import type { Option } from "./options";
import type { Found } from "./pieces";
import { WORDED_SPAN, type Span } from "./ranges";

/** What a larger number does, and the words that say so. */
export interface Direction {
  readonly larger: "gentler" | "livelier";
  readonly says: string;
}

const QUALITY = String.raw`(?:(?<gentler>${anyOf("gentler")})|(?<livelier>${anyOf("livelier")}))(?![\p{L}])`;
const LARGER = `(?<larger>${anyOf("larger")})`;
const SMALLER = `(?<smaller>${anyOf("smaller")})`;
/** "the bigger the slower", "je höher desto sanfter", "plus petit = plus sensible". */
const BY_SIZE = new RegExp(
  String.raw`(?<![\p{L}])(?:${LARGER}|${SMALLER})(?![\p{L}])[^.;\d]{0,24}?(?<![\p{L}])${QUALITY}`,
  "u",
);
const MOST = String.raw`(?:(?:plus|mas|piu|most)\s+)?`;
/** "0 = strongest", "1 being the soonest". */
const AT_NUMBER = new RegExp(
  String.raw`(?<![\d.])(?<at>\d{1,2})\s*(?:[=:,]|\p{L}{2,6})?\s*(?:(?:${anyOf("articles")})\s+)?${MOST}${QUALITY}`,
  "u",
);

const other = (way: Direction["larger"]): Direction["larger"] => (way === "gentler" ? "livelier" : "gentler");
const wayOf = ({ groups }: RegExpExecArray): Direction["larger"] =>
  groups?.gentler === undefined ? "livelier" : "gentler";

/** Which way the numbers go, told in words; null where nothing is said of it. */
export function directionIn(flat: string, text: string, span: Span | null): Found<Direction> | null {
  const said = ({ 0: whole, index }: RegExpExecArray): string => text.slice(index, index + whole.length).trim();
  const found = (match: RegExpExecArray, larger: Direction["larger"]): Found<Direction> => ({
    value: { larger, says: said(match) },
    at: [match.index, match.index + match[0].length],
  });
  const bySize = BY_SIZE.exec(flat);
  if (bySize) return found(bySize, bySize.groups?.larger === undefined ? other(wayOf(bySize)) : wayOf(bySize));
  const worded = WORDED_SPAN.exec(flat);
  const way = worded ? betweenOf(worded[2] ?? "", worded[4] ?? "") : null;
  // Its words stay where they are: they hold the range.
  if (worded && way) return { value: { larger: way, says: said(worded) }, at: [worded.index, worded.index] };
  const atNumber = span ? AT_NUMBER.exec(flat) : null;
  const at = Number(atNumber?.groups?.at);
  if (!atNumber || !span || (at !== span.min && at !== span.max)) return null;
  return found(atNumber, at === span.max ? wayOf(atNumber) : other(wayOf(atNumber)));
}

const ALONE = new RegExp(String.raw`(?<![\p{L}])${QUALITY}`, "u");

/** The same from what the first and the last of some options are called. */
export function directionOf(options: readonly Option[], fold: (text: string) => string): Direction | null {
  const [first, last] = [options[0]?.text ?? "", options.at(-1)?.text ?? ""];
  const larger = betweenOf(fold(first), fold(last));
  return larger && { larger, says: `${first} … ${last}` };
}

/** What the upper of two ends is like, where they are unlike; null where they tell nothing. */
function betweenOf(low: string, high: string): Direction["larger"] | null {
  const [first, last] = [low, high].map((text) => {
    const match = ALONE.exec(text);
    return match && wayOf(match);
  });
  return first && last && first !== last ? last : null;
}

/** Scales without a hazard whose larger numbers are the livelier ones. */
const LIVELIER_UP: ReadonlySet<SettingKey> = new Set(["backlight"]);

/** What a larger number of a setting means: more of it, less of it, or nobody has said. */
export function largerOf(setting: SettingKey, direction: Direction | null): "more" | "less" | "unknown" {
  const { safeDirection } = SETTINGS[setting];
  if (!direction || (safeDirection === null && !LIVELIER_UP.has(setting))) return "unknown";
  return (direction.larger === "gentler") === (safeDirection === "up") ? "more" : "less";
}

const NO_DEFAULT = String.raw`(?!\b(?:${anyOf("defaultBefore")})\b)`;
const CONDITION = new RegExp(
  String.raw`(?<![\p{L}])(?:${anyOf("onlyIf")})(?![\p{L}])(?:${NO_DEFAULT}(?:[^.;:,)/]|\.(?=\d)))*`,
  "u",
);
const TRAILING_ONLY = /(?<![\p{L}])with (?:\p{L}+ ){1,4}only(?![\p{L}])/u;

/** "Only if …": the words as they stand. */
export function conditionIn(flat: string, text: string): Found<string> | null {
  const match = CONDITION.exec(flat) ?? TRAILING_ONLY.exec(flat);
  if (!match) return null;
  const end = match.index + match[0].length;
  return { value: text.slice(match.index, end).trim(), at: [match.index, end] };
}

const ACTIONS: readonly (readonly [Action, RegExp])[] = (["restore", "clear-trip", "clear-odometer"] as const).map(
  (action) => [action, new RegExp(String.raw`(?<![\p{L}])(?:${anyOf(action)})`, "u")],
);

/** What a line does that sets nothing, by its words; null where it is none such. */
export const actionIn = (flat: string): Action | null => ACTIONS.find(([, words]) => words.test(flat))?.[0] ?? null;
