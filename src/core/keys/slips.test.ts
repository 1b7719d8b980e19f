// Slips of the hand at every shipped display, pressed here stroke by stroke: what shows then is either told apart, or
// the lines it leaves unsure are named.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { LATHE } from "@/catalog/displays/lathe";
import { TARN } from "@/catalog/displays/tarn";
import {
  atHome,
  layoutOf,
  lineIndex,
  sameView,
  standInRaws,
  viewOf,
  type DisplayProfile,
  type MenuState,
} from "../display";
import { seeded } from "../units/seeded";
import { cardSteps, type CardStep } from "./card";
import { planKeys } from "./plan";
import { shownChoices, stateFromShown, type Shown } from "./shown";
import { closingOf } from "./closing";
import { likelySlips } from "./slips";
import { play } from "./pressing";
import type { Stroke } from "./strokes";
import { pick, randomRaws, randomTargets } from "./testing";
import { doubtfulOnceClosed, unsureOf, type Unsure } from "./unsure";

function stepsOf(profile: DisplayProfile, random: () => number): readonly CardStep[] {
  const from = randomRaws(profile, random);
  const wanted = randomTargets(profile, from, random);
  const targets = from.map((raw, i) => (pick(random, 0, 2) ? raw : (wanted[i] ?? raw)));
  const plan = planKeys(profile, atHome(profile, from), { targets });
  return plan.ok ? cardSteps(profile, plan.strokes) : [];
}

const pressed = (profile: DisplayProfile, from: MenuState, strokes: readonly Stroke[]): MenuState =>
  strokes.reduce((state, stroke) => play(profile, state, stroke), from);

interface Wrong {
  readonly run: number;
  readonly more: boolean;
}

/** The strokes of a step with some of its runs a stroke short, a stroke long, or not pressed at all. */
const slipped = (step: CardStep, wrong: readonly Wrong[]): readonly Stroke[] =>
  step.runs.flatMap(({ stroke, count }, i) => {
    const slip = wrong.find(({ run }) => run === i);
    if (!slip) return Array.from({ length: count }, () => stroke);
    if (stroke.kind === "repeat") return [{ ...stroke, steps: Math.max(1, stroke.steps + (slip.more ? 1 : -1)) }];
    return Array.from({ length: count + (slip.more && stroke.kind === "tap" ? 1 : -1) }, () => stroke);
  });

/** Lines a menu shows on which two states disagree. */
const unlike = (profile: DisplayProfile, a: MenuState, b: MenuState): readonly number[] =>
  a.saved.flatMap((_, i) =>
    layoutOf(profile).placeOfLine[i] && (a.saved[i] !== b.saved[i] || a.pending[i] !== b.pending[i]) ? [i] : [],
  );

const otherOf = (profile: DisplayProfile, line: number, raws: readonly number[]): number =>
  shownChoices(profile, line).find(({ raw }) => raw !== raws[line])?.raw ?? 0;

/** Of those, the ones nobody is warned of. */
const unsaid = (profile: DisplayProfile, real: MenuState, { state, doubtful }: Unsure): readonly number[] =>
  unlike(profile, real, state).filter((line) => !doubtful.includes(line));

describe.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))("a slip on %s", (_, profile) => {
  const random = seeded(71);
  const steps = Array.from({ length: 6 }, () => stepsOf(profile, random)).flat();
  const cases = steps.flatMap((step) =>
    step.runs.flatMap(({ stroke }, run) =>
      stroke.kind === "wait" ? [] : [true, false].map((more) => ({ step, slip: { run, more } })),
    ),
  );

  it("that looks like no slip leaves every line as it was to be", () => {
    expect(cases.length).toBeGreaterThan(60);
    for (const { step, slip: wrong } of cases) {
      const real = pressed(profile, step.before, slipped(step, [wrong]));
      if (sameView(viewOf(profile, real), viewOf(profile, step.after)))
        expect(unlike(profile, real, step.after)).toEqual([]);
    }
  });

  it("is offered, and every line it may have changed otherwise is named", () => {
    for (const { step, slip: wrong } of cases) {
      const real = pressed(profile, step.before, slipped(step, [wrong]));
      const view = viewOf(profile, real);
      if (sameView(view, viewOf(profile, step.after))) continue;
      const slip = likelySlips(profile, step).find((each) => sameView(each.view, view));
      expect(slip, `${step.kind} ${wrong.run}`).toBeDefined();
      if (slip) expect(unsaid(profile, real, unsureOf(profile, step, slip.state))).toEqual([]);
    }
  });

  it("of two runs at once, however it shows, leaves no line unsure that is not named", () => {
    for (const { step, slip: first } of cases)
      for (const run of step.runs.keys()) {
        if (run === first.run) continue;
        const real = pressed(profile, step.before, slipped(step, [first, { run, more: !first.more }]));
        const { screen } = real;
        const view = viewOf(profile, real);
        if (sameView(view, viewOf(profile, step.after)) || screen.kind !== "menu") continue;
        const shown: Shown =
          view.kind === "line"
            ? { kind: "line", line: view.line, raw: screen.draft ?? real.pending[view.line] ?? 0, blinks: view.blinks }
            : { kind: "entry", page: screen.page, at: screen.at };
        const byHand = stateFromShown(profile, step.before, shown);
        const slip = likelySlips(profile, step).find((each) => sameView(each.view, view));
        expect(unsaid(profile, real, unsureOf(profile, step, slip?.state ?? byHand))).toEqual([]);
      }
  });
});

describe("a slip that looks like another", () => {
  const at = (code: string): number => lineIndex(TARN, code);
  const start = atHome(TARN, standInRaws(TARN));

  it("leaves the line in doubt that one of them changed", () => {
    // From the first line back to the last one and three up, with the ring turned once too often: what is stepped then
    // is the line before it, which a key beside the plan leads to as well.
    const raws = standInRaws(LATHE);
    const last = lineIndex(LATHE, "r60");
    const plan = planKeys(LATHE, atHome(LATHE, raws), { targets: raws.with(last, otherOf(LATHE, last, raws)) });
    const step = plan.ok ? cardSteps(LATHE, plan.strokes).find(({ line }) => line === last) : undefined;
    if (!step) throw new Error("no step sets line r60");
    const beside = likelySlips(LATHE, step).filter(({ how }) => how === "other-key");
    expect(beside.length).toBeGreaterThan(0);
    const inDoubt = beside.flatMap(({ state }) => unsureOf(LATHE, step, state).doubtful);
    expect(new Set(inDoubt)).toEqual(new Set([last]));
  });

  it("may have been kept or not where a menu that saves as it closes closed among the keys", () => {
    const saving = { ...TARN, menu: { ...TARN.menu, idle: { ...TARN.menu.idle, pending: "save" as const } } };
    const targets = start.saved.with(at("51"), 9);
    const stepIn = (profile: DisplayProfile): CardStep => {
      const plan = planKeys(profile, start, { targets });
      const step = plan.ok ? cardSteps(profile, plan.strokes).find(({ line }) => line === at("51")) : undefined;
      if (!step) throw new Error("no step sets line 51");
      return step;
    };
    expect(doubtfulOnceClosed(TARN, stepIn(TARN))).toEqual([]);
    expect(doubtfulOnceClosed(saving, stepIn(saving))).toEqual([at("51")]);
    const closed = likelySlips(saving, stepIn(saving)).find(({ how }) => how === "menu-closed");
    if (!closed) throw new Error("the menu may close");
    const unsure = unsureOf(saving, stepIn(saving), closed.state);
    expect(unsure.doubtful).toEqual([at("51")]);
    // Taken not to be kept, so that it is saved once too often rather than not at all.
    expect(unsure.state.pending[at("51")]).toBe(closed.state.pending[at("51")]);
    expect(unsure.state.saved[at("51")]).not.toBe(closed.state.pending[at("51")]);
    expect(closingOf(saving, stepIn(saving).after).kept).toBe(true);
  });
});
