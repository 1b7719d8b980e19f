/** A line written in another way: what it was seen to show stays, and only how that is read is new. */
import { is } from "valibot";
import { isUnseen, usualEncoding } from "../draft";
import { rawValues, shows } from "../encoding";
import { asSeen, seenAs } from "../meaning";
import { EncodingSchema } from "../profileSchema";
import type { DisplayProfile, Encoding } from "../profile";
import { SETTINGS, type SettingKey } from "../settings";
import { leastOf, ofKind } from "./blank";
import { formOf, type FormOf } from "./grammar";

/** Most values that are listed one by one. */
const MOST_OPTIONS = 64;

/** The values seen, each with the least its setting can stand at: somebody has to say what they are. */
function optionsOf(
  encoding: Encoding,
  setting: SettingKey,
): { raw: number; shows: string; means: string | number | boolean }[] {
  const raws = rawValues(encoding).slice(0, MOST_OPTIONS);
  const { domain } = SETTINGS[setting];
  const means = (i: number, raw: number) =>
    domain.kind === "flag"
      ? i === 1
      : domain.kind === "choice"
        ? (domain.values[i] ?? leastOf(setting))
        : raw >= domain.min && raw <= domain.max
          ? raw
          : leastOf(setting);
  return (raws.length > 0 ? raws : [0, 1]).map((raw, i) => ({
    raw,
    shows: shows(encoding, raw),
    means: means(i, raw),
  }));
}

/** What a line of that kind means: what it meant before, where the kind allows; else the first thing it can. */
function settingFor(kind: Encoding["kind"], was: Encoding): SettingKey | null {
  const form = formOf(EncodingSchema) as FormOf<"kinds">;
  const asked = form.kinds.get(kind)?.get("setting");
  if (!asked || asked.kind === "fixed") return (asked?.kind === "fixed" ? asked.value : null) as SettingKey | null;
  const allowed = asked.kind === "choice" ? asked.values : [];
  return was.setting !== null && allowed.includes(was.setting) ? was.setting : ((allowed[0] as SettingKey) ?? null);
}

/** A line's encoding as another kind. */
export function encodingAs(encoding: Encoding, kind: Encoding["kind"], profile: DisplayProfile): Encoding {
  if (kind === encoding.kind) return encoding;
  const seen = asSeen(encoding);
  if (kind === "reserved") return seen;
  const setting = settingFor(kind, encoding);
  // A line nobody has looked at begins as such lines usually are, for somebody to correct.
  const usual = setting && isUnseen(encoding) ? usualEncoding(setting) : null;
  if (usual?.kind === kind) return usual;
  // What the values seen come to by themselves, where that is of the kind wanted.
  const natural = setting ? seenAs(seen, setting) : null;
  if (natural?.kind === kind && is(EncodingSchema, natural)) return natural;
  const { kinds } = formOf(EncodingSchema) as FormOf<"kinds">;
  const raws = rawValues(encoding);
  const range = raws.length > 0 ? { rawMin: Math.min(...raws), rawMax: Math.max(...raws) } : {};
  const options = setting === null ? optionsOf(encoding, "backlight") : optionsOf(encoding, setting);
  const listed =
    kind === "bundle"
      ? { options: options.map(({ raw, shows: text }) => ({ raw, shows: text, means: { speedUnit: "kmh" } })) }
      : kind === "choice"
        ? { options }
        : {};
  const next = ofKind(kinds, kind, { ...encoding, ...range, ...listed, ...(setting ? { setting } : {}) }, profile);
  if (!is(EncodingSchema, next)) throw new Error(`no line of kind ${kind} can be made of ${encoding.kind}`);
  return next;
}
