/** A wheel by its size in millimetres around, or in inches across to a tenth. */
import { inchToMm } from "../../units";
import { rankWheels } from "../../wheel";
import { range, ranged, refuse, saying, type EncodingKind, type EncodingOf } from "./kind";
import { SAME_WHEEL } from "./wheelCode";

const circumferenceOf = ({ heldIn }: EncodingOf<"wheel-size">, raw: number): number =>
  heldIn === "mm" ? raw : inchToMm(raw / 10) * Math.PI;

export const wheelSize: EncodingKind<"wheel-size"> = {
  ...ranged,
  shows: ({ heldIn }, raw) => (heldIn === "tenth-inch" ? (raw / 10).toFixed(1) : String(raw)),
  settings: ({ setting }) => [setting],
  decode: (encoding, raw) => saying(encoding.setting, circumferenceOf(encoding, raw)),
  encode: (encoding, value) => {
    if (typeof value !== "number") return refuse(value);
    const wheels = range(encoding.rawMin, encoding.rawMax).map((raw) => ({
      code: raw,
      circumferenceMm: circumferenceOf(encoding, raw),
    }));
    const best = rankWheels(wheels, value)[0];
    return best
      ? { ok: true, raw: best.code, held: best.circumferenceMm, exact: Math.abs(best.r - 1) < SAME_WHEEL, beyond: null }
      : refuse(value);
  },
  stepOf: (encoding) => circumferenceOf(encoding, 1),
};
