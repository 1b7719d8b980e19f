/** Read-back: what the display shows after the power cycle against what was planned, line by line. */
import { isShown, linesOf, readShown, shows, type DisplayProfile, type ShownProblem } from "../display";
import { own } from "../units/limits";

export type ReadBackVerdict =
  | { readonly kind: "due" }
  | { readonly kind: "as-planned"; readonly raw: number }
  | { readonly kind: "differs"; readonly raw: number; readonly expected: string }
  | { readonly kind: "unreadable"; readonly problem: ShownProblem }
  /** The menu does not show it with what the other lines hold, so nobody can read it. */
  | { readonly kind: "hidden" }
  /** The line shows one thing whatever is set. */
  | { readonly kind: "read-only"; readonly raw: number };

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
    const text = own(typed, line.code) ?? "";
    if (!isShown(profile, i, expected)) return { kind: "hidden" };
    if (line.encoding.kind === "read-only") return { kind: "read-only", raw: line.factoryRaw ?? 0 };
    if (text.trim() === "") return { kind: "due" };
    const reading = readShown(line.encoding, text);
    if (!reading.ok) return { kind: "unreadable", problem: reading.problem };
    const want = expected[i];
    if (want === null || want === undefined || reading.raw === want) return { kind: "as-planned", raw: reading.raw };
    return { kind: "differs", raw: reading.raw, expected: shows(line.encoding, want) };
  });
}
