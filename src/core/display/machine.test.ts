import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { checkProfile } from "./check";
import { readProfile } from "./readProfile";
import { atHome, elapse, hold, press, sameView, stepRaw, switchedOff, viewOf, type MenuState } from ".";
import { standInRaws, lineIndex, type DisplayProfile, type Line } from "./profile";

const home = atHome(TARN, standInRaws(TARN));
const tap = (state: MenuState, ...keys: string[]) => press(TARN, state, { kind: "press", keys, heldMs: 120 });
const held = (state: MenuState, heldMs: number, ...keys: string[]) =>
  press(TARN, state, { kind: "press", keys, heldMs });
const wait = (state: MenuState, ms: number) => press(TARN, state, { kind: "wait", ms });
const open = (state: MenuState) => held(state, 1900, "lamp", "more");
const value = (state: MenuState, code: string, layer: "saved" | "pending" | "inForce" = "pending") =>
  state[layer][lineIndex(TARN, code)];

describe("getting in and out", () => {
  it("opens at the first line after the chord's hold time, not before", () => {
    expect(viewOf(TARN, open(home))).toMatchObject({ kind: "line", code: "31", shows: "0" });
    expect(held(home, 1700, "lamp", "more").screen.kind).toBe("home");
  });
  it("drives off when the chord is missed by a finger, and stops when the key is let go", () => {
    const moving = elapse(TARN, hold(TARN, home, ["more"]), 1600);
    expect(moving.screen.kind).toBe("walk-assist");
    expect(hold(TARN, moving, []).screen.kind).toBe("home");
  });
  it("a key left over from a chord neither taps nor holds", () => {
    const both = elapse(TARN, hold(TARN, home, ["lamp", "more"]), 500);
    const one = elapse(TARN, hold(TARN, both, ["more"]), 5000);
    expect(one.screen.kind).toBe("home");
    expect(hold(TARN, one, []).level).toBe(home.level);
  });
  it("adding the second key late restarts the chord's time", () => {
    const late = hold(TARN, elapse(TARN, hold(TARN, home, ["lamp"]), 1000), ["lamp", "more"]);
    expect(elapse(TARN, late, 1700).screen.kind).toBe("home");
    expect(elapse(TARN, late, 1800).screen.kind).toBe("menu");
  });
  it("closes by itself after eight seconds and throws the change away", () => {
    const changed = tap(open(home), "more");
    expect(value(changed, "31")).toBe(1);
    expect(wait(changed, 7999).screen.kind).toBe("menu");
    const closed = wait(changed, 8000);
    expect(closed.screen.kind).toBe("home");
    expect(value(closed, "31", "saved")).toBe(0);
    expect(value(open(closed), "31")).toBe(0);
  });
  it("a key starts the eight seconds afresh, and none pass while it is down", () => {
    const late = tap(wait(open(home), 7900), "ring");
    expect(wait(late, 7900).screen.kind).toBe("menu");
    expect(elapse(TARN, hold(TARN, open(home), ["lamp"]), 60_000).screen.kind).toBe("menu");
  });
});

describe("moving and changing", () => {
  it("goes round one way", () => {
    let state = open(home);
    const seen: string[] = [];
    for (let i = 0; i < 19; i++) {
      const view = viewOf(TARN, state);
      if (view.kind === "line") seen.push(view.code);
      state = tap(state, "ring");
    }
    expect(seen.slice(0, 3)).toEqual(["31", "32", "33"]);
    expect(seen[17]).toBe("66");
    expect(seen[18]).toBe("31");
  });
  it("wraps or stops at the ends as the line says", () => {
    expect(stepRaw(TARN, lineIndex(TARN, "31"), 2, 1)).toBe(0);
    expect(stepRaw(TARN, lineIndex(TARN, "53"), 50, 1)).toBe(50);
    expect(stepRaw(TARN, lineIndex(TARN, "53"), 10, -1)).toBe(10);
    expect(stepRaw(TARN, lineIndex(TARN, "66"), 0, 1)).toBe(0);
  });
  it("repeats while a key is held: first after 0.7 s, then every 0.18 s, and letting go adds nothing", () => {
    let state = open(home);
    for (let i = 0; i < 10; i++) state = tap(state, "ring");
    expect(viewOf(TARN, state)).toMatchObject({ code: "53", shows: "50" });
    expect(value(held(state, 699, "less"), "53")).toBe(49); // a slow tap
    expect(value(held(state, 700, "less"), "53")).toBe(49);
    expect(value(held(state, 700 + 180, "less"), "53")).toBe(48);
    expect(value(held(state, 700 + 180 * 24 + 90, "less"), "53")).toBe(25);
  });
});

describe("saving and force", () => {
  const saved = held(tap(open(home), "more"), 1300, "lamp", "ring");
  it("saves all on the save chord, in force only after a power cycle", () => {
    expect(saved.screen.kind).toBe("home");
    expect(value(saved, "31", "saved")).toBe(1);
    expect(value(saved, "31", "inForce")).toBe(0);
    const cycled = held(held(saved, 2300, "ring"), 1100, "ring");
    expect(cycled.screen.kind).toBe("home");
    expect(value(cycled, "31", "inForce")).toBe(1);
  });
  it("pulling the battery in the menu loses the change", () => {
    const cut = press(TARN, press(TARN, tap(open(home), "more"), { kind: "power", on: false }), {
      kind: "power",
      on: true,
    });
    expect(value(cut, "31", "inForce")).toBe(0);
  });
  it("a menu that saves when it closes keeps the change, at once where the display says so", () => {
    const saving: DisplayProfile = {
      ...TARN,
      inForce: "at-once",
      menu: { ...TARN.menu, idle: { closesAfterMs: 8000, pending: "save" } },
    };
    const changed = press(saving, press(saving, home, { kind: "press", keys: ["lamp", "more"], heldMs: 1900 }), {
      kind: "press",
      keys: ["more"],
      heldMs: 120,
    });
    const closed = elapse(saving, changed, 8000);
    expect(value(closed, "31", "inForce")).toBe(1);
  });
});

describe("the home screen", () => {
  it("steps the level within the levels in force and starts at the level line 62 says", () => {
    const at9 = [1, 2, 3, 4, 5, 6, 7].reduce((state) => tap(state, "more"), home);
    expect(at9.level).toBe(6);
    const zero = switchedOff(TARN, standInRaws(TARN).with(lineIndex(TARN, "62"), 0));
    expect(held({ ...zero, level: 4 }, 1100, "ring").level).toBe(0);
    const lastUsed = held({ ...switchedOff(TARN, standInRaws(TARN)), level: 4 }, 1100, "ring");
    expect(lastUsed.level).toBe(4);
  });
  it("switches the lamp", () => expect(tap(home, "lamp").lampOn).toBe(true));
  it("does not tell home screens apart by level, nor lines apart by anything but code and value", () => {
    expect(sameView(viewOf(TARN, home), viewOf(TARN, tap(home, "more")))).toBe(true);
    expect(sameView(viewOf(TARN, open(home)), viewOf(TARN, tap(open(home), "more")))).toBe(false);
  });
});

describe("profiles from outside", () => {
  it("accepts the shipped display, as JSON", () =>
    expect(readProfile(JSON.parse(JSON.stringify(TARN)))).toEqual({ ok: true, profile: TARN }));
  it("names the place of a schema error", () => {
    const broken = { ...TARN, menu: { ...TARN.menu, saves: "sometimes" } };
    expect(readProfile(broken)).toMatchObject({ ok: false, problems: [{ path: "menu.saves", key: "profile.schema" }] });
  });
  it.each<[string, (profile: DisplayProfile) => DisplayProfile, string]>([
    ["a code used twice", (p) => ({ ...p, lines: [...p.lines, ...p.lines.slice(0, 1)] }), "profile.duplicate-code"],
    [
      "a default out of range",
      (p) => ({ ...p, lines: p.lines.map((l) => (l.code === "33" ? { ...l, factoryRaw: 99 } : l)) }),
      "profile.default-not-in-range",
    ],
    ["no way in", (p) => ({ ...p, rules: p.rules.filter((r) => r.does.kind !== "open-page") }), "profile.no-way-in"],
    [
      "no way to save",
      (p) => ({ ...p, rules: p.rules.filter((r) => r.does.kind !== "save-and-leave") }),
      "profile.no-way-to-save",
    ],
    [
      "no way to the next line",
      (p) => ({ ...p, rules: p.rules.filter((r) => r.does.kind !== "next-entry") }),
      "profile.no-way-on",
    ],
    [
      "no power cycle",
      (p) => ({ ...p, rules: p.rules.filter((r) => r.does.kind !== "power-off") }),
      "profile.no-power-cycle",
    ],
    ["a key nobody has", (p) => ({ ...p, keys: p.keys.filter((k) => k.id !== "less") }), "profile.unknown-key"],
    ["a key declared twice", (p) => ({ ...p, keys: [...p.keys, ...p.keys.slice(0, 1)] }), "profile.duplicate-key"],
    [
      "a line no page lists",
      (p) => ({ ...p, lines: [...p.lines, { ...(p.lines[0] as Line), code: "99" }] }),
      "profile.line-unreachable",
    ],
    [
      "a line listed twice",
      (p) => ({
        ...p,
        menu: {
          ...p.menu,
          pages: p.menu.pages.map((page) => ({ ...page, entries: [...page.entries, { kind: "line", line: "31" }] })),
        },
      }),
      "profile.line-listed-twice",
    ],
    [
      "a page nothing opens",
      (p) => ({
        ...p,
        menu: {
          ...p.menu,
          pages: [
            ...p.menu.pages,
            {
              id: "lost",
              name: "Lost",
              atEnds: "wrap",
              opensAt: "first",
              changing: null,
              entries: [{ kind: "exit", code: "x", saves: true }],
            },
          ],
        },
      }),
      "profile.page-unreachable",
    ],
    [
      "a page that is not there",
      (p) => ({
        ...p,
        menu: {
          ...p.menu,
          pages: p.menu.pages.map((page) => ({
            ...page,
            entries: [...page.entries, { kind: "page", code: "g", page: "gone" }],
          })),
        },
      }),
      "profile.unknown-page",
    ],
    [
      "a value no setting of its kind can have",
      (p) => ({
        ...p,
        lines: p.lines.map((l) =>
          l.code === "35"
            ? {
                ...l,
                encoding: {
                  kind: "choice",
                  setting: "walkAssistOn",
                  options: [
                    { raw: 0, shows: "0", means: "maybe" },
                    { raw: 1, shows: "1", means: true },
                  ],
                },
              }
            : l,
        ),
      }),
      "profile.value-not-in-domain",
    ],
    [
      "a condition on itself",
      (p) => ({
        ...p,
        lines: p.lines.map((l) => (l.code === "35" ? { ...l, shownWhen: [{ line: "35", raws: [1] }] } : l)),
      }),
      "profile.unknown-line",
    ],
    [
      "two meanings for one gesture",
      (p) => ({ ...p, rules: [...p.rules, ...p.rules.slice(0, 1)] }),
      "profile.rules-collide",
    ],
  ])("finds %s", (_, damage, key) => expect(checkProfile(damage(TARN)).map((problem) => problem.key)).toContain(key));
});
