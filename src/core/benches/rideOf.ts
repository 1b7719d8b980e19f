/**
 * The ride of a bike with these values on its display: pack, motor, body and road out of intake and figures, and the
 * levels out of the display's lines. What is missing is named, and nothing is worked out without it.
 */
import { linearLadder } from "../assist";
import { packOhm, packRestV } from "../battery/gauge";
import { usableShare } from "../battery/cells";
import type { DisplayProfile } from "../display";
import type { AppliedCap } from "../law";
import {
  airDensityKgM3,
  driveFromMeasured,
  driveOf,
  kvFromOffGround,
  likelyHub,
  likelyMid,
  type Drive,
  type LadderKind,
  type Motor,
  type RideSetup,
  type Road,
} from "../ride";
import { appliedCurrentA, type Raws } from "../applied/applied";
import { sharesOn, USUAL_LEVELS } from "../applied/levels";
import type { Bike } from "../facts/bike";
import type { IntakeKey } from "../facts/intake";
import type { Facts } from "../facts/everyFact";
import { CDA_M2, CRR, type FigureKey } from "../facts/figures";
import { readNumbers, readSpeeds } from "../facts/lists";
import { readPack } from "../facts/pack";

/** Weight of the motor with its parts, by kind and rating, kg. From memory. */
const MOTOR_KG = {
  "geared-hub": [
    [250, 3],
    [500, 4],
    [750, 4.5],
  ],
  "direct-drive-hub": [[1000, 7]],
  "mid-drive": [[250, 5]],
} as const;

export interface Level {
  /** Number on the display; 0 is no assist. */
  readonly level: number;
  /** Share of full, 0 to 1. */
  readonly share: number;
  readonly drive: Drive;
  /** Where the level comes from. */
  readonly from: "display" | "usual" | "measured";
  /** Flat speed as measured, km/h; null where nobody measured it. */
  readonly measuredKmh: number | null;
}

export interface Ride {
  readonly setup: RideSetup;
  readonly road: Omit<Road, "grade">;
  readonly levels: readonly Level[];
  readonly kind: LadderKind;
  readonly massKg: number;
  readonly motorKg: number;
  readonly packKg: number;
  readonly nominalWh: number | null;
  /** What the cap says where no true speed can be given for it. */
  readonly capUnknown: Exclude<AppliedCap["kind"], "true" | "uncapped"> | null;
}

export type RideReading =
  { readonly ok: true; readonly ride: Ride } | { readonly ok: false; readonly missing: readonly IntakeKey[] };

export interface RideAsk {
  readonly bike: Bike;
  readonly facts: Facts;
  /** Display and its values; null where the ladder is thought up without one. */
  readonly on: { readonly profile: DisplayProfile; readonly raws: Raws } | null;
  readonly cap: AppliedCap | null;
}

function motorKg(kind: NonNullable<Bike["motorKind"]>, ratedW: number): number {
  const rows = MOTOR_KG[kind];
  return [...rows].sort((a, b) => Math.abs(a[0] - ratedW) - Math.abs(b[0] - ratedW))[0]?.[1] ?? 4;
}

/**
 * The motor as far as it is known: measured wheel-off-ground speed first, then a typed constant, then the usual
 * machine.
 */
export function motorOf(
  kind: NonNullable<Bike["motorKind"]>,
  ratedW: number,
  madeForV: number,
  pack: RideSetup["kit"]["pack"],
  rolloutMm: number,
  facts: Facts,
): Motor {
  if (kind === "mid-drive") {
    const usual = likelyMid(ratedW);
    const cogs = readNumbers(facts.text("cogTeeth"), 8, 60).values;
    return {
      ...usual,
      crankTorqueNm: facts.number("crankTorqueNm") ?? usual.crankTorqueNm,
      efficiency: facts.number("midPercent") / 100,
      ringTeeth: facts.number("ringTeeth"),
      cogTeeth: cogs.length > 0 ? [...cogs].sort((a, b) => b - a) : usual.cogTeeth,
    };
  }
  const usual = likelyHub(kind, ratedW, madeForV);
  const milliohm = facts.number("motorMilliohm");
  const resistanceOhm = milliohm === null ? usual.resistanceOhm : milliohm / 1000;
  const noLoadA = facts.number("noLoadA") ?? usual.noLoadA;
  const offGround = facts.number("offGroundKmh");
  const kvRpmPerV =
    offGround === null
      ? (facts.number("kvRpmPerV") ?? usual.kvRpmPerV)
      : kvFromOffGround(offGround, { noLoadA, resistanceOhm }, pack, rolloutMm);
  return {
    ...usual,
    resistanceOhm,
    noLoadA,
    kvRpmPerV,
    torqueShare: (facts.number("torquePercent") ?? 100 * usual.torqueShare) / 100,
    phaseA: facts.number("phaseA") ?? usual.phaseA,
  };
}

/**
 * What a level does, where nobody says: a mid-drive or hub with a torque sensor is rare, so current is taken. Common
 * practice, no source.
 */
export const kindOf = (facts: Facts, capKmh: number | null): LadderKind => ({
  kind: facts.option("levelKind") ?? "current",
  topKmh: facts.number("topLevelKmh") ?? capKmh ?? 25,
  topTimesRider: facts.number("topTimesRider"),
});

/** Levels out of shares, level 0 before them; a measured speed overrides what the kind would give. */
export function levelsOf(
  shares: readonly number[],
  from: Level["from"],
  measuredKmh: readonly number[],
  freeKmh: number | null,
  kind: LadderKind,
  setup: RideSetup,
  road: Omit<Road, "grade">,
): readonly Level[] {
  const flat = { ...road, grade: 0 };
  const assisted = shares.map((share, i): Level => {
    const measured = measuredKmh[i];
    return measured === undefined
      ? { level: i + 1, share, drive: driveOf(kind, share), from, measuredKmh: null }
      : {
          level: i + 1,
          share,
          drive: driveFromMeasured(setup, kind, flat, measured),
          from: "measured",
          measuredKmh: measured,
        };
  });
  return [
    {
      level: 0,
      share: 0,
      drive: { kind: "off" },
      from: freeKmh === null ? "display" : "measured",
      measuredKmh: freeKmh,
    },
    ...assisted,
  ];
}

/** Figures a ride cannot do without, by the intake's fields. */
export function missingForRide({ rollout, motorKind, motorRatedW, packV, controllerA }: Bike): readonly IntakeKey[] {
  return [
    ...(rollout ? [] : (["tyre"] as const)),
    ...(motorKind ? [] : (["motorKind"] as const)),
    ...(motorRatedW === null ? (["motorRatedW"] as const) : []),
    ...(packV === null ? (["packV"] as const) : []),
    ...(controllerA === null ? (["controllerA"] as const) : []),
  ];
}

/** Reads a ride, or says which facts are missing. */
export function rideOf({ bike, facts, on, cap }: RideAsk): RideReading {
  const { rollout, motorKind, motorRatedW, packV, controllerA } = bike;
  const { pack } = readPack(bike, facts);
  if (!rollout || !motorKind || motorRatedW === null || packV === null || controllerA === null || !pack)
    return { ok: false, missing: missingForRide(bike).length > 0 ? missingForRide(bike) : ["packV"] };
  const source = {
    openCircuitV: packRestV(pack, facts.number("chargePercent") / 100),
    resistanceOhm: packOhm(pack),
  };
  const applied = on ? appliedCurrentA(on.profile, on.raws, bike) : null;
  const batteryA = Math.min(...[controllerA, bike.bmsA, applied].filter((amps): amps is number => amps !== null));
  const kg = facts.number("kitKg") ?? motorKg(motorKind, motorRatedW);
  const packKg = facts.number("packKg");
  const massKg = facts.number("riderKg") + facts.number("bikeKg") + facts.number("loadKg") + kg + packKg;
  const posture = facts.option("posture");
  const surface = facts.option("surface");
  const temperatureC = facts.number("temperatureC");
  const road = {
    headwindKmh: facts.number("headwindKmh"),
    crr: facts.number("crr") ?? CRR[surface],
    airKgM3: airDensityKgM3(temperatureC, facts.number("altitudeM")),
  };
  const nominalWh = bike.packAh === null ? null : bike.packAh * packV;
  const capKmh = cap?.kind === "true" ? cap.kmh.nominal : null;
  const setup: RideSetup = {
    kit: {
      motor: motorOf(motorKind, motorRatedW, facts.number("motorV") ?? packV, source, rollout.mm, facts),
      pack: source,
      batteryA,
      rolloutMm: rollout.mm,
      ratedW: motorRatedW,
    },
    body: { massKg, cdaM2: facts.number("cdaM2") ?? CDA_M2[posture] },
    rider: { powerW: facts.number("riderW"), chainEfficiency: facts.number("chainPercent") / 100 },
    capKmh,
    usableWh: nominalWh === null ? null : nominalWh * usableShare(temperatureC, facts.number("usablePercent") / 100),
    standbyW: facts.number("standbyW"),
  };
  const kind = kindOf(facts, capKmh);
  const { shares, from } = on
    ? sharesOn(on.profile, on.raws)
    : { shares: linearLadder({ levels: USUAL_LEVELS, first: 0.2, top: 1 }), from: "usual" as const };
  const measured = readSpeeds(facts.text("measuredSpeeds")).values;
  return {
    ok: true,
    ride: {
      setup,
      road,
      levels: levelsOf(shares, from, measured, facts.number("freeKmh"), kind, setup, road),
      kind,
      massKg,
      motorKg: kg,
      packKg,
      nominalWh,
      capUnknown: cap && cap.kind !== "true" && cap.kind !== "uncapped" ? cap.kind : null,
    },
  };
}

/** Defaults of the model that are seldom touched, by the kind of motor. */
export const MODEL_FIGURES = {
  hub: ["kitKg", "packKg", "standbyW", "usablePercent", "chainPercent", "torquePercent"],
  mid: ["kitKg", "packKg", "standbyW", "usablePercent", "chainPercent", "midPercent", "crankTorqueNm"],
} as const satisfies Record<"hub" | "mid", readonly FigureKey[]>;

/** Figures a bench shows that are of the ride and not of the intake. */
export const RIDE_FIGURES = [
  "riderKg",
  "bikeKg",
  "loadKg",
  "posture",
  "cdaM2",
  "surface",
  "crr",
  "riderW",
  "headwindKmh",
  "altitudeM",
  "temperatureC",
  "chargePercent",
] as const satisfies readonly FigureKey[];
