/** Two displays side by side: what each can set, in what range. */
import {
  contextOf,
  decodeAll,
  factoryRaws,
  linesOf,
  rawValues,
  settingsOf,
  shows,
  SETTING_KEYS,
  type DisplayProfile,
  type SettingKey,
  type SettingValue,
} from "../display";

/** What a line can set of a setting. */
export interface Ability {
  readonly code: string;
  /**
   * Values it stands for, each once, in the order the display steps through them; empty where its scale is not known.
   */
  readonly values: readonly SettingValue[];
  /** What it shows from its first value to its last. */
  readonly first: string;
  readonly last: string;
  /** Whether some of what it shows stands for a value nobody knows. */
  readonly partly: boolean;
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
  // Read as the maker ships it: a value that follows another line follows that line's own.
  const context = contextOf(profile, factoryRaws(profile));
  const values = raws.flatMap((raw) => decodeAll(line, raw, context)[setting] ?? []);
  const at = (raw: number | undefined): string => (raw === undefined ? "" : shows(line.encoding, raw));
  return {
    code: line.code,
    values: [...new Set(values)],
    first: at(raws[0]),
    last: at(raws.at(-1)),
    partly: values.length < raws.length,
  };
}

/** A row for every setting either display has a line for, in the order the product lists settings. */
export const compareDisplays = (a: DisplayProfile, b: DisplayProfile): readonly AbilityRow[] =>
  SETTING_KEYS.map((setting) => ({ setting, a: abilityOf(a, setting), b: abilityOf(b, setting) })).filter(
    (row) => row.a !== null || row.b !== null,
  );
