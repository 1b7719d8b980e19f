/**
 * What a stroke comes to, without playing it moment by moment. The machine says the same, which the tests hold; the
 * planner asks this a thousand times for one plan, and nobody else does.
 */
import {
  closeIdle,
  closes,
  LONG_ON_MS,
  perform,
  ruleActs,
  rulesFor,
  stepTo,
  stepRaw,
  lineAt,
  type DisplayProfile,
  type KeyRule,
  type MenuState,
} from "../display";
import type { PlannedStroke } from "./goal";
import { play } from "./pressing";
import { heldMs, KEY_COSTS, strokeMs, type Stroke } from "./strokes";

/** When a rule acts in a stroke of its keys: after so long, let go after, and left alone until the next, ms. */
export interface StrokeTimes {
  readonly actsMs: number;
  readonly heldMs: number;
  readonly strokeMs: number;
}

/** Time since power-on so long after: it stands still while the display is off. */
const later = ({ screen }: MenuState, sincePowerOnMs: number, ms: number): number =>
  screen.kind === "off" ? sincePowerOnMs : Math.min(LONG_ON_MS, sincePowerOnMs + ms);

/** When a rule acts in a stroke of its keys, and what of the stroke is left then, ms. */
interface Moment {
  readonly actsMs: number;
  /** Its keys stay down so long after, */
  readonly heldOnMs: number;
  /** and then nothing is touched for so long. */
  readonly restMs: number;
  /** Left alone this long before it acts, since it might have been the first of two taps. */
  readonly aloneMs: number;
}

/** Strokes of one press or two, which a rule answers by itself. */
type PlainStroke = Extract<Stroke, { kind: "tap" } | { kind: "double-tap" } | { kind: "hold" }>;

const isPlain = (stroke: Stroke): stroke is PlainStroke =>
  stroke.kind === "tap" || stroke.kind === "double-tap" || stroke.kind === "hold";

/** What a deed comes to, its stroke's time included; null where a key has to stay held. No deed asks the time. */
function acted(profile: DisplayProfile, state: MenuState, rule: KeyRule, moment: Moment): MenuState | null {
  const { actsMs, heldOnMs, restMs, aloneMs } = moment;
  if (aloneMs + restMs >= profile.menu.idle.closesAfterMs) return null;
  const before = aloneMs > 0 && closes(state) ? { ...state, idleMs: aloneMs } : state;
  const after = perform(profile, before, rule.does);
  if (after.screen.kind === "walk-assist") return null;
  const poweredOn = after.sincePowerOnMs !== state.sincePowerOnMs;
  const sinceMs = poweredOn ? after.sincePowerOnMs : later(state, state.sincePowerOnMs, actsMs);
  return {
    ...after,
    idleMs: closes(after) ? (aloneMs > 0 ? after.idleMs : 0) + restMs : 0,
    sincePowerOnMs: later(after, sinceMs, heldOnMs + restMs),
  };
}

/**
 * What a stroke of a rule's keys comes to without playing it.
 * @returns null where it has to be played: another rule would act, a key is held, a menu closes in the middle of it
 */
export function actedBy(
  profile: DisplayProfile,
  state: MenuState,
  rule: KeyRule,
  stroke: PlainStroke,
): MenuState | null {
  if (state.held || state.tapped) return null;
  const acting = rulesFor(profile, state, rule.keys, state.sincePowerOnMs);
  const first = (kind: KeyRule["gesture"]["kind"]) => acting.find(({ gesture }) => gesture.kind === kind);
  if (first(stroke.kind) !== rule) return null;
  const moment = momentOf(profile, state, rule, stroke, first("double-tap") !== undefined);
  return moment && acted(profile, state, rule, moment);
}

/** When a rule acts in a stroke that makes it act; null where that has to be played. */
function momentOf(
  profile: DisplayProfile,
  state: MenuState,
  rule: KeyRule,
  stroke: PlainStroke,
  waitsForSecond: boolean,
): Moment | null {
  if (stroke.kind === "double-tap") {
    const actsMs = 2 * KEY_COSTS.tapHeldMs + KEY_COSTS.doubleTapGapMs;
    const secondDownMs = later(state, state.sincePowerOnMs, KEY_COSTS.tapHeldMs + KEY_COSTS.doubleTapGapMs);
    return profile.doubleTapMs > KEY_COSTS.doubleTapGapMs && ruleActs(profile, rule, state, secondDownMs)
      ? { actsMs, heldOnMs: 0, restMs: strokeMs(stroke) - actsMs, aloneMs: 0 }
      : null;
  }
  const downMs = heldMs(stroke);
  const restMs = strokeMs(stroke) - downMs;
  if (stroke.kind === "hold")
    return rule.gesture.kind === "hold" && rule.gesture.holdMs === stroke.holdMs
      ? { actsMs: stroke.holdMs, heldOnMs: downMs - stroke.holdMs, restMs, aloneMs: 0 }
      : null;
  // Where a second tap might follow, the first counts once none has.
  const aloneMs = waitsForSecond ? profile.doubleTapMs : 0;
  return aloneMs > restMs ? null : { actsMs: downMs + aloneMs, heldOnMs: 0, restMs: restMs - aloneMs, aloneMs };
}

/** The display after a rule's own stroke, from a state in which the rule can act. */
export const playRule = (profile: DisplayProfile, state: MenuState, rule: KeyRule, stroke: Stroke): MenuState =>
  (isPlain(stroke) ? actedBy(profile, state, rule, stroke) : null) ?? play(profile, state, stroke);

/** A menu left alone until it has closed, and a moment more; null where it is not waited for, or something is held. */
function closedBy(profile: DisplayProfile, state: MenuState, waitMs: number): MenuState | null {
  const inMs = profile.menu.idle.closesAfterMs - state.idleMs;
  if (state.held || state.tapped || !closes(state) || inMs < 0 || inMs > waitMs) return null;
  const closed = closeIdle(profile, { ...state, sincePowerOnMs: later(state, state.sincePowerOnMs, inMs) });
  return closes(closed) ? null : { ...closed, sincePowerOnMs: later(closed, closed.sincePowerOnMs, waitMs - inMs) };
}

/** A value stepped by a key held down; null where another rule would act, or an end stops it. */
function repeatedBy(
  profile: DisplayProfile,
  state: MenuState,
  stroke: Extract<Stroke, { kind: "repeat" }>,
): MenuState | null {
  if (state.held || state.tapped || strokeMs(stroke) - heldMs(stroke) >= profile.menu.idle.closesAfterMs) return null;
  const { screen } = state;
  const line = lineAt(profile, state);
  const from = screen.kind === "menu" ? (screen.draft ?? state.pending[line]) : undefined;
  const acting = rulesFor(profile, state, stroke.keys, state.sincePowerOnMs);
  const rule = acting.find(({ does }) => does.kind === "step-value" && does.repeat !== null);
  if (from === undefined || rule?.does.kind !== "step-value" || acting.some((each) => each.gesture.kind === "hold"))
    return null;
  let raw = from;
  for (let n = 0; n < stroke.steps; n++) raw = stepRaw(profile, line, raw, rule.does.by);
  const done = stepTo(profile, state, raw, strokeMs(stroke));
  return { ...done, idleMs: closes(done) ? strokeMs(stroke) - heldMs(stroke) : 0 };
}

/** The display after any stroke: the short way where there is one, else as the machine plays it. */
export function playQuick(profile: DisplayProfile, state: MenuState, stroke: Stroke): MenuState {
  if (stroke.kind === "wait") return closedBy(profile, state, stroke.ms) ?? play(profile, state, stroke);
  if (stroke.kind === "repeat") return repeatedBy(profile, state, stroke) ?? play(profile, state, stroke);
  if (state.held || !isPlain(stroke)) return play(profile, state, stroke);
  const rule = rulesFor(profile, state, stroke.keys, state.sincePowerOnMs).find(
    ({ gesture }) => gesture.kind === stroke.kind,
  );
  return rule ? playRule(profile, state, rule, stroke) : play(profile, state, stroke);
}

/** Strokes one after the other, with the display before and after each. */
export function playAll(profile: DisplayProfile, start: MenuState, strokes: readonly Stroke[]): PlannedStroke[] {
  const timed = profile.rules.some(({ on, sincePowerOn }) => on === "menu" && sincePowerOn !== null);
  let state = start;
  let last: PlannedStroke | null = null;
  let steps: { readonly rule: KeyRule; readonly moment: Moment } | null = null;
  return strokes.map((stroke) => {
    const before = state;
    // The same key again where the menu stands is the same step again.
    const again: boolean = stroke === last?.stroke && sameEntry(last.before, before);
    if (!again) steps = timed ? null : stepOf(profile, before, stroke);
    state = (steps && acted(profile, before, steps.rule, steps.moment)) ?? playQuick(profile, before, stroke);
    last = { stroke, before, after: state };
    return last;
  });
}

const sameEntry = (a: MenuState, b: MenuState): boolean =>
  a.screen.kind === "menu" &&
  b.screen.kind === "menu" &&
  a.screen.page === b.screen.page &&
  a.screen.at === b.screen.at &&
  (a.screen.draft === null) === (b.screen.draft === null);

/** The rule that a stroke steps the value in hand by, and when; null where it does anything else. */
function stepOf(
  profile: DisplayProfile,
  state: MenuState,
  stroke: Stroke,
): { readonly rule: KeyRule; readonly moment: Moment } | null {
  if (!isPlain(stroke) || state.screen.kind !== "menu" || state.held || state.tapped) return null;
  const acting = rulesFor(profile, state, stroke.keys, state.sincePowerOnMs);
  const rule = acting.find(({ gesture }) => gesture.kind === stroke.kind);
  if (rule?.does.kind !== "step-value" && rule?.does.kind !== "step-digit") return null;
  const moment = momentOf(
    profile,
    state,
    rule,
    stroke,
    acting.some(({ gesture }) => gesture.kind === "double-tap"),
  );
  return moment && { rule, moment };
}
