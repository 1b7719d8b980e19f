/** A line that takes values nobody can give a meaning: it stays as found. */
import { ranged, refuse, type EncodingKind } from "./kind";

export const reserved: EncodingKind<"reserved"> = {
  ...ranged,
  shows: ({ rawMin, shown }, raw) => {
    switch (shown?.kind) {
      case "listed":
        return shown.marks[raw - rawMin] ?? String(raw);
      case "scaled":
        return (
          shown.special.find((each) => each.raw === raw)?.shows ??
          (shown.offset + raw * shown.per).toFixed(shown.decimals)
        );
      default:
        return String(raw);
    }
  },
  settings: () => [],
  decode: () => ({}),
  encode: (_, value) => refuse(value),
};
