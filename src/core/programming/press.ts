/** Which press is one: a finger that trembles and a pedal that bounces press once. */

/** Two presses as close as this are one: a finger that trembles, a pedal that bounces, ms. */
export const ONE_PRESS_MS = 250;

/** A press that came last: what it said, and when. */
export interface LastPress {
  readonly of: string;
  readonly atMs: number;
}

/** Whether a press counts, given the last one; on one clock, ms. Something else is said as soon as it is pressed. */
export const isNewPress = (last: LastPress | null, of: string, nowMs: number): boolean =>
  last === null || last.of !== of || nowMs - last.atMs >= ONE_PRESS_MS;
