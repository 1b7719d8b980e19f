/**
 * What the menus this workshop has described have together, whatever their order. It tips the scale between readings
 * that are as good as each other, and makes no line sure: what is believed of a line rests on its own words.
 */
import type { SettingKey } from "../settings";

/** Settings a menu has lines for. */
export type KnownMenu = ReadonlySet<SettingKey>;

/** Most that it adds to what a reading is worth. */
const MOST = 0.06;

/** How alike two menus are: shared settings among all of either, 0 to 1 (Jaccard 1901). */
function likeness(menu: KnownMenu, present: KnownMenu): number {
  const shared = [...menu].filter((setting) => present.has(setting)).length;
  const all = menu.size + present.size - shared;
  return all === 0 ? 0 : shared / all;
}

/** What a reading gains where menus like this one have the setting, from 0; nothing where none is known. */
export function priorOf(menus: readonly KnownMenu[], present: KnownMenu): (setting: SettingKey) => number {
  const weighed = menus.map((menu) => ({ menu, weight: likeness(menu, present) }));
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  if (total === 0) return () => 0;
  return (setting) =>
    (MOST * weighed.reduce((sum, { menu, weight }) => sum + (menu.has(setting) ? weight : 0), 0)) / total;
}
