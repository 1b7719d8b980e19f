/** Gestures close to the one meant that hurt: said where the fingers are about to be. */
import { dangerOf, type Danger, type Deed, type DisplayProfile, type KeyRule } from "../display";
import type { CardStep } from "./card";

export interface NearMiss {
  readonly keys: readonly string[];
  readonly holdMs: number;
  readonly danger: Danger;
  readonly does: Deed;
  /** The same keys do it at another time: within so long of power-on, or later. */
  readonly when: KeyRule["sincePowerOn"];
  /** The same keys do it on the home screen, where the menu has closed without being seen. */
  readonly atHome: boolean;
}

const missOf = (rule: KeyRule, danger: Danger, when: NearMiss["when"], atHome: boolean): NearMiss => ({
  keys: rule.keys,
  holdMs: rule.gesture.kind === "hold" ? rule.gesture.holdMs : 0,
  danger,
  does: rule.does,
  when,
  atHome,
});

/** Rules of a screen that hurt and press none but these keys. */
const hurting = ({ rules }: DisplayProfile, on: KeyRule["on"], keys: readonly string[]) =>
  rules.flatMap((rule) => {
    const danger = dangerOf(rule.does);
    return rule.on === on && danger !== null && rule.keys.every((key) => keys.includes(key)) ? [{ rule, danger }] : [];
  });

/** Gestures that hurt when a chord is missed by a finger or made at the wrong moment. */
export const nearMisses = (profile: DisplayProfile, on: KeyRule["on"], keys: readonly string[]): readonly NearMiss[] =>
  hurting(profile, on, keys).flatMap(({ rule, danger }) => {
    const same = rule.keys.length === keys.length;
    if (same && rule.sincePowerOn === null) return [];
    return [missOf(rule, danger, same ? rule.sincePowerOn : null, false)];
  });

/** What keys held in the menu do at home, should it have closed by itself meanwhile. */
export const missesAtHome = (profile: DisplayProfile, keys: readonly string[], holdMs: number): readonly NearMiss[] =>
  hurting(profile, "home", keys).flatMap(({ rule, danger }) =>
    rule.gesture.kind === "hold" && rule.gesture.holdMs <= holdMs ? [missOf(rule, danger, null, true)] : [],
  );

/** Gestures that hurt close to a step’s first chord, on its screen and on the one it may have fallen back to. */
export function nearMissesOf(profile: DisplayProfile, step: CardStep): readonly NearMiss[] {
  const stroke = step.runs[0]?.stroke;
  if (!stroke || !("keys" in stroke)) return [];
  const inMenu = step.before.screen.kind === "menu";
  const here =
    step.kind === "open" || stroke.keys.length > 1 ? nearMisses(profile, inMenu ? "menu" : "home", stroke.keys) : [];
  return inMenu && stroke.kind === "hold" ? [...here, ...missesAtHome(profile, stroke.keys, stroke.holdMs)] : here;
}
