/** A speed at which drive ends, in the unit it is held in; one end of the range may stand for no cap. */
import { kmhToMph, roundSafely, speedToKmh, type SpeedUnit } from "../../units";
import {
  exactly,
  NOISE,
  ranged,
  refuse,
  saying,
  type EncodingContext,
  type EncodingKind,
  type EncodingOf,
} from "./kind";

type SpeedCap = EncodingOf<"speed-cap">;

/** Taken for a cap while nobody knows the unit it is held in: the same number of miles is the faster. */
const WORSE_UNIT: SpeedUnit = "mph";

const unitOf = ({ heldIn }: SpeedCap, { shownUnit }: EncodingContext): SpeedUnit =>
  heldIn === "shown" ? (shownUnit ?? WORSE_UNIT) : heldIn;

export const speedCap: EncodingKind<"speed-cap"> = {
  ...ranged,
  shows: ({ uncappedRaw, uncappedShows }, raw) =>
    raw === uncappedRaw && uncappedShows !== null ? uncappedShows : String(raw),
  settings: ({ setting }) => [setting],
  decode: (encoding, raw, context) =>
    saying(encoding.setting, raw === encoding.uncappedRaw ? "uncapped" : speedToKmh(raw, unitOf(encoding, context))),
  encode: (encoding, value, strict, context) => {
    const { rawMin, rawMax, uncappedRaw } = encoding;
    if (value === "uncapped") return uncappedRaw === null ? refuse(value) : exactly(uncappedRaw, "uncapped");
    if (typeof value !== "number") return refuse(value);
    const unit = unitOf(encoding, context);
    const asked = unit === "mph" ? kmhToMph(value) : value;
    const least = uncappedRaw === rawMin ? rawMin + 1 : rawMin;
    const most = uncappedRaw === rawMax ? rawMax - 1 : rawMax;
    const whole = roundSafely(asked, "down", { step: 1, strict });
    if (whole < least) return { ok: false, problem: { key: "encode.below-range", asked, least } };
    const raw = Math.min(whole, most);
    const held = speedToKmh(raw, unit);
    return {
      ok: true,
      raw,
      held,
      exact: Math.abs(held - value) < NOISE * Math.max(1, value),
      beyond: whole > most ? { key: "encode.above-range", asked, most } : null,
    };
  },
};
