/**
 * Restore and reapply: the maker's values put back by the display's own action, then everything that differs set again.
 * A way out when nobody knows any more what a display holds; only with a baseline kept.
 */
import { dangerOf, factoryRaws, ruleActs, type DisplayProfile, type MenuState } from "../display";
import type { KeyGoal, PlannedStroke } from "./goal";
import { planKeys } from "./plan";
import { play, ruleStroke } from "./pressing";
import { totalMs, type Stroke } from "./strokes";

export interface RestorePlan {
  /** Strokes to the restore and through it: the one place where a plan does something dangerous on purpose. */
  readonly restore: readonly PlannedStroke[];
  /** Strokes that set again what differs from the maker's values. */
  readonly reapply: readonly PlannedStroke[];
  readonly totalMs: number;
}

/**
 * The quicker of the display's own ways to restore, and what is to be set after it; null where the display has no such
 * way.
 */
export function restoreAndReapply(profile: DisplayProfile, start: MenuState, goal: KeyGoal): RestorePlan | null {
  const ways = [...actionWays(profile, start), ...chordWays(profile, start)];
  const plans = ways.flatMap((restore): RestorePlan[] => {
    const after = restore[restore.length - 1]?.after;
    // What it holds after a restore is not known where the maker's value of a line is not.
    if (!after?.done.includes("restore") || factoryRaws(profile).includes(null)) return [];
    const again = planKeys(profile, { ...after, done: [] }, goal);
    return again.ok
      ? [{ restore, reapply: again.strokes, totalMs: totalMs(restore.map(({ stroke }) => stroke)) + again.totalMs }]
      : [];
  });
  return plans.sort((a, b) => a.totalMs - b.totalMs)[0] ?? null;
}

/** Plays strokes and keeps each with its states. */
function played(profile: DisplayProfile, start: MenuState, strokes: readonly Stroke[]): PlannedStroke[] {
  let state = start;
  return strokes.map((stroke) => {
    const before = state;
    state = play(profile, before, stroke);
    return { stroke, before, after: state };
  });
}

/** Restoring by an action of the menu: go there, begin it, answer what it asks. */
function actionWays(profile: DisplayProfile, start: MenuState): readonly (readonly PlannedStroke[])[] {
  return profile.menu.pages.flatMap(({ entries }, page) =>
    entries.flatMap((entry, at) => {
      if (entry.kind !== "action" || entry.action !== "restore") return [];
      const there = planKeys(profile, start, { targets: [], entry: { page, at }, end: "anywhere" });
      if (!there.ok) return [];
      const strokes = [...there.strokes];
      const press = (on: "menu" | "confirm", kind: "select" | "step-value") => {
        const state = strokes[strokes.length - 1]?.after ?? start;
        const rule = profile.rules.find(
          (each) => each.on === on && each.does.kind === kind && ruleActs(profile, each, state, state.sincePowerOnMs),
        );
        if (rule) strokes.push(...played(profile, state, [ruleStroke(profile, state, rule)]));
      };
      press("menu", "select");
      if (entry.asks === "yes-no") press("confirm", "step-value");
      if (entry.asks !== "nothing") press("confirm", "select");
      return [strokes];
    }),
  );
}

/** Restoring by keys of the home screen, or held through power-on, at the moment they mean it. */
function chordWays(profile: DisplayProfile, start: MenuState): readonly (readonly PlannedStroke[])[] {
  return profile.rules.flatMap((rule) => {
    if (
      rule.does.kind !== "run-action" ||
      rule.does.action !== "restore" ||
      dangerOf(rule.does) === null ||
      (rule.on !== "home" && rule.on !== "off")
    )
      return [];
    const off = profile.rules.find((each) => each.on === "home" && each.does.kind === "power-off");
    const before: Stroke[] =
      rule.on === "off" && start.screen.kind === "home" && off ? [ruleStroke(profile, start, off)] : [];
    const up = played(profile, start, before);
    const state = up[up.length - 1]?.after ?? start;
    return ruleActs(profile, rule, state, state.sincePowerOnMs)
      ? [[...up, ...played(profile, state, [ruleStroke(profile, state, rule)])]]
      : [];
  });
}
