/**
 * The key planner: the quickest strokes from any state of the display to the wanted values, saved and in force.
 *
 * It is an A* search over the menu machine itself. Three facts keep it small without losing the optimum. A change costs
 * the same whenever it is made, so in a visit to the menu that will be saved a wrong line is set right the first time
 * it comes up; passing it by means that the visit is only for getting out unsaved. All that still matters of most lines
 * is whether the pending, saved and working value is right; only lines that others hang on count with their value. And
 * a lower bound that walks the pages (`bound.ts`) keeps the search on the short ways. Tests hold the result against a
 * general-purpose graph library that searches the full machine, single steps and all.
 */
import {
  dangerOf,
  dangerOfAction,
  entryOf,
  isShown,
  layoutOf,
  linesOf,
  rawValues,
  ruleActs,
  rulesOn,
  stepTo,
  type DisplayProfile,
  type KeyRule,
  type MenuState,
  blinksFirst,
  savesIdle,
  savesTogether,
} from "../display";
import { lowerBound } from "./bound";
import { ChangeTable, codeStrokes } from "./change";
import type { Aim, KeyGoal, KeyPlan, Node, PlanProblem } from "./goal";
import { MinQueue } from "./minQueue";
import { playRule } from "./playRule";
import { KEY_COSTS, play, ruleStroke, totalMs, waitForClose, type Stroke } from "./strokes";

/** More expansions than any menu needs; past it the display's keys are taken not to lead there. */
const MOST_EXPANSIONS = 60_000;

/** The least-time plan from `start` to `goal`. Times in ms, at the stated KEY_COSTS. */
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

  const changes = ChangeTable.of(profile);
  const estimate = lowerBound(profile, aim, changes);
  const keyOf = stateKey(profile, aim);
  const queue = new MinQueue<Node>();
  const best = new Map<string, number>();
  const add = (found: Omit<Node, "key">) => {
    const key = keyOf(found);
    const known = best.get(key);
    if (known !== undefined && known <= found.costMs) return;
    best.set(key, found.costMs);
    const node: Node = { ...found, key };
    const ahead = estimate(node);
    // Among ways that look equally long, the one that is furthest along is tried first.
    if (Number.isFinite(ahead)) queue.push(node, node.costMs + ahead + ahead * 1e-7);
  };

  add({
    state: rested,
    toLook: lookedAt(profile, rested, new Set([...(goal.look ?? []), ...(goal.entry ? [entryId(goal.entry)] : [])])),
    discarding: false,
    costMs: 0,
    via: null,
  });
  for (let expansions = 0; expansions < MOST_EXPANSIONS; expansions++) {
    const node = queue.pop();
    if (!node) break;
    if ((best.get(node.key) ?? Infinity) < node.costMs) continue;
    if (reached(node, aim)) return unfold(profile, node);
    for (const move of movesFrom(profile, node, aim, changes)) {
      const { state } = move;
      const discarding =
        state.screen.kind !== "home" && state.screen.kind !== "off" && (node.discarding || move.passesWrong);
      add({
        state,
        toLook: lookedAt(profile, state, node.toLook),
        discarding,
        costMs: node.costMs + totalMs(move.strokes),
        via: { from: node, strokes: move.strokes },
      });
    }
  }
  return { ok: false, problem: { key: rested.pin === null ? "plan.no-way" : "plan.locked" } };
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
          places[i] &&
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

const confirmsByLeaving = (profile: DisplayProfile): boolean =>
  blinksFirst(profile) &&
  (savesIdle(profile) || profile.rules.some((rule) => rule.does.kind === "save-and-leave" && rule.editing !== false));

function findUnreachable(profile: DisplayProfile, start: MenuState, { targets, required }: Aim): PlanProblem | null {
  for (const i of required) {
    const raw = targets[i];
    const line = linesOf(profile)[i];
    if (raw === undefined || !line || raw === start.saved[i]) continue;
    if (!rawValues(line.encoding).includes(raw)) return { key: "plan.target-unreachable", code: line.code, raw };
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

/**
 * What distinguishes two states for the plan: the screen, what is right and what is wrong, and what is still to be
 * read.
 */
function stateKey(profile: DisplayProfile, aim: Aim): (node: Omit<Node, "key">) => string {
  const remembered = profile.menu.pages.flatMap((page, i) => (page.opensAt === "last-visited" ? [i] : []));
  const windowMs = Math.max(0, ...profile.rules.map((rule) => rule.sincePowerOn?.ms ?? 0));
  const counted = [...new Set([...aim.required, ...(aim.look ?? [])])];
  const wanted = counted.map((i) => aim.targets[i]);
  const marks = counted.map(() => 0);
  const controllers = layoutOf(profile).controllers;
  return ({ state, toLook, discarding }) => {
    const { screen, pending, saved, inForce } = state;
    for (let n = 0; n < counted.length; n++) {
      const i = counted[n] ?? 0;
      const target = wanted[n];
      const held = pending[i];
      const kept = saved[i];
      marks[n] =
        48 +
        (held === target ? 1 : 0) +
        (kept === target ? 2 : 0) +
        (inForce[i] === target ? 4 : 0) +
        (held === kept ? 8 : 0) +
        (toLook.size > 0 && toLook.has(i) ? 16 : 0);
    }
    const values = String.fromCharCode(...marks);
    let where: string = screen.kind;
    if (screen.kind === "menu") where += `${screen.page}.${screen.at}.${screen.draft ?? ""}`;
    else if (screen.kind === "code") where += `${screen.digits.join("")}.${screen.at}`;
    else if (screen.kind === "confirm") where += `${screen.page}.${screen.at}.${screen.yes}`;
    for (const i of controllers) where += `/${pending[i]},${saved[i]}`;
    for (const page of remembered) where += `@${state.lastAt[page]}`;
    if (windowMs > 0 && state.sincePowerOnMs <= windowMs) where += `t${state.sincePowerOnMs}`;
    return `${where}${discarding ? "!" : ""}${values}`;
  };
}

// ── moves ───────────────────────────────────────────────────────────────────────────────────────────────────────────

interface Move {
  readonly strokes: readonly Stroke[];
  /** Where they lead. */
  readonly state: MenuState;
  /** Goes on past a line that is wrong. */
  readonly passesWrong: boolean;
}

type DeedKind = KeyRule["does"]["kind"];
const GETS_OUT: ReadonlySet<DeedKind> = new Set<DeedKind>(["leave-without-saving", "power-off"]);
const LEADS_ON: ReadonlySet<DeedKind> = new Set<DeedKind>([
  "open-page",
  "next-entry",
  "previous-entry",
  "back",
  "save-and-leave",
]);

/** Deeds that need nothing said besides their name. */
const PLAIN_DEEDS: ReadonlySet<DeedKind> = new Set<DeedKind>([
  "select",
  "confirm-value",
  "cancel-value",
  "next-entry",
  "previous-entry",
  "back",
]);

/** Strokes worth trying from a state: every key that leads somewhere, waiting, or setting the line in hand. */
function movesFrom(profile: DisplayProfile, node: Node, aim: Aim, changes: ChangeTable): Move[] {
  switch (node.state.screen.kind) {
    case "menu":
      return node.state.screen.draft === null
        ? menuMoves(profile, node, aim, changes)
        : editingMoves(profile, node, aim, changes, node.state.screen.draft);
    case "code": {
      const { screen } = node.state;
      const enter = screen.for.kind === "page" ? codeStrokes(profile, screen.digits, screen.at, screen.for.code) : null;
      return [
        ...(enter ? [played(profile, node.state, enter)] : []),
        ...ruleMoves(profile, node.state, (kind) => kind === "back" || kind === "power-off"),
        ...(screen.for.kind === "start" ? [] : [played(profile, node.state, [waitForClose(profile)])]),
      ];
    }
    case "confirm":
      return [
        ...ruleMoves(
          profile,
          node.state,
          (kind) =>
            kind === "back" ||
            kind === "power-off" ||
            (kind === "select" && node.state.screen.kind === "confirm" && !node.state.screen.yes),
        ),
        played(profile, node.state, [waitForClose(profile)]),
      ];
    case "monitor":
      return [
        ...ruleMoves(profile, node.state, (kind) => kind === "back" || kind === "power-off"),
        played(profile, node.state, [waitForClose(profile)]),
      ];
    case "home":
    case "off":
      return [
        ...ruleMoves(
          profile,
          node.state,
          (kind) => kind === "open-page" || kind === "power-off" || kind === "power-on",
        ),
        ...windowWaits(profile, node.state),
      ];
    case "walk-assist":
      return [];
  }
}

const played = (profile: DisplayProfile, state: MenuState, strokes: readonly Stroke[], passesWrong = false): Move => ({
  strokes,
  state: strokes.reduce((now, stroke) => play(profile, now, stroke), state),
  passesWrong,
});

/** Stepping a value is not played press by press: what it comes to is known, and the plan is replayed at the end. */
const stepped = (profile: DisplayProfile, state: MenuState, strokes: readonly Stroke[], raw: number): Move => ({
  strokes,
  state: stepTo(profile, state, raw, totalMs(strokes)),
  passesWrong: false,
});

/** One move for each thing the keys can do from here; of two keys that do the same in the same way, one is enough. */
function ruleMoves(
  profile: DisplayProfile,
  state: MenuState,
  wanted: (kind: DeedKind) => boolean,
  passesWrong = false,
): Move[] {
  const moves: Move[] = [];
  const tried: KeyRule[] = [];
  for (const rule of rulesOn(profile, state.screen.kind)) {
    if (
      !wanted(rule.does.kind) ||
      dangerOf(rule.does) !== null ||
      !ruleActs(profile, rule, state, state.sincePowerOnMs)
    )
      continue;
    if (tried.some((other) => sameUse(other, rule))) continue;
    tried.push(rule);
    const stroke = ruleStroke(profile, state, rule);
    moves.push({ strokes: [stroke], state: playRule(profile, state, rule, stroke), passesWrong });
  }
  return moves;
}

/** Whether two rules that both act do the same and take the same strokes, but for which keys. */
const sameUse = (a: KeyRule, b: KeyRule): boolean =>
  PLAIN_DEEDS.has(a.does.kind) &&
  a.does.kind === b.does.kind &&
  a.gesture.kind === "tap" &&
  b.gesture.kind === "tap" &&
  a.keys.length === b.keys.length;

/** Waiting at home until a rule that needs some time since power-on can act. */
function windowWaits(profile: DisplayProfile, state: MenuState): Move[] {
  return profile.rules.flatMap(({ on, sincePowerOn }) =>
    on === state.screen.kind && sincePowerOn?.kind === "after" && state.sincePowerOnMs <= sincePowerOn.ms
      ? [
          played(profile, state, [
            {
              kind: "wait",
              ms: sincePowerOn.ms - state.sincePowerOnMs + KEY_COSTS.waitMarginMs,
              for: "time-since-power-on",
            },
          ]),
        ]
      : [],
  );
}

function menuMoves(profile: DisplayProfile, node: Node, aim: Aim, changes: ChangeTable): Move[] {
  const { state } = node;
  const place = entryOf(profile, state);
  const line = place?.line ?? -1;
  const from = state.pending[line];
  const target = aim.targets[line];
  const controls = aim.isController(line);
  const wrong = from !== undefined && target !== undefined && from !== target && aim.isRequired(line);
  const edits = blinksFirst(profile);
  const moves: Move[] = [];

  if (!node.discarding && (wrong || controls)) {
    if (edits)
      moves.push(
        ...ruleMoves(profile, state, (kind) => kind === "select").flatMap((move) =>
          aim.confirmsByLeaving ? [move] : setThere(profile, move, aim, changes),
        ),
      );
    else if (from !== undefined) moves.push(...stepMoves(profile, state, aim, changes, from));
  }
  const stuck = wrong && !controls;
  // From here on nothing may be saved: the visit has passed, or is about to pass, a wrong line.
  const unsaved = stuck || node.discarding;
  const together = savesTogether(profile);
  if (!(unsaved && together && savesIdle(profile))) moves.push(played(profile, state, [waitForClose(profile)]));
  moves.push(...ruleMoves(profile, state, (kind) => GETS_OUT.has(kind)));
  if (stuck && !(together && gainsByDiscarding(profile, node, aim))) return moves;
  const passes = stuck;
  const outOfTheMenu = state.screen.kind === "menu" && layoutOf(profile).pages[state.screen.page]?.parent === null;
  const savesOut = (kind: DeedKind) => kind === "save-and-leave" || (kind === "back" && outOfTheMenu && together);
  moves.push(...ruleMoves(profile, state, (kind) => LEADS_ON.has(kind) && !(unsaved && savesOut(kind)), passes));
  if (place?.entry.kind === "page") moves.push(...ruleMoves(profile, state, (kind) => kind === "select", passes));
  if (place?.entry.kind === "exit" && !(place.entry.saves && unsaved))
    moves.push(...ruleMoves(profile, state, (kind) => kind === "select", passes));
  if (place?.entry.kind === "action" && dangerOfAction(place.entry.action) === null && place.entry.asks !== "nothing")
    moves.push(...ruleMoves(profile, state, (kind) => kind === "select", passes));
  return moves;
}

/** The line in hand brought to each value worth having there. */
function stepMoves(profile: DisplayProfile, state: MenuState, aim: Aim, changes: ChangeTable, from: number): Move[] {
  const line = entryOf(profile, state)?.line ?? -1;
  const target = aim.targets[line];
  return (
    aim.isController(line) ? worthTrying(profile, line, from, target) : target !== undefined ? [target] : []
  ).flatMap((to) => {
    const change = to === from ? null : changes.get(line, from, to);
    return change ? [stepped(profile, state, change.strokes, to)] : [];
  });
}

/**
 * From a value just made to blink to the same value set and confirmed, as one move: where leaving does not confirm,
 * nothing else is worth doing in between.
 */
function setThere(profile: DisplayProfile, selected: Move, aim: Aim, changes: ChangeTable): Move[] {
  const { screen } = selected.state;
  if (screen.kind !== "menu" || screen.draft === null) return [selected];
  return stepMoves(profile, selected.state, aim, changes, screen.draft).flatMap((step) =>
    ruleMoves(profile, step.state, (kind) => kind === "confirm-value").map(({ strokes, state }) => ({
      strokes: [...selected.strokes, ...step.strokes, ...strokes],
      state,
      passesWrong: false,
    })),
  );
}

/**
 * Values of a line others hang on that make a difference: the target, and those under which the menu has other lines.
 */
function worthTrying(
  profile: DisplayProfile,
  line: number,
  from: number,
  target: number | undefined,
): readonly number[] {
  const { encoding, code } = linesOf(profile)[line] ?? {
    encoding: { kind: "read-only" as const, setting: null, shows: "-" },
    code: "",
  };
  const shownBy = (raw: number): string =>
    linesOf(profile)
      .map(({ shownWhen }) => (shownWhen?.line === code && shownWhen.raws.includes(raw) ? 1 : 0))
      .join("");
  const now = shownBy(from);
  return rawValues(encoding).filter((raw) => raw === target || shownBy(raw) !== now);
}

/**
 * Passing a wrong line by helps only on the way out of a visit whose unsaved changes are worth throwing away, where
 * they can be.
 */
function gainsByDiscarding(profile: DisplayProfile, { state }: Node, { required, targets }: Aim): boolean {
  const canDiscard =
    !savesIdle(profile) ||
    profile.rules.some((rule) => rule.on === "menu" && GETS_OUT.has(rule.does.kind)) ||
    profile.menu.pages.some((page) => page.entries.some((entry) => entry.kind === "exit" && !entry.saves));
  return canDiscard && required.some((i) => state.pending[i] !== state.saved[i] && state.pending[i] !== targets[i]);
}

/** While a value blinks: bring it where it must be, confirm, or get out. */
function editingMoves(profile: DisplayProfile, node: Node, aim: Aim, changes: ChangeTable, draft: number): Move[] {
  const { state } = node;
  const line = entryOf(profile, state)?.line ?? -1;
  const mayConfirm = aim.isController(line) || !aim.isRequired(line) || draft === aim.targets[line];
  return [
    played(profile, state, [waitForClose(profile)]),
    ...stepMoves(profile, state, aim, changes, draft),
    ...ruleMoves(profile, state, (kind) => kind === "cancel-value" || kind === "back" || GETS_OUT.has(kind)),
    ...(mayConfirm && !node.discarding
      ? ruleMoves(profile, state, (kind) => kind === "confirm-value" || kind === "save-and-leave")
      : []),
  ];
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
