/** Watts drawn from a pack, counted three ways: by the label, full, and nearly empty under load. */
import { packOhm, packRestV, type Pack } from "./gauge";

export interface BatteryWatts {
  /** Nominal volts × amps, as the label of a kit counts. */
  readonly labelW: number;
  /** Full pack, under that current. */
  readonly fullW: number;
  /** Near empty (20 %), under that current. */
  readonly saggedW: number;
}

/** Charge at which the sagged figure is taken. */
export const SAGGED_AT = 0.2;

/** Watts drawn at a current, three ways: label, full pack, sagged pack: I·(V_oc − I·R). */
export function batteryWatts(pack: Pack, nominalV: number, currentA: number): BatteryWatts {
  const under = (charge: number) => currentA * (packRestV(pack, charge) - currentA * packOhm(pack));
  return { labelW: nominalV * currentA, fullW: under(1), saggedW: under(SAGGED_AT) };
}
