/** A list of lines and values as somebody wrote it down, read by the codes of a display. */
import type { DisplayProfile } from "./profile";

/** Lines pasted as "31 = 0", one a row or separated by commas, read by code. */
export function readPastedList(
  profile: DisplayProfile,
  text: string,
): { readonly shown: Readonly<Record<string, string>>; readonly unknown: readonly string[] } {
  const shown: Record<string, string> = {};
  const unknown: string[] = [];
  const codes = [...profile.lines.map((line) => line.code)].sort((a, b) => b.length - a.length);
  for (const row of text.split(/\n|;/).flatMap((each) => (/[=:]/.test(each) ? each.split(/,(?=[^,]*[=:])/) : [each]))) {
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
