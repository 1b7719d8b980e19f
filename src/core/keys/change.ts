/** The cheapest strokes that take one line's value, already under the keys, from one raw value to another. */
import { linesOf, rawValues, stepDigit, stepRaw, type DisplayProfile, type KeyRule } from "../display";
import { MinQueue } from "./minQueue";
import { leastRuleMs, strokeMs, totalMs, type Stroke } from "./strokes";

/**
 * Ranges up to this size are searched value by value where a digit key shortens the way; fewer where keys also repeat.
 */
const SEARCHED_VALUES = { withoutRepeat: 1200, withRepeat: 300 } as const;

const stepRules = (profile: DisplayProfile): readonly KeyRule[] =>
  profile.rules.filter(
    (rule) => rule.on === "menu" && (rule.does.kind === "step-value" || rule.does.kind === "step-digit"),
  );

/** Cheapest strokes from `from` to `to` on a line, or null where no key leads there. Times in ms at KEY_COSTS. */
export function changeStrokes(
  profile: DisplayProfile,
  index: number,
  from: number,
  to: number,
): readonly Stroke[] | null {
  if (from === to) return [];
  const line = linesOf(profile)[index];
  const raws = line ? rawValues(line.encoding) : [];
  if (!line || !raws.includes(to) || !raws.includes(from)) return null;
  const rules = stepRules(profile);
  const most = rules.some(({ does }) => does.kind === "step-value" && does.repeat)
    ? SEARCHED_VALUES.withRepeat
    : SEARCHED_VALUES.withoutRepeat;
  return rules.some((rule) => rule.does.kind === "step-digit") && raws.length <= most
    ? searched(profile, index, from, to, rules)
    : straight(profile, index, from, to, rules);
}

/** One key, one way: all presses or one held repeat. With plus and minus alone nothing mixed is cheaper. */
function straight(
  profile: DisplayProfile,
  index: number,
  from: number,
  to: number,
  rules: readonly KeyRule[],
): readonly Stroke[] | null {
  const line = linesOf(profile)[index];
  const raws = line ? rawValues(line.encoding) : [];
  const distance = raws.indexOf(to) - raws.indexOf(from);
  let best: { readonly stroke: Stroke; readonly times: number; readonly ms: number } | null = null;
  for (const rule of rules) {
    if (rule.does.kind !== "step-value") continue;
    const ahead = distance * rule.does.by;
    const steps = ahead > 0 ? ahead : line?.atEnds === "wrap" ? ahead + raws.length : -1;
    if (steps < 0) continue;
    const press = onePress(rule);
    const presses = { stroke: press, times: steps, ms: steps * strokeMs(press) };
    if (!best || presses.ms < best.ms) best = presses;
    const { repeat } = rule.does;
    if (!repeat) continue;
    const stroke: Stroke = { kind: "repeat", keys: rule.keys, steps, ...repeat };
    if (strokeMs(stroke) < best.ms) best = { stroke, times: 1, ms: strokeMs(stroke) };
  }
  if (!best) return null;
  const { stroke, times } = best;
  return Array.from({ length: times }, () => stroke);
}

/** One press of a key that steps a value, as its rule asks for it. */
function onePress({ gesture, keys }: KeyRule): Stroke {
  switch (gesture.kind) {
    case "tap":
      return { kind: "tap", keys };
    case "double-tap":
      return { kind: "double-tap", keys };
    case "hold":
      return { kind: "hold", keys, holdMs: gesture.holdMs };
  }
}

/** Digit keys and steps together, by the cheapest path over the line's values. */
function searched(
  profile: DisplayProfile,
  index: number,
  from: number,
  to: number,
  rules: readonly KeyRule[],
): readonly Stroke[] | null {
  const best = new Map<number, { ms: number; via: { from: number; strokes: readonly Stroke[] } | null }>([
    [from, { ms: 0, via: null }],
  ]);
  const queue = new MinQueue<number>();
  queue.push(from, 0);
  const settled = new Set<number>();
  for (let raw = queue.pop(); raw !== undefined; raw = queue.pop()) {
    if (settled.has(raw)) continue;
    settled.add(raw);
    if (raw === to) break;
    const here = best.get(raw)?.ms ?? 0;
    const offer = (next: number, strokes: readonly Stroke[]) => {
      const ms = here + totalMs(strokes);
      if (ms >= (best.get(next)?.ms ?? Infinity)) return;
      best.set(next, { ms, via: { from: raw, strokes } });
      queue.push(next, ms);
    };
    for (const rule of rules) {
      if (rule.does.kind === "step-digit") offer(stepDigit(profile, index, raw, rule.does.place), [onePress(rule)]);
      if (rule.does.kind !== "step-value") continue;
      let next = stepRaw(profile, index, raw, rule.does.by);
      offer(next, [onePress(rule)]);
      const { repeat } = rule.does;
      for (let steps = 2; repeat && steps <= SEARCHED_VALUES.withRepeat && next !== raw; steps++) {
        next = stepRaw(profile, index, next, rule.does.by);
        offer(next, [{ kind: "repeat", keys: rule.keys, steps, ...repeat }]);
      }
    }
  }
  const path: Stroke[] = [];
  for (let at = best.get(to); at?.via; at = best.get(at.via.from)) path.unshift(...at.via.strokes);
  return best.has(to) ? path : null;
}

interface Change {
  readonly strokes: readonly Stroke[];
  readonly ms: number;
}

/** Change strokes per line and pair of values, worked out once. */
export class ChangeTable {
  private readonly known: Map<number, Change | null>[];
  private constructor(private readonly profile: DisplayProfile) {
    this.known = linesOf(profile).map(() => new Map());
  }

  private static readonly tables = new WeakMap<DisplayProfile, ChangeTable>();

  /** The table of a profile: strokes depend on nothing else, so one serves every plan. */
  static of(profile: DisplayProfile): ChangeTable {
    const table = ChangeTable.tables.get(profile) ?? new ChangeTable(profile);
    ChangeTable.tables.set(profile, table);
    return table;
  }

  get(index: number, from: number, to: number): Change | null {
    const known = this.known[index];
    if (!known) return null;
    const key = (from + 10_000) * 200_000 + (to + 10_000);
    let found = known.get(key);
    if (found === undefined) {
      const strokes = changeStrokes(this.profile, index, from, to);
      found = strokes && { strokes, ms: totalMs(strokes) };
      known.set(key, found);
    }
    return found;
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
