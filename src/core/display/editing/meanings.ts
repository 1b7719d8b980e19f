/** What a value of a preset stands for, of each setting it sets. */
import { SETTING_KEYS, type SettingKey, type SettingValue } from "../settings";
import { leastOf } from "./blank";

export type Meanings = Readonly<Partial<Record<SettingKey, SettingValue>>>;

/** Settings it says nothing of yet. */
export const settingsLeft = (means: Meanings): readonly SettingKey[] =>
  SETTING_KEYS.filter((setting) => !(setting in means));

/** Said of another setting instead, which begins at its least. */
export const saidOf = (means: Meanings, was: SettingKey, now: SettingKey): Meanings =>
  Object.fromEntries(
    Object.entries(means).map(([setting, value]) => (setting === was ? [now, leastOf(now)] : [setting, value])),
  );

/** One setting more, the first that is left. */
export function withOneMore(means: Meanings): Meanings {
  const [next] = settingsLeft(means);
  return next ? { ...means, [next]: leastOf(next) } : means;
}

/** One setting less. */
export const without = (means: Meanings, setting: SettingKey): Meanings =>
  Object.fromEntries(Object.entries(means).filter(([each]) => each !== setting));
