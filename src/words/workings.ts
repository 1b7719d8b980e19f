/**
 * Workings: the formula with the bike's numbers in it, line by line, and where the figures come from. Loaded with the
 * benches.
 */
import type { BatteryWatts } from "@/core/battery/watts";
import type { CutOff, Pack } from "@/core/battery/gauge";
import { START_TO_KMH, type RidePoint } from "@/core/ride";
import type { Ride } from "@/core/benches/rideOf";
import type { Calibration, FactorWithInterval } from "@/core/wheel/calibration";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { count, distance, fixed, plain, speed, unitName, whPer } from "./speak";

export const MEMORY = "From memory: check it against your own measurements.";

/** One factor through the origin, with its interval. */
export function fitWorking(fit: Calibration, unit: SpeedUnit): readonly string[] {
  return [
    `r = Σxy ÷ Σx² = ${fixed(fit.r, 4)} over ${count(fit.runs, "run")}`,
    ...(fit.scatterKmh !== null
      ? [`scatter s = √(Σ(y − r·x)² ÷ (n − 1)) = ${fixed(speedFromKmh(fit.scatterKmh, unit), 3)} ${unitName(unit)}`]
      : []),
    ...(fit.standardError !== null && fit.t !== null
      ? [
          `SE = s ÷ √Σx² = ${fixed(fit.standardError, 5)}`,
          `95 %: r ± t(0.975, ${fit.runs - 1})·SE = ± ${fixed(fit.t, 3)} × ${fixed(fit.standardError, 5)}`,
        ]
      : []),
    "Least squares through the origin; Student’s t.",
  ];
}

export const factorWorking = (what: string, factor: FactorWithInterval): readonly string[] => [
  what,
  `r = ${fixed(factor.r, 4)}, 95 %: ${fixed(factor.low, 4)} to ${fixed(factor.high, 4)}`,
];

/** The interval as a share of its factor, half its width, %. */
export const halfWidthWords = ({ r, low, high }: FactorWithInterval): string =>
  `±${plain((50 * (high - low)) / r, 2)} %`;

/** How far one run lies off the factor through all of them. */
export const residualWorking = (shownKmh: number, trueKmh: number, r: number, unit: SpeedUnit): readonly string[] => [
  `shown − r × true = ${speed(shownKmh, unit, 2)} − ${fixed(r, 4)} × ${speed(trueKmh, unit)}`,
  "half a step is added first where the display cuts off",
];

/** What the speedometer reads once its lines hold other values. */
export const linesWorking = (calibratedR: number, thenR: number): readonly string[] => [
  `calibrated r = ${fixed(calibratedR, 4)} with the lines as they stand`,
  `r with these lines = ${fixed(calibratedR, 4)} × new circumference ÷ old × old pulses ÷ new = ${fixed(thenR, 4)}`,
];

export const percentWorking = (setPercent: number, r: number, exactPercent: number): readonly string[] => [
  `set ${plain(setPercent, 1)} % ÷ r ${fixed(r, 4)} = ${plain(exactPercent, 2)} %`,
];

/** The rollout a calibration implies. */
export const impliedRolloutWorking = (countedMm: number, r: number, rolloutMm: number): readonly string[] => [
  `the display counts ${plain(countedMm, 1)} mm for a real turn`,
  `÷ r ${fixed(r, 4)} = ${plain(rolloutMm, 1)} mm`,
];

/** Volts of the pack at rest and under load. */
export function packWorking({ series, parallel, cellOhm, aged, temperatureC }: Pack, ohm: number): readonly string[] {
  return [
    `R = ${series} × ${plain(cellOhm * 1000)} mΩ ÷ ` +
      `${parallel}${aged ? " × 2 (aged)" : ""}${temperatureC < 20 ? ` × ${plain(1 + (20 - temperatureC) / 20, 2)} (cold)` : ""} = ${plain(ohm * 1000, 0)} mΩ`,
    MEMORY,
  ];
}

export function cutOffWorking(pack: Pack, cutOff: CutOff, limitA: number): readonly string[] {
  const per = (volts: number) => plain(volts / pack.series, 2);
  return [
    `cells: ${pack.series} × ${per(cutOff.cellAdvisedV)} V = ${plain(cutOff.cellAdvisedV)} V`,
    ...(cutOff.bmsV !== null
      ? [`BMS: ${pack.series} × (${plain(cutOff.bmsV / pack.series - 0.1, 2)} + 0.1) V = ${plain(cutOff.bmsV)} V`]
      : []),
    `the greater, rounded up = ${plain(cutOff.advisedV)} V`,
    `sag at ${plain(limitA)} A = ${plain(cutOff.sagV)} V: a full pull meets the cut-off with ` +
      `${plain(100 * cutOff.chargeAtFullPull, 0)} % still in`,
    MEMORY,
  ];
}

export function wattsWorking(watts: BatteryWatts, nominalV: number, currentA: number): readonly string[] {
  return [
    `label: ${plain(nominalV)} V × ${plain(currentA)} A = ${plain(watts.labelW, 0)} W`,
    `full: I × (V − I·R) at 100 % = ${plain(watts.fullW, 0)} W`,
    `sagged: the same at 20 % = ${plain(watts.saggedW, 0)} W`,
    "These are watts from the battery, not the motor’s rating.",
  ];
}

/** What air, rolling and hill ask of a bike, with its own figures. */
export const loadWorking = ({ setup, road }: Ride, grade: number, unit: SpeedUnit): string =>
  `load = ½ × ${fixed(road.airKgM3, 3)} × ${plain(setup.body.cdaM2, 2)} × (v + ` +
  `${speed(road.headwindKmh, unit)})² + ${plain(setup.body.massKg, 0)} kg × 9.807 × (${plain(road.crr, 3)} + ` +
  `${plain(100 * grade)} %)`;

/** What holds a bike at a speed on a grade. */
export function rideWorking(ride: Ride, point: RidePoint, grade: number, unit: SpeedUnit): readonly string[] {
  const { setup } = ride;
  return [
    loadWorking(ride, grade, unit),
    `rider ${plain(point.riderW, 0)} W and motor ${plain(point.motorW, 0)} W at the road balance it at ` +
      `${speed(point.speedKmh, unit)}`,
    `battery = motor ÷ its efficiency + ${plain(setup.standbyW)} W standby = ${plain(point.batteryW, 0)} W`,
    ...(point.whPerKm !== null
      ? [`${plain(point.batteryW, 0)} W ÷ ${speed(point.speedKmh, unit)} = ${whPer(point.whPerKm, unit)}`]
      : []),
    ...(point.rangeKm !== null && setup.usableWh !== null
      ? [
          `range = ${plain(setup.usableWh, 0)} Wh usable ÷ ${whPer(point.whPerKm ?? 0, unit)} = ` +
            `${distance(point.rangeKm, unit)}`,
        ]
      : []),
    ...(point.startUp
      ? [
          `start: ∫ m·dv ÷ F to ${speed(START_TO_KMH, unit)} = ${fixed(point.startUp.seconds)} s, ` +
            `${fixed(point.startUp.metres)} m`,
        ]
      : [`It does not reach ${speed(START_TO_KMH, unit)} from rest here.`]),
    `${plain(point.heatW, 0)} W turn to heat in motor and controller`,
    "Road load: Martin et al. 1998. Coefficients from memory.",
  ];
}

/** How fast a hub turns with nothing to push; a mid-drive spins to its cadence limit instead. */
export function offGroundWorking({ setup: { kit } }: Ride): readonly string[] {
  const { motor, pack } = kit;
  if (motor.kind !== "hub") return [];
  const milliohm = plain(1000 * (motor.resistanceOhm + pack.resistanceOhm), 0);
  return [
    `(${fixed(pack.openCircuitV)} V − ${plain(motor.noLoadA, 2)} A × ${milliohm} mΩ) × ` +
      `${plain(motor.kvRpmPerV, 2)} rpm/V × rollout`,
    MEMORY,
  ];
}

export const topSpeedWorking = (ride: Ride, unit: SpeedUnit): readonly string[] => [
  loadWorking(ride, 0, unit),
  "full level and the rider’s power balance it there, no cap in the way",
  MEMORY,
];

export const massWorking = ({ motorKg, packKg }: Ride): readonly string[] => [
  `rider, bike and load + motor ${plain(motorKg)} kg + pack ${plain(packKg)} kg`,
  "Turning wheels add 2 kg to what a start must speed up: from memory.",
];

/** Watt-hours that can be used, out of those on the label. */
export const chargeWorking = ({ setup: { usableWh }, nominalWh }: Ride): readonly string[] =>
  usableWh === null || nominalWh === null
    ? []
    : [
        `${plain(nominalWh, 0)} Wh × ${plain(usableWh / nominalWh, 3)} at this temperature = ${plain(usableWh, 0)} Wh`,
        MEMORY,
      ];
