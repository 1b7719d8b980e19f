// The sweep's time: 9 levels, 13 grades, 2 setups, as the worker runs it.
import { expect, it } from "vitest";
import { FULL_DRIVE, likelyHub, likelyMid, type Drive } from "./kit";
import type { RideSetup } from "./steady";
import { cellCount, GRADES, sweep } from "./sweep";

const hub: RideSetup = { kit: { motor: likelyHub("geared-hub", 500, 48), pack: { openCircuitV: 50, resistanceOhm: 0.16 }, batteryA: 20, rolloutMm: 2155, ratedW: 500 }, body: { massKg: 104, cdaM2: 0.52 }, rider: { powerW: 100, cadenceRpm: 70 }, capKmh: 32, usableWh: 600, standbyW: 3 };

it("9 levels × 13 grades × 2 setups in under 300 ms", () => {
  const drives: readonly Drive[] = Array.from({ length: 9 }, (_, i) => (i === 8 ? FULL_DRIVE : { kind: "current", share: (i + 1) / 9 }));
  const ask = { setups: [{ setup: hub, drives }, { setup: { ...hub, kit: { ...hub.kit, motor: likelyMid(250) } }, drives }], grades: GRADES, road: { headwindKmh: 0, crr: 0.008, airKgM3: 1.225 } };
  expect(cellCount(ask)).toBe(9 * 13 * 2);
  const times = Array.from({ length: 5 }, () => {
    const began = performance.now();
    const run = sweep(ask);
    while (!run.next().done);
    return performance.now() - began;
  }).sort((a, b) => a - b);
  expect(times[2]).toBeLessThan(300);
});
