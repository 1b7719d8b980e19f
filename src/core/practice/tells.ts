/** By what a wrong line gives itself away on the road, on the stand, or on the display. */
import type { Drive } from "../ride";
import type { Obeyed } from "../rig/obeyed";

export const TELLS = [
  "speed-shown",
  "assist-end",
  "throttle-end",
  "levels",
  "power",
  "start",
  "throttle",
  "walk-assist",
  "gauge",
  "cut-off",
  "unit",
  "braking",
] as const;
export type Tell = (typeof TELLS)[number];

/** Differences less than these nobody notices. Common practice, no source. */
const NOTICED = { ratio: 0.04, kmh: 1.5, amps: 0.2, volts: 1, share: 0.1, seconds: 0.35, pulses: 2 } as const;

const ends = (a: number | null, b: number | null): boolean =>
  (a === null) !== (b === null) || (a !== null && b !== null && Math.abs(a - b) >= NOTICED.kmh);
const size = (drive: Drive | undefined): number =>
  drive === undefined || drive.kind === "off"
    ? 0
    : drive.kind === "speed"
      ? drive.endKmh / 25
      : drive.kind === "torque"
        ? drive.timesRider / 2
        : drive.share;

const DIFFERS: Readonly<Record<Tell, (a: Obeyed, b: Obeyed) => boolean>> = {
  "speed-shown": (a, b) => Math.abs(a.r - b.r) > NOTICED.ratio * Math.max(a.r, b.r),
  "assist-end": (a, b) => ends(a.assistEndKmh, b.assistEndKmh),
  "throttle-end": (a, b) => (a.throttle.share > 0 || b.throttle.share > 0) && ends(a.throttleEndKmh, b.throttleEndKmh),
  levels: (a, b) =>
    a.drives.length !== b.drives.length ||
    a.drives.some((drive, i) => Math.abs(size(drive) - size(b.drives[i])) >= NOTICED.share),
  power: (a, b) => Math.abs(a.batteryA - b.batteryA) >= NOTICED.amps * Math.max(a.batteryA, b.batteryA),
  start: (a, b) =>
    Math.abs(a.start.pulses - b.start.pulses) >= NOTICED.pulses ||
    Math.abs(a.start.delayS - b.start.delayS) >= NOTICED.seconds ||
    Math.abs(a.start.rampS - b.start.rampS) >= NOTICED.seconds ||
    Math.abs(a.start.strength - b.start.strength) >= 2 * NOTICED.share ||
    a.start.direction !== b.start.direction ||
    a.assistOn !== b.assistOn,
  throttle: (a, b) => {
    const [{ share: x, ...ruleA }, { share: y, ...ruleB }] = [a.throttle, b.throttle];
    if (x === 0 && y === 0) return false;
    return Math.abs(x - y) >= NOTICED.share || JSON.stringify(ruleA) !== JSON.stringify(ruleB);
  },
  "walk-assist": (a, b) => ends(a.walkKmh, b.walkKmh),
  gauge: (a, b) =>
    a.gaugeIn !== b.gaugeIn ||
    a.gaugePack.series !== b.gaugePack.series ||
    a.gaugePack.chemistry !== b.gaugePack.chemistry ||
    a.barsV.some((volts, i) => Math.abs(volts - (b.barsV[i] ?? 0)) >= NOTICED.volts),
  "cut-off": (a, b) => Math.abs(a.cutOffV - b.cutOffV) >= NOTICED.volts,
  unit: (a, b) => a.unit !== b.unit,
  braking: (a, b) => Math.abs(a.regenShare - b.regenShare) >= NOTICED.share,
};

/** By what two ways of being set can be told apart without reading a line. */
export const tellsApart = (a: Obeyed, b: Obeyed): readonly Tell[] => TELLS.filter((tell) => DIFFERS[tell](a, b));
