// Cut-offs of packs whose cells practice counts in more than one way: the larger pack is spared, and judged.
import { describe, expect, it } from "vitest";
import { LATHE } from "@/catalog/displays/lathe";
import { reasonWords } from "@/words";
import { factoryRaws, lineSetting, type DisplayProfile } from "../display";
import { cutOffFloor } from "../battery";
import { readIntake } from "../facts/bike";
import type { IntakeText } from "../facts/intake";
import { hazards } from "./hazards";
import { propose } from "../decide/propose";

const PACK: IntakeText = { packV: "60", chemistry: "nmc", controllerA: "20" };
const bikeOf = (intake: Partial<IntakeText>) => readIntake({ ...PACK, ...intake }).bike;

/** What the plan makes of the cut-off line, and why. */
function cutOff(profile: DisplayProfile, intake: Partial<IntakeText>) {
  const proposed = propose({
    profile,
    bike: bikeOf(intake),
    choice: null,
    asFound: factoryRaws(profile),
    byHand: { overrides: {}, unlocked: {} },
  }).find(({ line }) => line === lineSetting(profile, "cutOffV"));
  if (!proposed) throw new Error(`${profile.name} sets no cut-off`);
  const { why } = reasonWords(proposed.reason, profile.name, { unit: "kmh", className: "", classUnit: "kmh" });
  return { volts: proposed.raw === null ? null : proposed.raw / 10, why: why.join(" ") };
}

describe("the cells of a pack", () => {
  it.each([
    ["24", "lfp", [8]],
    ["60", "nmc", [16, 17]],
    ["48", "lfp", [15, 16]],
    ["72", "lfp", [24]],
    ["50", "nmc", []],
  ])("%s V of %s may have %j in series", (packV, chemistry, options) => {
    const bike = bikeOf({ packV, chemistry });
    expect(bike.seriesOptions).toEqual(options);
    expect(bike.series).toBe(options[0] ?? null);
  });

  it("are as said where they are said", () => expect(bikeOf({ series: "17" }).seriesOptions).toEqual([17]));
});

describe("the cut-off of a pack that may be one of two", () => {
  it("spares the larger one, and says how to find out which it is", () => {
    // 17 × 3.1 V = 52.7 V, in half volts 53.
    expect(cutOff(LATHE, {})).toEqual({
      volts: 53,
      why: expect.stringContaining(
        "Such a pack has 16 or 17 cells in series; the volts its charger ends at tell which. Spared are 17",
      ),
    });
    // 16 × 2.8 V = 44.8 V.
    expect(cutOff(LATHE, { packV: "48", chemistry: "lfp" }).volts).toBe(45);
  });

  it("is that of the cells said, once they are", () => {
    // 16 × 3.1 V = 49.6 V.
    expect(cutOff(LATHE, { series: "16" })).toEqual({
      volts: 50,
      why: expect.stringContaining("16 cells in series, none taken under"),
    });
  });

  it("is not proposed where nobody knows the cells", () =>
    expect(cutOff(LATHE, { packV: "50" })).toMatchObject({ volts: null }));

  it("is judged by the pack that would suffer", () => {
    const line = LATHE.lines.findIndex((each) => each === lineSetting(LATHE, "cutOffV"));
    const keys = (volts: number, intake: Partial<IntakeText>) =>
      hazards(LATHE, factoryRaws(LATHE).with(line, volts * 10), bikeOf(intake)).map(({ message }) => message.key);
    const { leastV } = cutOffFloor(17, "nmc", 0.5);
    expect(leastV).toBe(51);
    expect(keys(50.5, {})).toContain("hazard.cut-off-too-low");
    expect(keys(51, {})).not.toContain("hazard.cut-off-too-low");
    expect(keys(50.5, { series: "16" })).not.toContain("hazard.cut-off-too-low");
  });

  it("holds for a 24 V and a 72 V pack as for any other", () => {
    for (const [packV, chemistry] of [
      ["24", "nmc"],
      ["24", "lfp"],
      ["72", "nmc"],
    ] as const)
      expect(cutOff(LATHE, { packV, chemistry }).why).toContain("cells in series");
  });
});
