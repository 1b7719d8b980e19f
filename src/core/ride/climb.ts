/** The steepest hill a level still climbs at a pace: the balance of forces at that speed, by halving over the grade. */
import type { Drive } from "./kit";
import type { Road } from "./roadLoad";
import { netForceN, type RideSetup } from "./steady";

/** A hill steeper than this is not looked at: a street at 30 % is the steepest there is. From memory. */
const STEEPEST = 0.4;
const HALVINGS = 24;

/**
 * Grade at which a level holds no more than a speed, rise over run; 0 where it does not hold it on the flat.
 * @param speedKmh the pace to be held, km/h
 */
export function steepestGrade(setup: RideSetup, drive: Drive, road: Omit<Road, "grade">, speedKmh: number): number {
  const holds = (grade: number): boolean => netForceN(setup, drive, { ...road, grade }, speedKmh) >= 0;
  if (!holds(0)) return 0;
  let low = 0;
  let high = STEEPEST;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}
