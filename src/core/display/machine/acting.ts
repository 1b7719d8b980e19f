/** Which rules of the keys act on a screen, and when. */
import type { MenuState } from "../menuState";
import type { DisplayProfile, KeyRule } from "../profile";

/** Whether the same keys are down. */
export const sameKeys = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((key) => b.includes(key));

/** Whether a rule can act in a state, on keys pressed `downAtMs` after power-on. */
export function ruleActs(profile: DisplayProfile, rule: KeyRule, state: MenuState, downAtMs: number): boolean {
  const { screen } = state;
  if (rule.on !== screen.kind) return false;
  if (rule.sincePowerOn && (rule.sincePowerOn.kind === "within") !== downAtMs <= rule.sincePowerOn.ms) return false;
  if (rule.wheelStill && state.wheelTurns) return false;
  if (screen.kind === "menu") {
    if (rule.pages && !rule.pages.includes(profile.menu.pages[screen.page]?.id ?? "")) return false;
    if (rule.editing !== null && rule.editing !== (screen.draft !== null)) return false;
  }
  return screen.kind !== "home" || rule.infoLine === null || rule.infoLine === profile.infoLines[state.info];
}

type ScreenKind = MenuState["screen"]["kind"];
const rulesByScreen = new WeakMap<DisplayProfile, ReadonlyMap<ScreenKind, readonly KeyRule[]>>();

/** The rules of a screen, in their own order, told apart once per profile. */
export function rulesOn(profile: DisplayProfile, screen: ScreenKind): readonly KeyRule[] {
  let known = rulesByScreen.get(profile);
  if (!known) {
    known = new Map(profile.rules.map(({ on }) => [on, profile.rules.filter((rule) => rule.on === on)]));
    rulesByScreen.set(profile, known);
  }
  return known.get(screen) ?? NO_RULES;
}

const NO_RULES: readonly KeyRule[] = [];

const rulesByKeys = new WeakMap<readonly KeyRule[], WeakMap<readonly string[], readonly KeyRule[]>>();

/** Of the rules of a screen those on the same keys, told apart once for each list of keys. */
function withKeys(rules: readonly KeyRule[], keys: readonly string[]): readonly KeyRule[] {
  let known = rulesByKeys.get(rules);
  if (!known) rulesByKeys.set(rules, (known = new WeakMap<readonly string[], readonly KeyRule[]>()));
  let same = known.get(keys);
  if (!same) known.set(keys, (same = rules.filter((rule) => sameKeys(rule.keys, keys))));
  return same;
}

/** Rules that can act on keys that went down so long after power-on, in their own order. */
export function rulesFor(
  profile: DisplayProfile,
  state: MenuState,
  keys: readonly string[],
  downAtMs: number,
): readonly KeyRule[] {
  return withKeys(rulesOn(profile, state.screen.kind), keys).filter((rule) => ruleActs(profile, rule, state, downAtMs));
}

/** Whether a single tap of these keys waits to see if a second follows. */
export const waitsForSecondTap = (profile: DisplayProfile, state: MenuState, keys: readonly string[]): boolean =>
  rulesFor(profile, state, keys, state.sincePowerOnMs).some((rule) => rule.gesture.kind === "double-tap");
