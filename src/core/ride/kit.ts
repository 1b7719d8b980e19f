/**
 * The kit that pushes: a hub motor as an equivalent DC machine at the wheel, or a mid-drive at the crank, with the pack
 * behind it. Machine figures are from memory, shown and editable; a measured wheel-off-ground speed corrects the speed
 * constant.
 */
import { USUAL_EFFICIENCY } from "../battery/current";
import { KMH_PER_MPS } from "./roadLoad";

export interface PackSource {
  /** Volts at rest at the charge looked at. */
  readonly openCircuitV: number;
  readonly resistanceOhm: number;
}

export interface HubMotor {
  readonly kind: "hub";
  /** Speed constant at the wheel, rpm per volt. */
  readonly kvRpmPerV: number;
  readonly resistanceOhm: number;
  readonly noLoadA: number;
  /** Share of the machine's torque that reaches the wheel: gears and iron left out of the model. */
  readonly torqueShare: number;
  /** Most the controller lets through the windings, A; two to three times battery amps. */
  readonly phaseA: number;
}

export interface MidDrive {
  readonly kind: "mid";
  /** Most torque at the crank, Nm. */
  readonly crankTorqueNm: number;
  /** Motor and controller, mechanical over electrical. */
  readonly efficiency: number;
  /** Teeth of the chain ring, and of the cogs from largest to smallest. */
  readonly ringTeeth: number;
  readonly cogTeeth: readonly number[];
}

export type Motor = HubMotor | MidDrive;

export interface Kit {
  readonly motor: Motor;
  readonly pack: PackSource;
  /** Battery amps let through at full, A. */
  readonly batteryA: number;
  readonly rolloutMm: number;
  /** Continuous rating, W; null where nobody knows it. */
  readonly ratedW: number | null;
}

export interface Rider {
  readonly powerW: number;
  /** Chain and gears between crank and wheel; a hub motor never pays them, a mid-drive does. */
  readonly chainEfficiency: number;
}

/** Chain and gears where nobody says. From memory. */
export const USUAL_CHAIN_EFFICIENCY = 0.95;

/**
 * Most a rider pushes at the road, N: their weight on one pedal in a low gear, so that a hill is still climbed, slowly,
 * with no help at all. From memory.
 */
export const RIDER_MOST_N = 400;

/** Assist of a mid-drive fades between these cadences, rpm. From memory. */
export const CADENCE_FADE_RPM = { from: 100, to: 120 } as const;

/** How a level holds the kit back. */
export type Drive =
  | { readonly kind: "off" }
  /** Battery amps limited to a share. */
  | { readonly kind: "current"; readonly share: number }
  /** Volts limited, so that the no-load speed is a share of the full one. */
  | { readonly kind: "duty"; readonly share: number }
  /** Full power up to a speed, none from there, km/h. */
  | { readonly kind: "speed"; readonly endKmh: number }
  /** So many times the rider's own power. */
  | { readonly kind: "torque"; readonly timesRider: number };

export const FULL_DRIVE: Drive = { kind: "current", share: 1 };

/** Assist fades out over this much below the speed at which it ends, km/h. From memory. */
export const TAPER_KMH = 1;

/** Share of assist left at a speed: all of it until 1 km/h below the end, none at the end. */
export const taper = (speedKmh: number, endKmh: number): number =>
  Math.min(1, Math.max(0, (endKmh - speedKmh) / TAPER_KMH));

/** What the motor does at one moment. */
export interface MotorPoint {
  /** Force at the road, N. */
  readonly forceN: number;
  /** Mechanical power at the road, W. */
  readonly mechanicalW: number;
  /** Power drawn from the pack, standby left out, W. */
  readonly electricalW: number;
  /** Current in the windings, A; null for a mid-drive, which is modelled by its efficiency. */
  readonly windingA: number | null;
}

const REST: MotorPoint = { forceN: 0, mechanicalW: 0, electricalW: 0, windingA: null };

/** Watts the pack gives at a battery current, W. */
export const packW = ({ openCircuitV, resistanceOhm }: PackSource, batteryA: number): number =>
  batteryA * (openCircuitV - batteryA * resistanceOhm);

const wheelRadPerS = (speedKmh: number, rolloutMm: number): number =>
  (2 * Math.PI * (speedKmh / KMH_PER_MPS)) / (rolloutMm / 1000);

/** Back-EMF constant, V·s/rad, which is also the torque constant, Nm/A: 60 / (2π·Kv). */
export const torqueConstant = (kvRpmPerV: number): number => 60 / (2 * Math.PI * kvRpmPerV);

/**
 * What the kit gives at a ground speed under a level and an assist end in km/h (null: none), with this rider pedalling.
 */
export function motorAt(kit: Kit, drive: Drive, capKmh: number | null, rider: Rider, speedKmh: number): MotorPoint {
  if (drive.kind === "off") return REST;
  const left = Math.min(
    capKmh === null ? 1 : taper(speedKmh, capKmh),
    drive.kind === "speed" ? taper(speedKmh, drive.endKmh) : 1,
  );
  if (left <= 0) return REST;
  return kit.motor.kind === "hub"
    ? hubAt(kit, kit.motor, drive, left, rider, speedKmh)
    : midAt(kit, kit.motor, drive, left, rider, speedKmh);
}

function hubAt(
  { pack, batteryA, rolloutMm }: Kit,
  motor: HubMotor,
  drive: Drive,
  left: number,
  rider: Rider,
  speedKmh: number,
): MotorPoint {
  const { kvRpmPerV, resistanceOhm, noLoadA, torqueShare, phaseA } = motor;
  const constant = torqueConstant(kvRpmPerV);
  const omega = wheelRadPerS(speedKmh, rolloutMm);
  const emfV = constant * omega;
  const loopOhm = resistanceOhm + pack.resistanceOhm;
  const limitA = drive.kind === "current" ? batteryA * drive.share : batteryA;
  const idleV = noLoadA * loopOhm;
  // A duty level scales the no-load speed itself, so the volts that only cover the no-load current are kept out of the
  // share.
  const volts = drive.kind === "duty" ? drive.share * (pack.openCircuitV - idleV) + idleV : pack.openCircuitV;
  const byPackA = (-emfV + Math.sqrt(emfV * emfV + 4 * resistanceOhm * packW(pack, limitA))) / (2 * resistanceOhm);
  const mostA = Math.min(phaseA, byPackA, (volts - emfV) / loopOhm);
  const mostNm = constant * Math.max(0, mostA - noLoadA) * torqueShare;
  const askedNm =
    drive.kind === "torque" && omega > 0 ? Math.min(mostNm, (drive.timesRider * rider.powerW) / omega) : mostNm;
  const torqueNm = askedNm * left;
  if (torqueNm <= 0) return REST;
  const windingA = torqueNm / (constant * torqueShare) + noLoadA;
  return {
    forceN: torqueNm / (rolloutMm / 1000 / (2 * Math.PI)),
    mechanicalW: torqueNm * omega,
    electricalW: windingA * (emfV + windingA * resistanceOhm),
    windingA,
  };
}

/** The gear that gives most force without spinning out; where all spin out, the tallest. */
function midAt(
  { pack, batteryA, rolloutMm }: Kit,
  motor: MidDrive,
  drive: Drive,
  left: number,
  rider: Rider,
  speedKmh: number,
): MotorPoint {
  const { crankTorqueNm, efficiency, ringTeeth, cogTeeth } = motor;
  const wheelRpm = (60 * (speedKmh / KMH_PER_MPS)) / (rolloutMm / 1000);
  const share = drive.kind === "current" || drive.kind === "duty" ? drive.share : 1;
  const mostW = Math.min(
    packW(pack, batteryA) * efficiency * share,
    drive.kind === "torque" ? drive.timesRider * rider.powerW : Infinity,
  );
  let best = REST;
  for (const cog of cogTeeth) {
    const cadence = Math.max((wheelRpm * cog) / ringTeeth, LEAST_CADENCE_RPM);
    const fades = Math.min(
      1,
      Math.max(0, (CADENCE_FADE_RPM.to - cadence) / (CADENCE_FADE_RPM.to - CADENCE_FADE_RPM.from)),
    );
    const omega = (2 * Math.PI * cadence) / 60;
    const torqueNm = Math.min(crankTorqueNm * share, mostW / omega) * fades * left;
    const forceN = (torqueNm * (cog / ringTeeth) * rider.chainEfficiency) / (rolloutMm / 1000 / (2 * Math.PI));
    const mechanicalW = (forceN * speedKmh) / KMH_PER_MPS;
    if (forceN > best.forceN + 1e-9)
      best = { forceN, mechanicalW, electricalW: (torqueNm * omega) / efficiency, windingA: null };
  }
  return best;
}

/** A mid-drive's rider pushes off at no less than this cadence, rpm. From memory. */
const LEAST_CADENCE_RPM = 20;

/** The rider's push at the road, N: power over speed, and no more than a low gear gives. None from idle legs. */
export const riderForceN = ({ chainEfficiency, powerW }: Rider, speedKmh: number): number =>
  powerW <= 0 ? 0 : Math.min(RIDER_MOST_N, (chainEfficiency * powerW) / (speedKmh / KMH_PER_MPS));

/**
 * Speed of the wheel off the ground under a drive, km/h: where the machine's volts only cover its no-load current. Null
 * for a mid-drive.
 */
export function wheelOffGroundKmh({ motor, pack, rolloutMm }: Kit, drive: Drive, capKmh: number | null): number | null {
  if (motor.kind === "mid") return null;
  if (drive.kind === "off") return 0;
  const emfV = pack.openCircuitV - motor.noLoadA * (motor.resistanceOhm + pack.resistanceOhm);
  const full = ((emfV * motor.kvRpmPerV) / 60) * (rolloutMm / 1000) * KMH_PER_MPS;
  const ends = [
    full * (drive.kind === "duty" ? drive.share : 1),
    ...(drive.kind === "speed" ? [drive.endKmh] : []),
    ...(capKmh === null ? [] : [capKmh]),
  ];
  return Math.min(...ends);
}

/** Speed constant that gives a measured wheel-off-ground speed at full, rpm/V; the way back of `wheelOffGroundKmh`. */
export function kvFromOffGround(
  measuredKmh: number,
  { noLoadA, resistanceOhm }: Pick<HubMotor, "noLoadA" | "resistanceOhm">,
  pack: PackSource,
  rolloutMm: number,
): number {
  const emfV = pack.openCircuitV - noLoadA * (resistanceOhm + pack.resistanceOhm);
  return ((measuredKmh / KMH_PER_MPS / (rolloutMm / 1000)) * 60) / emfV;
}

export interface HubFigures extends Omit<HubMotor, "kind"> {
  readonly drive: "geared-hub" | "direct-drive-hub";
  readonly ratedW: number;
  readonly nominalV: number;
  readonly batteryA: number;
}

/** Hub motors as equivalent machines at the wheel. From memory. */
export const HUB_FIGURES: readonly HubFigures[] = [
  {
    drive: "geared-hub",
    ratedW: 250,
    nominalV: 36,
    kvRpmPerV: 6.5,
    resistanceOhm: 0.3,
    noLoadA: 0.6,
    batteryA: 15,
    phaseA: 30,
    torqueShare: 0.9,
  },
  {
    drive: "geared-hub",
    ratedW: 500,
    nominalV: 48,
    kvRpmPerV: 6.7,
    resistanceOhm: 0.18,
    noLoadA: 0.9,
    batteryA: 20,
    phaseA: 45,
    torqueShare: 0.9,
  },
  {
    drive: "geared-hub",
    ratedW: 750,
    nominalV: 48,
    kvRpmPerV: 7.1,
    resistanceOhm: 0.12,
    noLoadA: 1.2,
    batteryA: 22,
    phaseA: 55,
    torqueShare: 0.9,
  },
  {
    drive: "direct-drive-hub",
    ratedW: 1000,
    nominalV: 48,
    kvRpmPerV: 9.0,
    resistanceOhm: 0.15,
    noLoadA: 1.0,
    batteryA: 26,
    phaseA: 50,
    torqueShare: 0.97,
  },
];

export interface MidFigures {
  readonly ratedW: number;
  readonly crankTorqueNm: number;
}

/** Mid-drives by their rating. From memory. */
export const MID_FIGURES: readonly MidFigures[] = [
  { ratedW: 250, crankTorqueNm: 80 },
  { ratedW: 750, crankTorqueNm: 120 },
];

const nearest = <Row extends { readonly ratedW: number }>(rows: readonly Row[], ratedW: number): Row | undefined =>
  [...rows].sort((a, b) => Math.abs(Math.log(a.ratedW / ratedW)) - Math.abs(Math.log(b.ratedW / ratedW)))[0];

/**
 * A hub motor to start from: the nearest by rating. One made for n times the volts is the same machine rewound: it
 * turns as fast on them with Kv/n, R·n² and amps/n. On another pack than it was made for it keeps all of them, and
 * turns faster or slower. One much smaller than the one known keeps that one's resistance scaled by rating.
 * @param madeForV volts the motor was made for, which need not be the pack's
 */
export function likelyHub(drive: HubFigures["drive"], ratedW: number, madeForV: number): HubMotor {
  const row =
    nearest(
      HUB_FIGURES.filter((figures) => figures.drive === drive),
      ratedW,
    ) ?? HUB_FIGURES[0];
  if (!row) throw new Error("no hub figures");
  const scale = row.ratedW / ratedW;
  const rewound = madeForV / row.nominalV;
  const near = scale > 0.8 && scale < 1.25;
  return {
    kind: "hub",
    kvRpmPerV: row.kvRpmPerV / rewound,
    resistanceOhm: row.resistanceOhm * rewound ** 2 * (near ? 1 : scale),
    noLoadA: row.noLoadA / rewound,
    torqueShare: row.torqueShare,
    phaseA: row.phaseA / rewound,
  };
}

/** Chain ring and cogs a mid-drive is taken to have, teeth. From memory. */
export const USUAL_GEARS = { ringTeeth: 42, cogTeeth: [34, 30, 26, 22, 19, 16, 13, 11] } as const;

/** A mid-drive to start from: the nearest by rating. */
export function likelyMid(ratedW: number): MidDrive {
  const row = nearest(MID_FIGURES, ratedW) ?? { ratedW: 250, crankTorqueNm: 80 };
  return { kind: "mid", crankTorqueNm: row.crankTorqueNm, efficiency: USUAL_EFFICIENCY["mid-drive"], ...USUAL_GEARS };
}
