// Counting along: keys pressed on the machine by the clock of the cues do what the plan says.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome, elapse, hold, lineIndex, standInRaws, type DisplayProfile, type MenuState } from "../display";
import { seeded } from "../units/seeded";
import { cardSteps, type CardStep } from "./card";
import { countedAt, cuesEndMs, cuesOf, lastSecondsMs, type Cue } from "./cues";
import { personMs, USUAL_PACE, type Pace } from "./pace";
import { planKeys } from "./plan";
import { randomRaws, randomTargets } from "./testing";
import { TARN } from "@/catalog/displays/tarn";

const SLOW: Pace = { tapMs: 700, settleMs: 900, lookMs: 2000, answerMs: 2500 };

/** A step pressed by the clock of its cues, and nothing but that. */
function pressed(profile: DisplayProfile, step: CardStep, cues: readonly Cue[]): MenuState {
  let state = step.before;
  let nowMs = 0;
  const until = (ms: number) => {
    state = elapse(profile, state, Math.max(0, ms - nowMs));
    nowMs = Math.max(nowMs, ms);
  };
  for (const cue of cues) {
    const stroke = step.runs[cue.run]?.stroke;
    if (!stroke || stroke.kind === "wait") {
      until(cue.upMs);
      continue;
    }
    until(cue.downMs);
    state = hold(profile, state, stroke.keys);
    if (stroke.kind === "keep-holding") {
      until(cue.marksMs[0] ?? 0);
      state = hold(profile, state, stroke.keep);
    }
    until(cue.upMs);
    state = hold(profile, state, []);
  }
  // The last tap of a key that is also tapped twice counts once no second one came.
  return elapse(profile, state, profile.doubleTapMs + 50);
}

describe("a step counted along", () => {
  it.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))(
    "ends on %s where the plan has it, at a usual and at a slow hand",
    (_, profile) => {
      const random = seeded(77);
      let steps = 0;
      for (let i = 0; i < 12; i++) {
        const from = randomRaws(profile, random);
        const home = atHome(profile, from);
        const plan = planKeys(profile, home, { targets: randomTargets(profile, from, random) });
        if (!plan.ok) throw new Error(plan.problem.key);
        for (const step of cardSteps(profile, plan.strokes))
          for (const pace of [USUAL_PACE, SLOW]) {
            const { screen, saved, pending, inForce } = pressed(profile, step, cuesOf(step.runs, pace));
            const { after } = step;
            expect({ screen, saved, pending, inForce }, JSON.stringify(step.runs.map(({ stroke }) => stroke))).toEqual({
              screen: after.screen,
              saved: after.saved,
              pending: after.pending,
              inForce: after.inForce,
            });
            steps += 1;
          }
      }
      expect(steps).toBeGreaterThan(40);
    },
  );

  it("has one cue a tap, the last known for what it is, and two for a double tap", () => {
    const taps = cuesOf([{ stroke: { kind: "tap", keys: ["plus"] }, count: 3 }], USUAL_PACE);
    expect(taps.map(({ nth, of, downMs }) => [nth, of, downMs])).toEqual([
      [1, 3, 0],
      [2, 3, 350],
      [3, 3, 700],
    ]);
    const double = cuesOf([{ stroke: { kind: "double-tap", keys: ["set"] }, count: 1 }], USUAL_PACE);
    expect(double.map(({ nth, of, downMs, upMs }) => [nth, of, downMs, upMs])).toEqual([
      [1, 2, 0, 120],
      [2, 2, 220, 340],
    ]);
  });

  it("marks each step of a repeating value, and lets go midway before the next", () => {
    const [held] = cuesOf(
      [{ stroke: { kind: "repeat", keys: ["plus"], steps: 4, afterMs: 800, everyMs: 200 }, count: 1 }],
      USUAL_PACE,
    );
    expect(held).toMatchObject({ kind: "hold", downMs: 0, upMs: 1500, marksMs: [800, 1000, 1200, 1400] });
  });

  it("takes the keys' share of what the step takes this person", () => {
    const to = standInRaws(TARN).with(lineIndex(TARN, "53"), 25);
    const plan = planKeys(TARN, atHome(TARN, standInRaws(TARN)), { targets: to });
    if (!plan.ok) throw new Error(plan.problem.key);
    for (const step of cardSteps(TARN, plan.strokes))
      for (const pace of [USUAL_PACE, SLOW]) {
        const all = personMs([step], pace) - pace.lookMs * step.runs.length - pace.answerMs;
        // What is left after the last key is the hand coming to rest.
        expect(cuesEndMs(cuesOf(step.runs, pace))).toBeLessThanOrEqual(all);
        expect(cuesEndMs(cuesOf(step.runs, pace))).toBeGreaterThan(all - 2000);
      }
  });
});

describe("time running out", () => {
  it("is heard in its last three seconds", () => expect(lastSecondsMs(8000)).toEqual([5000, 6000, 7000]));
  it("is heard only in those still to come", () => {
    expect(lastSecondsMs(2400)).toEqual([400, 1400]);
    expect(lastSecondsMs(-100)).toEqual([]);
  });
  it("is heard each second where all of it counts", () =>
    expect(lastSecondsMs(5000, 5)).toEqual([0, 1000, 2000, 3000, 4000]));
});

describe("where the count stands", () => {
  const cues = cuesOf(
    [
      { stroke: { kind: "tap", keys: ["plus"] }, count: 2 },
      { stroke: { kind: "hold", keys: ["set"], holdMs: 1850 }, count: 1 },
    ],
    USUAL_PACE,
  );
  it.each([
    [-500, null],
    [0, { run: 0, nth: 1, of: 2, share: 0.5, isDown: true, leftMs: 120 }],
    [200, { run: 0, nth: 1, share: 0.5, isDown: false, leftMs: 0 }],
    [350, { run: 0, nth: 2, share: 1, isDown: true }],
    [700, { run: 1, kind: "hold", share: 0, isDown: true, leftMs: 2000 }],
    [1700, { run: 1, share: 0.5, leftMs: 1000 }],
    [2700, { run: 1, share: 1, isDown: false, leftMs: 0 }],
    [9000, { run: 1, share: 1, isDown: false }],
  ])("at %s ms", (atMs, counted) =>
    counted === null ? expect(countedAt(cues, atMs)).toBeNull() : expect(countedAt(cues, atMs)).toMatchObject(counted),
  );
});
