/** Small menus and value sets made from a seed, for the tests and the bench of the planner. */
import {
  dangerOf,
  FORMAT,
  FORMAT_VERSION,
  isShown,
  linesOf,
  plainRule,
  rawValues,
  ruleActs,
  type DisplayProfile,
  type Entry,
  type KeyRule,
  type Line,
  type MenuState,
} from "../display";
import { ruleStroke } from "./pressing";
import { KEY_COSTS, waitForClose, type Stroke } from "./strokes";

/** A whole number from `least` to `most`. */
export const pick = (random: () => number, least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1));

const oneOf = <T>(random: () => number, items: readonly [T, ...T[]]): T =>
  items[pick(random, 0, items.length - 1)] ?? items[0];

/** One value for each line that can be stepped; other lines keep the maker's. */
export const randomRaws = (profile: DisplayProfile, random: () => number): readonly number[] =>
  linesOf(profile).map((line) => {
    const raws = rawValues(line.encoding);
    return raws[pick(random, 0, raws.length - 1)] ?? line.factoryRaw ?? 0;
  });

/**
 * Targets to go for from `from`: random, but a line the targets hide keeps the value it has, since no key reaches it
 * then.
 */
export function randomTargets(
  profile: DisplayProfile,
  from: readonly number[],
  random: () => number,
): readonly number[] {
  const wanted = randomRaws(profile, random);
  return wanted.map((raw, i) => (isShown(profile, i, wanted) ? raw : (from[i] ?? raw)));
}

const lineOf = (code: string, size: number, random: () => number, extras: Partial<Line> = {}): Line => ({
  code,
  encoding: { kind: "reserved", setting: null, rawMin: 0, rawMax: size - 1 },
  atEnds: random() < 0.5 ? "wrap" : "stop",
  factoryRaw: 0,
  makerOnly: false,
  note: null,
  shownWhen: null,
  mattersWhen: null,
  effect: "works",
  claims: [],
  ...extras,
});

const filler = (code: string): Line => ({
  ...lineOf(code, 1, () => 0),
  encoding: { kind: "read-only", setting: null, shows: "--" },
  makerOnly: true,
});

/** Some of a few equal things, in an order of chance. */
const shuffledBy =
  (random: () => number) =>
  <T>(items: readonly T[]): T[] =>
    items
      .map((item) => ({ item, at: random() }))
      .sort((a, b) => a.at - b.at)
      .map(({ item }) => item);

const chanceBy = (random: () => number) => (share: number) => random() < share;

/** A few lines of two to four values each, one of them perhaps hanging on another, and some that only fill the page. */
function smallLines(random: () => number, mostFillers: number) {
  const sizes = oneOf<readonly number[]>(random, [[4], [2, 2], [3, 2], [2, 3], [2, 2], [2, 2, 2]]);
  const conditional = sizes.length > 1 && random() < 0.3;
  const valued = sizes.map((size, i) =>
    lineOf(
      `a${i}`,
      size,
      random,
      conditional && i === sizes.length - 1
        ? { shownWhen: [{ line: "a0", raws: [pick(random, 0, (sizes[0] ?? 1) - 1)] }] }
        : {},
    ),
  );
  const fillers = Array.from({ length: pick(random, 0, mostFillers) }, (_, i) => filler(`f${i}`));
  const lines = [...valued, ...fillers];
  return { valued, lines };
}

/** Where the lines stand: one page, groups below it, or a second page behind a chord of its own. */
function smallPages(random: () => number, lines: readonly Line[]) {
  const chance = chanceBy(random);
  const shape = oneOf(random, ["flat", "flat", "groups", "deeper", "sub-list"]);
  const order = shuffledBy(random)(lines.map((line): Entry => ({ kind: "line", line: line.code })));
  const split = shape === "flat" || order.length < 2 ? order.length : pick(random, 1, order.length - 1);
  const atEnds = oneOf<"wrap" | "stop">(random, ["wrap", "wrap", "stop"]);
  const opensAt = oneOf<"first" | "last-visited">(random, ["first", "first", "last-visited"]);
  const withExit = chance(0.3);
  const top: Entry[] = order.slice(0, split);
  const rest: Entry[] = order.slice(split);
  if (shape === "groups" || shape === "sub-list")
    top.splice(
      pick(random, 0, top.length),
      0,
      ...(rest.length > 0 ? [{ kind: "page" as const, code: "g", page: "below" }] : []),
    );
  if (withExit) top.push({ kind: "exit", code: "x", saves: chance(0.7) });
  const below = rest.length > 0;
  const pages = [
    { id: "top", name: "Top", entries: top, atEnds, opensAt, changing: null },
    ...(below
      ? [
          {
            id: "below",
            name: "Below",
            entries: rest,
            atEnds: oneOf<"wrap" | "stop">(random, ["wrap", "stop"]),
            opensAt: oneOf<"first" | "last-visited">(random, ["first", "last-visited"]),
            changing: oneOf<"at-once" | "select" | null>(random, [null, null, "at-once", "select"]),
          },
        ]
      : []),
  ];
  return { shape, top, below, pages, atEnds, withExit };
}

const rule = (
  on: KeyRule["on"],
  keys: string,
  gesture: KeyRule["gesture"],
  does: KeyRule["does"],
  extras: Partial<KeyRule> = {},
): KeyRule => ({
  ...plainRule(on, keys.split("+"), gesture, does),
  ...extras,
});
const tapped: KeyRule["gesture"] = { kind: "tap" };
const held = (holdMs: number): KeyRule["gesture"] => ({ kind: "hold", holdMs });

/** How a small menu is changed, saved, left alone and got into. */
function smallManners(
  random: () => number,
  { atEnds, below, shape, pages }: ReturnType<typeof smallPages>,
  valued: readonly Line[],
) {
  const chance = chanceBy(random);
  const changing = oneOf<"at-once" | "select">(random, ["at-once", "at-once", "select"]);
  const saves = oneOf<"leaving-menu" | "each-change" | "leaving-line">(random, [
    "leaving-menu",
    "leaving-menu",
    "each-change",
    "leaving-line",
  ]);
  const idlePending: "save" | "discard" = chance(0.4) ? "save" : "discard";
  const inForce: "at-once" | "after-power-cycle" = chance(0.5) ? "at-once" : "after-power-cycle";
  const twoWay = atEnds === "stop" || chance(0.5);
  const repeat = chance(0.5) ? { afterMs: pick(random, 4, 8) * 100, everyMs: pick(random, 1, 4) * 50 } : null;
  const digits = chance(0.2);
  const onlyUp = chance(0.2) && valued.every((line) => line.atEnds === "wrap");
  const code = chance(0.15) ? "12" : null;
  const window = chance(0.15)
    ? { kind: oneOf<"within" | "after">(random, ["within", "after"]), ms: pick(random, 20, 40) * 100 }
    : null;
  const needsBack = below && shape !== "deeper";
  const blinks = pages.some((page) => (page.changing ?? changing) === "select");
  const confirms: KeyRule["does"] = {
    kind: "confirm-value",
    then: oneOf<"stays" | "next-entry">(random, ["stays", "stays", "next-entry"]),
  };
  return {
    blinks,
    confirms,
    changing,
    saves,
    idlePending,
    inForce,
    twoWay,
    repeat,
    digits,
    onlyUp,
    code,
    window,
    needsBack,
  };
}

/** The keys of a small menu. */
function smallRules(
  random: () => number,
  { top, below, shape, withExit }: ReturnType<typeof smallPages>,
  {
    blinks,
    confirms,
    saves,
    idlePending,
    twoWay,
    repeat,
    digits,
    onlyUp,
    code,
    window,
    needsBack,
  }: ReturnType<typeof smallManners>,
): KeyRule[] {
  const chance = chanceBy(random);
  const hold = (least: number, most: number) => held(pick(random, least, most) * 100);
  const notEditing = { editing: blinks ? false : null };
  const editing = { editing: true };
  const canSave =
    saves !== "leaving-menu" ||
    idlePending === "save" ||
    (withExit && top.some((entry) => entry.kind === "exit" && entry.saves));

  return [
    rule("off", "c", held(800), { kind: "power-on" }),
    rule("home", "c", hold(10, 30), { kind: "power-off" }),
    rule("home", "a+b", hold(5, 30), { kind: "open-page", page: "top", code }, { sincePowerOn: window }),
    ...(window
      ? [
          rule(
            "home",
            "a+b",
            held(600),
            { kind: "run-action", action: "restore", asks: "nothing" },
            { sincePowerOn: { kind: window.kind === "within" ? "after" : "within", ms: window.ms } },
          ),
        ]
      : []),
    rule("home", "a", held(1200), { kind: "start-walk-assist" }),
    rule("menu", "c", tapped, { kind: "next-entry" }, notEditing),
    ...(twoWay ? [rule("menu", "d", tapped, { kind: "previous-entry" }, notEditing)] : []),
    rule("menu", "a", tapped, { kind: "step-value", by: 1, repeat }),
    ...(onlyUp ? [] : [rule("menu", "b", tapped, { kind: "step-value", by: -1, repeat })]),
    ...(digits ? [rule("menu", "f", tapped, { kind: "step-digit", place: 0 })] : []),
    ...(blinks || needsBack || withExit ? [rule("menu", "e", tapped, { kind: "select" }, notEditing)] : []),
    ...(blinks ? [rule("menu", "e", tapped, confirms, editing)] : []),
    ...(blinks && chance(0.5) ? [rule("menu", "d+e", held(500), { kind: "cancel-value" }, editing)] : []),
    ...(needsBack || chance(0.2)
      ? [rule("menu", "e", chance(0.5) ? { kind: "double-tap" } : hold(5, 12), { kind: "back" }, notEditing)]
      : []),
    ...(shape === "deeper" && below
      ? [
          rule(
            oneOf<"home" | "menu">(random, ["home", "menu"]),
            "b+c",
            hold(5, 20),
            { kind: "open-page", page: "below", code: null },
            { editing: null },
          ),
        ]
      : []),
    ...(canSave && chance(0.4) ? [] : [rule("menu", "a+c", hold(5, 25), { kind: "save-and-leave" })]),
    ...(chance(0.3) ? [rule("menu", "b+d", held(600), { kind: "leave-without-saving" })] : []),
    ...(code
      ? [
          rule("code", "a", tapped, { kind: "step-value", by: 1, repeat: null }),
          rule("code", "c", tapped, { kind: "next-digit" }),
        ]
      : []),
  ];
}

/**
 * A small menu of arbitrary shape: few values in all, so that a full search of its machine stays possible. More fillers
 * make long pages, on which it pays to leave and come in again.
 */
export function smallProfile(random: () => number, mostFillers = 3): DisplayProfile {
  const { valued, lines } = smallLines(random, mostFillers);
  const layout = smallPages(random, lines);
  const manners = smallManners(random, layout, valued);
  const rules = smallRules(random, layout, manners);
  const { pages } = layout;
  const { changing, saves, idlePending, inForce } = manners;
  return {
    format: FORMAT,
    version: FORMAT_VERSION,
    id: "small",
    revision: 1,
    name: "Small",
    variant: "generated",
    glass: "segment",
    keys: ["a", "b", "c", "d", "e", "f"].map((id) => ({ id, cap: id, name: id, keyboard: id, part: "key" as const })),
    doubleTapMs: 350,
    rules,
    infoLines: [],
    levels: { lowest: 0, names: [] },
    modes: [],
    pinDigits: 4,
    menu: { pages, idle: { closesAfterMs: pick(random, 3, 9) * 1000, pending: idlePending }, changing, saves },
    lines,
    inForce,
    acceptsNominalV: [36],
    faultCodes: [],
    source: "generated",
  };
}

/** All gestures a hand can make in this state; those that hurt are left out by their rule. */
export function gestures(profile: DisplayProfile, state: MenuState): Stroke[] {
  const strokes: Stroke[] = [waitForClose(profile)];
  for (const rule of profile.rules) {
    if (dangerOf(rule.does) !== null) continue;
    if (rule.sincePowerOn?.kind === "after" && state.sincePowerOnMs <= rule.sincePowerOn.ms)
      strokes.push({
        kind: "wait",
        ms: rule.sincePowerOn.ms - state.sincePowerOnMs + KEY_COSTS.waitMarginMs,
        for: "time-since-power-on",
      });
    if (!ruleActs(profile, rule, state, state.sincePowerOnMs)) continue;
    strokes.push(ruleStroke(profile, state, rule));
    if (rule.does.kind === "step-value" && rule.does.repeat)
      for (let steps = 2; steps <= 4; steps++)
        strokes.push({ kind: "repeat", keys: rule.keys, steps, ...rule.does.repeat });
  }
  return strokes;
}
