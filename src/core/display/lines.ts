/** Lines put into a description and taken out of it, with the pages that list them. */
import { rawValues, shows } from "./encoding";
import type { Claim, DisplayProfile, Encoding, Line } from "./profile";
import { SETTINGS } from "./settings";

/** A line nothing is known of yet. */
export const newLine = (
  code: string,
  encoding: Encoding = { kind: "reserved", setting: null, rawMin: 0, rawMax: 9 },
  factoryRaw: number | null = null,
  claims: readonly Claim[] = [],
): Line => ({
  code,
  encoding,
  atEnds: "stop",
  factoryRaw,
  makerOnly: encoding.setting !== null && SETTINGS[encoding.setting].setBy === "maker",
  note: null,
  shownWhen: null,
  mattersWhen: null,
  effect: "not-tried",
  claims: [...claims],
});

/** A line written another way; the maker's value stays where the line still shows it, and is not known otherwise. */
export function lineAs(line: Line, encoding: Encoding): Line {
  const { factoryRaw } = line;
  const showed = factoryRaw === null || line.encoding.kind === "read-only" ? null : shows(line.encoding, factoryRaw);
  const kept = showed === null ? undefined : rawValues(encoding).find((raw) => shows(encoding, raw) === showed);
  return { ...line, encoding, factoryRaw: kept ?? null };
}

/**
 * The same profile with these lines; entries of lines that are gone go with them, new ones stand at the end of the
 * first page.
 */
export function withLines(profile: DisplayProfile, lines: readonly Line[]): DisplayProfile {
  const codes = new Set(lines.map((line) => line.code));
  const pages = profile.menu.pages.map((page) => ({
    ...page,
    entries: page.entries.filter((entry) => entry.kind !== "line" || codes.has(entry.line)),
  }));
  const listed = new Set(
    pages.flatMap((page) => page.entries.flatMap((entry) => (entry.kind === "line" ? [entry.line] : []))),
  );
  // A line no page listed before, set by a procedure, stays on none.
  const unlisted = new Set(profile.lines.map((line) => line.code).filter((code) => !listed.has(code)));
  const added = lines
    .filter((line) => !listed.has(line.code) && !unlisted.has(line.code))
    .map((line) => ({ kind: "line" as const, line: line.code }));
  const flat = unlisted.size === 0 && pages.length === 1 && pages[0]?.entries.every((entry) => entry.kind === "line");
  const [first, ...others] = pages;
  const entries = flat
    ? lines.map((line) => ({ kind: "line" as const, line: line.code }))
    : [...(first?.entries ?? []), ...added];
  return {
    ...profile,
    lines: [...lines],
    menu: {
      ...profile.menu,
      pages: first ? [{ ...first, entries }, ...others].filter((page) => page.entries.length > 0) : profile.menu.pages,
    },
  };
}
