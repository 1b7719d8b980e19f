// Which way numbers go, conditions and actions; phrases here are none of the corpus.
import { describe, expect, it } from "vitest";
import { largerOf } from "./directions";
import { tokensOf } from "./tokens";

const wayOf = (text: string) => tokensOf(text).direction?.larger ?? null;

describe("which way the numbers of a line go", () => {
  it.each([
    ["Ramp 1-5, the higher the smoother", "gentler"],
    ["Ramp 1-5, lower is softer", "livelier"],
    ["Launch 0-9 (bigger = stronger)", "livelier"],
    ["Launch 0-9, 0 is the strongest", "gentler"],
    ["Launch 0-9, 9 = hardest", "livelier"],
    ["Anlauf 1-8, je größer desto weicher", "gentler"],
    ["Départ 0-5, plus grand = plus doux", "gentler"],
    ["Arranque 1-4, cuanto mayor, más brusco", "livelier"],
    ["Partenza 1-5, più basso = più dolce", "livelier"],
    ["Start 1-6, hoger is feller", "livelier"],
    ["Start: 1 = soft, 2 = middle, 3 = hard", "livelier"],
    ["Light 1 dark .. 8 bright", "livelier"],
  ])("%s", (text, larger) => expect(wayOf(text)).toBe(larger));
  it.each(["Ramp 1-5, default 3", "Soft start 1-5", "Launch 0-9, 4 is stronger than before", "Slow up 0-3"])(
    "is not said by %s",
    (text) => expect(wayOf(text)).toBeNull(),
  );
  it("is more or less by what the setting counts, and unknown where it has no such way", () => {
    const gentler = { larger: "gentler", says: "" } as const;
    expect(largerOf("rampSoftness", gentler)).toBe("more");
    expect(largerOf("startStrengthShare", gentler)).toBe("less");
    expect(largerOf("startPulses", gentler)).toBe("more");
    expect(largerOf("backlight", gentler)).toBe("less");
    expect(largerOf("protocol", gentler)).toBe("unknown");
    expect(largerOf("rampSoftness", null)).toBe("unknown");
  });
  it("takes no number for a value of the line", () =>
    expect(tokensOf("Launch 0-9, 0 is the strongest")).toMatchObject({ span: { min: 0, max: 9 }, unread: [] }));
});

describe("what must be so for a line to matter", () => {
  it.each([
    ["Walk speed 3-6 km/h, only if line 9 is 1", "only if line 9 is 1"],
    ["Gas bis 6-45 km/h (nur wenn 2.5 auf 1 steht)", "nur wenn 2.5 auf 1 steht"],
    ["Crucero 0-1. Solo con acelerador.", "Solo con acelerador"],
    ["Pulses 1-6, with hub sensor only", "with hub sensor only"],
  ])("%s", (text, condition) => expect(tokensOf(text)).toMatchObject({ condition, unread: [] }));
  it("ends before the maker's value", () =>
    expect(tokensOf("Walk 0 no 1 yes only if fitted default 1")).toMatchObject({ stated: "1" }));
});

describe("an action among the lines", () => {
  it.each([
    ["Factory reset, hold 5 s", "restore"],
    ["Auf Werkswerte zurücksetzen", "restore"],
    ["Clear trip", "clear-trip"],
    ["Azzerare il totale", "clear-odometer"],
  ])("%s", (text, does) => expect(tokensOf(text).does).toBe(does));
  it.each(["Trip reset 0 by hand, 1 at switching off", "Restore time 1-5"])("is none with values: %s", (text) =>
    expect(tokensOf(text).does).toBeNull(),
  );
});
