/** One line that sets several things at once: a preset. Which option is wanted is decided by all of them together. */
import type { SettingKey } from "../settings";
import { refuse, type Decoded, type EncodingKind } from "./kind";

export const bundle: EncodingKind<"bundle"> = {
  raws: ({ options }) => options.map(({ raw }) => raw),
  shows: ({ options }, raw) => options.find((option) => option.raw === raw)?.shows ?? String(raw),
  settings: ({ options }) => [...new Set(options.flatMap(({ means }) => Object.keys(means) as SettingKey[]))],
  decode: ({ options }, raw) => (options.find((option) => option.raw === raw)?.means ?? {}) as Decoded,
  encode: (_, value) => refuse(value),
  stepOf: () => null,
};
