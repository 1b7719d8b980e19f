/** What a decision rests on, and what it comes to. */
import type { DisplayProfile, Encoded, Line, SettingKey, SettingValue } from "../display";
import type { Raws } from "../applied";
import type { Bike } from "../facts";
import type { ClassChoice } from "../law";
import type { Reason } from "./reason";

export interface ProposedLine {
  readonly line: Line;
  readonly index: number;
  /** Raw value to set, or null where it stays as found. */
  readonly raw: number | null;
  readonly reason: Reason;
}

export interface ByHand {
  /** Raw values chosen by hand, by line code. */
  readonly overrides: Readonly<Record<string, number>>;
  /** Maker-only lines unlocked, with the written reason, by line code. */
  readonly unlocked: Readonly<Record<string, string>>;
}

export interface ProposalContext {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  readonly asFound: Raws;
  readonly byHand: ByHand;
}

/** A line to be decided, with what the others hold or will hold by then: decisions others rest on are made first. */
export interface Asked {
  readonly line: Line;
  readonly index: number;
  readonly others: Raws;
}

/** Decides one line. */
export type Solver = (context: ProposalContext, asked: Asked) => ProposedLine;

/** The product's position on one setting: a value, or none where what stands there is to stay. */
export interface Position {
  readonly value: SettingValue | null;
  readonly reason: Reason;
  /** The value itself is not allowed, only what lies on its safe side. */
  readonly strict?: boolean;
  /** Where it stays as found: what it may be at most all the same. */
  readonly bound?: number;
  /** What will do where the line cannot hold the value. */
  readonly otherwise?: SettingValue;
}

/** Positions on settings of one matter; `others` is what the lines hold or will hold by then. */
export type Positions = { readonly [K in SettingKey]?: (context: ProposalContext, others: Raws) => Position };

export const keep = (reason: Reason): Position => ({ value: null, reason });

/** The line stays as found. */
export const stay = ({ line, index }: Asked, reason: Reason): ProposedLine => ({ line, index, raw: null, reason });

/** The line as a value could be written on it; as found where it cannot. */
export const fromEncoded = (asked: Asked, encoded: Encoded, reason: Reason): ProposedLine =>
  encoded.ok
    ? { line: asked.line, index: asked.index, raw: encoded.raw, reason }
    : stay(asked, { key: "reason.cannot-hold", problem: encoded.problem });
