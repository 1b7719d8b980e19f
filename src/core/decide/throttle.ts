/** The product's position on throttle lines: as the class has it, and gentler for a rider who is new to it. */
import type { ClassRule } from "../law";
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

export const THROTTLE_POSITIONS: Positions = {
  throttleMode: (context) =>
    byClass(
      context,
      (className) => ({ value: "off", reason: { key: "reason.throttle-off", className } }),
      (className) =>
        context.bike.rider === "novice"
          ? { value: "follows-level", reason: { key: "reason.throttle-follows-level" } }
          : keep({ key: "reason.throttle-as-class", className }),
    ),
  driveMode: (context) =>
    byClass(
      context,
      (className) => ({ value: "assist-only", reason: { key: "reason.assist-only", className } }),
      (className) => keep({ key: "reason.throttle-as-class", className }),
    ),
  throttleFromStandstill: ({ bike }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    return bike.rider === "novice"
      ? { value: false, reason: { key: "reason.rolling-start" } }
      : keep({ key: "reason.owners-choice" });
  },
};
