/**
 * The checks a bike is due before it leaves, chosen by what it is and what was set, with the numbers to expect; and
 * those worth a measurement, which keep no bike back. Order: by danger, then by place. Order and content: common
 * practice, no source. Brake cut-off comes before anything turns under power.
 */
import { assistLimit, type AppliedCap, type ClassChoice } from "../law";
import { startAngle, startDelayS, type StartAngle } from "../assist/start";
import type { Bike } from "../facts";
import type { ReadOut } from "../applied";
import { speedToKmh, type SpeedUnit } from "../units";

/** Every check, in the order they are done: on the stand, in the yard, on the road. */
export const CHECK_IDS = [
  "brake-cut-off",
  "spin-speed",
  "levels",
  "throttle",
  "throttle-release",
  "release-lag",
  "read-outs",
  "walk-assist",
  "start-delay",
  "crawl-and-turn",
  "crawl-speed",
  "cruise",
  "coast-down",
  "braked-down",
  "speedometer-run",
  "level-speeds",
  "pack-sag",
  "top-speed-run",
] as const;

/** Where a check is done. */
export type Place = "stand" | "yard" | "road";
export const PLACE_OF: Readonly<Record<CheckId, Place>> = {
  "brake-cut-off": "stand",
  "spin-speed": "stand",
  levels: "stand",
  throttle: "stand",
  "throttle-release": "stand",
  "release-lag": "stand",
  "read-outs": "stand",
  cruise: "yard",
  "walk-assist": "stand",
  "start-delay": "stand",
  "crawl-and-turn": "yard",
  "crawl-speed": "yard",
  "coast-down": "yard",
  "braked-down": "yard",
  "speedometer-run": "road",
  "level-speeds": "road",
  "pack-sag": "road",
  "top-speed-run": "road",
};

/** Checks that take one more pair of hands, or of eyes. */
export const TAKES_TWO: ReadonlySet<CheckId> = new Set<CheckId>(["pack-sag", "start-delay"]);
export type CheckId = (typeof CHECK_IDS)[number];
export const isCheck = (id: string): id is CheckId => CHECK_IDS.some((known) => known === id);

export type Expectation =
  | { readonly kind: "yes" }
  /** A measured speed that must not pass `atMostKmh`; `expectedKmh` is what the numbers foretell. */
  | {
      readonly kind: "at-most";
      readonly expectedKmh: number | null;
      readonly atMostKmh: number;
      readonly strict: boolean;
    }
  /** A reading that must lie between two speeds. */
  | { readonly kind: "between"; readonly lowKmh: number; readonly highKmh: number; readonly atTrueKmh: number }
  /** A time, s, that must lie between two; `highS` is the most it may be. */
  | { readonly kind: "seconds"; readonly lowS: number; readonly highS: number; readonly angle: StartAngle | null }
  /** A time or a speed kept for the record: nothing is foretold of it, so none is wrong. */
  | { readonly kind: "noted"; readonly in: "s" | "km/h" }
  /** Pack volts under a full pull. */
  | { readonly kind: "volts"; readonly leastV: number }
  /** The steady speed of every level from 1 up; `capKmh`: where assist ends, and levels meet that are not twins. */
  | { readonly kind: "level-speeds"; readonly levels: number; readonly capKmh: number | null };

export interface DueCheck {
  readonly id: CheckId;
  /** Whether a bike may not leave without it; what is only worth measuring keeps none back, unless it fails. */
  readonly needed: boolean;
  readonly expect: Expectation;
  /** Whether the wheel turns under power while it is done. */
  readonly wheelTurns: boolean;
  /** Unit a speed is asked for in: the one the display shows. */
  readonly unit: SpeedUnit;
}

export interface CheckContext {
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  readonly cap: AppliedCap;
  readonly meter: ReadOut;
  readonly unit: SpeedUnit;
  readonly throttleOn: boolean;
  readonly walkAssistOn: boolean;
  readonly cruiseOn: boolean;
  readonly regenOn: boolean;
  /** Levels above 0; null where the display does not say. */
  readonly levels: number | null;
  /** What starts assist: pulses counted and a delay; null where no line says. */
  readonly startPulses: number | null;
  readonly startDelayS: number | null;
  /** Whether the display has pages or lines that show what it measures. */
  readonly hasReadOuts: boolean;
  /** Volts at which the display stops; null where it does not say. */
  readonly cutOffV: number | null;
}

/** True speed of the speedometer run in the unit shown: slow enough for a yard, fast enough to read. */
const RUN_AT: Readonly<Record<SpeedUnit, number>> = { kmh: 20, mph: 12 };

/** Reading a bouncing number off a handlebar, km/h. */
const READING_SLACK_KMH = 0.5;

/** A motor may push on for so long after the throttle is let go, s. Common practice, no source. */
const MOST_RELEASE_S = 0.5;
/** Turned once a second, for a watch and an eye to follow, rpm. */
const BY_HAND_RPM = 60;
/** Eye, thumb and watch, s. Common practice, no source. */
const WATCH_S = 0.3;

/** The checks due and those worth a measurement, in the order they are done. Speeds in km/h. */
export function dueChecks(context: CheckContext): readonly DueCheck[] {
  const expected = { ...onTheStand(context), ...inTheYard(context), ...onTheRoad(context) };
  return CHECK_IDS.flatMap((id) => {
    const expect = expected[id];
    return expect ? [{ id, expect, needed: NEEDED.has(id), wheelTurns: true, unit: context.unit }] : [];
  });
}

/** Checks without which no bike leaves, where it has what they look at. */
const NEEDED: ReadonlySet<CheckId> = new Set<CheckId>([
  "brake-cut-off",
  "spin-speed",
  "levels",
  "throttle",
  "throttle-release",
  "cruise",
  "walk-assist",
  "crawl-and-turn",
  "speedometer-run",
  "top-speed-run",
]);

type Expected = Partial<Record<CheckId, Expectation | null>>;
const YES: Expectation = { kind: "yes" };

function onTheStand({ bike, choice, throttleOn, walkAssistOn, ...context }: CheckContext): Expected {
  const hasThrottle = bike.throttleFitted !== false;
  const walkKmh = choice?.rule.walkAssistKmh ?? null;
  return {
    "brake-cut-off": bike.brakeCutOff === false ? null : YES,
    "spin-speed": YES,
    levels: YES,
    throttle: hasThrottle ? YES : null,
    "throttle-release": hasThrottle && throttleOn ? YES : null,
    "release-lag": hasThrottle && throttleOn ? { kind: "seconds", lowS: 0, highS: MOST_RELEASE_S, angle: null } : null,
    "read-outs": context.hasReadOuts ? YES : null,
    "walk-assist": !walkAssistOn
      ? null
      : walkKmh === null
        ? YES
        : { kind: "at-most", expectedKmh: null, atMostKmh: walkKmh, strict: false },
    "start-delay": startExpected(bike, context),
  };
}

/** How long assist waits with the cranks turned once a second; only noted where no line tells. */
function startExpected(
  { crankPulses }: Bike,
  { startPulses, startDelayS: waits }: Pick<CheckContext, "startPulses" | "startDelayS">,
): Expectation {
  if (startPulses === null && waits === null) return { kind: "noted", in: "s" };
  const angle = startPulses === null ? null : startAngle(startPulses, crankPulses);
  const turnsS = startPulses === null ? 0 : startDelayS(startPulses, crankPulses, BY_HAND_RPM);
  const leastS = angle === null ? 0 : (angle.leastDeg / 360) * (60 / BY_HAND_RPM);
  const waitS = waits ?? 0;
  return {
    kind: "seconds",
    lowS: Math.max(0, Math.max(leastS, waitS) - WATCH_S),
    highS: Math.max(turnsS, waitS) + WATCH_S,
    angle,
  };
}

const inTheYard = ({ cruiseOn, regenOn }: CheckContext): Expected => ({
  cruise: cruiseOn ? YES : null,
  "crawl-and-turn": YES,
  "crawl-speed": { kind: "noted", in: "km/h" },
  "coast-down": { kind: "noted", in: "s" },
  "braked-down": regenOn ? { kind: "noted", in: "s" } : null,
});

function onTheRoad({ unit, choice, cap, meter, levels, cutOffV }: CheckContext): Expected {
  const limit = choice ? assistLimit(choice) : null;
  const runKmh = speedToKmh(RUN_AT[unit], unit);
  const endsKmh = cap.kind === "true" ? cap.kmh.nominal : null;
  return {
    "speedometer-run":
      meter.kind !== "known"
        ? null
        : {
            kind: "between",
            lowKmh: runKmh * meter.r.low - READING_SLACK_KMH,
            highKmh: runKmh * meter.r.high + READING_SLACK_KMH,
            atTrueKmh: runKmh,
          },
    "level-speeds": levels === null || levels < 2 ? null : { kind: "level-speeds", levels, capKmh: endsKmh },
    "pack-sag": cutOffV === null ? null : { kind: "volts", leastV: cutOffV },
    "top-speed-run": limit && {
      kind: "at-most",
      expectedKmh: endsKmh,
      atMostKmh: limit.kmh,
      strict: limit.strict,
    },
  };
}
