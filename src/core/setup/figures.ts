/**
 * Figures behind the numbers of a bike: what can be measured or looked up beyond the intake, each with the guess that
 * stands in for it. They are kept as typed, in the same record as the intake. Guesses are from memory unless marked
 * otherwise.
 */
import { CELL_AH, CELL_OHM, seriesFromCharger, type CellKind } from "../battery/cells";
import { usualSeries } from "../battery/chemistry";
import type { Pack } from "../battery/gauge";
import { speedFromKmh, speedToKmh, type SpeedUnit } from "../units";
import { readQuantity } from "../units/quantity";
import { typedNumber } from "../units/typedNumber";
import { fieldProblem, type Bike, type FieldProblem, type IntakeField } from "./bike";

const number = (unit: string | null, min: number, max: number, guess: number | null = null, whole = false) => ({
  kind: "number" as const,
  unit,
  min,
  max,
  whole,
  guess,
});
const option = (options: readonly string[], guess: string | null = null) => ({
  kind: "option" as const,
  options,
  guess,
});
const text = (longest: number) => ({ kind: "text" as const, longest });

/** Times the rider's own power a torque-controlled kit adds at most. From memory. */
const USUAL_TOP_TIMES_RIDER = 3;

/** A stopwatch in the hand, two ends, s. From memory. */
const STOPWATCH_S = 0.3;

/** Every figure, by the bench it belongs to. */
export const FIGURES = {
  // Wheel
  sidewall: text(80),
  outerDiameterMm: number("mm", 200, 900),
  spokeMagnets: number("magnets", 1, 36, null, true),
  motorPoles: number("poles", 2, 120, null, true),
  gearRatio: number(": 1", 1, 30, 1),
  oneTrueKmh: number("km/h", 3, 120),
  oneTrueErrorKmh: number("km/h", 0, 10, 0.5),
  oneShown: number(null, 0, 200),
  // Calibration
  runs: text(2000),
  trueUnit: option(["kmh", "mph"], "kmh"),
  shownStep: number(null, 0.01, 5, 0.1),
  truncates: option(["yes", "no"], "no"),
  wantedPercent: number("%", 0.1, 10, 1),
  tripShown: number(null, 0.05, 2000),
  tripStep: number(null, 0.001, 5, 0.1),
  trackKm: number("km", 0.05, 2000),
  courseM: number("m", 10, 5000),
  courseTapeM: number("m", 0, 50, 0.2),
  courseS: number("s", 1, 1000),
  stopwatchS: number("s", 0, 10, STOPWATCH_S),
  courseShown: number(null, 1, 200),
  // Battery
  chargerV: number("V", 12, 130),
  parallel: number("cells", 1, 30, null, true),
  cellKind: option(["18650", "21700", "prismatic", "other"], "18650"),
  cellMilliohm: number("mΩ", 0.2, 500),
  aged: option(["yes", "no"], "no"),
  temperatureC: number("°C", -20, 45, 20),
  bars: number("bars", 2, 10, 5, true),
  typicalA: number("A", 0, 100),
  chargePercent: number("%", 5, 100, 80),
  // Ladder
  levelKind: option(["current", "duty", "speed", "torque"]),
  shape: option(["linear", "geometric", "equal-speed", "equal-power", "by-hand"], "equal-speed"),
  feelOn: option(["flat", "hill"], "hill"),
  levels: number("levels", 1, 9, null, true),
  firstPercent: number("%", 1, 100, 20),
  topPercent: number("%", 5, 100, 100),
  floorPercent: number("%", 0, 100, 1),
  ceilingPercent: number("%", 1, 100, 100),
  stepPercent: number("%", 0.1, 25, 1),
  byHand: text(200),
  /** Speeds in a row, in km/h unless they name another unit behind them. */
  measuredSpeeds: { ...text(400), speeds: true },
  freeKmh: number("km/h", 1, 60),
  topLevelKmh: number("km/h", 5, 80),
  topTimesRider: number("×", 0.2, 10, USUAL_TOP_TIMES_RIDER),
  startAngleDeg: number("°", 1, 720, 120),
  cadenceRpm: number("rpm", 20, 130, 70),
  // Ride
  riderKg: number("kg", 25, 200, 80),
  bikeKg: number("kg", 5, 120, 15),
  loadKg: number("kg", 0, 300, 0),
  posture: option(["sport", "trekking", "upright", "cargo", "recumbent"], "trekking"),
  cdaM2: number("m²", 0.1, 2),
  surface: option(["slick", "commuter", "knobbly", "fat", "gravel", "grass"], "commuter"),
  crr: number(null, 0.002, 0.2),
  riderW: number("W", 0, 500, 100),
  headwindKmh: number("km/h", -60, 80, 0),
  altitudeM: number("m", -400, 4500, 0),
  kvRpmPerV: number("rpm/V", 1, 40),
  offGroundKmh: number("km/h", 5, 120),
  motorMilliohm: number("mΩ", 5, 2000),
  noLoadA: number("A", 0.05, 10),
  phaseA: number("A", 5, 400),
  kitKg: number("kg", 0.5, 20),
  packKg: number("kg", 0.5, 30, 3.5),
  standbyW: number("W", 0, 50, 3),
  usablePercent: number("%", 10, 100, 90),
  chainPercent: number("%", 50, 100, 95),
  torquePercent: number("%", 50, 100),
  midPercent: number("%", 40, 100, 80),
  crankTorqueNm: number("Nm", 20, 250),
  ringTeeth: number("teeth", 20, 70, 42, true),
  cogTeeth: text(60),
} as const satisfies Record<string, IntakeField>;

export type FigureKey = keyof typeof FIGURES;
export const FIGURE_KEYS = Object.keys(FIGURES) as readonly FigureKey[];

/** Drag area by how the rider sits, m². From memory. */
export const CDA_M2 = { sport: 0.38, trekking: 0.52, upright: 0.6, cargo: 0.75, recumbent: 0.28 } as const;
/** Rolling resistance by tyre and ground. From memory. */
export const CRR = { slick: 0.005, commuter: 0.008, knobbly: 0.01, fat: 0.015, gravel: 0.013, grass: 0.04 } as const;

type NumberKey = { [K in FigureKey]: (typeof FIGURES)[K] extends { readonly kind: "number" } ? K : never }[FigureKey];
type OptionKey = { [K in FigureKey]: (typeof FIGURES)[K] extends { readonly kind: "option" } ? K : never }[FigureKey];

/** Figures as read: what was typed where it can be taken, the guess where nothing was, null where there is none. */
export interface Figures {
  readonly number: (key: NumberKey) => number | null;
  readonly option: (key: OptionKey) => string | null;
  readonly text: (key: FigureKey) => string;
  /** Whether somebody said it, and it could be taken. */
  readonly said: (key: FigureKey) => boolean;
  readonly problems: { readonly [K in FigureKey]?: FieldProblem };
}

/** Reads the figures out of the record they are kept in. What cannot be taken counts as not said, and is named. */
export function readFigures(typed: Readonly<Record<string, string>>): Figures {
  const problems: { [K in FigureKey]?: FieldProblem } = {};
  for (const key of FIGURE_KEYS) {
    const problem = fieldProblem(FIGURES[key], typed[key] ?? "");
    if (problem) problems[key] = problem;
  }
  const raw = (key: FigureKey): string => (problems[key] ? "" : (typed[key] ?? "").trim());
  return {
    number: (key) => (raw(key) === "" ? FIGURES[key].guess : readQuantity(raw(key), FIGURES[key].unit).value),
    option: (key) => (raw(key) === "" ? FIGURES[key].guess : raw(key)),
    text: raw,
    said: (key) => raw(key) !== "",
    problems,
  };
}

/** A figure with a guess always has a number. */
export const numberOr = (figures: Figures, key: NumberKey, otherwise: number): number =>
  figures.number(key) ?? otherwise;

export type ListProblem =
  | { readonly key: "list.not-a-pair"; readonly line: number; readonly typed: string }
  | { readonly key: "list.not-a-number"; readonly typed: string; readonly min: number; readonly max: number };

export interface RunsReading {
  readonly runs: readonly { readonly trueKmh: number; readonly shown: number }[];
  /** Runs whose other speed is still to come, counted from 1. */
  readonly unfinished: readonly number[];
  readonly problems: readonly ListProblem[];
}

/** Speeds a run may have, in whichever unit it is read. */
const RUN_SPEED = { min: 1, max: 150 } as const;

/** Paired readings, one pair a line: true in `unit`, then shown. Lines that cannot be taken are named and left out. */
export function readRuns(typed: string, unit: SpeedUnit = "kmh"): RunsReading {
  const runs: { trueKmh: number; shown: number }[] = [];
  const unfinished: number[] = [];
  const problems: ListProblem[] = [];
  const taken = (speed: number): boolean => speed >= RUN_SPEED.min && speed <= RUN_SPEED.max;
  typed.split(/\r?\n/).forEach((line, i) => {
    if (line.trim() === "") return;
    const parts = line
      .trim()
      .split(/\s*[;\t|]\s*|\s+/)
      .filter(Boolean)
      .map(typedNumber);
    const [typedTrue = Number.NaN, shown = Number.NaN] = parts;
    if (parts.length === 2 && taken(typedTrue) && taken(shown))
      runs.push({ trueKmh: speedToKmh(typedTrue, unit), shown });
    else if (parts.length === 1 && taken(typedTrue)) unfinished.push(i + 1);
    else problems.push({ key: "list.not-a-pair", line: i + 1, typed: line.trim() });
  });
  return { runs, unfinished, problems };
}

/** The two cells of a run's line as typed, right or wrong. */
export function runCells(line: string): readonly [string, string] {
  const at = line.indexOf(" ");
  return at < 0 ? [line, ""] : [line.slice(0, at), line.slice(at + 1).trim()];
}

const runLines = (typed: string): readonly string[] => typed.split(/\r?\n/).filter((line) => line.trim() !== "");

/** Lines of the runs as typed, and one more to type in. */
export const runRows = (typed: string): readonly string[] => [...runLines(typed), ""];

/** The runs with one cell typed anew; a line left empty goes. */
export function withRunCell(typed: string, row: number, column: 0 | 1, value: string): string {
  const lines = [...runLines(typed)];
  const cells = [...runCells(lines[row] ?? "")];
  cells[column] = value.replace(/\s/g, "");
  lines[row] = cells.join(" ");
  return lines.filter((line) => line.trim() !== "").join("\n");
}

/**
 * The runs with one more whose true speed is known, in the unit they are read in, and the shown one still to be typed.
 */
export const withSteadyRun = (typed: string, trueKmh: number, unit: SpeedUnit = "kmh"): string =>
  [...runLines(typed), Number(speedFromKmh(trueKmh, unit).toFixed(1)).toString()].join("\n");

/** The runs from a row on replaced by lines pasted out of a table. */
export const withRunsPasted = (typed: string, row: number, pasted: string): string =>
  [
    ...runLines(typed).slice(0, row),
    ...runLines(pasted).map((line) =>
      line
        .trim()
        .split(/\s*[;\t|]\s*|\s+/)
        .join(" "),
    ),
  ].join("\n");

export interface NumbersReading {
  readonly values: readonly number[];
  readonly problem: ListProblem | null;
}

/** Speeds in a row, km/h, level by level; "mph" behind them says they are miles per hour. */
export function readSpeeds(typed: string): NumbersReading {
  const mph = /\s*mph\s*$/i.test(typed);
  const reading = readNumbers(typed.replace(/\s*(mph|km\/h|kmh)\s*$/i, ""), MEASURED_SPEED.min, MEASURED_SPEED.max);
  return { ...reading, values: reading.values.map((speed) => speedToKmh(speed, mph ? "mph" : "kmh")) };
}

const MEASURED_SPEED = { min: 1, max: 150 } as const;

/** Numbers in a row, parted by blanks, slashes or semicolons. */
export function readNumbers(typed: string, min: number, max: number): NumbersReading {
  const parts = typed.split(/[\s/;]+/).filter(Boolean);
  const values = parts.map(typedNumber);
  const bad = parts.find((_, i) => !((values[i] ?? Number.NaN) >= min && (values[i] ?? Number.NaN) <= max));
  return bad === undefined
    ? { values, problem: null }
    : { values: [], problem: { key: "list.not-a-number", typed: bad, min, max } };
}

/** Where a figure of the pack came from. */
export type PackOrigin = "said" | "charger" | "nominal" | "guess";

export interface PackReading {
  readonly pack: Pack | null;
  readonly seriesFrom: PackOrigin;
  /** Series counts practice knows for these volts, where it knows several. */
  readonly seriesOptions: readonly number[];
  readonly parallelFrom: PackOrigin;
  readonly cellFrom: PackOrigin;
  /** Why the charger's label and the pack cannot both be right; null where they can. */
  readonly chargerProblem: ChargerProblem | null;
}

export type ChargerProblem =
  | { readonly key: "charger.no-whole-cells"; readonly chargerV: number; readonly chemistry: Pack["chemistry"] }
  | {
      readonly key: "charger.other-pack";
      readonly chargerV: number;
      readonly cells: number;
      readonly packV: number;
      readonly usual: readonly number[];
    };

/** Whether a charger's end voltage fits a pack of these volts or of this many cells. */
function chargerProblemOf(
  { chemistry, packV, series, seriesSaid }: Bike,
  chargerV: number | null,
  cells: number | null,
  options: readonly number[],
): ChargerProblem | null {
  if (chargerV === null) return null;
  if (cells === null) return { key: "charger.no-whole-cells", chargerV, chemistry };
  const usual = seriesSaid && series !== null ? [series] : options;
  return packV === null || usual.length === 0 || usual.includes(cells)
    ? null
    : { key: "charger.other-pack", chargerV, cells, packV, usual };
}

/** The pack as far as it is known; null while nothing tells how many cells stand in series. */
export function readPack(bike: Bike, figures: Figures): PackReading {
  const { chemistry, packV, packAh } = bike;
  const options = packV === null ? [] : usualSeries(packV, chemistry);
  const chargerV = figures.number("chargerV");
  const byCharger = chargerV === null ? null : seriesFromCharger(chargerV, chemistry);
  const series = bike.seriesSaid ? bike.series : (byCharger ?? bike.series ?? options[0] ?? null);
  const kind = (figures.option("cellKind") ?? "18650") as CellKind;
  const saidParallel = figures.number("parallel");
  const parallel = saidParallel ?? (packAh === null ? 4 : Math.max(1, Math.round(packAh / CELL_AH[kind])));
  const milliohm = figures.number("cellMilliohm");
  return {
    pack:
      series === null
        ? null
        : {
            chemistry,
            series,
            parallel,
            cellOhm: milliohm === null ? CELL_OHM[kind] : milliohm / 1000,
            aged: figures.option("aged") === "yes",
            temperatureC: numberOr(figures, "temperatureC", 20),
          },
    seriesFrom: bike.seriesSaid ? "said" : byCharger !== null ? "charger" : "nominal",
    seriesOptions: options,
    parallelFrom: saidParallel !== null ? "said" : "guess",
    cellFrom: milliohm !== null ? "said" : "guess",
    chargerProblem: chargerProblemOf(bike, chargerV, byCharger, options),
  };
}
