/** The cheapest strokes that take one line's value, already under the keys, from one raw value to another. */
import { linesOf, rankOf, rawValues, stepDigit, stepRaw, type DisplayProfile, type KeyRule } from "../display";
import { ensure } from "./ensure";
import { MinQueue } from "./minQueue";
import { attentionMs, runCount, strokeMsAt, type Pace } from "./pace";
import { leastRuleMs, strokeMs, totalMs, type Stroke } from "./strokes";

/**
 * Ranges up to this size are searched value by value where a digit key shortens the way; fewer where keys also repeat.
 */
const SEARCHED_VALUES = { withoutRepeat: 1200, withRepeat: 300 } as const;

const stepRules = (profile: DisplayProfile): readonly KeyRule[] =>
  profile.rules.filter(
    (rule) => rule.on === "menu" && (rule.does.kind === "step-value" || rule.does.kind === "step-digit"),
  );

/**
 * Cheapest strokes from `from` to `to` on a line, or null where no key leads there. Times in ms at KEY_COSTS, and of
 * the person whose pace is given.
 */
export function changeStrokes(
  profile: DisplayProfile,
  index: number,
  from: number,
  to: number,
  pace: Pace | null = null,
): readonly Stroke[] | null {
  if (from === to) return [];
  const line = linesOf(profile)[index];
  const raws = line ? rawValues(line.encoding) : [];
  if (!line || rankOf(line.encoding, to) < 0 || rankOf(line.encoding, from) < 0) return null;
  const rules = stepRules(profile);
  const most = rules.some(({ does }) => does.kind === "step-value" && does.repeat)
    ? SEARCHED_VALUES.withRepeat
    : SEARCHED_VALUES.withoutRepeat;
  return rules.some((rule) => rule.does.kind === "step-digit") && raws.length <= most
    ? searched(profile, index, from, to, rules, pace)
    : straight(profile, index, from, to, rules, pace);
}

/** What a stroke costs: at the stated costs, or with the person whose pace is given, ms. */
const costOf = (stroke: Stroke, pace: Pace | null): number => (pace ? strokeMsAt(stroke, pace) : strokeMs(stroke));

/** One key, one way: all presses or one held repeat. With plus and minus alone nothing mixed is cheaper. */
function straight(
  profile: DisplayProfile,
  index: number,
  from: number,
  to: number,
  rules: readonly KeyRule[],
  pace: Pace | null,
): readonly Stroke[] | null {
  const line = linesOf(profile)[index];
  if (!line) return null;
  const distance = rankOf(line.encoding, to) - rankOf(line.encoding, from);
  let best: { readonly stroke: Stroke; readonly times: number; readonly ms: number } | null = null;
  for (const rule of rules) {
    if (rule.does.kind !== "step-value") continue;
    const ahead = distance * rule.does.by;
    const steps = ahead > 0 ? ahead : line.atEnds === "wrap" ? ahead + rawValues(line.encoding).length : -1;
    if (steps < 0) continue;
    const press = onePress(rule);
    const presses = { stroke: press, times: steps, ms: steps * costOf(press, pace) };
    if (!best || presses.ms < best.ms) best = presses;
    const { repeat } = rule.does;
    if (!repeat) continue;
    const stroke: Stroke = { kind: "repeat", keys: rule.keys, steps, ...repeat };
    if (costOf(stroke, pace) < best.ms) best = { stroke, times: 1, ms: costOf(stroke, pace) };
  }
  if (!best) return null;
  const { stroke, times } = best;
  return Array.from({ length: times }, () => stroke);
}

/** One press of a key that steps a value, as its rule asks for it. */
function onePress({ gesture, keys }: KeyRule): Exclude<Stroke, { kind: "wait" }> {
  switch (gesture.kind) {
    // Nothing is stepped by letting go of other keys: the check refuses such a rule.
    case "keep-holding":
    case "tap":
      return { kind: "tap", keys };
    case "double-tap":
      return { kind: "double-tap", keys };
    case "hold":
      return { kind: "hold", keys, holdMs: gesture.holdMs };
  }
}

/** One press of a key that steps a line's value: where it leads from each place among the values. */
interface Press {
  readonly stroke: Exclude<Stroke, { kind: "wait" }>;
  readonly ms: number;
  readonly next: Int32Array;
  readonly repeat: { readonly afterMs: number; readonly everyMs: number } | null;
}

const pressesKnown = new WeakMap<DisplayProfile, Map<number, readonly Press[]>>();

/** The presses of a line, by place among its values, worked out once. */
const pressesOf = (profile: DisplayProfile, index: number, rules: readonly KeyRule[]): readonly Press[] =>
  ensure(
    ensure(pressesKnown, profile, () => new Map<number, readonly Press[]>()),
    index,
    () => {
      const encoding = linesOf(profile)[index]?.encoding;
      const raws = encoding ? rawValues(encoding) : [];
      return rules.flatMap((rule): Press[] => {
        const { does } = rule;
        if (!encoding || (does.kind !== "step-digit" && does.kind !== "step-value")) return [];
        const stepped = (raw: number): number =>
          does.kind === "step-digit"
            ? stepDigit(profile, index, raw, does.place)
            : stepRaw(profile, index, raw, does.by);
        const stroke = onePress(rule);
        return [
          {
            stroke,
            ms: strokeMs(stroke),
            next: Int32Array.from(raws, (raw) => rankOf(encoding, stepped(raw))),
            repeat: does.kind === "step-value" ? does.repeat : null,
          },
        ];
      });
    },
  );

/**
 * Digit keys and steps together, by the cheapest path over the line's values. With a person, each change of key is one
 * more run to be read: then where the path stands is a value and the key that led to it.
 */
function searched(
  profile: DisplayProfile,
  index: number,
  from: number,
  to: number,
  rules: readonly KeyRule[],
  pace: Pace | null,
): readonly Stroke[] | null {
  const encoding = linesOf(profile)[index]?.encoding;
  if (!encoding) return null;
  const presses = pressesOf(profile, index, rules);
  const [start, goal] = [rankOf(encoding, from), rankOf(encoding, to)];
  const count = rawValues(encoding).length;
  /** Places by the key that led there: the first for none, or for all where it does not matter. */
  const keys = pace ? presses.length + 1 : 1;
  const lookMs = pace?.lookMs ?? 0;
  const ms = new Float64Array(count * keys).fill(Infinity);
  const cameFrom = new Int32Array(count * keys).fill(-1);
  const by: (Stroke | undefined)[] = [];
  const settled = new Uint8Array(count * keys);
  const queue = new MinQueue<number>();
  const offer = (at: number, next: number, stroke: Stroke, costMs: number) => {
    const all = (ms[at] ?? 0) + costMs;
    if (all >= (ms[next] ?? 0)) return;
    ms[next] = all;
    cameFrom[next] = at;
    by[next] = stroke;
    queue.push(next, all);
  };
  ms[start] = 0;
  queue.push(start, 0);
  let at = queue.pop();
  for (; at !== undefined && at % count !== goal; at = queue.pop()) {
    if (settled[at]) continue;
    settled[at] = 1;
    const here = at;
    const value = here % count;
    presses.forEach((press, i) => {
      const key = pace ? (i + 1) * count : 0;
      const goesOn = here - value === key && press.stroke.kind === "tap";
      let next: number = press.next[value] ?? value;
      offer(here, key + next, press.stroke, costOf(press.stroke, pace) + (goesOn ? 0 : lookMs));
      for (let steps = 2; press.repeat && steps <= SEARCHED_VALUES.withRepeat && next !== value; steps++) {
        next = press.next[next] ?? next;
        const held: Stroke = { kind: "repeat", keys: press.stroke.keys, steps, ...press.repeat };
        // Taps after it are another run.
        offer(here, next, held, costOf(held, pace) + lookMs);
      }
    });
  }
  if (at === undefined) return null;
  const path: Stroke[] = [];
  for (; at !== start; at = cameFrom[at] ?? -1) {
    const stroke = by[at];
    if (!stroke) return null;
    path.unshift(stroke);
  }
  return path;
}

/** A change of one line: its cheapest strokes and what they take, ms. */
export interface Change {
  readonly strokes: readonly Stroke[];
  readonly ms: number;
  /** Runs of strokes to be read for it. */
  readonly looks: number;
  /** What it takes with the person of the table, answering what the line shows then included, ms. */
  readonly withPersonMs: number;
}

/** Change strokes per line and pair of values, worked out once. */
export class ChangeTable {
  /** By line, then by the value it comes from, then by the one it goes to. */
  private readonly known: Map<number, Map<number, Change | null>>[];
  private constructor(
    private readonly profile: DisplayProfile,
    private readonly pace: Pace | null,
  ) {
    this.known = linesOf(profile).map(() => new Map<number, Map<number, Change | null>>());
  }

  private static readonly tables = new WeakMap<DisplayProfile, Map<string, ChangeTable>>();

  /** The table of a profile and a person: strokes depend on nothing else, so one serves every plan. */
  static of(profile: DisplayProfile, pace: Pace | null = null): ChangeTable {
    const ofProfile = ensure(ChangeTable.tables, profile, () => new Map<string, ChangeTable>());
    return ensure(ofProfile, JSON.stringify(pace), () => new ChangeTable(profile, pace));
  }

  get(index: number, from: number, to: number): Change | null {
    const ofLine = this.known[index];
    if (!ofLine) return null;
    const onwards = ensure(ofLine, from, () => new Map<number, Change | null>());
    return ensure(onwards, to, () => {
      const strokes = changeStrokes(this.profile, index, from, to, this.pace);
      if (!strokes) return null;
      const ms = totalMs(strokes);
      const { pace } = this;
      return {
        strokes,
        ms,
        looks: runCount(strokes),
        withPersonMs: pace ? ms + attentionMs(strokes, pace) + pace.answerMs : ms,
      };
    });
  }
}

/**
 * Cheapest strokes that set digits from what they show to a code, each confirmed by its key; null where no key does.
 */
export function codeStrokes(
  profile: DisplayProfile,
  digits: readonly number[],
  at: number,
  code: string,
): readonly Stroke[] | null {
  const rules = profile.rules.filter((rule) => rule.on === "code");
  const next = rules.find((rule) => rule.does.kind === "next-digit");
  if (!next) return null;
  const strokes: Stroke[] = [];
  for (let i = at; i < code.length; i++) {
    const distance = Number(code[i]) - (digits[i] ?? 0);
    const ways = rules.flatMap((rule): Stroke[][] =>
      rule.does.kind === "step-value"
        ? [
            Array.from({ length: (distance * rule.does.by + 10) % 10 }, (): Stroke => ({
              kind: "tap",
              keys: rule.keys,
            })),
          ]
        : [],
    );
    const way = ways.sort((a, b) => totalMs(a) - totalMs(b))[0];
    if (distance !== 0 && !way) return null;
    strokes.push(
      ...(distance === 0 ? [] : (way ?? [])),
      next.gesture.kind === "hold"
        ? { kind: "hold", keys: next.keys, holdMs: next.gesture.holdMs }
        : { kind: "tap", keys: next.keys },
    );
  }
  return strokes;
}

/** Least time of any rule that does this, ms; Infinity where none does. */
export const cheapestMs = (profile: DisplayProfile, test: (rule: KeyRule) => boolean): number =>
  Math.min(Infinity, ...profile.rules.filter(test).map(leastRuleMs));
