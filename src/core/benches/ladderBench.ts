/**
 * The ladder at the bench: the one the display has, the one that would be better, and which levels of either are twins.
 */
import {
  equalFeelLadder,
  geometricLadder,
  holdShare,
  linearLadder,
  startAngle,
  twins,
  type LevelFeel,
  type ShareGrid,
  type StartAngle,
} from "../assist";
import { pulsesForAngle, pulsesWithinAngle, SETTING_OFF_RPM, startDelayS } from "../assist/start";
import {
  contextOf,
  decodeAll,
  encodeLine,
  linesOf,
  rawValues,
  settingsOf,
  shows,
  type DisplayProfile,
  type Line,
} from "../display";
import { driveOf, ridePoint, steadySpeedKmh, type RidePoint } from "../ride";
import { appliedCurrentA, type Raws } from "../applied/applied";
import { sharesOn } from "../applied/levels";
import type { Bike } from "../facts/bike";
import type { Facts } from "../facts/everyFact";
import { readNumbers, readSpeeds, type ListProblem } from "../facts/lists";
import { HILL_GRADE } from "./outcome";
import { ladderLines, type LadderLines } from "./lineValues";
import { levelsOf, type Level, type Ride } from "./rideOf";

export interface LadderRow extends Level {
  readonly flat: RidePoint;
  readonly hill: RidePoint;
  /** Level this one is really the same as; null where it stands on its own. */
  readonly twinOf: number | null;
  /**
   * Whether the model comes to the speed measured; where it does not, its power and range say nothing of this level.
   */
  readonly explained: boolean;
}

/** The model explains a measured speed this near to its own, km/h. */
const EXPLAINED_KMH = 0.75;

export interface Ladder {
  readonly rows: readonly LadderRow[];
  /** Levels that differ from every one before them, level 0 among them. */
  readonly real: number;
}

export interface LadderBench {
  readonly present: Ladder;
  readonly designed: Ladder;
  readonly grid: ShareGrid;
  /** Lines of the display that hold the ladder: the number of levels and the share of each; null without a display. */
  readonly lines: LadderLines | null;
  readonly byHandProblem: ListProblem | null;
  readonly measuredProblem: ListProblem | null;
}

/** Works a ladder's rows out, twins among them. */
function ladderOf(levels: readonly Level[], ride: Ride): Ladder {
  const flat = { ...ride.road, grade: 0 };
  const hill = { ...ride.road, grade: HILL_GRADE };
  const points = levels.map((level) => ({
    ...level,
    flat: ridePoint(ride.setup, level.drive, flat),
    hill: ridePoint(ride.setup, level.drive, hill),
  }));
  const feel = points.map(({ flat: f, hill: h, measuredKmh }): LevelFeel => ({
    measuredKmh,
    flatKmh: f.speedKmh,
    hillKmh: h.speedKmh,
    flatBatteryW: f.batteryW,
    hillBatteryW: h.batteryW,
  }));
  const found = twins(feel);
  return {
    rows: points.map((row, i) => ({
      ...row,
      twinOf: found.find(({ level }) => level === i)?.sameAs ?? null,
      explained: row.measuredKmh === null || Math.abs(row.measuredKmh - row.flat.speedKmh) <= EXPLAINED_KMH,
    })),
    real: points.length - found.length,
  };
}

/** What the share lines of a display can hold: least, most and step, as shares; null where it has none. */
function gridOn(profile: DisplayProfile): ShareGrid | null {
  const line = linesOf(profile).find((each) => settingsOf(each).includes("share1"));
  if (!line) return null;
  const values = rawValues(line.encoding).flatMap((raw) => {
    const share = decodeAll(line, raw, contextOf(profile, [])).share1;
    return typeof share === "number" ? [share] : [];
  });
  const sorted = [...values].sort((a, b) => a - b);
  const [first = 0.01, second = first + 0.01] = sorted;
  return { least: first, most: sorted.at(-1) ?? 1, step: Number((second - first).toFixed(6)) };
}

/** The ladder wished for, unrounded. */
function wished(facts: Facts, ride: Ride, levels: number): readonly number[] {
  const wish = {
    levels,
    first: facts.number("firstPercent") / 100,
    top: facts.number("topPercent") / 100,
  };
  const road = { ...ride.road, grade: facts.option("feelOn") === "flat" ? 0 : HILL_GRADE };
  switch (facts.option("shape")) {
    case "tens":
      // 20, 30 … for nine levels; a line that ends at 99 holds that. Common practice, no source.
      return linearLadder({ levels, first: 0.2, top: 1 });
    case "geometric":
      return geometricLadder(wish);
    case "equal-speed":
      return equalFeelLadder(wish, (share) => steadySpeedKmh(ride.setup, driveOf(ride.kind, share), road));
    case "equal-power":
      return equalFeelLadder(wish, (share) => ridePoint(ride.setup, driveOf(ride.kind, share), road).batteryW);
    default:
      return linearLadder(wish);
  }
}

/** Present and designed ladder side by side. */
export function ladderBench(ride: Ride, facts: Facts, profile: DisplayProfile | null, raws: Raws): LadderBench {
  const own = profile ? sharesOn(profile, raws) : null;
  const count = facts.number("levels") ?? own?.shares.length ?? 5;
  const grid = (profile ? gridOn(profile) : null) ?? {
    least: facts.number("floorPercent") / 100,
    most: facts.number("ceilingPercent") / 100,
    step: facts.number("stepPercent") / 100,
  };
  const byHand = readNumbers(facts.text("byHand"), 0, 100);
  const wish = wished(facts, ride, count);
  const shares =
    facts.option("shape") === "by-hand" && byHand.values.length > 0
      ? wish.map((share, i) => (byHand.values[i] ?? share * 100) / 100)
      : wish;
  const held = shares.map((share) => holdShare(share, grid));
  const measured = readSpeeds(facts.text("measuredSpeeds"));
  return {
    present: ladderOf(ride.levels, ride),
    designed: ladderOf(levelsOf(held, "usual", [], null, ride.kind, ride.setup, ride.road), ride),
    grid,
    lines: profile && ladderLines(profile, raws, held),
    byHandProblem: byHand.problem,
    measuredProblem: measured.problem,
  };
}

export interface StartBench {
  readonly wantedDeg: number;
  readonly crankPulses: number;
  /** Counts on both sides of the wish. */
  readonly gentler: StartCount;
  readonly keener: StartCount;
  /** The display's line for it, whichever way it counts; null where it has none. */
  readonly line: {
    readonly code: string;
    readonly shows: string;
    readonly angle: StartAngle | null;
    readonly larger: "later" | "sooner";
  } | null;
}

export interface StartCount {
  readonly pulses: number;
  readonly angle: StartAngle;
  /** Longest wait from rest and at the rider's cadence, s. */
  readonly fromRestS: number;
  readonly ridingS: number;
}

/** Start angle wanted, what it takes to count, and what the display's own line would have to show. */
export function startBench(bike: Bike, facts: Facts, profile: DisplayProfile | null, raws: Raws): StartBench {
  const wantedDeg = facts.number("startAngleDeg");
  const cadence = facts.number("cadenceRpm");
  const count = (pulses: number): StartCount => ({
    pulses,
    angle: startAngle(pulses, bike.crankPulses),
    fromRestS: startDelayS(pulses, bike.crankPulses, SETTING_OFF_RPM),
    ridingS: startDelayS(pulses, bike.crankPulses, cadence),
  });
  const gentler = count(pulsesForAngle(wantedDeg, bike.crankPulses));
  return {
    wantedDeg,
    crankPulses: bike.crankPulses,
    gentler,
    keener: count(pulsesWithinAngle(wantedDeg, bike.crankPulses)),
    line: profile ? startLine(profile, raws, gentler.pulses, gentler.fromRestS, bike.crankPulses) : null,
  };
}

/** Start readiness 1 is the soonest there is, and 0 a whole turn of the crank. Common practice, no source. */
const readinessOf = (pulses: number, crankPulses: number): number => Math.min(1, Math.max(0, 1 - pulses / crankPulses));

function startLine(
  profile: DisplayProfile,
  raws: Raws,
  pulses: number,
  delayS: number,
  crankPulses: number,
): StartBench["line"] {
  const wishes: readonly (readonly [string, number, "later" | "sooner"])[] = [
    ["startPulses", pulses, "later"],
    ["startDelayS", delayS, "later"],
    ["startReadiness", readinessOf(pulses, crankPulses), "sooner"],
  ];
  for (const [setting, value, larger] of wishes) {
    const line = linesOf(profile).find((each) => settingsOf(each).some((key) => key === setting));
    if (!line) continue;
    const encoded = encodeLine(line.encoding, value, false, contextOf(profile, raws));
    if (!encoded.ok) continue;
    return {
      code: line.code,
      shows: shows(line.encoding, encoded.raw),
      angle:
        setting === "startPulses" && typeof encoded.held === "number" ? startAngle(encoded.held, crankPulses) : null,
      larger,
    };
  }
  return null;
}

export type CurrentSense =
  | { readonly kind: "amps"; readonly line: Line; readonly amps: number }
  /** Several numbers give the same share: the lower ones only come in softer. */
  | { readonly kind: "ramp-modes"; readonly line: Line; readonly full: readonly string[] }
  | { readonly kind: "share"; readonly line: Line; readonly amps: number | null }
  | { readonly kind: "no-line" };

/**
 * What the display's current line really does: amps, a share of the controller, or numbers that are ramps in disguise.
 */
export function currentSense(profile: DisplayProfile, raws: Raws, bike: Bike): CurrentSense {
  const line = linesOf(profile).find((each) =>
    settingsOf(each).some((setting) => setting === "currentLimitA" || setting === "currentShare"),
  );
  if (!line) return { kind: "no-line" };
  if (settingsOf(line).includes("currentLimitA"))
    return { kind: "amps", line, amps: appliedCurrentA(profile, raws, bike) ?? 0 };
  const context = contextOf(profile, raws);
  const full = rawValues(line.encoding)
    .filter((raw) => decodeAll(line, raw, context).currentShare === 1)
    .map((raw) => shows(line.encoding, raw));
  return full.length > 1
    ? { kind: "ramp-modes", line, full }
    : { kind: "share", line, amps: appliedCurrentA(profile, raws, bike) };
}
