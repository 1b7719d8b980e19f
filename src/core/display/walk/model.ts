/**
 * What a walk believes of a menu: pages of entries, what each key was seen to do where, and each line's values. Every
 * belief says how often it was seen.
 */
import type { Action, Deed } from "../profile";
import type { Press, WalkSetup } from "./questions";
import type { Values } from "./values";

/** A place where a key means something: a screen, and in the menu a page and whether a value blinks. */
export type Place =
  | { readonly on: "off" | "home" | "code" | "confirm" }
  | { readonly on: "menu"; readonly page: number; readonly blinks: boolean };

export const placeName = (place: Place): string =>
  place.on === "menu" ? `menu ${place.page}${place.blinks ? " blinking" : ""}` : place.on;

export const pressName = ({ kind, keys }: Pick<Press, "kind"> & { readonly keys: readonly string[] }): string =>
  `${kind} ${[...keys].sort().join("+")}`;

/** What a gesture was seen to do in a place. */
export interface Effect {
  readonly place: Place;
  readonly press: Press;
  readonly does: Deed | "nothing";
  /** Time it is held until it acts, ms; null for a tap. */
  holdMs: number | null;
  /** How often it was seen to do so. */
  times: number;
}

export interface SeenLine {
  readonly kind: "line";
  readonly code: string;
  /** What it showed when it was first come to. */
  found: string;
  /** What it was last seen to show where that is another value: something has put it there. */
  now: string | null;
  values: Values | null;
  atEnds: "wrap" | "stop" | null;
  /** Whether its values were seen twice, both ways or once more. */
  valuesTwice: boolean;
  /** The gesture its values were seen by. */
  sweptBy: string | null;
  /** Whether its value can be changed at all. */
  changes: boolean | null;
  /** Whether other lines come and go with it: tried or not. */
  influence: "tried" | "not-tried";
  /** Lines there only under some of its values: by its value as shown, what stands where (`seenAt`). */
  shownWith: Map<string, ReadonlySet<string>>;
}

export type SeenEntry =
  | SeenLine
  | { readonly kind: "page"; readonly code: string; page: number | null }
  | { readonly kind: "exit"; readonly code: string; saves: boolean }
  | {
      readonly kind: "action";
      readonly code: string;
      readonly action: Action;
      asks: "nothing" | "yes-no" | "pattern";
    }
  /** What it is nobody has found out. */
  | { readonly kind: "unknown"; readonly code: string };

export interface SeenPage {
  readonly name: string;
  /** Code it opens with. */
  readonly first: string;
  entries: SeenEntry[];
  /** Codes that stood there as the display was found; others came up while values were tried. */
  readonly stood: Set<string>;
  /** How often each code was seen to stand there. */
  readonly times: Map<string, number>;
  atEnds: "wrap" | "stop";
  opensAt: "first" | "last-visited";
  /** Whether values blink before they change; null while no line was tried. */
  blinks: boolean | null;
  /** How it is come to: by keys from a screen, or by an entry of another page. */
  readonly from: { readonly kind: "keys"; readonly way: WayIn } | { readonly kind: "entry"; readonly page: number };
  walked: boolean;
}

export interface WayIn {
  readonly on: "home" | "menu";
  /** Page its keys are pressed on, for a chord inside the menu. */
  readonly page: number | null;
  readonly press: Press;
  readonly holdMs: number | null;
  readonly code: string | null;
  /** Since power-on: opened within, or at this time, ms; not opened from this time on; null where not tried. */
  withinMs: number | null;
  readonly afterMs: number | null;
  /** Whether it was tried long after power-on, and opened then. */
  tried: boolean;
  late: boolean;
}

export type Saving = "each-change" | "leaving-line" | "leaving-menu";

export interface Model {
  readonly setup: WalkSetup;
  powerOnMs: number;
  powerOffMs: number;
  readonly pages: SeenPage[];
  readonly effects: Effect[];
  saves: Saving | null;
  idleSaves: boolean | null;
  closesAfterMs: number | null;
  /** Digits of a new PIN, where the menu asked for one. */
  pinDigits: number | null;
  /** Answers that spoke against what was believed, and were asked again. */
  contradictions: number;
  /** Why the walk could not go on, where it could not. */
  stuck: "no-way-in" | "locked" | "code-unknown" | null;
}

export const newModel = (setup: WalkSetup): Model => ({
  setup,
  powerOnMs: 1000,
  powerOffMs: 2000,
  pages: [],
  effects: [],
  saves: null,
  idleSaves: null,
  closesAfterMs: null,
  pinDigits: null,
  contradictions: 0,
  stuck: null,
});

/** A page just come upon, nothing of it known but its first code and the way there. */
export const newPage = (name: string, first: string, from: SeenPage["from"]): SeenPage => ({
  name,
  first,
  entries: [],
  stood: new Set<string>(),
  times: new Map<string, number>(),
  atEnds: "wrap",
  opensAt: "first",
  blinks: null,
  from,
  walked: false,
});

/** A place a code stands at: the same code may stand on several pages. */
export const seenAt = (page: number, code: string): string => `${page} ${code}`;

/** A code seen to stand on a page, once more. */
export const countCode = ({ times }: SeenPage, code: string | null): void => {
  if (code !== null) times.set(code, (times.get(code) ?? 0) + 1);
};

const samePlace = (a: Place, b: Place): boolean => placeName(a) === placeName(b);
const samePress = (a: Press, b: Press): boolean => pressName(a) === pressName(b);

/** What a gesture is known to do in a place, or null. */
export const effectOf = ({ effects }: Model, place: Place, press: Press): Effect | null =>
  effects.find((each) => samePlace(each.place, place) && samePress(each.press, press)) ?? null;

/** Takes down what a gesture was seen to do; seen again it is surer, seen to do another thing it is that. */
export function noteEffect(
  model: Model,
  place: Place,
  press: Press,
  does: Deed | "nothing",
  holdMs: number | null = null,
): void {
  const known = effectOf(model, place, press);
  if (known && JSON.stringify(known.does) === JSON.stringify(does)) {
    known.times += 1;
    known.holdMs ??= holdMs;
    return;
  }
  dropEffect(model, place, press);
  model.effects.push({ place, press, does, holdMs, times: 1 });
}

/** What was believed of a gesture in a place is given up. */
export function dropEffect(model: Model, place: Place, press: Press): void {
  const known = effectOf(model, place, press);
  if (known) model.effects.splice(model.effects.indexOf(known), 1);
}

const matches = (does: Deed | "nothing", kind: Deed["kind"], by?: 1 | -1): boolean =>
  does !== "nothing" && does.kind === kind && (by === undefined || ("by" in does && does.by === by));

/**
 * The gesture that does something in a place: as seen there, else as seen on other pages of the menu, where nothing
 * speaks against it here.
 */
export function roleAt(model: Model, place: Place, kind: Deed["kind"], by?: 1 | -1): Effect | null {
  const own = model.effects.find((each) => samePlace(each.place, place) && matches(each.does, kind, by));
  if (own || place.on !== "menu") return own ?? null;
  return (
    model.effects.find(
      (each) =>
        each.place.on === "menu" &&
        each.place.blinks === place.blinks &&
        matches(each.does, kind, by) &&
        effectOf(model, place, each.press) === null,
    ) ?? null
  );
}
