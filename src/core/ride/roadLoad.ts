/**
 * Road load: what air, rolling and the hill ask of a bike at a speed. Source: Martin et al. 1998, J. Appl. Biomech.
 * 14:276–291; standard air from ISO 2533. Coefficients are from memory and editable.
 */

/** Standard gravity, m/s². Source: ISO 80000-3. */
export const GRAVITY = 9.80665;

/** Metres per second to km/h. */
export const KMH_PER_MPS = 3.6;

export interface Road {
  /** Rise over run, 0.05 is 5 %; negative downhill. */
  readonly grade: number;
  /** Headwind, km/h; a tailwind is negative. */
  readonly headwindKmh: number;
  /** Coefficient of rolling resistance, 0.002 to 0.1. */
  readonly crr: number;
  /** Density of the air, kg/m³. */
  readonly airKgM3: number;
}

export interface Body {
  /** Rider, bike, kit and load, kg. */
  readonly massKg: number;
  /** Drag area, m². */
  readonly cdaM2: number;
}

/** Mass that the turning wheels add to what must be sped up, kg. From memory. */
export const WHEEL_INERTIA_KG = 2;

const SEA_LEVEL = {
  pressurePa: 101_325,
  temperatureK: 288.15,
  lapseKPerM: 0.0065,
  exponent: 5.25588,
  gasConstant: 287.05,
} as const;

/** Density of dry air at a temperature and altitude, kg/m³; 1.225 at 15 °C and sea level. Source: ISO 2533. */
export function airDensityKgM3(temperatureC: number, altitudeM: number): number {
  const { pressurePa, temperatureK, lapseKPerM, exponent, gasConstant } = SEA_LEVEL;
  const pressure = pressurePa * (1 - (lapseKPerM * altitudeM) / temperatureK) ** exponent;
  return pressure / (gasConstant * (273.15 + temperatureC));
}

export interface RoadForces {
  readonly airN: number;
  readonly rollingN: number;
  readonly hillN: number;
}

/** The three forces against a bike at a ground speed in km/h, N. Air can push where the wind comes from behind. */
export function roadForces(speedKmh: number, body: Body, road: Road): RoadForces {
  const relative = (speedKmh + road.headwindKmh) / KMH_PER_MPS;
  const angle = Math.atan(road.grade);
  const weight = body.massKg * GRAVITY;
  return {
    airN: 0.5 * road.airKgM3 * body.cdaM2 * relative * Math.abs(relative),
    rollingN: weight * road.crr * Math.cos(angle),
    hillN: weight * Math.sin(angle),
  };
}

/** Sum of the forces against a bike, N. */
export function roadLoadN(speedKmh: number, body: Body, road: Road): number {
  const { airN, rollingN, hillN } = roadForces(speedKmh, body, road);
  return airN + rollingN + hillN;
}
