/**
 * The moves of the key planner: strokes worth trying from where a display stands. Every key that leads somewhere,
 * waiting, or the line in hand brought to a value worth having there; nothing that could hurt.
 */
import {
  blinksOn,
  dangerOf,
  dangerOfAction,
  entryBeside,
  entryOf,
  layoutOf,
  lineIndex,
  linesOf,
  moveTo,
  rawValues,
  ruleActs,
  rulesFor,
  rulesOn,
  savesIdle,
  savesTogether,
  savingOf,
  stepTo,
  type DisplayProfile,
  type KeyRule,
  type MenuState,
  type PagePlace,
} from "../display";
import { codeStrokes, type Change, type ChangeTable } from "./change";
import { ensure } from "./ensure";
import type { Aim, Node } from "./goal";
import { playQuick, playRule } from "./playQuick";
import { runCount } from "./pace";
import { ruleStroke } from "./pressing";
import { KEY_COSTS, keepStroke, strokeMs, totalMs, waitForClose, type Stroke } from "./strokes";

export interface Move {
  /** Its strokes, put together only where it is on the plan. */
  readonly strokes: () => readonly Stroke[];
  readonly ms: number;
  /** Runs of strokes to be read for it, and whether what shows then is answered. */
  readonly looks: number;
  readonly answers: number;
  /** Where they lead; most ways out of a menu are never asked. */
  readonly state: () => MenuState;
  /** Goes on past a line that is wrong. */
  readonly passesWrong: boolean;
  /** The state in the menu that it leaves, saving or not; null where it leads elsewhere. */
  readonly leaves: MenuState | null;
}

type DeedKind = KeyRule["does"]["kind"];
const GETS_OUT: ReadonlySet<DeedKind> = new Set<DeedKind>(["leave-without-saving", "power-off"]);
const LEADS_ON: ReadonlySet<DeedKind> = new Set<DeedKind>(["open-page", "back", "save-and-leave"]);
/** Deeds after which the card asks what shows: chords, and the switch. */
const ANSWERED: ReadonlySet<DeedKind> = new Set<DeedKind>([
  "open-page",
  "save-and-leave",
  "leave-without-saving",
  "power-off",
  "power-on",
]);
const STEPS: ReadonlySet<DeedKind> = new Set<DeedKind>(["next-entry", "previous-entry"]);

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
export function movesFrom(profile: DisplayProfile, node: Node, aim: Aim, changes: ChangeTable): Move[] {
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
        ...(screen.for.kind === "start" ? [] : [waitedOut(profile, node.state)]),
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
        waitedOut(profile, node.state),
      ];
    case "monitor":
      return [
        ...ruleMoves(profile, node.state, (kind) => kind === "back" || kind === "power-off"),
        waitedOut(profile, node.state),
      ];
    case "home":
    case "off":
      return [
        ...ruleMoves(
          profile,
          node.state,
          (kind) => kind === "open-page" || kind === "power-off" || kind === "power-on",
        ),
        ...procedureMoves(profile, node.state, aim),
        ...windowWaits(profile, node.state),
      ];
    case "walk-assist":
      return [];
  }
}

const played = (profile: DisplayProfile, state: MenuState, strokes: readonly Stroke[]): Move => ({
  strokes: () => strokes,
  ms: totalMs(strokes),
  looks: runCount(strokes),
  answers: 1,
  state: () => strokes.reduce((now, stroke) => playQuick(profile, now, stroke), state),
  passesWrong: false,
  leaves: null,
});

/** Waiting until the menu has closed by itself. */
const waitedOut = (profile: DisplayProfile, state: MenuState): Move => ({
  ...played(profile, state, [waitForClose(profile)]),
  leaves: state.screen.kind === "menu" ? state : null,
});

/** Stepping a value is not played press by press: what it comes to is known, and the plan is replayed at the end. */
const stepped = (profile: DisplayProfile, state: MenuState, { strokes, ms, looks }: Change, raw: number): Move => ({
  strokes: () => strokes,
  ms,
  looks,
  answers: 1,
  state: () => stepTo(profile, state, raw, ms),
  passesWrong: false,
  leaves: null,
});

/** One move and then another, as one. */
const followed = (first: Move, then: Move): Move => ({
  ...then,
  strokes: () => [...first.strokes(), ...then.strokes()],
  ms: first.ms + then.ms,
  looks: first.looks + then.looks,
  answers: first.answers + then.answers,
});

/** Whether a deed leads out of the menu from here, whatever becomes of what is pending. */
function leavesBy(profile: DisplayProfile, state: MenuState, kind: DeedKind): boolean {
  const { screen } = state;
  if (screen.kind !== "menu") return false;
  if (kind === "save-and-leave" || GETS_OUT.has(kind)) return true;
  if (screen.draft !== null) return false;
  return (
    (kind === "back" && layoutOf(profile).pages[screen.page]?.parent === null) ||
    (kind === "select" && entryOf(profile, state)?.entry.kind === "exit")
  );
}

const safeRules = new WeakMap<readonly KeyRule[], readonly KeyRule[]>();

/** Rules of a screen that set off nothing that hurts. */
function safeRulesOn(profile: DisplayProfile, screen: MenuState["screen"]["kind"]): readonly KeyRule[] {
  const rules = rulesOn(profile, screen);
  return ensure(safeRules, rules, () => rules.filter(({ does }) => dangerOf(does) === null));
}

/** Rules that can act here and are wanted; of two keys that do the same in the same way, one is enough. */
function rulesToTry(
  profile: DisplayProfile,
  state: MenuState,
  wanted: (kind: DeedKind) => boolean,
): readonly KeyRule[] {
  const rules: KeyRule[] = [];
  for (const rule of safeRulesOn(profile, state.screen.kind))
    if (
      wanted(rule.does.kind) &&
      ruleActs(profile, rule, state, state.sincePowerOnMs) &&
      !rules.some((other) => sameUse(other, rule))
    )
      rules.push(rule);
  return rules;
}

/** One move for each thing the keys can do from here. */
const ruleMoves = (
  profile: DisplayProfile,
  state: MenuState,
  wanted: (kind: DeedKind) => boolean,
  passesWrong = false,
): Move[] =>
  rulesToTry(profile, state, wanted).map((rule) => {
    const stroke = ruleStroke(profile, state, rule);
    return {
      strokes: () => [stroke],
      ms: strokeMs(stroke),
      looks: 1,
      answers: ANSWERED.has(rule.does.kind) ? 1 : 0,
      state: () => playRule(profile, state, rule, stroke),
      passesWrong,
      leaves: leavesBy(profile, state, rule.does.kind) ? state : null,
    };
  });

/** Whether two rules that both act do the same and take the same strokes, but for which keys. */
const sameUse = (a: KeyRule, b: KeyRule): boolean =>
  PLAIN_DEEDS.has(a.does.kind) &&
  a.does.kind === b.does.kind &&
  a.gesture.kind === "tap" &&
  b.gesture.kind === "tap" &&
  a.keys.length === b.keys.length;

/** Procedures that set a line to what it must hold and does not: keys, levers and pedals held for a counted time. */
function procedureMoves(profile: DisplayProfile, state: MenuState, aim: Aim): Move[] {
  const isWanted = ({ does }: KeyRule): boolean => {
    if (does.kind !== "set-value") return false;
    const line = lineIndex(profile, does.line);
    return aim.isRequired(line) && aim.targets[line] === does.raw && state.saved[line] !== does.raw;
  };
  const wanted = profile.rules.filter(isWanted);
  if (wanted.length === 0) return [];
  const held = wanted.flatMap((rule): Stroke[] => {
    const { gesture } = rule;
    if (gesture.kind !== "keep-holding")
      return ruleActs(profile, rule, state, state.sincePowerOnMs) ? [ruleStroke(profile, state, rule)] : [];
    const all = [...gesture.released, ...rule.keys];
    // What the keys do while all are down leads to the screen the rest of them counts on.
    return rulesFor(profile, state, all, state.sincePowerOnMs).flatMap((first) =>
      first.gesture.kind === "hold" ? [keepStroke(rule, gesture, first.gesture.holdMs)] : [],
    );
  });
  return held.map((stroke) => played(profile, state, [stroke]));
}

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
  const line = entryOf(profile, state)?.line ?? -1;
  const wrong = isWrong(profile, state, aim) && !aim.isController(line);
  const stuck = wrong && !mayComeBack(profile, state, aim);
  const moves = node.discarding ? [] : setMoves(profile, node, aim, changes, { wrong, stuck });
  // From here on nothing may be saved: the visit has passed, or is about to pass, a wrong line.
  const unsaved = stuck || node.discarding;
  const together = savesTogether(profile);
  if (!(unsaved && together && savesIdle(profile))) moves.push(waitedOut(profile, state));
  moves.push(...ruleMoves(profile, state, (kind) => GETS_OUT.has(kind)));
  if (stuck && !(together && gainsByDiscarding(profile, node, aim))) return moves;
  const outOfTheMenu = state.screen.kind === "menu" && layoutOf(profile).pages[state.screen.page]?.parent === null;
  const savesOut = (kind: DeedKind) => kind === "save-and-leave" || (kind === "back" && outOfTheMenu && together);
  const selects = opensSomething(profile, state, unsaved);
  moves.push(
    ...ruleMoves(
      profile,
      state,
      (kind) => (kind === "select" ? selects : LEADS_ON.has(kind) && !(unsaved && savesOut(kind))),
      stuck,
    ),
    ...stepsOn(profile, node, aim, unsaved, stuck),
  );
  return moves;
}

/** Whether the line in hand has to hold another value. */
function isWrong(profile: DisplayProfile, state: MenuState, { isRequired, targets }: Aim): boolean {
  const line = entryOf(profile, state)?.line ?? -1;
  return isRequired(line) && state.pending[line] !== undefined && state.pending[line] !== targets[line];
}

/** More wrong lines than this are set right where they come up, though confirming might have led back to them. */
const MOST_COME_BACK_TO = 5;

/**
 * Whether a wrong line may be passed by for now: a key that confirms and goes on makes it worth while to come to it
 * from the line before.
 */
function mayComeBack(profile: DisplayProfile, { screen, pending }: MenuState, { required, targets }: Aim): boolean {
  if (screen.kind !== "menu" || !blinksOn(profile, screen.page) || !confirmsOn(profile)) return false;
  const wrong = required.filter((line) => pending[line] !== targets[line]).length;
  return wrong <= MOST_COME_BACK_TO;
}

const confirming = new WeakMap<DisplayProfile, boolean>();
const confirmsOn = (profile: DisplayProfile): boolean =>
  ensure(confirming, profile, () =>
    profile.rules.some(({ does }) => does.kind === "confirm-value" && does.then === "next-entry"),
  );

/** Whether selecting the entry in hand leads on: into a page, out by an exit, to a question that does no harm. */
function opensSomething(profile: DisplayProfile, state: MenuState, unsaved: boolean): boolean {
  const entry = entryOf(profile, state)?.entry;
  switch (entry?.kind) {
    case "page":
      return true;
    case "exit":
      return !(entry.saves && unsaved);
    case "action":
      return dangerOfAction(entry.action) === null && entry.asks !== "nothing";
    default:
      return false;
  }
}

/** The line in hand set to what it must hold, or to what others hang on; and what follows once a wrong one is right. */
function setMoves(
  profile: DisplayProfile,
  node: Node,
  aim: Aim,
  changes: ChangeTable,
  { wrong, stuck }: { readonly wrong: boolean; readonly stuck: boolean },
): Move[] {
  const { state } = node;
  const line = entryOf(profile, state)?.line ?? -1;
  const from = state.pending[line];
  if (from === undefined || !(wrong || aim.isController(line))) return [];
  const { screen } = state;
  const sets =
    screen.kind === "menu" && blinksOn(profile, screen.page)
      ? ruleMoves(profile, state, (kind) => kind === "select").flatMap((move) => setThere(profile, move, aim, changes))
      : stepMoves(profile, state, aim, changes, from);
  if (!stuck) return sets;
  // Once a wrong line is right there is only the way on: what follows is one move with it.
  return sets.flatMap((set) =>
    set.leaves || entryOf(profile, set.state()) !== entryOf(profile, state)
      ? [set]
      : menuMoves(profile, { ...node, state: set.state() }, aim, changes).map((then) => followed(set, then)),
  );
}

/**
 * Steps to the entries beside, gone on with past lines at which there is nothing to do: turning back or leaving there
 * is no better than doing so before. Not where the page remembers its place, nor where a step saves what is pending.
 */
function stepsOn(
  profile: DisplayProfile,
  { state, toLook }: Node,
  aim: Aim,
  unsaved: boolean,
  passesWrong: boolean,
): Move[] {
  const { screen, pending, saved } = state;
  const place = screen.kind === "menu" ? layoutOf(profile).pages[screen.page] : undefined;
  if (screen.kind !== "menu" || !place) return [];
  const goesOn = !unsaved && place.page.opensAt === "first" && !(savingOf(profile).onLeavingLine && pending !== saved);
  return rulesToTry(profile, state, (kind) => STEPS.has(kind)).flatMap((rule): Move[] => {
    const by = rule.does.kind === "next-entry" ? 1 : -1;
    const stroke = ruleStroke(profile, state, rule);
    let count = 0;
    let at = screen.at;
    let beside = entryBeside(place, at, by, pending);
    while (beside !== at && beside !== screen.at) {
      count += 1;
      at = beside;
      if (!goesOn || !nothingToDo(place, at, state, toLook, aim)) break;
      beside = entryBeside(place, at, by, pending);
    }
    if (count === 0) return [];
    const ms = count * strokeMs(stroke);
    const strokes = () => Array.from({ length: count }, () => stroke);
    const then = () => moveTo(profile, state, at, ms);
    return [{ strokes, ms, looks: 1, answers: 0, state: then, passesWrong, leaves: null }];
  });
}

/** Whether an entry is a line that is right already, that nothing hangs on and nobody has to read. */
function nothingToDo(
  place: PagePlace,
  at: number,
  { pending }: MenuState,
  toLook: ReadonlySet<number>,
  { isController, isRequired, targets }: Aim,
): boolean {
  const line = place.entries[at]?.line ?? -1;
  return (
    line >= 0 && !isController(line) && !toLook.has(line) && (!isRequired(line) || pending[line] === targets[line])
  );
}

/** The line in hand brought to each value worth having there. */
function stepMoves(profile: DisplayProfile, state: MenuState, aim: Aim, changes: ChangeTable, from: number): Move[] {
  const line = entryOf(profile, state)?.line ?? -1;
  const target = aim.targets[line];
  return (
    aim.isController(line) ? worthTrying(profile, line, from, target) : target !== undefined ? [target] : []
  ).flatMap((to) => {
    const change = to === from ? null : changes.get(line, from, to);
    return change ? [stepped(profile, state, change, to)] : [];
  });
}

/**
 * From a value just made to blink to the same value set and confirmed, as one move: nothing else is worth doing in
 * between. Where leaving confirms as well, it may end there.
 */
function setThere(profile: DisplayProfile, selected: Move, aim: Aim, changes: ChangeTable): Move[] {
  const blinking = selected.state();
  const { screen } = blinking;
  if (screen.kind !== "menu" || screen.draft === null) return [selected];
  return stepMoves(profile, blinking, aim, changes, screen.draft).flatMap((step) => {
    const set = step.state();
    const ends = ruleMoves(
      profile,
      set,
      (kind) => kind === "confirm-value" || (aim.confirmsByLeaving && kind === "save-and-leave"),
    );
    const left = aim.confirmsByLeaving && savesIdle(profile) ? [waitedOut(profile, set)] : [];
    return [...ends, ...left].map((end) => followed(selected, followed(step, end)));
  });
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
      .map(({ shownWhen }) => (shownWhen?.some((each) => each.line === code && each.raws.includes(raw)) ? 1 : 0))
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
    waitedOut(profile, state),
    ...stepMoves(profile, state, aim, changes, draft),
    ...ruleMoves(profile, state, (kind) => kind === "cancel-value" || kind === "back" || GETS_OUT.has(kind)),
    ...(mayConfirm && !node.discarding
      ? ruleMoves(profile, state, (kind) => kind === "confirm-value" || kind === "save-and-leave")
      : []),
  ];
}
