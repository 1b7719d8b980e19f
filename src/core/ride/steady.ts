/**
 * What a bike does under a level on a road: the speed it settles at, how it pulls away, what it takes from the pack.
 * Forces from roadLoad and kit; the balance is found by halving, since net force falls with speed.
 */
import { FULL_DRIVE, motorAt, riderForceN, type Drive, type Kit, type MotorPoint, type Rider } from "./kit";
import { KMH_PER_MPS, roadLoadN, WHEEL_INERTIA_KG, type Body, type Road } from "./roadLoad";

export interface RideSetup {
  readonly kit: Kit;
  readonly body: Body;
  readonly rider: Rider;
  /** True speed at which assist ends, km/h; null where nothing ends it. */
  readonly capKmh: number | null;
  /** Charge that can be used, Wh. */
  readonly usableWh: number | null;
  /** Drawn by display and controller all the time, W. */
  readonly standbyW: number;
}

/** Force left over at a speed, N: positive while the bike still gains speed. */
export function netForceN({ kit, body, rider, capKmh }: RideSetup, drive: Drive, road: Road, speedKmh: number): number {
  return (
    riderForceN(rider, speedKmh) + motorAt(kit, drive, capKmh, rider, speedKmh).forceN - roadLoadN(speedKmh, body, road)
  );
}

/** Faster than any bicycle here goes, km/h: a steep descent is not looked at beyond it. */
export const FASTEST_KMH = 120;
/** Slowest speed at which a bike still stays upright and moving, km/h. */
const SLOWEST_KMH = 0.5;
const HALVINGS = 48;

/** Speed at which the forces balance, km/h; 0 where it cannot pull away, 120 where nothing holds it below. */
export function steadySpeedKmh(setup: RideSetup, drive: Drive, road: Road): number {
  if (netForceN(setup, drive, road, SLOWEST_KMH) <= 0) return 0;
  if (netForceN(setup, drive, road, FASTEST_KMH) >= 0) return FASTEST_KMH;
  let low = SLOWEST_KMH;
  let high = FASTEST_KMH;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (netForceN(setup, drive, road, middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

export interface RidePoint {
  readonly speedKmh: number;
  readonly riderW: number;
  readonly motorW: number;
  /** From the pack, standby included, W. */
  readonly batteryW: number;
  /** Turned to heat in motor and controller, W. */
  readonly heatW: number;
  readonly whPerKm: number | null;
  /** Null where the pack is not known or the motor idles. */
  readonly rangeKm: number | null;
  /** Time and way to 10 km/h from a standstill; null where it never gets there. */
  readonly startUp: StartUp | null;
}

export interface StartUp {
  readonly seconds: number;
  readonly metres: number;
}

/** The speed a start is timed to, km/h. */
export const START_TO_KMH = 10;

/** Below this the motor does nothing worth a range, W. */
const IDLE_W = 5;

/** All that is said of one level on one road. */
export function ridePoint(setup: RideSetup, drive: Drive, road: Road): RidePoint {
  const speedKmh = steadySpeedKmh(setup, drive, road);
  const point: MotorPoint = motorAt(setup.kit, drive, setup.capKmh, setup.rider, Math.max(speedKmh, SLOWEST_KMH));
  const batteryW = point.electricalW + setup.standbyW;
  const whPerKm = speedKmh > 0 ? batteryW / speedKmh : null;
  return {
    speedKmh,
    riderW: speedKmh > 0 ? (riderForceN(setup.rider, speedKmh) * speedKmh) / KMH_PER_MPS : 0,
    motorW: speedKmh > 0 ? point.mechanicalW : 0,
    batteryW,
    heatW: point.electricalW - (speedKmh > 0 ? point.mechanicalW : 0),
    whPerKm,
    rangeKm:
      whPerKm === null || setup.usableWh === null || point.mechanicalW < IDLE_W ? null : setup.usableWh / whPerKm,
    startUp: startUp(setup, drive, road),
  };
}

const SLICES = 64;

/**
 * Time and way from rest to 10 km/h: ∫ m·dv/F and ∫ m·v·dv/F by Simpson's rule. Null where the push gives out before.
 */
export function startUp(setup: RideSetup, drive: Drive, road: Road, toKmh = START_TO_KMH): StartUp | null {
  const massKg = setup.body.massKg + WHEEL_INERTIA_KG;
  const step = toKmh / SLICES / KMH_PER_MPS;
  let seconds = 0;
  let metres = 0;
  for (let i = 0; i <= SLICES; i++) {
    const speed = i * step;
    const force = netForceN(setup, drive, road, speed * KMH_PER_MPS);
    if (force <= 0) return null;
    const weight = i === 0 || i === SLICES ? 1 : i % 2 === 1 ? 4 : 2;
    seconds += (weight * massKg) / force;
    metres += (weight * massKg * speed) / force;
  }
  return { seconds: (seconds * step) / 3, metres: (metres * step) / 3 };
}

/** Top speed the kit reaches by itself with this rider, no cap in the way, km/h. A cap above it is no cap. */
export const topSpeedKmh = (setup: RideSetup, road: Road): number =>
  steadySpeedKmh({ ...setup, capKmh: null }, FULL_DRIVE, road);

/** Heat a motor of a rating can be asked to shed for long, as a share of that rating. From memory. */
export const LONG_HEAT_SHARE = 0.5;

/** Whether a grade, held for long, heats the motor past what its rating is good for. Unknown without a rating. */
export const runsHot = ({ kit }: RideSetup, point: RidePoint): boolean | null =>
  kit.ratedW === null ? null : kit.motor.kind === "hub" && point.heatW > LONG_HEAT_SHARE * kit.ratedW;
