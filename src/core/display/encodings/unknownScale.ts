/** A line whose setting is known and whose scale is not: it stands for what somebody has measured, and for no more. */
import { SETTINGS } from "../settings";
import { encodeHeld, exactly, ranged, saying, type EncodingKind } from "./kind";

export const unknownScale: EncodingKind<"unknown-scale"> = {
  ...ranged,
  settings: ({ setting }) => [setting],
  decode: ({ setting, noneRaw, measured }, raw) => {
    if (raw === noneRaw) return saying(setting, SETTINGS[setting].domain.kind === "number" ? "uncapped" : null);
    return saying(setting, measured.find((each) => each.raw === raw)?.value);
  },
  encode: ({ setting, noneRaw, measured }, value, strict) => {
    if (value === "uncapped" && noneRaw !== null) return exactly(noneRaw, value);
    if (measured.length === 0) return { ok: false, problem: { key: "encode.unknown-scale", asked: String(value) } };
    // Only what somebody has measured is ever aimed for.
    return encodeHeld(setting, value, measured, strict);
  },
};
