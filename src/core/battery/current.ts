/**
 * Battery amps a kit may draw: the least of what controller, BMS, motor, connector and wire bear. The display's line
 * only limits; it never lifts what the hardware gives. Wire and overload figures are common practice, no source.
 */
export type CurrentPart = "controller" | "bms" | "motor" | "connector" | "wire";

export interface CurrentBound {
  readonly part: CurrentPart;
  readonly amps: number;
}

/** Motor and controller, mechanical over electrical, where nothing better is known. From memory. */
export const USUAL_EFFICIENCY = { "geared-hub": 0.78, "direct-drive-hub": 0.83, "mid-drive": 0.8 } as const;

/** Battery amps a motor's rating permits: rated watts × overload ÷ efficiency ÷ volts. Not rated watts over volts. */
export const motorAmps = (ratedW: number, overload: number, efficiency: number, nominalV: number): number =>
  (ratedW * overload) / efficiency / nominalV;

/**
 * Amps per square millimetre of stranded copper in free air on a bicycle. From memory; local codes for wiring go first.
 */
export const AMPS_PER_MM2 = 12;

/** Amps a wire bears for long. */
export const wireAmps = (areaMm2: number): number => areaMm2 * AMPS_PER_MM2;

/** Area of a wire by its American gauge, mm². Source: ASTM B258: diameter 0.127 mm · 92^((36 − n) / 39). */
export function gaugeAreaMm2(gauge: number): number {
  const diameter = 0.127 * 92 ** ((36 - gauge) / 39);
  return (Math.PI / 4) * diameter * diameter;
}

export interface AllowedCurrent {
  readonly allowedA: number;
  /** The part that sets the limit; the first where several are alike. */
  readonly by: CurrentPart;
  readonly bounds: readonly CurrentBound[];
}

/** The least of the parts known, or null where none is. */
export function allowedCurrent(bounds: readonly CurrentBound[]): AllowedCurrent | null {
  const sorted = [...bounds].sort((a, b) => a.amps - b.amps);
  const least = sorted[0];
  return least ? { allowedA: least.amps, by: least.part, bounds: sorted } : null;
}
