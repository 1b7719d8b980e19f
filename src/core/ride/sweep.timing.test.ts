// The sweep's time: 9 levels, 13 grades, 2 setups, as the worker runs it.
import { expect, it } from "vitest";
import { FULL_DRIVE, likelyMid, type Drive } from "./kit";
import { cellCount, GRADES, sweep } from "./sweep";
import { FLAT, SMALL_HUB } from "./testingRide";

it("9 levels × 13 grades × 2 setups in under 300 ms", () => {
  const drives: readonly Drive[] = Array.from({ length: 9 }, (_, i) =>
    i === 8 ? FULL_DRIVE : { kind: "current", share: (i + 1) / 9 },
  );
  const ask = {
    setups: [
      { setup: SMALL_HUB, drives },
      { setup: { ...SMALL_HUB, kit: { ...SMALL_HUB.kit, motor: likelyMid(250) } }, drives },
    ],
    grades: GRADES,
    road: FLAT,
  };
  expect(cellCount(ask)).toBe(9 * 13 * 2);
  const times = Array.from({ length: 5 }, () => {
    const began = performance.now();
    const run = sweep(ask);
    while (!run.next().done);
    return performance.now() - began;
  }).sort((a, b) => a - b);
  expect(times[2]).toBeLessThan(300);
});
