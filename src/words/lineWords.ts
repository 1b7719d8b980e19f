/** A line of a display in few words: what it sets, and the values it has. */
import { rawValues, settingsOf, shows, type Line } from "@/core/display";
import { ENCODING_WORDS } from "./profiles";
import { SETTING_NAMES } from "./settings";

/** As many values as are told one by one. */
const FEW = 5;

/** The values a line has: one by one where they are few, else from the first to the last. */
export function valuesWords({ encoding }: Line): string {
  const raws = rawValues(encoding);
  const shown = raws.map((raw) => shows(encoding, raw));
  return shown.length <= FEW ? shown.join(" ") : `${shown[0]} to ${shown[shown.length - 1]}`;
}

/** What a line sets and the values it has: "Cut-off · 38 to 44". */
export function lineWords(line: Line): string {
  const settings = settingsOf(line).map((setting) => SETTING_NAMES[setting]);
  const sets = settings.length > 2 ? `${settings.length} settings` : settings.join(", ");
  return [sets || ENCODING_WORDS[line.encoding.kind], valuesWords(line)].filter(Boolean).join(" · ");
}
