/**
 * Lines that come and go with another line's value, on its own page or on another: each value of a short list is set,
 * and the pages gone round.
 */
import type { Hand } from "./hand";
import { roleAt, seenAt, type Model, type SeenLine, type SeenPage } from "./model";
import { climb, codeIn, enterPage, entrySeen, goToLine, indexOfCode } from "./nav";
import { keepAsItStands, setTo, visit } from "./putBack";
import type { Asking, Seen } from "./questions";
import { sweepLine } from "./sweep";
import { allShown } from "./values";
import { isMenu } from "./waysIn";

/** A line with more values than this is not tried: it would take too long at the keys. */
const MOST_VALUES = 4;
/** So many short lines are tried together first. */
const FEWEST_TOGETHER = 3;

interface ShortLine {
  readonly page: number;
  readonly line: SeenLine;
}

/** Codes that stand on each page; a page nobody went round is not in it. */
type Present = ReadonlyMap<number, ReadonlySet<string>>;

/** Tries every short line of the menu. */
export function* findInfluences(hand: Hand): Asking<void> {
  const { pages } = hand.model;
  const walked = pages.flatMap(({ walked: is }, page) => (is ? [page] : []));
  const rounds = walked.filter((page) => canGoRound(hand, page));
  const found: Present = new Map(walked.map((page) => [page, new Set(pages[page]?.stood)]));
  if (walked.reduce((sum, page) => sum + (found.get(page)?.size ?? 0), 0) < 2) return;
  const lines = rounds.flatMap((page) =>
    (pages[page]?.entries ?? []).flatMap((line): ShortLine[] =>
      line.kind === "line" && isShort(line) ? [{ page, line }] : [],
    ),
  );
  const changing = lines.length >= FEWEST_TOGETHER ? yield* changedTogether(hand, lines, rounds, found) : rounds;
  if (changing === null) return;
  for (const { page, line } of lines) {
    const tried = changing.length === 0 || (yield* tryLine(hand, page, line, changing, found));
    if (changing.length === 0) line.shownWith.set(line.found, everywhere(found, new Map()));
    // A page that cannot be gone round again may hold lines nobody saw come or go.
    if (tried && rounds.length === walked.length) line.influence = "tried";
  }
}

const valuesOf = ({ values }: SeenLine): readonly string[] => (values ? allShown(values) : []);
const isShort = (line: SeenLine): boolean => valuesOf(line).length >= 2 && valuesOf(line).length <= MOST_VALUES;

/** A list that stops at its ends is gone back along, or come to anew, to be gone through again. */
const canGoRound = ({ model }: Hand, page: number): boolean => {
  const place = model.pages[page];
  return (
    place?.atEnds === "wrap" || place?.entries.length === 1 || canGoBack(model, page) || place?.opensAt === "first"
  );
};

const canGoBack = (model: Model, page: number): boolean =>
  roleAt(model, { on: "menu", page, blinks: false }, "previous-entry") !== null;

/** At the beginning of a page in hand that stops at its ends: gone back to, or come to anew. */
function* toBeginning(hand: Hand, page: number): Asking<boolean> {
  const { model } = hand;
  const place = model.pages[page];
  // Where an entry stood alone, nobody knows yet how the page ends.
  if (!place || place.atEnds === "wrap" || place.stood.size === 1) return true;
  if (!canGoBack(model, page)) {
    const isFirst = codeIn(hand.shown) === place.first;
    return isFirst || ((yield* leaveAndKeep(hand, page)) && (yield* enterPage(hand, page)));
  }
  for (let i = 0; i <= place.entries.length; i++) {
    const before = codeIn(hand.shown);
    const seen = yield* hand.does("previous-entry", undefined, "comes-and-goes", null);
    if (!seen || !isMenu(seen)) return false;
    if (codeIn(seen) === before) return true;
  }
  return true;
}

/** Out of a page by the key that leads back, else out of the menu, and nothing lost. */
function* leaveAndKeep(hand: Hand, page: number): Asking<boolean> {
  const from = hand.model.pages[page]?.from;
  return from?.kind === "entry" && (yield* climb(hand, from.page)) ? true : yield* keepAsItStands(hand);
}

/** What stands everywhere: as found, but for the pages gone round since. */
const everywhere = (found: Present, now: Present): ReadonlySet<string> =>
  new Set([...found].flatMap(([page, codes]) => [...(now.get(page) ?? codes)].map((code) => seenAt(page, code))));

/**
 * All short lines set one value on, and the pages gone round, until each has stood at all its values: the pages where
 * other codes stand than were found; none where no line brings another or takes it away. Null where it could not be
 * told.
 */
function* changedTogether(
  hand: Hand,
  lines: readonly ShortLine[],
  rounds: readonly number[],
  found: Present,
): Asking<readonly number[] | null> {
  const changed = new Set<number>();
  const most = Math.max(...lines.map(({ line }) => valuesOf(line).length)) - 1;
  for (let round = 1; round <= most; round++) {
    yield* setAll(hand, lines, (line) => {
      const values = valuesOf(line);
      return values[(values.indexOf(line.found) + Math.min(round, values.length - 1)) % values.length] ?? line.found;
    });
    const now = yield* goRoundAll(hand, rounds);
    if (!now) return null;
    for (const [page, codes] of now) if (!sameCodes(codes, found.get(page))) changed.add(page);
  }
  // A line taken away by another is there again once that one stands as it was found.
  for (let pass = 0; pass < (changed.size === 0 ? 1 : 2); pass++) yield* setAll(hand, lines, (line) => line.found);
  return [...changed];
}

const sameCodes = (a: ReadonlySet<string>, b: ReadonlySet<string> | undefined): boolean =>
  a.size === b?.size && [...a].every((code) => b.has(code));

/** Every one of the lines set to a value of its own, where it stands there. */
function* setAll(hand: Hand, lines: readonly ShortLine[], valueOf: (line: SeenLine) => string): Asking<void> {
  for (const { page, line } of lines) {
    if (!(yield* visit(hand, page))) continue;
    if (yield* goToLine(hand, line)) yield* setTo(hand, line, valueOf(line));
  }
}

/** One line set to each of its values, and the pages gone round each time; false where that could not be done. */
function* tryLine(
  hand: Hand,
  page: number,
  line: SeenLine,
  rounds: readonly number[],
  found: Present,
): Asking<boolean> {
  line.shownWith.set(line.found, everywhere(found, new Map()));
  for (const shows of [...valuesOf(line).filter((each) => each !== line.found), line.found]) {
    if (!(yield* visit(hand, page)) || !(yield* goToLine(hand, line))) return false;
    if (!(yield* setTo(hand, line, shows))) return false;
    if (shows === line.found) return true;
    const now = yield* goRoundAll(hand, rounds);
    if (!now) return false;
    line.shownWith.set(shows, everywhere(found, now));
  }
  return true;
}

/** Every one of these pages gone round once, the one in hand first; null where one could not be. */
function* goRoundAll(hand: Hand, rounds: readonly number[]): Asking<Present | null> {
  const { where } = hand;
  const present = new Map<number, ReadonlySet<string>>();
  const first = rounds.filter((page) => where.at === "menu" && page === where.page);
  for (const page of new Set([...first, ...rounds])) {
    if (!(yield* visit(hand, page))) return null;
    const codes = yield* goRound(hand, page);
    if (!codes) return null;
    present.set(page, codes);
    const stood = hand.page?.stood;
    // Those that came up for the first time are seen from end to end while they are there.
    for (const line of [...(hand.page?.entries ?? [])])
      if (line.kind === "line" && line.changes === null && codes.has(line.code) && !stood?.has(line.code))
        if (yield* goToLine(hand, line)) yield* sweepLine(hand, line);
  }
  return present;
}

/** Once along the whole page in hand: the codes that stand there now. Codes nobody has seen before join the page. */
function* goRound(hand: Hand, page: number): Asking<ReadonlySet<string> | null> {
  const place = hand.model.pages[page];
  if (!place) return null;
  const codes = new Set<string>();
  const start = codeIn(hand.shown);
  const kind = roleAt(hand.model, hand.place, "next-entry") ? "next-entry" : "previous-entry";
  // Where no key is known that leads on, nobody can tell what else has come up.
  if (!roleAt(hand.model, hand.place, kind)) return null;
  if (!(yield* toBeginning(hand, page))) return null;
  let previous: string | null = codeIn(hand.shown);
  if (previous !== null && indexOfCode(place, previous) < 0) join(hand, place, null, hand.shown);
  if (previous !== null) codes.add(previous);
  for (let i = 0; i <= place.entries.length + 20; i++) {
    const seen = yield* hand.does(kind, undefined, "comes-and-goes", null);
    if (!seen || !isMenu(seen)) return null;
    const isNew = indexOfCode(place, codeIn(seen)) < 0;
    const code = codeIn(isNew ? yield* hand.makeSure(seen) : seen);
    if (code === null || code === previous) break;
    // One that stood alone is come round to now that others stand beside it.
    if (code === start && place.stood.size === 1) place.atEnds = "wrap";
    if (code === start && place.atEnds === "wrap") break;
    if (indexOfCode(place, code) < 0) join(hand, place, previous, hand.shown);
    codes.add(code);
    previous = code;
  }
  const at = indexOfCode(place, codeIn(hand.shown));
  hand.where = at < 0 ? { at: "elsewhere" } : { at: "menu", page, index: at };
  return codes;
}

function join(hand: Hand, place: SeenPage, after: string | null, seen: Seen): void {
  const entry = entrySeen(hand, seen);
  if (!entry) return;
  place.entries.splice(indexOfCode(place, after) + 1, 0, entry);
  place.times.set(entry.code, 2);
}
