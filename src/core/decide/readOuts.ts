/** The product's position on what the display counts and shows. */
import { countingOf, decoded, readOut, type Raws } from "../applied";
import { decodeAll, isShown, isUnsure, lineIndex, lineSetting, PLAIN_CONTEXT, rawValues } from "../display";
import { own } from "../units/limits";
import { keep, type Position, type Positions, type ProposalContext } from "./context";
import { isExplained, isFarOff } from "./diagnose";

/** Whether the wheel line will be set by this plan: nobody has locked, guessed, hidden or fixed it. */
function wheelFollows({ profile, byHand, bike }: ProposalContext, others: Raws): boolean {
  const line = lineSetting(profile, "circumferenceMm");
  return (
    line !== null &&
    bike.rollout !== null &&
    line.encoding.kind !== "bundle" &&
    line.encoding.kind !== "unknown-scale" &&
    (!line.makerOnly || own(byHand.unlocked, line.code) !== undefined) &&
    own(byHand.overrides, line.code) === undefined &&
    !isUnsure(line) &&
    line.effect !== "none" &&
    isShown(profile, lineIndex(profile, line.code), others)
  );
}

/** A count is trimmed by no more than this, as a share of what the pick-up gives. Common practice, no source. */
const MOST_TRIMMED = 0.15;

/** What the display reads with the right count and the nearest wheel its line can hold; 1 where nobody can say. */
function nearestWheel({ profile, bike }: ProposalContext, factor: number): number {
  const line = lineSetting(profile, "circumferenceMm");
  const { rollout } = bike;
  if (!line || !rollout) return 1;
  const reads = rawValues(line.encoding).flatMap((raw) => {
    const { circumferenceMm } = decodeAll(line, raw, PLAIN_CONTEXT);
    return typeof circumferenceMm === "number" && circumferenceMm > 0 ? [(circumferenceMm * factor) / rollout.mm] : [];
  });
  return reads.sort((a, b) => Math.abs(Math.log(a)) - Math.abs(Math.log(b)))[0] ?? 1;
}

/** Whether a display that reads `after` in the place of `before` is no further from the truth. */
const isNoWorse = (before: number, after: number): boolean =>
  Math.abs(Math.log(after)) <= Math.abs(Math.log(before)) + 1e-9;

/** What was counted on the bike; a wrong count stays only where a wheel that stays wrong hides it. */
function countedPulses(context: ProposalContext, others: Raws): Position {
  const { profile, bike } = context;
  const pulses = bike.pulsesPerTurn;
  if (pulses === null) return keep({ key: "reason.no-read-out", needs: ["pick-up-pulses"] });
  const meter = readOut(profile, others, bike);
  const counting = countingOf(profile, others, bike);
  if (meter.kind === "known" && !("length" in counting)) {
    const before = meter.r.nominal;
    const after = (before * counting.set) / counting.given;
    // A wheel that is far off is set only where no calibration has a say in it as well.
    const follows = wheelFollows(context, others) && (!isFarOff(after) || isExplained(counting.factor));
    if (!follows && !isNoWorse(before, after)) return keep({ key: "reason.pulses-with-wheel", pulses });
    // A count a little off on purpose, since the wheel line has no nearer size: trimmed, and truer than without.
    const isTrimmed = Math.abs(counting.set / counting.given - 1) <= MOST_TRIMMED;
    if (isTrimmed && counting.set !== counting.given && !isNoWorse(before, nearestWheel(context, counting.factor)))
      return keep({ key: "reason.pulses-with-wheel", pulses });
  }
  return { value: pulses, reason: { key: "reason.pulses", pulses } };
}

export const READ_OUT_POSITIONS: Positions = {
  pulsesPerTurn: countedPulses,
  motorPulses: (context, others) =>
    context.bike.pickUp === "inside-motor" && decoded(context.profile, others, "speedSensor") !== "wheel"
      ? countedPulses(context, others)
      : keep({ key: "reason.technicians-choice" }),
  // What nobody has counted moves nothing.
  crankPulses: ({ bike: { crankPulses, crankPulsesSaid } }) =>
    crankPulsesSaid
      ? { value: crankPulses, reason: { key: "reason.crank-pulses", pulses: crankPulses } }
      : keep({ key: "reason.technicians-choice" }),
  motorPresetKind: ({ profile, bike: { motorKind }, asFound }) => {
    if (decoded(profile, asFound, "motorPresetKind") === "own") return keep({ key: "reason.own-preset", of: "motor" });
    return motorKind === null
      ? keep({ key: "reason.no-fact", needs: "motor" })
      : { value: motorKind, reason: { key: "reason.motor-kind", kind: motorKind } };
  },
  speedUnit: ({ choice }) => {
    if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
    const { speedUnit: unit, name: className, publicRoad } = choice.rule;
    // The unit is the rider's and the country's; land that is no road has none.
    if (!publicRoad) return keep({ key: "reason.owners-choice" });
    return { value: unit, reason: { key: "reason.class-unit", unit, className } };
  },
  batteryReadout: () => ({ value: "volts", reason: { key: "reason.volts-advised" } }),
};
