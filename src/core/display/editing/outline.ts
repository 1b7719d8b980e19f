/** The menu as it is drawn: pages that keys open, what stands on them, and the pages their entries open within. */
import { layoutOf, type DisplayProfile, type KeyRule, type Page } from "../profile";

export interface DrawnPage {
  readonly page: Page;
  readonly index: number;
  /** Keys that open it; none where an entry does, or nothing. */
  readonly openedBy: readonly KeyRule[];
}

export interface Outline {
  /** Pages opened by keys, the first page first; pages nothing opens stand among them. */
  readonly roots: readonly DrawnPage[];
  /** Codes of lines no page lists: a procedure sets them. */
  readonly unlisted: readonly string[];
}

/** The rules that open a page. */
export const openersOf = ({ rules }: DisplayProfile, id: string): readonly KeyRule[] =>
  rules.filter(({ does }) => does.kind === "open-page" && does.page === id);

/** How a menu is drawn. */
export function outlineOf(profile: DisplayProfile): Outline {
  const { pages, placeOfLine } = layoutOf(profile);
  const roots = pages.flatMap(({ page, parent }, index) => {
    const openedBy = openersOf(profile, page.id);
    return parent === null || openedBy.length > 0 || index === 0 ? [{ page, index, openedBy }] : [];
  });
  return { roots, unlisted: profile.lines.flatMap(({ code }, i) => (placeOfLine[i] ? [] : [code])) };
}

/** What tells an entry from all others: its page and what it is called there. */
export const entryName = (page: Page, at: number): string => {
  const entry = page.entries[at];
  return entry ? `${page.id}/${entry.kind}/${entry.kind === "line" ? entry.line : entry.code}` : "";
};

/** Where the entry of that name stands; null where none is called so. */
export function spotOf({ menu }: DisplayProfile, name: string): { readonly page: number; readonly at: number } | null {
  for (const [page, drawn] of menu.pages.entries()) {
    const at = drawn.entries.findIndex((_, i) => entryName(drawn, i) === name);
    if (at >= 0) return { page, at };
  }
  return null;
}
