/**
 * What a rider will feel of a column of values: the crawl of the first level, how it pulls away, how steep each level
 * climbs, how far it goes. The start is ridden on the bench, with the wait and the ramp the lines ask for.
 */
import { decoded, type Raws } from "../applied";
import { ridePoint, START_TO_KMH, steepestGrade, steadySpeedKmh } from "../ride";
import { atHome, LEVEL_SHARES, standInRaws, type DisplayProfile, type SettingKey } from "../display";
import { withoutMeasured } from "../benches/modesOffered";
import { rideOf, type Level, type Ride } from "../benches/rideOf";
import type { Column } from "../sheet";
import { readBike } from "../facts/bike";
import { readFacts } from "../facts/everyFact";
import { atRest, HANDS_OFF, liveAfter, type Hands } from "./live";
import { liveBike, type LiveBike, type Typed } from "./liveBike";

/** A start ridden from a standstill. */
export interface FeltStart {
  /** Time until the motor first pushes, s; null where it does not. */
  readonly waitS: number | null;
  /** Time to 10 km/h from the first turn of the crank, s; null where it takes longer than is looked at. */
  readonly toTenS: number | null;
  /** Most the motor pushes within the first 0.3 s after it comes in, N, and as weight on the hand, kg. */
  readonly kickN: number;
  readonly kickKg: number;
  /** Speed over time, km/h over s. */
  readonly points: readonly { readonly s: number; readonly kmh: number }[];
}

export interface FeltLevel {
  readonly level: number;
  /** Steady speed on the flat, km/h: as measured, else foretold. */
  readonly kmh: number;
  readonly measured: boolean;
  /** Steepest hill it climbs at walking pace, rise over run. */
  readonly climbs: number;
  readonly rangeKm: number | null;
}

export interface Feel {
  /** Speed of level 1 with feet that only turn, km/h. */
  readonly crawlKmh: number;
  readonly start: FeltStart;
  readonly levels: readonly FeltLevel[];
  /** Settings that bear on the start and that no line tells: taken as usual. */
  readonly usual: readonly SettingKey[];
}

/** Pace at which a hill is still climbed and not pushed, km/h. */
export const CLIMB_KMH = 6;
/** Feet that only turn the cranks give this much, W. */
const LIGHT_FOOT_W = 15;
const ROAD: Hands = { ...HANDS_OFF, wheelUp: false, pedals: "forward" };
const SLICE_MS = 20;
/** A kick is felt in this time after the motor comes in, s. */
const KICK_S = 0.3;
/** A start is looked at for this long, s. */
export const START_LOOKED_AT_S = 8;
/** m/s². Source: 3rd General Conference on Weights and Measures, 1901. */
const STANDARD_GRAVITY = 9.80665;
/** The motor is felt from this push on, N. */
const FELT_N = 2;

function startOf(bike: LiveBike, raws: readonly number[], level: number): FeltStart {
  let live = atRest(bike, { ...atHome(bike.profile, raws), level });
  let waitS: number | null = null;
  let toTenS: number | null = null;
  let kickN = 0;
  const points = [{ s: 0, kmh: 0 }];
  for (let s = SLICE_MS / 1000; s <= START_LOOKED_AT_S + 1e-9; s += SLICE_MS / 1000) {
    live = liveAfter(bike, live, ROAD, SLICE_MS);
    if (waitS === null && live.motorN > FELT_N) waitS = s;
    if (waitS !== null && s <= waitS + KICK_S) kickN = Math.max(kickN, live.motorN);
    if (toTenS === null && live.speedKmh >= START_TO_KMH) toTenS = s;
    points.push({ s, kmh: live.speedKmh });
  }
  return { waitS, toTenS, kickN, kickKg: kickN / STANDARD_GRAVITY, points };
}

const feltLevel = ({ setup, road }: Ride, { level, drive, measuredKmh }: Level): FeltLevel => {
  const point = ridePoint(setup, drive, { ...road, grade: 0 });
  return {
    level,
    kmh: measuredKmh ?? point.speedKmh,
    measured: measuredKmh !== null,
    climbs: steepestGrade(setup, drive, road, CLIMB_KMH),
    rangeKm: point.rangeKm,
  };
};

/** What bears on a start, and is taken as usual where a display has no line for it or nobody has read it. */
const START_SETTINGS: readonly (readonly SettingKey[])[] = [
  ["startPulses", "startDelayS", "startReadiness"],
  ["startStrengthShare"],
  ["rampSoftness"],
];

/** The level a start is ridden in: the first one above none. */
const FIRST_LEVEL = 1;

/** Settings that decide how fast a level is: speeds measured with others say nothing. */
const SPEED_SETTINGS: readonly SettingKey[] = [
  ...LEVEL_SHARES,
  "assistLevels",
  "strengthCurve",
  "assistCapKmh",
  "capPowerShare",
  "circumferenceMm",
  "pulsesPerTurn",
  "motorPulses",
  "speedCalibrationPercent",
  "currentLimitA",
  "currentShare",
];

const isAsMeasured = (profile: DisplayProfile, raws: Raws, measuredWith: Raws): boolean =>
  SPEED_SETTINGS.every((setting) => decoded(profile, raws, setting) === decoded(profile, measuredWith, setting));

/**
 * What a column feels like; null where the bike's facts do not make a ride.
 * @param measuredWith the values speeds were measured with: on others they do not stand
 */
export function feelOf(
  profile: DisplayProfile,
  typed: Typed,
  { raws, cap }: Pick<Column, "raws" | "cap">,
  measuredWith: Raws,
): Feel | null {
  const all = readFacts(typed);
  const facts = isAsMeasured(profile, raws, measuredWith) ? all : withoutMeasured(all);
  const { bike } = readBike(all);
  const reading = rideOf({ bike, facts, on: { profile, raws }, cap });
  const live = liveBike(profile, typed);
  if (!reading.ok || !live) return null;
  const { ride } = reading;
  const first = ride.levels[FIRST_LEVEL];
  const light = { ...ride.setup, rider: { ...ride.setup.rider, powerW: LIGHT_FOOT_W } };
  return {
    crawlKmh: first ? steadySpeedKmh(light, first.drive, { ...ride.road, grade: 0 }) : 0,
    start: startOf(live, filled(profile, raws), FIRST_LEVEL),
    levels: ride.levels.map((level) => feltLevel(ride, level)),
    usual: START_SETTINGS.flatMap((settings) =>
      settings.every((setting) => decoded(profile, raws, setting) === null) ? settings.slice(0, 1) : [],
    ),
  };
}

/** What nobody knows is as the bench takes it. */
function filled(profile: DisplayProfile, raws: Raws): readonly number[] {
  const usual = standInRaws(profile);
  return raws.map((raw, i) => raw ?? usual[i] ?? 0);
}

/** What a rider would notice of a change, with the figure before and after. */
export type Noticed =
  | { readonly what: "comes-in" | "to-ten"; readonly fromS: number | null; readonly toS: number | null }
  | { readonly what: "kick"; readonly fromKg: number; readonly toKg: number }
  | { readonly what: "crawl"; readonly fromKmh: number; readonly toKmh: number };

/** Less than this is not noticed: times in s, a push as a share of itself, a speed in km/h. From memory. */
const NOTICED = { comesInS: 0.04, toTenS: 0.2, kickShare: 0.07, crawlKmh: 0.7 } as const;

const differs = (from: number | null, to: number | null, by: number): boolean =>
  from === null || to === null ? from !== to : Math.abs(from - to) >= by;

/** What a rider would notice between two ways a bike feels; none where it feels the same. */
export function noticed(from: Feel, to: Feel): readonly Noticed[] {
  const [was, is] = [from.start, to.start];
  const all: readonly (readonly [boolean, Noticed])[] = [
    [differs(was.waitS, is.waitS, NOTICED.comesInS), { what: "comes-in", fromS: was.waitS, toS: is.waitS }],
    [
      differs(was.kickKg, is.kickKg, NOTICED.kickShare * was.kickKg),
      { what: "kick", fromKg: was.kickKg, toKg: is.kickKg },
    ],
    [differs(was.toTenS, is.toTenS, NOTICED.toTenS), { what: "to-ten", fromS: was.toTenS, toS: is.toTenS }],
    [
      differs(from.crawlKmh, to.crawlKmh, NOTICED.crawlKmh),
      { what: "crawl", fromKmh: from.crawlKmh, toKmh: to.crawlKmh },
    ],
  ];
  return all.flatMap(([isNoticed, each]) => (isNoticed ? [each] : []));
}
