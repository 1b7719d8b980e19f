import { describe, expect, it } from "vitest";
import { DRY_TEST, stopFrom } from "./stopping";

describe("a stop", () => {
  it("takes the way of the test at its speed, and four times that at twice the speed", () => {
    expect(stopFrom(DRY_TEST.fromKmh, 100).wayM).toBeCloseTo(DRY_TEST.withinM, 9);
    expect(stopFrom(50, 100).wayM).toBeCloseTo(28, 9);
    expect(stopFrom(50, 140).wayM).toBeCloseTo(28, 9);
  });
  it("takes up the energy of motion: 100 kg at 36 km/h are 5 kJ", () => {
    // Any handbook of mechanics: E = m v² / 2, 36 km/h = 10 m/s.
    expect(stopFrom(36, 100).energyJ).toBeCloseTo(5000, 9);
    expect(stopFrom(45, 120).energyJ / stopFrom(25, 120).energyJ).toBeCloseTo((45 / 25) ** 2, 9);
    expect(stopFrom(0, 120)).toEqual({ energyJ: 0, wayM: 0 });
  });
});
