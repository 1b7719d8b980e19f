/**
 * What a rider is told of the bike: each fact as read back off the display, else as planned and said to be, else not
 * known. Nothing planned is ever told as set.
 */
import { canSet, decoded } from "../applied";
import { rideOf } from "../benches/rideOf";
import { atHome, isShown, levelsInForce, linesOf, standInRaws, type DisplayProfile, type Settings } from "../display";
import { readFacts } from "../facts/everyFact";
import type { AppliedCap } from "../law";
import { readLevelSpeeds } from "../proof";
import { ridePoint } from "../ride";
import type { Column } from "../sheet";
import { own } from "../units/limits";
import type { Paper } from "./paper";

/** A fact with how far it can be trusted. */
export type ToldFact<Value> =
  { readonly as: "read-back" | "planned" | "not-set"; readonly value: Value } | { readonly as: "unknown" };

export interface LevelsFact {
  readonly least: 0 | 1;
  readonly most: number;
  readonly startsIn: Settings["levelAtPowerOn"] | null;
}

export interface ThrottleFact {
  readonly mode: Settings["throttleMode"];
  readonly fromStandstill: boolean | null;
  readonly afterPedalling: boolean | null;
}

export interface WalkFact {
  readonly on: boolean;
  /** True speed, km/h; null where no line says one. */
  readonly kmh: number | null;
}

/** One level as the rider knows it. */
export interface OwnersLevel {
  readonly level: number;
  readonly name: string | null;
  readonly kmh: number;
  readonly from: "measured" | "foretold";
  readonly rangeKm: number | null;
}

export interface OwnersFacts {
  readonly throttleFitted: boolean | null;
  /** Whether it may answer at power-on: one is fitted, and nothing known switches it off. */
  readonly throttleLive: boolean;
  /** Line of the menu that sets the clock; null where none does. */
  readonly clockLine: string | null;
  readonly cap: ToldFact<AppliedCap>;
  readonly levels: ToldFact<LevelsFact>;
  readonly throttle: ToldFact<ThrottleFact>;
  readonly walk: ToldFact<WalkFact>;
  readonly cruise: ToldFact<boolean>;
  readonly lamp: ToldFact<Settings["lampMode"]>;
  readonly trip: ToldFact<Settings["tripReset"]>;
  readonly autoOff: ToldFact<number>;
  /** Whether the display asks for a number at start. The number itself is never kept. */
  readonly lock: ToldFact<boolean>;
  readonly cutOff: ToldFact<number>;
  /** Speed and range of each level; what they rest on is read back or planned as a whole. */
  readonly eachLevel: ToldFact<readonly OwnersLevel[]>;
}

/** Reads a fact off a column of values; null where the column does not say. */
type Of<Value> = (profile: DisplayProfile, column: Column) => Value | null;

const setting =
  <K extends keyof Settings>(key: K): Of<Settings[K]> =>
  (profile, { raws }) =>
    decoded(profile, raws, key);

const capFact: Of<AppliedCap> = (_, { cap }) => (cap.kind === "not-read" || cap.kind === "no-line" ? null : cap);

const levelsFact: Of<LevelsFact> = (profile, { raws }) => {
  if (decoded(profile, raws, "assistLevels") === null) return null;
  const standIns = standInRaws(profile);
  const home = atHome(
    profile,
    raws.map((raw, i) => raw ?? standIns[i] ?? 0),
  );
  return {
    least: decoded(profile, raws, "levelZero") === false ? 1 : profile.levels.lowest,
    most: levelsInForce(profile, home),
    startsIn: decoded(profile, raws, "levelAtPowerOn"),
  };
};

const throttleFact: Of<ThrottleFact> = (profile, { raws }) => {
  const drive = decoded(profile, raws, "driveMode");
  const mode = drive === "assist-only" ? "off" : decoded(profile, raws, "throttleMode");
  // Nobody knows what the throttle does while the line that may overrule it is unread.
  return mode === null || (drive === null && canSet(profile, "driveMode"))
    ? null
    : {
        mode,
        fromStandstill: decoded(profile, raws, "throttleFromStandstill"),
        afterPedalling: decoded(profile, raws, "throttleAfterPedalling"),
      };
};

const walkFact: Of<WalkFact> = (profile, { raws }) => {
  const on = decoded(profile, raws, "walkAssistOn");
  const kmh = decoded(profile, raws, "walkAssistKmh");
  return (on === null && canSet(profile, "walkAssistOn")) || (on === null && kmh === null)
    ? null
    : { on: on ?? true, kmh };
};

/** Whether every line a column shows has a value. */
const isWhole = (profile: DisplayProfile, { raws }: Column): boolean =>
  linesOf(profile).every(
    (line, i) => line.encoding.kind === "read-only" || !isShown(profile, i, raws) || (raws[i] ?? null) !== null,
  );

/** Speeds of the levels as a passed check wrote them down; null where none did. */
function measuredLevels({ job, workings }: Paper): readonly number[] | null {
  const state = workings.checks.find(({ check }) => check.id === "level-speeds");
  const result = own(job.checks, "level-speeds");
  return state?.verdict === "passed" && result ? readLevelSpeeds(result.measured, result.askedIn) : null;
}

/** What each level comes to with these values; null while the ride is not known. */
function eachLevelOn(paper: Paper, profile: DisplayProfile, column: Column): readonly OwnersLevel[] | null {
  const { job, workings } = paper;
  const facts = readFacts({ ...job.intake, measuredSpeeds: "" });
  const on = { profile, raws: column.raws };
  const reading = rideOf({ bike: workings.bike, facts, on, cap: column.cap });
  if (!reading.ok) return null;
  const { setup, road, levels } = reading.ride;
  const ridden = column.name === "left" ? measuredLevels(paper) : null;
  return levels.slice(1).map(({ level, drive }): OwnersLevel => {
    const point = ridePoint(setup, drive, { ...road, grade: 0 });
    const measuredKmh = ridden?.[level - 1];
    return {
      level,
      name: profile.levels.names[level - profile.levels.lowest] ?? null,
      kmh: measuredKmh ?? point.speedKmh,
      from: measuredKmh === undefined ? "foretold" : "measured",
      rangeKm: point.rangeKm,
    };
  });
}

/** Everything the rider is told; null while there is no display. */
export function ownersFacts(paper: Paper): OwnersFacts | null {
  const { job, left, planned, standing, workings } = paper;
  const { profile } = job;
  if (!profile) return null;
  const isSet = standing !== "planned-not-set";
  const told = <Value>(of: Of<Value>): ToldFact<Value> => {
    const read = isSet ? of(profile, left) : null;
    if (read !== null) return { as: "read-back", value: read };
    const plan = of(profile, planned);
    return plan === null ? { as: "unknown" } : { as: isSet ? "planned" : "not-set", value: plan };
  };
  const throttle = told(throttleFact);
  const { throttleFitted } = workings.bike;
  return {
    throttleFitted,
    throttleLive: throttleFitted === true && (throttle.as === "unknown" || throttle.value.mode !== "off"),
    clockLine: linesOf(profile).find(({ encoding }) => encoding.kind === "clock")?.code ?? null,
    cap: told(capFact),
    levels: told(levelsFact),
    throttle,
    walk: told(walkFact),
    cruise: told(setting("cruiseOn")),
    lamp: told(setting("lampMode")),
    trip: told(setting("tripReset")),
    autoOff: told(setting("autoOffMin")),
    lock: told(setting("startPinOn")),
    cutOff: told(setting("cutOffV")),
    eachLevel: told((of, column) =>
      column.name === "left" && !isWhole(of, column) ? null : eachLevelOn(paper, of, column),
    ),
  };
}
