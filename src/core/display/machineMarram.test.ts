// What menus do that only Marram among the shipped displays does, and what comes of it in plans.
import { describe, expect, it } from "vitest";
import { MARRAM } from "@/catalog/displays/marram";
import { TARN } from "@/catalog/displays/tarn";
import { cardSteps, planKeys } from "../keys";
import { restoreAndReapply } from "../keys/restore";
import { atHome, elapse, factoryRaws, hold, isShown, switchedOff, type DisplayProfile } from ".";
import { checkProfile } from "./check";
import { lineIndex, standInRaws } from "./profile";
import { hand } from "./testingHand";

const at = (code: string) => lineIndex(MARRAM, code);
const RAWS = standInRaws(MARRAM);

describe("home", () => {
  it("levels go round from the highest to the lowest, which is not 0, each by its name", () => {
    const bike = hand(MARRAM);
    expect(bike.view).toMatchObject({ level: 1, levelName: "walk" });
    expect(bike.tap("down").view).toMatchObject({ level: 5, levelName: "full" });
    expect(bike.tap("up").view).toMatchObject({ level: 1 });
    expect(bike.tap("up").view).toMatchObject({ level: 2, levelName: "town" });
  });
  it("on another display they stop at 0", () => expect(hand(TARN).tap("minus").view).toMatchObject({ level: 0 }));
  it("the mode key goes round its modes, and power-on begins with the first", () => {
    const bike = hand(MARRAM);
    expect(bike.view).toMatchObject({ mode: "calm" });
    expect(bike.tap("mode").view).toMatchObject({ mode: "brisk" });
    expect(bike.hold(2000, "power").hold(1500, "power").view).toMatchObject({ kind: "home", mode: "calm" });
    expect(bike.tap("mode").tap("mode").view).toMatchObject({ mode: "calm" });
  });
  it("a chord that restores asks first, and leads back home", () => {
    const changed = atHome(MARRAM, RAWS.with(at("Limit"), 40));
    const asked = hand(MARRAM, changed).hold(3700, "mode", "down");
    expect(asked.view).toMatchObject({ kind: "confirm", shows: "NO" });
    expect(asked.tap("mode").view.kind).toBe("home");
    expect(asked.saved("Limit")).toBe(40);
    asked.hold(3700, "mode", "down").tap("up").tap("mode");
    expect(asked.view.kind).toBe("home");
    expect(asked.saved("Limit")).toBe(25);
  });
  it("a question nobody answers goes away with the menu's own time-out", () =>
    expect(hand(MARRAM).hold(3700, "mode", "down").wait(21_000).view.kind).toBe("home"));
  it("a PIN has as many digits as the display says", () => {
    const bike = hand(MARRAM).hold(1600, "mode", "up");
    for (let i = 0; i < 4; i++) bike.tap("down");
    expect(bike.tap("mode").view).toMatchObject({ kind: "code", shows: "000000" });
  });
});

describe("pages", () => {
  it("one changes at once, the others blink first, and confirming goes on", () => {
    const bike = hand(MARRAM).hold(1600, "mode", "up").tap("mode");
    expect(bike.tap("up").view).toMatchObject({ code: "Units", shows: "statute", blinks: false });
    bike.hold(1100, "mode").tap("down").tap("mode").tap("down");
    expect(bike.view).toMatchObject({ code: "Spokes", shows: "1" });
    expect(bike.tap("mode").tap("down").view).toMatchObject({ code: "Spokes", shows: "0", blinks: true });
    expect(bike.tap("mode").view).toMatchObject({ code: "Hub", blinks: false });
    expect(bike.pending("Spokes")).toBe(0);
  });
  it("a line on two conditions is there only while both hold", () => {
    const shown = (push: number, limit: number) =>
      isShown(MARRAM, at("Kick"), RAWS.with(at("Push"), push).with(at("Limit"), limit));
    expect([shown(1, 25), shown(2, 12), shown(0, 25), shown(1, 26)]).toEqual([true, true, false, false]);
    const unread = (code: string) => RAWS.map((raw, i) => (i === at(code) ? null : raw));
    expect(isShown(MARRAM, at("Kick"), unread("Limit"))).toBe(false);
  });
});

describe("a lever held past the power key", () => {
  const past = (ms: number, keep: readonly string[]) => {
    const down = elapse(MARRAM, hold(MARRAM, switchedOff(MARRAM, RAWS), ["power", "lever"]), 1400);
    return hold(MARRAM, elapse(MARRAM, hold(MARRAM, down, keep), ms), []);
  };
  const state = (each: { readonly saved: readonly number[] }) => each.saved[at("Throttle state")];
  it("sets what no menu shows, once it has been held long enough", () => {
    expect(state(past(6100, ["lever"]))).toBe(1);
    expect(past(6100, ["lever"]).inForce[at("Throttle state")]).toBe(1);
    expect(state(past(5900, ["lever"]))).toBe(0);
    expect(state(past(20_000, ["lever"]))).toBe(1);
  });
  it("does nothing where the other key stays, or the lever is pulled by itself", () => {
    expect(state(past(6100, ["power"]))).toBe(0);
    expect(hand(MARRAM).hold(7000, "lever").saved("Throttle state")).toBe(0);
  });
  it("is what the key plan does, and undoes by the other procedure", () => {
    const to = planKeys(MARRAM, atHome(MARRAM, RAWS), { targets: RAWS.with(at("Throttle state"), 1) });
    if (!to.ok) throw new Error(to.problem.key);
    expect(to.strokes.map(({ stroke }) => stroke.kind)).toEqual(["hold", "keep-holding"]);
    expect(state(to.end)).toBe(1);
    expect(cardSteps(MARRAM, to.strokes).map(({ kind }) => kind)).toEqual(["switch-off", "procedure"]);
    const back = planKeys(MARRAM, to.end, { targets: RAWS });
    if (!back.ok) throw new Error(back.problem.key);
    expect(back.strokes.map(({ stroke }) => stroke.kind)).toEqual(["hold"]);
  });
});

describe("a maker's value nobody has stated", () => {
  it("is not the lowest of the range, and nothing is restored to it", () => {
    expect(factoryRaws(MARRAM)[at("Draw")]).toBeNull();
    const bike = hand(MARRAM, atHome(MARRAM, RAWS.with(at("Draw"), 20).with(at("Limit"), 40)));
    bike.hold(3700, "mode", "down").tap("up").tap("mode");
    expect([bike.saved("Draw"), bike.saved("Limit")]).toEqual([20, 25]);
    expect(restoreAndReapply(MARRAM, atHome(MARRAM, RAWS), { targets: RAWS })).toBeNull();
  });
});

describe("the check", () => {
  const keys = (edit: (profile: DisplayProfile) => DisplayProfile) => checkProfile(edit(MARRAM)).map(({ key }) => key);
  const withRules = (rules: DisplayProfile["rules"]) => (p: DisplayProfile) => ({
    ...p,
    rules: [...p.rules, ...rules],
  });
  const procedure = MARRAM.rules.find(({ does }) => does.kind === "set-value");
  if (!procedure) throw new Error("no procedure");
  it.each<[string, (profile: DisplayProfile) => DisplayProfile, string]>([
    [
      "a procedure for a line there is not",
      withRules([{ ...procedure, keys: ["up"], does: { kind: "set-value", line: "Nothing", raw: 0 } }]),
      "profile.unknown-line",
    ],
    [
      "a procedure for a value there is not",
      withRules([{ ...procedure, keys: ["up"], does: { kind: "set-value", line: "Limit", raw: 99 } }]),
      "profile.default-not-in-range",
    ],
    [
      "a key held past one there is not",
      withRules([{ ...procedure, keys: ["up"], gesture: { kind: "keep-holding", released: ["left"], holdMs: 900 } }]),
      "profile.unknown-key",
    ],
    [
      "a state no procedure sets",
      (p) => ({ ...p, rules: p.rules.filter(({ does }) => does.kind !== "set-value") }),
      "profile.line-unreachable",
    ],
    [
      "a value that hands over outside the range",
      (p) => ({
        ...p,
        lines: p.lines.map((line) =>
          line.encoding.kind === "pulses-or-other" ? { ...line, encoding: { ...line.encoding, rawMin: 1 } } : line,
        ),
      }),
      "profile.hands-over-outside-range",
    ],
    [
      "a count of 0 that does not hand over",
      (p) => ({
        ...p,
        lines: p.lines.map((line) =>
          line.encoding.kind === "pulses-or-other"
            ? { ...line, encoding: { ...line.encoding, handsOverRaw: 12 } }
            : line,
        ),
      }),
      "profile.value-not-in-domain",
    ],
    [
      "a second condition on itself",
      (p) => ({
        ...p,
        lines: p.lines.map((line) =>
          line.code === "Kick"
            ? { ...line, shownWhen: [...(line.shownWhen ?? []), { line: "Kick", raws: [0] }] }
            : line,
        ),
      }),
      "profile.unknown-line",
    ],
  ])("finds %s", (_, edit, key) => expect(keys(edit)).toContain(key));
});
