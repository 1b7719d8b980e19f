/**
 * A step around a default that follows the nominal volts: a signed step number, or a number of which one stands for the
 * default.
 */
import { tidy } from "../../units";
import { encodeHeld, range, ranged, saying, type EncodingContext, type EncodingKind, type EncodingOf } from "./kind";

/** The default it steps around, V; null while the nominal volts it follows are not known. */
const baseOf = ({ defaults }: EncodingOf<"around-default">, { nominalV }: EncodingContext): number | null =>
  defaults.length === 1
    ? (defaults[0]?.valueV ?? null)
    : (defaults.find((each) => each.nominalV === nominalV)?.valueV ?? null);

export const aroundDefault: EncodingKind<"around-default"> = {
  ...ranged,
  // A step number is signed; the default's own number is a number like any.
  shows: ({ defaultRaw }, raw) => (defaultRaw === 0 && raw > 0 ? `+${raw}` : String(raw)),
  settings: ({ setting }) => [setting],
  decode: (encoding, raw, context) => {
    const base = baseOf(encoding, context);
    return saying(encoding.setting, base === null ? null : tidy(base + (raw - encoding.defaultRaw) * encoding.perRaw));
  },
  encode: (encoding, value, strict, context) => {
    const base = baseOf(encoding, context);
    if (base === null) return { ok: false, problem: { key: "encode.unknown-scale", asked: String(value) } };
    const held = range(encoding.rawMin, encoding.rawMax).map((raw) => ({
      raw,
      value: tidy(base + (raw - encoding.defaultRaw) * encoding.perRaw),
    }));
    return encodeHeld(encoding.setting, value, held, strict);
  },
  stepOf: ({ perRaw }) => Math.abs(perRaw),
};
