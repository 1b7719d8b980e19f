/** A page walked from its first entry to its last, and every entry found out: lines, groups, ways out, deeds. */
import type { Hand } from "./hand";
import {
  countCode,
  dropEffect,
  newPage,
  noteEffect,
  pressName,
  roleAt,
  type Effect,
  type SeenEntry,
  type SeenPage,
} from "./model";
import { codeIn, enterPage, entrySeen, goTo, indexOfCode } from "./nav";
import { canStep, learnOnLine, menuKeys, SOMEWHERE } from "./learn";
import { sameSeen, type Answer, type Asking, type EntryMeaning, type Press, type Seen } from "./questions";
import { sweepLine } from "./sweep";
import { isMenu } from "./waysIn";

/** More entries than any page has. */
const MOST_ENTRIES = 300;

/** Goes along a page once and takes down what stands there. */
export function* listPage(hand: Hand, page: number): Asking<boolean> {
  const place = hand.model.pages[page];
  if (!place || !(yield* enterPage(hand, page))) return false;
  const first = entrySeen(hand, hand.shown);
  if (!first) return false;
  place.entries = [first];
  countCode(place, first.code);
  if (!(yield* findMovers(hand, page))) return true;
  while (place.entries.length < MOST_ENTRIES) {
    const before = hand.shown;
    const kind = roleAt(hand.model, hand.place, "next-entry") ? "next-entry" : "previous-entry";
    const seen = yield* hand.does(kind, undefined, "next-line", null);
    if (!seen || !isMenu(seen)) return false;
    const code = codeIn(seen);
    if (code === codeIn(before)) {
      // At its end nothing comes; a second press makes sure of it.
      const again = yield* hand.does(kind, undefined, "next-line", before);
      if (again && codeIn(again) !== code) {
        take(hand, page, again);
        continue;
      }
      place.atEnds = "stop";
      countCode(place, code);
      return true;
    }
    if (code === first.code) {
      yield* hand.makeSure(seen);
      if (codeIn(hand.shown) !== first.code) {
        take(hand, page, hand.shown);
        continue;
      }
      place.atEnds = "wrap";
      countCode(place, code);
      hand.where = { at: "menu", page, index: 0 };
      return true;
    }
    take(hand, page, seen);
  }
  return true;
}

/**
 * Whether the page can be gone along, by keys known from elsewhere or found here: one that leads to another entry, and
 * one that leads back from there.
 */
function* findMovers(hand: Hand, page: number): Asking<boolean> {
  const first = hand.shown;
  for (const { press, does } of movers(hand)) {
    if (!(yield* atFirst(hand, page, first))) return false;
    const { place } = hand;
    const { seen } = yield* hand.press(press, "next-line", null);
    if (isMenu(seen) && codeIn(seen) !== codeIn(first)) {
      if (does !== "nothing") noteEffect(hand.model, place, press, does);
      hand.where = { at: "elsewhere" };
      // Back at the first entry the page is gone along from its beginning.
      return yield* atFirst(hand, page, first);
    }
    if (!sameSeen(seen, first)) hand.where = { at: "elsewhere" };
    else if (does !== "nothing" && does.kind === "next-entry") noteEffect(hand.model, place, press, "nothing");
  }
  // A line alone on its page is left at that: there is nothing keys could lead on to. A word is looked at more closely.
  if (first.kind === "line" && movers(hand).length > 0) {
    for (const { press } of movers(hand)) dropEffect(hand.model, hand.place, press);
    return yield* atFirst(hand, page, first);
  }
  const keys = menuKeys(hand).map((key): Press => ({ kind: "tap", keys: [key] }));
  for (const press of keys) {
    if (!(yield* atFirst(hand, page, first))) return false;
    const { seen } = yield* hand.press(press, "next-line", null);
    if (sameSeen(seen, first)) continue;
    if (isMenu(seen) && codeIn(seen) !== codeIn(first))
      for (const back of keys) {
        if (back === press) continue;
        const { seen: then } = yield* hand.press(back, "next-line", null);
        if (sameSeen(then, seen)) continue;
        if (!sameSeen(then, first)) {
          // It led elsewhere: there again by the same key, for the next one.
          hand.where = { at: "elsewhere" };
          if (!(yield* atFirst(hand, page, first))) return false;
          yield* hand.press(press, "next-line", seen);
          continue;
        }
        const at = { on: "menu", page, blinks: false } as const;
        // What they were thought to do before the page could be gone along was a guess.
        for (const each of [press, back]) dropEffect(hand.model, { ...at, page: SOMEWHERE }, each);
        noteEffect(hand.model, at, press, { kind: "next-entry" });
        noteEffect(hand.model, at, back, { kind: "previous-entry" });
        hand.where = { at: "menu", page, index: 0 };
        return true;
      }
    // No other key leads back: one that leads round by itself goes along the page as well.
    if (
      first.kind === "line" &&
      isMenu(seen) &&
      codeIn(seen) !== codeIn(first) &&
      (yield* leadsRound(hand, page, press, first))
    )
      return true;
    hand.where = { at: "elsewhere" };
  }
  yield* atFirst(hand, page, first);
  return false;
}

/** More presses than a ring of lines that nothing else leads along would take. */
const LONGEST_ROUND = 40;

/** Whether a key pressed on and on comes back to the first line. */
function* leadsRound(hand: Hand, page: number, press: Press, first: Seen): Asking<boolean> {
  hand.where = { at: "elsewhere" };
  if (!(yield* atFirst(hand, page, first))) return false;
  for (let i = 0; i < LONGEST_ROUND; i++) {
    const before = hand.shown;
    const { seen } = yield* hand.press(press, "next-line", null);
    if (!isMenu(seen) || sameSeen(seen, before)) break;
    if (codeIn(seen) !== codeIn(first)) continue;
    noteEffect(hand.model, { on: "menu", page, blinks: false }, press, { kind: "next-entry" });
    hand.where = { at: "menu", page, index: 0 };
    return true;
  }
  hand.where = { at: "elsewhere" };
  return false;
}

/** Keys known to go along some page of the menu, each once, those that go on first. */
const movers = ({ model }: Hand): readonly Effect[] =>
  ["next-entry", "previous-entry"].flatMap((kind) => {
    const all = model.effects.filter(
      ({ place, does }) => place.on === "menu" && !place.blinks && does !== "nothing" && does.kind === kind,
    );
    return all.filter((each, i) => all.findIndex(({ press }) => pressName(press) === pressName(each.press)) === i);
  });

function* atFirst(hand: Hand, page: number, first: Seen): Asking<boolean> {
  if (hand.where.at === "menu" && hand.where.page === page && sameSeen(hand.shown, first)) return true;
  return (yield* enterPage(hand, page)) && sameSeen(hand.shown, first);
}

function take(hand: Hand, page: number, seen: Seen): void {
  const place = hand.model.pages[page];
  const entry = entrySeen(hand, seen);
  if (!place || !entry) return;
  const known = indexOfCode(place, entry.code);
  countCode(place, entry.code);
  if (known < 0) place.entries.push(entry);
  hand.where = { at: "menu", page, index: known < 0 ? place.entries.length - 1 : known };
}

/** Finds out every entry of a page, one after the other. */
export function* walkPage(hand: Hand, page: number): Asking<void> {
  const place = hand.model.pages[page];
  if (!place) return;
  if (!(yield* listPage(hand, page))) return;
  place.walked = true;
  for (let i = 0; i < place.entries.length; i++) {
    const isHere = hand.where.at === "menu" && hand.where.page === page;
    if (!isHere && !(yield* enterPage(hand, page))) return;
    if (!(yield* goTo(hand, i, "next-line"))) {
      // A page that goes one way only is come to again from its beginning.
      if (!(yield* enterPage(hand, page)) || !(yield* goTo(hand, i, "next-line"))) continue;
    }
    // Another code than was told at first may stand here by now.
    const entry = place.entries[i];
    if (entry?.kind === "line") {
      if (!canStep(hand)) yield* learnOnLine(hand, () => comeBack(hand, page, i));
      yield* sweepLine(hand, entry);
    } else if (entry) yield* findOut(hand, page, i, entry);
  }
  dropSlips(place);
  for (const { code } of place.entries) place.stood.add(code);
}

/** A code told once, and hardly seen again where its neighbours were, was a slip of the eye. */
function dropSlips(place: SeenPage): void {
  const times = place.entries.map(({ code }) => place.times.get(code) ?? 0).sort((a, b) => a - b);
  const usual = times[Math.floor(times.length / 2)] ?? 0;
  if (place.entries.length < 3) return;
  place.entries = place.entries.filter(({ code }) => {
    const seen = place.times.get(code) ?? 0;
    return seen > 1 && seen * 4 > usual;
  });
}

function* comeBack(hand: Hand, page: number, index: number): Asking<boolean> {
  const { where, shown } = hand;
  const code = hand.model.pages[page]?.entries[index]?.code;
  const isRight = shown.kind === "line" && shown.code === code && !shown.blinks;
  if (where.at === "menu" && where.page === page && where.index === index && isRight) return true;
  return (yield* enterPage(hand, page)) && (yield* goTo(hand, index));
}

/** What a word without a value is: as its name says, or by going in. */
function* findOut(hand: Hand, page: number, index: number, entry: SeenEntry): Asking<void> {
  const place = hand.model.pages[page];
  const answer: Answer = yield { ask: "entry", code: entry.code };
  const meaning: EntryMeaning = answer.is === "entry" ? answer.entry : { kind: "unknown" };
  if (!place) return;
  const select = yield* selectHere(hand);
  if (!select) return;
  // Much hangs on what came up: it is looked at twice.
  if (isMenu(hand.shown)) yield* hand.makeSure(hand.shown);
  const { shown } = hand;
  if (isMenu(shown) && meaning.kind !== "exit" && codeIn(shown) !== entry.code) {
    const opened = hand.model.pages.length;
    hand.model.pages.push(newPage(entry.code, codeIn(shown) ?? "", { kind: "entry", page }));
    place.entries[index] = { kind: "page", code: entry.code, page: opened };
    hand.where = { at: "menu", page: opened, index: 0 };
    return;
  }
  if (shown.kind === "home") {
    place.entries[index] = { kind: "exit", code: entry.code, saves: false };
    hand.where = { at: "home" };
    return;
  }
  const action = meaning.kind === "action" ? (meaning.action ?? "copy-settings") : "copy-settings";
  if (shown.kind === "digits") hand.model.pinDigits = shown.shows.length;
  const asks = shown.kind === "question" ? (/^(yes|no)$/i.test(shown.shows) ? "yes-no" : "pattern") : "nothing";
  place.entries[index] = { kind: "action", code: entry.code, action, asks };
  // Asked yes or no, it is left by the same key on "no"; anything else by taking the battery off.
  if (shown.kind === "question" && asks === "yes-no") {
    const { seen } = yield* hand.press(select, "go-back", { kind: "entry", code: entry.code });
    if (seen.kind === "entry") {
      noteEffect(hand.model, { on: "confirm" }, select, { kind: "select" });
      hand.where = { at: "menu", page, index };
      return;
    }
  }
  if (!isMenu(hand.shown)) hand.where = { at: "elsewhere" };
}

/** Goes into the entry in hand by the key that does so, found by trying where it is not known yet. */
function* selectHere(hand: Hand): Asking<Press | null> {
  const { place } = hand;
  const known = roleAt(hand.model, place, "select");
  if (known) {
    const { seen } = yield* hand.press(known.press, "open", null);
    noteEffect(hand.model, place, known.press, { kind: "select" }, known.holdMs);
    if (!isMenu(seen)) hand.where = { at: "elsewhere" };
    return known.press;
  }
  const keys = menuKeys(hand);
  const tries: Press[] = [
    ...keys.map((key): Press => ({ kind: "tap", keys: [key] })),
    ...keys.flatMap((a, i) => keys.slice(i + 1).map((b): Press => ({ kind: "tap", keys: [a, b] }))),
    ...keys.map((key): Press => ({ kind: "double-tap", keys: [key] })),
    ...keys.map((key): Press => ({ kind: "hold", keys: [key], atMostMs: 3000 })),
  ];
  for (const press of tries) {
    const uses = hand.model.effects.some(
      (each) =>
        each.place.on === "menu" &&
        !each.place.blinks &&
        each.press.kind === press.kind &&
        each.press.keys.join() === press.keys.join(),
    );
    if (uses) continue;
    const before = hand.shown;
    const { seen, afterMs } = yield* hand.press(press, "open", null);
    if (sameSeen(before, seen)) continue;
    const { page, where } = hand;
    const at = page ? indexOfCode(page, codeIn(seen)) : -1;
    if (where.at === "menu" && at >= 0) {
      // It only went along the page.
      hand.where = { ...where, index: at };
      if (!(yield* goTo(hand, where.index))) return null;
      continue;
    }
    if (press.kind === "hold" && seen.kind === "home") {
      hand.where = { at: "home" };
      const fromLine = where.at === "menu" ? yield* leadsOutOfALine(hand, where.page, press) : null;
      if (fromLine === false && where.at === "menu") {
        // It goes into what stands here, and that leads out.
        noteEffect(hand.model, place, press, { kind: "select" }, afterMs);
        if (!(yield* enterPage(hand, where.page)) || !(yield* goTo(hand, where.index))) return null;
        const { seen: out } = yield* hand.press(press, "open", seen);
        hand.where = out.kind === "home" ? { at: "home" } : { at: "elsewhere" };
        return press;
      }
      // A key held that leads out does so from anywhere: what stands here is still not known.
      noteEffect(hand.model, place, press, { kind: "leave-without-saving" }, afterMs);
      hand.where = { at: "home" };
      return null;
    }
    noteEffect(hand.model, place, press, { kind: "select" }, afterMs);
    if (!isMenu(seen)) hand.where = { at: "elsewhere" };
    return press;
  }
  return null;
}

/** Whether a key held leads out of the menu from a line of the page as well; null where there is none to try it on. */
function* leadsOutOfALine(hand: Hand, page: number, press: Press): Asking<boolean | null> {
  const index = hand.model.pages[page]?.entries.findIndex(({ kind }) => kind === "line") ?? -1;
  if (index < 0 || !(yield* enterPage(hand, page)) || !(yield* goTo(hand, index))) return null;
  const { seen } = yield* hand.press(press, "open", null);
  if (seen.kind === "home") hand.where = { at: "home" };
  else if (!isMenu(seen)) hand.where = { at: "elsewhere" };
  return seen.kind === "home";
}
