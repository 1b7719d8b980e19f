/** Values under the keys: stepped, blinking, confirmed, saved. */
import { rankOf, rawValues } from "../encoding";
import { lineAt, LONG_ON_MS, type MenuState } from "../menuState";
import { lineIndex, linesOf, type DisplayProfile } from "../profile";
import { actsAtOnce, blinksOn, savingOf } from "./manners";

/** What is pending is kept, and acts where it does so at once. */
export function save(profile: DisplayProfile, state: MenuState): MenuState {
  if (state.saved === state.pending && (!actsAtOnce(profile) || state.inForce === state.pending)) return state;
  return { ...state, saved: state.pending, inForce: actsAtOnce(profile) ? state.pending : state.inForce };
}

/** Keeps where a page was left, and what leaving a line saves. */
export function leaveLine(profile: DisplayProfile, state: MenuState): MenuState {
  return savingOf(profile).onLeavingLine ? save(profile, state) : state;
}

/** The raw value one step on from `raw`, at the end wrapping round or stopping as the line does. */
export function stepRaw(profile: DisplayProfile, lineIndex: number, raw: number, by: 1 | -1): number {
  const line = linesOf(profile)[lineIndex];
  if (!line) return raw;
  const raws = rawValues(line.encoding);
  const at = rankOf(line.encoding, raw);
  if (raws.length === 0) return raw;
  const next = at + by;
  if (at < 0) return raws[by === 1 ? 0 : raws.length - 1] ?? raw;
  if (next >= 0 && next < raws.length) return raws[next] ?? raw;
  return line.atEnds === "wrap" ? (raws[(next + raws.length) % raws.length] ?? raw) : raw;
}

/** The raw value with one decimal digit stepped on, passing over numbers the line does not have. */
export function stepDigit(profile: DisplayProfile, lineIndex: number, raw: number, place: 0 | 1 | 2): number {
  const line = linesOf(profile)[lineIndex];
  if (!line || raw < 0) return raw;
  const unit = 10 ** place;
  const digit = Math.floor(raw / unit) % 10;
  for (let i = 1; i <= 9; i++) {
    const next = raw + (((digit + i) % 10) - digit) * unit;
    if (rankOf(line.encoding, next) >= 0) return next;
  }
  return raw;
}

/** A new value for the line in hand: the blinking one while it is edited, else the pending one. */
export function change(
  profile: DisplayProfile,
  state: MenuState,
  next: (line: number, raw: number) => number,
): MenuState {
  const line = lineAt(profile, state);
  if (state.screen.kind !== "menu" || line < 0) return state;
  if (blinksOn(profile, state.screen.page))
    return state.screen.draft === null
      ? state
      : { ...state, screen: { ...state.screen, draft: next(line, state.screen.draft) } };
  const from = state.pending[line];
  if (from === undefined) return state;
  const to = next(line, from);
  if (to === from) return state;
  const changed = { ...state, pending: state.pending.with(line, to) };
  return savingOf(profile).onChange ? save(profile, changed) : changed;
}

/** The line in hand brought to a value, however many steps that takes, `ms` later: what stepping there comes to. */
export const stepTo = (profile: DisplayProfile, state: MenuState, raw: number, ms: number): MenuState =>
  change(profile, { ...state, idleMs: 0, sincePowerOnMs: Math.min(LONG_ON_MS, state.sincePowerOnMs + ms) }, () => raw);

export function confirmDraft(profile: DisplayProfile, state: MenuState): MenuState {
  const line = lineAt(profile, state);
  if (state.screen.kind !== "menu" || state.screen.draft === null || line < 0) return state;
  const changed: MenuState = {
    ...state,
    screen: { ...state.screen, draft: null },
    pending: state.pending.with(line, state.screen.draft),
  };
  return savingOf(profile).onChange ? save(profile, changed) : changed;
}

/** A procedure's value: kept and in force at once, whatever the menu shows; on from wherever it was counted. */
export function setByProcedure(profile: DisplayProfile, state: MenuState, code: string, raw: number): MenuState {
  const line = lineIndex(profile, code);
  return line < 0
    ? state
    : {
        ...state,
        saved: state.saved.with(line, raw),
        pending: state.pending.with(line, raw),
        inForce: state.inForce.with(line, raw),
      };
}
