/**
 * Which of these is it? Variants of a display differ in a few places of the menu. This picks the looks at the real menu
 * that tell the candidates apart with the fewest of them, whatever comes to light.
 */
import { rawValues, shows } from "./encoding";
import { linesOf, type DisplayProfile } from "./profile";

export type Look =
  /** Is there a line of this code? */
  | { readonly kind: "has-line"; readonly code: string }
  /** What does this line show that cannot be changed? */
  | { readonly kind: "mark"; readonly code: string }
  /** How far does this line go? */
  | { readonly kind: "highest"; readonly code: string }
  | { readonly kind: "line-count" };

/** What a candidate would answer to a look; "—" where it has no such line. */
export function answerOf(profile: DisplayProfile, look: Look): string {
  if (look.kind === "line-count") return String(linesOf(profile).length);
  const line = linesOf(profile).find((each) => each.code === look.code);
  if (look.kind === "has-line") return line ? "yes" : "no";
  if (!line) return "—";
  if (look.kind === "mark") return line.encoding.kind === "read-only" ? (line.encoding.shows ?? "—") : "—";
  const raws = rawValues(line.encoding);
  const last = raws[raws.length - 1];
  return last === undefined ? "—" : shows(line.encoding, last);
}

/**
 * Looks that tell at least two candidates apart, the quick ones first. Counting the lines takes a walk of the whole
 * menu.
 */
export function usefulLooks(candidates: readonly DisplayProfile[]): readonly Look[] {
  const codes = [...new Set(candidates.flatMap((profile) => linesOf(profile).map((line) => line.code)))];
  const looks: Look[] = [
    ...codes.map((code): Look => ({ kind: "mark", code })),
    ...codes.map((code): Look => ({ kind: "has-line", code })),
    ...codes.map((code): Look => ({ kind: "highest", code })),
    { kind: "line-count" },
  ];
  // Of looks that part the candidates in the same way the first, quickest one serves.
  const seen = new Set<string>();
  return looks.filter((look) => {
    const parts = partsOf(candidates, look);
    const parting = parts
      .map(({ left }) => left.map((profile) => candidates.indexOf(profile)).join())
      .sort()
      .join("|");
    if (parts.length < 2 || seen.has(parting)) return false;
    seen.add(parting);
    return true;
  });
}

/** Candidates left after each possible answer. */
export function partsOf(
  candidates: readonly DisplayProfile[],
  look: Look,
): readonly { readonly answer: string; readonly left: readonly DisplayProfile[] }[] {
  const answers = [...new Set(candidates.map((profile) => answerOf(profile, look)))];
  return answers.map((answer) => ({
    answer,
    left: candidates.filter((profile) => answerOf(profile, look) === answer),
  }));
}

/** More candidates than this are told apart greedily; the exact search would take too long. */
const EXACT_UP_TO = 8;

/** Fewest looks that always tell the candidates apart, as far as they can be told apart at all. */
export function looksNeeded(candidates: readonly DisplayProfile[], limit = 6): number {
  const looks = usefulLooks(candidates);
  if (candidates.length <= 1 || looks.length === 0 || limit === 0) return 0;
  let best = limit;
  for (const look of looks) {
    const worst =
      1 +
      Math.max(
        ...partsOf(candidates, look).map(({ left }) =>
          left.length < candidates.length ? looksNeeded(left, best - 1) : 0,
        ),
      );
    best = Math.min(best, worst);
    if (best === 1) break;
  }
  return best;
}

/** The look to take next, or null where nothing tells the candidates apart any more. */
export function nextLook(candidates: readonly DisplayProfile[]): Look | null {
  const looks = usefulLooks(candidates);
  if (candidates.length <= 1) return null;
  const worstLeft = (look: Look): number => {
    const parts = partsOf(candidates, look).map(({ left }) => left);
    return candidates.length <= EXACT_UP_TO
      ? Math.max(...parts.map((left) => looksNeeded(left)))
      : Math.max(...parts.map((left) => left.length));
  };
  return looks.map((look) => ({ look, worst: worstLeft(look) })).sort((a, b) => a.worst - b.worst)[0]?.look ?? null;
}
