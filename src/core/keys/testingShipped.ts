/**
 * What every shipped display must hold, planned and replayed on the machine. Two test files share the displays out
 * between two processor cores.
 */
import { describe, expect, it } from "vitest";
import {
  atHome,
  dangerOf,
  standInRaws,
  isShown,
  layoutOf,
  linesOf,
  rawValues,
  ruleActs,
  switchedOff,
  type DisplayProfile,
  type MenuState,
} from "../display";
import { cardSteps } from "./card";
import { likelySlips } from "./slips";
import { runsInTime, USUAL_PACE } from "./pace";
import { stateFromShown } from "./shown";
import { planKeys } from "./plan";
import { play } from "./pressing";
import { strokeMs, type Stroke } from "./strokes";
import { pick, randomRaws, randomTargets } from "./testing";
import { seeded } from "../units/seeded";

/** Random from/to pairs per display. */
const PAIRS = 2000;

/** Whether making this stroke now would set off anything that hurts, at any moment of it. */
const hurts = (profile: DisplayProfile, state: MenuState, stroke: Stroke): boolean =>
  stroke.kind !== "wait" &&
  profile.rules.some(
    (rule) =>
      dangerOf(rule.does) !== null &&
      rule.keys.length === stroke.keys.length &&
      rule.keys.every((key) => stroke.keys.includes(key)) &&
      ruleActs(profile, rule, state, state.sincePowerOnMs) &&
      rule.gesture.kind === stroke.kind,
  );

export const testShipped = (profiles: readonly DisplayProfile[]): void =>
  describe.each(profiles.map((profile) => [profile.name, profile] as const))("plans on %s", (_, profile) => {
    it(
      "2,000 random pairs end exactly at the target, saved and in force, with no time-out and nothing set off",
      { timeout: 3_600_000 },
      () => {
        const random = seeded(20261124);
        for (let i = 0; i < PAIRS; i++) {
          const from = randomRaws(profile, random);
          const targets = randomTargets(profile, from, random);
          const start = i % 4 === 0 ? switchedOff(profile, from) : atHome(profile, from);
          const plan = planKeys(profile, start, { targets });
          if (!plan.ok) throw new Error(`${plan.problem.key} from ${from.join()} to ${targets.join()}`);
          let state = start;
          let ms = 0;
          // Judged at the end, since an assertion for each of a million strokes would take longer than the planner.
          const wrong: string[] = [];
          for (const { stroke, after } of plan.strokes) {
            if (hurts(profile, state, stroke)) wrong.push("sets something off");
            if (stroke.kind === "wait" && stroke.for === "menu-closes" && profile.menu.idle.pending === "discard")
              wrong.push("waits for a menu that throws away");
            state = play(profile, state, stroke);
            ms += strokeMs(stroke);
            if (after.pending.some((raw, line) => raw !== state.pending[line]) || after.idleMs !== state.idleMs)
              wrong.push(`plays otherwise at ${ms} ms`);
            if (state.screen.kind === "walk-assist") wrong.push("walks");
          }
          if (state.screen.kind !== "home" || state.done.length > 0) wrong.push(`ends ${state.screen.kind}`);
          if (ms !== plan.totalMs) wrong.push(`takes ${ms}, not ${plan.totalMs}`);
          targets.forEach((raw, line) => {
            if (isShown(profile, line, targets) && (state.saved[line] !== raw || state.inForce[line] !== raw))
              wrong.push(`line ${line}`);
          });
          expect(wrong, `from ${from.join()} to ${targets.join()}`).toEqual([]);
        }
      },
    );

    it("leads every line up to be read, changing none", () => {
      const raws = standInRaws(profile);
      const look = linesOf(profile).flatMap((_, i) =>
        isShown(profile, i, raws) && layoutOf(profile).placeOfLine[i] ? [i] : [],
      );
      const plan = planKeys(profile, atHome(profile, raws), { targets: raws, look, end: "anywhere" });
      if (!plan.ok) throw new Error(plan.problem.key);
      expect(plan.end.saved).toEqual(raws);
    });

    it("goes on from any line and value it may show, and from every likely slip of a step", () => {
      const random = seeded(99);
      const from = standInRaws(profile);
      const targets = randomTargets(profile, from, random);
      const plan = planKeys(profile, atHome(profile, from), { targets });
      if (!plan.ok) throw new Error(plan.problem.key);
      const steps = cardSteps(profile, plan.strokes);
      const leadsOn = (state: MenuState) => expect(planKeys(profile, state, { targets }).ok).toBe(true);
      for (const step of steps) {
        expect(step.runs.length).toBeLessThanOrEqual(runsInTime(profile.menu.idle.closesAfterMs, USUAL_PACE));
        for (const slip of likelySlips(profile, step).slice(0, 3)) leadsOn(slip.state);
      }
      for (let i = 0; i < 20; i++) {
        const line = pick(random, 0, profile.lines.length - 1);
        const raws = rawValues(profile.lines[line]?.encoding ?? { kind: "read-only", setting: null, shows: "-" });
        const raw = raws[pick(random, 0, raws.length - 1)];
        const tracked = steps[pick(random, 0, steps.length - 1)]?.before ?? atHome(profile, from);
        if (raw !== undefined && layoutOf(profile).placeOfLine[line] && isShown(profile, line, tracked.pending))
          leadsOn(stateFromShown(profile, tracked, { kind: "line", line, raw }));
      }
    });
  });
