/** Gestures close to the one meant that hurt: said where the fingers are about to be. */
import { dangerOf, LONG_ON_MS, rulesFor, type Danger, type Deed, type DisplayProfile, type KeyRule } from "../display";
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

/** A chord that is in time only so long after power-on. */
export interface ChordWindow {
  /** From power-on, ms. */
  readonly ms: number;
  /** What is left of it when the step begins, ms. */
  readonly leftMs: number;
  /** What the same keys do when they come later; null where nothing. */
  readonly late: Deed | null;
}

/** The window of time a step's first chord has to fall in; null where it has none. */
export function chordWindowOf(profile: DisplayProfile, step: CardStep): ChordWindow | null {
  const stroke = step.runs[0]?.stroke;
  if (!stroke || !("keys" in stroke)) return null;
  const { before } = step;
  const timed = rulesFor(profile, before, stroke.keys, before.sincePowerOnMs).find(
    ({ sincePowerOn, gesture }) => sincePowerOn?.kind === "within" && gesture.kind === stroke.kind,
  );
  const ms = timed?.sincePowerOn?.ms;
  if (ms === undefined) return null;
  const late = rulesFor(profile, { ...before, sincePowerOnMs: LONG_ON_MS }, stroke.keys, LONG_ON_MS)[0];
  return { ms, leftMs: Math.max(0, ms - before.sincePowerOnMs), late: late?.does ?? null };
}
