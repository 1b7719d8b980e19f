/** What of a display nobody can be sure of after a slip, because another slip would look the same. */
import { lineAt, sameView, viewOf, type DisplayProfile, type MenuState } from "../display";
import type { CardStep } from "./card";
import { closedStates, lostIn, slippedStates } from "./slips";

/** Lines on which states disagree, by index. */
const differing = (states: readonly MenuState[]): readonly number[] =>
  (states[0]?.saved ?? []).flatMap((_, i) =>
    (["saved", "pending", "inForce"] as const).some((kept) => new Set(states.map((state) => state[kept][i])).size > 1)
      ? [i]
      : [],
  );

/** A state in which what may not be kept is taken not to be kept: it is saved once too often rather than not at all. */
function asUnsure(states: readonly MenuState[], doubtful: readonly number[]): MenuState {
  const [first, ...others] = states;
  if (!first) throw new RangeError("no state to stand in");
  const { pending } = first;
  const unlike = (kept: "saved" | "inForce"): readonly number[] =>
    first[kept].map((raw, i) =>
      doubtful.includes(i) ? (others.map((state) => state[kept][i]).find((each) => each !== pending[i]) ?? raw) : raw,
    );
  return { ...first, saved: unlike("saved"), inForce: unlike("inForce") };
}

/** A state told by what shows, and the lines that may hold another value than they do in it, by index. */
export interface Unsure {
  readonly state: MenuState;
  readonly doubtful: readonly number[];
}

/**
 * What of a display nobody can be sure of that shows something else after a step: up to two slips that look like
 * `told` may have left its lines otherwise. Where no slip looks like it, whatever the keys may have changed is in
 * doubt.
 */
export function unsureOf(profile: DisplayProfile, step: CardStep, told: MenuState): Unsure {
  const view = viewOf(profile, told);
  const states = [...lostIn(profile, step), ...slippedStates(profile, step, 2)].map(({ state }) => state);
  const alike = states.filter((state) => sameView(viewOf(profile, state), view));
  if (alike.length === 0) return { state: told, doubtful: mayHaveChanged(profile, told, [step.after, ...states]) };
  const doubtful = differing([told, ...alike]);
  return { state: asUnsure([told, ...alike], doubtful), doubtful };
}

/** Lines that hold another value in one of these states than in the one told, but for the one that shows. */
function mayHaveChanged(profile: DisplayProfile, told: MenuState, states: readonly MenuState[]): readonly number[] {
  const { screen } = told;
  // What blinks is not yet what the line holds.
  const shown = screen.kind === "menu" && screen.draft === null ? lineAt(profile, told) : -1;
  // In an open menu nothing closed it: it would take the way in to be there again.
  const there = screen.kind === "menu" ? states.filter((state) => state.screen.kind === "menu") : states;
  return told.saved.flatMap((saved, i) =>
    i !== shown &&
    there.some((state) => state.saved[i] !== saved || (screen.kind === "menu" && state.pending[i] !== told.pending[i]))
      ? [i]
      : [],
  );
}

/** Lines that may or may not have been kept by a menu that closed by itself somewhere in a step, by index. */
export const doubtfulOnceClosed = (profile: DisplayProfile, step: CardStep): readonly number[] =>
  differing(closedStates(profile, step));
