// Checked against every subsequence there is.
import { describe, expect, it } from "vitest";
import { seeded } from "../../units/seeded";
import { heaviestRise, type Counted } from "./chain";

const weightOf = (items: readonly Counted[]): number => items.reduce((sum, { weight }) => sum + weight, 0);

function heaviest(items: readonly Counted[]): number {
  let best = 0;
  for (let mask = 0; mask < 2 ** items.length; mask++) {
    const chosen = items.filter((_, i) => Math.floor(mask / 2 ** i) % 2 === 1);
    if (chosen.every((item, i) => i === 0 || item.value > (chosen[i - 1]?.value ?? 0)))
      best = Math.max(best, weightOf(chosen));
  }
  return best;
}

describe("the heaviest rise", () => {
  it("is the heaviest of all", () => {
    const random = seeded(3);
    for (let n = 0; n < 200; n++) {
      const items = Array.from({ length: 1 + Math.floor(random() * 9) }, (_, at) => ({
        at,
        value: Math.floor(random() * 12) * 100,
        weight: 0.1 + random(),
      }));
      const rise = heaviestRise(items);
      expect(rise.every((item, i) => i === 0 || item.value > (rise[i - 1]?.value ?? 0))).toBe(true);
      expect(weightOf(rise)).toBeCloseTo(heaviest(items), 9);
    }
  });
  it("of nothing is nothing", () => expect(heaviestRise([])).toEqual([]));
});
