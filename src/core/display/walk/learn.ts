/**
 * What the keys do in a menu: each is tapped on a line, and what changes tells. A line's value stands there to be seen
 * changing; a word without one could not tell going on from going in.
 */
import type { Deed } from "../profile";
import type { Hand } from "./hand";
import { effectOf, noteEffect, pressName, roleAt, type Model, type Place } from "./model";
import { codeIn, enterRoot } from "./nav";
import { sameSeen, type Asking, type Press } from "./questions";
import { shownNumber } from "./values";
import { isMenu, pairsOf } from "./waysIn";

/** A page not told apart from others yet. */
export const SOMEWHERE = -1;
/** Lines a key that does nothing is tried on before it is left alone. */
const MOST_LINES_TRIED = 5;

export const menuKeys = (hand: Hand): readonly string[] =>
  hand.model.setup.keys.filter(({ isKey }) => isKey).map(({ id }) => id);

const taps = (hand: Hand): readonly Press[] => menuKeys(hand).map((key) => ({ kind: "tap", keys: [key] }));

const has = (hand: Hand, page: number, kind: Deed["kind"], blinks: boolean, by?: 1 | -1): boolean =>
  roleAt(hand.model, { on: "menu", page, blinks }, kind, by) !== null;

/** Learns the keys of a menu just entered, so that it can be gone through and changed. */
export function* learnKeys(hand: Hand, root: number): Asking<void> {
  const rounds: readonly (readonly Press[])[] = [
    taps(hand),
    pairsOf(menuKeys(hand)).map((keys) => ({ kind: "tap", keys })),
    menuKeys(hand).map((key) => ({ kind: "double-tap", keys: [key] })),
  ];
  for (const presses of rounds) {
    yield* learnRound(hand, root, presses);
    const changes = [false, true].some((blinks) => has(hand, root, "step-value", blinks));
    const goes = ["next-entry", "previous-entry"].some((kind) => has(hand, root, kind as Deed["kind"], false));
    if (changes && goes) return;
  }
}

function* learnRound(hand: Hand, root: number, presses: readonly Press[]): Asking<void> {
  for (let line = 0; line < MOST_LINES_TRIED; line++) {
    if (!(yield* landOnLine(hand, root))) return;
    for (const press of presses) {
      if (!(yield* landOnLine(hand, root))) return;
      if (!effectOf(hand.model, placeHere(hand), press)) yield* tryAtRest(hand, press);
    }
    // A line that takes no change taught nothing of what keys do while a value blinks.
    const select = roleAt(hand.model, placeHere(hand), "select");
    if (select && isAtLine(hand) && !has(hand, root, "step-value", true)) {
      yield* hand.press(select.press, "blink", null);
      yield* learnBlinking(hand, select.press);
    }
    const open = presses.filter((press) => !effectOf(hand.model, placeHere(hand), press));
    if (open.length === 0 || (hasAll(hand, root) && line > 0)) return;
    // On another line a key that did nothing here may do something.
    if (!(yield* moveOn(hand))) return;
  }
}

const hasAll = (hand: Hand, root: number): boolean => {
  const blinks = has(hand, root, "select", false);
  return (
    has(hand, root, "next-entry", false) &&
    has(hand, root, "step-value", blinks, 1) &&
    has(hand, root, "step-value", blinks, -1)
  );
};

const placeHere = ({ shown }: Hand): Place => ({
  on: "menu",
  page: SOMEWHERE,
  blinks: shown.kind === "line" && shown.blinks,
});

const isAtLine = ({ shown }: Hand): boolean => shown.kind === "line" && !shown.blinks;

/**
 * Onto any line of the menu. Where a word comes up first, each key is tapped on it, and on what that leads to, until a
 * line shows; the way there is remembered.
 */
function* landOnLine(hand: Hand, root: number): Asking<boolean> {
  if (isAtLine(hand)) return true;
  if (hand.landing) return yield* replay(hand, root, hand.landing);
  const ways: (readonly Press[])[] = [[]];
  for (let tried = 0; ways.length > 0 && tried < MOST_LANDINGS; tried++) {
    const way = ways.shift() ?? [];
    if (yield* replay(hand, root, way)) return remember(hand, way);
    for (const press of taps(hand)) {
      const from = hand.shown;
      if (!isMenu(from)) if (!(yield* replayed(hand, root, way))) break;
      const before = hand.shown;
      const { seen } = yield* hand.press(press, "what-a-key-does", null);
      if (isAtLine(hand)) return remember(hand, [...way, press]);
      if (sameSeen(before, seen)) continue;
      if (isMenu(seen)) ways.push([...way, press]);
      hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
      hand.shown = { kind: "unknown" };
    }
  }
  return false;
}

/** Ways tried to come to a line at all. */
const MOST_LANDINGS = 8;

const remember = (hand: Hand, way: readonly Press[]): boolean => {
  hand.landing = way;
  return true;
};

function* replayed(hand: Hand, root: number, way: readonly Press[]): Asking<boolean> {
  if (!(yield* enterRoot(hand, root))) return false;
  for (const press of way) yield* hand.press(press, "go-in", null);
  return isMenu(hand.shown);
}

function* replay(hand: Hand, root: number, way: readonly Press[]): Asking<boolean> {
  return (yield* replayed(hand, root, way)) && isAtLine(hand);
}

function* moveOn(hand: Hand): Asking<boolean> {
  for (let i = 0; i < 3; i++) {
    const next =
      roleAt(hand.model, placeHere(hand), "next-entry") ?? roleAt(hand.model, placeHere(hand), "previous-entry");
    if (!next) return false;
    yield* hand.press(next.press, "next-line", null);
    if (hand.shown.kind === "line") return true;
    if (!isMenu(hand.shown)) return false;
  }
  return false;
}

/**
 * Keys learnt on a line of a page come to later, where none was found before that changes a value: menus whose first
 * page has only words, or only what cannot be changed.
 */
export function* learnOnLine(hand: Hand, back: () => Asking<boolean>): Asking<void> {
  for (const press of taps(hand)) {
    if (effectOf(hand.model, placeHere(hand), press)) continue;
    yield* tryAtRest(hand, press);
    if (!(yield* back())) return;
  }
  const select = roleAt(hand.model, placeHere(hand), "select");
  if (!select || !isAtLine(hand) || canStep(hand)) return;
  const { seen } = yield* hand.press(select.press, "blink", null);
  if (seen.kind === "line" && seen.blinks) yield* learnBlinking(hand, select.press);
  yield* back();
}

/** Whether a key is known that changes a value. */
export const canStep = ({ model }: Hand): boolean =>
  [false, true].some((blinks) => roleAt(model, { on: "menu", page: SOMEWHERE, blinks }, "step-value") !== null);

/** Which way a value went: up for a larger number, and for words whichever key came first. */
function direction(hand: Hand, place: Place, before: string, after: string): 1 | -1 {
  const [a, b] = [shownNumber(before), shownNumber(after)];
  const taken = (by: 1 | -1) => roleAt(hand.model, place, "step-value", by) !== null;
  const seen = Number.isNaN(a) || Number.isNaN(b) ? 1 : b > a ? 1 : -1;
  // Two keys do not step the same way: one of them came round an end, or the values are words.
  return taken(seen) && !taken(seen === 1 ? -1 : 1) ? (seen === 1 ? -1 : 1) : seen;
}

const step = (by: 1 | -1): Deed => ({ kind: "step-value", by, repeat: null });

/** Digits a number is turned by, from the right: as many as there are keys for. */
const PLACES = [0, 1, 2] as const;

/** Which digit alone is another one in two numbers shown alike; null where several are, or none. */
function digitTurned(before: string, after: string): (typeof PLACES)[number] | null {
  const [a, b] = [before, after].map((text) => text.replace(/\D/g, ""));
  const length = Math.max(a?.length ?? 0, b?.length ?? 0);
  const [from, to] = [a?.padStart(length, "0") ?? "", b?.padStart(length, "0") ?? ""];
  const changed = PLACES.filter((place) => from.at(-1 - place) !== to.at(-1 - place));
  const [only] = changed;
  const above = from.slice(0, Math.max(0, length - PLACES.length)) === to.slice(0, Math.max(0, length - PLACES.length));
  return changed.length === 1 && above && only !== undefined ? only : null;
}

/**
 * A key seen to step a value. A second key that raises it, and raises it again, is none that steps down and came round:
 * each of the two turns a digit of its own, where the first comes round within ten.
 */
function* noteStep(hand: Hand, press: Press, before: string, after: string): Asking<void> {
  const { model } = hand;
  const place = placeHere(hand);
  const other = roleAt(model, place, "step-value", 1);
  const rises = (a: string, b: string) => shownNumber(b) > shownNumber(a);
  if (other && pressName(other.press) !== pressName(press) && rises(before, after)) {
    const { seen } = yield* hand.press(press, "blink", null);
    const turned = digitTurned(before, after);
    const again = seen.kind === "line" && rises(after, seen.shows);
    if (again && turned !== null && turned > 0 && (yield* comesRound(hand, other.press))) {
      noteEffect(model, place, other.press, { kind: "step-digit", place: 0 });
      noteEffect(model, place, press, { kind: "step-digit", place: turned });
      return;
    }
    // It goes on the same way, or stands at its end: two keys that do the same, or as good as the same.
    const stands = seen.kind === "line" && seen.shows === after;
    if (again || stands) return noteEffect(model, place, press, step(1));
    // Round between two values nothing tells the way: a line with more of them will.
    if (seen.kind === "line" && seen.shows === before) return;
  }
  noteEffect(model, place, press, step(direction(hand, place, before, after)));
}

/** Whether a key brings a value back to where it was within ten presses, turning its last digit alone. */
function* comesRound(hand: Hand, press: Press): Asking<boolean> {
  const { shown: from } = hand;
  if (from.kind !== "line") return false;
  for (let i = 0; i < 10; i++) {
    const { seen } = yield* hand.press(press, "blink", null);
    if (seen.kind !== "line" || seen.code !== from.code) return false;
    if (seen.shows === from.shows) return true;
    if (digitTurned(from.shows, seen.shows) !== 0) return false;
  }
  return false;
}

/** Deeds that, done twice, look like another one: two entries on round a ring of three are one back. */
const STEPS: ReadonlySet<Deed["kind"]> = new Set(["next-entry", "previous-entry", "step-value", "step-digit"]);

/** Whether a double tap would only be two taps: the key was seen to step, tapped once. */
export function isTwoTaps(model: Model, place: Place, { kind, keys }: Press): boolean {
  if (kind !== "double-tap") return false;
  const tap: Press = { kind: "tap", keys };
  const known = effectOf(model, place, tap);
  if (known === null || known.does === "nothing") return false;
  // The first makes the value blink, the second keeps it and goes on.
  const confirms = place.on === "menu" ? roleAt(model, { ...place, blinks: true }, "confirm-value") : null;
  const goesOn = known.does.kind === "select" && confirms !== null && pressName(confirms.press) === pressName(tap);
  return STEPS.has(known.does.kind) || goesOn;
}

/** A gesture on a line at rest, and what it was seen to do. */
function* tryAtRest(hand: Hand, press: Press): Asking<void> {
  const { model, shown: before } = hand;
  const place = placeHere(hand);
  if (isTwoTaps(model, place, press)) return;
  const { seen } = yield* hand.press(press, "what-a-key-does", null);
  if (sameSeen(before, seen) || before.kind !== "line") return;
  if (!isMenu(seen)) {
    if (seen.kind === "home") noteEffect(model, place, press, { kind: "leave-without-saving" });
    hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    return;
  }
  if (codeIn(seen) !== before.code) {
    const next = roleAt(model, place, "next-entry");
    noteEffect(model, place, press, { kind: next && next.press !== press ? "previous-entry" : "next-entry" });
    return;
  }
  if (seen.kind !== "line") return;
  if (seen.blinks) {
    noteEffect(model, place, press, { kind: "select" });
    yield* learnBlinking(hand, press);
    return;
  }
  yield* noteStep(hand, press, before.shows, seen.shows);
}

/** What keys do while a value blinks: it is made to blink again as often as that takes. */
function* learnBlinking(hand: Hand, select: Press): Asking<void> {
  const { model } = hand;
  // A key that ends the blinking of a value nobody has changed may keep a change or drop it.
  const unsure: Press[] = [];
  for (const press of [...taps(hand).filter((each) => each !== select), ...taps(hand)]) {
    const { shown: before } = hand;
    if (before.kind !== "line" || !before.blinks) return;
    const place = placeHere(hand);
    if (effectOf(model, place, press)) continue;
    const { seen } = yield* hand.press(press, "blink", null);
    if (sameSeen(before, seen)) continue;
    if (seen.kind === "line" && seen.code === before.code && seen.blinks) {
      yield* noteStep(hand, press, before.shows, seen.shows);
      continue;
    }
    if (!isMenu(seen)) {
      if (seen.kind === "home") noteEffect(model, place, press, { kind: "save-and-leave" });
      hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
      return;
    }
    if (codeIn(seen) !== before.code) noteEffect(model, place, press, { kind: "confirm-value", then: "next-entry" });
    else if (seen.kind === "line") {
      if (seen.shows === before.shows) unsure.push(press);
      noteEffect(model, place, press, ended(seen.shows === before.shows));
    }
    if (hand.shown.kind !== "line") return;
    yield* hand.press(select, "blink", null);
  }
  if (unsure.length > 1) for (const press of unsure) yield* keepsOrDrops(hand, select, press);
  const confirm = roleAt(model, placeHere(hand), "confirm-value");
  if (confirm && hand.shown.kind === "line" && hand.shown.blinks) yield* hand.press(confirm.press, "confirm", null);
}

const ended = (keeps: boolean): Deed => (keeps ? { kind: "confirm-value", then: "stays" } : { kind: "cancel-value" });

/** Of several keys that end the blinking: the value is changed first, and what then stands there tells. */
function* keepsOrDrops(hand: Hand, select: Press, press: Press): Asking<void> {
  const { model } = hand;
  if (hand.shown.kind === "line" && !hand.shown.blinks) yield* hand.press(select, "blink", null);
  const { shown: from } = hand;
  if (from.kind !== "line" || !from.blinks) return;
  const place = placeHere(hand);
  for (const by of [1, -1] as const) {
    const key = roleAt(model, place, "step-value", by);
    if (key && hand.shown.kind === "line" && hand.shown.shows === from.shows)
      yield* hand.press(key.press, "blink", null);
  }
  const { shown: changed } = hand;
  if (changed.kind !== "line" || changed.shows === from.shows) return;
  const { seen } = yield* hand.press(press, "blink", null);
  if (seen.kind === "line" && seen.code === from.code && !seen.blinks)
    noteEffect(model, place, press, ended(seen.shows === changed.shows));
}
