/**
 * Why a line is to hold what it is to hold: a message with the figures it was worked out from. Words are put to it on
 * screen and on paper.
 */
import type { StartAngle } from "../assist";
import type { CurrentBound, CurrentPart } from "../battery/current";
import type { EncodeProblem, SettingKey, SettingValue } from "../display";
import type { Counting } from "../applied";
import type { Bike, WishId } from "../facts";
import type { AssistLimit } from "../law";
import type { Interval, ReadOutNeed, Rollout } from "../wheel";
import type { MotorFacts } from "./currentBounds";
import type { SpeedometerMistake } from "./diagnose";

/** One candidate of a wheel line, for the picture beside the reason. */
export interface WheelOption {
  readonly shows: string;
  readonly circumferenceMm: number;
  readonly r: number;
}

/** What one wish moved a setting from and to. */
export interface WishedMove {
  readonly wish: WishId;
  readonly setting: SettingKey;
  readonly from: SettingValue;
  readonly to: SettingValue;
}

export type Reason =
  | { readonly key: "reason.as-found" }
  | { readonly key: "reason.maker-only" }
  | { readonly key: "reason.reserved" }
  | { readonly key: "reason.read-only" }
  | { readonly key: "reason.no-fact"; readonly needs: "rollout" | "pack" | "chemistry" | "motor" | "current" | "class" }
  | { readonly key: "reason.no-read-out"; readonly needs: readonly ReadOutNeed[] }
  /** Sealed with another value than the facts at hand would give: it stands as sealed. */
  | { readonly key: "reason.sealed" }
  | { readonly key: "reason.by-hand" }
  /** Moved because the rider wishes it. */
  | { readonly key: "reason.wish"; readonly asked: readonly WishedMove[] }
  /** As on the display before a swap, or on the sheet of a batch; nothing speaks for another value. */
  | { readonly key: "reason.carried" }
  | { readonly key: "reason.cannot-hold"; readonly problem: EncodeProblem }
  | {
      readonly key: "reason.wheel";
      readonly rollout: Rollout;
      readonly turns: number;
      /** How the display counts while it is held against the wheel. */
      readonly counting: Counting;
      readonly options: readonly WheelOption[];
      readonly chosen: string;
      readonly asFound: WheelOption | null;
    }
  | {
      readonly key: "reason.cap";
      readonly limit: AssistLimit;
      readonly r: Interval;
      readonly settingKmh: number;
      readonly trueKmh: Interval;
      readonly heldIn: "kmh" | "mph";
      /** What the line shows for it. */
      readonly shows: string;
      readonly of: "assist" | "throttle";
      readonly beyond: EncodeProblem | null;
    }
  /** Even its slowest value ends drive past the limit, or ends it nobody knows where. */
  | {
      readonly key: "reason.cap-slowest";
      readonly shows: string;
      /** Where drive then really ends; null where that is not known. */
      readonly trueKmh: Interval | null;
      readonly limitKmh: number;
      readonly of: "assist" | "throttle";
    }
  /** In the place of "no cap" on a line of which nobody knows scale or direction: any value ends drive sooner. */
  | { readonly key: "reason.cap-any"; readonly shows: string; readonly limitKmh: number }
  /** Nobody knows what the cap compares with: a value safe under every reading of it, until a run settles it. */
  | {
      readonly key: "reason.cap-safe";
      readonly basis: "own" | "unknown" | "shown" | "scale";
      /** How far the display is off is known, so that it is safe whatever the number is compared with. */
      readonly safe: boolean;
      readonly shows: string;
      readonly limitKmh: number;
      readonly found: boolean;
    }
  /** Far off by another line: what the wheel holds is not what is wrong. */
  | { readonly key: "reason.wheel-not-the-cause"; readonly mistake: SpeedometerMistake }
  /** On the calm side of what would be proposed: it stays. */
  | { readonly key: "reason.calm-already" }
  | { readonly key: "reason.no-limit" }
  | { readonly key: "reason.throttle-off"; readonly className: string }
  /** No cap line can hold the throttle to the class: it is switched off. */
  | { readonly key: "reason.throttle-runs-over"; readonly className: string }
  | { readonly key: "reason.walk-off"; readonly limitKmh: number }
  | { readonly key: "reason.throttle-held-back"; readonly className: string }
  | { readonly key: "reason.throttle-follows-level" }
  | { readonly key: "reason.throttle-not-fitted" }
  | { readonly key: "reason.throttle-as-class"; readonly className: string }
  | { readonly key: "reason.rolling-start" }
  | {
      readonly key: "reason.start-pulses";
      readonly pulses: number;
      readonly crankPulses: number;
      readonly angle: StartAngle;
      readonly rider: Bike["rider"];
    }
  | { readonly key: "reason.start-strength"; readonly share: number; readonly heavy: boolean }
  | { readonly key: "reason.walk-assist"; readonly limitKmh: number | null }
  | {
      readonly key: "reason.current";
      readonly bounds: readonly CurrentBound[];
      readonly by: CurrentPart;
      readonly motor: MotorFacts | null;
      readonly allowedA: number;
      readonly within: boolean;
    }
  | {
      readonly key: "reason.cut-off";
      /** Cells in series it spares, and every count such a pack may have. */
      readonly series: number;
      readonly options: readonly number[];
      readonly perCellV: number;
      readonly advisedV: number;
      readonly chemistry: Bike["chemistry"];
    }
  | { readonly key: "reason.nominal"; readonly packV: number; readonly series: number | null }
  | { readonly key: "reason.pulses"; readonly pulses: number }
  | { readonly key: "reason.hands-over"; readonly to: "wheel" | "motor" }
  | { readonly key: "reason.clock" }
  | { readonly key: "reason.cut-off-first"; readonly packV: number }
  | { readonly key: "reason.power-on-zero" }
  | { readonly key: "reason.class-unit"; readonly unit: "kmh" | "mph"; readonly className: string }
  | { readonly key: "reason.volts-advised" }
  | { readonly key: "reason.owners-choice" }
  | { readonly key: "reason.technicians-choice" }
  | { readonly key: "reason.not-shown"; readonly by: string }
  | { readonly key: "reason.no-effect" }
  | { readonly key: "reason.unknown-scale" }
  /** What the line means is a guess nobody has confirmed. */
  | { readonly key: "reason.unsure" }
  | {
      readonly key: "reason.bundle";
      readonly settings: readonly SettingKey[];
      readonly missed: readonly SettingKey[];
      readonly changed: boolean;
    }
  | { readonly key: "reason.assist-only"; readonly className: string }
  | { readonly key: "reason.walk-speed"; readonly limitKmh: number }
  | { readonly key: "reason.level-zero" }
  | { readonly key: "reason.cruise-off" }
  | { readonly key: "reason.regeneration-off" }
  | { readonly key: "reason.softness"; readonly heavy: boolean }
  | { readonly key: "reason.readiness"; readonly rider: Bike["rider"] }
  | { readonly key: "reason.chemistry"; readonly chemistry: Bike["chemistry"] }
  /** A preset of the shop's own, for a pack or a motor: nobody asked for another. */
  | { readonly key: "reason.own-preset"; readonly of: "pack" | "motor" }
  /** The count is wrong and so is a wheel that stays as it is: mended alone it would read worse. */
  | { readonly key: "reason.pulses-with-wheel"; readonly pulses: number }
  | { readonly key: "reason.crank-pulses"; readonly pulses: number }
  | { readonly key: "reason.motor-kind"; readonly kind: NonNullable<Bike["motorKind"]> };
