// What displays can set, told in words a technician compares by, not in the display's own codes.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { compareDisplays, type Ability } from "@/core/sheet";
import { abilityWords } from "./abilities";

const ability = (values: Ability["values"], partly = false): Ability => ({
  code: "9",
  values,
  first: "0",
  last: "4",
  partly,
});

describe("what a line can set", () => {
  it.each([
    ["assistLevels", [3, 5, 9], "3, 5 or 9 levels"],
    ["assistLevels", [5], "5 levels"],
    ["speedUnit", ["kmh", "mph"], "km/h or mph"],
    ["cutOffV", [30, 31.5], "30 or 31.5 V"],
    ["currentLimitA", [5, 6, 7, 8, 9, 10, 11, 12], "5 to 12 A"],
  ] as const)("%s of %j is %j", (setting, values, words) => expect(abilityWords(setting, ability(values))).toBe(words));

  it("says so where the scale is not known, all of it or a part", () => {
    expect(abilityWords("startStrengthShare", ability([], true))).toBe("shows 0 to 4, scale not known");
    expect(abilityWords("assistLevels", ability([3, 5], true))).toBe("3 or 5 levels; shows 0 to 4, scale not known");
    expect(abilityWords("assistLevels", { ...ability([]), last: "0" })).toBe("shows 0");
  });

  it("puts the one that is no number beside the span of those that are", () => {
    const words = abilityWords("levelAtPowerOn", ability([0, 1, 2, 3, 4, 5, 6, "last-used"]));
    expect(words).toMatch(/0.* to .*6.*, or .*last/);
  });

  it("reads well between any two displays that ship", () => {
    for (const a of SHIPPED_DISPLAYS)
      for (const b of SHIPPED_DISPLAYS)
        for (const row of compareDisplays(a, b))
          for (const side of [row.a, row.b])
            if (side)
              expect(abilityWords(row.setting, side), `${a.name} ${row.setting}`).not.toMatch(
                /undefined|NaN|^$|\[object/,
              );
  });
});
