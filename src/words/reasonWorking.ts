/** The working behind a line's target: the formula with this bike's numbers in it, line by line. */
import type { Reason } from "@/core/decide";
import type { MotorFacts } from "@/core/decide/currentBounds";
import { kmhToMph, speedFromKmh } from "@/core/units";
import { partInSentence } from "./parts";
import { readOutSum } from "./readOut";
import { reasonWhy } from "./reasons";
import { fixed, plain, unitName } from "./speak";
import type { Voice } from "./voice";

/** What the motor bears, with this bike's numbers; its overload and efficiency are from memory unless said. */
export const motorAmpsWorking = ({ ratedW, overload, efficiency, packV, amps }: MotorFacts): string =>
  `motor: ${plain(ratedW, 0)} W × ${plain(overload, 2)} ÷ ${plain(efficiency, 2)} ÷ ${plain(packV)} V = ` +
  `${plain(amps)} A; the overload and the efficiency from memory unless you said them`;

const WORKINGS: {
  readonly [K in Reason["key"]]?: (reason: Extract<Reason, { key: K }>, voice: Voice) => readonly string[];
} = {
  "reason.wheel": ({ rollout, counting, asFound, chosen, options }) => {
    const pick = options.find((option) => option.shows === chosen);
    return [...(asFound ? [asFound] : []), ...(pick && pick.shows !== asFound?.shows ? [pick] : [])].map(
      ({ circumferenceMm, r }) => readOutSum(counting, circumferenceMm, rollout.mm, r),
    );
  },
  "reason.cap": ({ limit, r, settingKmh, trueKmh, heldIn }, { unit }) => [
    ...(limit.textUnit === unit
      ? []
      : [
          `${limit.textValue} ${unitName(limit.textUnit)} = ${fixed(speedFromKmh(limit.textKmh, unit), 3)} ` +
            `${unitName(unit)}`,
        ]),
    `${plain(speedFromKmh(limit.kmh, unit), 3)} × ${fixed(r.low, 4)} (least r) = ` +
      `${fixed(speedFromKmh(limit.kmh * r.low, unit), 2)}`,
    `held as ${plain(heldIn === "mph" ? kmhToMph(settingKmh) : settingKmh)} ${unitName(heldIn)}`,
    `true cap = ${plain(speedFromKmh(settingKmh, unit), 2)} ÷ ${fixed(r.nominal, 4)} = ` +
      `${fixed(speedFromKmh(trueKmh.nominal, unit), 2)} ${unitName(unit)}`,
  ],
  "reason.start-pulses": ({ pulses, crankPulses, angle }) => [
    `360 × ${pulses - 1} ÷ ${crankPulses} = ${plain(angle.leastDeg, 0)}°`,
    `360 × ${pulses} ÷ ${crankPulses} = ${plain(angle.mostDeg, 0)}°`,
  ],
  "reason.current": ({ bounds, motor, allowedA }) => {
    const parts = bounds.map(({ part, amps }) => `${partInSentence(part)} ${plain(amps)} A`).join(", ");
    return [`min(${parts}) = ${plain(allowedA)} A`, ...(motor ? [motorAmpsWorking(motor)] : [])];
  },
  "reason.cut-off": ({ series, perCellV, advisedV }) => [`${series} × ${plain(perCellV, 3)} V = ${plain(advisedV)} V`],
};

/** The working behind a line's target; none where nothing was worked out. */
export const reasonWorking = <K extends Reason["key"]>(
  reason: Extract<Reason, { key: K }>,
  voice: Voice,
): readonly string[] => WORKINGS[reason.key as K]?.(reason, voice) ?? [];

export interface ReasonWords {
  readonly why: readonly string[];
  readonly working: readonly string[];
}

/** Why a line has its target, and the working behind it. */
export const reasonWords = (reason: Reason, displayName: string, voice: Voice): ReasonWords => ({
  why: reasonWhy(reason, displayName, voice),
  working: reasonWorking(reason, voice),
});
