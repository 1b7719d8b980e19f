/** A line as it was read, and as another setting or none: what the text says of its values stays. */
import { typedNumber } from "../../units/typedNumber";
import { rawValues, readShown } from "../encoding";
import type { Action, Encoding } from "../profile";
import type { SettingKey } from "../settings";
import type { Foreign, Meaning } from "./lexicon/terms";
import { shaped, unknownShape } from "./shape";
import type { Tokens } from "./tokens";

export type Sureness = "sure" | "guess" | "unknown";

export type Doubt =
  | "no-setting"
  | "two-settings"
  | "options-not-understood"
  | "no-range"
  | "no-default"
  | "default-not-in-range"
  | "numbers-left-over"
  | "may-be-incomplete";

/** Doubts that something of a line may be missing or belong elsewhere, whatever it means. */
export const GAPS: ReadonlySet<Doubt> = new Set(["may-be-incomplete", "numbers-left-over"]);

/** One reading of a line: 0 to 1 by its words, its unit and its values alone. */
export interface Considered {
  readonly meaning: Meaning;
  readonly score: number;
  readonly because: readonly string[];
}

export interface ReadLine {
  readonly code: string;
  /** What the leaflet calls it, as it stands there. */
  readonly text: string;
  readonly setting: SettingKey | null;
  /** What its words speak for that no setting here means. */
  readonly foreign: Foreign | null;
  /** 0 to 1: of the setting, its values and the maker's value together. */
  readonly confidence: number;
  /** How many of such lines were right on texts nobody tuned the reader on, 0 to 1. */
  readonly likely: number;
  readonly sureness: Sureness;
  readonly encoding: Encoding;
  readonly factoryRaw: number | null;
  /** What the reader could not make out. */
  readonly doubts: readonly Doubt[];
  /** Words of the text the setting rests on. */
  readonly because: readonly string[];
  /** What it may mean, best first, with what each rests on. */
  readonly considered: readonly Considered[];
  /** What the text says of its values, whatever it means. */
  readonly tokens: Tokens;
}

/** What a shown value is as a raw one, for the default a leaflet states; null where the line has none such. */
export function rawOfShown(encoding: Encoding, shown: string): number | null {
  const reading = readShown(encoding, shown);
  if (reading.ok) return reading.raw;
  // A leaflet may count options where the display shows words.
  const counted = typedNumber(shown);
  return rawValues(encoding).includes(counted) ? counted : null;
}

/** A line read as another setting, or as none: what the text says of its values stays. */
export function readAs(read: ReadLine, setting: SettingKey | null): ReadLine {
  const { tokens } = read;
  const shape = setting === null ? { encoding: unknownShape(tokens), doubts: [] } : shaped(setting, tokens);
  const raw = tokens.stated === null ? null : rawOfShown(shape.encoding, tokens.stated);
  const doubts: readonly Doubt[] = [
    ...read.doubts.filter((doubt) => GAPS.has(doubt)),
    ...shape.doubts,
    ...(tokens.stated === null ? (["no-default"] as const) : raw === null ? (["default-not-in-range"] as const) : []),
  ];
  return {
    ...read,
    foreign: null,
    setting: shape.encoding.setting === null ? null : setting,
    encoding: shape.encoding,
    factoryRaw: raw,
    doubts,
  };
}

/** What a line does that sets nothing; null where it is a line of values. */
export const actionOf = ({ setting, tokens }: ReadLine): Action | null => (setting === null ? tokens.does : null);
