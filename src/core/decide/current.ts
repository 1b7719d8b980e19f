/**
 * The product's position on current lines: what the weakest part bears, and never more than stands there, since more
 * current heats controller, wires and connectors.
 */
import { appliedCurrentA } from "../applied";
import { keep, type Position, type Positions, type ProposalContext } from "./context";
import { allowedBySaid, isOver } from "./currentBounds";
import type { Reason } from "./reason";

/** Holds a line to the amps allowed, written as `asWritten` has them; a line already within them stays. */
function withinAllowed(
  { profile, bike, asFound }: ProposalContext,
  asWritten: (allowedA: number) => number | null,
): Position {
  const allowed = allowedBySaid(bike);
  const value = allowed && asWritten(allowed.allowedA);
  if (!allowed || value === null) return keep({ key: "reason.no-fact", needs: "current" });
  const foundA = appliedCurrentA(profile, asFound, bike);
  const within = foundA !== null && !allowed.bounds.some((bound) => isOver(foundA, bound));
  const reason: Reason = { key: "reason.current", ...allowed, motor: null, within };
  return within ? { value: null, bound: value, reason } : { value, reason };
}

export const CURRENT_POSITIONS: Positions = {
  currentLimitA: (context) => withinAllowed(context, (allowedA) => allowedA),
  currentShare: (context) => {
    const { controllerA } = context.bike;
    return withinAllowed(context, (allowedA) => (controllerA === null ? null : allowedA / controllerA));
  },
};
