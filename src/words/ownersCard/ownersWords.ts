/**
 * What the owner's card says, in whatever language its rider reads. A language is one file of this shape and its row in
 * `languages.ts`; a sentence nobody has translated does not compile.
 */
import type { Deed } from "@/core/display";
import type { Standing } from "@/core/record";
import type { SpeedUnit } from "@/core/units";

/** Deeds that are the rider's own business. */
export const OWNERS_DEEDS = [
  "power-on",
  "power-off",
  "start-walk-assist",
  "step-level",
  "next-mode",
  "toggle-lamp",
  "toggle-hazard-lamp",
  "next-info",
  "open-monitor",
  "start-cruise",
  "end-cruise",
  "step-backlight",
] as const satisfies readonly Deed["kind"][];
export type OwnersDeed = (typeof OWNERS_DEEDS)[number];

export type OwnersFact = "cap" | "levels" | "throttle" | "cutOff";
type ThrottleMode = "off" | "follows-level" | "full";

export interface OwnersWords {
  /** As browsers and readers know it. */
  readonly language: string;
  readonly title: string;
  /** What stands across the card while its values are less than proven. */
  readonly stamps: Readonly<Record<Standing, string | null>>;
  readonly newBike: string;
  readonly noClass: string;
  readonly facts: Readonly<Record<OwnersFact, string>>;
  readonly speed: (kmh: number, unit: SpeedUnit) => string;
  /** A true speed beside the one set, both spoken. */
  readonly cap: (trueSpeed: string, shown: string) => string;
  readonly uncapped: string;
  readonly measured: string;
  /** Levels from 0 to `most`; the one it starts in, or the one last used. */
  readonly levels: (most: number, startsIn: number | "last-used") => string;
  readonly throttle: Readonly<Record<ThrottleMode, string>>;
  readonly noThrottle: string;
  readonly cutOff: (volts: number) => string;
  readonly notSet: (value: string) => string;
  readonly notReadBack: (value: string) => string;
  readonly elsewhere: string;
  readonly keys: string;
  readonly deeds: Readonly<Record<OwnersDeed, string>>;
  readonly up: string;
  readonly down: string;
  readonly tapped: string;
  readonly tappedTwice: string;
  readonly held: (seconds: number) => string;
  readonly whileItShows: (infoLine: string) => string;
  readonly within: (seconds: number) => string;
  readonly laterThan: (seconds: number) => string;
  readonly wheelStill: string;
  readonly whileRiding: string;
  readonly notForRoads: string;
  /** What the numbers hold for, planned or set. */
  readonly heldFor: (set: boolean) => string;
  readonly label: string;
  /** In place of the label, where something speaks against the class. */
  readonly noLabel: string;
  readonly checked: string;
  readonly notProven: string;
}
