/** Whole cases from a sign to a name, with checks that may lie, in any order. */
import { beliefsOf, type Hypothesis } from "./beliefs";
import { standingOf, type CaseStanding, type NextCheck } from "./standing";
import { canDo, worthDoing } from "./worth";
import { SPARES, TOOLS, type FaultAnswer, type FaultContext, type FaultData } from "./faults";
import { observed, type FaultyBike } from "./benchBike";

/** A shop with everything, that knows nothing of the bike. */
export const WHOLE_SHOP: FaultContext = {
  cannotBe: new Set(),
  lines: {},
  changed: new Set(),
  tools: new Set(TOOLS),
  spares: new Set(SPARES),
  found: {},
};

export type Strategy = (worth: readonly NextCheck[], data: FaultData) => NextCheck | undefined;
export interface Run {
  readonly standing: Exclude<CaseStanding, { kind: "next" }>;
  readonly minutes: number;
  readonly answers: readonly FaultAnswer[];
}

const MOST_CHECKS = 60;

/** What was made of the same answers before: the same data, shop and order meet them again and again. */
export type Memory = Map<string, { readonly beliefs: readonly Hypothesis[]; readonly standing: CaseStanding }>;

/** One case from its sign to its end. `lies`: how often a check shows the opposite of what is so. */
export function runCase(
  data: FaultData,
  bike: FaultyBike,
  sign: string,
  {
    context = WHOLE_SHOP,
    strategy = null,
    lies = 0,
    random = () => 1,
    memory = new Map(),
    answers: before = [],
  }: {
    readonly context?: FaultContext;
    /** Another order than the finder's own. */
    readonly strategy?: Strategy | null;
    readonly lies?: number;
    readonly random?: () => number;
    readonly memory?: Memory;
    /** What was done before. */
    readonly answers?: readonly FaultAnswer[];
  } = {},
): Run {
  let answers = before;
  let minutes = 0;
  for (let i = 0; i < MOST_CHECKS; i++) {
    const key = `${sign} ${JSON.stringify(answers)}`;
    const known = memory.get(key);
    const beliefs = known?.beliefs ?? beliefsOf(data, [sign], context, answers);
    const standing = known?.standing ?? standingOf(data, context, beliefs, answers);
    memory.set(key, { beliefs, standing });
    if (standing.kind !== "next") return { standing, minutes, answers };
    const doable = () => worthDoing(data, beliefs, answers).filter(({ check }) => canDo(check, context));
    const { check } = strategy?.(doable(), data) ?? standing.next;
    const isShown = observed(bike, check.id, sign) !== random() < lies;
    answers = [...answers, { kind: "check", check: check.id, shows: isShown ? "fault" : "nothing" }];
    minutes += check.minutes;
  }
  return { standing: { kind: "unknown", wouldTell: [] }, minutes, answers };
}

/** Causes a case ended with: one named, or those nothing at hand tells apart. */
export const endedWith = (standing: Run["standing"]): readonly string[] =>
  standing.kind === "tied" ? standing.causes : standing.kind === "unknown" ? [] : [standing.cause];
