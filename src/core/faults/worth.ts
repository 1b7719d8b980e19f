/**
 * What a check is worth: the chance that it finds the cause, per minute. For one fault, checks that never err and no
 * order laid down, decreasing probability over cost takes the least expected time (Mitten 1960; Simon and Kadane 1975).
 */
import { chanceToShow, type Hypothesis } from "./beliefs";
import type { FaultAnswer, FaultCheck, FaultContext, FaultData } from "./faults";

export interface NextCheck {
  readonly check: FaultCheck;
  /** The chance that it finds the cause, 0 to 1. */
  readonly probability: number;
  readonly perMinute: number;
  /** Minutes it is counted at: a second look by the same eyes is worth less than a first. */
  readonly cost: number;
}

/** A check is done again at most so often. */
const MOST_TIMES = 3;
/** Done again, a check counts so many times its minutes. Common practice, no source. */
const AGAIN = 3;
/** So little, in bits, is not worth the walk to the bench. */
export const LEAST_BITS = 0.02;

const bits = (p: number): number => (p <= 0 || p >= 1 ? 0 : -p * Math.log2(p) - (1 - p) * Math.log2(1 - p));

/** How much the answer to a check would tell, bits: none where it is known beforehand, or rests on chance alone. */
export function toldBy(check: FaultCheck, beliefs: readonly Hypothesis[]): number {
  let [shows, noise] = [0, 0];
  for (const { causes, probability } of beliefs) {
    const chance = chanceToShow(check, causes);
    shows += probability * chance;
    noise += probability * bits(chance);
  }
  return bits(shows) - noise;
}

/** The chance that it finds a cause: shows something because of one, and by no false alarm. */
const chanceToFind = (check: FaultCheck, beliefs: readonly Hypothesis[]): number =>
  beliefs.reduce(
    (sum, { causes, probability }) => sum + probability * chanceToShow({ ...check, falseAlarm: 0 }, causes),
    0,
  );

export const canDo = ({ tools, spare }: FaultCheck, at: Pick<FaultContext, "tools" | "spares">): boolean =>
  tools.every((tool) => at.tools.has(tool)) && (spare === null || at.spares.has(spare));

/** Checks that would tell something, the next one first; with or without what the shop has at hand. */
export function worthDoing(
  data: FaultData,
  beliefs: readonly Hypothesis[],
  answers: readonly FaultAnswer[],
): readonly NextCheck[] {
  const times = (id: string, cannot: boolean): number =>
    answers.filter((each) => each.kind === "check" && each.check === id && (each.shows === "cannot") === cannot).length;
  const causes = new Set(beliefs.flatMap((each) => each.causes));
  return data.checks
    .filter(({ tells }) => Object.keys(tells).some((cause) => causes.has(cause)))
    .filter(({ id }) => times(id, false) < MOST_TIMES && times(id, true) === 0)
    .filter((check) => toldBy(check, beliefs) > LEAST_BITS)
    .map((check): NextCheck => {
      const probability = chanceToFind(check, beliefs);
      const cost = check.minutes * (times(check.id, false) > 0 ? AGAIN : 1);
      return { check, probability, perMinute: probability / cost, cost };
    })
    .sort((a, b) => b.perMinute - a.perMinute || a.check.minutes - b.check.minutes);
}
