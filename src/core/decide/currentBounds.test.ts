// What may be drawn from the battery: the least of the parts that are known, and no guess about those that are not.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readIntake } from "../facts/bike";
import type { IntakeText } from "../facts/intake";
import { allowedBySaid, isOver, motorFacts, partAmps, unknownParts } from "./currentBounds";

const bike = (intake: IntakeText) => readIntake(intake).bike;
const WHOLE: IntakeText = {
  controllerA: "20",
  bmsA: "25",
  motorKind: "geared-hub",
  motorRatedW: "500",
  packV: "48",
  connectorA: "30",
  wireMm2: "2.5",
};

describe("the parts that bound the current", () => {
  it("each bears what was said of it, or what its facts come to", () => {
    const amps = partAmps(bike(WHOLE));
    expect([amps.controller, amps.bms, amps.connector]).toEqual([20, 25, 30]);
    // 500 W × 1.75 ÷ 0.78 ÷ 48 V: worked by hand. 2.5 mm² at 12 A/mm².
    expect(amps.motor).toBeCloseTo(23.37, 2);
    expect(amps.wire).toBe(30);
  });
  it.each<[string, IntakeText, string]>([
    ["the controller", {}, "controller"],
    ["the BMS", { bmsA: "15" }, "bms"],
    ["the connector", { connectorA: "12" }, "connector"],
    ["the wire", { wireMm2: "1" }, "wire"],
    ["the motor, from memory, sets none: the controller", { motorRatedW: "250" }, "controller"],
  ])("%s sets it where it bears least", (_, edit, by) =>
    expect(allowedBySaid(bike({ ...WHOLE, ...edit }))?.by).toBe(by),
  );
  it("a wire is known by its area, or by its gauge where no area is said", () => {
    // ASTM B258: 14 AWG is 2.08 mm².
    expect(bike({ wireGauge: "14" }).wireMm2).toBeCloseTo(2.08, 2);
    expect(bike({ wireGauge: "14", wireMm2: "1.5" }).wireMm2).toBe(1.5);
  });
  it("a motor of which anything is unknown bounds nothing, and is named", () => {
    for (const missing of ["motorKind", "motorRatedW", "packV"] as const) {
      const lacking = bike({ ...WHOLE, [missing]: "" });
      expect(motorFacts(lacking)).toBeNull();
      expect(unknownParts(lacking)).toEqual(["motor"]);
    }
    expect(unknownParts(bike({}))).toEqual(["controller", "bms", "motor", "connector", "wire"]);
    expect(allowedBySaid(bike({}))).toBeNull();
  });
  it("what is from memory binds no closer than half an amp; what was said binds to the letter", () => {
    expect([
      isOver(20.1, { part: "controller", amps: 20 }),
      isOver(20.1, { part: "bms", amps: 20 }),
      isOver(20.1, { part: "connector", amps: 20 }),
    ]).toEqual([true, true, true]);
    expect([
      isOver(20.4, { part: "motor", amps: 20 }),
      isOver(20.6, { part: "motor", amps: 20 }),
      isOver(20.4, { part: "wire", amps: 20 }),
    ]).toEqual([false, true, false]);
  });
  it("is never more than any part bears, and always what one of them bears", () => {
    const amps = fc.integer({ min: 5, max: 190 });
    fc.assert(
      fc.property(
        fc.record(
          { controllerA: amps, bmsA: amps, connectorA: amps, motorRatedW: fc.integer({ min: 50, max: 8000 }) },
          { requiredKeys: [] },
        ),
        (parts) => {
          const said = Object.fromEntries(Object.entries(parts).map(([key, value]) => [key, String(value)]));
          const reading = bike({ motorKind: "mid-drive", packV: "36", ...said });
          const allowed = allowedBySaid(reading);
          const saidAmps = { ...partAmps(reading), motor: null };
          const known = Object.values(saidAmps).filter((each): each is number => each !== null);
          expect(allowed?.allowedA ?? null).toBe(known.length === 0 ? null : Math.min(...known));
          expect(allowed?.bounds.length ?? 0).toBe(known.length);
        },
      ),
    );
  });
});
