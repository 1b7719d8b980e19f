/** Ways out of a menu, what saves, and when it closes by itself. */
import type { Deed } from "../profile";
import type { Hand } from "./hand";
import { menuKeys } from "./learn";
import { effectOf, noteEffect, pressName, roleAt, type Effect, type Model, type SeenLine, type WayIn } from "./model";
import { codeIn, enterPage, goTo, goToLine, indexOfCode } from "./nav";
import { confirmHere } from "./sweep";
import { sameSeen, type Answer, type Asking, type Press, type Purpose, type Seen } from "./questions";
import { addRoot, enterCode, isMenu, LATE_MS, pairsOf } from "./waysIn";

const LONGEST_HOLD_MS = 4000;

const hold = (keys: readonly string[]): Press => ({ kind: "hold", keys, atMostMs: LONGEST_HOLD_MS });

/** The menu left alone: how long until it closes, and where to. */
export function* timeClosing(hand: Hand): Asking<void> {
  if (hand.where.at !== "menu" && !(yield* enterPage(hand, 0))) return;
  const answer: Answer = yield { ask: "closes" };
  if (answer.is === "closed") hand.model.closesAfterMs = answer.afterMs;
  hand.where = { at: "home" };
  hand.shown = { kind: "home" };
}

/**
 * Keys held on a page, to see which lead out of it: the chord that led in first, then each key. Stops at a way out of
 * the menu and, on a page below another, a way back.
 */
export function* findWaysOut(hand: Hand, page: number): Asking<void> {
  const { model } = hand;
  const root = model.pages[0]?.from;
  const chord = root?.kind === "keys" && root.way.press.keys.length > 1 ? [hold(root.way.press.keys)] : [];
  const doubles = menuKeys(hand).map((key): Press => ({ kind: "double-tap", keys: [key] }));
  const singles = menuKeys(hand).map((key) => hold([key]));
  // Other menus may lie behind any two keys of the first page; further in only a way out is looked for.
  const pairs = pairsOf(menuKeys(hand)).map(hold);
  const presses =
    page === 0 ? [...chord, ...pairs, ...singles, ...doubles] : [...chord, ...singles, ...pairs, ...doubles];
  for (const press of presses) {
    const isBelow = model.pages[page]?.from.kind === "entry";
    const out = ["leave-without-saving", "save-and-leave"].some((kind) => known(hand, page, kind as Deed["kind"]));
    const isPair = page === 0 && press.keys.length > 1;
    if (!isPair && out && (!isBelow || known(hand, page, "back"))) return;
    // One that led nowhere from two pages like this one is not held on every other.
    const idle = hand.ledNowhere.get(pressName(press)) ?? 0;
    if (isBelow && idle >= ENOUGH_PAGES) continue;
    if (!(yield* backTo(hand, page))) return;
    const { place } = hand;
    if (effectOf(model, place, press)) continue;
    yield* tryOut(hand, page, press);
    if (isBelow && !effectOf(model, place, press)) hand.ledNowhere.set(pressName(press), idle + 1);
  }
}

/** Pages a key is held on, to lead out of them, before it is left alone. */
const ENOUGH_PAGES = 2;

const known = ({ model }: Hand, page: number, kind: Deed["kind"]): boolean =>
  roleAt(model, { on: "menu", page, blinks: false }, kind) !== null;

function* backTo(hand: Hand, page: number): Asking<boolean> {
  if (hand.where.at === "menu" && hand.where.page === page) return true;
  return yield* enterPage(hand, page);
}

function* tryOut(hand: Hand, page: number, press: Press): Asking<void> {
  const { model, place, where, shown: before } = hand;
  const { seen, afterMs } = yield* hand.press(press, "way-out", null);
  if (sameSeen(before, seen) || where.at !== "menu") return;
  // It changed only when the keys were let go: held so long they do what they do when tapped, and that is known.
  if (press.kind === "hold" && afterMs === null) {
    if (seen.kind === "line" && before.kind === "line" && seen.code === before.code)
      return yield* restore(hand, before);
    hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    return;
  }
  if (seen.kind === "home") {
    noteEffect(model, place, press, { kind: "leave-without-saving" }, afterMs);
    hand.where = { at: "home" };
    return;
  }
  if (seen.kind === "off") {
    noteEffect(model, place, press, { kind: "power-off" }, afterMs);
    hand.where = { at: "off" };
    return;
  }
  const from = model.pages[page]?.from;
  const above = from?.kind === "entry" ? model.pages[from.page] : undefined;
  if (from?.kind === "entry" && above && indexOfCode(above, codeIn(seen)) >= 0) {
    noteEffect(model, place, press, { kind: "back" }, afterMs);
    hand.where = { at: "menu", page: from.page, index: indexOfCode(above, codeIn(seen)) };
    return;
  }
  // Something else came of it: a value that ran, another menu. It is left alone.
  if (seen.kind === "line" && before.kind === "line" && seen.code === before.code) {
    yield* restore(hand, before);
    return;
  }
  // A chord may open another menu; one key held or tapped twice may only have gone along this one.
  const isNew =
    press.keys.length > 1 && isMenu(seen) && !model.pages.some((each) => indexOfCode(each, codeIn(seen)) >= 0);
  if (isNew && sameSeen(yield* hand.makeSure(seen), seen))
    addRoot(hand, {
      on: "menu",
      page,
      press,
      holdMs: afterMs,
      code: null,
      withinMs: null,
      afterMs: null,
      tried: true,
      late: true,
    });
  else hand.where = { at: "elsewhere" };
}

/** A value run away with by a held key, stepped back. */
function* restore(hand: Hand, before: Extract<Seen, { kind: "line" }>): Asking<void> {
  const by = roleAt(hand.model, hand.place, "step-value", -1) ?? roleAt(hand.model, hand.place, "step-value", 1);
  if (!by || hand.shown.kind !== "line") return;
  yield { ask: "until", keys: by.press.keys, from: hand.shown.shows, shows: before.shows };
  hand.shown = before;
}

/** A line of a page that something is tried with. */
interface Trial {
  readonly page: number;
  readonly line: SeenLine;
}

/** A line to try saving with. */
function* trialLine(hand: Hand): Asking<Trial | null> {
  const all = hand.model.pages.flatMap(({ entries }, page) =>
    entries.flatMap((line): Trial[] => (line.kind === "line" && line.values && line.changes ? [{ page, line }] : [])),
  );
  // One that can be left for another line; of those the one come to soonest.
  const first = all.find(({ page }) => (hand.model.pages[page]?.entries.length ?? 0) > 1) ?? all[0];
  return first && (yield* toLine(hand, first)) ? first : null;
}

/** Sets the line in hand one value on, confirmed where it blinks and `confirms`; what it then shows. */
function* nudge(hand: Hand, confirms = true): Asking<string | null> {
  const blinks = hand.page?.blinks === true;
  if (blinks) yield* hand.does("select", undefined, "what-saves", null);
  const up = roleAt(hand.model, hand.place, "step-value", 1) ?? roleAt(hand.model, hand.place, "step-value", -1);
  if (!up) return null;
  const before = hand.shown;
  yield* hand.press(up.press, "what-saves", null);
  if (sameSeen(before, hand.shown)) {
    const down = roleAt(hand.model, hand.place, "step-value", -1);
    if (down) yield* hand.press(down.press, "what-saves", null);
  }
  const shows = hand.shown.kind === "line" ? hand.shown.shows : null;
  if (blinks && confirms) yield* confirmHere(hand);
  return shows;
}

/** Whether the line shows this when the menu is opened again. */
function* isKept(hand: Hand, trial: Trial, shows: string): Asking<boolean> {
  if (!(yield* toLine(hand, trial))) return false;
  return hand.shown.kind === "line" && hand.shown.shows === shows;
}

function* toLine(hand: Hand, { page, line }: Trial): Asking<boolean> {
  if ((yield* enterPage(hand, page)) && (yield* goToLine(hand, line))) return true;
  // Come to from below it may stand behind: once more from the beginning.
  if (hand.where.at !== "menu") return false;
  yield* hand.cut();
  return (yield* enterPage(hand, page)) && (yield* goToLine(hand, line));
}

/** What saves: each change, leaving a line, leaving the menu; and what becomes of a change when the menu closes. */
export function* findSaving(hand: Hand): Asking<void> {
  const { model } = hand;
  const trial = yield* trialLine(hand);
  if (!trial) return;
  const { page } = trial;
  const changed = yield* nudge(hand);
  if (changed === null) return;
  yield* hand.cut();
  if (yield* isKept(hand, trial, changed)) model.saves = "each-change";
  else {
    const again = yield* nudge(hand);
    if (again !== null && isMenu(hand.shown) && (yield* offTheLine(hand, "what-saves"))) {
      yield* hand.cut();
      model.saves = (yield* isKept(hand, trial, again)) ? "leaving-line" : "leaving-menu";
    }
  }
  // Where each change is saved, only one not confirmed yet tells what closing does.
  const open = model.saves === "each-change";
  if (hand.where.at !== "menu" && !(yield* toLine(hand, trial))) return;
  const last = yield* nudge(hand, !open);
  if (open && model.pages[page]?.blinks !== true) model.idleSaves = false;
  else if (last !== null) {
    yield* timeClosing(hand);
    model.idleSaves = yield* isKept(hand, trial, last);
  }
  yield* settleWaysOut(hand, trial);
}

/** Off the line in hand: to another of its page, at the end of a list back, from a line alone up to the page above. */
export function* offTheLine(hand: Hand, purpose: Purpose): Asking<boolean> {
  const before = codeIn(hand.shown);
  for (const kind of ["next-entry", "previous-entry", "back"] as const)
    if (codeIn(hand.shown) === before) yield* hand.does(kind, undefined, purpose, null);
  hand.where = { at: "elsewhere" };
  return codeIn(hand.shown) !== before;
}

/** Of each way out known on a page: whether a change is kept by it. */
function* settleWaysOut(hand: Hand, trial: Trial): Asking<void> {
  const { model } = hand;
  const { page, line } = trial;
  const here = { on: "menu", page, blinks: false } as const;
  const leads = ({ place, does }: Effect): boolean =>
    place.on === "menu" && !place.blinks && does !== "nothing" && does.kind === "leave-without-saving";
  // One found on another page leads out of this one as well, where nothing speaks against it.
  const outs = model.effects.filter((each, i, all) => {
    const seenHere = effectOf(model, here, each.press);
    const isFirst = all.findIndex((other) => leads(other) && pressName(other.press) === pressName(each.press)) === i;
    return leads(each) && isFirst && (seenHere === null || leads(seenHere));
  });
  for (const out of outs) {
    if (!(yield* toLine(hand, trial))) return;
    const changed = yield* nudge(hand);
    if (changed === null) return;
    // Confirming may have led on to the next line.
    if (hand.where.at === "menu" && !(yield* goToLine(hand, line))) return;
    const { seen } = yield* hand.press(out.press, "what-saves", { kind: "home" });
    hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    if (yield* isKept(hand, trial, changed)) savesEverywhere(model, out);
  }
}

/** Of each entry that leads out: whether a change of a line of its page is kept by it. */
export function* settleExits(hand: Hand): Asking<void> {
  const { model } = hand;
  for (const [page, { entries }] of model.pages.entries())
    for (const [at, exit] of entries.entries()) {
      if (exit.kind !== "exit") continue;
      const line = entries.find((each): each is SeenLine => each.kind === "line" && each.changes === true);
      if (!line || model.saves === "each-change" || !(yield* toLine(hand, { page, line }))) continue;
      const found = hand.shown.kind === "line" ? hand.shown.shows : "";
      const changed = yield* nudge(hand);
      if (changed === null || changed === found || !(yield* goTo(hand, at))) continue;
      yield* hand.does("select", undefined, "what-saves", { kind: "home" });
      hand.where = hand.shown.kind === "home" ? { at: "home" } : { at: "elsewhere" };
      exit.saves = yield* isKept(hand, { page, line }, changed);
    }
}

/** A way out that saves does so on every page. */
function savesEverywhere(model: Model, out: Effect): void {
  for (const each of [...model.effects])
    if (
      each.does !== "nothing" &&
      each.does.kind === "leave-without-saving" &&
      each.press.kind === out.press.kind &&
      each.press.keys.join() === out.press.keys.join()
    ) {
      model.effects.splice(model.effects.indexOf(each), 1);
      noteEffect(model, each.place, each.press, { kind: "save-and-leave" }, each.holdMs);
    }
}

/** Whether the menu opens where it was left: left at its second entry, and opened again without switching off. */
export function* findOpening(hand: Hand): Asking<void> {
  for (const [page, place] of hand.model.pages.entries()) {
    const second = place.entries.findIndex(({ code }, at) => at > 0 && place.stood.has(code));
    if (second < 0) continue;
    if (!(yield* enterPage(hand, page)) || !(yield* goTo(hand, second))) continue;
    const { from } = place;
    if (from.kind === "entry") {
      const back = roleAt(hand.model, hand.place, "back");
      if (!back) continue;
      yield* hand.press(back.press, "go-back", null);
      const above = hand.model.pages[from.page];
      const at = above ? indexOfCode(above, codeIn(hand.shown)) : -1;
      hand.where = at < 0 ? { at: "elsewhere" } : { at: "menu", page: from.page, index: at };
      if (at >= 0 && (yield* enterPage(hand, page)) && hand.where.at === "menu" && hand.where.index > 0)
        place.opensAt = "last-visited";
      continue;
    }
    const ways = waysTo(hand.model, page);
    yield* leave(hand);
    for (const { press, afterMs } of ways) {
      if (afterMs !== null) yield { ask: "wait", ms: LATE_MS };
      const { seen: opened } = yield* hand.press(press, "open", null);
      if (opened.kind === "digits") yield* enterCode(hand, opened, press);
    }
    const { shown: seen } = hand;
    const at = indexOfCode(place, codeIn(seen));
    if (at > 0) place.opensAt = "last-visited";
    // Long after power-on it may open nothing: then there is a time for it.
    if (isMenu(seen)) from.way.late = true;
    hand.where = isMenu(seen) ? { at: "menu", page, index: Math.max(0, at) } : { at: "home" };
  }
}

/** The chords that lead from the home screen to a menu, one inside the other. */
function waysTo({ pages }: Pick<Model, "pages">, page: number): readonly WayIn[] {
  const from = pages[page]?.from;
  if (from?.kind !== "keys") return [];
  const before = from.way.page === null || from.way.page === page ? [] : waysTo({ pages }, from.way.page);
  return [...before, from.way];
}

/** Out of the menu without switching off: by a key that leads out, else by leaving it alone. */
function* leave(hand: Hand): Asking<void> {
  const out =
    roleAt(hand.model, hand.place, "leave-without-saving") ?? roleAt(hand.model, hand.place, "save-and-leave");
  if (out) {
    const { seen } = yield* hand.press(out.press, "go-back", { kind: "home" });
    hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
  } else yield* timeClosing(hand);
}

/** Times after power-on a chord is tried at, ms: late enough to be for good, then nearer and nearer. */
const TRIED_AT_MS = [20_000, 8000, 4000, 2000] as const;

/** Until when after power-on each chord opens its menu. */
export function* findWindows(hand: Hand): Asking<void> {
  for (const [page, { from }] of hand.model.pages.entries()) {
    if (from.kind !== "keys" || from.way.page !== null || from.way.afterMs !== null) continue;
    for (const ms of TRIED_AT_MS) {
      yield* hand.fresh();
      if (hand.where.at !== "home") return;
      yield { ask: "wait", ms };
      const { seen } = yield* hand.press(from.way.press, "window", null);
      if (isMenu(seen) || seen.kind === "digits") {
        from.way.withinMs = ms === TRIED_AT_MS[0] ? null : ms;
        hand.where = isMenu(seen) ? { at: "menu", page, index: 0 } : { at: "elsewhere" };
        from.way.tried = true;
        // A chord that came too late opened nothing: what else it did shows on the lines.
        if (from.way.withinMs !== null && isMenu(seen)) yield* compareWithFound(hand, page);
        break;
      }
      hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    }
    if (!from.way.tried) from.way.withinMs = 1000;
  }
}

/** Along a page just opened: lines that show another value than they were found at are told. */
function* compareWithFound(hand: Hand, page: number): Asking<void> {
  const entries = hand.model.pages[page]?.entries ?? [];
  const seen = new Set<string>();
  for (let i = 0; i <= entries.length; i++) {
    const { shown } = hand;
    const code = codeIn(shown);
    if (code === null || seen.has(code)) return;
    seen.add(code);
    const line = entries.find((entry) => entry.code === code);
    if (line?.kind === "line" && shown.kind === "line" && line.changes)
      line.now = shown.shows === line.found ? null : shown.shows;
    yield* hand.does("next-entry", undefined, "window", null);
  }
}
