/** What a speed asks of the brakes: the energy they take up, and how far it rolls while they do. */
import { KMH_PER_MPS } from "./roadLoad";

const ms = (kmh: number): number => kmh / KMH_PER_MPS;

/**
 * What two brakes are held to in the dry: from 25 km/h within 7 m. ISO 4210-2, city and mountain bicycles, from memory.
 */
export const DRY_TEST = { fromKmh: 25, withinM: 7 } as const;

/** Deceleration that test asks for, m/s². */
const DRY_MS2 = ms(DRY_TEST.fromKmh) ** 2 / (2 * DRY_TEST.withinM);

export interface Stop {
  /** Energy of motion the brakes turn into heat, J. */
  readonly energyJ: number;
  /** Way to a stop with brakes that just pass the test, m; the time before they are pulled is not in it. */
  readonly wayM: number;
}

/**
 * A stop on the flat from a speed, km/h, 0 or more, with everything that rolls, kg, more than 0. Both grow with the
 * square of the speed (kinematics: v²/2a and mv²/2).
 */
export const stopFrom = (speedKmh: number, massKg: number): Stop => ({
  energyJ: (massKg * ms(speedKmh) ** 2) / 2,
  wayM: ms(speedKmh) ** 2 / (2 * DRY_MS2),
});
