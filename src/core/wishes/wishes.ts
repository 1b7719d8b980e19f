/**
 * What each wish asks of the settings: which move, which way, by how much and no farther than where. Displays and
 * classes are not known here. All of it is common practice, no source.
 */
import { LEVEL_SHARES, type SettingKey, type Settings } from "../display";
import type { Rider, WishId } from "../facts";

type NumberSetting = { [K in SettingKey]: number extends Settings[K] ? K : never }[SettingKey];
export type Towards = "less" | "more";

/** How far a number goes: to a value, by an amount, or by a factor. */
export type Stride =
  | { readonly kind: "to"; readonly value: number }
  | { readonly kind: "plus"; readonly by: number }
  | { readonly kind: "times"; readonly by: number };

/** A setting on a scale, moved one way. */
export interface ScaleMove {
  readonly kind: "scale";
  readonly setting: NumberSetting;
  readonly towards: Towards;
  /** Shares, volts, amps … as the setting has them; pulses at the crank in degrees of its turn. */
  readonly stride: Stride;
  /** It is never moved past this. */
  readonly end: number;
  /** Settings that may come along that way where one line holds both. */
  readonly along?: Readonly<Partial<Record<SettingKey, Towards>>>;
}

/** A setting switched to a value. */
export type SwitchMove = {
  [K in SettingKey]: {
    readonly kind: "switch";
    readonly setting: K;
    readonly value: Settings[K];
    /** Only from one of these; from any where nothing is said. */
    readonly from?: readonly Settings[K][];
  };
}[SettingKey];

export type Move = (ScaleMove | SwitchMove) & {
  /** Riders this is not for. */
  readonly notFor?: readonly Rider[];
};

const scale = (
  setting: NumberSetting,
  towards: Towards,
  stride: Stride,
  end: number,
  along?: ScaleMove["along"],
): ScaleMove => ({ kind: "scale", setting, towards, stride, end, ...(along ? { along } : {}) });

const to = (value: number): Stride => ({ kind: "to", value });
const plus = (by: number): Stride => ({ kind: "plus", by });
const times = (by: number): Stride => ({ kind: "times", by });

/** Strength curve and softness of power often share one line: a harder ramp comes with a livelier curve. */
const WITH_LIVELIER = { strengthCurve: "more" } as const;
const WITH_CALMER = { strengthCurve: "less" } as const;

const harder = (strength: number, softness: number): readonly Move[] => [
  scale("startStrengthShare", "more", to(strength), 0.9),
  scale("rampSoftness", "less", to(softness), 0.2, WITH_LIVELIER),
];
const softer = (strength: number, softness: number): readonly Move[] => [
  scale("startStrengthShare", "less", to(strength), 0.25),
  scale("rampSoftness", "more", to(softness), 0.95, WITH_CALMER),
];
/** Degrees of crank turn, and the same as a delay at setting-off cadence or as readiness. */
const sooner = (degrees: number, readiness: number, delayS: number): readonly Move[] => [
  scale("startPulses", "less", to(degrees), 45),
  scale("startReadiness", "more", to(readiness), 0.9),
  scale("startDelayS", "less", to(delayS), 0.1),
];

const DOWN_THE_LADDER = [...LEVEL_SHARES].reverse();

/** The throttle as a learner has it. */
const TAMED: readonly Move[] = [
  { kind: "switch", setting: "throttleMode", value: "follows-level", from: ["full"] },
  { kind: "switch", setting: "throttleFromStandstill", value: false },
];
const POWER_ON_ZERO: Move = { kind: "switch", setting: "levelAtPowerOn", value: 0 };
const NO_CRUISE: Move = { kind: "switch", setting: "cruiseOn", value: false };

/** Every wish: one nobody says anything of does not compile. */
export const WISHES: Readonly<Record<WishId, readonly Move[]>> = {
  heavy: [...harder(0.7, 0.45), scale("share1", "more", to(0.3), 0.5)],
  cargo: [...harder(0.85, 0.35), scale("share1", "more", to(0.35), 0.5)],
  "child-aboard": [
    ...softer(0.45, 0.7),
    scale("startPulses", "more", to(120), 150),
    scale("startReadiness", "less", to(0.45), 0.3),
    ...TAMED,
    POWER_ON_ZERO,
    NO_CRUISE,
  ],
  hills: [...harder(0.7, 0.45), scale("share1", "more", to(0.3), 0.5)],
  "mud-and-sand": [...harder(0.7, 0.4), ...sooner(90, 0.65, 0.3)],
  "traffic-lights": [
    ...sooner(60, 0.75, 0.2),
    {
      kind: "switch",
      setting: "throttleMode",
      value: "full",
      from: ["follows-level"],
      notFor: ["novice"],
    },
  ],
  delivery: [
    ...sooner(90, 0.65, 0.3),
    scale("share1", "more", to(0.3), 0.5),
    { kind: "switch", setting: "levelAtPowerOn", value: "last-used", notFor: ["novice"] },
    scale("autoOffMin", "more", to(15), 30),
  ],
  rental: [...softer(0.5, 0.6), ...TAMED, POWER_ON_ZERO, NO_CRUISE],
  fleet: [
    POWER_ON_ZERO,
    NO_CRUISE,
    { kind: "switch", setting: "odometerShown", value: true },
    scale("autoOffMin", "less", to(10), 3),
  ],
  "range-first": [
    ...LEVEL_SHARES.map((share) => scale(share, "less", times(0.85), 0.15)),
    scale("currentLimitA", "less", times(0.8), 8),
    scale("currentShare", "less", times(0.8), 0.5),
    scale("autoOffMin", "less", to(5), 3),
  ],
  trail: [scale("rampSoftness", "more", to(0.55), 0.7, WITH_CALMER), ...sooner(90, 0.65, 0.3)],
  "kicks-hard": [
    scale("startStrengthShare", "less", times(0.7), 0.25),
    scale("rampSoftness", "more", plus(0.2), 0.95, WITH_CALMER),
    scale("startPulses", "more", plus(30), 180),
    scale("startReadiness", "less", plus(-0.2), 0.2),
    scale("startDelayS", "more", plus(0.25), 0.6),
  ],
  "weak-on-hills": [
    scale("startStrengthShare", "more", times(1.3), 0.9),
    scale("rampSoftness", "less", plus(-0.15), 0.2, WITH_LIVELIER),
    ...DOWN_THE_LADDER.map((share) => scale(share, "more", plus(0.1), 1)),
    scale("strengthCurve", "more", plus(1), 20),
  ],
  "fast-in-one": [
    scale("share1", "less", times(0.6), 0.05),
    scale("strengthCurve", "less", plus(-1), 0, { rampSoftness: "more" }),
  ],
  surges: [scale("rampSoftness", "more", plus(0.2), 0.95, WITH_CALMER)],
  late: [
    scale("startPulses", "less", plus(-30), 45),
    scale("startReadiness", "more", plus(0.2), 0.9),
    scale("startDelayS", "less", times(0.5), 0),
  ],
  "gauge-lies": [
    scale("gaugeAveragingS", "more", to(30), 60),
    { kind: "switch", setting: "batteryReadout", value: "volts" },
  ],
  "cuts-out": [scale("currentLimitA", "less", times(0.85), 8), scale("currentShare", "less", times(0.85), 0.5)],
  "start-without-pedalling": [
    { kind: "switch", setting: "throttleMode", value: "follows-level", from: ["off"] },
    { kind: "switch", setting: "driveMode", value: "both", from: ["assist-only"] },
    { kind: "switch", setting: "throttleAfterPedalling", value: false },
    { kind: "switch", setting: "throttleFromStandstill", value: true },
  ],
  "younger-rider": [
    scale("assistCapKmh", "less", to(20), 10),
    scale("throttleCapKmh", "less", to(15), 6),
    scale("capPowerShare", "less", times(0.75), 0.3),
    scale("currentLimitA", "less", times(0.7), 7),
    scale("currentShare", "less", times(0.7), 0.4),
    scale("rampSoftness", "more", to(0.7), 0.95, WITH_CALMER),
    scale("startStrengthShare", "less", to(0.45), 0.25),
    ...TAMED,
    POWER_ON_ZERO,
    NO_CRUISE,
  ],
};

/** Wishes whose moves only serve together: where one is refused, none is made. */
export const TOGETHER: ReadonlySet<WishId> = new Set<WishId>(["start-without-pedalling"]);
