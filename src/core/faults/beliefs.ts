/**
 * What is likely behind the signs of a bike, by Bayes' rule over single causes, pairs of them, and none we know of.
 * Shares are the trade's; what this shop has found counts over them.
 */
import {
  causeById,
  checkById,
  signById,
  type FaultAnswer,
  type FaultCheck,
  type FaultContext,
  type FaultData,
} from "./faults";

/** Causes that are there together; none: something nobody here has thought of. */
export interface Hypothesis {
  readonly causes: readonly string[];
  readonly probability: number;
}

/** The trade's shares count as so many bikes seen. Common practice, no source. */
const SHARES_COUNT_AS = 12;
/** Two faults at once are so much rarer than chance would have it; something unknown is so likely. Common practice. */
const PAIR = 0.15;
const UNKNOWN = 0.03;
/** How much likelier a line is the cause where it holds another value than it should, and where it does not. */
const LINE_DIFFERS = 6;
const LINE_AGREES = 0.12;
/** How much likelier it is what somebody changed last. */
const CHANGED = 4;
/** A cause no share is told of under one of two signs. */
const UNTOLD = 0.02;

/** Shares of the causes behind one sign, with what the shop has found counted in. */
export function sharesOf(
  data: FaultData,
  sign: string,
  found: FaultContext["found"],
): Readonly<Record<string, number>> {
  const told = signById(data, sign)?.causes ?? {};
  const counts = found[sign] ?? {};
  const seen = Object.values(counts).reduce((sum, count) => sum + count, 0);
  const ids = [...new Set([...Object.keys(told), ...Object.keys(counts)])].filter((id) => causeById(data, id));
  return Object.fromEntries(
    ids.map((id) => [id, (SHARES_COUNT_AS * (told[id] ?? 0) + (counts[id] ?? 0)) / (SHARES_COUNT_AS + seen)]),
  );
}

/** How likely each cause is before anything is looked at, by what is known of the bike. */
function weighted(data: FaultData, signs: readonly string[], context: FaultContext): ReadonlyMap<string, number> {
  const perSign = signs.map((sign) => sharesOf(data, sign, context.found));
  const all = [...new Set(perSign.flatMap((shares) => Object.keys(shares)))];
  const possible = all.filter((id) => !context.cannotBe.has(id));
  // A bike that shows what it cannot have proves what was said of it wrong.
  const ids = possible.length > 0 ? possible : all;
  const weights = ids.flatMap((id): [string, number][] => {
    const share = perSign.reduce((product, shares) => product * (shares[id] ?? UNTOLD), 1);
    const says = context.lines[id];
    const line = says === "differs" ? LINE_DIFFERS : says === "agrees" ? LINE_AGREES : 1;
    return [[id, share * line * (context.changed.has(id) ? CHANGED : 1)]];
  });
  const total = weights.reduce((sum, [, weight]) => sum + weight, 0);
  return new Map(weights.map(([id, weight]) => [id, total === 0 ? 0 : weight / total]));
}

/** The chance that a check shows something where these are the causes: each of them may, or a false alarm. */
export const chanceToShow = ({ tells, falseAlarm }: FaultCheck, causes: readonly string[]): number =>
  1 - causes.reduce((none, cause) => none * (1 - (tells[cause] ?? 0)), 1 - falseAlarm);

const normalised = (hypotheses: readonly Hypothesis[]): readonly Hypothesis[] => {
  const total = hypotheses.reduce((sum, { probability }) => sum + probability, 0);
  return hypotheses.map((each) => ({ ...each, probability: total === 0 ? 0 : each.probability / total }));
};

/** Everything that may be behind the signs, before anything was done. */
export function priorsOf(data: FaultData, signs: readonly string[], context: FaultContext): readonly Hypothesis[] {
  const weights = [...weighted(data, signs, context)];
  const singles = weights.map(([id, probability]): Hypothesis => ({ causes: [id], probability }));
  const pairs = weights.flatMap(([a, pa], i) =>
    weights.slice(i + 1).map(([b, pb]): Hypothesis => ({ causes: [a, b], probability: pa * pb * PAIR })),
  );
  return normalised([...singles, ...pairs, { causes: [], probability: UNKNOWN }]);
}

/** The same with one answer more. */
export function afterAnswer(
  data: FaultData,
  before: readonly Hypothesis[],
  answer: FaultAnswer,
): readonly Hypothesis[] {
  if (answer.kind === "check") {
    const check = checkById(data, answer.check);
    if (!check || answer.shows === "cannot") return before;
    return normalised(
      before.map((each) => {
        const shows = chanceToShow(check, each.causes);
        return { ...each, probability: each.probability * (answer.shows === "fault" ? shows : 1 - shows) };
      }),
    );
  }
  if (answer.gone) return before;
  // Mended, it is no cause any more; where it alone was thought of, something else is.
  return normalised(
    before.map(({ causes, probability }) => ({
      causes: causes.filter((cause) => cause !== answer.cause),
      probability: causes.length === 1 && causes[0] === answer.cause ? probability * UNKNOWN : probability,
    })),
  );
}

/** What is believed after all answers. */
export const beliefsOf = (
  data: FaultData,
  signs: readonly string[],
  context: FaultContext,
  answers: readonly FaultAnswer[],
): readonly Hypothesis[] =>
  answers.reduce((now, answer) => afterAnswer(data, now, answer), priorsOf(data, signs, context));

export interface Likely {
  readonly cause: string;
  readonly probability: number;
}

/** How likely each cause is, alone or with another, the likeliest first. */
export function likelyCauses(beliefs: readonly Hypothesis[]): readonly Likely[] {
  const sums = new Map<string, number>();
  for (const { causes, probability } of beliefs)
    for (const cause of causes) sums.set(cause, (sums.get(cause) ?? 0) + probability);
  return [...sums]
    .map(([cause, probability]) => ({ cause, probability }))
    .sort((a, b) => b.probability - a.probability);
}
