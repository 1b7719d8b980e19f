/**
 * What speaks against a bike leaving: breaches in what its display holds, and caps of which nobody has shown where they
 * end drive. A ride with the top speed written down settles an assist cap that cannot be worked out. What is left can
 * only be answered by a decision in writing, which stands on the papers.
 */
import type { CheckId, Verdict } from "../proof";
import type { SheetFinding } from "../sheet";

/** Shortest text taken for a decision in writing. */
const SHORTEST_DECISION = 10;

interface Checked {
  readonly check: { readonly id: CheckId };
  readonly verdict: Verdict;
}

/** Findings on what the display holds that keep a bike from being called ready. */
export function standingAgainst(
  findings: readonly SheetFinding[],
  checks: readonly Checked[],
): readonly SheetFinding[] {
  const ridden = checks.some(({ check, verdict }) => check.id === "top-speed-run" && verdict === "passed");
  return findings.filter(({ severity, subject, message }) => {
    if (severity === "breach") return true;
    if (severity !== "unknown") return false;
    if (subject === "throttle") return true;
    // The run shows where assist ends, whatever the line stands for.
    return subject === "assist-cap" && message.key.startsWith("cap.") && !ridden;
  });
}

/** Whether a text is a decision somebody could be asked about. */
export const isDecision = (text: string | undefined): boolean => (text ?? "").trim().length >= SHORTEST_DECISION;
