/** Lines read off a text taken into a display: line by line, so that nothing known before is lost. */
import { rawValues, shows } from "./encoding";
import { isUnseen, lineAsSaid, lineFromLeaflet } from "./draft";
import { actionOf, type ReadLine } from "./leaflet/readLine";
import { withLines } from "./lines";
import { entryCode, type Claim, type DisplayProfile, type Line } from "./profile";

/** One line after another text spoke of it. */
function merged(was: Line, now: Line): Line {
  const claims = [...was.claims.filter((claim) => !now.claims.some((other) => sameWords(claim, other))), ...now.claims];
  if (isChosen(now) || isLessThan(was, now))
    return { ...now, note: was.note ?? now.note, claims, ...conditionsOf(was) };
  const shown = now.factoryRaw === null ? null : shows(now.encoding, now.factoryRaw);
  const sameSetting = was.encoding.setting !== null && was.encoding.setting === now.encoding.setting;
  // A second text may state what the first did not.
  const stated = rawValues(was.encoding).find((raw) => shows(was.encoding, raw) === shown) ?? null;
  const factoryRaw = was.factoryRaw ?? (sameSetting ? stated : null);
  return { ...was, claims, factoryRaw, note: was.note ?? now.note };
}

const conditionsOf = ({ shownWhen, mattersWhen, effect, atEnds }: Line): Partial<Line> => ({
  shownWhen,
  mattersWhen,
  effect,
  atEnds,
});

const sameWords = (a: Claim, b: Claim): boolean => a.from === b.from && a.says === b.says;
const isChosen = ({ claims }: Line): boolean => claims.some(({ chosen }) => chosen);

/** Whether a line says less than a text now does: nothing, no meaning, or a meaning without values. */
function isLessThan({ encoding: was }: Line, { encoding: now }: Line): boolean {
  if (isUnseen(was)) return true;
  if (now.setting === null) return false;
  if (was.kind === "reserved") return true;
  return was.setting === now.setting && was.kind === "unknown-scale" && now.kind !== "unknown-scale";
}

/** The lines of a display with these taken in; a display with one line nobody has said anything of begins with them. */
export function takenInto(lines: readonly Line[], fresh: readonly Line[]): Line[] {
  const [only] = lines;
  const isBlank = lines.length === 1 && only !== undefined && isUnseen(only.encoding) && only.claims.length === 0;
  const before = isBlank && !fresh.some(({ code }) => code === only.code) ? [] : lines;
  const codes = new Set(before.map(({ code }) => code));
  return [
    ...before.map((line) => {
      const now = fresh.find(({ code }) => code === line.code);
      return now ? merged(line, now) : line;
    }),
    ...fresh.filter(({ code }) => !codes.has(code)),
  ];
}

/** A line as it was read, and whether the technician has said what it is. */
export interface TakenLine {
  readonly read: ReadLine;
  readonly isSaid: boolean;
}

/** What came of a text taken into a display. */
export interface Taken {
  readonly profile: DisplayProfile;
  readonly added: number;
  /** Actions put into its menu. */
  readonly actions: number;
  /** Lines that were known before, kept and filled in. */
  readonly known: number;
}

/** A display with what was read taken in: its lines, and the actions its menu lists among them. */
export function withTaken(profile: DisplayProfile, reads: readonly TakenLine[]): Taken {
  const fresh = reads.flatMap(({ read, isSaid }) =>
    actionOf(read) === null ? [isSaid ? lineAsSaid(read) : lineFromLeaflet(read)] : [],
  );
  const known = fresh.filter(({ code }) => profile.lines.some((line) => line.code === code && line.claims.length > 0));
  const has = entryCodes(profile);
  const lined = fresh.length > 0 ? withLines(profile, takenInto(profile.lines, fresh)) : profile;
  return {
    profile: withActions(
      lined,
      reads.map(({ read }) => read),
    ),
    added: fresh.length - known.length,
    actions: reads.filter(({ read }) => actionOf(read) !== null && !has.has(read.code)).length,
    known: known.length,
  };
}

const entryCodes = ({ menu }: DisplayProfile): ReadonlySet<string> =>
  new Set(menu.pages.flatMap(({ entries }) => entries.map(entryCode)));

/** Deeds stand behind the line the text tells before them, on its page; those the menu has already stay. */
function withActions(profile: DisplayProfile, reads: readonly ReadLine[]): DisplayProfile {
  const [first, ...others] = profile.menu.pages;
  if (!first) return profile;
  const has = entryCodes(profile);
  const entries = [...first.entries];
  for (const [i, read] of reads.entries()) {
    const action = actionOf(read);
    if (action === null || has.has(read.code)) continue;
    const before = entries.findIndex((entry) => entryCode(entry) === reads[i - 1]?.code);
    // Nobody has said what it asks first; that it asks nothing is what one has to be careful of.
    entries.splice(before < 0 ? entries.length : before + 1, 0, {
      kind: "action",
      code: read.code,
      action,
      asks: "nothing",
    });
  }
  return { ...profile, menu: { ...profile.menu, pages: [{ ...first, entries }, ...others] } };
}
