// The words of screens/plan/rider/ModesOffered.
import { count } from "../../../speak";

export const howManyLevels = "How many levels";
export const sideBySide = "Speeds of each, side by side";
export const heading = (n: number, measured: boolean) => `${n}, ${measured ? "measured" : "foretold"}`;
export const real = (modes: readonly (readonly [real: number, of: number])[]) =>
  `${modes.map(([each, of]) => `${of} hold ${count(each, "real one")}`).join("; ")}.`;
export const best = (of: number) => `Most are told apart with ${of}.`;
export const use = (of: number) => `Set ${of} levels`;
export const measureThem = "Ride each level of each mode once and write it down under Numbers, Ladder: it goes first.";
export const setByHand = (of: number) => `${of} levels, set by hand.`;
export const chosen = "Chosen among the numbers of levels";
