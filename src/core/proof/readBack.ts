/** Read-back: what the display shows after the power cycle against what was planned, line by line. */
import { isShown, linesOf, readShown, shows, type DisplayProfile, type ShownProblem } from "../display";

export type ReadBackVerdict =
  | { readonly kind: "due" }
  | { readonly kind: "as-planned"; readonly raw: number }
  | { readonly kind: "differs"; readonly raw: number; readonly expected: string }
  | { readonly kind: "unreadable"; readonly problem: ShownProblem };

/**
 * Reads a column of values as typed, one text per line code.
 * @returns one verdict per line, in menu order; a line nobody typed anything for is still due
 */
export function readBack(
  profile: DisplayProfile,
  typed: Readonly<Record<string, string>>,
  expected: readonly (number | null)[],
): readonly ReadBackVerdict[] {
  return linesOf(profile).map((line, i): ReadBackVerdict => {
    const text = typed[line.code] ?? "";
    // What the menu does not show cannot be read back.
    if (!isShown(profile, i, expected)) return { kind: "as-planned", raw: expected[i] ?? line.factoryRaw };
    if (line.encoding.kind === "read-only") return { kind: "as-planned", raw: line.factoryRaw };
    if (text.trim() === "") return { kind: "due" };
    const reading = readShown(line.encoding, text);
    if (!reading.ok) return { kind: "unreadable", problem: reading.problem };
    const want = expected[i];
    if (want === null || want === undefined || reading.raw === want) return { kind: "as-planned", raw: reading.raw };
    return { kind: "differs", raw: reading.raw, expected: shows(line.encoding, want) };
  });
}
