/**
 * The key planner: the quickest strokes from any state of the display to the wanted values, saved and in force.
 *
 * It is an A* search over the menu machine itself. Three facts keep it small without losing the optimum. A change costs
 * the same whenever it is made, so in a visit to the menu that will be saved a wrong line is set right the first time
 * it comes up; passing it by means that the visit is only for getting out unsaved. (Where a key confirms and goes on in
 * one, a few wrong lines may be passed by and come back to: confirming the line before leads to them for nothing.) All
 * that still matters of most lines is whether the pending, saved and working value is right; only lines that others
 * hang on count with their value. And a lower bound that walks the pages (`bound.ts`) keeps the search on the short
 * ways. Tests hold the result against a general-purpose graph library that searches the full machine, single steps and
 * all.
 */
import { blinksSomewhere, entryOf, isShown, layoutOf, linesOf, rankOf, savesIdle, rawValues } from "../display";
import type { DisplayProfile, MenuState } from "../display";
import { lowerBound } from "./bound";
import { ChangeTable } from "./change";
import type { Aim, KeyGoal, KeyPlan, Node, PlanProblem } from "./goal";
import { MinQueue } from "./minQueue";
import { movesFrom, type Move } from "./moves";
import { isSlowHand, slowHandMs, type Pace } from "./pace";
import { playAll } from "./playQuick";
import { stateKey } from "./stateKey";
import { totalMs, type Stroke } from "./strokes";

/** More expansions than any menu needs; past it the display's keys are taken not to lead there. */
const MOST_EXPANSIONS = 60_000;
/** With a person counted in more ways look alike: past so many, about a second, the keys alone decide. */
const MOST_WITH_PERSON = 5000;

/**
 * The least-time plan from `start` to `goal`. Times in ms, at the stated KEY_COSTS; where the goal names a person's
 * pace, least with that person: each deed's runs read, each line and chord answered.
 */
export function planKeys(profile: DisplayProfile, start: MenuState, goal: KeyGoal): KeyPlan {
  const rested: MenuState = {
    ...start,
    held: null,
    tapped: null,
    wheelTurns: false,
    screen: start.screen.kind === "walk-assist" ? { kind: "home" } : start.screen,
  };
  const aim = aimOf(profile, goal);
  const problem = findUnreachable(profile, rested, aim);
  if (problem) return { ok: false, problem };

  const from: Omit<Node, "key"> = {
    state: rested,
    toLook: lookedAt(profile, rested, new Set([...(goal.look ?? []), ...(goal.entry ? [entryId(goal.entry)] : [])])),
    discarding: false,
    costMs: 0,
    via: null,
  };
  const withPerson = goal.pace ? search(profile, aim, from, MOST_WITH_PERSON) : null;
  return withPerson?.ok ? withPerson : search(profile, { ...aim, pace: undefined }, from, MOST_EXPANSIONS);
}

/** A way out of a menu that has not been played yet: it is, should it ever come first. */
interface Leaving {
  readonly leaving: () => Omit<Node, "key">;
}

function search(profile: DisplayProfile, aim: Aim, start: Omit<Node, "key">, mostExpansions: number): KeyPlan {
  const { pace = null } = aim;
  const changes = ChangeTable.of(profile, pace);
  const addedMs = pace ? personAdds(pace) : () => 0;
  const bound = lowerBound(profile, aim, changes);
  const keyOf = stateKey(profile, aim);
  const queue = new MinQueue<Node | Leaving>();
  const best = new Map<string | number, number>();
  // Among ways that look equally long, the one that is furthest along is tried first.
  const rank = (costMs: number, aheadMs: number): number => costMs + aheadMs + aheadMs * 1e-7;
  const add = (found: Omit<Node, "key">) => {
    const key = keyOf(found);
    const known = best.get(key);
    if (known !== undefined && known <= found.costMs) return;
    best.set(key, found.costMs);
    const { state, toLook, discarding, costMs, via } = found;
    const node: Node = { state, toLook, discarding, costMs, via, key };
    const aheadMs = bound.from(node);
    if (Number.isFinite(aheadMs)) queue.push(node, rank(node.costMs, aheadMs));
  };

  add(start);
  for (let expansions = 0; expansions < mostExpansions;) {
    const first = queue.pop();
    if (!first) break;
    if ("leaving" in first) {
      add(first.leaving());
      continue;
    }
    if ((best.get(first.key) ?? Infinity) < first.costMs) continue;
    if (reached(first, aim)) return unfold(profile, first, expansions);
    expansions += 1;
    for (const move of movesFrom(profile, first, aim, changes)) {
      const costMs = first.costMs + move.ms + addedMs(move);
      const next = () => after(profile, first, move, costMs);
      const aheadMs =
        move.leaves && !first.discarding
          ? bound.onceLeft({ state: move.leaves, toLook: first.toLook, discarding: false })
          : 0;
      if (aheadMs > 0) queue.push({ leaving: next }, rank(costMs, aheadMs));
      else add(next());
    }
  }
  return { ok: false, problem: { key: start.state.pin === null ? "plan.no-way" : "plan.locked" } };
}

/** What a person adds to a move, ms. */
function personAdds(pace: Pace): (move: Move) => number {
  const isSlow = isSlowHand(pace);
  return ({ looks, answers, strokes }) =>
    looks * pace.lookMs + answers * pace.answerMs + (isSlow ? slowHandMs(strokes(), pace) : 0);
}

function after(profile: DisplayProfile, from: Node, move: Move, costMs: number): Omit<Node, "key"> {
  const state = move.state();
  return {
    state,
    toLook: lookedAt(profile, state, from.toLook),
    discarding: state.screen.kind !== "home" && state.screen.kind !== "off" && (from.discarding || move.passesWrong),
    costMs,
    via: { from, strokes: move.strokes },
  };
}

/** A goal with what follows from it, for the search and for its lower bound. */
export function aimOf(profile: DisplayProfile, goal: KeyGoal): Aim {
  const controllers = new Set(layoutOf(profile).controllers);
  const places = layoutOf(profile).placeOfLine;
  const required =
    goal.end === "anywhere"
      ? []
      : linesOf(profile).flatMap((line, i) =>
          goal.targets[i] !== undefined &&
          (places[i] || isSetByProcedure(profile, line.code, goal.targets[i])) &&
          rawValues(line.encoding).length > 0 &&
          isShown(profile, i, goal.targets)
            ? [i]
            : [],
        );
  const requiredSet = new Set(required);
  return {
    ...goal,
    required,
    isRequired: (line) => requiredSet.has(line),
    isController: (line) => controllers.has(line),
    confirmsByLeaving: confirmsByLeaving(profile),
  };
}

const isSetByProcedure = (profile: DisplayProfile, code: string, raw: number): boolean =>
  profile.rules.some(({ does }) => does.kind === "set-value" && does.line === code && does.raw === raw);

const confirmsByLeaving = (profile: DisplayProfile): boolean =>
  blinksSomewhere(profile) &&
  (savesIdle(profile) || profile.rules.some((rule) => rule.does.kind === "save-and-leave" && rule.editing !== false));

function findUnreachable(profile: DisplayProfile, start: MenuState, { targets, required }: Aim): PlanProblem | null {
  for (const i of required) {
    const raw = targets[i];
    const line = linesOf(profile)[i];
    if (raw === undefined || !line || raw === start.saved[i]) continue;
    if (rankOf(line.encoding, raw) < 0) return { key: "plan.target-unreachable", code: line.code, raw };
  }
  return null;
}

/** An entry that is no line, among the lines to be looked at. */
const entryId = ({ page, at }: { readonly page: number; readonly at: number }): number => -1 - page * 1000 - at;

function lookedAt(profile: DisplayProfile, state: MenuState, toLook: ReadonlySet<number>): ReadonlySet<number> {
  if (toLook.size === 0 || state.screen.kind !== "menu") return toLook;
  const own = entryOf(profile, state)?.line ?? -1;
  const line = own >= 0 ? own : entryId(state.screen);
  if (!toLook.has(line)) return toLook;
  const rest = new Set(toLook);
  rest.delete(line);
  return rest;
}

const reached = ({ state, toLook }: Node, { targets, required, end = "home" }: Aim): boolean =>
  toLook.size === 0 &&
  (end === "anywhere" ||
    (state.screen.kind === "home" &&
      required.every((i) => state.saved[i] === targets[i] && state.inForce[i] === targets[i])));

function unfold(profile: DisplayProfile, goal: Node, expansions: number): KeyPlan {
  const legs: (readonly Stroke[])[] = [];
  let node: Node = goal;
  while (node.via) {
    legs.push(node.via.strokes());
    node = node.via.from;
  }
  const strokes = playAll(profile, node.state, legs.reverse().flat());
  const end = strokes[strokes.length - 1]?.after ?? node.state;
  return { ok: true, strokes, totalMs: totalMs(strokes.map(({ stroke }) => stroke)), end, expansions };
}
