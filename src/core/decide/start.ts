/** The product's position on how assist starts: calm for a novice, strong enough not to bog down under a load. */
import { decoded } from "../applied";
import { pulsesForAngle, startAngle } from "../assist/start";
import type { Bike } from "../facts";
import { keep, type Position, type Positions, type ProposalContext } from "./context";
import type { Reason } from "./reason";

/** Crank turn before assist starts, degrees: a calm start for a novice. Common practice, no source. */
const START_ANGLE_DEG: Readonly<Record<Bike["rider"], number>> = { novice: 150, "used-to-it": 90, confident: 60 };

/** Start strength as a share of the hardest; too soft bogs down under a load. Common practice, no source. */
const START_SHARE = { usual: 0.55, heavy: 0.85 } as const;

/** Softness of the ramp as a share of the softest, and readiness of the start. Common practice, no source. */
const SOFTNESS = { usual: 0.6, heavy: 0.35 } as const;
const READINESS: Readonly<Record<Bike["rider"], number>> = { novice: 0.4, "used-to-it": 0.65, confident: 0.8 };

const HEAVY_FRAME = /cargo|long-?tail|trailer|delivery|trike|three-wheel/i;
const isHeavy = ({ frame }: Bike): boolean => HEAVY_FRAME.test(frame);

/** A value is moved only from the harsh side, or where a load asks for it; what is calm already stays. */
function noHarsherThan(
  { profile, asFound }: ProposalContext,
  setting: "startPulses" | "startStrengthShare" | "rampSoftness" | "startReadiness",
  { value, harsher, loaded }: { readonly value: number; readonly harsher: "less" | "more"; readonly loaded: boolean },
  reason: Reason,
): Position {
  const found = decoded(profile, asFound, setting);
  const isCalm = found !== null && (harsher === "less" ? found >= value : found <= value);
  return isCalm && !loaded ? keep({ key: "reason.calm-already" }) : { value, reason };
}

export const START_POSITIONS: Positions = {
  startPulses: (context) => {
    const { rider, crankPulses } = context.bike;
    const pulses = pulsesForAngle(START_ANGLE_DEG[rider], crankPulses);
    const angle = startAngle(pulses, crankPulses);
    return noHarsherThan(
      context,
      "startPulses",
      { value: pulses, harsher: "less", loaded: false },
      { key: "reason.start-pulses", pulses, crankPulses, angle, rider },
    );
  },
  startStrengthShare: (context) => {
    const heavy = isHeavy(context.bike);
    const share = heavy ? START_SHARE.heavy : START_SHARE.usual;
    return noHarsherThan(
      context,
      "startStrengthShare",
      { value: share, harsher: "more", loaded: heavy },
      { key: "reason.start-strength", share, heavy },
    );
  },
  rampSoftness: (context) => {
    const heavy = isHeavy(context.bike);
    return noHarsherThan(
      context,
      "rampSoftness",
      { value: heavy ? SOFTNESS.heavy : SOFTNESS.usual, harsher: "less", loaded: heavy },
      { key: "reason.softness", heavy },
    );
  },
  startReadiness: (context) => {
    const { rider } = context.bike;
    return noHarsherThan(
      context,
      "startReadiness",
      { value: READINESS[rider], harsher: "more", loaded: false },
      { key: "reason.readiness", rider },
    );
  },
};
