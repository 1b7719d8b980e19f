/**
 * The bike as it stands in front of the technician, out of the facts known of it. What could not be taken counts as not
 * known and is named; guesses are marked as guesses.
 */
import type { Chemistry } from "../battery/chemistry";
import { gaugeAreaMm2 } from "../battery/current";
import { readTyreMarking } from "../wheel/sidewall";
import {
  compareWithTyre,
  estimatedRollout,
  measuredRollout,
  type Rollout,
  type RolloutDisagreement,
  type TyreDesignation,
} from "../wheel";
import { factsOf, type FactsOf } from "./facts";
import { voltsOf, type FieldProblem } from "./fields";
import {
  BIKE_FIELDS,
  INTAKE_FIELDS,
  INTAKE_KEYS,
  type IntakeKey,
  type IntakeText,
  type MotorKind,
  type PickUp,
  type Rider,
  type VisitReason,
} from "./intake";
import { readWinners, readWishes, type Winner, type WishId } from "./wishIds";
import { seriesOf, type ChargerProblem, type Series } from "./series";

/** True speed and how far it may be off, km/h; the number shown, and its step, in the display's own unit. */
export interface SpeedReading {
  readonly trueKmh: number;
  readonly trueErrorKmh: number;
  readonly shown: number;
  readonly shownStep: number;
}

export interface Bike {
  readonly nickname: string;
  readonly frame: string;
  readonly visit: VisitReason;
  readonly complaint: string;
  /** Speed the class label on the bike names, km/h; null where there is none, or nobody has looked. */
  readonly labelKmh: number | null;
  readonly rider: Rider;
  readonly wishes: readonly WishId[];
  /** Choices made between wishes that pull a setting both ways, by setting. */
  readonly wishWinners: ReadonlyMap<string, Winner>;
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
  /** Turns of the motor for one of the wheel, as said; null where nobody has said so. */
  readonly gearRatio: number | null;
  /** One steady speed on the road and what the display showed, with the lines as found; null without both. */
  readonly reading: SpeedReading | null;
  readonly crankPulses: number;
  /** Whether somebody has counted them. */
  readonly crankPulsesSaid: boolean;
  readonly throttleFitted: boolean | null;
  readonly brakeCutOff: boolean | null;
  readonly packV: number | null;
  readonly chemistry: Chemistry;
  /** Whether somebody said which cells they are. */
  readonly chemistrySaid: boolean;
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

/** The bike of an intake and figures as typed. */
export const readIntake = (typed: IntakeText & Readonly<Record<string, string>>): IntakeReading =>
  readBike(factsOf(BIKE_FIELDS, typed));

function readingOf({ number }: FactsOf<typeof BIKE_FIELDS>): SpeedReading | null {
  const [trueKmh, shown] = [number("oneTrueKmh"), number("oneShown")];
  return trueKmh === null || shown === null
    ? null
    : { trueKmh, trueErrorKmh: number("oneTrueErrorKmh"), shown, shownStep: number("shownStep") };
}

/** The bike, out of all facts known of it. Never fails: what cannot be read is not known, and named in `problems`. */
export function readBike(facts: FactsOf<typeof BIKE_FIELDS>): IntakeReading {
  const { number, text, said } = facts;
  const yesNo = (key: "throttleFitted" | "brakeCutOff"): boolean | null => (said(key) ? text(key) === "yes" : null);
  const tyreReading = said("tyre") ? readTyreMarking(text("tyre")) : null;
  const tyre = tyreReading?.ok ? tyreReading.tyre : null;
  const distanceMm = number("rolloutMm");
  const turns = number("rolloutTurns");
  const measured =
    distanceMm === null ? null : measuredRollout({ distanceMm, turns, tapeErrorMm: number("tapeErrorMm") });
  const packV = number("packV");
  const pickUp = facts.option("pickUp");
  const gauge = number("wireGauge");
  const chemistry = facts.option("chemistry");
  const series = seriesOf({ said: number("series"), chargerV: number("chargerV"), packV, chemistry });
  const bike: Bike = {
    nickname: text("nickname"),
    frame: text("frame"),
    visit: facts.option("visit"),
    complaint: text("complaint"),
    labelKmh: number("labelKmh"),
    rider: facts.option("rider"),
    wishes: readWishes(text("wishes")),
    wishWinners: readWinners(text("wishWinners")),
    tyre,
    rollout: measured ?? (tyre && estimatedRollout(tyre)),
    rolloutTurns: turns,
    motorKind: facts.option("motorKind"),
    motorRatedW: number("motorRatedW"),
    pickUp,
    pickUpSaid: said("pickUp"),
    pulsesPerTurn: pickUp === "inside-motor" && !said("pulsesPerTurn") ? null : number("pulsesPerTurn"),
    gearRatio: said("gearRatio") ? number("gearRatio") : null,
    reading: readingOf(facts),
    crankPulses: number("crankPulses"),
    crankPulsesSaid: said("crankPulses"),
    throttleFitted: yesNo("throttleFitted"),
    brakeCutOff: yesNo("brakeCutOff"),
    packV,
    chemistry,
    chemistrySaid: said("chemistry"),
    series: series.options[0] ?? null,
    seriesOptions: series.options,
    seriesFrom: series.from,
    chargerProblem: series.chargerProblem,
    packAh: number("packAh"),
    bmsA: number("bmsA"),
    controllerA: number("controllerA"),
    controllerV: voltsOf(text("controllerV")) ?? [],
    connectorA: number("connectorA"),
    wireMm2: number("wireMm2") ?? (gauge === null ? null : gaugeAreaMm2(gauge)),
    overload: number("overload"),
  };
  return {
    bike,
    problems: Object.fromEntries(
      INTAKE_KEYS.flatMap((key) => (facts.problems[key] ? [[key, facts.problems[key]]] : [])),
    ),
    guessed: INTAKE_KEYS.filter((key) => {
      const field = INTAKE_FIELDS[key];
      // What a pick-up inside the motor gives is not guessed.
      if (key === "pulsesPerTurn" && bike.pulsesPerTurn === null) return false;
      return !said(key) && "guess" in field && field.guess !== null;
    }),
    missing: [...NEEDED.filter((key) => !said(key)), ...(bike.rollout ? [] : (["tyre"] as const))],
    disagreement: measured && tyre ? compareWithTyre(measured, tyre) : null,
  };
}
