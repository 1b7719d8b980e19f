/** The menu taken apart and put together: pages, entries and keys, with all that names them. */
import { entryCode, layoutOf, type DisplayProfile, type Entry, type KeyRule, type Page } from "../profile";
import { newLine } from "../lines";
import { held, plainRule } from "../rules";
import { withLineAt } from "../draft";

/** Where an entry stands. */
export interface EntrySpot {
  readonly page: number;
  readonly at: number;
}

const withPages = (profile: DisplayProfile, pages: readonly Page[]): DisplayProfile => ({
  ...profile,
  menu: { ...profile.menu, pages: [...pages] },
});

const withEntries = (profile: DisplayProfile, page: number, entries: readonly Entry[]): DisplayProfile =>
  withPages(
    profile,
    profile.menu.pages.map((each, i) => (i === page ? { ...each, entries: [...entries] } : each)),
  );

/** A word none of the others is: the first that is free, counted on. */
export function freeName(taken: readonly string[], stem: string): string {
  const counted = [...Array(taken.length + 1).keys()].map((i) => `${stem}${i === 0 ? "" : `-${i + 1}`}`);
  return counted.find((name) => !taken.includes(name)) ?? stem;
}

/** Codes of everything the menu shows. */
const codesIn = (profile: DisplayProfile): ReadonlySet<string> =>
  new Set([
    ...profile.lines.map(({ code }) => code),
    ...profile.menu.pages.flatMap(({ entries }) => entries.flatMap((entry) => ("code" in entry ? [entry.code] : []))),
  ]);

/** A code nothing in the menu has: the one before counted on, "a3" after "a2"; a stand-in where it ends in none. */
export function freeCode(profile: DisplayProfile, before: string | null): string {
  const taken = codesIn(profile);
  const [, stem = "", digits = ""] = /^(.*?)(\d+)$/.exec(before ?? "") ?? [];
  const [first, from] = digits === "" ? ["new-", 0] : [stem, Number(digits)];
  const counted = [...Array(taken.size + 1).keys()].map((i) => `${first}${from + i + 1}`);
  return counted.find((code) => !taken.has(code)) ?? "new";
}

/** The code of the entry a new one would follow. */
export function codeBefore({ menu }: DisplayProfile, { page, at }: EntrySpot): string | null {
  const entry = menu.pages[page]?.entries.slice(0, at).at(-1);
  return entry ? entryCode(entry) : null;
}

/** Codes of lines as the menu shows them from its first page down, groups opened where they stand. */
function menuOrder({ menu }: DisplayProfile): readonly string[] {
  const seen = new Set<string>();
  const under = (page: Page | undefined): readonly string[] => {
    if (!page || seen.has(page.id)) return [];
    seen.add(page.id);
    return page.entries.flatMap((entry) => {
      if (entry.kind === "line") return [entry.line];
      return entry.kind === "page" ? under(menu.pages.find(({ id }) => id === entry.page)) : [];
    });
  };
  return menu.pages.flatMap(under);
}

/** Lines stand in the order the menu shows them: one just put in or moved follows the line before it. */
function inOrder(profile: DisplayProfile, code: string): DisplayProfile {
  const order = menuOrder(profile);
  const line = profile.lines.find((each) => each.code === code);
  if (!line || !order.includes(code)) return profile;
  const [before, after] = [order[order.indexOf(code) - 1], order[order.indexOf(code) + 1]];
  const others = profile.lines.filter((each) => each !== line);
  const place = (other: string | undefined) => others.findIndex((each) => each.code === other);
  const at =
    before !== undefined ? place(before) + 1 : after !== undefined ? place(after) : profile.lines.indexOf(line);
  const lines = others.toSpliced(at, 0, line);
  return lines.every((each, i) => each === profile.lines[i]) ? profile : { ...profile, lines };
}

/** A new line on a page, and its code. */
export function withNewLine(
  profile: DisplayProfile,
  { page, at }: EntrySpot,
): { readonly profile: DisplayProfile; readonly code: string } {
  const code = freeCode(profile, codeBefore(profile, { page, at }));
  const added = { ...profile, lines: [...profile.lines, newLine(code)] };
  return { profile: inOrder(withEntry(added, { page, at }, { kind: "line", line: code }), code), code };
}

/** An entry put in. */
export function withEntry(profile: DisplayProfile, { page, at }: EntrySpot, entry: Entry): DisplayProfile {
  const entries = profile.menu.pages[page]?.entries;
  return entries ? withEntries(profile, page, entries.toSpliced(at, 0, entry)) : profile;
}

const newPage = (profile: DisplayProfile, name: string, line: string): Page => ({
  id: freeName(
    profile.menu.pages.map(({ id }) => id),
    "page",
  ),
  name,
  entries: [{ kind: "line", line }],
  atEnds: "wrap",
  opensAt: "first",
  changing: null,
});

/** A page nothing opens yet, with one line, at the end. */
export function withNewPage(
  profile: DisplayProfile,
  name: string,
): { readonly profile: DisplayProfile; readonly page: Page } {
  const line = newLine(freeCode(profile, null));
  const page = newPage(profile, name, line.code);
  return { profile: withPages({ ...profile, lines: [...profile.lines, line] }, [...profile.menu.pages, page]), page };
}

/** A group: an entry that opens a page of its own, with one line. */
export function withNewGroup(profile: DisplayProfile, spot: EntrySpot, name: string): DisplayProfile {
  const { profile: added, page } = withNewPage(profile, name);
  const grouped = withEntry(added, spot, {
    kind: "page",
    code: freeCode(added, codeBefore(added, spot)),
    page: page.id,
  });
  return linesOn(page.entries).reduce(inOrder, grouped);
}

/** Keys that open a page: those of the first page at home, held longer, until somebody says which they are. */
export function withWayIn(profile: DisplayProfile, page: string): DisplayProfile {
  const like = profile.rules.find((rule) => rule.does.kind === "open-page");
  const keys = like?.keys ?? profile.keys.slice(0, 2).map(({ id }) => id);
  return withRule(
    profile,
    plainRule(like ? "menu" : "home", keys, held(2000), { kind: "open-page", page, code: null }),
  );
}

/** An entry moved, within its page or to another. A page keeps at least one, and never stands within itself. */
export function withEntryMoved(profile: DisplayProfile, from: EntrySpot, to: EntrySpot): DisplayProfile {
  const page = profile.menu.pages[from.page];
  const entry = page?.entries[from.at];
  if (!page || !entry || !profile.menu.pages[to.page]) return profile;
  if (from.page !== to.page && (page.entries.length < 2 || isWithin(profile, entry, to.page))) return profile;
  const moved = withEntry(withEntries(profile, from.page, page.entries.toSpliced(from.at, 1)), to, entry);
  return entry.kind === "line" ? inOrder(moved, entry.line) : moved;
}

/** Whether a page is the one an entry opens, or stands somewhere below it. */
function isWithin(profile: DisplayProfile, entry: Entry, page: number): boolean {
  if (entry.kind !== "page") return false;
  const layout = layoutOf(profile);
  const below = (at: number, seen: readonly number[]): boolean =>
    at === page ||
    (!seen.includes(at) &&
      (layout.pages[at]?.entries ?? []).some(({ opens }) => opens >= 0 && below(opens, [...seen, at])));
  return below(layout.pageById.get(entry.page) ?? -1, []);
}

/** Lines a page lists. */
const linesOn = (entries: readonly Entry[]): readonly string[] =>
  entries.flatMap((entry) => (entry.kind === "line" ? [entry.line] : []));

/** Without these lines, but for those a page still lists. What named them is told by the check of the description. */
function without(profile: DisplayProfile, codes: readonly string[]): DisplayProfile {
  const listed = new Set(profile.menu.pages.flatMap(({ entries }) => linesOn(entries)));
  return { ...profile, lines: profile.lines.filter(({ code }) => listed.has(code) || !codes.includes(code)) };
}

/** A page taken out, with the lines on it, the pages only it opens, and whatever opened it. */
export function withoutPage(profile: DisplayProfile, id: string): DisplayProfile {
  const opened = profile.menu.pages.flatMap(({ id: other, entries }) =>
    other === id ? entries.flatMap((entry) => (entry.kind === "page" ? [entry.page] : [])) : [],
  );
  const pages = profile.menu.pages
    .filter((page) => page.id !== id)
    .map((page) => ({ ...page, entries: page.entries.filter((entry) => entry.kind !== "page" || entry.page !== id) }));
  const rules = profile.rules.filter(({ does }) => does.kind !== "open-page" || does.page !== id);
  const gone = profile.menu.pages.find((page) => page.id === id);
  const left = without({ ...withPages(profile, pages), rules }, linesOn(gone?.entries ?? []));
  const orphans = opened.filter((page) => left.menu.pages.some((each) => each.id === page) && !isOpened(left, page));
  return orphans.reduce(withoutPage, left);
}

const isOpened = (profile: DisplayProfile, id: string): boolean =>
  profile.rules.some(({ does }) => does.kind === "open-page" && does.page === id) ||
  profile.menu.pages.some(({ entries }) => entries.some((entry) => entry.kind === "page" && entry.page === id));

/** An entry taken out: a line with its description, a group with the page it alone opens. */
export function withoutEntry(profile: DisplayProfile, { page, at }: EntrySpot): DisplayProfile {
  const entries = profile.menu.pages[page]?.entries ?? [];
  const gone = entries[at];
  const left = withEntries(profile, page, entries.toSpliced(at, 1));
  if (gone?.kind === "page") return isOpened(left, gone.page) ? left : withoutPage(left, gone.page);
  return gone ? without(left, linesOn([gone])) : left;
}

/** A line called otherwise, by all that name it; null where another line or entry is called so. */
export function withCode(profile: DisplayProfile, code: string, next: string): DisplayProfile | null {
  const at = profile.lines.findIndex((line) => line.code === code);
  const line = profile.lines[at];
  if (!line || (next !== code && profile.lines.some((other) => other.code === next))) return null;
  return withLineAt(profile, at, { ...line, code: next });
}

/** An entry called otherwise; null where a line, or another entry of its page, is called so. */
export function withEntryCode(profile: DisplayProfile, spot: EntrySpot, next: string): DisplayProfile | null {
  const entries = profile.menu.pages[spot.page]?.entries ?? [];
  const entry = entries[spot.at];
  if (!entry) return null;
  const alike = entries.some((other, at) => at !== spot.at && entryCode(other) === next);
  if (alike) return null;
  if (entry.kind === "line") return withCode(profile, entry.line, next);
  return withEntries(profile, spot.page, entries.with(spot.at, { ...entry, code: next }));
}

/** What the info line can show, said anew at one place: rules that name it follow. */
export function withInfoLine(profile: DisplayProfile, at: number, next: string): DisplayProfile {
  const was = profile.infoLines[at];
  const rules = profile.rules.map((rule) =>
    rule.infoLine === was && was !== undefined ? { ...rule, infoLine: next } : rule,
  );
  return { ...profile, rules, infoLines: profile.infoLines.with(at, next) };
}

/** The same with a rule more, at the end. */
export const withRule = (profile: DisplayProfile, rule: KeyRule): DisplayProfile => ({
  ...profile,
  rules: [...profile.rules, rule],
});

/** What a new rule of a screen is taken to do until somebody says. */
const FIRST_DEED = {
  off: "power-on",
  home: "toggle-lamp",
  menu: "back",
  code: "back",
  confirm: "back",
  monitor: "back",
} as const satisfies Readonly<Record<KeyRule["on"], KeyRule["does"]["kind"]>>;

/** A rule more on a screen, for somebody to say what it does: its first key, tapped twice. */
export function withNewRule(profile: DisplayProfile, on: KeyRule["on"]): DisplayProfile {
  const keys = profile.keys.slice(0, 1).map(({ id }) => id);
  return withRule(profile, plainRule(on, keys, { kind: "double-tap" }, { kind: FIRST_DEED[on] }));
}

/** An entry made another kind under the code it has: a line that turns out to be a group, a way out or an action. */
export function withEntryAs(
  profile: DisplayProfile,
  spot: EntrySpot,
  kind: Entry["kind"],
  name: string,
): DisplayProfile {
  const entry = profile.menu.pages[spot.page]?.entries[spot.at];
  if (!entry || entry.kind === kind) return profile;
  const code = entryCode(entry);
  const left = withoutEntry(profile, spot);
  switch (kind) {
    case "line":
      return inOrder(withEntry({ ...left, lines: [...left.lines, newLine(code)] }, spot, { kind, line: code }), code);
    case "page": {
      const { profile: added, page } = withNewPage(left, name);
      return withEntry(added, spot, { kind, code, page: page.id });
    }
    case "exit":
      return withEntry(left, spot, { kind, code, saves: true });
    case "action":
      return withEntry(left, spot, { kind, code, action: "clear-trip", asks: "yes-no" });
  }
}

/** Rules that press a key, or let it go. */
export const rulesWith = ({ rules }: DisplayProfile, key: string): readonly KeyRule[] =>
  rules.filter(
    ({ keys, gesture }) => keys.includes(key) || (gesture.kind === "keep-holding" && gesture.released.includes(key)),
  );
