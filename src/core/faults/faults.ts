/**
 * What the trade knows of faults, as data: what a bike shows (signs), what is behind it (causes), what one can do to
 * find out (checks). Codes differ by display; causes do not. The data are in `catalog/faults`.
 */
import type { SettingKey } from "../display";

/** Parts not every bike has: without them a cause cannot be. */
export type FittedPart = "throttle" | "brake-cut-off";
export const TOOLS = ["meter", "screwdriver", "stand", "second-hand", "road"] as const;
export type Tool = (typeof TOOLS)[number];
/** Parts known to be good, to be put in for a trial. */
export const SPARES = ["pack", "display", "controller", "throttle", "brake-lever", "wheel-with-motor"] as const;
export type Spare = (typeof SPARES)[number];

export interface FaultCause {
  readonly id: string;
  /** Settings whose line is the cause where it holds a wrong value; none where a part is. */
  readonly settings: readonly SettingKey[];
  readonly onlyWith: FittedPart | null;
  /** Whether the bike is out of use from the moment this is held likely. */
  readonly stops: boolean;
}

/** What a meter must read: of the pack at rest or under load, of a supply, of a signal. */
export type Reading = "pack-at-rest" | "pack-under-load" | "throttle-signal" | "hall-signal" | "pick-up-signal";

export interface FaultCheck {
  readonly id: string;
  readonly kind: "look" | "try" | "line" | "meter" | "swap";
  /** Usual time of somebody who knows how, minutes. */
  readonly minutes: number;
  readonly tools: readonly Tool[];
  readonly spare: Spare | null;
  readonly reading: Reading | null;
  /** For each cause it can tell of: the chance that it shows something where that is the cause, 0 to 1. */
  readonly tells: Readonly<Record<string, number>>;
  /** The chance that it shows something where none of them is. */
  readonly falseAlarm: number;
}

export interface FaultSign {
  readonly id: string;
  /** Whether the display says it by a code, or somebody complains of it. */
  readonly from: "code" | "complaint";
  /** Of bikes with this sign, how many have each cause: shares, adding up to 1. */
  readonly causes: Readonly<Record<string, number>>;
}

export interface FaultData {
  readonly causes: readonly FaultCause[];
  readonly checks: readonly FaultCheck[];
  readonly signs: readonly FaultSign[];
}

/** What came of a check, or of mending what was held to be the cause. */
export type FaultAnswer =
  | { readonly kind: "check"; readonly check: string; readonly shows: "fault" | "nothing" | "cannot" }
  | { readonly kind: "mended"; readonly cause: string; readonly gone: boolean };

/** What is known of a bike before anything is looked at. */
export interface FaultContext {
  /** Causes it cannot have: a part is not fitted, its display has no such line. */
  readonly cannotBe: ReadonlySet<string>;
  /** What its sheet says of causes that are lines: whether a line holds another value than it should. */
  readonly lines: Readonly<Record<string, "differs" | "agrees">>;
  /** Causes that rest on what was changed last. */
  readonly changed: ReadonlySet<string>;
  readonly tools: ReadonlySet<Tool>;
  readonly spares: ReadonlySet<Spare>;
  /** How often this shop has found each cause behind each sign. */
  readonly found: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

export const causeById = ({ causes }: FaultData, id: string): FaultCause | null =>
  causes.find((cause) => cause.id === id) ?? null;
export const checkById = ({ checks }: FaultData, id: string): FaultCheck | null =>
  checks.find((check) => check.id === id) ?? null;
export const signById = ({ signs }: FaultData, id: string): FaultSign | null =>
  signs.find((sign) => sign.id === id) ?? null;
