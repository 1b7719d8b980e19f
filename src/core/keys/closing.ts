/** What a menu that closes by itself costs: lines that were changed and not yet kept. */
import { lineAt, savesIdle, type DisplayProfile, type MenuState } from "../display";

/** Lines whose pending value the memory does not hold, by index: what a closing menu would throw away or has saved. */
const unsavedLines = (state: MenuState): readonly number[] =>
  state.pending.flatMap((raw, i) => (raw === state.saved[i] ? [] : [i]));

export interface Closing {
  /** Lines it throws away, or keeps, by index. */
  readonly lines: readonly number[];
  readonly kept: boolean;
}

/** What the closing of an open menu does: `before` is the last state with the menu open. */
export function closingOf(profile: DisplayProfile, before: MenuState): Closing {
  const blinking = before.screen.kind === "menu" && before.screen.draft !== null ? lineAt(profile, before) : -1;
  return {
    lines: [...new Set([...unsavedLines(before), ...(blinking >= 0 ? [blinking] : [])])],
    kept: savesIdle(profile),
  };
}
