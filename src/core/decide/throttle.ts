/** The product's position on throttle lines: as the class has it, and gentler for a rider who is new to it. */
import { canSet, decoded, throttleCap, type Raws } from "../applied";
import { throttleLimit, type ClassRule } from "../law";
import { keep, type Position, type Positions, type ProposalContext } from "./context";

/** Throttle rules under which a throttle does not drive by itself. */
const PEDALS_FIRST: ReadonlySet<ClassRule["throttle"]["kind"]> = new Set([
  "none",
  "only-while-pedalling",
  "walking-pace",
]);

/** What the class says of a throttle that is fitted, or why nothing can be said. */
function byClass(
  { bike, choice }: ProposalContext,
  without: (className: string) => Position,
  withOne: (className: string) => Position,
): Position {
  if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
  if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
  const { throttle, name } = choice.rule;
  return PEDALS_FIRST.has(throttle.kind) ? without(name) : withOne(name);
}

/** The line by which a throttle may stay under a rule that asks for pedals, where the display has one. */
const HOLDS_BACK: { readonly [K in ClassRule["throttle"]["kind"]]?: "throttleWalkingPace" | "throttleAfterPedalling" } =
  {
    "walking-pace": "throttleWalkingPace",
    "only-while-pedalling": "throttleAfterPedalling",
  };

/** Whether another line will hold the throttle to what the class allows. */
function isHeldBack({ profile, choice }: ProposalContext, others: Raws): boolean {
  const by = choice && HOLDS_BACK[choice.rule.throttle.kind];
  return by !== undefined && by !== null && decoded(profile, others, by) === true;
}

/** Whether throttle drive would end past what the class lets it, with every cap set as it can be. */
function runsOver({ profile, bike, choice }: ProposalContext, others: Raws): boolean {
  const limit = choice && throttleLimit(choice);
  const cap = throttleCap(profile, others, bike);
  return limit !== null && (cap.kind === "uncapped" || (cap.kind === "true" && cap.kmh.nominal > limit.kmh));
}

/** What a line that holds the throttle back is to hold: on where the class asks for just that. */
const holdsBack =
  (setting: "throttleWalkingPace" | "throttleAfterPedalling") =>
  ({ bike, choice }: ProposalContext): Position => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
    const { throttle, name } = choice.rule;
    return HOLDS_BACK[throttle.kind] === setting
      ? { value: true, reason: { key: "reason.throttle-held-back", className: name } }
      : keep({ key: "reason.owners-choice" });
  };

export const THROTTLE_POSITIONS: Positions = {
  throttleWalkingPace: holdsBack("throttleWalkingPace"),
  throttleAfterPedalling: holdsBack("throttleAfterPedalling"),
  throttleMode: (context, others) =>
    byClass(
      context,
      (className) =>
        isHeldBack(context, others)
          ? keep({ key: "reason.throttle-held-back", className })
          : { value: "off", reason: { key: "reason.throttle-off", className } },
      (className) =>
        runsOver(context, others)
          ? { value: "off", reason: { key: "reason.throttle-runs-over", className } }
          : context.bike.rider === "novice"
            ? { value: "follows-level", reason: { key: "reason.throttle-follows-level" } }
            : keep({ key: "reason.throttle-as-class", className }),
    ),
  driveMode: (context, others) =>
    byClass(
      context,
      (className) =>
        isHeldBack(context, others)
          ? keep({ key: "reason.throttle-held-back", className })
          : { value: "assist-only", reason: { key: "reason.assist-only", className } },
      (className) =>
        runsOver(context, others) && !canSet(context.profile, "throttleMode")
          ? { value: "assist-only", reason: { key: "reason.throttle-runs-over", className } }
          : keep({ key: "reason.throttle-as-class", className }),
    ),
  throttleFromStandstill: ({ bike }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    return bike.rider === "novice"
      ? { value: false, reason: { key: "reason.rolling-start" } }
      : keep({ key: "reason.owners-choice" });
  },
};
