/**
 * Bikes with one fault or two put in, what each shows and what comes of each check, worked out
 * from the parts behind the display and the lines in it, and not from what the catalogue says of causes.
 */
import { linesOf, rawValues, settingsOf, type DisplayProfile } from "../display";
import {
  assists,
  brakeCuts,
  brakeTold,
  givesUpUphill,
  hallsChanging,
  isLit,
  isPowered,
  motorTurns,
  packVolts,
  pickUpPulses,
  SOUND,
  throttleVolts,
  type Wiring,
} from "../rig/wiring";
import type { FaultCause } from "./faults";

export interface FaultyBike {
  readonly wiring: Wiring;
  /** Causes that are lines, and hold another value than planned. */
  readonly lines: ReadonlySet<string>;
  readonly profile: DisplayProfile;
}

type Damage = (wiring: Wiring) => Wiring;
const within =
  <Part extends keyof Wiring>(part: Part, change: Partial<NonNullable<Wiring[Part]>>): Damage =>
  (wiring) => ({ ...wiring, [part]: wiring[part] && { ...wiring[part], ...change } });

/** What each fault does to the parts. */
export const DAMAGES: Readonly<Record<string, Damage>> = {
  "lever-resting": within("brake", { leverAtRest: false }),
  "brake-sensor-stuck": within("brake", { sensorReleases: false }),
  "brake-wiring": within("brake", { leadsSound: false }),
  "brake-unplugged": within("brake", { plugged: false }),
  "brake-switch-late": within("brake", { switchesEarly: false }),
  "pack-empty": within("pack", { cellV: 2.95 }),
  "pack-weak": within("pack", { cellV: 3.6, ohm: 0.6 }),
  "pack-lead-loose": within("pack", { leadSeated: false }),
  "pack-protecting": within("pack", { protecting: true }),
  "phase-loose": within("motor", { phasesSeated: false }),
  "hall-lead-loose": within("motor", { hallsSeated: false }),
  "motor-bad": within("motor", { sound: false }),
  "motor-hot": within("motor", { hot: true }),
  "throttle-lead-loose": within("throttle", { leadSeated: false }),
  "throttle-bad": within("throttle", { sound: false }),
  "controller-bad": within("controller", { works: false }),
  "controller-hot": within("controller", { hot: true }),
  "display-lead-loose": within("display", { leadSeated: false }),
  "display-bad": within("display", { works: false }),
  "magnet-moved": within("pickUp", { magnetInPlace: false }),
  "speed-lead-loose": within("pickUp", { leadSeated: false }),
  "crank-lead-loose": within("crank", { leadSeated: false }),
  "crank-ring-turned": within("crank", { ringForward: false }),
  "key-stuck": within("display", { keysFree: false }),
  "kit-limit": within("motor", { reach: 0.8 }),
  "level-zero": within("display", { level: 0 }),
  "not-saved": within("settings", { saved: false }),
  "not-power-cycled": within("settings", { inForce: false }),
  "pin-set": within("display", { locked: true }),
  "other-way-in": within("display", { waysInKnown: false }),
};

/** Whether a display has a line a cause can be put in. */
export const hasLine = (profile: DisplayProfile, { settings }: FaultCause): boolean =>
  linesOf(profile).some(
    (line) => settingsOf(line).some((setting) => settings.includes(setting)) && rawValues(line.encoding).length > 1,
  );

/** A bike with these faults; null where one cannot be put in. */
export function faulty(
  profile: DisplayProfile,
  faults: readonly FaultCause[],
  { withThrottle = true, withCutOff = true } = {},
): FaultyBike | null {
  let wiring: Wiring = {
    ...SOUND,
    throttle: withThrottle ? SOUND.throttle : null,
    brake: withCutOff ? SOUND.brake : null,
  };
  const lines = new Set<string>();
  for (const fault of faults) {
    if ((fault.onlyWith === "throttle" && !withThrottle) || (fault.onlyWith === "brake-cut-off" && !withCutOff))
      return null;
    if (fault.settings.length > 0) {
      if (!hasLine(profile, fault)) return null;
      lines.add(fault.id);
    } else {
      const damage = DAMAGES[fault.id];
      if (!damage) return null;
      wiring = damage(wiring);
    }
  }
  return { wiring, lines, profile };
}

/** Signs, each with whether a bike shows it. */
const SHOWN: Readonly<Record<string, (bike: FaultyBike) => boolean>> = {
  "code-brake": ({ wiring }) => isLit(wiring) && brakeTold(wiring),
  "code-battery-low": ({ wiring, lines }) =>
    wiring.display.works &&
    (packVolts(wiring, 14) < 3.1 * wiring.pack.series || lines.has("volts-line")) &&
    !wiring.pack.protecting,
  "code-motor": ({ wiring }) => isLit(wiring) && (!wiring.motor.phasesSeated || hallsChanging(wiring) < 3),
  "code-throttle": ({ wiring }) =>
    isLit(wiring) &&
    wiring.throttle !== null &&
    (throttleVolts(wiring, false) < 0.5 || throttleVolts(wiring, false) > 1.2),
  "code-controller": ({ wiring }) => isLit(wiring) && (!wiring.motor.phasesSeated || !wiring.controller.works),
  "code-display-hears-nothing": ({ wiring }) =>
    isPowered(wiring) && (!wiring.display.leadSeated || !wiring.display.works || !wiring.controller.works),
  "code-controller-hears-nothing": ({ wiring }) =>
    isPowered(wiring) && (!wiring.display.leadSeated || !wiring.display.works || !wiring.controller.works),
  "code-battery-management": ({ wiring }) => wiring.pack.protecting,
  "code-hot": ({ wiring, lines }) => wiring.controller.hot || wiring.motor.hot || lines.has("current-line"),
  "code-speed-sensor": ({ wiring }) => isLit(wiring) && pickUpPulses(wiring) === 0,
  "brake-does-not-cut": ({ wiring }) => !brakeCuts(wiring),
  "passes-its-cap": ({ lines }) =>
    ["cap-line", "wheel-line", "pulses-line", "unit-line"].some((line) => lines.has(line)),
  "levels-alike": ({ lines }) => ["level-share-line", "cap-line", "current-line"].some((line) => lines.has(line)),
  "walks-too-fast": ({ lines }) => ["walk-line", "wheel-line", "pulses-line"].some((line) => lines.has(line)),
  "speed-wrong": ({ lines }) =>
    ["wheel-line", "pulses-line", "unit-line", "motor-preset-line", "calibration-line"].some((line) => lines.has(line)),
  "speed-jumps": ({ wiring, lines }) =>
    isLit(wiring) && (pickUpPulses(wiring) === 0 || !wiring.motor.phasesSeated || lines.has("pulses-line")),
  "gauge-wrong": ({ wiring, lines }) =>
    lines.has("volts-line") ||
    lines.has("read-out-line") ||
    wiring.pack.ohm > 0.3 ||
    (isPowered(wiring) && !wiring.display.leadSeated),
  "dies-at-half": ({ wiring, lines }) =>
    isPowered(wiring)
      ? givesUpUphill(wiring) || lines.has("volts-line") || lines.has("cut-off-line")
      : !wiring.pack.leadSeated,
  "no-bars-on-full": ({ wiring, lines }) =>
    lines.has("volts-line") || lines.has("read-out-line") || (isPowered(wiring) && !wiring.display.leadSeated),
  dead: ({ wiring }) => !isLit(wiring) || !wiring.controller.works,
  "no-assist": ({ wiring, lines }) =>
    isPowered(wiring) && (!assists(wiring) || lines.has("drive-mode-line")) && !!wiring.motor.sound,
  "throttle-dead": ({ wiring, lines }) =>
    wiring.throttle !== null &&
    isPowered(wiring) &&
    (wiring.display.level === 0 ||
      brakeTold(wiring) ||
      throttleVolts(wiring, true) < 3 ||
      ["throttle-rule-line", "throttle-mode-line", "drive-mode-line"].some((line) => lines.has(line))),
  "assist-late": ({ wiring, lines }) =>
    motorTurns(wiring) &&
    (!wiring.crank.ringForward ||
      !wiring.crank.leadSeated ||
      lines.has("start-line") ||
      lines.has("crank-pulses-line")),
  surges: ({ wiring, lines }) =>
    motorTurns(wiring) &&
    (lines.has("crank-pulses-line") ||
      lines.has("cap-line") ||
      !wiring.crank.leadSeated ||
      givesUpUphill(wiring) ||
      !wiring.pickUp.magnetInPlace),
  "keeps-pushing": ({ wiring, lines }) =>
    lines.has("crank-pulses-line") ||
    lines.has("cruise-line") ||
    !wiring.crank.ringForward ||
    (throttleVolts(wiring, false) > 1.2 && throttleVolts(wiring, false) < 3),
  "too-strong": ({ lines }) =>
    ["start-strength-line", "level-share-line", "current-line"].some((line) => lines.has(line)),
  "will-not-pass": ({ wiring, lines }) =>
    wiring.motor.reach < 1 || ["cap-line", "wheel-line", "level-share-line"].some((line) => lines.has(line)),
  "cuts-out": ({ wiring, lines }) =>
    (isPowered(wiring) && givesUpUphill(wiring)) ||
    wiring.controller.hot ||
    lines.has("cut-off-line") ||
    lines.has("current-line"),
  locked: ({ wiring }) => wiring.display.locked || !wiring.display.keysFree,
  "does-not-stick": ({ wiring }) => !wiring.settings.saved || !wiring.settings.inForce || !wiring.display.works,
  "after-swap": ({ lines }) =>
    ["wheel-line", "protocol-line", "volts-line", "pulses-line", "crank-pulses-line", "motor-preset-line"].some(
      (line) => lines.has(line),
    ),
  stuck: ({ wiring: { display } }) => !display.waysInKnown || !display.keysFree || display.locked || !display.works,
};

/** What a bike shows of what a catalogue of signs has. */
export const signsShown = (bike: FaultyBike): readonly string[] =>
  Object.entries(SHOWN).flatMap(([sign, isShown]) => (isShown(bike) ? [sign] : []));

const swapped = (bike: FaultyBike, change: Damage): FaultyBike => ({ ...bike, wiring: change(bike.wiring) });

/** Whether what is complained of goes when a part is swapped for one known to be good. */
const mendedBy =
  (change: Damage) =>
  (bike: FaultyBike, sign: string): boolean =>
    SHOWN[sign]?.(bike) === true && SHOWN[sign](swapped(bike, change)) !== true;

/** What each check shows on a bike: whether something is wrong with what it looks at. */
const OBSERVED: Readonly<Record<string, (bike: FaultyBike, sign: string) => boolean>> = {
  "look-at-levers": ({ wiring }) => wiring.brake?.leverAtRest === false,
  "unplug-brakes-at-controller": ({ wiring }) => brakeTold(wiring),
  "look-at-brake-plugs": ({ wiring }) => wiring.brake?.plugged === false,
  "pull-lever-right-through": ({ wiring }) => wiring.brake?.switchesEarly === false,
  "follow-brake-leads": ({ wiring }) => wiring.brake?.leadsSound === false,
  "swap-brake-lever": mendedBy(within("brake", { sensorReleases: true, leverAtRest: true })),
  "pack-at-rest": ({ wiring }) =>
    packVolts({ ...wiring, pack: { ...wiring.pack, leadSeated: true } }, 0) < 3.2 * wiring.pack.series,
  "pack-reads-nothing": ({ wiring }) => wiring.pack.protecting,
  "pack-under-load": ({ wiring }) => packVolts(wiring, 14) < 3.1 * wiring.pack.series,
  "pull-at-pack-lead": ({ wiring }) => !wiring.pack.leadSeated,
  "press-pack-button": ({ wiring }) => wiring.pack.protecting || wiring.pack.cellV < 3.2,
  "swap-pack": mendedBy((wiring) => ({ ...wiring, pack: { ...SOUND.pack, leadSeated: wiring.pack.leadSeated } })),
  "look-at-phase-plugs": ({ wiring }) => !wiring.motor.phasesSeated,
  "look-at-hall-plug": ({ wiring }) => !wiring.motor.hallsSeated,
  "hall-signal": ({ wiring }) => hallsChanging(wiring) < 3,
  "turn-wheel-with-phases-joined": ({ wiring }) => !wiring.motor.sound,
  "swap-motor": mendedBy((wiring) => ({
    ...wiring,
    motor: { ...SOUND.motor, phasesSeated: wiring.motor.phasesSeated },
  })),
  "swap-controller": mendedBy(within("controller", { works: true, hot: false })),
  "feel-the-heat": ({ wiring }) => wiring.controller.hot || wiring.motor.hot,
  "feel-controller-alone": ({ wiring }) => wiring.controller.hot,
  "look-at-throttle-plug": ({ wiring }) => wiring.throttle?.leadSeated === false,
  "throttle-signal": (bike) =>
    bike.wiring.throttle !== null && !(throttleVolts(bike.wiring, false) > 0.5 && throttleVolts(bike.wiring, true) > 3),
  "let-throttle-snap-back": ({ wiring }) => wiring.throttle?.sound === false,
  "swap-throttle": mendedBy(within("throttle", { sound: true })),
  "reseat-display-lead": ({ wiring }) => !wiring.display.leadSeated,
  "swap-display": mendedBy(within("display", { works: true, keysFree: true })),
  "look-at-magnet": ({ wiring }) => !wiring.pickUp.magnetInPlace,
  "pick-up-signal": ({ wiring }) => pickUpPulses(wiring) === 0,
  "follow-speed-lead": ({ wiring }) => !wiring.pickUp.leadSeated,
  "look-at-crank-plug": ({ wiring }) => !wiring.crank.leadSeated,
  "pedal-backwards": ({ wiring }) => !wiring.crank.ringForward,
  "click-every-key": ({ wiring }) => !wiring.display.keysFree,
  "level-up": ({ wiring }) => wiring.display.level === 0,
  "enter-the-pin": ({ wiring }) => wiring.display.locked,
  "other-ways-in": ({ wiring }) => !wiring.display.waysInKnown,
  "save-and-read-again": ({ wiring }) => !wiring.settings.saved,
  "power-cycle": ({ wiring }) => !wiring.settings.inForce,
  "wheel-up-full-level": ({ wiring }) => wiring.motor.reach < 1,
};

/** What a check shows on a bike that was brought with this sign. */
export function observed(bike: FaultyBike, check: string, sign: string): boolean {
  const line = /^read-(.+)$/.exec(check)?.[1];
  return line === undefined ? (OBSERVED[check]?.(bike, sign) ?? false) : bike.lines.has(line);
}
