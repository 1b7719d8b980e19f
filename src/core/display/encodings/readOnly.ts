/** A line that shows something and takes nothing. */
import { refuse, type EncodingKind } from "./kind";

export const readOnly: EncodingKind<"read-only"> = {
  raws: () => [],
  shows: ({ shows }) => shows,
  settings: () => [],
  decode: () => ({}),
  encode: (_, value) => refuse(value),
  stepOf: () => null,
  strangers: () => [],
  faults: () => [],
};
