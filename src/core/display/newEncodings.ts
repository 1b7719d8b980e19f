/** Encodings begun from little: what nobody has stated is not known, and the rest is plain. */
import type { Encoding } from "./profile";
import type { SettingKey } from "./settings";

type Of<Kind extends Encoding["kind"]> = Extract<Encoding, { readonly kind: Kind }>;

interface Scale {
  readonly rawStep?: number;
  /** What one raw step stands for, in the setting's unit. */
  readonly perRaw?: number;
  /** What it shows for one; as it stands for where left out. */
  readonly shownPer?: number;
  readonly decimals?: number;
}

/** A number that shows what it holds. */
export const plainNumber = (
  setting: SettingKey,
  rawMin: number,
  rawMax: number,
  { rawStep = 1, perRaw = 1, shownPer = perRaw, decimals = 0 }: Scale = {},
): Of<"number"> => ({
  kind: "number",
  setting,
  rawMin,
  rawMax,
  rawStep,
  perRaw,
  offset: 0,
  shownPer,
  shownOffset: 0,
  decimals,
  special: [],
});

/** A speed cap of which nobody has said what it compares with. */
export const plainCap = (
  setting: Of<"speed-cap">["setting"],
  rawMin: number,
  rawMax: number,
  { heldIn = "kmh", uncappedRaw = null }: Partial<Pick<Of<"speed-cap">, "heldIn" | "uncappedRaw">> = {},
): Of<"speed-cap"> => ({
  kind: "speed-cap",
  setting,
  heldIn,
  rawMin,
  rawMax,
  uncappedRaw,
  uncappedShows: null,
  basis: "unknown",
  endsThrottle: false,
  lowersPower: false,
});

/** Numbers of which nobody knows what they stand for, nor, unless somebody says, which way they go. */
export const unknownScale = (
  setting: SettingKey,
  rawMin: number,
  rawMax: number,
  larger: Of<"unknown-scale">["larger"] = "unknown",
): Of<"unknown-scale"> => ({
  kind: "unknown-scale",
  setting,
  rawMin,
  rawMax,
  larger,
  noneRaw: null,
  measured: [],
});
