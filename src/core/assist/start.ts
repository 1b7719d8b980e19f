/**
 * When assist starts: how far the crank turns before the display has counted enough magnets of the crank sensor.
 * Geometry; a double sensor counts twice the magnets on the ring.
 */

export interface StartAngle {
  /** Least and greatest turn of the crank before assist starts, degrees. */
  readonly leastDeg: number;
  readonly mostDeg: number;
}

/** Crank turn needed to count `counted` pulses out of `pulsesPerTurn`: between 360(n−1)/N and 360n/N degrees. */
export const startAngle = (counted: number, pulsesPerTurn: number): StartAngle => ({
  leastDeg: (360 * (counted - 1)) / pulsesPerTurn,
  mostDeg: (360 * counted) / pulsesPerTurn,
});

/** Longest wait before assist starts at a cadence, seconds: 60n/(N·c). */
export const startDelayS = (counted: number, pulsesPerTurn: number, cadenceRpm: number): number =>
  (60 * counted) / (pulsesPerTurn * cadenceRpm);

/** Pulses to count so that assist starts no sooner than wanted, rounded up to the gentler side; at least 1. */
export const pulsesForAngle = (wantedDeg: number, pulsesPerTurn: number): number =>
  Math.max(1, Math.ceil((wantedDeg * pulsesPerTurn) / 360 - 1e-9));

/** Pulses to count so that assist starts no later than wanted, rounded down to the keener side; at least 1. */
export const pulsesWithinAngle = (wantedDeg: number, pulsesPerTurn: number): number =>
  Math.max(1, Math.floor((wantedDeg * pulsesPerTurn) / 360 + 1e-9));

/** Cadence at which a rider sets off from rest, rpm. From memory. */
export const SETTING_OFF_RPM = 30;
