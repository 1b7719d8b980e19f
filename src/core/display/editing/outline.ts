/** The menu as it is drawn: pages that keys open, what stands on them, and the pages their entries open within. */
import { entryCode, layoutOf, type DisplayProfile, type Entry, type KeyRule, type Page } from "../profile";

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

/** What tells an entry from all others: its page, its kind and what it is called there. */
export const entryName = (pageId: string, kind: Entry["kind"], code: string): string => `${pageId}/${kind}/${code}`;

/** The same entry on another page. */
export const nameOnPage = (name: string, pageId: string): string => [pageId, ...name.split("/").slice(1)].join("/");

/** What an entry of that name is called, without its page and kind. */
export const codeInName = (name: string): string => name.split("/").slice(2).join("/");

/** Where the entry of that name stands; null where none is called so. */
export function spotOf({ menu }: DisplayProfile, name: string): { readonly page: number; readonly at: number } | null {
  for (const [page, drawn] of menu.pages.entries()) {
    const at = drawn.entries.findIndex((entry) => entryName(drawn.id, entry.kind, entryCode(entry)) === name);
    if (at >= 0) return { page, at };
  }
  return null;
}
