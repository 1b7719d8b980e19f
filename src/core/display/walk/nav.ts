/** Ways about a menu that is known so far: into it, along a page, into a group, and back again. */
import type { Hand } from "./hand";
import { countCode, roleAt, type SeenEntry, type SeenPage } from "./model";
import type { Asking, Press, Purpose, Seen } from "./questions";
import { enterCode, isMenu, LATE_MS } from "./waysIn";

export const codeIn = (seen: Seen): string | null => (seen.kind === "line" || seen.kind === "entry" ? seen.code : null);

const codeOfEntry = (entry: SeenEntry | undefined): string | null => entry?.code ?? null;

/** Where an entry with this code stands on a page, or -1. */
export const indexOfCode = ({ entries }: SeenPage, code: string | null): number =>
  entries.findIndex((entry) => entry.code === code);

/** Into the menu behind its keys, from wherever the display stands. */
export function* enterRoot(hand: Hand, page: number): Asking<boolean> {
  const place = hand.model.pages[page];
  if (place?.from.kind !== "keys") return false;
  const { way } = place.from;
  if (way.page !== null) return yield* enterInside(hand, page, way.page, way.press);
  if (way.afterMs !== null) {
    yield* hand.home();
    yield { ask: "wait", ms: LATE_MS };
  } else yield* hand.fresh();
  if (hand.where.at !== "home") return false;
  const { seen } = yield* hand.press(way.press, "go-in", null);
  if (seen.kind === "digits") yield* enterCode(hand, seen, way.press);
  if (!isMenu(hand.shown)) {
    hand.where = { at: "elsewhere" };
    return false;
  }
  countCode(place, codeIn(hand.shown));
  const at = indexOfCode(place, codeIn(hand.shown));
  hand.where = { at: "menu", page, index: Math.max(0, at) };
  if (at > 0) place.opensAt = "last-visited";
  return true;
}

/** Into a menu behind a chord of another page. */
function* enterInside(hand: Hand, page: number, from: number, press: Press): Asking<boolean> {
  const isThere = hand.where.at === "menu" && hand.where.page === from;
  if (!isThere && !(yield* enterPage(hand, from))) return false;
  const { seen } = yield* hand.press(press, "go-in", null);
  const place = hand.model.pages[page];
  if (!place || !isMenu(seen)) {
    hand.where = { at: "elsewhere" };
    return false;
  }
  countCode(place, codeIn(seen));
  const at = indexOfCode(place, codeIn(seen));
  hand.where = { at: "menu", page, index: Math.max(0, at) };
  if (at > 0) place.opensAt = "last-visited";
  return true;
}

/** Onto a page, at whatever entry it opens, by the entries that lead to it. */
export function* enterPage(hand: Hand, page: number): Asking<boolean> {
  const place = hand.model.pages[page];
  if (!place) return false;
  if (place.from.kind === "keys") return yield* enterRoot(hand, page);
  const parent = place.from.page;
  const above = hand.model.pages[parent];
  const at = above?.entries.findIndex((entry) => entry.kind === "page" && entry.page === page) ?? -1;
  if (at < 0) return false;
  const isThere = hand.where.at === "menu" && hand.where.page === parent;
  if (!isThere && !(yield* enterPage(hand, parent))) return false;
  if (!(yield* goTo(hand, at))) {
    // It did not stand where it was thought to: from the beginning, once.
    if (!isThere || !(yield* enterPage(hand, parent)) || !(yield* goTo(hand, at))) return false;
  }
  const seen = yield* hand.does("select", undefined, "open", null);
  if (!seen || !isMenu(seen)) return false;
  countCode(place, codeIn(seen));
  const index = Math.max(0, indexOfCode(place, codeIn(seen)));
  hand.where = { at: "menu", page, index };
  if (index > 0) place.opensAt = "last-visited";
  return true;
}

/** Along the page in hand to an entry, the short way round. False where no key leads there, or it shows another. */
export function* goTo(hand: Hand, index: number, purpose: Purpose = "go-in"): Asking<boolean> {
  const { page, where } = hand;
  if (!page || where.at !== "menu") return false;
  const count = page.entries.length;
  for (let i = 0; i <= count; i++) {
    const now = hand.where;
    if (now.at !== "menu") return false;
    if (now.index === index) return true;
    const ahead = (index - now.index + count) % count;
    const canBack = roleAt(hand.model, hand.place, "previous-entry") !== null;
    const canOn = roleAt(hand.model, hand.place, "next-entry") !== null;
    const rings = page.atEnds === "wrap";
    const back = canBack && (!canOn || (rings ? count - ahead < ahead : index < now.index));
    if (!back && (!canOn || (!rings && index < now.index))) return false;
    if (!(yield* stepEntry(hand, back ? -1 : 1, purpose))) return false;
  }
  return false;
}

/** One entry on or back, held against what the page is known to have there. */
export function* stepEntry(hand: Hand, by: 1 | -1, purpose: Purpose): Asking<boolean> {
  const { page, where } = hand;
  if (!page || where.at !== "menu") return false;
  const kind = by === 1 ? "next-entry" : "previous-entry";
  const seen = yield* hand.does(kind, undefined, purpose, null);
  if (!seen) return false;
  if (!isMenu(seen)) {
    hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    return false;
  }
  const count = page.entries.length;
  const expected = (where.index + by + count) % count;
  let shown = seen;
  // The code is what tells: what it shows there may have changed since.
  if (codeIn(shown) !== codeOfEntry(page.entries[expected])) {
    const entry = page.entries[expected];
    const expect: Seen =
      entry && entry.kind !== "line" && entry.code
        ? { kind: "entry", code: entry.code }
        : { kind: "line", code: entry?.code ?? "", shows: "shows" in shown ? shown.shows : "", blinks: false };
    shown = yield* hand.lookAgain(shown, expect);
    hand.shown = shown;
  }
  const code = codeIn(shown);
  if (code !== null && indexOfCode(page, code) < 0) mend(page, expected, shown);
  const at = indexOfCode(page, code);
  if (at >= 0) countCode(page, code);
  hand.where = at < 0 ? { at: "elsewhere" } : { at: "menu", page: where.page, index: at };
  return at >= 0;
}

/** Looked at twice, another code stands there than was told once: the page is mended. */
function mend(page: SeenPage, index: number, shown: Seen): void {
  const was = page.entries[index];
  const entry = entrySeen(shown);
  if (!was || !entry || (page.times.get(was.code) ?? 0) > 1) return;
  page.entries[index] = entry;
  countCode(page, entry.code);
}

/** What stands on a page, from a look at it. */
export const entrySeen = (seen: Seen): SeenEntry | null => {
  if (seen.kind === "entry") return { kind: "unknown", code: seen.code };
  if (seen.kind !== "line") return null;
  return {
    kind: "line",
    code: seen.code,
    found: seen.shows,
    values: null,
    atEnds: null,
    valuesTwice: false,
    sweptBy: null,
    changes: null,
    influence: "not-tried",
    shownWith: new Map<string, ReadonlySet<string>>(),
  };
};
