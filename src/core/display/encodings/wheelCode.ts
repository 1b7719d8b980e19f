/** A wheel by a code for its nominal inches, or by what this display is known to take the code for. */
import { nominalCircumferenceMm, rankWheels } from "../../wheel";
import { refuse, saying, type EncodingKind, type EncodingOf } from "./kind";

type Code = EncodingOf<"wheel-code">["codes"][number];

/** Circumference a code stands for on this display, mm. */
const circumferenceOf = (code: Code): number => code.circumferenceMm ?? nominalCircumferenceMm(code.inch);

/** A wheel nearer to true than this is held exactly, relative. */
export const SAME_WHEEL = 1e-6;

export const wheelCode: EncodingKind<"wheel-code"> = {
  raws: ({ codes }) => codes.map(({ raw }) => raw),
  shows: ({ codes }, raw) => codes.find((code) => code.raw === raw)?.shows ?? String(raw),
  settings: ({ setting }) => [setting],
  decode: ({ setting, codes }, raw) => {
    const code = codes.find((each) => each.raw === raw);
    return saying(setting, code && circumferenceOf(code));
  },
  encode: ({ codes }, value) => {
    const accepted = codes.map((code) => code.shows);
    if (typeof value !== "number") return refuse(value, accepted);
    const wheels = codes.map((code) => ({ code, circumferenceMm: circumferenceOf(code) }));
    const best = rankWheels(wheels, value)[0];
    return best
      ? {
          ok: true,
          raw: best.code.raw,
          held: best.circumferenceMm,
          exact: Math.abs(best.r - 1) < SAME_WHEEL,
          beyond: null,
        }
      : refuse(value, accepted);
  },
  stepOf: () => null,
};
