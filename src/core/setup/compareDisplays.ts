/** Two displays side by side: what each can set, and in what range. */
import { linesOf, rawValues, settingsOf, shows, SETTING_KEYS, type DisplayProfile, type SettingKey } from "../display";

export interface Ability {
  readonly code: string;
  /** What the line shows from its first value to its last. */
  readonly first: string;
  readonly last: string;
  readonly values: number;
}

export interface AbilityRow {
  readonly setting: SettingKey;
  readonly a: Ability | null;
  readonly b: Ability | null;
}

function abilityOf(profile: DisplayProfile, setting: SettingKey): Ability | null {
  const line = linesOf(profile).find((each) => settingsOf(each).includes(setting));
  if (!line) return null;
  const raws = rawValues(line.encoding);
  const at = (i: number): string => {
    const raw = raws[i];
    return raw === undefined ? "" : shows(line.encoding, raw);
  };
  return { code: line.code, first: at(0), last: at(raws.length - 1), values: raws.length };
}

/** A row for every setting either display has a line for, in the order the product lists settings. */
export const compareDisplays = (a: DisplayProfile, b: DisplayProfile): readonly AbilityRow[] =>
  SETTING_KEYS.map((setting) => ({ setting, a: abilityOf(a, setting), b: abilityOf(b, setting) })).filter(
    (row) => row.a !== null || row.b !== null,
  );
