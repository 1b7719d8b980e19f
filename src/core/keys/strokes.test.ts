import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { atHome, rawValues, standInRaws, ruleActs, type DisplayProfile, type MenuState } from "../display";
import { seeded } from "../units/seeded";
import { FARROW as FARROW_LIKE } from "../../../tests/e2e/hardDisplays";
import { cardSteps } from "./card";
import { closingOf } from "./closing";
import { closedByItself } from "./slips";
import { chordWindowOf } from "./chordWindow";
import { missesAtHome, nearMisses } from "./nearMisses";
import { planKeys } from "./plan";
import { stateFromShown } from "./shown";
import { actedBy, playQuick, playRule } from "./playQuick";
import { play, ruleStroke } from "./pressing";
import { waitForClose, type Stroke } from "./strokes";
import { pick, randomRaws, smallProfile } from "./testing";

const sameKeys = (a: readonly string[], b: readonly string[]): boolean => [...a].sort().join() === [...b].sort().join();

describe("strokes", () => {
  it("two taps of a key that also knows a double tap are kept so far apart that they stay two taps", () => {
    let tried = 0;
    for (const profile of SHIPPED_DISPLAYS)
      for (const rule of profile.rules) {
        const double = profile.rules.find(
          (other) => other.gesture.kind === "double-tap" && other.on === rule.on && sameKeys(other.keys, rule.keys),
        );
        if (rule.gesture.kind !== "tap" || !double || rule.on !== "home") continue;
        const home = atHome(profile, standInRaws(profile));
        const stroke = ruleStroke(profile, home, rule);
        const twice = [stroke, stroke].reduce<MenuState>((state, each) => play(profile, state, each), home);
        const quick = play(profile, home, ruleStroke(profile, home, double));
        const seen = ({ screen, level, info, lampOn, brightness }: MenuState) => [
          screen.kind,
          level,
          info,
          lampOn,
          brightness,
        ];
        expect(seen(twice), profile.name).not.toEqual(seen(quick));
        expect(stroke.kind === "tap" && (stroke.apartMs ?? 0)).toBeGreaterThan(profile.doubleTapMs);
        tried += 1;
      }
    expect(tried).toBeGreaterThan(0);
  });

  it("what a rule's stroke comes to is what the machine plays, on every shipped display and on generated menus", () => {
    const random = seeded(11);
    const profiles = [...SHIPPED_DISPLAYS, ...Array.from({ length: 60 }, () => smallProfile(random))];
    const tried = { quick: 0, played: 0 };
    for (const profile of profiles) {
      let state = atHome(profile, randomRaws(profile, random));
      for (let i = 0; i < 120; i++) {
        const acting = profile.rules.filter((rule) => ruleActs(profile, rule, state, state.sincePowerOnMs));
        const rule = acting[pick(random, 0, Math.max(0, acting.length - 1))];
        if (!rule) {
          state = atHome(profile, randomRaws(profile, random));
          continue;
        }
        const stroke = ruleStroke(profile, state, rule);
        const truth = play(profile, state, stroke);
        expect(playRule(profile, state, rule, stroke), `${profile.name} ${JSON.stringify(rule)}`).toEqual(truth);
        if (stroke.kind === "tap" && actedBy(profile, state, rule, stroke)) tried.quick += 1;
        else tried.played += 1;
        state = truth;
      }
    }
    expect(tried.quick).toBeGreaterThan(1000);
    expect(tried.played).toBeGreaterThan(100);
  });

  it(
    "any stroke is what the machine plays: on keys that do nothing, held too " + "long, stepped by holding, waited out",
    () => {
      const random = seeded(12);
      const profiles = [...SHIPPED_DISPLAYS, ...Array.from({ length: 60 }, () => smallProfile(random))];
      for (const profile of profiles) {
        let state = atHome(profile, randomRaws(profile, random));
        for (let i = 0; i < 150; i++) {
          const rule = profile.rules[pick(random, 0, profile.rules.length - 1)];
          const { keys = [], does } = rule ?? {};
          const repeat = does?.kind === "step-value" ? does.repeat : null;
          const strokes: readonly Stroke[] = [
            { kind: "tap", keys },
            { kind: "tap", keys, apartMs: pick(random, 0, 900) },
            { kind: "double-tap", keys },
            { kind: "hold", keys, holdMs: pick(random, 3, 40) * 100 },
            { kind: "wait", ms: pick(random, 1, 20) * 500, for: "menu-closes" },
            waitForClose(profile),
            ...(rule?.gesture.kind === "hold"
              ? [{ kind: "hold", keys, holdMs: rule.gesture.holdMs } satisfies Stroke]
              : []),
            ...(repeat ? [{ kind: "repeat", keys, steps: pick(random, 1, 30), ...repeat } satisfies Stroke] : []),
          ];
          const stroke = strokes[pick(random, 0, strokes.length - 1)] ?? waitForClose(profile);
          const truth = play(profile, state, stroke);
          expect(playQuick(profile, state, stroke), `${profile.name} ${JSON.stringify(stroke)}`).toEqual(truth);
          state = truth.screen.kind === "walk-assist" || i % 40 === 39 ? atHome(profile, truth.saved) : truth;
        }
      }
    },
  );

  it("a menu left alone is home again, and says what became of the line in hand", () => {
    const openMenu = (profile: DisplayProfile): MenuState => {
      const targets = standInRaws(profile);
      const plan = planKeys(profile, atHome(profile, targets), { targets, look: [0], end: "anywhere" });
      const before = plan.ok ? plan.strokes.find(({ after }) => after.screen.kind === "menu")?.after : undefined;
      if (!before) throw new Error(`no way into the menu of ${profile.name}`);
      return before;
    };
    const before = openMenu(TARN);
    const changed = { ...before, pending: before.pending.with(0, (before.pending[0] ?? 0) + 1) };
    const after = closedByItself(TARN, changed);
    const { lines, kept } = closingOf(TARN, changed);
    expect(after.screen.kind).toBe("home");
    expect(lines).toEqual([0]);
    expect(after.saved[0]).toBe(kept ? changed.pending[0] : before.saved[0]);
    expect(closingOf(TARN, before).lines).toEqual([]);
  });

  it("what is told to be saved is in force at once only where the display obeys at once", () => {
    const seen = new Set<string>();
    for (const profile of SHIPPED_DISPLAYS) {
      const home = atHome(profile, standInRaws(profile));
      const tracked = { ...home, pending: home.pending.with(0, (home.pending[0] ?? 0) + 1) };
      const told = stateFromShown(profile, tracked, { kind: "home", saved: true });
      expect(told.saved).toEqual(tracked.pending);
      expect(told.inForce).toEqual(profile.inForce === "at-once" ? tracked.pending : home.inForce);
      expect(stateFromShown(profile, tracked, { kind: "home", saved: false }).saved).toEqual(home.saved);
      seen.add(profile.inForce);
    }
    expect(seen.size).toBe(2);
  });

  it(
    "the same keys at another time after power-on are a near miss where that " + "hurts; the gesture itself is none",
    () => {
      const timed = SHIPPED_DISPLAYS.flatMap((profile) =>
        profile.rules.flatMap((rule) => nearMisses(profile, rule.on, rule.keys).map((miss) => ({ rule, miss }))),
      );
      const same = timed.filter(({ rule, miss }) => sameKeys(rule.keys, miss.keys));
      expect(same.length).toBeGreaterThan(0);
      for (const { miss } of same) expect(miss.when).not.toBeNull();
      for (const { rule, miss } of timed) if (!sameKeys(rule.keys, miss.keys)) expect(miss.when).toBeNull();
    },
  );

  it("a chord that holds only soon after power-on says how long, and what it does late", () => {
    const ostler = SHIPPED_DISPLAYS.find(({ name }) => name === "Ostler");
    if (!ostler) throw new Error("no Ostler");
    const raws = standInRaws(ostler);
    const [first = 0, ...rest] = raws;
    const [line] = ostler.lines;
    const other = line ? rawValues(line.encoding).find((raw) => raw !== first) : undefined;
    if (other === undefined) throw new Error("its first line has one value");
    const plan = planKeys(ostler, atHome(ostler, raws), { targets: [other, ...rest] });
    if (!plan.ok) throw new Error("no plan");
    const steps = cardSteps(ostler, plan.strokes);
    const windows = steps.map((step) => chordWindowOf(ostler, step));
    const timed = windows.filter((window) => window !== null);
    expect(timed).toEqual([
      expect.objectContaining({ ms: 6000, late: { kind: "run-action", action: "restore", asks: "nothing" } }),
    ]);
    // What is left is counted from power-on, and no step but the chord has a window.
    expect(timed[0]?.leftMs).toBeLessThanOrEqual(6000);
    expect(steps[windows.findIndex((window) => window !== null)]?.kind).toBe("open");
  });

  it("a chord held in the menu names what it does at home, should the menu have closed", () => {
    const misses = FARROW_LIKE.rules.flatMap((rule) => missesAtHome(FARROW_LIKE, rule.keys, 4000));
    expect(misses.map(({ danger }) => danger)).toContain("bike-moves");
    for (const miss of misses) expect(miss.atHome).toBe(true);
    // One that is let go sooner than the dangerous hold is none.
    expect(missesAtHome(FARROW_LIKE, ["less"], 1000)).toEqual([]);
  });
});
