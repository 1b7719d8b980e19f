/**
 * The display profile: a display described as data. Keys and what they do on each screen, pages of lines, how a change
 * is made, saved and put in force, and per line the encoding of one canonical setting, of several, or of none.
 */
import { kindOf } from "./encodings/table";
import type { Conditions, DisplayProfile, Entry, Line, Page } from "./profileTypes";
import type { SettingKey } from "./settings";

export { FORMAT, FORMAT_VERSION, MOST_LINES } from "./profileFormat";
export type {
  Action,
  Claim,
  Asks,
  Condition,
  Conditions,
  Deed,
  DisplayKey,
  DisplayProfile,
  Encoding,
  Entry,
  KeyRule,
  Line,
  Page,
} from "./profileTypes";

/** The value lines in the order the menu shows them; a raw column has one value for each. */
export const linesOf = (profile: DisplayProfile): readonly Line[] => profile.lines;

/** Settings a line has a say in: none, one or several. */
export const settingsOf = ({ encoding }: Line): readonly SettingKey[] => kindOf(encoding).settings(encoding);

/** Where a line stands in the menu, or -1. */
export const lineIndex = (profile: DisplayProfile, code: string): number => layoutOf(profile).byCode.get(code) ?? -1;

/** First line that has a say in a canonical setting, or null. */
export const lineSetting = (profile: DisplayProfile, setting: SettingKey): Line | null =>
  profile.lines.find((line) => settingsOf(line).includes(setting)) ?? null;

/** The maker's values of all lines, in menu order; null where nobody has stated one. */
export const factoryRaws = (profile: DisplayProfile): readonly (number | null)[] =>
  profile.lines.map((line) => line.factoryRaw);

/**
 * Values a simulated display can stand on where nobody knows what the real one holds: the maker's, else the first the
 * line has. They are no fact of any display, and nothing is judged by them.
 */
export const standInRaws = (profile: DisplayProfile): readonly number[] =>
  profile.lines.map(({ encoding, factoryRaw }) => factoryRaw ?? kindOf(encoding).raws(encoding)[0] ?? 0);

/** What an entry is called: the code the display writes. */
export const entryCode = (entry: Entry): string => (entry.kind === "line" ? entry.line : entry.code);

/** What a line calls itself: the code the display writes. */
export const codeOf = (profile: DisplayProfile, index: number): string => profile.lines[index]?.code ?? "";

// ── where everything stands, worked out once per profile ────────────────────────────────────────────────────────────

export interface EntryPlace {
  readonly entry: Entry;
  /** Index of the line, or -1 where the entry is none. */
  readonly line: number;
  /** Index of the page it opens, or -1. */
  readonly opens: number;
  /** What all must hold for it to be there; none where it always is. */
  readonly shownWhen: readonly { readonly line: number; readonly raws: readonly number[] }[];
}

export interface PagePlace {
  readonly page: Page;
  readonly entries: readonly EntryPlace[];
  /** Page and entry that lead here, or null for a page opened by keys. */
  readonly parent: { readonly page: number; readonly at: number } | null;
}

export interface Layout {
  readonly byCode: ReadonlyMap<string, number>;
  readonly pageById: ReadonlyMap<string, number>;
  readonly pages: readonly PagePlace[];
  /** Page and entry of each line, or null where no page lists it. */
  readonly placeOfLine: readonly ({ readonly page: number; readonly at: number } | null)[];
  /** Lines another line's presence hangs on. */
  readonly controllers: readonly number[];
}

const layouts = new WeakMap<DisplayProfile, Layout>();

/** Where every line and page of a profile stands. */
export function layoutOf(profile: DisplayProfile): Layout {
  const known = layouts.get(profile);
  if (known) return known;
  const byCode = new Map(profile.lines.map((line, i) => [line.code, i]));
  const pageById = new Map(profile.menu.pages.map((page, i) => [page.id, i]));
  const conditionsAt = (conditions: Conditions | null) =>
    (conditions ?? []).map(({ line, raws }) => ({ line: byCode.get(line) ?? -1, raws }));
  const pages = profile.menu.pages.map((page, index): PagePlace => {
    let parent: PagePlace["parent"] = null;
    profile.menu.pages.forEach((other, p) =>
      other.entries.forEach((entry, at) =>
        entry.kind === "page" && entry.page === page.id && p !== index ? (parent ??= { page: p, at }) : null,
      ),
    );
    return {
      page,
      parent,
      entries: page.entries.map((entry): EntryPlace => {
        const line = entry.kind === "line" ? (byCode.get(entry.line) ?? -1) : -1;
        return {
          entry,
          line,
          opens: entry.kind === "page" ? (pageById.get(entry.page) ?? -1) : -1,
          shownWhen: conditionsAt(profile.lines[line]?.shownWhen ?? null),
        };
      }),
    };
  });
  const placeOfLine = profile.lines.map((_, index) => {
    for (const [p, place] of pages.entries()) {
      const at = place.entries.findIndex(({ line }) => line === index);
      if (at >= 0) return { page: p, at };
    }
    return null;
  });
  const controllers = [
    ...new Set(profile.lines.flatMap((line) => (line.shownWhen ?? []).map((each) => byCode.get(each.line) ?? -1))),
  ].filter((i) => i >= 0);
  const layout: Layout = { byCode, pageById, pages, placeOfLine, controllers };
  layouts.set(profile, layout);
  return layout;
}

/** Whether all conditions on other lines hold under these raw values. */
export const holds = (
  conditions: Conditions | null,
  profile: DisplayProfile,
  raws: readonly (number | null)[],
): boolean =>
  (conditions ?? []).every((condition) => {
    const raw = raws[lineIndex(profile, condition.line)];
    return raw !== null && raw !== undefined && condition.raws.includes(raw);
  });

/** Whether the menu has a line at all under these raw values. */
export const isShown = (profile: DisplayProfile, index: number, raws: readonly (number | null)[]): boolean =>
  holds(profile.lines[index]?.shownWhen ?? null, profile, raws);

/** Whether a line does anything under these raw values: it is relevant, and this firmware heeds it. */
export function matters(profile: DisplayProfile, index: number, raws: readonly (number | null)[]): boolean {
  const line = profile.lines[index];
  return (
    line !== undefined &&
    line.effect !== "none" &&
    holds(line.shownWhen, profile, raws) &&
    holds(line.mattersWhen, profile, raws)
  );
}
