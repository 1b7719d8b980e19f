/**
 * Which check next: the first of the order in which the case is expected to be soonest done. For one fault and checks
 * that never err that is the published order, probability over cost (Mitten 1960; Simon and Kadane 1975); where
 * excluding cheap causes names a dear one, a better one is found. Searched exhaustively over the checks that promise
 * most, as long as they show nothing; after one that shows something the rest goes by probability over cost.
 */
import { afterAnswer, chanceToShow, type Hypothesis } from "./beliefs";
import type { FaultAnswer, FaultData } from "./faults";
import { LEAST_BITS, toldBy, worthDoing, type NextCheck } from "./worth";

/** From here on a cause is named, 0 to 1. */
export const NAMED_FROM = 0.9;
/** So many checks are put in every order, those best by probability per minute. */
const COMPARED = 7;
/** What is rarer is not thought through. */
const RARE = 0.02;
/** What is less likely, mostly pairs, changes no order. */
const UNLIKELY = 0.004;
/** So many checks after one that shows something. */
const AFTER = 1;
/** A case that ends without a name is worth as much as so many minutes more. */
const UNNAMED_MIN = 20;

type Beliefs = readonly Hypothesis[];

/** Whether a cause is named: asked thousands of times, so without a list of all. */
function isNamed(beliefs: Beliefs): boolean {
  const sums = new Map<string, number>();
  for (const { causes, probability } of beliefs)
    for (const cause of causes) {
      const sum = (sums.get(cause) ?? 0) + probability;
      if (sum >= NAMED_FROM) return true;
      sums.set(cause, sum);
    }
  return false;
}
const chanceOf = ({ check }: NextCheck, beliefs: Beliefs): number =>
  beliefs.reduce((sum, { causes, probability }) => sum + probability * chanceToShow(check, causes), 0);

interface Search {
  /** Of its checks only those that are compared. */
  readonly data: FaultData;
  readonly answers: readonly FaultAnswer[];
}

/** Minutes to the end by probability over cost, after a check has shown something. */
function minutesAfter({ data, answers }: Search, beliefs: Beliefs, depth: number): number {
  if (isNamed(beliefs)) return 0;
  const next = depth === 0 ? undefined : worthDoing(data, beliefs, answers)[0];
  if (!next) return UNNAMED_MIN;
  const shows = chanceOf(next, beliefs);
  return (
    [
      ["fault", shows],
      ["nothing", 1 - shows],
    ] as const
  ).reduce((minutes, [result, chance]) => {
    if (chance < RARE) return minutes;
    const answer: FaultAnswer = { kind: "check", check: next.check.id, shows: result };
    const told = { data, answers: [...answers, answer] };
    return minutes + chance * minutesAfter(told, afterAnswer(data, beliefs, answer), depth - 1);
  }, next.cost);
}

interface Best {
  readonly minutes: number;
  /** Place of the first check in what is compared; -1 where none is worth doing. */
  readonly first: number;
}

/** The best order of those not done yet, where all done so far have shown nothing. `done`: their places, as bits. */
function bestFrom(
  search: Search & { readonly compared: readonly NextCheck[] },
  beliefs: Beliefs,
  done: number,
  known: Map<number, Best>,
): Best {
  const before = known.get(done);
  if (before) return before;
  let best: Best = { minutes: isNamed(beliefs) ? 0 : UNNAMED_MIN, first: -1 };
  if (best.minutes > 0) {
    for (const [i, each] of search.compared.entries()) {
      if (done & (1 << i) || toldBy(each.check, beliefs) < LEAST_BITS) continue;
      const shows = chanceOf(each, beliefs);
      const after = (shown: "fault" | "nothing"): Beliefs =>
        afterAnswer(search.data, beliefs, { kind: "check", check: each.check.id, shows: shown });
      const found = shows < RARE ? 0 : shows * minutesAfter(search, after("fault"), AFTER);
      const rest =
        1 - shows < RARE ? 0 : (1 - shows) * bestFrom(search, after("nothing"), done | (1 << i), known).minutes;
      const minutes = each.cost + found + rest;
      // As good as one before it in probability per minute, that one stays first.
      if (best.first < 0 || minutes < best.minutes - 1e-9) best = { minutes, first: i };
    }
  }
  known.set(done, best);
  return best;
}

/** Of the checks that can be done, the one with which the case is soonest done; null where there is none. */
export function soonestDone(
  data: FaultData,
  beliefs: Beliefs,
  answers: readonly FaultAnswer[],
  doable: readonly NextCheck[],
): NextCheck | null {
  if (doable.length <= 1) return doable[0] ?? null;
  const compared = doable.slice(0, COMPARED);
  const likely = beliefs.filter(({ probability }) => probability >= UNLIKELY);
  const own = { ...data, checks: compared.map(({ check }) => check) };
  const { first } = bestFrom({ data: own, answers, compared }, likely, 0, new Map());
  return compared[first] ?? compared[0] ?? null;
}
