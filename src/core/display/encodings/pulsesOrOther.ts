/**
 * Pulses of one pick-up, and which pick-up counts, on one line: one value hands the counting over to the other pick-up,
 * every other value counts with its own.
 */
import { encodeHeld, exactly, range, ranged, refuse, type EncodingKind, type EncodingOf } from "./kind";

type PulsesOrOther = EncodingOf<"pulses-or-other">;

const counts = ({ rawMin, rawMax, handsOverRaw }: PulsesOrOther): readonly number[] =>
  range(rawMin, rawMax).filter((raw) => raw !== handsOverRaw);

/** The pick-up that counts under a raw value: the line's own, or the other. */
const sensorAt = ({ setting, handsOverRaw }: PulsesOrOther, raw: number): "wheel" | "motor" =>
  (setting === "motorPulses") === (raw === handsOverRaw) ? "wheel" : "motor";

export const pulsesOrOther: EncodingKind<"pulses-or-other"> = {
  ...ranged,
  settings: ({ setting }) => [setting, "speedSensor"],
  decode: (encoding, raw) => ({
    speedSensor: sensorAt(encoding, raw),
    ...(raw === encoding.handsOverRaw ? {} : { [encoding.setting]: raw }),
  }),
  encode: (encoding, value, strict) => {
    const { setting, handsOverRaw } = encoding;
    if (typeof value === "number")
      return encodeHeld(
        setting,
        value,
        counts(encoding).map((raw) => ({ raw, value: raw })),
        strict,
      );
    return value === sensorAt(encoding, handsOverRaw) ? exactly(handsOverRaw, value) : refuse(value);
  },
  stepOf: () => 1,
};
