/**
 * Rounding towards the safe side, to what a line of a display can hold.
 * Caps, currents and shares go down; cut-offs and circumferences go up. Practice of the trade, no source.
 */

/** The side on which an inexact value may lie without harm. */
export type SafeDirection = "down" | "up";

/** Slack, in steps, that keeps 0.1 + 0.2 style noise from moving a value by a whole step. */
const NOISE_STEPS = 1e-9;

export interface Grid {
  /** Distance between two values the line can hold, in the line's unit; above 0. */
  readonly step: number;
  /** A value the line can hold, in the line's unit; 0 where steps count from zero. */
  readonly origin?: number;
  /** Under a strict limit the value itself is not allowed: the result lies strictly on the safe side. */
  readonly strict?: boolean;
}

/**
 * The nearest value of the grid on the safe side of `value`, in the grid's own unit.
 * @throws RangeError when the step is not above 0 or the value is not finite.
 */
export function roundSafely(value: number, direction: SafeDirection, grid: Grid): number {
  const { step, origin = 0, strict = false } = grid;
  if (!(step > 0)) throw new RangeError(`step must be above 0, got ${step}`);
  if (!Number.isFinite(value)) throw new RangeError(`value must be finite, got ${value}`);
  const steps = (value - origin) / step;
  const sign = direction === "down" ? 1 : -1;
  const whole = direction === "down" ? Math.floor(steps + NOISE_STEPS) : Math.ceil(steps - NOISE_STEPS);
  const onLimit = Math.abs(steps - whole) <= NOISE_STEPS * Math.max(1, Math.abs(steps));
  return tidy(origin + (strict && onLimit ? whole - sign : whole) * step);
}

/** Drops the last bits of binary noise, so that 41.00000000000001 V is 41 V. */
export const tidy = (value: number): number => Number(value.toPrecision(12));
