/** Lines that come and go with another line's value: each value of a short list is set, and the page gone round. */
import type { Hand } from "./hand";
import { roleAt, type SeenLine, type SeenPage } from "./model";
import { codeIn, enterPage, entrySeen, goTo } from "./nav";
import type { Asking, Seen } from "./questions";
import { allShown } from "./values";
import { isMenu } from "./waysIn";

/** A line with more values than this is not tried: it would take too long at the keys. */
const MOST_VALUES = 4;

/** Tries every short line of a page, on that page. */
export function* findInfluences(hand: Hand, page: number): Asking<void> {
  const place = hand.model.pages[page];
  if (!place?.walked || place.entries.length < 2) return;
  // A list that stops at its ends is gone back along to be gone through again.
  if (place.atEnds === "stop" && !roleAt(hand.model, { on: "menu", page, blinks: false }, "previous-entry")) return;
  const lines = place.entries.filter((entry): entry is SeenLine => entry.kind === "line" && isShort(entry));
  if (lines.length >= FEWEST_TOGETHER && (yield* noneTogether(hand, page, lines))) return;
  for (const line of lines) {
    if (!(yield* onPage(hand, page))) return;
    yield* tryLine(hand, page, line, valuesOf(line));
  }
}

const valuesOf = ({ values }: SeenLine): readonly string[] => (values ? allShown(values) : []);
const isShort = (line: SeenLine): boolean => valuesOf(line).length >= 2 && valuesOf(line).length <= MOST_VALUES;

function* onPage(hand: Hand, page: number): Asking<boolean> {
  if (hand.where.at === "menu" && hand.where.page === page) return true;
  return yield* enterPage(hand, page);
}

/** So many short lines are tried together first. */
const FEWEST_TOGETHER = 3;

/**
 * All short lines of a page set one value on, and the page gone round, until each has stood at all its values: where
 * the same codes stand there each time, none of them brings a line or takes it away. Where one does, they are tried one
 * by one.
 */
function* noneTogether(hand: Hand, page: number, lines: readonly SeenLine[]): Asking<boolean> {
  const place = hand.model.pages[page];
  const [first] = lines;
  if (!place || !first) return false;
  const all = new Set(place.entries.map(({ code }) => code));
  const rounds = Math.max(...lines.map((line) => valuesOf(line).length)) - 1;
  let same = true;
  for (let round = 1; round <= rounds && same; round++) {
    const set = yield* setAll(hand, page, lines, (line) => {
      const values = valuesOf(line);
      return values[(values.indexOf(line.found) + Math.min(round, values.length - 1)) % values.length] ?? line.found;
    });
    const codes = set && (yield* onPage(hand, page)) ? yield* goRound(hand, page, first) : null;
    same = codes !== null && codes.size === all.size && [...all].every((code) => codes.has(code));
  }
  // A line taken away by another is there again once that one stands as it was found.
  for (let pass = 0; pass < (same ? 1 : 2); pass++) yield* setAll(hand, page, lines, ({ found }) => found);
  if (!same) return false;
  for (const line of lines) {
    line.shownWith.set(line.found, all);
    line.influence = "tried";
  }
  return true;
}

/** Every one of the lines set to a value of its own; whether each could be. */
function* setAll(
  hand: Hand,
  page: number,
  lines: readonly SeenLine[],
  valueOf: (line: SeenLine) => string,
): Asking<boolean> {
  const place = hand.model.pages[page];
  let all = true;
  for (const line of lines) {
    const index = place?.entries.indexOf(line) ?? -1;
    if (
      index < 0 ||
      !(yield* onPage(hand, page)) ||
      !(yield* goTo(hand, index)) ||
      !(yield* setTo(hand, line, valueOf(line)))
    )
      all = false;
  }
  return all;
}

function* tryLine(hand: Hand, page: number, line: SeenLine, values: readonly string[]): Asking<void> {
  const place = hand.model.pages[page];
  if (!place) return;
  line.shownWith.set(line.found, new Set(place.entries.map(({ code }) => code)));
  for (const shows of [...values.filter((each) => each !== line.found), line.found]) {
    if (!(yield* goTo(hand, place.entries.indexOf(line)))) return;
    if (!(yield* setTo(hand, line, shows))) return;
    if (shows === line.found) break;
    const codes = yield* goRound(hand, page, line);
    if (!codes) return;
    line.shownWith.set(shows, codes);
  }
  line.influence = "tried";
}

/** The line in hand set to show this, confirmed where it blinks, and come back to where confirming goes on. */
function* setTo(hand: Hand, line: SeenLine, shows: string): Asking<boolean> {
  const { page } = hand;
  if (hand.shown.kind !== "line" || hand.shown.code !== line.code) return false;
  if (hand.shown.shows === shows) return true;
  if (page?.blinks) yield* hand.does("select", undefined, "comes-and-goes", null);
  const all = line.values ? allShown(line.values) : [];
  const ahead = all.indexOf(shows) - all.indexOf(hand.shown.kind === "line" ? hand.shown.shows : "");
  const up = roleAt(hand.model, hand.place, "step-value", 1);
  const down = roleAt(hand.model, hand.place, "step-value", -1);
  const key = (line.atEnds === "stop" && ahead < 0) || !up ? (down ?? up) : up;
  if (!key) return false;
  for (let i = 0; i < all.length && hand.shown.kind === "line" && hand.shown.shows !== shows; i++)
    yield* hand.press(key.press, "comes-and-goes", null);
  const is = hand.shown.kind === "line" && hand.shown.shows === shows;
  if (!page?.blinks) return is;
  const { where } = hand;
  const seen = yield* hand.does("confirm-value", undefined, "comes-and-goes", null);
  if (!seen || !isMenu(seen)) return false;
  const at = page.entries.findIndex(({ code }) => code === codeIn(seen));
  if (at < 0) {
    hand.where = { at: "elsewhere" };
    return false;
  }
  if (where.at === "menu") hand.where = { ...where, index: at };
  return is;
}

/** Once along the whole page: the codes that stand there now. Codes nobody has seen before join the page. */
function* goRound(hand: Hand, page: number, line: SeenLine): Asking<ReadonlySet<string> | null> {
  const place = hand.model.pages[page];
  if (!place) return null;
  const codes = new Set<string>();
  const start = codeIn(hand.shown);
  const go = (kind: "next-entry" | "previous-entry") => hand.does(kind, undefined, "comes-and-goes", null);
  if (place.atEnds === "stop")
    for (let i = 0; i <= place.entries.length; i++) {
      const before = codeIn(hand.shown);
      const seen = yield* go("previous-entry");
      if (!seen || !isMenu(seen)) return null;
      if (codeIn(seen) === before) break;
    }
  const kind = roleAt(hand.model, hand.place, "next-entry") ? "next-entry" : "previous-entry";
  let previous: string | null = codeIn(hand.shown);
  if (previous !== null) codes.add(previous);
  for (let i = 0; i <= place.entries.length + 20; i++) {
    const seen = yield* go(kind);
    if (!seen || !isMenu(seen)) return null;
    const isNew = !place.entries.some((entry) => entry.code === codeIn(seen));
    const code = codeIn(isNew ? yield* hand.makeSure(seen) : seen);
    if (code === null || code === previous || (place.atEnds === "wrap" && code === start)) break;
    if (!place.entries.some((entry) => entry.code === code)) join(place, previous, hand.shown);
    codes.add(code);
    previous = code;
  }
  const at = place.entries.findIndex((entry) => entry.code === codeIn(hand.shown));
  hand.where = at < 0 ? { at: "elsewhere" } : { at: "menu", page, index: at };
  // Only the found value may show what the page was listed with.
  return codes.has(line.code) ? codes : null;
}

function join(place: SeenPage, after: string | null, seen: Seen): void {
  const entry = entrySeen(seen);
  if (!entry) return;
  place.entries.splice(place.entries.findIndex(({ code }) => code === after) + 1, 0, entry);
  place.times.set(entry.code, 2);
}
