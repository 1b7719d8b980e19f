/**
 * What the papers a rider takes along say, in whatever language is read: owner's card, way-back card, care slip. A
 * language is one file of this shape and its row in `languages.ts`; a sentence nobody has translated does not compile.
 */
import type { Deed, DisplayProfile } from "@/core/display";
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

/** What the card says of the bike, row by row. */
export const OWNERS_FACTS = [
  "cap",
  "levels",
  "throttle",
  "walk",
  "cruise",
  "lamp",
  "trip",
  "clock",
  "autoOff",
  "lock",
  "cutOff",
] as const;
export type OwnersFact = (typeof OWNERS_FACTS)[number];
export type ComesOff = NonNullable<DisplayProfile["comesOff"]> | "not-said";
type ThrottleMode = "off" | "follows-level" | "full";

/** Trouble a display's code may stand for, as the fault finder's signs are called. */
export const TROUBLES = [
  "code-brake",
  "code-battery-low",
  "code-motor",
  "code-throttle",
  "code-controller",
  "code-display-hears-nothing",
  "code-controller-hears-nothing",
  "code-battery-management",
  "code-hot",
  "code-speed-sensor",
] as const;
export type Trouble = (typeof TROUBLES)[number];

/** Parts of the home screen that are named on its drawing. */
export const SCREEN_PARTS = ["speed", "battery", "level", "info", "signs", "mode"] as const;
export type ScreenPart = (typeof SCREEN_PARTS)[number];

/** Steps of a way through a menu. */
type WayStep = "switch-off" | "switch-on" | "open" | "code" | "go" | "line" | "save" | "leave" | "wait" | "procedure";

export interface PaperWords {
  /** As browsers and readers know it. */
  readonly language: string;
  /** Said on paper until somebody has read the wording; null where somebody has. */
  readonly unchecked: string | null;
  readonly title: string;
  /** What stands across the card while its values are less than proven. */
  readonly stamps: Readonly<Record<Standing, string | null>>;
  readonly newBike: string;
  readonly noClass: string;
  readonly facts: Readonly<Record<OwnersFact, string>>;
  readonly speed: (kmh: number, unit: SpeedUnit) => string;
  readonly distance: (km: number, unit: SpeedUnit) => string;
  readonly day: (iso: string) => string;
  /** A true speed beside the one set, both spoken. */
  readonly cap: (trueSpeed: string, shown: string) => string;
  readonly uncapped: string;
  readonly measured: string;
  /** Levels from the lowest to `most`; the one it starts in, or the one last used; null where nobody knows. */
  readonly levels: (least: number, most: number, startsIn: number | "last-used" | null) => string;
  readonly throttle: Readonly<Record<ThrottleMode, string>>;
  readonly noThrottle: string;
  readonly pedalFirst: string;
  readonly rollFirst: string;
  readonly pullsAtOnce: string;
  readonly walk: (speed: string | null) => string;
  readonly walkOff: string;
  readonly cruise: Readonly<Record<"on" | "off", string>>;
  /** How cruise is left when no key for it is known. */
  readonly cruiseOut: string;
  readonly lamp: Readonly<Record<"manual" | "automatic" | "flashing", string>>;
  readonly trip: Readonly<Record<"manual" | "at-power-off", string>>;
  /** Where the clock is set: a line of the menu. */
  readonly clock: (line: string) => string;
  readonly autoOff: (minutes: number) => string;
  readonly neverOff: string;
  readonly locked: string;
  readonly cutOff: (volts: number) => string;
  readonly notSet: (value: string) => string;
  readonly notReadBack: (value: string) => string;
  readonly elsewhere: string;
  /** Each level by name, with its speed and range. */
  readonly eachLevel: string;
  readonly level: string;
  readonly steady: string;
  readonly range: string;
  readonly from: Readonly<Record<"measured" | "foretold", string>>;
  readonly levelsNote: string;
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
  readonly screen: string;
  readonly screenParts: Readonly<Record<ScreenPart, string>>;
  readonly codes: string;
  readonly trouble: Readonly<Record<Trouble, { readonly means: string; readonly first: string }>>;
  /** Of a code nobody can put into one of these. */
  readonly otherCode: string;
  /** How it comes off the bar; "not-said" where its description does not tell. */
  readonly takeAlong: Readonly<Record<ComesOff, string>>;
  readonly whileRiding: string;
  readonly notForRoads: string;
  /** Said where a throttle may answer at power-on. */
  readonly throttleLive: string;
  /** What the numbers hold for, planned or set. */
  readonly heldFor: (set: boolean) => string;
  readonly label: string;
  /** In place of the label, where something speaks against the class. */
  readonly noLabel: string;
  readonly checked: string;
  readonly notProven: string;
  readonly wayBack: {
    readonly title: string;
    /** It is part of the bike from now on. */
    readonly goesAlong: string;
    readonly nothing: string;
    readonly from: (presses: number, seconds: number) => string;
    readonly proveAgain: string;
    /** The same for the keys that bring a bike for private land back to its road class. */
    readonly toRoad: (className: string) => string;
    readonly fromToRoad: (presses: number, seconds: number) => string;
    readonly proveRoad: string;
    readonly steps: Readonly<Record<WayStep, string>>;
    readonly goInto: (page: string) => string;
    readonly taps: (times: number) => string;
    readonly hold: (seconds: number) => string;
    readonly keepHolding: (seconds: number, kept: string, more: number) => string;
    readonly doubleTap: string;
    readonly holdUntil: (shows: string | null) => string;
    readonly wait: (seconds: number) => string;
    readonly toLine: (code: string) => string;
    readonly lineShows: (code: string, shows: string) => string;
    readonly then: string;
  };
  readonly care: {
    readonly title: string;
    readonly stale: string;
    readonly rules: readonly string[];
  };
}
