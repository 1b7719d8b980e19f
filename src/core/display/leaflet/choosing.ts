/** Sixth stage, over the whole menu: the setting of each line, one line a setting within a bank. */
import { SETTING_KEYS, type SettingKey } from "../settings";
import { assigned } from "./assign";
import type { Understood } from "./line";
import { isSetting, type Candidate } from "./meanings";
import { priorOf, type KnownMenu } from "./prior";

/** What a line is worth that means none of ours. */
const NOTHING = 0.3;

/** Which of a menu's banks a line stands in, by its code: banks are menus of their own. */
const bankOf = (code: string): string =>
  /^([A-Za-z]+)[-_.]?\d+$/.exec(code)?.[1]?.toLowerCase() ?? /^(\d+)[-.]\d+$/.exec(code)?.[1] ?? "";

/** Lines by their bank, as places in the text. */
function banksOf(lines: readonly Understood[]): readonly (readonly number[])[] {
  const banks = new Map<string, number[]>();
  for (const [i, { segment }] of lines.entries()) {
    const bank = bankOf(segment.code);
    banks.set(bank, [...(banks.get(bank) ?? []), i]);
  }
  return [...banks.values()];
}

/** The reading chosen for each line; null where none of ours is. Menus the workshop knows tip the scale. */
export function chosenOf(
  lines: readonly Understood[],
  menus: readonly KnownMenu[] = [],
): readonly (Candidate | null)[] {
  const alone = chosenWith(lines, () => 0);
  if (menus.length === 0) return alone;
  return chosenWith(lines, priorOf(menus, new Set(alone.flatMap((each) => settingOf(each)))));
}

const settingOf = (chosen: Candidate | null): readonly SettingKey[] =>
  chosen && isSetting(chosen.meaning) ? [chosen.meaning] : [];

function chosenWith(
  lines: readonly Understood[],
  prior: (setting: SettingKey) => number,
): readonly (Candidate | null)[] {
  const chosen = new Array<Candidate | null>(lines.length).fill(null);
  const scoreOf = (line: number, setting: SettingKey): number => {
    const score = lines[line]?.candidates.find((each) => each.meaning === setting)?.score ?? 0;
    return score === 0 ? 0 : score + prior(setting);
  };
  for (const bank of banksOf(lines)) {
    const otherwise = bank.map((i) =>
      Math.max(NOTHING, lines[i]?.candidates.find(({ meaning }) => !isSetting(meaning))?.score ?? 0),
    );
    // The other way round than one thinks of it, each setting seeks its line: settings are few, lines may be many.
    const gains = SETTING_KEYS.map((setting) => bank.map((i, at) => scoreOf(i, setting) - (otherwise[at] ?? NOTHING)));
    for (const [setting, at] of assigned(gains).entries()) {
      const line = bank[at];
      if (line === undefined) continue;
      chosen[line] = lines[line]?.candidates.find(({ meaning }) => meaning === SETTING_KEYS[setting]) ?? null;
    }
  }
  return chosen;
}
