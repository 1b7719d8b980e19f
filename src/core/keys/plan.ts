/**
 * The key planner: the quickest strokes from any state of the display to the wanted values, saved and in force.
 *
 * It is an A* search over the menu machine itself. Two facts keep it small without losing the optimum. Lines are
 * independent and a change costs the same whenever it is made, so a wrong line is set right in one go the first time a menu
 * that will be saved comes to it, by the cheapest strokes for that line. And all that still matters of the values is, per line, whether the pending, saved and
 * working value is right, so states that agree on that are one. Tests hold the result against a general-purpose graph
 * library that searches the full machine, single steps and all.
 */
import { linesOf, movesTheBike, rawValues, type DisplayProfile, type KeyRule, type MenuState } from "../display";
import { MinQueue } from "./minQueue";
import { play, strokeMs, waitForClose, type Stroke } from "./strokes";

export interface KeyGoal {
  /** Wanted raw value per line, in menu order; a line to be left alone wants the value it has. */
  readonly targets: readonly number[];
  /** Lines that must come up on the display on the way, to be read. */
  readonly look?: readonly number[];
  /** Where to end: back on the home screen with everything saved and in force, or on the last line looked at. */
  readonly end?: "home" | "anywhere";
}

export interface PlannedStroke {
  readonly stroke: Stroke;
  readonly before: MenuState;
  readonly after: MenuState;
}

export type KeyPlan =
  | { readonly ok: true; readonly strokes: readonly PlannedStroke[]; readonly totalMs: number; readonly end: MenuState }
  | { readonly ok: false; readonly problem: PlanProblem };

export type PlanProblem =
  /** A target the line cannot be stepped to. */
  | { readonly key: "plan.target-unreachable"; readonly code: string; readonly raw: number }
  /** The display's keys do not lead there. */
  | { readonly key: "plan.no-way" };

// ── one line ────────────────────────────────────────────────────────────────────────────────────────────────────────

type StepRule = KeyRule & { readonly does: Extract<KeyRule["does"], { kind: "step-value" }> };

const stepRules = (profile: DisplayProfile): readonly StepRule[] =>
  profile.rules.filter((rule): rule is StepRule => rule.on === "menu" && rule.does.kind === "step-value");

/** Cheapest strokes that take one line from a raw value to another, or null where no key does. */
export function changeStrokes(profile: DisplayProfile, index: number, from: number, to: number): readonly Stroke[] | null {
  if (from === to) return [];
  const line = linesOf(profile)[index];
  const raws = line ? rawValues(line.encoding) : [];
  const start = raws.indexOf(from);
  const goal = raws.indexOf(to);
  if (!line || start < 0 || goal < 0) return null;
  const ways = stepRules(profile).flatMap((rule) => {
    const straight = (goal - start) * rule.does.by;
    const steps = straight > 0 ? straight : line.atEnds === "wrap" ? straight + raws.length : -1;
    if (steps < 0) return [];
    const taps: Stroke[] = Array.from({ length: steps }, () => ({ kind: "tap", keys: rule.keys }));
    const { repeat } = rule.does;
    return repeat ? [taps, [{ kind: "repeat", keys: rule.keys, steps, ...repeat } satisfies Stroke]] : [taps];
  });
  return ways.sort((a, b) => totalMs(a) - totalMs(b))[0] ?? null;
}

const totalMs = (strokes: readonly Stroke[]): number => strokes.reduce((sum, stroke) => sum + strokeMs(stroke), 0);

// ── the search ──────────────────────────────────────────────────────────────────────────────────────────────────────

interface Node {
  readonly state: MenuState;
  readonly toLook: ReadonlySet<number>;
  readonly costMs: number;
  readonly via: { readonly from: Node; readonly strokes: readonly Stroke[] } | null;
}

/** More expansions than any menu needs; past it the display's keys are taken not to lead there. */
const MOST_EXPANSIONS = 400_000;

/** The least-time plan from `start` to `goal`. Times in ms, at the stated KEY_COSTS. */
export function planKeys(profile: DisplayProfile, start: MenuState, goal: KeyGoal): KeyPlan {
  const rested: MenuState = { ...start, held: null, screen: start.screen.kind === "walk-assist" ? { kind: "home" } : start.screen };
  const unreachable = findUnreachable(profile, rested, goal);
  if (unreachable) return { ok: false, problem: unreachable };

  const changes = new ChangeTable(profile);
  const estimate = lowerBound(profile, goal, changes);
  const keyOf = stateKey(profile, goal);
  const queue = new MinQueue<Node>();
  const best = new Map<string, number>();
  const add = (node: Node) => {
    const key = keyOf(node);
    const known = best.get(key);
    if (known !== undefined && known <= node.costMs) return;
    best.set(key, node.costMs);
    queue.push(node, node.costMs + estimate(node));
  };

  add({ state: rested, toLook: lookedAt(rested, new Set(goal.look ?? [])), costMs: 0, via: null });
  for (let expansions = 0; expansions < MOST_EXPANSIONS; expansions++) {
    const node = queue.pop();
    if (!node) break;
    if ((best.get(keyOf(node)) ?? Infinity) < node.costMs) continue;
    if (reached(node, goal)) return unfold(profile, node);
    for (const strokes of movesFrom(profile, node.state, goal, changes)) {
      const state = strokes.reduce((s, stroke) => play(profile, s, stroke), node.state);
      add({ state, toLook: lookedAt(state, node.toLook), costMs: node.costMs + totalMs(strokes), via: { from: node, strokes } });
    }
  }
  return { ok: false, problem: { key: "plan.no-way" } };
}

function findUnreachable(profile: DisplayProfile, start: MenuState, { targets }: KeyGoal): PlanProblem | null {
  for (const [i, line] of linesOf(profile).entries()) {
    const raw = targets[i];
    if (raw === undefined || raw === start.saved[i]) continue;
    if (!rawValues(line.encoding).includes(raw)) return { key: "plan.target-unreachable", code: line.code, raw };
  }
  return null;
}

/** Change strokes per line and pair of values, worked out once. */
class ChangeTable {
  private readonly known = new Map<string, { strokes: readonly Stroke[]; ms: number } | null>();
  constructor(private readonly profile: DisplayProfile) {}
  get(index: number, from: number, to: number) {
    const key = `${index}:${from}:${to}`;
    let found = this.known.get(key);
    if (found === undefined) {
      const strokes = changeStrokes(this.profile, index, from, to);
      found = strokes && { strokes, ms: totalMs(strokes) };
      this.known.set(key, found);
    }
    return found;
  }
}

function lookedAt(state: MenuState, toLook: ReadonlySet<number>): ReadonlySet<number> {
  if (state.screen.kind !== "menu" || !toLook.has(state.screen.line)) return toLook;
  const rest = new Set(toLook);
  rest.delete(state.screen.line);
  return rest;
}

const holdsAll = (values: readonly number[], targets: readonly number[]): boolean => targets.every((target, i) => values[i] === target);

const reached = ({ state, toLook }: Node, { targets, end = "home" }: KeyGoal): boolean =>
  toLook.size === 0 && (end === "anywhere" || (state.screen.kind === "home" && holdsAll(state.saved, targets) && holdsAll(state.inForce, targets)));

/** What distinguishes two states for the plan: the screen, what is right and what is wrong, and what is still to be read. */
function stateKey(profile: DisplayProfile, { targets }: KeyGoal): (node: Node) => string {
  const remembersLine = profile.menu.opensAt === "last-visited";
  return ({ state, toLook }) => {
    const { screen } = state;
    let values = "";
    for (let i = 0; i < targets.length; i++) {
      const target = targets[i];
      const right = (state.pending[i] === target ? 1 : 0) + (state.saved[i] === target ? 2 : 0) + (state.inForce[i] === target ? 4 : 0);
      values += String.fromCharCode(48 + right + (toLook.has(i) ? 8 : 0));
    }
    return `${screen.kind}${screen.kind === "menu" ? screen.line : ""}/${remembersLine ? state.lastLine : ""}/${values}`;
  };
}

/**
 * Strokes worth trying from a state. On a wrong line: set it right, or leave without saving. Passing it by, or saving past
 * it, gains nothing, since the change would cost the same later. Elsewhere: every key that leads somewhere, or waiting.
 */
function movesFrom(profile: DisplayProfile, state: MenuState, { targets }: KeyGoal, changes: ChangeTable): (readonly Stroke[])[] {
  const { screen } = state;
  const moves: (readonly Stroke[])[] = [];
  const from = screen.kind === "menu" ? state.pending[screen.line] : undefined;
  const to = screen.kind === "menu" ? targets[screen.line] : undefined;
  const wrong = screen.kind === "menu" && from !== to;
  if (screen.kind === "menu" && wrong && from !== undefined && to !== undefined) {
    const change = changes.get(screen.line, from, to);
    if (change) moves.push(change.strokes);
  }
  if (screen.kind === "menu" && (!wrong || profile.menu.idle.pending === "discard")) moves.push([waitForClose(profile)]);
  for (const rule of profile.rules) {
    if (rule.on !== screen.kind || movesTheBike(rule.does)) continue;
    if (!(wrong ? LEAVES_UNSAVED : LEADS_SOMEWHERE).has(rule.does.kind)) continue;
    moves.push([ruleStroke(rule)]);
  }
  return moves;
}

const LEADS_SOMEWHERE: ReadonlySet<KeyRule["does"]["kind"]> = new Set(["power-on", "power-off", "open-menu", "next-line", "save-and-leave", "leave-without-saving"] as const);
const LEAVES_UNSAVED: ReadonlySet<KeyRule["does"]["kind"]> = new Set(["leave-without-saving", "power-off"] as const);

const ruleStroke = (rule: KeyRule): Stroke => (rule.gesture.kind === "tap" ? { kind: "tap", keys: rule.keys } : { kind: "hold", keys: rule.keys, holdMs: rule.gesture.holdMs });

/**
 * Never more than the time still needed: the cheapest change of each wrong line, a key to get from each to the next, one way
 * in if no menu is open, one save, one power cycle.
 */
function lowerBound(profile: DisplayProfile, { targets, end = "home" }: KeyGoal, changes: ChangeTable): (node: Node) => number {
  const cheapest = (kind: KeyRule["does"]["kind"]) => Math.min(...profile.rules.filter((rule) => rule.does.kind === kind).map((rule) => strokeMs(ruleStroke(rule))));
  const closing = strokeMs(waitForClose(profile));
  const saveMs = Math.min(cheapest("save-and-leave"), profile.menu.idle.pending === "save" ? closing : Infinity);
  const openMs = cheapest("open-menu");
  const cycleMs = profile.inForce === "after-power-cycle" ? cheapest("power-on") : 0;
  const nextMs = Math.min(cheapest("next-line"), openMs);
  return ({ state, toLook }) => {
    const here = state.screen.kind === "menu" ? state.screen.line : -1;
    let changesMs = 0;
    let visits = 0;
    let unsaved = false;
    let idle = false;
    if (end === "home")
      for (let i = 0; i < targets.length; i++) {
        const target = targets[i];
        if (target === undefined) continue;
        if (state.inForce[i] !== target) idle = true;
        const saved = state.saved[i];
        if (saved === target || saved === undefined) continue;
        unsaved = true;
        const pending = here >= 0 ? state.pending[i] : saved;
        if (pending === target) continue;
        if (i !== here) visits += 1;
        changesMs += Math.min(changes.get(i, saved, target)?.ms ?? Infinity, pending === undefined ? Infinity : (changes.get(i, pending, target)?.ms ?? Infinity));
      }
    else visits = toLook.size;
    const mustOpen = here < 0 && (unsaved || visits > 0);
    // The way in may itself land on the first of the lines to visit.
    const walkMs = Math.max(0, mustOpen ? visits - 1 : visits) * nextMs;
    return changesMs + walkMs + (mustOpen ? openMs : 0) + (unsaved ? saveMs : 0) + (idle ? cycleMs : 0);
  };
}

function unfold(profile: DisplayProfile, goal: Node): KeyPlan {
  const legs: (readonly Stroke[])[] = [];
  let node: Node = goal;
  while (node.via) {
    legs.unshift(node.via.strokes);
    node = node.via.from;
  }
  let state = node.state;
  const strokes = legs.flat().map((stroke) => {
    const before = state;
    state = play(profile, before, stroke);
    return { stroke, before, after: state };
  });
  return { ok: true, strokes, totalMs: goal.costMs, end: state };
}
