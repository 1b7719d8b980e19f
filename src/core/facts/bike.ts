/**
 * The bike as it stands in front of the technician: facts that can be seen or measured. Intake keeps every field as
 * typed; this module reads the text, says what it could not take, and fills in guesses that are marked as guesses.
 */
import { CHEMISTRY_IDS, type Chemistry } from "../battery/chemistry";
import { gaugeAreaMm2 } from "../battery/current";
import { readQuantity } from "../units/quantity";
import { readTyreMarking } from "../wheel/sidewall";
import {
  compareWithTyre,
  estimatedRollout,
  measuredRollout,
  type Rollout,
  type RolloutDisagreement,
  type TyreDesignation,
} from "../wheel";
import { fieldProblem, number, option, text, voltsOf, type FieldProblem, type IntakeField } from "./fields";
import { CHARGER_V, seriesOf, type ChargerProblem, type Series } from "./series";

export type MotorKind = "geared-hub" | "direct-drive-hub" | "mid-drive";
export type Rider = "novice" | "used-to-it";
export type VisitReason = "brand-new" | "conversion" | "service" | "complaint" | "swap" | "upgrade";
export type PickUp = "spoke-magnet" | "inside-motor";

/** A motor bears its rating times this for the time of a hill, 1.5 to 2. From memory. */
const USUAL_OVERLOAD = 1.75;

/** Every field of the intake, in the order it is asked. Ranges are those of bicycles, common practice, no source. */
export const INTAKE_FIELDS = {
  nickname: text(40),
  frame: text(60),
  visit: option(["brand-new", "conversion", "service", "complaint", "swap", "upgrade"], "conversion"),
  complaint: text(400),
  rider: option(["novice", "used-to-it"], "used-to-it"),
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
  chemistry: option(CHEMISTRY_IDS, CHEMISTRY_IDS[0]),
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
} as const satisfies Record<string, IntakeField>;

export type IntakeKey = keyof typeof INTAKE_FIELDS;
/** Every field as typed; a missing one has not been touched. */
export type IntakeText = { readonly [K in IntakeKey]?: string };

export interface Bike {
  readonly nickname: string;
  readonly frame: string;
  readonly visit: VisitReason;
  readonly complaint: string;
  readonly rider: Rider;
  readonly tyre: TyreDesignation | null;
  readonly rollout: Rollout | null;
  readonly rolloutTurns: number;
  readonly motorKind: MotorKind | null;
  readonly motorRatedW: number | null;
  readonly pickUp: PickUp;
  /** Whether somebody said where the speed is picked up. */
  readonly pickUpSaid: boolean;
  /** Pulses the pick-up gives per wheel turn; null where it sits in the motor and nobody has counted them. */
  readonly pulsesPerTurn: number | null;
  readonly crankPulses: number;
  readonly throttleFitted: boolean | null;
  readonly brakeCutOff: boolean | null;
  readonly packV: number | null;
  readonly chemistry: Chemistry;
  /** Cells in series: as said, or as usual for the pack; null where practice knows none. */
  readonly series: number | null;
  /** Every count of cells it may have, fewest first: the one said, or those usual for such a pack. */
  readonly seriesOptions: readonly number[];
  readonly seriesFrom: Series["from"];
  readonly chargerProblem: ChargerProblem | null;
  readonly packAh: number | null;
  readonly bmsA: number | null;
  readonly controllerA: number | null;
  readonly controllerV: readonly number[];
  /**
   * What connector and thinnest battery wire are said to be, and how far past its rating the motor may go for a while.
   */
  readonly connectorA: number | null;
  readonly wireMm2: number | null;
  readonly overload: number;
}

export interface IntakeReading {
  readonly bike: Bike;
  readonly problems: { readonly [K in IntakeKey]?: FieldProblem };
  /** Fields left empty for which a guess stands in. */
  readonly guessed: readonly IntakeKey[];
  /** Facts the job cannot be planned without. */
  readonly missing: readonly IntakeKey[];
  readonly disagreement: RolloutDisagreement | null;
}

/** Facts without which there is no plan worth the name. */
const NEEDED: readonly IntakeKey[] = ["nickname", "motorKind", "motorRatedW", "packV", "throttleFitted", "controllerA"];

/** Reads the whole intake. Never fails: what cannot be read counts as not known and is named in `problems`. */
export function readIntake(typed: IntakeText & { readonly chargerV?: string }): IntakeReading {
  const keys = Object.keys(INTAKE_FIELDS) as IntakeKey[];
  const problems: { [K in IntakeKey]?: FieldProblem } = {};
  for (const key of keys) {
    const problem = fieldProblem(INTAKE_FIELDS[key], typed[key] ?? "");
    if (problem) problems[key] = problem;
  }
  const said = (key: IntakeKey): string => (problems[key] ? "" : (typed[key] ?? "").trim());
  const numberOf = (key: IntakeKey): number | null => {
    const field: IntakeField = INTAKE_FIELDS[key];
    if (field.kind !== "number") return null;
    return said(key) === "" ? field.guess : readQuantity(said(key), field.unit).value;
  };
  const optionOf = <Value extends string>(key: IntakeKey): Value | null => {
    const field: IntakeField = INTAKE_FIELDS[key];
    const value = said(key) || (field.kind === "option" ? (field.guess ?? "") : "");
    return value === "" ? null : (value as Value);
  };
  const yesNo = (key: IntakeKey): boolean | null => (said(key) === "" ? null : said(key) === "yes");

  const tyreReading = said("tyre") === "" ? null : readTyreMarking(said("tyre"));
  const tyre = tyreReading?.ok ? tyreReading.tyre : null;
  const distanceMm = said("rolloutMm") === "" ? null : numberOf("rolloutMm");
  const turns = numberOf("rolloutTurns") ?? 1;
  const measured =
    distanceMm === null ? null : measuredRollout({ distanceMm, turns, tapeErrorMm: numberOf("tapeErrorMm") ?? 5 });
  const packV = numberOf("packV");
  const pickUp = optionOf<PickUp>("pickUp") ?? "spoke-magnet";
  const gauge = numberOf("wireGauge");
  const chemistry = optionOf<Chemistry>("chemistry") ?? "nmc";
  const chargerText = typed.chargerV ?? "";
  const chargerV =
    chargerText.trim() === "" || fieldProblem(CHARGER_V, chargerText)
      ? null
      : readQuantity(chargerText, CHARGER_V.unit).value;
  const series = seriesOf({ said: numberOf("series"), chargerV, packV, chemistry });
  const bike: Bike = {
    nickname: said("nickname"),
    frame: said("frame"),
    visit: optionOf<VisitReason>("visit") ?? "conversion",
    complaint: said("complaint"),
    rider: optionOf<Rider>("rider") ?? "used-to-it",
    tyre,
    rollout: measured ?? (tyre && estimatedRollout(tyre)),
    rolloutTurns: turns,
    motorKind: optionOf<MotorKind>("motorKind"),
    motorRatedW: numberOf("motorRatedW"),
    pickUp,
    pickUpSaid: said("pickUp") !== "",
    pulsesPerTurn: pickUp === "inside-motor" && said("pulsesPerTurn") === "" ? null : numberOf("pulsesPerTurn"),
    crankPulses: numberOf("crankPulses") ?? 12,
    throttleFitted: yesNo("throttleFitted"),
    brakeCutOff: yesNo("brakeCutOff"),
    packV,
    chemistry,
    series: series.options[0] ?? null,
    seriesOptions: series.options,
    seriesFrom: series.from,
    chargerProblem: series.chargerProblem,
    packAh: numberOf("packAh"),
    bmsA: numberOf("bmsA"),
    controllerA: numberOf("controllerA"),
    controllerV: voltsOf(said("controllerV")) ?? [],
    connectorA: numberOf("connectorA"),
    wireMm2: numberOf("wireMm2") ?? (gauge === null ? null : gaugeAreaMm2(gauge)),
    overload: numberOf("overload") ?? USUAL_OVERLOAD,
  };
  return {
    bike,
    problems,
    guessed: keys.filter((key) => {
      const field: IntakeField = INTAKE_FIELDS[key];
      // What a pick-up inside the motor gives is not guessed.
      if (key === "pulsesPerTurn" && bike.pulsesPerTurn === null) return false;
      return said(key) === "" && "guess" in field && field.guess !== null;
    }),
    missing: [...NEEDED.filter((key) => said(key) === ""), ...(bike.rollout ? [] : (["tyre"] as const))],
    disagreement: measured && tyre ? compareWithTyre(measured, tyre) : null,
  };
}
