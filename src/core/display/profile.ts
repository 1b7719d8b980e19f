/**
 * The display profile: a display described as data. Keys and what they do on each screen, the menu's lines in order, how a
 * change is saved and when it is in force, and per line the encoding of one canonical setting.
 */
import type { InferOutput } from "valibot";
import type * as schema from "./profileSchema";

export const FORMAT = "odd-spoke/display-profile";
export const FORMAT_VERSION = 1;

export type DisplayProfile = InferOutput<typeof schema.DisplayProfileSchema>;
export type DisplayKey = InferOutput<typeof schema.KeySchema>;
export type KeyRule = InferOutput<typeof schema.KeyRuleSchema>;
export type Deed = InferOutput<typeof schema.DeedSchema>;
export type Line = InferOutput<typeof schema.LineSchema>;
export type Encoding = InferOutput<typeof schema.EncodingSchema>;
export type WheelCodeEncoding = InferOutput<typeof schema.WheelCodeSchema>;
export type SpeedCapEncoding = InferOutput<typeof schema.SpeedCapSchema>;

/** The menu's lines in the order the display shows them. */
export const linesOf = (profile: DisplayProfile): readonly Line[] => profile.menu.lines;

/** Where a line stands in the menu, or -1. */
export const lineIndex = (profile: DisplayProfile, code: string): number => profile.menu.lines.findIndex((line) => line.code === code);

/** First line that sets a canonical setting, or null. */
export const lineSetting = (profile: DisplayProfile, setting: NonNullable<Encoding["setting"]>): Line | null =>
  profile.menu.lines.find((line) => line.encoding.setting === setting) ?? null;

/** The maker's values of all lines, in menu order. */
export const factoryRaws = (profile: DisplayProfile): readonly number[] => profile.menu.lines.map((line) => line.factoryRaw);
