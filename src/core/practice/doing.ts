/** Doing an exercise: presses counted as the key planner counts them, whether it is done, and the best way to it. */
import { isShown, rawValues, linesOf, type MenuState } from "../display";
import type { KeyGoal } from "../keys";
import { obeyedBy } from "../rig/obeyed";
import type { KeyExercise } from "./exercise";
import { tellsApart } from "./tells";

/** Presses after keys go down or up: a chord is one press, and a PIN the owner tells is not counted. */
export const pressesAfter = (presses: number, before: MenuState, keys: readonly string[]): number =>
  keys.length > 0 && before.held === null && before.screen.kind !== "code" ? presses + 1 : presses;

const holdsRight = ({ bike, right }: KeyExercise, raws: readonly number[]): boolean =>
  right.every((raw, i) => raws[i] === raw || !isShown(bike.profile, i, right));

/** Whether every line is as it is to be, saved, in force, and the display back at its home screen. */
export const isSetRight = (exercise: KeyExercise, menu: MenuState): boolean =>
  menu.screen.kind === "home" && holdsRight(exercise, menu.saved) && holdsRight(exercise, menu.inForce);

export interface BestWay {
  readonly from: MenuState;
  readonly goal: KeyGoal;
}

/**
 * What the shortest keys of an exercise start from and lead to. Where a line lies: to the value of it that gives the
 * lie away most.
 */
export function bestWay(exercise: KeyExercise): BestWay {
  const { kind, start, right, pin, lines } = exercise;
  const from: MenuState = pin === null ? start : { ...start, pin: null, screen: { kind: "home" } };
  const [line] = lines;
  if (kind !== "which-line-lies" || line === undefined) return { from, goal: { targets: right } };
  const raw = tellingRaw(exercise, line);
  return { from, goal: { targets: right.with(line, raw) } };
}

/** The value of a line by which a lie of its firmware shows most. */
function tellingRaw({ bike, right }: KeyExercise, line: number): number {
  const honest = { ...bike, firmware: { noEffect: [], backwards: [] } };
  const told = (raw: number): number =>
    tellsApart(obeyedBy(honest, right.with(line, raw)), obeyedBy(bike, right.with(line, raw))).length;
  const raws = rawValues(linesOf(bike.profile)[line]?.encoding ?? NO_ENCODING).filter((raw) => raw !== right[line]);
  const some = raws.filter((_, i) => i % Math.ceil(raws.length / MOST_TRIED) === 0 || i === raws.length - 1);
  const counted = some.map((raw) => [raw, told(raw)] as const);
  return counted.reduce((best, each) => (each[1] > best[1] ? each : best), counted[0] ?? [0, 0])[0];
}

/** Of a line with more values than these, some are tried, from one end to the other. */
const MOST_TRIED = 16;

const NO_ENCODING = { kind: "reserved", setting: null, rawMin: 0, rawMax: 0 } as const;

export interface Named {
  readonly line: number;
  readonly lie: KeyExercise["lie"];
}

/** How an exercise ended: every line set right, a line named, or given up. */
export type Ended =
  { readonly kind: "set-right" } | { readonly kind: "given-up" } | { readonly kind: "named"; readonly named: Named };

/** Whether what was named is what it was. */
export const isNamedRight = ({ lines, lie }: KeyExercise, named: Named): boolean =>
  lines.includes(named.line) && named.lie === lie;
