/** For tests: a hand on a simulated display. */
import { atHome, press, viewOf, type MenuState } from ".";
import { lineIndex, standInRaws, type DisplayProfile } from "./profile";

/** A hand on a display: what it does, one gesture after the other. */
export function hand(profile: DisplayProfile, start: MenuState = atHome(profile, standInRaws(profile))) {
  let state = start;
  const act = (input: Parameters<typeof press>[2]) => {
    state = press(profile, state, input);
    return made;
  };
  const made = {
    tap: (...keys: string[]) => act({ kind: "press", keys, heldMs: 120 }),
    hold: (ms: number, ...keys: string[]) => act({ kind: "press", keys, heldMs: ms }),
    wait: (ms: number) => act({ kind: "wait", ms }),
    twice: (...keys: string[]) =>
      act({ kind: "press", keys, heldMs: 80 })
        .wait(100)
        .tap(...keys),
    get state() {
      return state;
    },
    get view() {
      return viewOf(profile, state);
    },
    saved: (code: string) => state.saved[lineIndex(profile, code)],
    pending: (code: string) => state.pending[lineIndex(profile, code)],
    inForce: (code: string) => state.inForce[lineIndex(profile, code)],
  };
  return made;
}
