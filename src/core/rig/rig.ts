/**
 * A simple rig behind a simulated display: a wheel that turns when somebody pedals or the motor pushes, and a pack
 * behind the gauge. It is no ride model: speeds approach what the level asks for, in the air. Figures: common practice,
 * no source.
 */
import {
  contextOf,
  decodeAll,
  factoryRaws,
  levelsInForce,
  linesOf,
  matters,
  type Decoded,
  type DisplayProfile,
  type MenuState,
} from "../display";
import { speedFromKmh } from "../units";

export interface RigState {
  /** True speed at the rim, km/h. */
  readonly speedKmh: number;
  readonly pedalling: boolean;
}

export const AT_REST: RigState = { speedKmh: 0, pedalling: false };

/** What the rig is made of: a 28-inch wheel, a pick-up as the maker expects it, and a pack at this charge. */
export const RIG = { rolloutMm: 2180, pedalledKmh: 14, topKmh: 32, walkKmh: 4.5, packShare: 0.72 } as const;

/** Time in which the wheel closes two thirds of the gap to where it is driven, and to rest, ms. */
const PULLS_MS = 900;
const COASTS_MS = 2200;

/** All settings of a column of raw values, decoded. */
function decoded(profile: DisplayProfile, raws: readonly (number | null)[]): Decoded {
  const context = contextOf(profile, raws);
  return linesOf(profile).reduce<Decoded>((all, line, i) => {
    const raw = raws[i] ?? null;
    return raw !== null && matters(profile, i, raws) ? { ...decodeAll(line, raw, context), ...all } : all;
  }, {});
}

export interface RigReadings {
  /** Speed as the display shows it, in the unit it shows. */
  readonly shownSpeed: number;
  readonly unit: "kmh" | "mph";
  /** Share of charge, or volts, as the read-out is set. */
  readonly gauge:
    { readonly kind: "percent"; readonly share: number } | { readonly kind: "volts"; readonly volts: number };
  readonly wheelTurns: boolean;
}

/** Ratio of shown to true speed with the wheel and pulse lines in force; 1 where the display has none. */
function readOut(profile: DisplayProfile, settings: Decoded): number {
  const expected = decoded(profile, factoryRaws(profile)).pulsesPerTurn;
  const truePulses = typeof expected === "number" && expected > 0 ? expected : 1;
  const circumferenceMm = typeof settings.circumferenceMm === "number" ? settings.circumferenceMm : RIG.rolloutMm;
  const pulses =
    typeof settings.pulsesPerTurn === "number" && settings.pulsesPerTurn > 0 ? settings.pulsesPerTurn : truePulses;
  const percent = typeof settings.speedCalibrationPercent === "number" ? settings.speedCalibrationPercent : 100;
  return ((circumferenceMm / RIG.rolloutMm) * (truePulses / pulses) * percent) / 100;
}

/** The rig `ms` later. Assist ends where the display's cap, compared with the speed it shows, says so. */
export function rigAfter(profile: DisplayProfile, state: MenuState, rig: RigState, ms: number): RigState {
  if (state.screen.kind === "off") return coast(rig, ms);
  const settings = decoded(profile, state.inForce);
  const share = levelsInForce(profile, state) > 0 ? state.level / levelsInForce(profile, state) : 0;
  const cap = settings.assistCapKmh;
  const capKmh = typeof cap === "number" ? cap / readOut(profile, settings) : Infinity;
  const assisted = Math.min(capKmh, RIG.pedalledKmh + (RIG.topKmh - RIG.pedalledKmh) * share);
  const driven =
    state.screen.kind === "walk-assist"
      ? RIG.walkKmh
      : rig.pedalling
        ? Math.max(RIG.pedalledKmh, share > 0 ? assisted : 0)
        : state.cruising
          ? rig.speedKmh
          : 0;
  if (driven <= 0) return coast(rig, ms);
  return { ...rig, speedKmh: rig.speedKmh + (driven - rig.speedKmh) * (1 - Math.exp(-ms / PULLS_MS)) };
}

const coast = (rig: RigState, ms: number): RigState => {
  const speedKmh = rig.speedKmh * Math.exp(-ms / COASTS_MS);
  return { ...rig, speedKmh: speedKmh < 0.2 ? 0 : speedKmh };
};

/** Volts of a full and an empty pack over nominal, for the gauge of the rig. */
const FULL_OVER_NOMINAL = 1.165;
const EMPTY_OVER_NOMINAL = 0.86;

/** What the display makes of the rig. */
export function readingsOf(profile: DisplayProfile, state: MenuState, rig: RigState): RigReadings {
  const settings = decoded(profile, state.inForce);
  const shownUnit = contextOf(profile, state.inForce).shownUnit ?? "kmh";
  const nominalV = typeof settings.nominalV === "number" ? settings.nominalV : (profile.acceptsNominalV[0] ?? 36);
  const volts = nominalV * (EMPTY_OVER_NOMINAL + (FULL_OVER_NOMINAL - EMPTY_OVER_NOMINAL) * RIG.packShare);
  return {
    shownSpeed: speedFromKmh(rig.speedKmh * readOut(profile, settings), shownUnit),
    unit: shownUnit,
    gauge: settings.batteryReadout === "volts" ? { kind: "volts", volts } : { kind: "percent", share: RIG.packShare },
    wheelTurns: rig.speedKmh > 0,
  };
}
