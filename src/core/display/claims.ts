/**
 * A line's meaning is a claim, with evidence: leaflet, seller, video, what another line did, an own trial. Claims may
 * disagree; one is chosen, and an own trial outweighs hearsay.
 */
import type { Claim, Line } from "./profile";

const WEIGHTS: Readonly<Record<Claim["from"], number>> = {
  "own-trial": 1,
  "seen-here": 0.95,
  maker: 0.8,
  "other-line": 0.7,
  leaflet: 0.6,
  seller: 0.4,
  video: 0.35,
};

/** How sure somebody usually is who says so, 0 to 1. */
export const CLAIM_CONFIDENCE: Readonly<Record<Claim["from"], number>> = {
  "own-trial": 0.9,
  "seen-here": 0.9,
  maker: 0.9,
  "other-line": 0.6,
  leaflet: 0.6,
  seller: 0.6,
  video: 0.6,
};

/** How much a claim weighs: who says so, times how sure they are. 0 to 1. */
export const weightOf = ({ from, confidence }: Claim): number => WEIGHTS[from] * confidence;

export interface ClaimState {
  /** The chosen claim, or the weightiest where none is chosen; null where there is none. */
  readonly standing: Claim | null;
  /** Claims that name another setting than the standing one. */
  readonly against: readonly Claim[];
  /** Whether anybody disagrees: claims with each other, or the standing one with what the line is described as. */
  readonly disputed: boolean;
  readonly settled: boolean;
}

/** Where a line's claims stand. Settled: an own trial agrees, or nobody disagrees and one is chosen. */
export function claimState({ claims, encoding }: Line): ClaimState {
  const standing =
    claims.find((claim) => claim.chosen) ?? [...claims].sort((a, b) => weightOf(b) - weightOf(a))[0] ?? null;
  if (!standing) return { standing: null, against: [], disputed: false, settled: false };
  // Words nobody could read a meaning from speak against none, whatever the line is said to be since.
  const against = claims.filter(({ setting }) => setting !== null && setting !== standing.setting);
  const tried = claims.some((claim) => claim.from === "own-trial" && claim.setting === standing.setting);
  const differs =
    encoding.kind !== "bundle" &&
    encoding.setting !== null &&
    standing.setting !== null &&
    standing.setting !== encoding.setting;
  const disputed = against.length > 0 || differs;
  return { standing, against, disputed, settled: tried || (standing.chosen && against.length === 0) };
}

/** The same claims with one chosen. */
export const chooseClaim = (claims: readonly Claim[], index: number): Claim[] =>
  claims.map((claim, i) => ({ ...claim, chosen: i === index }));
