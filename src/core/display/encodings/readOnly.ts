/** A line that shows something and takes nothing. */
import { refuse, type EncodingKind } from "./kind";

/** Stands for what varies, where something has to be written. */
const VARIES = "~";

export const readOnly: EncodingKind<"read-only"> = {
  raws: () => [],
  shows: ({ shows }) => shows ?? VARIES,
  settings: () => [],
  decode: () => ({}),
  encode: (_, value) => refuse(value),
  stepOf: () => null,
};
