/** A line that takes values nobody can give a meaning: it stays as found. */
import { ranged, refuse, type EncodingKind } from "./kind";

export const reserved: EncodingKind<"reserved"> = {
  ...ranged,
  settings: () => [],
  decode: () => ({}),
  encode: (_, value) => refuse(value),
};
