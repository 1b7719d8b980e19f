/** One of several values, each with what the display shows for it. */
import { SETTINGS, type SettingKey, type SettingValue } from "../settings";
import { exactly, refuse, saying, type Encoded, type EncodingKind } from "./kind";

interface Option {
  readonly raw: number;
  readonly shows: string;
  readonly means: SettingValue;
}

export const choice: EncodingKind<"choice"> = {
  raws: ({ options }) => options.map(({ raw }) => raw),
  shows: ({ options }, raw) => options.find((option) => option.raw === raw)?.shows ?? String(raw),
  settings: ({ setting }) => [setting],
  decode: ({ setting, options }, raw) =>
    saying(setting, options.find((option) => option.raw === raw)?.means as SettingValue | undefined),
  encode: ({ setting, options }, value, strict) =>
    // The profile check ties each meaning to its setting's domain.
    encodeChoice(options as readonly Option[], setting, value, strict),
  stepOf: () => null,
};

function encodeChoice(options: readonly Option[], setting: SettingKey, value: SettingValue, strict: boolean): Encoded {
  const exact = options.find((option) => option.means === value);
  if (exact && !(strict && typeof value === "number")) return exactly(exact.raw, exact.means);
  const accepted = options.map((option) => option.shows);
  const direction = SETTINGS[setting].safeDirection;
  if (direction === null || typeof value !== "number") return refuse(value, accepted);
  const safe = options
    .flatMap((option) => (typeof option.means === "number" ? [{ raw: option.raw, means: option.means }] : []))
    .filter(({ means }) => (!strict && means === value) || (direction === "down" ? means < value : means > value))
    .sort((a, b) => Math.abs(a.means - value) - Math.abs(b.means - value))[0];
  return safe ? { ok: true, raw: safe.raw, held: safe.means, exact: false, beyond: null } : refuse(value, accepted);
}
