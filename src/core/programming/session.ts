/**
 * The key card's session: what is said of the display after each step, and what follows from it. A pure reducer over
 * named events; the screen draws it, and the record takes down what it tells.
 */
import { isShown, layoutOf, lineAt, type DisplayProfile, type MenuState } from "../display";
import { stateFromShown, type CardStep, type Slip } from "../keys";

/** Where the hands are. */
export interface Session {
  /** Where the display stands, as far as it was told. */
  readonly state: MenuState;
  /** Where it stood before, newest last, for the way back. */
  readonly past: readonly MenuState[];
  /** When something was last told, on the clock that is passed in, ms; null before the first. */
  readonly sinceMs: number | null;
}

export const sessionAt = (state: MenuState): Session => ({ state, past: [], sinceMs: null });

/** What can be said of a display that does as it must. */
export type PlannedEvent =
  /** The step was pressed and shows what it must. On a line nobody has read: it shows what is suggested. */
  | { readonly kind: "done" }
  /** The menu has not closed by itself although its time is over. */
  | { readonly kind: "still-open" }
  /** What a line shows that nobody had read. */
  | { readonly kind: "read"; readonly raw: number }
  /** The last thing said was wrong. */
  | { readonly kind: "back" };

/** What can be said of one that stands elsewhere than the plan had it. */
export type LostEvent =
  /** It shows something else: one of the likely slips, or a state picked by hand. */
  | { readonly kind: "shows-other"; readonly slip: Pick<Slip, "state" | "how"> }
  /** The menu has closed by itself. */
  | { readonly kind: "closed" };

export type KeyEvent = PlannedEvent | LostEvent;

export const isLost = (event: KeyEvent): event is LostEvent => event.kind === "shows-other" || event.kind === "closed";

/** What the card knows while something is said. */
export interface AtHand {
  readonly profile: DisplayProfile;
  /** Lines nobody knows what they hold: never read, or doubtful since a slip. */
  readonly unread: readonly number[];
  /** The next step; null while new keys are worked out. */
  readonly step: CardStep | null;
  readonly nowMs: number;
}

export interface Notice {
  readonly kind: "menu-closed-discarded" | "menu-closed-saved" | "off-plan" | "power-lost";
  /** Codes of the lines it is about. */
  readonly lines: readonly string[];
}

/** What is to be taken down, in the order it happened. */
export interface Told {
  readonly state: MenuState;
  /** What a line showed that nobody knew. */
  readonly read: { readonly line: number; readonly raw: number } | null;
  /** Lines nobody can be sure of any more, by index. */
  readonly doubtful: readonly number[];
  readonly notice: Notice | null;
  readonly events: readonly { readonly kind: "menu-closed" | "recovered"; readonly detail: string }[];
}

export interface Turn {
  readonly session: Session;
  /** Null where nothing is to be taken down. */
  readonly told: Told | null;
}

/** Of lines in doubt those that can be looked at: in a menu, and there once the targets are set. */
export const canBeLookedAt = (
  profile: DisplayProfile,
  lines: readonly number[],
  targets: readonly (number | null)[],
): readonly number[] => lines.filter((line) => layoutOf(profile).placeOfLine[line] && isShown(profile, line, targets));

/** Sooner after the last thing said nobody has read what a line shows: it is that press once more, ms. */
const READ_MS = 600;

/** States kept for the way back. */
const MOST_PAST = 20;

/** The line in hand where nobody knows what it holds, with what it is taken to show; null where that is known. */
export function readingOf(
  profile: DisplayProfile,
  { state }: Pick<Session, "state">,
  unread: readonly number[],
): { readonly line: number; readonly suggested: number } | null {
  const line = lineAt(profile, state);
  const suggested = state.pending[line];
  return unread.includes(line) && suggested !== undefined ? { line, suggested } : null;
}

/** A display once a line known before has been looked at again: it shows `raw` there. */
export const readIn = (profile: DisplayProfile, state: MenuState, line: number, raw: number): MenuState =>
  stateFromShown(profile, state, {
    kind: "line",
    line,
    raw,
    blinks: state.screen.kind === "menu" && state.screen.draft !== null,
  });

/** What follows from what is said; of a display that stands elsewhere, see `lost.ts`. */
export function turn(session: Session, event: PlannedEvent, at: AtHand): Turn {
  const { past } = session;
  const nothing: Turn = { session, told: null };
  const reading = readingOf(at.profile, session, at.unread);
  const isSaid = event.kind === "done" || event.kind === "read";
  if (reading && isSaid && session.sinceMs !== null && at.nowMs - session.sinceMs < READ_MS) return nothing;
  switch (event.kind) {
    case "done":
      if (reading) return read(session, reading.line, reading.suggested, at);
      return at.step ? moved(session, at.step.after, SAID_DONE, at) : nothing;
    case "read":
      return reading ? read(session, reading.line, event.raw, at) : nothing;
    case "still-open":
      return { session: { ...session, sinceMs: at.nowMs }, told: null };
    case "back": {
      const before = past.at(-1);
      if (!before) return nothing;
      return {
        session: { state: before, past: past.slice(0, -1), sinceMs: at.nowMs },
        told: { state: before, ...SAID_DONE },
      };
    }
  }
}

export type Said = Omit<Told, "state">;
/** What is told where a step went as it was to. */
export const SAID_DONE: Said = { read: null, doubtful: [], notice: null, events: [] };

/** The display stands somewhere else now; where it stood is kept for the way back. */
export const moved = ({ state, past }: Session, next: MenuState, said: Said, { nowMs }: AtHand): Turn => ({
  session: { state: next, past: [...past.slice(1 - MOST_PAST), state], sinceMs: nowMs },
  told: { state: next, ...said },
});

/** What a line shows is written down where the display stands: there is nothing to go back to. */
const read = ({ state, past }: Session, line: number, raw: number, { nowMs }: AtHand): Turn => ({
  session: { state, past, sinceMs: nowMs },
  told: { state, ...SAID_DONE, read: { line, raw } },
});
