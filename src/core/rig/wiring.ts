/**
 * The parts of a kit behind the display, each sound or not, and what follows: what lights, what turns, what a meter
 * reads, what the display says. Volts of signals: common practice, no source.
 */

export interface Wiring {
  readonly pack: {
    /** Of one cell in rest, V; and of how many in series. */
    readonly cellV: number;
    readonly series: number;
    /** Resistance of the whole pack and its lead, ohm. */
    readonly ohm: number;
    readonly protecting: boolean;
    readonly leadSeated: boolean;
  };
  readonly brake: {
    readonly leverAtRest: boolean;
    readonly sensorReleases: boolean;
    readonly leadsSound: boolean;
    readonly plugged: boolean;
    /** Whether its switch moves when the lever is pulled a little. */
    readonly switchesEarly: boolean;
  } | null;
  readonly throttle: { readonly leadSeated: boolean; readonly sound: boolean } | null;
  readonly motor: {
    readonly phasesSeated: boolean;
    readonly hallsSeated: boolean;
    readonly sound: boolean;
    readonly hot: boolean;
    /** Speed it can reach on this pack, as a share of the cap wished for. */
    readonly reach: number;
  };
  readonly controller: { readonly works: boolean; readonly hot: boolean };
  readonly display: {
    readonly leadSeated: boolean;
    readonly works: boolean;
    readonly keysFree: boolean;
    readonly locked: boolean;
    /** Whether the keys tried are those that open its menu. */
    readonly waysInKnown: boolean;
    readonly level: number;
  };
  readonly pickUp: { readonly magnetInPlace: boolean; readonly leadSeated: boolean };
  readonly crank: { readonly leadSeated: boolean; readonly ringForward: boolean };
  readonly settings: { readonly saved: boolean; readonly inForce: boolean };
}

/** A kit with nothing wrong: a full pack of ten in series, level 3. */
export const SOUND: Wiring = {
  pack: { cellV: 4.15, series: 10, ohm: 0.12, protecting: false, leadSeated: true },
  brake: { leverAtRest: true, sensorReleases: true, leadsSound: true, plugged: true, switchesEarly: true },
  throttle: { leadSeated: true, sound: true },
  motor: { phasesSeated: true, hallsSeated: true, sound: true, hot: false, reach: 1.3 },
  controller: { works: true, hot: false },
  display: { leadSeated: true, works: true, keysFree: true, locked: false, waysInKnown: true, level: 3 },
  pickUp: { magnetInPlace: true, leadSeated: true },
  crank: { leadSeated: true, ringForward: true },
  settings: { saved: true, inForce: true },
};

/** What is drawn going up a hill at full assist, A. */
const HILL_A = 14;

/** Volts at the controller at rest, and going up a hill: nothing comes through a loose lead under load. */
export function packVolts({ pack }: Wiring, amps: number): number {
  if (pack.protecting) return 0;
  if (!pack.leadSeated) return amps > 0 ? 0 : pack.cellV * pack.series * 0.5;
  return pack.cellV * pack.series - amps * pack.ohm;
}

/** Volts below which the controller gives up, per cell: a common setting. */
const GIVES_UP_V = 3.1;

export const isPowered = (wiring: Wiring): boolean => packVolts(wiring, 0) > 3 * wiring.pack.series;
export const givesUpUphill = (wiring: Wiring): boolean => packVolts(wiring, HILL_A) < GIVES_UP_V * wiring.pack.series;
export const isLit = (wiring: Wiring): boolean =>
  isPowered(wiring) && wiring.display.leadSeated && wiring.display.works;
/** Whether the controller is told that a brake is pulled. */
export const brakeTold = ({ brake }: Wiring): boolean =>
  brake !== null && brake.plugged && !(brake.leverAtRest && brake.sensorReleases && brake.leadsSound);
/** Whether a lever pulled a little stops the motor. */
export const brakeCuts = ({ brake }: Wiring): boolean => brake === null || (brake.plugged && brake.switchesEarly);
/** Signal of the throttle at rest and pulled right through, V; nothing where it is unplugged. */
export const throttleVolts = ({ throttle }: Wiring, pulled: boolean): number =>
  !throttle?.leadSeated ? 0 : throttle.sound ? (pulled ? 3.9 : 0.85) : 2.4;
/** How many of the three hall signals change as the wheel is turned. */
export const hallsChanging = ({ motor }: Wiring): number => (!motor.hallsSeated ? 0 : motor.sound ? 3 : 2);
/** Pulses of the pick-up a turn of the wheel. */
export const pickUpPulses = ({ pickUp }: Wiring): number => (pickUp.leadSeated && pickUp.magnetInPlace ? 1 : 0);
/** Whether the motor pushes when asked to. */
export const motorTurns = (wiring: Wiring): boolean =>
  isPowered(wiring) &&
  wiring.motor.phasesSeated &&
  wiring.motor.hallsSeated &&
  wiring.motor.sound &&
  wiring.controller.works &&
  !brakeTold(wiring) &&
  wiring.display.level > 0;
export const assists = (wiring: Wiring): boolean =>
  motorTurns(wiring) && wiring.crank.leadSeated && wiring.crank.ringForward;
