/** Where a case stands: what next, or how it ends. */
import { likelyCauses, type Hypothesis } from "./beliefs";
import type { FaultAnswer, FaultCheck, FaultContext, FaultData } from "./faults";
import { NAMED_FROM, soonestDone } from "./lookahead";
import { canDo, worthDoing, type NextCheck } from "./worth";

export type { NextCheck } from "./worth";

export type CaseStanding =
  /** Out of use: a cause that stops the work is held likely. */
  | { readonly kind: "stop"; readonly cause: string; readonly probability: number }
  | { readonly kind: "mended"; readonly cause: string }
  | { readonly kind: "named"; readonly cause: string; readonly probability: number }
  | { readonly kind: "next"; readonly next: NextCheck; readonly others: readonly NextCheck[] }
  /** Nothing that is at hand tells these apart; what would. */
  | { readonly kind: "tied"; readonly causes: readonly string[]; readonly wouldTell: readonly FaultCheck[] }
  /** None of the causes we know of. */
  | { readonly kind: "unknown"; readonly wouldTell: readonly FaultCheck[] };

/** A cause that stops the work does so from here on, unless another is named. */
const STOPS_FROM = 0.5;
/** Causes less likely than this are not told of as what it may be. */
const LEAST_LIKELY = 0.05;

/** What was just done fails the same way again: it waits while anything else would tell something. */
function notTwiceRunning(worth: readonly NextCheck[], answers: readonly FaultAnswer[]): readonly NextCheck[] {
  const last = answers.at(-1);
  const others = worth.filter(({ check }) => last?.kind !== "check" || last.check !== check.id);
  return others.length > 0 ? others : worth;
}

/** Where a case stands. */
export function standingOf(
  data: FaultData,
  context: FaultContext,
  beliefs: readonly Hypothesis[],
  answers: readonly FaultAnswer[],
): CaseStanding {
  const mended = answers.findLast((each) => each.kind === "mended");
  if (mended?.kind === "mended" && mended.gone) return { kind: "mended", cause: mended.cause };
  const likely = likelyCauses(beliefs);
  const [top] = likely;
  const stopping = likely.find(({ cause }) => data.causes.some(({ id, stops }) => id === cause && stops));
  if (stopping && stopping.probability >= STOPS_FROM) return { kind: "stop", ...stopping };
  if (top && top.probability >= NAMED_FROM) return { kind: "named", ...top };
  const worth = worthDoing(data, beliefs, answers);
  const doable = notTwiceRunning(
    worth.filter(({ check }) => canDo(check, context)),
    answers,
  );
  const next = soonestDone(data, beliefs, answers, doable);
  if (next) return { kind: "next", next, others: doable.filter((each) => each !== next) };
  const wouldTell = worth.map(({ check }) => check);
  const unknown = beliefs.reduce((sum, { causes, probability }) => sum + (causes.length === 0 ? probability : 0), 0);
  const causes = likely.filter(({ probability }) => probability >= LEAST_LIKELY).map(({ cause }) => cause);
  return unknown >= (top?.probability ?? 0) || causes.length === 0
    ? { kind: "unknown", wouldTell }
    : { kind: "tied", causes, wouldTell };
}
