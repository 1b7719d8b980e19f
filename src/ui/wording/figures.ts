/** Labels and hints of the figures behind the numbers. Loaded with the benches. */
import type { PickUpMeaning } from "@/core/wheel/pickUp";
import type { RolloutSource } from "@/core/wheel/sources";
import type { FigureKey } from "@/core/setup/figures";

export interface FigureWords {
  readonly label: string;
  readonly hint?: string;
  readonly options?: Readonly<Record<string, string>>;
}

const YES_NO = { yes: "Yes", no: "No" } as const;

export const FIGURE_WORDS: Readonly<Record<FigureKey, FigureWords>> = {
  sidewall: { label: "What the sidewall says", hint: "Any marking: 40-622, 28 x 1.60, 26 x 1 3/8, 700 x 38C" },
  outerDiameterMm: { label: "Outer diameter, measured", hint: "Straight edge on top, floor to edge, no rider." },
  spokeMagnets: { label: "Magnets on the spokes" },
  motorPoles: { label: "Motor magnet poles", hint: "Poles, not pairs: all magnets of the rotor." },
  gearRatio: { label: "Motor turns per wheel turn", hint: "1 on a direct drive." },
  oneTrueKmh: { label: "True speed, by GPS", hint: "Held steady for ten seconds." },
  oneTrueErrorKmh: { label: "It may be off by" },
  oneShown: { label: "The display showed" },
  runs: { label: "Steady runs" },
  trueUnit: { label: "True speeds are read in", options: { kmh: "km/h", mph: "mph" } },
  shownStep: { label: "The display’s speed goes in steps of" },
  truncates: { label: "It cuts off instead of rounding", options: YES_NO },
  wantedPercent: { label: "Wanted: r to within ±" },
  tripShown: { label: "Trip on the display" },
  tripStep: { label: "The trip goes in steps of" },
  trackKm: { label: "Length of the track", hint: "Comes from the GPX file, or type it." },
  courseM: { label: "Length of the course" },
  courseTapeM: { label: "It may be off by" },
  courseS: { label: "Time taken" },
  stopwatchS: { label: "Stopwatch may be off by" },
  courseShown: { label: "The display showed" },
  chargerV: { label: "Charger’s label", hint: "Its end voltage tells the cells in series." },
  parallel: { label: "Cells in parallel" },
  cellKind: { label: "Cell", options: { "18650": "18 × 65 mm", "21700": "21 × 70 mm", prismatic: "Prismatic", other: "Other" } },
  cellMilliohm: { label: "Resistance of one cell with its links" },
  aged: { label: "Aged pack", hint: "Aged cells have about twice the resistance.", options: YES_NO },
  temperatureC: { label: "Temperature" },
  bars: { label: "Bars on the gauge" },
  typicalA: { label: "Current while riding", hint: "What the gauge is read under." },
  chargePercent: { label: "Charge while riding" },
  levelKind: { label: "What a level limits", options: { current: "Current", duty: "Volts", speed: "Speed", torque: "Times the rider" } },
  shape: { label: "Shape of the ladder", options: { linear: "Equal steps", geometric: "Equal ratios", "equal-speed": "Equal speed steps", "equal-power": "Equal power steps", "by-hand": "By hand" } },
  feelOn: { label: "Felt on", options: { flat: "The flat", hill: "A 5 % hill" } },
  levels: { label: "Levels" },
  firstPercent: { label: "Level 1" },
  topPercent: { label: "Top level" },
  floorPercent: { label: "The line’s least" },
  ceilingPercent: { label: "The line’s most" },
  stepPercent: { label: "The line’s step" },
  byHand: { label: "Shares by hand, per cent", hint: "Level 1 first, parted by blanks." },
  measuredSpeeds: { label: "Speeds measured, km/h true", hint: "Level 1 first, parted by blanks, on the flat; end with mph if they are. They override the model." },
  freeKmh: { label: "Level 0, measured", hint: "Same rider, same stretch, no assist." },
  topLevelKmh: { label: "Speed of the top level" },
  topTimesRider: { label: "Top level gives, times the rider" },
  startAngleDeg: { label: "Assist should start after" },
  cadenceRpm: { label: "Cadence while riding" },
  riderKg: { label: "Rider" },
  bikeKg: { label: "Bike without kit" },
  loadKg: { label: "Load" },
  posture: { label: "How the rider sits", options: { sport: "Sport", trekking: "Trekking", upright: "Upright", cargo: "Cargo", recumbent: "Recumbent" } },
  cdaM2: { label: "Drag area instead" },
  surface: { label: "Tyre and ground", options: { slick: "Slick", commuter: "Commuter", knobbly: "Knobbly", fat: "Fat", gravel: "Gravel", grass: "Grass" } },
  crr: { label: "Rolling coefficient instead" },
  riderW: { label: "Rider’s power" },
  headwindKmh: { label: "Headwind", hint: "A tailwind is negative." },
  altitudeM: { label: "Altitude" },
  kvRpmPerV: { label: "Speed constant at the wheel" },
  offGroundKmh: { label: "Wheel off the ground, measured", hint: "Full level, no cap. It sets the speed constant." },
  motorMilliohm: { label: "Motor resistance" },
  noLoadA: { label: "No-load current" },
  phaseA: { label: "Most winding current" },
  kitKg: { label: "Motor and its parts" },
  packKg: { label: "Battery pack" },
  standbyW: { label: "Drawn while standing" },
  usablePercent: { label: "Of the pack’s label usable", hint: "Warm; a quarter less at 0 °C." },
  chainPercent: { label: "Chain and gears pass on" },
  torquePercent: { label: "Motor torque that reaches the wheel" },
  midPercent: { label: "Motor and controller pass on" },
  crankTorqueNm: { label: "Motor’s most torque at the crank" },
  ringTeeth: { label: "Chain ring" },
  cogTeeth: { label: "Cogs", hint: "Teeth, parted by blanks: 34 28 24 20 17 14 12 11" },
};

export const SOURCE_WORDS: Readonly<Record<RolloutSource, string>> = { rollout: "Measured rollout", gps: "GPS and the display", "outer-diameter": "Outer diameter", sidewall: "Sidewall" };

export const PICK_UP_WORDS: Readonly<Record<PickUpMeaning, string>> = {
  "spoke-magnets": "Magnets on the spokes",
  poles: "Motor poles",
  "pole-pairs": "Motor pole pairs",
  edges: "Sensor edges",
  "poles-geared": "Poles × gear ratio",
  "pole-pairs-geared": "Pole pairs × gear ratio",
  "edges-geared": "Sensor edges × gear ratio",
  "wheel-sensor": "Wheel sensor inside the hub",
};
