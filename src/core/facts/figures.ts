/**
 * Figures behind the numbers of a bike: what can be measured or looked up beyond the intake, each with the guess that
 * stands in for it. They are kept as typed, in the same record as the intake. Guesses are from memory unless marked
 * otherwise.
 */
import { CHARGER_V, READING_FIELDS } from "./intake";
import { number, option, text, type IntakeField } from "./fields";
import { NEW_PART_FIELDS } from "./newParts";

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
  gearRatio: READING_FIELDS.gearRatio,
  oneTrueKmh: READING_FIELDS.oneTrueKmh,
  oneTrueErrorKmh: READING_FIELDS.oneTrueErrorKmh,
  oneShown: READING_FIELDS.oneShown,
  // Calibration
  runs: text(2000),
  trueUnit: option(["kmh", "mph"], "kmh"),
  shownStep: READING_FIELDS.shownStep,
  truncates: option(["yes", "no"], "no"),
  wantedPercent: number("%", 0.1, 10, 1),
  tripShown: number(null, 0.05, 2000),
  tripStep: number(null, 0.001, 5, 0.1),
  trackKm: number("km", 0.05, 2000),
  trackErrorKm: number("km", 0, 200),
  courseM: number("m", 10, 5000),
  courseTapeM: number("m", 0, 50, 0.2),
  courseS: number("s", 1, 1000),
  stopwatchS: number("s", 0, 10, STOPWATCH_S),
  courseShown: number(null, 1, 200),
  // Battery
  chargerV: CHARGER_V,
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
  shape: option(["linear", "tens", "geometric", "equal-speed", "equal-power", "by-hand"], "equal-speed"),
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
  /** The same for each number of levels the display can have, parted by bars: so many speeds, so many levels. */
  measuredLadders: text(1000),
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
  motorV: number("V", 12, 120),
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
  // Parts not yet bought
  ...NEW_PART_FIELDS,
} as const satisfies Record<string, IntakeField>;

export type FigureKey = keyof typeof FIGURES;
export const FIGURE_KEYS = Object.keys(FIGURES) as readonly FigureKey[];

/** Drag area by how the rider sits, m². From memory. */
export const CDA_M2 = { sport: 0.38, trekking: 0.52, upright: 0.6, cargo: 0.75, recumbent: 0.28 } as const;
/** Rolling resistance by tyre and ground. From memory. */
export const CRR = { slick: 0.005, commuter: 0.008, knobbly: 0.01, fat: 0.015, gravel: 0.013, grass: 0.04 } as const;
