// A person at the keys: what is counted for reading and answering, and how many keys are read before a menu closes.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome } from "../display";
import { seeded } from "../units/seeded";
import { cardSteps } from "./card";
import { attentionMs, personTime, runCount, runsInTime, strokeMsAt, USUAL_PACE, type Pace } from "./pace";
import { planKeys } from "./plan";
import { strokeMs, type Stroke } from "./strokes";
import { randomRaws, randomTargets } from "./testing";

const PLUS: Stroke = { kind: "tap", keys: ["plus"] };
const MINUS: Stroke = { kind: "tap", keys: ["minus"] };
const HELD: Stroke = { kind: "hold", keys: ["set"], holdMs: 2000 };
const SLOW: Pace = { tapMs: 600, settleMs: 1000, lookMs: 2200, answerMs: 3000 };
const QUICK: Pace = { tapMs: 200, settleMs: 200, lookMs: 500, answerMs: 700 };

describe("strokes", () => {
  it.each([
    ["equal taps in a row", [PLUS, PLUS, PLUS], 1],
    ["taps of two keys", [PLUS, MINUS, PLUS], 3],
    ["holds, each one a run", [HELD, HELD], 2],
    ["none", [], 0],
  ])("read as runs: %s", (_, strokes, runs) => expect(runCount(strokes)).toBe(runs));

  it("take a slow hand its own time, and nobody less than the display needs", () => {
    expect(strokeMsAt(PLUS, SLOW)).toBe(600);
    expect(strokeMsAt(PLUS, QUICK)).toBe(strokeMs(PLUS));
    expect(strokeMsAt(HELD, SLOW)).toBe(strokeMs(HELD) + 550);
    // A key that waits for a second tap is waited for by a slow hand as well, not twice.
    const apart: Stroke = { ...PLUS, apartMs: 550 };
    expect(strokeMsAt(apart, SLOW)).toBe(670);
  });

  it("cost a look a run, and what the hand is slower", () =>
    expect(attentionMs([PLUS, PLUS, MINUS], SLOW)).toBe(2 * 2200 + 3 * 250));
});

it("a person's time is keys, looking and answering", () => {
  const step = {
    runs: [
      { stroke: PLUS, count: 4 },
      { stroke: HELD, count: 1 },
    ],
  };
  expect(personTime([step, step], USUAL_PACE)).toEqual({
    keysMs: 2 * (4 * 350 + 2600),
    lookingMs: 4 * 1100,
    answeringMs: 2 * 1500,
  });
});

it.each([
  ["usual", 8000, USUAL_PACE, 5],
  ["slow", 8000, SLOW, 2],
  ["slow, and the menu is quick", 4000, SLOW, 1],
])("so many runs are read in time: %s", (_, closesAfterMs, pace, runs) =>
  expect(runsInTime(closesAfterMs, pace)).toBe(runs),
);

it("no step of a shipped display outlasts its menu while somebody slow reads it", () => {
  const random = seeded(3);
  for (const profile of SHIPPED_DISPLAYS) {
    const from = randomRaws(profile, random);
    const targets = randomTargets(profile, from, random);
    const plan = planKeys(profile, atHome(profile, from), { targets });
    if (!plan.ok) throw new Error(plan.problem.key);
    for (const { runs } of cardSteps(profile, plan.strokes, [], SLOW))
      if (runs.length > 1)
        expect(SLOW.answerMs + runs.length * SLOW.lookMs).toBeLessThanOrEqual(profile.menu.idle.closesAfterMs);
  }
});
