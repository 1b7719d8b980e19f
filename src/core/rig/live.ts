/**
 * The live bench: display, bike and rider moved on in time. Keys and time go through the menu machine, forces through
 * the ride model; time passes in steps of 2 ms whoever asks, so that nothing hangs on how often it is looked at.
 */
import { chargeAt } from "../battery/cells";
import { packOhm, packRestV } from "../battery/gauge";
import { elapse, hold, press, type MenuState } from "../display";
import { motorAt, riderForceN, roadLoadN, type Drive, type RideSetup } from "../ride";
import { KMH_PER_MPS, WHEEL_INERTIA_KG } from "../ride/roadLoad";
import type { LiveBike } from "./liveBike";
import { obeyedBy, type Obeyed } from "./obeyed";
import { brakeTold, isLit, throttleVolts, type Wiring } from "./wiring";

/** What rider and road do at present. */
export interface Hands {
  readonly pedals: "still" | "forward" | "backward";
  /** How far the throttle is pulled, 0 to 1. */
  readonly throttle: number;
  readonly brake: boolean;
  readonly wheelUp: boolean;
  /** Rise over run. */
  readonly grade: number;
}

export const HANDS_OFF: Hands = { pedals: "still", throttle: 0, brake: false, wheelUp: true, grade: 0 };

export interface Live {
  readonly menu: MenuState;
  /** True speed at the rim, km/h. */
  readonly speedKmh: number;
  /** Way of the rim, m. */
  readonly metres: number;
  /** Turned by the cranks since they last stood still, and for how long, degrees and ms. */
  readonly crankedDeg: number;
  readonly crankedMs: number;
  /** Since the cranks last turned, ms. */
  readonly crankStillMs: number;
  /** Whether the rider has pedalled since power-on. */
  readonly hasPedalled: boolean;
  /** Share of the drive that has come in. */
  readonly comeIn: number;
  /** Charge left, 0 to 1. */
  readonly charge: number;
  /** Stopped by the cut-off until nobody asks for drive any more. */
  readonly cutOut: boolean;
  readonly motorN: number;
  readonly batteryA: number;
  readonly packV: number;
  /** Volts its gauge goes by: averaged where a line says so. */
  readonly gaugeV: number;
  /** Time not yet passed on: less than a step, ms. */
  readonly restMs: number;
}

/** One step of the bench, ms: short enough for a bare wheel at the edge of its cap. */
const STEP_MS = 2;
/** More than this at once is a page that slept: it is left out, ms. */
export const MOST_MS = 250;

/** Cadence of the rider on the bench, rpm. From memory. */
const CADENCE_RPM = 60;
/** Drive goes on for this long after the last pulse of the cranks, ms. Common practice, no source. */
export const RELEASE_MS = 300;
/** A brake holds with this much, N, on the road and on a wheel in the air. */
const BRAKE_N = { road: 350, up: 60 } as const;
/** What a wheel in the air has to be turned against, N, and what a hand turns it with. */
const SPIN = { dragN: 1.5, perKmhN: 0.04, handN: 30, handKmh: 12 } as const;
/** Full regeneration holds with this much, N. */
const REGEN_N = 80;
/** Throttle that needs a rolling start works from here; walking pace ends here, km/h. */
const ROLLING_KMH = 4;
const WALKING_KMH = 6;
/** A throttle whose signal at rest lies above this is taken for pulled, V. Common practice, no source. */
const LIVE_AT_REST_V = 1.2;
/** A throttle pulled less than this rests. */
const THROTTLE_REST = 0.03;

/** A bike at rest with a display in this state, its pack at this charge. */
export function atRest({ pack, wiring }: LiveBike, menu: MenuState, charge = chargeOf(wiring, pack.chemistry)): Live {
  return {
    menu: isLit(wiring) ? menu : dark(menu),
    speedKmh: 0,
    metres: 0,
    crankedDeg: 0,
    crankedMs: 0,
    crankStillMs: RELEASE_MS,
    hasPedalled: false,
    comeIn: 0,
    charge,
    cutOut: false,
    motorN: 0,
    batteryA: 0,
    packV: packRestV(pack, charge),
    gaugeV: packRestV(pack, charge),
    restMs: 0,
  };
}

/** A display nothing reaches stays dark. */
const dark = (menu: MenuState): MenuState => ({ ...menu, screen: { kind: "off" }, pending: menu.saved });

/** Charge that goes with the volts of a cell at rest. */
const chargeOf = ({ pack }: Wiring, chemistry: LiveBike["pack"]["chemistry"]): number =>
  chargeAt(chemistry, pack.cellV);

/** Whether anything reaches the motor at all. */
const canDrive = ({ wiring }: LiveBike, { menu, cutOut }: Live, hands: Hands): boolean => {
  const { motor, controller, pack, brake } = wiring;
  const isUp = menu.screen.kind !== "off" && !(menu.screen.kind === "code" && menu.screen.for.kind === "start");
  const isHeld = brakeTold(wiring) || (hands.brake && brake !== null && brake.plugged && brake.leadsSound);
  const isWired = motor.phasesSeated && motor.hallsSeated && motor.sound && controller.works;
  return isUp && isWired && pack.leadSeated && !pack.protecting && !isHeld && !cutOut;
};

interface Wanted {
  readonly drive: Drive;
  readonly endKmh: number | null;
  /** Share of the drive asked for. */
  readonly share: number;
}

const NOTHING: Wanted = { drive: { kind: "off" }, endKmh: null, share: 0 };

/** What the throttle asks for. */
function byThrottle({ wiring }: LiveBike, live: Live, hands: Hands, obeyed: Obeyed): Wanted {
  const { throttle, throttleEndKmh, drives } = obeyed;
  const level = live.menu.level;
  const pulled = hands.throttle;
  // One that stands above its rest when the power comes is not obeyed: a controller's own safety.
  if (!wiring.throttle?.leadSeated || throttleVolts(wiring, false) > LIVE_AT_REST_V) return NOTHING;
  if (pulled < THROTTLE_REST || throttle.share <= 0) return NOTHING;
  if (level === 0 || (throttle.onlyLevel !== null && throttle.onlyLevel !== level)) return NOTHING;
  if (!throttle.fromStandstill && live.speedKmh < ROLLING_KMH) return NOTHING;
  if (throttle.afterPedalling && !live.hasPedalled) return NOTHING;
  const walking = throttle.walkingPace && !live.hasPedalled ? WALKING_KMH : Infinity;
  const endKmh = Math.min(throttleEndKmh ?? Infinity, walking);
  return {
    drive: throttle.followsLevel ? (drives[level] ?? { kind: "off" }) : { kind: "current", share: 1 },
    endKmh: Number.isFinite(endKmh) ? endKmh : null,
    share: pulled * throttle.share,
  };
}

/** Whether the cranks have turned far and long enough for assist: standing still for too long they count anew. */
function cranksAsk({ bike, wiring }: LiveBike, live: Live, { start }: Obeyed): boolean {
  const pulses = Math.floor((live.crankedDeg * bike.crankPulses) / 360);
  const forward = wiring.crank.ringForward === (start.direction === "forward");
  return (
    wiring.crank.leadSeated && (forward ? pulses : -pulses) >= start.pulses && live.crankedMs >= 1000 * start.delayS
  );
}

/** What the motor is asked for at present: walk assist, throttle or cranks, whichever asks for most. */
function wantedOf(bike: LiveBike, live: Live, hands: Hands, obeyed: Obeyed): Wanted {
  if (!canDrive(bike, live, hands)) return NOTHING;
  if (live.menu.screen.kind === "walk-assist")
    return { drive: { kind: "current", share: 0.5 }, endKmh: obeyed.walkKmh, share: 1 };
  const byHand = byThrottle(bike, live, hands, obeyed);
  if (live.menu.cruising) return { drive: { kind: "current", share: 1 }, endKmh: obeyed.throttleEndKmh, share: 0.6 };
  const drive = obeyed.drives[live.menu.level] ?? { kind: "off" };
  const asks = obeyed.assistOn && drive.kind !== "off" && cranksAsk(bike, live, obeyed);
  return asks && byHand.share === 0 ? { drive, endKmh: obeyed.assistEndKmh, share: 1 } : byHand;
}

/** How the cranks stand after a step. */
function crank(live: Live, { pedals }: Hands): Pick<Live, "crankedDeg" | "crankedMs" | "crankStillMs" | "hasPedalled"> {
  const { crankedDeg, crankedMs, crankStillMs, hasPedalled } = live;
  if (pedals === "still") {
    const stillMs = Math.min(RELEASE_MS, crankStillMs + STEP_MS);
    return stillMs < RELEASE_MS
      ? { crankedDeg, crankedMs, crankStillMs: stillMs, hasPedalled }
      : { crankedDeg: 0, crankedMs: 0, crankStillMs: stillMs, hasPedalled };
  }
  const turned = ((pedals === "forward" ? 1 : -1) * CADENCE_RPM * 360 * STEP_MS) / 60_000;
  // Turned the other way, the count begins anew.
  const from = crankedDeg * turned < 0 ? 0 : crankedDeg;
  const ms = from === 0 ? STEP_MS : crankedMs + STEP_MS;
  return {
    crankedDeg: from + turned,
    crankedMs: ms,
    crankStillMs: 0,
    hasPedalled: hasPedalled || pedals === "forward",
  };
}

/** Battery current that gives so many watts, A; the most it can give where it cannot give them. */
function ampsFor(watts: number, restV: number, ohm: number): number {
  const inside = restV ** 2 - 4 * ohm * watts;
  return inside <= 0 ? restV / (2 * ohm) : (restV - Math.sqrt(inside)) / (2 * ohm);
}

/** Forces on the rim that are not of the motor, N: positive drives. */
function outsideN({ ride }: LiveBike, { speedKmh }: Live, hands: Hands): number {
  const brakeN = hands.brake ? (hands.wheelUp ? BRAKE_N.up : BRAKE_N.road) : 0;
  const isPushed = hands.pedals === "forward";
  if (hands.wheelUp) {
    const byHand = isPushed ? SPIN.handN * Math.max(0, 1 - speedKmh / SPIN.handKmh) : 0;
    return byHand - brakeN - SPIN.dragN - SPIN.perKmhN * speedKmh;
  }
  const { rider, body } = ride.setup;
  const legs = isPushed ? riderForceN(rider, Math.max(speedKmh, SLOW_KMH)) : 0;
  return legs - brakeN - roadLoadN(speedKmh, body, { ...ride.road, grade: hands.grade });
}

/** Below this a rider pushes with all there is, km/h. */
const SLOW_KMH = 0.5;

function step(bike: LiveBike, live: Live, hands: Hands, obeyed: Obeyed): Live {
  const { ride, pack, packWh, wiring } = bike;
  const { setup } = ride;
  const restV = packRestV(pack, live.charge);
  const ohm = packOhm(pack) * (wiring.pack.ohm / SOUND_OHM);
  const wanted = wantedOf(bike, live, hands, obeyed);
  const { strength, rampS } = obeyed.start;
  const comeIn = wanted.share === 0 ? 0 : Math.min(1, Math.max(live.comeIn, strength * 0.5) + STEP_MS / 1000 / rampS);
  const kit: RideSetup["kit"] = {
    ...setup.kit,
    batteryA: obeyed.batteryA,
    pack: { openCircuitV: restV, resistanceOhm: ohm },
  };
  const point = motorAt(kit, wanted.drive, wanted.endKmh, setup.rider, live.speedKmh);
  const part = wanted.share * comeIn;
  const regenN = hands.brake && live.speedKmh > 0 ? obeyed.regenShare * REGEN_N : 0;
  const isLit = live.menu.screen.kind !== "off";
  const batteryA = ampsFor(point.electricalW * part + (isLit ? setup.standbyW : 0), restV, ohm);
  const packV = restV - batteryA * ohm;
  const massKg = (hands.wheelUp ? 0 : setup.body.massKg) + WHEEL_INERTIA_KG;
  const forceN = point.forceN * part - regenN + outsideN(bike, live, hands);
  const speedKmh = Math.max(0, live.speedKmh + ((forceN / massKg) * STEP_MS * KMH_PER_MPS) / 1000);
  const asksNothing = hands.pedals === "still" && hands.throttle < THROTTLE_REST;
  return {
    ...live,
    ...crank(live, hands),
    menu: live.menu.cruising && hands.brake ? { ...live.menu, cruising: false } : live.menu,
    speedKmh,
    metres: live.metres + ((speedKmh / KMH_PER_MPS) * STEP_MS) / 1000,
    comeIn,
    charge: Math.max(0, live.charge - (batteryA * restV * STEP_MS) / 3_600_000 / packWh),
    cutOut: asksNothing ? false : live.cutOut || (batteryA > CUT_LOOKS_A && packV < obeyed.cutOffV),
    motorN: point.forceN * part,
    batteryA,
    packV,
    gaugeV: averagedV(live.gaugeV, packV, obeyed.gaugeAveragingS),
  };
}

/** Volts of a gauge one step on: a first-order average over so many seconds. */
const averagedV = (gaugeV: number, packV: number, overS: number): number =>
  gaugeV + (packV - gaugeV) * (overS <= STEP_MS / 1000 ? 1 : STEP_MS / 1000 / overS);

/** Resistance of the pack of a sound kit: what is worse than that scales the pack of this one. */
const SOUND_OHM = 0.12;
/** The cut-off looks at volts under load: with less than this nothing is loaded, A. */
const CUT_LOOKS_A = 0.5;

const known = new WeakMap<LiveBike, WeakMap<readonly number[], Obeyed>>();

/** What the lines in force make of the bike, worked out once for as long as they stay so. */
export function obeyedNow(bike: LiveBike, { inForce }: MenuState): Obeyed {
  let ofBike = known.get(bike);
  if (!ofBike) known.set(bike, (ofBike = new WeakMap()));
  let obeyed = ofBike.get(inForce);
  if (!obeyed) ofBike.set(inForce, (obeyed = obeyedBy(bike, inForce)));
  return obeyed;
}

/** Display and bike so much later, with hands and keys as they are; more than 250 ms at once are left out. */
export function liveAfter(bike: LiveBike, live: Live, hands: Hands, ms: number): Live {
  let now = live;
  let left = live.restMs + Math.min(MOST_MS, Math.max(0, ms));
  while (left >= STEP_MS) {
    const moved = step(bike, now, hands, obeyedNow(bike, now.menu));
    const wheelTurns = moved.speedKmh > 0;
    const told = moved.menu.wheelTurns === wheelTurns ? moved.menu : { ...moved.menu, wheelTurns };
    const menu = elapse(bike.profile, told, STEP_MS);
    // Switched off and on again, nobody has pedalled yet.
    const hasPedalled = menu.screen.kind !== "off" && moved.hasPedalled;
    now = { ...moved, menu, hasPedalled };
    left -= STEP_MS;
  }
  return { ...now, restMs: left };
}

/** Keys that are down from now on. A stuck key answers nothing. */
export const keysHeld = ({ profile, wiring }: LiveBike, live: Live, keys: readonly string[]): Live =>
  wiring.display.keysFree && isLit(wiring) ? { ...live, menu: hold(profile, live.menu, keys) } : live;

/** The battery switched on or off; a display nothing reaches stays dark. */
export const switched = ({ profile, wiring }: LiveBike, live: Live, on: boolean): Live =>
  on && !isLit(wiring) ? live : { ...live, menu: press(profile, live.menu, { kind: "power", on }) };

/** Whether nothing moves and nothing is asked for: no time need pass. */
export const isStill = ({ speedKmh, crankStillMs, menu }: Live, hands: Hands): boolean =>
  speedKmh === 0 &&
  crankStillMs >= RELEASE_MS &&
  hands.pedals === "still" &&
  hands.throttle < THROTTLE_REST &&
  menu.screen.kind !== "walk-assist" &&
  !menu.cruising;

/** How far the wheel stands turned, degrees from 0 to 360. */
export const wheelAngleDeg = ({ ride }: LiveBike, { metres }: Live): number =>
  ((metres * 1000 * 360) / ride.setup.kit.rolloutMm) % 360;

/** What a rider can take hold of on a bike. */
export interface Grips {
  readonly throttle: boolean;
  readonly brake: boolean;
}

export const gripsOf = ({ bike }: LiveBike): Grips => ({
  throttle: bike.throttleFitted !== false,
  brake: bike.brakeCutOff !== false,
});
