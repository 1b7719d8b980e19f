/**
 * Exercises with keys on the live bench: made from any display by a seed, and each with a best way to hold one's own
 * against.
 */
import {
  atHome,
  isShown,
  layoutOf,
  linesOf,
  perform,
  rawValues,
  rulesOn,
  type DisplayProfile,
  type MenuState,
} from "../display";
import type { ClassRule } from "../law";
import { obeyedBy } from "../rig/obeyed";
import { kitFor, type LiveBike, type Typed } from "../rig";
import { seeded } from "../units/seeded";
import { planKeys } from "../keys";
import { benchSet, type BenchSet } from "./benchJob";
import { bestWay } from "./doing";
import { KINDS, type ExerciseKind, type KeyExercise, type Lie } from "./exercise";
import { tellsApart, type Tell } from "./tells";

type Random = () => number;
/** Items in an order drawn. */
function shuffled<Item>(items: readonly Item[], random: Random): readonly Item[] {
  return items
    .map((item) => [random(), item] as const)
    .sort(([a], [b]) => a - b)
    .map(([, item]) => item);
}

/** A line with another value, and what tells the two apart. */
interface Moved {
  readonly line: number;
  readonly raw: number;
  readonly tells: readonly Tell[];
}

/** Lines of the menu that can be set, in an order drawn. */
function lineOrder({ bike: { profile }, right }: BenchSet, random: Random): readonly number[] {
  const { controllers, placeOfLine } = layoutOf(profile);
  const lines = linesOf(profile).flatMap(({ encoding }, i) => {
    // A line others hang on would change the menu itself: that is another exercise.
    const isOne = placeOfLine[i] && isShown(profile, i, right) && !controllers.includes(i);
    return isOne && rawValues(encoding).length > 1 ? [i] : [];
  });
  return shuffled(lines, random);
}

/** More values of one line than these are not tried. */
const MOST_TRIED = 8;

/** Values a line does not hold, in an order drawn, each with what would tell it from the one it is to hold. */
function* othersOf({ bike, right }: BenchSet, line: number, random: Random): Generator<Moved> {
  const { encoding } = linesOf(bike.profile)[line] ?? { encoding: NO_ENCODING };
  const now = obeyedBy(bike, right);
  const others = rawValues(encoding).filter((raw) => raw !== right[line]);
  for (const raw of shuffled(others, random).slice(0, MOST_TRIED))
    yield { line, raw, tells: tellsApart(now, obeyedBy(bike, right.with(line, raw))) };
}

const NO_ENCODING = { kind: "reserved", setting: null, rawMin: 0, rawMax: 0 } as const;

/** The first value of a line found that tells; null where none tried does. */
function telling(set: BenchSet, line: number, random: Random): Moved | null {
  for (const moved of othersOf(set, line, random)) if (moved.tells.length > 0) return moved;
  return null;
}

type Made = Omit<KeyExercise, "kind" | "seed" | "rule" | "bike" | "right"> & Partial<Pick<KeyExercise, "bike">>;

const HOME_AND_HONEST = { among: [], lie: null, pin: null } as const;

function oddLine(set: BenchSet, random: Random): Made | null {
  for (const line of lineOrder(set, random)) {
    const odd = telling(set, line, random);
    if (!odd) continue;
    const start = atHome(set.bike.profile, set.right.with(odd.line, odd.raw));
    return { ...HOME_AND_HONEST, start, lines: [odd.line], tells: odd.tells };
  }
  return null;
}

/** So many lines are to be set in one visit. */
const TO_SET = { least: 3, more: 3 } as const;

/** The lines moved, as drawn: one value each. */
function someMoved(set: BenchSet, random: Random): readonly Moved[] {
  const count = TO_SET.least + Math.floor(random() * TO_SET.more);
  return lineOrder(set, random)
    .slice(0, count)
    .flatMap((line) => {
      const { value } = othersOf(set, line, random).next() as IteratorResult<Moved, undefined>;
      return value ? [value] : [];
    });
}

const withMoved = (right: readonly number[], moved: readonly Moved[]): readonly number[] =>
  moved.reduce((raws, { line, raw }) => raws.with(line, raw), right);

function fewestPresses(set: BenchSet, random: Random): Made | null {
  const moved = someMoved(set, random);
  if (moved.length === 0) return null;
  return {
    ...HOME_AND_HONEST,
    start: atHome(set.bike.profile, withMoved(set.right, moved)),
    lines: moved.map(({ line }) => line).sort((a, b) => a - b),
    tells: [],
  };
}

/** Digits of a PIN the owner still knows; null for a display whose keys enter none. */
function pinOf(profile: DisplayProfile, random: Random): string | null {
  const deeds = rulesOn(profile, "code").map(({ does }) => does.kind);
  if (!deeds.includes("step-value") || !deeds.includes("next-digit")) return null;
  return Array.from({ length: profile.pinDigits }, () => Math.floor(random() * 10)).join("");
}

/** A display left in the middle: a menu open with a value blinking, some lines saved and not in force, or locked. */
function rescue(set: BenchSet, random: Random): Made | null {
  const { profile } = set.bike;
  const [first, ...others] = someMoved(set, random);
  if (!first) return null;
  const saved = withMoved(set.right, others);
  // What was saved is not yet what the bike obeys.
  const half: MenuState = { ...atHome(profile, saved), inForce: withMoved(saved, [first]) };
  const made = {
    ...HOME_AND_HONEST,
    lines: [first, ...others].map(({ line }) => line).sort((a, b) => a - b),
    tells: [],
  };
  const pin = pinOf(profile, random);
  if (pin !== null && random() < 0.5) {
    const off: MenuState = { ...half, saved: withMoved(saved, [first]), pin, screen: { kind: "off" } };
    return { ...made, pin, start: perform(profile, { ...off, pending: off.saved }, { kind: "power-on" }) };
  }
  const place = layoutOf(profile).placeOfLine[first.line];
  if (!place) return null;
  const pending = withMoved(saved, [first]);
  return {
    ...made,
    start: { ...half, pending, screen: { kind: "menu", page: place.page, at: place.at, draft: null } },
  };
}

/** So many lines are to choose from. */
const TO_CHOOSE_FROM = 4;

function whichLineLies(set: BenchSet, random: Random): Made | null {
  const { bike, right } = set;
  const among: number[] = [];
  for (const line of lineOrder(set, random)) {
    if (telling(set, line, random)) among.push(line);
    if (among.length === TO_CHOOSE_FROM) break;
  }
  const liar = among[Math.floor(random() * among.length)];
  const told = liar === undefined ? undefined : linesOf(bike.profile)[liar];
  if (liar === undefined || !told || among.length < 2) return null;
  const lie: Lie = random() < 0.5 ? "does-nothing" : "runs-backwards";
  const lying: LiveBike = {
    ...bike,
    firmware: {
      noEffect: lie === "does-nothing" ? [told.code] : [],
      backwards: lie === "runs-backwards" ? [told.code] : [],
    },
  };
  // A lie that no value gives away is none to look for.
  const tells = shuffled(rawValues(told.encoding), random)
    .slice(0, MOST_TRIED)
    .map((raw) => tellsApart(obeyedBy(bike, right.with(liar, raw)), obeyedBy(lying, right.with(liar, raw))))
    .reduce((most, each) => (each.length > most.length ? each : most), []);
  if (tells.length === 0) return null;
  return {
    bike: lying,
    start: atHome(bike.profile, right),
    lines: [liar],
    among: [...among].sort((a, b) => a - b),
    lie,
    tells,
    pin: null,
  };
}

const MAKERS: Readonly<Record<ExerciseKind, (set: BenchSet, random: Random) => Made | null>> = {
  "odd-line": oddLine,
  "fewest-presses": fewestPresses,
  rescue,
  "which-line-lies": whichLineLies,
};

const MOST_DRAWS = 20;

/** The exercise of a kind and a seed on a display; null where the display has too little for it. */
export function keyExercise(
  kind: ExerciseKind,
  seed: number,
  profile: DisplayProfile,
  kits: readonly Typed[],
  classes: readonly ClassRule[],
): KeyExercise | null {
  const rule = classes[seed % Math.max(1, classes.length)] ?? null;
  const random = seeded(seed * KINDS.length + KINDS.indexOf(kind));
  const kit = kitFor(profile, kits, Math.floor(random() * 60));
  const set = kit && benchSet(profile, kit, rule);
  if (!set) return null;
  for (let i = 0; i < MOST_DRAWS; i++) {
    const made = MAKERS[kind](set, random);
    const exercise = made && { kind, seed, rule, right: set.right, bike: set.bike, ...made };
    if (exercise && canBeDone(exercise)) return exercise;
  }
  return null;
}

/** Whether the display's keys lead to the end at all: some menus hold a value no key of theirs can set. */
function canBeDone(exercise: KeyExercise): boolean {
  const { from, goal } = bestWay(exercise);
  return planKeys(exercise.bike.profile, from, goal).ok;
}
