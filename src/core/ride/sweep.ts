/**
 * Every level on every grade for one or more setups, a cell at a time, so that a worker can tell how far it is and
 * stop.
 */
import type { Drive } from "./kit";
import type { Road } from "./roadLoad";
import { ridePoint, runsHot, type RidePoint, type RideSetup } from "./steady";

export interface SweepSetup {
  readonly setup: RideSetup;
  /** Level 0 first, where there is one. */
  readonly drives: readonly Drive[];
}

export interface SweepAsk {
  readonly setups: readonly SweepSetup[];
  /** Rise over run. */
  readonly grades: readonly number[];
  readonly road: Omit<Road, "grade">;
}

/** By setup, then level, then grade. */
export type SweepResult = readonly (readonly (readonly RidePoint[])[])[];

/** Grades looked at, rise over run: 13 of them, from a gentle descent to as steep as roads are. */
export const GRADES: readonly number[] = [-0.04, -0.02, 0, 0.01, 0.02, 0.03, 0.04, 0.05, 0.06, 0.08, 0.1, 0.12, 0.15];

/**
 * The gentlest climb on which a level held for long runs hot, out of one level's points by grade; null where none does.
 */
export const hotFromGrade = (
  setup: RideSetup,
  points: readonly RidePoint[],
  grades: readonly number[] = GRADES,
): number | null =>
  grades.find((grade, i) => grade > 0 && points[i] !== undefined && runsHot(setup, points[i]) === true) ?? null;

export const cellCount = ({ setups, grades }: SweepAsk): number =>
  setups.reduce((sum, { drives }) => sum + drives.length * grades.length, 0);

/** Works the cells out one at a time; yields the share done after each, returns them all. */
export function* sweep(ask: SweepAsk): Generator<number, SweepResult> {
  const total = cellCount(ask);
  let done = 0;
  const result: RidePoint[][][] = [];
  for (const { setup, drives } of ask.setups) {
    const levels: RidePoint[][] = [];
    for (const drive of drives) {
      const points: RidePoint[] = [];
      for (const grade of ask.grades) {
        points.push(ridePoint(setup, drive, { ...ask.road, grade }));
        done += 1;
        yield done / total;
      }
      levels.push(points);
    }
    result.push(levels);
  }
  return result;
}
