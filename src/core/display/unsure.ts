/** Whether a line's meaning is a guess. Apart from the claims themselves, since every sheet asks it. */
import type { Line } from "./profile";

/** A claim of which somebody is at least this sure can be worked with. */
export const SURE_FROM = 0.7;

/**
 * Whether what a line means is a guess: somebody has said something, and nobody is sure enough of it, has chosen it or
 * has tried it. A line nobody has said anything of is what it is described as.
 */
export function isUnsure(line: Line): boolean {
  const { encoding, claims } = line;
  // What could not be read says nothing: a line corrected by hand is what it was corrected to.
  const told = claims.filter(({ setting }) => setting !== null);
  if (told.length === 0 || encoding.kind === "bundle" || encoding.setting === null) return false;
  const agree = told.filter(({ setting }) => setting === encoding.setting);
  if (agree.some(({ chosen, from }) => chosen || from === "own-trial")) return false;
  const surest = Math.max(0, ...agree.map(({ confidence }) => confidence));
  const doubted = told.some(({ setting, confidence }) => setting !== encoding.setting && confidence >= surest);
  return surest < SURE_FROM || doubted;
}
