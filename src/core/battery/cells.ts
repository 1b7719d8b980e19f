/**
 * Cells beyond their sheet's figures: resistance, cold, charge out of volts. From memory unless
 * marked; shown and editable where a bike's own figure is known.
 */
import { figuresOf, type Chemistry } from "./chemistry";

export type CellKind = "18650" | "21700" | "prismatic" | "other";

/** Resistance of one cell with its links when new and warm, Ω. From memory. */
export const CELL_OHM: Readonly<Record<CellKind, number>> = {
  "18650": 0.05,
  "21700": 0.035,
  prismatic: 0.003,
  other: 0.05,
};

/** Capacity of one cell of a kind, Ah: what the parallel count is guessed from. From memory. */
export const CELL_AH: Readonly<Record<CellKind, number>> = { "18650": 3, "21700": 4.8, prismatic: 100, other: 3 };

/** Resistance doubles from new to aged, and again from 20 °C to 0 °C. From memory. */
export const AGED_FACTOR = 2;

/** By how much cold raises resistance: once at 20 °C and above, twice at 0 °C, in a straight line and on below. */
export const coldFactor = (temperatureC: number): number => 1 + Math.max(0, 20 - temperatureC) / 20;

/** Share of the label's watt-hours that can be used, warm. From memory. */
export const USABLE_WARM = 0.9;

/**
 * Share of the label's watt-hours that can be used at a temperature: three quarters of the warm share at 0 °C. From
 * memory.
 */
export function usableShare(temperatureC: number, warm = USABLE_WARM): number {
  const cold = Math.min(1, Math.max(0, (20 - temperatureC) / 20));
  return warm * (1 - 0.25 * cold);
}

/** Charge of 0 to 1 at resting volts per cell; the way back of `restV`, held at its ends. */
export function chargeAt(chemistry: Chemistry, cellV: number): number {
  const { rest } = figuresOf(chemistry);
  const first = rest[0];
  if (!first || cellV <= first[1]) return 0;
  for (let i = 1; i < rest.length; i++) {
    const [c0, v0] = rest[i - 1] ?? [0, 0];
    const [c1, v1] = rest[i] ?? [1, 0];
    if (cellV <= v1) return c0 + ((c1 - c0) * (cellV - v0)) / (v1 - v0);
  }
  return 1;
}
