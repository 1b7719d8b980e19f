/** The intake: what is asked of every bike, in the order it is asked. Fields are kept as typed. */
import { CHEMISTRY_IDS } from "../battery/chemistry";
import { number, option, text, type IntakeField } from "./fields";

/** A motor bears its rating times this for the time of a hill, 1.5 to 2. From memory. */
export const USUAL_OVERLOAD = 1.75;

/** Every field of the intake, in the order it is asked. Ranges are those of bicycles, common practice, no source. */
export const INTAKE_FIELDS = {
  nickname: text(40),
  frame: text(60),
  visit: option(["brand-new", "conversion", "service", "complaint", "swap", "upgrade"], "conversion"),
  complaint: text(400),
  labelKmh: number("km/h", 5, 100),
  rider: option(["novice", "used-to-it", "confident"], "used-to-it"),
  /** Wishes by their names, and the choices made between those that pull both ways. */
  wishes: text(400),
  wishWinners: text(600),
  tyre: { kind: "tyre" },
  rolloutMm: number("mm", 800, 30000),
  rolloutTurns: number("turns", 1, 10, 1, true),
  tapeErrorMm: number("mm", 0, 50, 5),
  motorKind: option(["geared-hub", "direct-drive-hub", "mid-drive"]),
  motorRatedW: number("W", 50, 8000),
  pickUp: option(["spoke-magnet", "inside-motor"], "spoke-magnet"),
  pulsesPerTurn: number("pulses", 1, 255, 1, true),
  crankPulses: number("pulses", 1, 64, 12, true),
  throttleFitted: option(["yes", "no"]),
  brakeCutOff: option(["yes", "no"]),
  packV: number("V", 12, 120),
  chemistry: option(CHEMISTRY_IDS, "nmc"),
  series: number("cells", 3, 40, null, true),
  packAh: number("Ah", 1, 100),
  bmsA: number("A", 1, 200),
  controllerA: number("A", 1, 200),
  controllerV: { kind: "volts-list" },
  connectorA: number("A", 5, 300),
  wireMm2: number("mm²", 0.5, 50),
  wireGauge: number("AWG", 0, 24, null, true),
  overload: number("×", 1, 3, USUAL_OVERLOAD),
  leavesThough: text(400),
  /** Distance on the clock of the display, as it stands when the bike comes in. */
  odometerKm: number("km", 0, 999_999),
  /** Who read back and proved it: initials at most. */
  checkedBy: text(6),
} as const satisfies Record<string, IntakeField>;

/** Volts a charger ends at, as its label says: asked beside the pack's figures, and it settles the cells. */
export const CHARGER_V = number("V", 12, 130);

/** A reading of the speedometer on the road, and a gear between sensor and wheel: asked among the wheel’s figures. */
export const READING_FIELDS = {
  gearRatio: number(": 1", 1, 30, 1),
  oneTrueKmh: number("km/h", 3, 120),
  oneTrueErrorKmh: number("km/h", 0, 10, 0.5),
  oneShown: number(null, 0, 200),
  shownStep: number(null, 0.01, 5, 0.1),
};

/** All that the bike itself is read from. */
export const BIKE_FIELDS = { ...INTAKE_FIELDS, ...READING_FIELDS, chargerV: CHARGER_V };

export type IntakeKey = keyof typeof INTAKE_FIELDS;
export const INTAKE_KEYS = Object.keys(INTAKE_FIELDS) as readonly IntakeKey[];
/** Every field as typed; a missing one has not been touched. */
export type IntakeText = { readonly [K in IntakeKey]?: string };

type OptionOf<Key extends IntakeKey> = (typeof INTAKE_FIELDS)[Key] extends {
  readonly options: readonly (infer Option)[];
}
  ? Option
  : never;
export type MotorKind = OptionOf<"motorKind">;
export type Rider = OptionOf<"rider">;
export type VisitReason = OptionOf<"visit">;
export type PickUp = OptionOf<"pickUp">;
