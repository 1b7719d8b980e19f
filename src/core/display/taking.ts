/** Lines read off a text taken into a display: line by line, so that nothing known before is lost. */
import { rawValues, shows } from "./encoding";
import { isUnseen } from "./draft";

import type { Claim, Line } from "./profile";

/** One line after another text spoke of it. */
function merged(was: Line, now: Line): Line {
  const claims = [...was.claims.filter((claim) => !now.claims.some((other) => sameWords(claim, other))), ...now.claims];
  if (isChosen(now) || isLessThan(was, now)) return { ...now, note: was.note, claims, ...conditionsOf(was) };
  const shown = now.factoryRaw === null ? null : shows(now.encoding, now.factoryRaw);
  const sameSetting = was.encoding.setting !== null && was.encoding.setting === now.encoding.setting;
  // A second text may state what the first did not.
  const stated = rawValues(was.encoding).find((raw) => shows(was.encoding, raw) === shown) ?? null;
  return { ...was, claims, factoryRaw: was.factoryRaw ?? (sameSetting ? stated : null) };
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
