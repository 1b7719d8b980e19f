/**
 * What a walk through a menu asks and is told: one gesture at a time on the display in the technician's hands, and what
 * the display then shows. Questions are data; the words are elsewhere.
 */
import type { View } from "../view";
import type { Action } from "../profile";

/** What can be told by looking at a display. */
export type Seen =
  | { readonly kind: "off" }
  | { readonly kind: "home" }
  /** A line: its code, and what it shows. */
  | { readonly kind: "line"; readonly code: string; readonly shows: string; readonly blinks: boolean }
  /** A word or number that stands alone: a group, a way out, something it does. */
  | { readonly kind: "entry"; readonly code: string }
  /** Digits to be entered; `at` is the one in hand. */
  | { readonly kind: "digits"; readonly shows: string; readonly at: number }
  /** A question: yes or no, or a pattern to be answered. */
  | { readonly kind: "question"; readonly shows: string }
  /** The motor pushes. */
  | { readonly kind: "moves" }
  /** A page of figures that takes no change. */
  | { readonly kind: "monitor" }
  | { readonly kind: "unknown" };

export const UNKNOWN: Seen = { kind: "unknown" };

/** What a technician who looks at a view tells. */
export function seenIn(view: View): Seen {
  switch (view.kind) {
    case "line":
      return { kind: "line", code: view.code, shows: view.shows, blinks: view.blinks };
    case "entry":
      return { kind: "entry", code: view.code };
    case "code":
      return { kind: "digits", shows: view.shows, at: view.at };
    case "confirm":
      return { kind: "question", shows: view.shows };
    case "walk-assist":
      return { kind: "moves" };
    case "off":
    case "home":
    case "monitor":
      return { kind: view.kind };
  }
}

/** Whether two looks say the same. */
export const sameSeen = (a: Seen, b: Seen): boolean => JSON.stringify(a) === JSON.stringify(b);

export type Press =
  | { readonly kind: "tap" | "double-tap"; readonly keys: readonly string[] }
  /** Held until something changes, at most so long, ms. */
  | { readonly kind: "hold"; readonly keys: readonly string[]; readonly atMostMs: number };

/** Why something is asked: what the answer will tell. */
export type Purpose =
  | "switch-off"
  | "switch-on"
  | "way-in"
  | "go-in"
  | "code-keys"
  | "what-a-key-does"
  | "next-line"
  | "step"
  | "ends"
  | "options"
  | "blink"
  | "confirm"
  | "way-out"
  | "go-back"
  | "comes-and-goes"
  | "put-back"
  | "what-saves"
  | "open"
  | "window";

export type Question =
  | {
      readonly ask: "press";
      readonly press: Press;
      /** What it will show if what is believed so far is right; null where nobody can know. */
      readonly expect: Seen | null;
      readonly purpose: Purpose;
    }
  /** Nothing is pressed: what does it show now? */
  | { readonly ask: "look"; readonly told: Seen; readonly expect: Seen }
  /**
   * The key pressed on and on until the value jumps or stops: the last value before, and what came after.
   */
  | { readonly ask: "run"; readonly keys: readonly string[]; readonly from: string }
  /** The key tapped from value to value until the first comes back or it stops: every value on the way. */
  | { readonly ask: "through"; readonly keys: readonly string[]; readonly from: string }
  /** The key pressed until it shows this again. */
  | { readonly ask: "until"; readonly keys: readonly string[]; readonly from: string; readonly shows: string }
  /** Digits the display wants before it goes on, if anybody knows them. */
  | { readonly ask: "access-code"; readonly digits: number }
  /** What something that has no value is, going by its name. */
  | { readonly ask: "entry"; readonly code: string }
  /** Hands off until the menu closes by itself. */
  | { readonly ask: "closes" }
  /** Hands off for so long. */
  | { readonly ask: "wait"; readonly ms: number }
  /** The battery taken off and put back: the display is off. */
  | { readonly ask: "battery" };

export type EntryMeaning =
  | { readonly kind: "page" }
  | { readonly kind: "exit" }
  | { readonly kind: "action"; readonly action: Action | null }
  | { readonly kind: "unknown" };

export type Answer =
  /** `afterMs`: how long keys were held until it changed; null where it did not. */
  | { readonly is: "seen"; readonly seen: Seen; readonly afterMs: number | null }
  | { readonly is: "ran"; readonly last: string; readonly then: string | null }
  | { readonly is: "values"; readonly values: readonly string[]; readonly then: "comes-round" | "stops" }
  | { readonly is: "code"; readonly code: string | null }
  | { readonly is: "entry"; readonly entry: EntryMeaning }
  | { readonly is: "closed"; readonly afterMs: number }
  | { readonly is: "unknown" };

/** A procedure that asks on the way. */
export type Asking<T> = Generator<Question, T, Answer>;

export interface WalkKey {
  readonly id: string;
  readonly name: string;
  /** A lever, a throttle or the pedals are no keys of the menu. */
  readonly isKey: boolean;
}

export interface WalkSetup {
  readonly keys: readonly WalkKey[];
  /** Key that switches the display on. */
  readonly power: string;
}
