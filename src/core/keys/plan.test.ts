import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { atHome, standInRaws, lineIndex, linesOf, viewOf, type MenuState } from "../display";
import { cardSteps, forceAfter } from "./card";
import { likelySlips } from "./slips";
import { nearMisses } from "./nearMisses";
import { stateFromShown } from "./shown";
import { changeStrokes } from "./change";
import type { KeyPlan } from "./goal";
import { planKeys } from "./plan";
import { play } from "./pressing";
import { pressCount, type Stroke } from "./strokes";
import { randomRaws } from "./testing";
import { seeded } from "../units/seeded";
import { walkTheLeaflet } from "./walkTheLeaflet";

const factory = standInRaws(TARN);
const at = (code: string) => lineIndex(TARN, code);
const found = (plan: KeyPlan) => {
  if (!plan.ok) throw new Error(`no plan: ${plan.problem.key}`);
  return plan;
};
/** Plays strokes one by one and tells every screen passed. */
const replay = (start: MenuState, strokes: readonly Stroke[]) => {
  const states = [start];
  for (const stroke of strokes) states.push(play(TARN, states[states.length - 1] ?? start, stroke));
  return states;
};

describe("plans on the shipped display", () => {
  it("plans from the middle of a half-done menu, and never takes longer than walking the leaflet", () => {
    const random = seeded(7);
    for (let i = 0; i < 60; i++) {
      const saved = randomRaws(TARN, random);
      const targets = randomRaws(TARN, random);
      const home = atHome(TARN, saved);
      const lost: MenuState = {
        ...home,
        screen: { kind: "menu", page: 0, at: Math.floor(random() * 18), draft: null },
        pending: randomRaws(TARN, random),
      };
      const plan = found(planKeys(TARN, lost, { targets }));
      const end = replay(
        lost,
        plan.strokes.map(({ stroke }) => stroke),
      ).pop();
      expect(end?.inForce).toEqual(targets);
      const walk = walkTheLeaflet(TARN, home, targets);
      expect(walk.end.inForce).toEqual(targets);
      expect(found(planKeys(TARN, home, { targets })).totalMs).toBeLessThanOrEqual(walk.totalMs);
    }
  });

  it("does nothing where nothing is to be done", () =>
    expect(found(planKeys(TARN, atHome(TARN, factory), { targets: factory })).strokes).toEqual([]));

  it("power-cycles what is saved but not yet in force, and nothing more", () => {
    const targets = factory.with(at("53"), 25);
    const state: MenuState = { ...atHome(TARN, factory), saved: targets, pending: targets };
    expect(found(planKeys(TARN, state, { targets })).strokes).toHaveLength(2);
  });

  it("says which target a line cannot hold", () => {
    expect(planKeys(TARN, atHome(TARN, factory), { targets: factory.with(at("53"), 60) })).toEqual({
      ok: false,
      problem: { key: "plan.target-unreachable", code: "53", raw: 60 },
    });
  });

  it("visits every line to be looked at without changing any", () => {
    const plan = found(
      planKeys(TARN, atHome(TARN, factory), {
        targets: factory,
        look: linesOf(TARN).map((_, i) => i),
        end: "anywhere",
      }),
    );
    expect(pressCount(plan.strokes.map(({ stroke }) => stroke))).toBe(1 + 17);
    expect(viewOf(TARN, plan.end)).toMatchObject({ code: "66" });
    expect(plan.end.saved).toEqual(factory);
  });
});

describe("changing one line", () => {
  it("taps a few steps, holds for many, and goes the short way round where the line wraps", () => {
    expect(changeStrokes(TARN, at("53"), 25, 28)).toHaveLength(3);
    expect(changeStrokes(TARN, at("53"), 50, 25)).toEqual([
      { kind: "repeat", keys: ["less"], steps: 25, afterMs: 700, everyMs: 180 },
    ]);
    expect(changeStrokes(TARN, at("31"), 0, 2)).toEqual([{ kind: "tap", keys: ["less"] }]);
    expect(changeStrokes(TARN, at("66"), 0, 1)).toBeNull();
  });
});

describe("the key card", () => {
  const targets = factory.with(at("51"), 9).with(at("53"), 25);
  const start = atHome(TARN, factory);
  const steps = cardSteps(TARN, found(planKeys(TARN, start, { targets })).strokes);

  it("is one step per chord and per line, the end of one being the start of the next", () => {
    expect(steps.map((step) => step.kind)).toEqual(["open", "line", "line", "save", "switch-off", "switch-on"]);
    steps.slice(1).forEach((step, i) => expect(step.before).toEqual(steps[i]?.after));
    expect(steps[1]?.runs.map((run) => run.count)).toEqual([8, 3]);
    expect(steps[1]?.runs[1]?.views.map((view) => view.kind === "line" && view.shows)).toEqual(["27.5", "28", "29"]);
  });

  it("tells when what was saved is in force: off and on again here, at once where the display acts at once", () => {
    expect(steps.map(forceAfter)).toEqual(["is", "is", "is", "waits", "waits", "comes"]);
    const atOnce = { ...TARN, inForce: "at-once" as const };
    const saved = cardSteps(atOnce, found(planKeys(atOnce, start, { targets })).strokes);
    expect(saved.map((step) => [step.kind, forceAfter(step)]).at(-1)).toEqual(["save", "comes"]);
  });

  it("offers what it may show instead, and every offer leads on to the target", () => {
    for (const step of steps) {
      const slips = likelySlips(TARN, step);
      expect(slips.length).toBeGreaterThan(0);
      for (const slip of slips) expect(found(planKeys(TARN, slip.state, { targets })).end.inForce).toEqual(targets);
    }
    const line = steps[1];
    expect(line && likelySlips(TARN, line).map((slip) => slip.how)).toEqual(
      expect.arrayContaining(["one-too-few", "one-too-many", "menu-closed", "other-key", "nothing-yet"]),
    );
  });

  it("goes on from any line and value the display can show", () => {
    const tracked = steps[2]?.before ?? start;
    for (const shown of [
      { kind: "line", line: at("35"), raw: 0 },
      { kind: "home", saved: false },
      { kind: "home", saved: true },
      { kind: "off" },
    ] as const)
      expect(found(planKeys(TARN, stateFromShown(TARN, tracked, shown), { targets })).end.inForce).toEqual(targets);
  });

  it("warns that plus alone starts walk assist on the way in", () => {
    expect(nearMisses(TARN, "home", ["lamp", "more"])).toEqual([
      {
        keys: ["more"],
        holdMs: 1500,
        danger: "bike-moves",
        does: { kind: "start-walk-assist" },
        when: null,
        atHome: false,
      },
    ]);
    expect(nearMisses(TARN, "menu", ["lamp", "ring"])).toEqual([]);
  });
});
