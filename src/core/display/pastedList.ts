/** A list of lines and values as somebody wrote it down, read by the codes of a display. */
import { drained } from "../units/drained";
import type { DisplayProfile } from "./profile";

export interface PastedList {
  readonly shown: Readonly<Record<string, string>>;
  /** Rows that could not be read. */
  readonly unknown: readonly string[];
}

/** Lines pasted as "31 = 0", one a row or separated by commas, read by code. */
export const readPastedList = (profile: DisplayProfile, text: string): PastedList =>
  drained(readingPastedList(profile, text));

/** The same in steps, each telling what share of the rows is read. */
export function* readingPastedList(profile: DisplayProfile, text: string): Generator<number, PastedList> {
  const shown: Record<string, string> = {};
  const unknown: string[] = [];
  const codes = [...profile.lines.map((line) => line.code)].sort((a, b) => b.length - a.length);
  const rows = text.split(/\n|;/).flatMap((each) => (/[=:]/.test(each) ? each.split(/,(?=[^,]*[=:])/) : [each]));
  for (const [i, row] of rows.entries()) {
    yield i / rows.length;
    const trimmed = row.trim();
    if (trimmed === "") continue;
    const code = codes.find(
      (each) =>
        trimmed.toLowerCase().startsWith(each.toLowerCase()) && /^[\s=:.)\-–|\t]/.test(trimmed.slice(each.length)),
    );
    const value = code
      ? trimmed
          .slice(code.length)
          .replace(/^[\s=:.)|\t]+/, "")
          .replace(/^-\s+/, "")
          .trim()
      : "";
    if (code && value !== "") shown[code] = value;
    else unknown.push(trimmed);
  }
  return { shown, unknown };
}
