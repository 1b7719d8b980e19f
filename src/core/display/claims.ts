/**
 * A line's meaning is a claim, with evidence: leaflet, seller, video, what another line did, an own trial. Claims may
 * disagree; one is chosen, and an own trial outweighs hearsay.
 */
import type { Claim, Line } from "./profile";

const WEIGHTS: Readonly<Record<Claim["from"], number>> = {
  "own-trial": 1,
  "other-line": 0.7,
  leaflet: 0.6,
  seller: 0.4,
  video: 0.35,
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
  const against = claims.filter((claim) => claim.setting !== standing.setting);
  const tried = claims.some((claim) => claim.from === "own-trial" && claim.setting === standing.setting);
  const disputed = against.length > 0 || (encoding.kind !== "bundle" && standing.setting !== encoding.setting);
  return { standing, against, disputed, settled: tried || (standing.chosen && against.length === 0) };
}

/** The same claims with one chosen. */
export const chooseClaim = (claims: readonly Claim[], index: number): Claim[] =>
  claims.map((claim, i) => ({ ...claim, chosen: i === index }));

/** A claim of which somebody is at least this sure can be worked with. */
export const SURE_FROM = 0.7;

/**
 * Whether what a line means is a guess: somebody has said something, and nobody is sure enough of it, has chosen it or
 * has tried it. A line nobody has said anything of is what it is described as.
 */
export function isUnsure(line: Line): boolean {
  const { encoding, claims } = line;
  if (claims.length === 0 || encoding.kind === "bundle" || encoding.setting === null) return false;
  const agree = claims.filter(({ setting }) => setting === encoding.setting);
  if (agree.some(({ chosen, from }) => chosen || from === "own-trial")) return false;
  const surest = Math.max(0, ...agree.map(({ confidence }) => confidence));
  const doubted = claims.some(({ setting, confidence }) => setting !== encoding.setting && confidence >= surest);
  return surest < SURE_FROM || doubted;
}
