/** The product's position on how assist starts: calm for a novice, strong enough not to bog down under a load. */
import { pulsesForAngle, startAngle } from "../assist";
import type { Bike } from "../facts";
import type { Positions } from "./context";

/** Crank turn before assist starts, degrees: a calm start for a novice. Common practice, no source. */
const START_ANGLE_DEG: Readonly<Record<Bike["rider"], number>> = { novice: 150, "used-to-it": 90 };

/** Start strength as a share of the hardest; too soft bogs down under a load. Common practice, no source. */
const START_SHARE = { usual: 0.55, heavy: 0.85 } as const;

/** Softness of the ramp as a share of the softest, and readiness of the start. Common practice, no source. */
const SOFTNESS = { usual: 0.6, heavy: 0.35 } as const;
const READINESS: Readonly<Record<Bike["rider"], number>> = { novice: 0.4, "used-to-it": 0.65 };

const HEAVY_FRAME = /cargo|long-?tail|trailer|delivery|trike|three-wheel/i;
const isHeavy = ({ frame }: Bike): boolean => HEAVY_FRAME.test(frame);

export const START_POSITIONS: Positions = {
  startPulses: ({ bike: { rider, crankPulses } }) => {
    const pulses = pulsesForAngle(START_ANGLE_DEG[rider], crankPulses);
    const angle = startAngle(pulses, crankPulses);
    return { value: pulses, reason: { key: "reason.start-pulses", pulses, crankPulses, angle, rider } };
  },
  startStrengthShare: ({ bike }) => {
    const heavy = isHeavy(bike);
    const share = heavy ? START_SHARE.heavy : START_SHARE.usual;
    return { value: share, reason: { key: "reason.start-strength", share, heavy } };
  },
  rampSoftness: ({ bike }) => {
    const heavy = isHeavy(bike);
    return { value: heavy ? SOFTNESS.heavy : SOFTNESS.usual, reason: { key: "reason.softness", heavy } };
  },
  startReadiness: ({ bike: { rider } }) => ({ value: READINESS[rider], reason: { key: "reason.readiness", rider } }),
};
