/** A number on a straight scale, shown as it is or scaled; a few raw values may stand for something of their own. */
import { tidy } from "../../units";
import type { SettingValue } from "../settings";
import { encodeHeld, exactly, range, saying, type EncodingKind } from "./kind";

const raws: EncodingKind<"number">["raws"] = ({ rawMin, rawMax, rawStep }) => range(rawMin, rawMax, rawStep);

export const number: EncodingKind<"number"> = {
  raws,
  shows: ({ special, shownOffset, shownPer, decimals }, raw) =>
    special.find((each) => each.raw === raw)?.shows ?? (shownOffset + raw * shownPer).toFixed(decimals),
  settings: ({ setting }) => [setting],
  decode: ({ setting, special, offset, perRaw }, raw) => {
    const own = special.find((each) => each.raw === raw);
    return saying(setting, own ? (own.means as SettingValue) : tidy(offset + raw * perRaw));
  },
  encode: (encoding, value, strict) => {
    const { setting, special, offset, perRaw } = encoding;
    const own = special.find((each) => each.means === value);
    if (own) return exactly(own.raw, value);
    const taken = new Set(special.map((each) => each.raw));
    const held = raws(encoding)
      .filter((raw) => !taken.has(raw))
      .map((raw) => ({ raw, value: tidy(offset + raw * perRaw) }));
    return encodeHeld(setting, value, held, strict);
  },
  stepOf: ({ perRaw, rawStep }) => Math.abs(perRaw * rawStep),
};
