import { describe, expect, it } from "vitest";
import { SETTING_KEYS, type SettingKey } from "../settings";
import { readLeaflet } from "./index";
import { priorOf } from "./prior";

const menu = (...settings: SettingKey[]) => new Set(settings);
const CARGO = menu("speedUnit", "assistCapKmh", "cutOffV", "walkAssistKmh");
const TRAIL = menu("backlight", "throttleMode", "rampSoftness");

describe("what the workshop's own menus have together", () => {
  it("counts by how alike they are, by the handbook: 2 shared of 5 in all is 0.4", () => {
    const present = menu("speedUnit", "assistCapKmh", "backlight");
    // Likeness: CARGO 2 of 5, TRAIL 1 of 5; so a setting of CARGO alone gets 0.06 × 0.4 / 0.6.
    expect(priorOf([CARGO, TRAIL], present)("cutOffV")).toBeCloseTo(0.04, 10);
    expect(priorOf([CARGO, TRAIL], present)("throttleMode")).toBeCloseTo(0.02, 10);
    expect(priorOf([CARGO, TRAIL], present)("regenShare")).toBe(0);
  });
  it("is nothing where none is known, or none is like it", () => {
    expect(priorOf([], CARGO)("cutOffV")).toBe(0);
    expect(priorOf([TRAIL], CARGO)("throttleMode")).toBe(0);
  });
  it("tips the scale between two readings as good as each other, and makes neither sure", () => {
    const text = "a1 Speed unit 0 km 1 mile\na2 Start 1-5\na3 Speed limit 10-45 km/h\na4 Low voltage 28-42 V";
    const all = readLeaflet(text, [new Set(SETTING_KEYS)]).lines;
    const none = readLeaflet(text).lines;
    expect(all.map(({ sureness, confidence }) => [sureness, confidence])).toEqual(
      none.map(({ sureness, confidence }) => [sureness, confidence]),
    );
  });
});
